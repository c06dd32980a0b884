<?php

namespace Oak\Barcode;

/** A bar or a gap. */
final class Bar
{
    public function __construct(public readonly int $width, public readonly bool $dark)
    {
    }

    public function scaled(int $by): self
    {
        return new self($this->width * $by, $this->dark);
    }
}
