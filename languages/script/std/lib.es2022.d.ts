/** Elements in an order. */
interface Array<T> {
    at(index: number): T | undefined;
}
/** Elements in an order that do not change. */
interface ReadonlyArray<T> {
    at(index: number): T | undefined;
}
/** Numbers of 8 bits. */
interface Int8Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 8 bits without a sign. */
interface Uint8Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 8 bits that stop at their ends. */
interface Uint8ClampedArray<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 16 bits. */
interface Int16Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 16 bits without a sign. */
interface Uint16Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 32 bits. */
interface Int32Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 32 bits without a sign. */
interface Uint32Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 32 bits with a fraction. */
interface Float32Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
/** Numbers of 64 bits with a fraction. */
interface Float64Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): number | undefined;
}
interface BigInt64Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): bigint | undefined;
}
interface BigUint64Array<TArrayBuffer extends ArrayBufferLike> {
    at(index: number): bigint | undefined;
}
interface ErrorOptions {
    cause?: unknown;
}
/** Something that went wrong. */
interface Error {
    cause?: unknown;
}
interface ErrorConstructor {
    new (message?: string, options?: ErrorOptions): Error;
    (message?: string, options?: ErrorOptions): Error;
}
interface EvalErrorConstructor {
    new (message?: string, options?: ErrorOptions): EvalError;
    (message?: string, options?: ErrorOptions): EvalError;
}
interface RangeErrorConstructor {
    new (message?: string, options?: ErrorOptions): RangeError;
    (message?: string, options?: ErrorOptions): RangeError;
}
interface ReferenceErrorConstructor {
    new (message?: string, options?: ErrorOptions): ReferenceError;
    (message?: string, options?: ErrorOptions): ReferenceError;
}
interface SyntaxErrorConstructor {
    new (message?: string, options?: ErrorOptions): SyntaxError;
    (message?: string, options?: ErrorOptions): SyntaxError;
}
interface TypeErrorConstructor {
    new (message?: string, options?: ErrorOptions): TypeError;
    (message?: string, options?: ErrorOptions): TypeError;
}
interface URIErrorConstructor {
    new (message?: string, options?: ErrorOptions): URIError;
    (message?: string, options?: ErrorOptions): URIError;
}
interface AggregateErrorConstructor {
    new (errors: Iterable<any>, message?: string, options?: ErrorOptions): AggregateError;
    (errors: Iterable<any>, message?: string, options?: ErrorOptions): AggregateError;
}
/** Texts of languages and regions. */
declare namespace Intl {
    interface SegmenterOptions {
        localeMatcher?: "best fit" | "lookup" | undefined;
        granularity?: "grapheme" | "word" | "sentence" | undefined;
    }
    interface Segmenter {
        segment(input: string): Segments;
        resolvedOptions(): ResolvedSegmenterOptions;
    }
    interface ResolvedSegmenterOptions {
        locale: string;
        granularity: "grapheme" | "word" | "sentence";
    }
    interface SegmentIterator<T> extends IteratorObject<T, BuiltinIteratorReturn, unknown> {
        [Symbol.iterator](): SegmentIterator<T>;
    }
    interface Segments {
        containing(codeUnitIndex?: number): SegmentData | undefined;
        [Symbol.iterator](): SegmentIterator<SegmentData>;
    }
    interface SegmentData {
        segment: string;
        index: number;
        input: string;
        isWordLike?: boolean;
    }
    const Segmenter: {
        prototype: Segmenter;
        new (locales?: LocalesArgument, options?: SegmenterOptions): Segmenter;
        supportedLocalesOf(locales: LocalesArgument, options?: Pick<SegmenterOptions, "localeMatcher">): UnicodeBCP47LocaleIdentifier[];
    };
    function supportedValuesOf(key: "calendar" | "collation" | "currency" | "numberingSystem" | "timeZone" | "unit"): string[];
}
/** Functions on objects. */
interface ObjectConstructor {
    hasOwn(o: object, v: PropertyKey): boolean;
}
/** What was matched. */
interface RegExpMatchArray {
    indices?: RegExpIndicesArray;
}
/** What was matched, and where. */
interface RegExpExecArray {
    indices?: RegExpIndicesArray;
}
interface RegExpIndicesArray extends Array<[
    number,
    number
]> {
    groups?: {
        [key: string]: [
            number,
            number
        ];
    };
}
/** A regular expression. */
interface RegExp {
    readonly hasIndices: boolean;
}
/** A text. */
interface String {
    at(index: number): string | undefined;
}
