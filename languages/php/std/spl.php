<?php

/** A fault of the program itself. */
class LogicException extends \Exception
{
}

class BadFunctionCallException extends \LogicException
{
}

/** A method that is not there. */
class BadMethodCallException extends \BadFunctionCallException
{
}

/** A value outside what is allowed. */
class DomainException extends \LogicException
{
}

/** An argument that is not allowed. */
class InvalidArgumentException extends \LogicException
{
}

/** A length that is not allowed. */
class LengthException extends \LogicException
{
}

/** A number outside its range. */
class OutOfRangeException extends \LogicException
{
}

/** A fault met while running. */
class RuntimeException extends \Exception
{
}

/** A key that is not there. */
class OutOfBoundsException extends \RuntimeException
{
}

class OverflowException extends \RuntimeException
{
}

class RangeException extends \RuntimeException
{
}

class UnderflowException extends \RuntimeException
{
}

/** A value nobody expected. */
class UnexpectedValueException extends \RuntimeException
{
}

interface RecursiveIterator extends \Iterator
{
    public function hasChildren(): bool;
    public function getChildren(): ?\RecursiveIterator;
}

interface OuterIterator extends \Iterator
{
    public function getInnerIterator(): ?\Iterator;
}

/** A walk through a tree. */
class RecursiveIteratorIterator implements \OuterIterator
{
    public const LEAVES_ONLY = 0;
    public const SELF_FIRST = 1;
    public const CHILD_FIRST = 2;
    public const CATCH_GET_CHILD = 16;
    public function __construct(\Traversable $iterator, int $mode = RecursiveIteratorIterator::LEAVES_ONLY, int $flags = 0) {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): mixed {}
    public function current(): mixed {}
    public function next(): void {}
    public function getDepth(): int {}
    public function getSubIterator(?int $level = NULL): ?\RecursiveIterator {}
    public function getInnerIterator(): \RecursiveIterator {}
    public function beginIteration(): void {}
    public function endIteration(): void {}
    public function callHasChildren(): bool {}
    public function callGetChildren(): ?\RecursiveIterator {}
    public function beginChildren(): void {}
    public function endChildren(): void {}
    public function nextElement(): void {}
    public function setMaxDepth(int $maxDepth = -1): void {}
    public function getMaxDepth(): int|false {}
}

/** A walk around anything that can be walked. */
class IteratorIterator implements \OuterIterator
{
    public function __construct(\Traversable $iterator, ?string $class = NULL) {}
    public function getInnerIterator(): ?\Iterator {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): mixed {}
    public function current(): mixed {}
    public function next(): void {}
}

/** A walk that leaves some out. */
abstract class FilterIterator extends \IteratorIterator
{
    abstract public function accept(): bool;
    public function __construct(\Iterator $iterator) {}
    public function rewind(): void {}
    public function next(): void {}
}

abstract class RecursiveFilterIterator extends \FilterIterator implements \RecursiveIterator
{
    public function __construct(\RecursiveIterator $iterator) {}
    public function hasChildren(): bool {}
    public function getChildren(): ?\RecursiveFilterIterator {}
}

/** A walk that a function filters. */
class CallbackFilterIterator extends \FilterIterator
{
    public function __construct(\Iterator $iterator, callable $callback) {}
    public function accept(): bool {}
}

class RecursiveCallbackFilterIterator extends \CallbackFilterIterator implements \RecursiveIterator
{
    public function __construct(\RecursiveIterator $iterator, callable $callback) {}
    public function hasChildren(): bool {}
    public function getChildren(): \RecursiveCallbackFilterIterator {}
}

class ParentIterator extends \RecursiveFilterIterator
{
    public function __construct(\RecursiveIterator $iterator) {}
    public function accept(): bool {}
}

interface SeekableIterator extends \Iterator
{
    public function seek(int $offset): void;
}

class LimitIterator extends \IteratorIterator
{
    public function __construct(\Iterator $iterator, int $offset = 0, int $limit = -1) {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function next(): void {}
    public function seek(int $offset): int {}
    public function getPosition(): int {}
}

class CachingIterator extends \IteratorIterator implements \Stringable, \ArrayAccess, \Countable
{
    public const CALL_TOSTRING = 1;
    public const CATCH_GET_CHILD = 16;
    public const TOSTRING_USE_KEY = 2;
    public const TOSTRING_USE_CURRENT = 4;
    public const TOSTRING_USE_INNER = 8;
    public const FULL_CACHE = 256;
    public function __construct(\Iterator $iterator, int $flags = CachingIterator::CALL_TOSTRING) {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function next(): void {}
    public function hasNext(): bool {}
    public function __toString(): string {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
    public function offsetGet($key): mixed {}
    public function offsetSet($key, mixed $value): void {}
    public function offsetUnset($key): void {}
    public function offsetExists($key): bool {}
    public function getCache(): array {}
    public function count(): int {}
}

class RecursiveCachingIterator extends \CachingIterator implements \RecursiveIterator
{
    public function __construct(\Iterator $iterator, int $flags = RecursiveCachingIterator::CALL_TOSTRING) {}
    public function hasChildren(): bool {}
    public function getChildren(): ?\RecursiveCachingIterator {}
}

class NoRewindIterator extends \IteratorIterator
{
    public function __construct(\Iterator $iterator) {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): mixed {}
    public function current(): mixed {}
    public function next(): void {}
}

class AppendIterator extends \IteratorIterator
{
    public function __construct() {}
    public function append(\Iterator $iterator): void {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function current(): mixed {}
    public function next(): void {}
    public function getIteratorIndex(): ?int {}
    public function getArrayIterator(): \ArrayIterator {}
}

class InfiniteIterator extends \IteratorIterator
{
    public function __construct(\Iterator $iterator) {}
    public function next(): void {}
}

class RegexIterator extends \FilterIterator
{
    public const USE_KEY = 1;
    public const INVERT_MATCH = 2;
    public const MATCH = 0;
    public const GET_MATCH = 1;
    public const ALL_MATCHES = 2;
    public const SPLIT = 3;
    public const REPLACE = 4;
    public ?string $replacement;
    public function __construct(\Iterator $iterator, string $pattern, int $mode = RegexIterator::MATCH, int $flags = 0, int $pregFlags = 0) {}
    public function accept(): bool {}
    public function getMode(): int {}
    public function setMode(int $mode): void {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
    public function getRegex(): string {}
    public function getPregFlags(): int {}
    public function setPregFlags(int $pregFlags): void {}
}

class RecursiveRegexIterator extends \RegexIterator implements \RecursiveIterator
{
    public function __construct(\RecursiveIterator $iterator, string $pattern, int $mode = RecursiveRegexIterator::MATCH, int $flags = 0, int $pregFlags = 0) {}
    public function accept(): bool {}
    public function hasChildren(): bool {}
    public function getChildren(): \RecursiveRegexIterator {}
}

class EmptyIterator implements \Iterator
{
    public function current(): never {}
    public function next(): void {}
    public function key(): never {}
    public function valid(): false {}
    public function rewind(): void {}
}

class RecursiveTreeIterator extends \RecursiveIteratorIterator
{
    public const BYPASS_CURRENT = 4;
    public const BYPASS_KEY = 8;
    public const PREFIX_LEFT = 0;
    public const PREFIX_MID_HAS_NEXT = 1;
    public const PREFIX_MID_LAST = 2;
    public const PREFIX_END_HAS_NEXT = 3;
    public const PREFIX_END_LAST = 4;
    public const PREFIX_RIGHT = 5;
    public function __construct($iterator, int $flags = RecursiveTreeIterator::BYPASS_KEY, int $cachingIteratorFlags = CachingIterator::CATCH_GET_CHILD, int $mode = RecursiveTreeIterator::SELF_FIRST) {}
    public function key(): mixed {}
    public function current(): mixed {}
    public function getPrefix(): string {}
    public function setPostfix(string $postfix): void {}
    public function setPrefixPart(int $part, string $value): void {}
    public function getEntry(): string {}
    public function getPostfix(): string {}
}

/** An array as an object. */
class ArrayObject implements \IteratorAggregate, \ArrayAccess, \Serializable, \Countable
{
    public const STD_PROP_LIST = 1;
    public const ARRAY_AS_PROPS = 2;
    public function __construct(object|array $array = array (), int $flags = 0, string $iteratorClass = 'ArrayIterator') {}
    public function offsetExists(mixed $key): bool {}
    public function offsetGet(mixed $key): mixed {}
    public function offsetSet(mixed $key, mixed $value): void {}
    public function offsetUnset(mixed $key): void {}
    public function append(mixed $value): void {}
    public function getArrayCopy(): array {}
    public function count(): int {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
    public function asort(int $flags = SORT_REGULAR): bool {}
    public function ksort(int $flags = SORT_REGULAR): bool {}
    public function uasort(callable $callback): bool {}
    public function uksort(callable $callback): bool {}
    public function natsort(): bool {}
    public function natcasesort(): bool {}
    public function unserialize(string $data): void {}
    public function serialize(): string {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function getIterator(): \Iterator {}
    public function exchangeArray(object|array $array): array {}
    public function setIteratorClass(string $iteratorClass): void {}
    public function getIteratorClass(): string {}
    public function __debugInfo(): array {}
}

/** A walk through an array. */
class ArrayIterator implements \SeekableIterator, \ArrayAccess, \Serializable, \Countable
{
    public const STD_PROP_LIST = 1;
    public const ARRAY_AS_PROPS = 2;
    public function __construct(object|array $array = array (), int $flags = 0) {}
    public function offsetExists(mixed $key): bool {}
    public function offsetGet(mixed $key): mixed {}
    public function offsetSet(mixed $key, mixed $value): void {}
    public function offsetUnset(mixed $key): void {}
    public function append(mixed $value): void {}
    public function getArrayCopy(): array {}
    public function count(): int {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
    public function asort(int $flags = SORT_REGULAR): bool {}
    public function ksort(int $flags = SORT_REGULAR): bool {}
    public function uasort(callable $callback): bool {}
    public function uksort(callable $callback): bool {}
    public function natsort(): bool {}
    public function natcasesort(): bool {}
    public function unserialize(string $data): void {}
    public function serialize(): string {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function rewind(): void {}
    public function current(): mixed {}
    public function key(): string|int|null {}
    public function next(): void {}
    public function valid(): bool {}
    public function seek(int $offset): void {}
    public function __debugInfo(): array {}
}

class RecursiveArrayIterator extends \ArrayIterator implements \RecursiveIterator
{
    public const CHILD_ARRAYS_ONLY = 4;
    public function hasChildren(): bool {}
    public function getChildren(): ?\RecursiveArrayIterator {}
}

/** What is known of a file. */
class SplFileInfo implements \Stringable
{
    public function __construct(string $filename) {}
    public function getPath(): string {}
    public function getFilename(): string {}
    public function getExtension(): string {}
    public function getBasename(string $suffix = ''): string {}
    public function getPathname(): string {}
    public function getPerms(): int|false {}
    public function getInode(): int|false {}
    public function getSize(): int|false {}
    public function getOwner(): int|false {}
    public function getGroup(): int|false {}
    public function getATime(): int|false {}
    public function getMTime(): int|false {}
    public function getCTime(): int|false {}
    public function getType(): string|false {}
    public function isWritable(): bool {}
    public function isReadable(): bool {}
    public function isExecutable(): bool {}
    public function isFile(): bool {}
    public function isDir(): bool {}
    public function isLink(): bool {}
    public function getLinkTarget(): string|false {}
    public function getRealPath(): string|false {}
    public function getFileInfo(?string $class = NULL): \SplFileInfo {}
    public function getPathInfo(?string $class = NULL): ?\SplFileInfo {}
    public function openFile(string $mode = 'r', bool $useIncludePath = false, $context = NULL): \SplFileObject {}
    public function setFileClass(string $class = 'SplFileObject'): void {}
    public function setInfoClass(string $class = 'SplFileInfo'): void {}
    public function __toString(): string {}
    public function __debugInfo(): array {}
    final public function _bad_state_ex(): void {}
}

/** A walk through a folder. */
class DirectoryIterator extends \SplFileInfo implements \SeekableIterator
{
    public function __construct(string $directory) {}
    public function getFilename(): string {}
    public function getExtension(): string {}
    public function getBasename(string $suffix = ''): string {}
    public function isDot(): bool {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): mixed {}
    public function current(): mixed {}
    public function next(): void {}
    public function seek(int $offset): void {}
    public function __toString(): string {}
}

class FilesystemIterator extends \DirectoryIterator
{
    public const CURRENT_MODE_MASK = 240;
    public const CURRENT_AS_PATHNAME = 32;
    public const CURRENT_AS_FILEINFO = 0;
    public const CURRENT_AS_SELF = 16;
    public const KEY_MODE_MASK = 3840;
    public const KEY_AS_PATHNAME = 0;
    public const FOLLOW_SYMLINKS = 16384;
    public const KEY_AS_FILENAME = 256;
    public const NEW_CURRENT_AND_KEY = 256;
    public const OTHER_MODE_MASK = 28672;
    public const SKIP_DOTS = 4096;
    public const UNIX_PATHS = 8192;
    public function __construct(string $directory, int $flags = 4096) {}
    public function rewind(): void {}
    public function key(): string {}
    public function current(): \SplFileInfo|\FilesystemIterator|string {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
}

/** A walk through a folder and those below it. */
class RecursiveDirectoryIterator extends \FilesystemIterator implements \RecursiveIterator
{
    public function __construct(string $directory, int $flags = 0) {}
    public function hasChildren(bool $allowLinks = false): bool {}
    public function getChildren(): \RecursiveDirectoryIterator {}
    public function getSubPath(): string {}
    public function getSubPathname(): string {}
}

class GlobIterator extends \FilesystemIterator implements \Countable
{
    public function __construct(string $pattern, int $flags = 0) {}
    public function count(): int {}
}

/** A file, line by line. */
class SplFileObject extends \SplFileInfo implements \RecursiveIterator, \SeekableIterator
{
    public const DROP_NEW_LINE = 1;
    public const READ_AHEAD = 2;
    public const SKIP_EMPTY = 4;
    public const READ_CSV = 8;
    public function __construct(string $filename, string $mode = 'r', bool $useIncludePath = false, $context = NULL) {}
    public function rewind(): void {}
    public function eof(): bool {}
    public function valid(): bool {}
    public function fgets(): string {}
    public function fread(int $length): string|false {}
    public function fgetcsv(string $separator = ',', string $enclosure = '"', string $escape = '\\'): array|false {}
    public function fputcsv(array $fields, string $separator = ',', string $enclosure = '"', string $escape = '\\', string $eol = ''): int|false {}
    public function setCsvControl(string $separator = ',', string $enclosure = '"', string $escape = '\\'): void {}
    public function getCsvControl(): array {}
    public function flock(int $operation, &$wouldBlock = NULL): bool {}
    public function fflush(): bool {}
    public function ftell(): int|false {}
    public function fseek(int $offset, int $whence = SEEK_SET): int {}
    public function fgetc(): string|false {}
    public function fpassthru(): int {}
    public function fscanf(string $format, mixed &...$vars): array|int|null {}
    public function fwrite(string $data, int $length = 0): int|false {}
    public function fstat(): array {}
    public function ftruncate(int $size): bool {}
    public function current(): array|string|false {}
    public function key(): int {}
    public function next(): void {}
    public function setFlags(int $flags): void {}
    public function getFlags(): int {}
    public function setMaxLineLen(int $maxLength): void {}
    public function getMaxLineLen(): int {}
    public function hasChildren(): false {}
    public function getChildren(): null {}
    public function seek(int $line): void {}
    public function getCurrentLine(): string {}
    public function __toString(): string {}
}

class SplTempFileObject extends \SplFileObject
{
    public function __construct(int $maxMemory = 2097152) {}
}

class SplDoublyLinkedList implements \Iterator, \Countable, \ArrayAccess, \Serializable
{
    public const IT_MODE_LIFO = 2;
    public const IT_MODE_FIFO = 0;
    public const IT_MODE_DELETE = 1;
    public const IT_MODE_KEEP = 0;
    public function add(int $index, mixed $value): void {}
    public function pop(): mixed {}
    public function shift(): mixed {}
    public function push(mixed $value): void {}
    public function unshift(mixed $value): void {}
    public function top(): mixed {}
    public function bottom(): mixed {}
    public function __debugInfo(): array {}
    public function count(): int {}
    public function isEmpty(): bool {}
    public function setIteratorMode(int $mode): int {}
    public function getIteratorMode(): int {}
    public function offsetExists($index): bool {}
    public function offsetGet($index): mixed {}
    public function offsetSet($index, mixed $value): void {}
    public function offsetUnset($index): void {}
    public function rewind(): void {}
    public function current(): mixed {}
    public function key(): int {}
    public function prev(): void {}
    public function next(): void {}
    public function valid(): bool {}
    public function unserialize(string $data): void {}
    public function serialize(): string {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
}

/** A queue. */
class SplQueue extends \SplDoublyLinkedList
{
    public function enqueue(mixed $value): void {}
    public function dequeue(): mixed {}
}

/** A stack. */
class SplStack extends \SplDoublyLinkedList
{
}

abstract class SplHeap implements \Iterator, \Countable
{
    public function extract(): mixed {}
    public function insert(mixed $value): bool {}
    public function top(): mixed {}
    public function count(): int {}
    public function isEmpty(): bool {}
    public function rewind(): void {}
    public function current(): mixed {}
    public function key(): int {}
    public function next(): void {}
    public function valid(): bool {}
    public function recoverFromCorruption(): bool {}
    abstract protected function compare(mixed $value1, mixed $value2): int;
    public function isCorrupted(): bool {}
    public function __debugInfo(): array {}
}

class SplMinHeap extends \SplHeap
{
    protected function compare(mixed $value1, mixed $value2): int {}
}

class SplMaxHeap extends \SplHeap
{
    protected function compare(mixed $value1, mixed $value2): int {}
}

/** A queue whose first has the highest priority. */
class SplPriorityQueue implements \Iterator, \Countable
{
    public const EXTR_BOTH = 3;
    public const EXTR_PRIORITY = 2;
    public const EXTR_DATA = 1;
    public function compare(mixed $priority1, mixed $priority2): int {}
    public function insert(mixed $value, mixed $priority) {}
    public function setExtractFlags(int $flags): int {}
    public function top(): mixed {}
    public function extract(): mixed {}
    public function count(): int {}
    public function isEmpty(): bool {}
    public function rewind(): void {}
    public function current(): mixed {}
    public function key(): int {}
    public function next(): void {}
    public function valid(): bool {}
    public function recoverFromCorruption() {}
    public function isCorrupted(): bool {}
    public function getExtractFlags(): int {}
    public function __debugInfo(): array {}
}

/** An array of a fixed size. */
class SplFixedArray implements \IteratorAggregate, \ArrayAccess, \Countable, \JsonSerializable
{
    public function __construct(int $size = 0) {}
    public function __wakeup(): void {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function count(): int {}
    public function toArray(): array {}
    public static function fromArray(array $array, bool $preserveKeys = true): \SplFixedArray {}
    public function getSize(): int {}
    public function setSize(int $size) {}
    public function offsetExists($index): bool {}
    public function offsetGet($index): mixed {}
    public function offsetSet($index, mixed $value): void {}
    public function offsetUnset($index): void {}
    public function getIterator(): \Iterator {}
    public function jsonSerialize(): array {}
}

interface SplObserver
{
    public function update(\SplSubject $subject): void;
}

interface SplSubject
{
    public function attach(\SplObserver $observer): void;
    public function detach(\SplObserver $observer): void;
    public function notify(): void;
}

/** A set of objects, each with a value. */
class SplObjectStorage implements \Countable, \Iterator, \Serializable, \ArrayAccess
{
    public function attach(object $object, mixed $info = NULL): void {}
    public function detach(object $object): void {}
    public function contains(object $object): bool {}
    public function addAll(\SplObjectStorage $storage): int {}
    public function removeAll(\SplObjectStorage $storage): int {}
    public function removeAllExcept(\SplObjectStorage $storage): int {}
    public function getInfo(): mixed {}
    public function setInfo(mixed $info): void {}
    public function count(int $mode = COUNT_NORMAL): int {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): int {}
    public function current(): object {}
    public function next(): void {}
    public function unserialize(string $data): void {}
    public function serialize(): string {}
    public function offsetExists($object): bool {}
    public function offsetGet($object): mixed {}
    public function offsetSet($object, mixed $info = NULL): void {}
    public function offsetUnset($object): void {}
    public function getHash(object $object): string {}
    public function __serialize(): array {}
    public function __unserialize(array $data): void {}
    public function __debugInfo(): array {}
}

class MultipleIterator implements \Iterator
{
    public const MIT_NEED_ANY = 0;
    public const MIT_NEED_ALL = 1;
    public const MIT_KEYS_NUMERIC = 0;
    public const MIT_KEYS_ASSOC = 2;
    public function __construct(int $flags = 1) {}
    public function getFlags(): int {}
    public function setFlags(int $flags): void {}
    public function attachIterator(\Iterator $iterator, string|int|null $info = NULL): void {}
    public function detachIterator(\Iterator $iterator): void {}
    public function containsIterator(\Iterator $iterator): bool {}
    public function countIterators(): int {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function key(): array {}
    public function current(): array {}
    public function next(): void {}
    public function __debugInfo(): array {}
}

function class_implements($object_or_class, bool $autoload = true): array|false {}
function class_parents($object_or_class, bool $autoload = true): array|false {}
function class_uses($object_or_class, bool $autoload = true): array|false {}
function spl_autoload(string $class, ?string $file_extensions = NULL): void {}
function spl_autoload_call(string $class): void {}
function spl_autoload_extensions(?string $file_extensions = NULL): string {}
function spl_autoload_functions(): array {}
/** Says who loads classes. */
function spl_autoload_register(?callable $callback = NULL, bool $throw = true, bool $prepend = false): bool {}
function spl_autoload_unregister(callable $callback): bool {}
function spl_classes(): array {}
/** A text that tells objects apart. */
function spl_object_hash(object $object): string {}
/** A number that tells objects apart. */
function spl_object_id(object $object): int {}
function iterator_apply(\Traversable $iterator, callable $callback, ?array $args = NULL): int {}
/** The number of steps of a walk. */
function iterator_count(\Traversable|array $iterator): int {}
