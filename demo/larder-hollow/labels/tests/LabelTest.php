<?php

declare(strict_types=1);

namespace Larder\Labels\Tests;

use Larder\Labels\Drawing;
use Larder\Labels\Family;
use Larder\Labels\Label;
use Oak\Barcode\Code39;
use PHPUnit\Framework\TestCase;

final class LabelTest extends TestCase
{
    public function testTheCodeHasFourDigits(): void
    {
        self::assertSame('LH-0042', $this->label(42)->code);
    }

    public function testBarsAreDrawn(): void
    {
        $drawing = (string) new Drawing((new Code39())->encode($this->label(7)->code));
        self::assertStringContainsString('<rect', $drawing);
    }

    private function label(int $wheel): Label
    {
        return Label::ofRow(['id' => $wheel, 'name' => 'Old Quarry', 'family' => 'blue', 'weight_grams' => 8100, 'turned_at' => '2025-03-01']);
    }

    public function testAnUnknownFamilyIsHard(): void
    {
        self::assertSame(Family::Hard, Family::ofRow(['family' => 'smoked']));
    }
}
