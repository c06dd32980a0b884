<?php

namespace Random\Engine;

final class Mt19937 implements \Random\Engine
{
    public function __construct(?int $seed = NULL, int $mode = MT_RAND_MT19937) {}
    public function generate(): string {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function __debugInfo(): array {}
}

final class PcgOneseq128XslRr64 implements \Random\Engine
{
    public function __construct(string|int|null $seed = NULL) {}
    public function generate(): string {}
    public function jump(int $advance): void {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function __debugInfo(): array {}
}

final class Xoshiro256StarStar implements \Random\Engine
{
    public function __construct(string|int|null $seed = NULL) {}
    public function generate(): string {}
    public function jump(): void {}
    public function jumpLong(): void {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function __debugInfo(): array {}
}

final class Secure implements \Random\CryptoSafeEngine
{
    public function generate(): string {}
}

