<?php

const E_ERROR = 1;
const E_WARNING = 2;
const E_PARSE = 4;
const E_NOTICE = 8;
const E_CORE_ERROR = 16;
const E_CORE_WARNING = 32;
const E_COMPILE_ERROR = 64;
const E_COMPILE_WARNING = 128;
const E_USER_ERROR = 256;
const E_USER_WARNING = 512;
const E_USER_NOTICE = 1024;
const E_STRICT = 2048;
const E_RECOVERABLE_ERROR = 4096;
const E_DEPRECATED = 8192;
const E_USER_DEPRECATED = 16384;
const E_ALL = 32767;
const DEBUG_BACKTRACE_PROVIDE_OBJECT = 1;
const DEBUG_BACKTRACE_IGNORE_ARGS = 2;
const ZEND_THREAD_SAFE = false;
const ZEND_DEBUG_BUILD = false;
const PHP_VERSION = '8.2.36';
const PHP_MAJOR_VERSION = 8;
const PHP_MINOR_VERSION = 2;
const PHP_RELEASE_VERSION = 36;
const PHP_EXTRA_VERSION = '';
const PHP_VERSION_ID = 80236;
const PHP_ZTS = 0;
const PHP_DEBUG = 0;
const PHP_OS = 'Linux';
const PHP_OS_FAMILY = 'Linux';
const PHP_SAPI = 'cli';
const DEFAULT_INCLUDE_PATH = '.:/usr/share/php';
const PEAR_INSTALL_DIR = '/usr/share/php';
const PEAR_EXTENSION_DIR = '/usr/lib/php/20220829';
const PHP_EXTENSION_DIR = '/usr/lib/php/20220829';
const PHP_PREFIX = '/usr';
const PHP_BINDIR = '/usr/bin';
const PHP_MANDIR = '/usr/share/man';
const PHP_LIBDIR = '/usr/lib/php';
const PHP_DATADIR = '/usr/share/php/8.2';
const PHP_SYSCONFDIR = '/etc';
const PHP_LOCALSTATEDIR = '/var';
const PHP_CONFIG_FILE_PATH = '/etc/php/8.2/cli';
const PHP_CONFIG_FILE_SCAN_DIR = '/etc/php/8.2/cli/conf.d';
const PHP_SHLIB_SUFFIX = 'so';
const PHP_EOL = '';
const PHP_MAXPATHLEN = 4096;
const PHP_INT_MAX = 9223372036854775807;
const PHP_INT_MIN = -9223372036854775807-1;
const PHP_INT_SIZE = 8;
const PHP_FD_SETSIZE = 1024;
const PHP_FLOAT_DIG = 15;
const PHP_FLOAT_EPSILON = 2.220446049250313E-16;
const PHP_FLOAT_MAX = 1.7976931348623157E+308;
const PHP_FLOAT_MIN = 2.2250738585072014E-308;
const PHP_BINARY = '/usr/bin/php8.2';
const PHP_OUTPUT_HANDLER_START = 1;
const PHP_OUTPUT_HANDLER_WRITE = 0;
const PHP_OUTPUT_HANDLER_FLUSH = 4;
const PHP_OUTPUT_HANDLER_CLEAN = 2;
const PHP_OUTPUT_HANDLER_FINAL = 8;
const PHP_OUTPUT_HANDLER_CONT = 0;
const PHP_OUTPUT_HANDLER_END = 8;
const PHP_OUTPUT_HANDLER_CLEANABLE = 16;
const PHP_OUTPUT_HANDLER_FLUSHABLE = 32;
const PHP_OUTPUT_HANDLER_REMOVABLE = 64;
const PHP_OUTPUT_HANDLER_STDFLAGS = 112;
const PHP_OUTPUT_HANDLER_STARTED = 4096;
const PHP_OUTPUT_HANDLER_DISABLED = 8192;
const UPLOAD_ERR_OK = 0;
const UPLOAD_ERR_INI_SIZE = 1;
const UPLOAD_ERR_FORM_SIZE = 2;
const UPLOAD_ERR_PARTIAL = 3;
const UPLOAD_ERR_NO_FILE = 4;
const UPLOAD_ERR_NO_TMP_DIR = 6;
const UPLOAD_ERR_CANT_WRITE = 7;
const UPLOAD_ERR_EXTENSION = 8;
const PHP_CLI_PROCESS_TITLE = true;
const STDIN = null;
const STDOUT = null;
const STDERR = null;
/** What says how it is stored. */
interface Serializable
{
    public function serialize();
    public function unserialize(string $data);
}

/** What `count` counts. */
interface Countable
{
    public function count(): int;
}

/** What can be made a text. */
interface Stringable
{
    public function __toString(): string;
}

final class InternalIterator implements \Iterator
{
    public function current(): mixed {}
    public function key(): mixed {}
    public function next(): void {}
    public function valid(): bool {}
    public function rewind(): void {}
}

/** What can be thrown. */
interface Throwable extends \Stringable
{
    /** What the fault says. */
    public function getMessage(): string;
    public function getCode();
    public function getFile(): string;
    public function getLine(): int;
    public function getTrace(): array;
    public function getPrevious(): ?\Throwable;
    public function getTraceAsString(): string;
}

/** A fault that a program may catch. */
class Exception implements \Throwable
{
    protected $message;
    protected $code;
    protected string $file;
    protected int $line;
    public function __construct(string $message = '', int $code = 0, ?\Throwable $previous = NULL) {}
    public function __wakeup(): void {}
    /** What the fault says. */
    final public function getMessage(): string {}
    /** A number for the fault. */
    final public function getCode() {}
    final public function getFile(): string {}
    final public function getLine(): int {}
    final public function getTrace(): array {}
    /** The fault that led to this one. */
    final public function getPrevious(): ?\Throwable {}
    /** The calls that led here, as text. */
    final public function getTraceAsString(): string {}
    public function __toString(): string {}
}

class ErrorException extends \Exception
{
    protected int $severity;
    public function __construct(string $message = '', int $code = 0, int $severity = E_ERROR, ?string $filename = NULL, ?int $line = NULL, ?\Throwable $previous = NULL) {}
    final public function getSeverity(): int {}
}

/** A fault of the language itself. */
class Error implements \Throwable
{
    protected $message;
    protected $code;
    protected string $file;
    protected int $line;
    public function __construct(string $message = '', int $code = 0, ?\Throwable $previous = NULL) {}
    public function __wakeup(): void {}
    final public function getMessage(): string {}
    final public function getCode() {}
    final public function getFile(): string {}
    final public function getLine(): int {}
    final public function getTrace(): array {}
    final public function getPrevious(): ?\Throwable {}
    final public function getTraceAsString(): string {}
    public function __toString(): string {}
}

class CompileError extends \Error
{
}

class ParseError extends \CompileError
{
}

/** A value of the wrong type was passed or returned. */
class TypeError extends \Error
{
}

class ArgumentCountError extends \TypeError
{
}

/** A value of the right type that makes no sense. */
class ValueError extends \Error
{
}

/** A calculation that cannot be done. */
class ArithmeticError extends \Error
{
}

class DivisionByZeroError extends \ArithmeticError
{
}

class UnhandledMatchError extends \Error
{
}

/** A function without a name. */
final class Closure
{
    /** A copy with another object and scope. */
    public static function bind(\Closure $closure, ?object $newThis, object|string|null $newScope = 'static'): ?\Closure {}
    public function bindTo(?object $newThis, object|string|null $newScope = 'static'): ?\Closure {}
    public function call(object $newThis, mixed ...$args): mixed {}
    /** A closure of anything that can be called. */
    public static function fromCallable(callable $callback): \Closure {}
    public function __invoke() {}
}

class ClosedGeneratorException extends \Exception
{
}

final class WeakReference
{
    public function __construct() {}
    public static function create(object $object): \WeakReference {}
    public function get(): ?object {}
}

/** A map whose keys are objects that may go. */
final class WeakMap implements \ArrayAccess, \Countable, \IteratorAggregate
{
    public function offsetGet($object): mixed {}
    public function offsetSet($object, mixed $value): void {}
    public function offsetExists($object): bool {}
    public function offsetUnset($object): void {}
    public function count(): int {}
    public function getIterator(): \Iterator {}
}

final class Attribute
{
    public const TARGET_CLASS = 1;
    public const TARGET_FUNCTION = 2;
    public const TARGET_METHOD = 4;
    public const TARGET_PROPERTY = 8;
    public const TARGET_CLASS_CONSTANT = 16;
    public const TARGET_PARAMETER = 32;
    public const TARGET_ALL = 63;
    public const IS_REPEATABLE = 64;
    public int $flags;
    public function __construct(int $flags = Attribute::TARGET_ALL) {}
}

final class ReturnTypeWillChange
{
    public function __construct() {}
}

final class AllowDynamicProperties
{
    public function __construct() {}
}

final class SensitiveParameter
{
    public function __construct() {}
}

final class SensitiveParameterValue
{
    public function __construct(mixed $value) {}
    public function getValue(): mixed {}
    public function __debugInfo(): array {}
}

interface UnitEnum
{
    public static function cases(): array;
}

interface BackedEnum extends \UnitEnum
{
    public static function from(string|int $value): static;
    public static function tryFrom(string|int $value): ?static;
}

final class Fiber
{
    public function __construct(callable $callback) {}
    public function start(mixed ...$args): mixed {}
    public function resume(mixed $value = NULL): mixed {}
    public function throw(\Throwable $exception): mixed {}
    public function isStarted(): bool {}
    public function isSuspended(): bool {}
    public function isRunning(): bool {}
    public function isTerminated(): bool {}
    public function getReturn(): mixed {}
    public static function getCurrent(): ?\Fiber {}
    public static function suspend(mixed $value = NULL): mixed {}
}

final class FiberError extends \Error
{
    public function __construct() {}
}

/** An object without a class of its own. */
class stdClass
{
}

function zend_version(): string {}
function func_num_args(): int {}
function func_get_arg(int $position): mixed {}
/** All arguments of the function around. */
function func_get_args(): array {}
/** The number of bytes. */
function strlen(string $string): int {}
function strcmp(string $string1, string $string2): int {}
function strncmp(string $string1, string $string2, int $length): int {}
function strcasecmp(string $string1, string $string2): int {}
function strncasecmp(string $string1, string $string2, int $length): int {}
function error_reporting(?int $error_level = NULL): int {}
/** Makes a constant. */
function define(string $constant_name, mixed $value, bool $case_insensitive = false): bool {}
/** Is there such a constant? */
function defined(string $constant_name): bool {}
/** The name of an object's class. */
function get_class(object $object = null): string {}
function get_called_class(): string {}
function get_parent_class(object|string $object_or_class = null): string|false {}
/** Is a class derived from another? */
function is_subclass_of(mixed $object_or_class, string $class, bool $allow_string = true): bool {}
/** Is an object of a class? */
function is_a(mixed $object_or_class, string $class, bool $allow_string = false): bool {}
function get_class_vars(string $class): array {}
function get_object_vars(object $object): array {}
function get_mangled_object_vars(object $object): array {}
function get_class_methods(object|string $object_or_class): array {}
/** Has it such a method? */
function method_exists($object_or_class, string $method): bool {}
/** Has it such a property? */
function property_exists($object_or_class, string $property): bool {}
/** Is there such a class? */
function class_exists(string $class, bool $autoload = true): bool {}
function interface_exists(string $interface, bool $autoload = true): bool {}
function trait_exists(string $trait, bool $autoload = true): bool {}
function enum_exists(string $enum, bool $autoload = true): bool {}
/** Is there such a function? */
function function_exists(string $function): bool {}
function class_alias(string $class, string $alias, bool $autoload = true): bool {}
function get_included_files(): array {}
function get_required_files(): array {}
/** Raises a fault. */
function trigger_error(string $message, int $error_level = E_USER_NOTICE): bool {}
function user_error(string $message, int $error_level = E_USER_NOTICE): bool {}
/** Says who is told of faults. */
function set_error_handler(?callable $callback, int $error_levels = E_ALL) {}
function restore_error_handler(): true {}
function set_exception_handler(?callable $callback) {}
function restore_exception_handler(): true {}
function get_declared_classes(): array {}
function get_declared_traits(): array {}
function get_declared_interfaces(): array {}
function get_defined_functions(bool $exclude_disabled = true): array {}
function get_defined_vars(): array {}
function get_resource_type($resource): string {}
function get_resource_id($resource): int {}
function get_resources(?string $type = NULL): array {}
function get_loaded_extensions(bool $zend_extensions = false): array {}
function get_defined_constants(bool $categorize = false): array {}
function debug_backtrace(int $options = DEBUG_BACKTRACE_PROVIDE_OBJECT, int $limit = 0): array {}
function debug_print_backtrace(int $options = 0, int $limit = 0): void {}
function extension_loaded(string $extension): bool {}
function get_extension_funcs(string $extension): array|false {}
function gc_mem_caches(): int {}
function gc_collect_cycles(): int {}
function gc_enabled(): bool {}
function gc_enable(): void {}
function gc_disable(): void {}
function gc_status(): array {}
