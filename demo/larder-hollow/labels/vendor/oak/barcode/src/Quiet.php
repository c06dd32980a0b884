<?php

namespace Oak\Barcode;

/** Room around bars. */
trait Quiet
{
    /** @return Bar[] */
    protected function quiet(int $width): array
    {
        return [new Bar($width, false)];
    }
}
