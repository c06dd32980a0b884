<?php

namespace Oak\Barcode;

/** A way to write text as bars. */
interface Symbology
{
    /**
     * @return Bar[] the bars, from the left
     * @throws Unencodable where a letter has no bars
     */
    public function encode(string $text): array;
}
