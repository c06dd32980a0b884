<?php

namespace Oak\Barcode;

use DomainException;

/** A letter that has no bars. */
class Unencodable extends DomainException
{
    public static function letter(string $letter): self
    {
        return new self("no bars for '$letter'");
    }
}
