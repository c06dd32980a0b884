<?php

const MT_RAND_MT19937 = 0;
const MT_RAND_PHP = 1;
function lcg_value(): float {}
function mt_srand(int $seed = null, int $mode = MT_RAND_MT19937): void {}
function srand(int $seed = null, int $mode = MT_RAND_MT19937): void {}
function rand(int $min = null, int $max = null): int {}
function mt_rand(int $min = null, int $max = null): int {}
function mt_getrandmax(): int {}
function getrandmax(): int {}
/** Bytes nobody can foretell. */
function random_bytes(int $length): string {}
/** A number nobody can foretell. */
function random_int(int $min, int $max): int {}
