/** Elements in an order. */
interface Array<T> {
    findLast<S extends T>(predicate: (value: T, index: number, array: T[]) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: T, index: number, array: T[]) => unknown, thisArg?: any): T | undefined;
    findLastIndex(predicate: (value: T, index: number, array: T[]) => unknown, thisArg?: any): number;
    toReversed(): T[];
    toSorted(compareFn?: (a: T, b: T) => number): T[];
    toSpliced(start: number, deleteCount: number, ...items: T[]): T[];
    toSpliced(start: number, deleteCount?: number): T[];
    with(index: number, value: T): T[];
}
/** Elements in an order that do not change. */
interface ReadonlyArray<T> {
    findLast<S extends T>(predicate: (value: T, index: number, array: readonly T[]) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: T, index: number, array: readonly T[]) => unknown, thisArg?: any): T | undefined;
    findLastIndex(predicate: (value: T, index: number, array: readonly T[]) => unknown, thisArg?: any): number;
    toReversed(): T[];
    toSorted(compareFn?: (a: T, b: T) => number): T[];
    toSpliced(start: number, deleteCount: number, ...items: T[]): T[];
    toSpliced(start: number, deleteCount?: number): T[];
    with(index: number, value: T): T[];
}
/** Numbers of 8 bits. */
interface Int8Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Int8Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Int8Array<ArrayBuffer>;
    with(index: number, value: number): Int8Array<ArrayBuffer>;
}
/** Numbers of 8 bits without a sign. */
interface Uint8Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Uint8Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Uint8Array<ArrayBuffer>;
    with(index: number, value: number): Uint8Array<ArrayBuffer>;
}
/** Numbers of 8 bits that stop at their ends. */
interface Uint8ClampedArray<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Uint8ClampedArray<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Uint8ClampedArray<ArrayBuffer>;
    with(index: number, value: number): Uint8ClampedArray<ArrayBuffer>;
}
/** Numbers of 16 bits. */
interface Int16Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Int16Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Int16Array<ArrayBuffer>;
    with(index: number, value: number): Int16Array<ArrayBuffer>;
}
/** Numbers of 16 bits without a sign. */
interface Uint16Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Uint16Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Uint16Array<ArrayBuffer>;
    with(index: number, value: number): Uint16Array<ArrayBuffer>;
}
/** Numbers of 32 bits. */
interface Int32Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Int32Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Int32Array<ArrayBuffer>;
    with(index: number, value: number): Int32Array<ArrayBuffer>;
}
/** Numbers of 32 bits without a sign. */
interface Uint32Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Uint32Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Uint32Array<ArrayBuffer>;
    with(index: number, value: number): Uint32Array<ArrayBuffer>;
}
/** Numbers of 32 bits with a fraction. */
interface Float32Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Float32Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Float32Array<ArrayBuffer>;
    with(index: number, value: number): Float32Array<ArrayBuffer>;
}
/** Numbers of 64 bits with a fraction. */
interface Float64Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends number>(predicate: (value: number, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number | undefined;
    findLastIndex(predicate: (value: number, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): Float64Array<ArrayBuffer>;
    toSorted(compareFn?: (a: number, b: number) => number): Float64Array<ArrayBuffer>;
    with(index: number, value: number): Float64Array<ArrayBuffer>;
}
interface BigInt64Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends bigint>(predicate: (value: bigint, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: bigint, index: number, array: this) => unknown, thisArg?: any): bigint | undefined;
    findLastIndex(predicate: (value: bigint, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): BigInt64Array<ArrayBuffer>;
    toSorted(compareFn?: (a: bigint, b: bigint) => number): BigInt64Array<ArrayBuffer>;
    with(index: number, value: bigint): BigInt64Array<ArrayBuffer>;
}
interface BigUint64Array<TArrayBuffer extends ArrayBufferLike> {
    findLast<S extends bigint>(predicate: (value: bigint, index: number, array: this) => value is S, thisArg?: any): S | undefined;
    findLast(predicate: (value: bigint, index: number, array: this) => unknown, thisArg?: any): bigint | undefined;
    findLastIndex(predicate: (value: bigint, index: number, array: this) => unknown, thisArg?: any): number;
    toReversed(): BigUint64Array<ArrayBuffer>;
    toSorted(compareFn?: (a: bigint, b: bigint) => number): BigUint64Array<ArrayBuffer>;
    with(index: number, value: bigint): BigUint64Array<ArrayBuffer>;
}
interface WeakKeyTypes {
    symbol: symbol;
}
/** Texts of languages and regions. */
declare namespace Intl {
    interface NumberFormatOptionsUseGroupingRegistry {
        min2: never;
        auto: never;
        always: never;
    }
    interface NumberFormatOptionsSignDisplayRegistry {
        negative: never;
    }
    interface NumberFormatOptions {
        roundingPriority?: "auto" | "morePrecision" | "lessPrecision" | undefined;
        roundingIncrement?: 1 | 2 | 5 | 10 | 20 | 25 | 50 | 100 | 200 | 250 | 500 | 1000 | 2000 | 2500 | 5000 | undefined;
        roundingMode?: "ceil" | "floor" | "expand" | "trunc" | "halfCeil" | "halfFloor" | "halfExpand" | "halfTrunc" | "halfEven" | undefined;
        trailingZeroDisplay?: "auto" | "stripIfInteger" | undefined;
    }
    interface ResolvedNumberFormatOptions {
        roundingPriority: "auto" | "morePrecision" | "lessPrecision";
        roundingMode: "ceil" | "floor" | "expand" | "trunc" | "halfCeil" | "halfFloor" | "halfExpand" | "halfTrunc" | "halfEven";
        roundingIncrement: 1 | 2 | 5 | 10 | 20 | 25 | 50 | 100 | 200 | 250 | 500 | 1000 | 2000 | 2500 | 5000;
        trailingZeroDisplay: "auto" | "stripIfInteger";
    }
    interface NumberRangeFormatPart extends NumberFormatPart {
        source: "startRange" | "endRange" | "shared";
    }
    type StringNumericLiteral = `${number}` | "Infinity" | "-Infinity" | "+Infinity";
    interface NumberFormat {
        format(value: number | bigint | StringNumericLiteral): string;
        formatToParts(value: number | bigint | StringNumericLiteral): NumberFormatPart[];
        formatRange(start: number | bigint | StringNumericLiteral, end: number | bigint | StringNumericLiteral): string;
        formatRangeToParts(start: number | bigint | StringNumericLiteral, end: number | bigint | StringNumericLiteral): NumberRangeFormatPart[];
    }
}
