<?php

class PharException extends \Exception
{
}

class Phar extends \RecursiveDirectoryIterator implements \Countable, \ArrayAccess
{
    public const BZ2 = 8192;
    public const GZ = 4096;
    public const NONE = 0;
    public const PHAR = 1;
    public const TAR = 2;
    public const ZIP = 3;
    public const COMPRESSED = 61440;
    public const PHP = 0;
    public const PHPS = 1;
    public const MD5 = 1;
    public const OPENSSL = 16;
    public const OPENSSL_SHA256 = 17;
    public const OPENSSL_SHA512 = 18;
    public const SHA1 = 2;
    public const SHA256 = 3;
    public const SHA512 = 4;
    public function __construct(string $filename, int $flags = 12288, ?string $alias = NULL) {}
    public function __destruct() {}
    public function addEmptyDir(string $directory): void {}
    public function addFile(string $filename, ?string $localName = NULL): void {}
    public function addFromString(string $localName, string $contents): void {}
    public function buildFromDirectory(string $directory, string $pattern = ''): array {}
    public function buildFromIterator(\Traversable $iterator, ?string $baseDirectory = NULL): array {}
    public function compressFiles(int $compression): void {}
    public function decompressFiles() {}
    public function compress(int $compression, ?string $extension = NULL): ?\Phar {}
    public function decompress(?string $extension = NULL): ?\Phar {}
    public function convertToExecutable(?int $format = NULL, ?int $compression = NULL, ?string $extension = NULL): ?\Phar {}
    public function convertToData(?int $format = NULL, ?int $compression = NULL, ?string $extension = NULL): ?\PharData {}
    public function copy(string $from, string $to) {}
    public function count(int $mode = COUNT_NORMAL): int {}
    public function delete(string $localName) {}
    public function delMetadata() {}
    public function extractTo(string $directory, array|string|null $files = NULL, bool $overwrite = false): bool {}
    public function getAlias(): ?string {}
    public function getPath(): string {}
    public function getMetadata(array $unserializeOptions = array ()): mixed {}
    public function getModified(): bool {}
    public function getSignature(): array|false {}
    public function getStub(): string {}
    public function getVersion(): string {}
    public function hasMetadata(): bool {}
    public function isBuffering(): bool {}
    public function isCompressed(): int|false {}
    public function isFileFormat(int $format): bool {}
    public function isWritable(): bool {}
    public function offsetExists($localName): bool {}
    public function offsetGet($localName): \SplFileInfo {}
    public function offsetSet($localName, $value): void {}
    public function offsetUnset($localName): void {}
    public function setAlias(string $alias): bool {}
    public function setDefaultStub(?string $index = NULL, ?string $webIndex = NULL): bool {}
    public function setMetadata(mixed $metadata): void {}
    public function setSignatureAlgorithm(int $algo, ?string $privateKey = NULL): void {}
    public function setStub($stub, int $length = null) {}
    public function startBuffering(): void {}
    public function stopBuffering(): void {}
    final public static function apiVersion(): string {}
    final public static function canCompress(int $compression = 0): bool {}
    final public static function canWrite(): bool {}
    final public static function createDefaultStub(?string $index = NULL, ?string $webIndex = NULL): string {}
    final public static function getSupportedCompression(): array {}
    final public static function getSupportedSignatures(): array {}
    final public static function interceptFileFuncs(): void {}
    final public static function isValidPharFilename(string $filename, bool $executable = true): bool {}
    final public static function loadPhar(string $filename, ?string $alias = NULL): bool {}
    final public static function mapPhar(?string $alias = NULL, int $offset = 0): bool {}
    final public static function running(bool $returnPhar = true): string {}
    final public static function mount(string $pharPath, string $externalPath): void {}
    final public static function mungServer(array $variables): void {}
    final public static function unlinkArchive(string $filename): bool {}
    final public static function webPhar(?string $alias = NULL, ?string $index = NULL, ?string $fileNotFoundScript = NULL, array $mimeTypes = array (), ?callable $rewrite = NULL): void {}
}

class PharData extends \RecursiveDirectoryIterator implements \Countable, \ArrayAccess
{
    public function __construct(string $filename, int $flags = 12288, ?string $alias = NULL, int $format = 0) {}
    public function __destruct() {}
    public function addEmptyDir(string $directory): void {}
    public function addFile(string $filename, ?string $localName = NULL): void {}
    public function addFromString(string $localName, string $contents): void {}
    public function buildFromDirectory(string $directory, string $pattern = ''): array {}
    public function buildFromIterator(\Traversable $iterator, ?string $baseDirectory = NULL): array {}
    public function compressFiles(int $compression): void {}
    public function decompressFiles() {}
    public function compress(int $compression, ?string $extension = NULL): ?\PharData {}
    public function decompress(?string $extension = NULL): ?\PharData {}
    public function convertToExecutable(?int $format = NULL, ?int $compression = NULL, ?string $extension = NULL): ?\Phar {}
    public function convertToData(?int $format = NULL, ?int $compression = NULL, ?string $extension = NULL): ?\PharData {}
    public function copy(string $from, string $to) {}
    public function count(int $mode = COUNT_NORMAL): int {}
    public function delete(string $localName) {}
    public function delMetadata() {}
    public function extractTo(string $directory, array|string|null $files = NULL, bool $overwrite = false): bool {}
    public function getAlias(): ?string {}
    public function getPath(): string {}
    public function getMetadata(array $unserializeOptions = array ()): mixed {}
    public function getModified(): bool {}
    public function getSignature(): array|false {}
    public function getStub(): string {}
    public function getVersion(): string {}
    public function hasMetadata(): bool {}
    public function isBuffering(): bool {}
    public function isCompressed(): int|false {}
    public function isFileFormat(int $format): bool {}
    public function isWritable(): bool {}
    public function offsetExists($localName): bool {}
    public function offsetGet($localName): \SplFileInfo {}
    public function offsetSet($localName, $value): void {}
    public function offsetUnset($localName): void {}
    public function setAlias(string $alias): bool {}
    public function setDefaultStub(?string $index = NULL, ?string $webIndex = NULL): bool {}
    public function setMetadata(mixed $metadata): void {}
    public function setSignatureAlgorithm(int $algo, ?string $privateKey = NULL): void {}
    public function setStub($stub, int $length = null) {}
    public function startBuffering(): void {}
    public function stopBuffering(): void {}
    final public static function apiVersion(): string {}
    final public static function canCompress(int $compression = 0): bool {}
    final public static function canWrite(): bool {}
    final public static function createDefaultStub(?string $index = NULL, ?string $webIndex = NULL): string {}
    final public static function getSupportedCompression(): array {}
    final public static function getSupportedSignatures(): array {}
    final public static function interceptFileFuncs(): void {}
    final public static function isValidPharFilename(string $filename, bool $executable = true): bool {}
    final public static function loadPhar(string $filename, ?string $alias = NULL): bool {}
    final public static function mapPhar(?string $alias = NULL, int $offset = 0): bool {}
    final public static function running(bool $returnPhar = true): string {}
    final public static function mount(string $pharPath, string $externalPath): void {}
    final public static function mungServer(array $variables): void {}
    final public static function unlinkArchive(string $filename): bool {}
    final public static function webPhar(?string $alias = NULL, ?string $index = NULL, ?string $fileNotFoundScript = NULL, array $mimeTypes = array (), ?callable $rewrite = NULL): void {}
}

class PharFileInfo extends \SplFileInfo
{
    public function __construct(string $filename) {}
    public function __destruct() {}
    public function chmod(int $perms): void {}
    public function compress(int $compression) {}
    public function decompress() {}
    public function delMetadata() {}
    public function getCompressedSize(): int {}
    public function getCRC32(): int {}
    public function getContent(): string {}
    public function getMetadata(array $unserializeOptions = array ()): mixed {}
    public function getPharFlags(): int {}
    public function hasMetadata(): bool {}
    public function isCompressed(?int $compression = NULL): bool {}
    public function isCRCChecked(): bool {}
    public function setMetadata(mixed $metadata): void {}
}

