<?php

declare(strict_types=1);

namespace Larder\Labels;

use Oak\Barcode\Bar;
use Stringable;

/** Bars as an SVG picture. */
final class Drawing implements Stringable
{
    private int $x = 0;

    /** @var string[] */
    private array $parts = [];

    /** @param Bar[] $bars */
    public function __construct(array $bars, private readonly int $height = 40)
    {
        array_walk($bars, $this->add(...));
    }

    private function add(Bar $bar): void
    {
        if ($bar->dark) {
            $this->parts[] = sprintf('<rect x="%d" width="%d" height="%d"/>', $this->x, $bar->width, $this->height);
        }
        $this->x += $bar->width;
    }

    public function __toString(): string
    {
        return sprintf('<svg viewBox="0 0 %d %d">%s</svg>', $this->x, $this->height, implode('', $this->parts));
    }
}
