<?php

namespace Random;

interface Engine
{
    public function generate(): string;
}

interface CryptoSafeEngine extends \Random\Engine
{
}

class RandomError extends \Error
{
}

class BrokenRandomEngineError extends \Random\RandomError
{
}

class RandomException extends \Exception
{
}

final class Randomizer
{
    public \Random\Engine $engine;
    public function __construct(?\Random\Engine $engine = NULL) {}
    public function nextInt(): int {}
    public function getInt(int $min, int $max): int {}
    public function getBytes(int $length): string {}
    public function shuffleArray(array $array): array {}
    public function shuffleBytes(string $bytes): string {}
    public function pickArrayKeys(array $array, int $num): array {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
}

