<?php

/**
 * What can be walked through by `foreach`.
 * @template K
 * @template V
 */
interface Traversable
{
}

/**
 * A walk that can be stepped by hand.
 * @template K
 * @template V
 * @extends Traversable<K, V>
 */
interface Iterator extends Traversable
{
    /** @return V */
    public function current(): mixed;
    /** @return K */
    public function key(): mixed;
    public function next(): void;
    public function rewind(): void;
    public function valid(): bool;
}

/**
 * What gives a walk through itself.
 * @template K
 * @template V
 * @extends Traversable<K, V>
 */
interface IteratorAggregate extends Traversable
{
    /** @return Iterator<K, V> */
    public function getIterator(): Traversable;
}

/**
 * What is read and written by `[ ]`.
 * @template K
 * @template V
 */
interface ArrayAccess
{
    public function offsetExists(mixed $offset): bool;
    /** @return V */
    public function offsetGet(mixed $offset): mixed;
    public function offsetSet(mixed $offset, mixed $value): void;
    public function offsetUnset(mixed $offset): void;
}

/**
 * What a function with `yield` gives.
 * @template K
 * @template V
 * @extends Iterator<K, V>
 */
final class Generator implements Iterator
{
    /** @return V */
    public function current(): mixed {}
    /** @return K */
    public function key(): mixed {}
    public function next(): void {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function send(mixed $value): mixed {}
    public function throw(\Throwable $exception): mixed {}
    public function getReturn(): mixed {}
}

/**
 * Goes to the first element and gives it.
 * @template T
 * @param T[] $array
 * @return T
 */
function reset(array|object &$array): mixed {}
/**
 * Goes to the last element and gives it.
 * @template T
 * @param T[] $array
 * @return T
 */
function end(array|object &$array): mixed {}
/**
 * The element the walk stands at.
 * @template T
 * @param T[] $array
 * @return T
 */
function current(array|object $array): mixed {}
/**
 * Steps on, and gives the element there.
 * @template T
 * @param T[] $array
 * @return T
 */
function next(array|object &$array): mixed {}
/**
 * Steps back, and gives the element there.
 * @template T
 * @param T[] $array
 * @return T
 */
function prev(array|object &$array): mixed {}
/**
 * Takes the last element away and gives it.
 * @template T
 * @param T[] $array
 * @return T
 */
function array_pop(array &$array): mixed {}
/**
 * Takes the first element away and gives it.
 * @template T
 * @param T[] $array
 * @return T
 */
function array_shift(array &$array): mixed {}
/**
 * The elements without their keys.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_values(array $array): array {}
/**
 * The elements that a function lets pass.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_filter(array $array, ?callable $callback = null, int $mode = 0): array {}
/**
 * What a function makes of each element.
 * @template T
 * @param callable(): T $callback
 * @return T[]
 */
function array_map(?callable $callback, array $array, array ...$arrays): array {}
/**
 * The elements of all, one after the other.
 * @template T
 * @param T[] $arrays
 * @return T[]
 */
function array_merge(array ...$arrays): array {}
/**
 * The elements of the first, or of those after it that have the same key.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_replace(array $array, array ...$replacements): array {}
/**
 * The elements from the last to the first.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_reverse(array $array, bool $preserve_keys = false): array {}
/**
 * A stretch of the elements.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_slice(array $array, int $offset, ?int $length = null, bool $preserve_keys = false): array {}
/**
 * Takes a stretch of the elements out, and puts others there.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_splice(array &$array, int $offset, ?int $length = null, mixed $replacement = []): array {}
/**
 * The elements, each once.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_unique(array $array, int $flags = 2): array {}
/**
 * The elements of the first that no other has.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_diff(array $array, array ...$arrays): array {}
/**
 * The elements of the first whose keys no other has.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_diff_key(array $array, array ...$arrays): array {}
/**
 * The elements of the first that all others have.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_intersect(array $array, array ...$arrays): array {}
/**
 * The elements of the first whose keys all others have.
 * @template T
 * @param T[] $array
 * @return T[]
 */
function array_intersect_key(array $array, array ...$arrays): array {}
/**
 * The elements in rows of a size.
 * @template T
 * @param T[] $array
 * @return T[][]
 */
function array_chunk(array $array, int $length, bool $preserve_keys = false): array {}
/**
 * What a walk gives, all at once.
 * @template T
 * @param T[] $iterator
 * @return T[]
 */
function iterator_to_array(\Traversable $iterator, bool $preserve_keys = true): array {}
