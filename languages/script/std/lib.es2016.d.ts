/** Elements in an order. */
interface Array<T> {
    includes(searchElement: T, fromIndex?: number): boolean;
}
/** Elements in an order that do not change. */
interface ReadonlyArray<T> {
    includes(searchElement: T, fromIndex?: number): boolean;
}
/** Numbers of 8 bits. */
interface Int8Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 8 bits without a sign. */
interface Uint8Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 8 bits that stop at their ends. */
interface Uint8ClampedArray<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 16 bits. */
interface Int16Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 16 bits without a sign. */
interface Uint16Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 32 bits. */
interface Int32Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 32 bits without a sign. */
interface Uint32Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 32 bits with a fraction. */
interface Float32Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Numbers of 64 bits with a fraction. */
interface Float64Array<TArrayBuffer extends ArrayBufferLike> {
    includes(searchElement: number, fromIndex?: number): boolean;
}
/** Texts of languages and regions. */
declare namespace Intl {
    function getCanonicalLocales(locale?: string | readonly string[]): string[];
}
