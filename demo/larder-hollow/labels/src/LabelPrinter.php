<?php

declare(strict_types=1);

namespace Larder\Labels;

use Oak\Barcode\Code39;
use Oak\Barcode\Symbology;
use Oak\Barcode\Unencodable;
use Oak\Paper\Roll;

/** Puts labels on paper. */
class LabelPrinter
{
    private int $printed = 0;

    public function __construct(private readonly Roll $roll, private readonly Symbology $bars = new Code39())
    {
    }

    public function print(Label ...$labels): int
    {
        foreach ($labels as $label) {
            $this->roll->feed($this->page($label));
            $this->printed++;
        }
        return $this->printed;
    }

    /** The label as a page; without bars where its code has none. */
    public function page(Label $label): string
    {
        try {
            $drawing = (string) new Drawing($this->bars->encode($label->code));
        } catch (Unencodable) {
            $drawing = '';
        }
        return render(__DIR__ . '/../templates/label.html', [
            'label' => $label,
            'drawing' => $drawing,
            'colour' => $label->family->colour(),
        ]);
    }
}

/** @param array<string, mixed> $values */
function render(string $template, array $values): string
{
    return preg_replace_callback(
        '/\{\{ *(\w+)(?:\.(\w+))? *\}\}/',
        static fn (array $found): string => isset($found[2]) ? (string) $values[$found[1]]->{$found[2]} : (string) $values[$found[1]],
        (string) file_get_contents($template),
    );
}
