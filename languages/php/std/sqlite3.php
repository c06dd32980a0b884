<?php

const SQLITE3_ASSOC = 1;
const SQLITE3_NUM = 2;
const SQLITE3_BOTH = 3;
const SQLITE3_INTEGER = 1;
const SQLITE3_FLOAT = 2;
const SQLITE3_TEXT = 3;
const SQLITE3_BLOB = 4;
const SQLITE3_NULL = 5;
const SQLITE3_OPEN_READONLY = 1;
const SQLITE3_OPEN_READWRITE = 2;
const SQLITE3_OPEN_CREATE = 4;
const SQLITE3_DETERMINISTIC = 2048;
/** A data base in a file. */
class SQLite3
{
    public const OK = 0;
    public const DENY = 1;
    public const IGNORE = 2;
    public const CREATE_INDEX = 1;
    public const CREATE_TABLE = 2;
    public const CREATE_TEMP_INDEX = 3;
    public const CREATE_TEMP_TABLE = 4;
    public const CREATE_TEMP_TRIGGER = 5;
    public const CREATE_TEMP_VIEW = 6;
    public const CREATE_TRIGGER = 7;
    public const CREATE_VIEW = 8;
    public const DELETE = 9;
    public const DROP_INDEX = 10;
    public const DROP_TABLE = 11;
    public const DROP_TEMP_INDEX = 12;
    public const DROP_TEMP_TABLE = 13;
    public const DROP_TEMP_TRIGGER = 14;
    public const DROP_TEMP_VIEW = 15;
    public const DROP_TRIGGER = 16;
    public const DROP_VIEW = 17;
    public const INSERT = 18;
    public const PRAGMA = 19;
    public const READ = 20;
    public const SELECT = 21;
    public const TRANSACTION = 22;
    public const UPDATE = 23;
    public const ATTACH = 24;
    public const DETACH = 25;
    public const ALTER_TABLE = 26;
    public const REINDEX = 27;
    public const ANALYZE = 28;
    public const CREATE_VTABLE = 29;
    public const DROP_VTABLE = 30;
    public const FUNCTION = 31;
    public const SAVEPOINT = 32;
    public const COPY = 0;
    public const RECURSIVE = 33;
    public function __construct(string $filename, int $flags = 6, string $encryptionKey = '') {}
    public function open(string $filename, int $flags = 6, string $encryptionKey = ''): void {}
    public function close() {}
    public static function version(): array {}
    public function lastInsertRowID(): int {}
    public function lastErrorCode(): int {}
    public function lastExtendedErrorCode(): int {}
    public function lastErrorMsg(): string {}
    public function changes(): int {}
    public function busyTimeout(int $milliseconds): bool {}
    public function loadExtension(string $name): bool {}
    public function backup(\SQLite3 $destination, string $sourceDatabase = 'main', string $destinationDatabase = 'main'): bool {}
    public static function escapeString(string $string): string {}
    public function prepare(string $query): \SQLite3Stmt|false {}
    public function exec(string $query): bool {}
    public function query(string $query): \SQLite3Result|false {}
    public function querySingle(string $query, bool $entireRow = false): mixed {}
    public function createFunction(string $name, callable $callback, int $argCount = -1, int $flags = 0): bool {}
    public function createAggregate(string $name, callable $stepCallback, callable $finalCallback, int $argCount = -1): bool {}
    public function createCollation(string $name, callable $callback): bool {}
    public function openBlob(string $table, string $column, int $rowid, string $database = 'main', int $flags = SQLITE3_OPEN_READONLY) {}
    public function enableExceptions(bool $enable = false): bool {}
    public function enableExtendedResultCodes(bool $enable = true): bool {}
    public function setAuthorizer(?callable $callback): bool {}
}

class SQLite3Stmt
{
    public function bindParam(string|int $param, mixed &$var, int $type = SQLITE3_TEXT): bool {}
    public function bindValue(string|int $param, mixed $value, int $type = SQLITE3_TEXT): bool {}
    public function clear(): bool {}
    public function close(): bool {}
    public function execute(): \SQLite3Result|false {}
    public function getSQL(bool $expand = false): string|false {}
    public function paramCount(): int {}
    public function readOnly(): bool {}
    public function reset(): bool {}
}

class SQLite3Result
{
    public function numColumns(): int {}
    public function columnName(int $column): string|false {}
    public function columnType(int $column): int|false {}
    public function fetchArray(int $mode = SQLITE3_BOTH): array|false {}
    public function reset(): bool {}
    public function finalize() {}
}

