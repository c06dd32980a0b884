<?php

declare(strict_types=1);

namespace Larder\Labels;

use DateTimeImmutable;

/**
 * What stands on a label.
 *
 * @property-read string $code the number of the wheel, as it is scanned
 */
final class Label
{
    public function __construct(
        public readonly int $wheel,
        public readonly string $cheese,
        public readonly Family $family,
        public readonly int $grams,
        public readonly DateTimeImmutable $made,
    ) {
    }

    public function __get(string $name): string
    {
        return $name === 'code' ? sprintf('LH-%04d', $this->wheel) : '';
    }

    public function weight(): string
    {
        return number_format($this->grams / 1000, 2) . ' kg';
    }

    /** @param array<string, mixed> $row a row of wheels and cheeses */
    public static function ofRow(array $row): static
    {
        return new static((int) $row['id'], $row['name'], Family::ofRow($row), (int) $row['weight_grams'], new DateTimeImmutable($row['turned_at']));
    }
}
