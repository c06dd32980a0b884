<?php

function bcadd(string $num1, string $num2, ?int $scale = NULL): string {}
function bcsub(string $num1, string $num2, ?int $scale = NULL): string {}
function bcmul(string $num1, string $num2, ?int $scale = NULL): string {}
function bcdiv(string $num1, string $num2, ?int $scale = NULL): string {}
function bcmod(string $num1, string $num2, ?int $scale = NULL): string {}
function bcpowmod(string $num, string $exponent, string $modulus, ?int $scale = NULL): string {}
function bcpow(string $num, string $exponent, ?int $scale = NULL): string {}
function bcsqrt(string $num, ?int $scale = NULL): string {}
function bccomp(string $num1, string $num2, ?int $scale = NULL): int {}
function bcscale(?int $scale = NULL): int {}
