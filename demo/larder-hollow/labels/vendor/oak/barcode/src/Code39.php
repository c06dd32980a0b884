<?php

namespace Oak\Barcode;

/** Nine elements a letter, three of them wide. */
class Code39 implements Symbology
{
    use Quiet;

    private const WIDE = 3;

    private const PATTERNS = [
        '0' => '000110100', '1' => '100100001', '2' => '001100001', '3' => '101100000', '4' => '000110001',
        '5' => '100110000', '6' => '001110000', '7' => '000100101', '8' => '100100100', '9' => '001100100',
        'H' => '100001001', 'L' => '000001001', '-' => '010000101', '*' => '010010100',
    ];

    public function encode(string $text): array
    {
        $bars = $this->quiet(10);
        foreach (str_split("*$text*") as $letter) {
            array_push($bars, ...$this->letter($letter), ...$this->quiet(1));
        }
        return $bars;
    }

    /** @return Bar[] */
    private function letter(string $letter): array
    {
        $pattern = self::PATTERNS[strtoupper($letter)] ?? throw Unencodable::letter($letter);
        $bars = [];
        foreach (str_split($pattern) as $i => $wide) {
            $bars[] = new Bar($wide === '1' ? self::WIDE : 1, $i % 2 === 0);
        }
        return $bars;
    }
}
