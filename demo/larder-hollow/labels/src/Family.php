<?php

declare(strict_types=1);

namespace Larder\Labels;

/** Families of cheese, and how their labels look. */
enum Family: string
{
    case Washed = 'washed';
    case Blue = 'blue';
    case Hard = 'hard';
    case Bloomy = 'bloomy';

    public function colour(): string
    {
        return match ($this) {
            self::Washed => '#b5651d',
            self::Blue => '#2f4f7f',
            self::Hard => '#8b7d3a',
            self::Bloomy => '#d8cfc0',
        };
    }

    public static function ofRow(array $row): self
    {
        return self::tryFrom($row['family'] ?? '') ?? self::Hard;
    }
}
