type FlatArray<Arr, Depth extends number> = {
    done: Arr;
    recur: Arr extends ReadonlyArray<infer InnerArr> ? FlatArray<InnerArr, [
        -1,
        0,
        1,
        2,
        3,
        4,
        5,
        6,
        7,
        8,
        9,
        10,
        11,
        12,
        13,
        14,
        15,
        16,
        17,
        18,
        19,
        20
    ][Depth]> : Arr;
}[Depth extends -1 ? "done" : "recur"];
/** Elements in an order that do not change. */
interface ReadonlyArray<T> {
    flatMap<U, This = undefined>(callback: (this: This, value: T, index: number, array: T[]) => U | ReadonlyArray<U>, thisArg?: This): U[];
    flat<A, D extends number = 1>(this: A, depth?: D): FlatArray<A, D>[];
}
/** Elements in an order. */
interface Array<T> {
    flatMap<U, This = undefined>(callback: (this: This, value: T, index: number, array: T[]) => U | ReadonlyArray<U>, thisArg?: This): U[];
    flat<A, D extends number = 1>(this: A, depth?: D): FlatArray<A, D>[];
}
/** Texts of languages and regions. */
declare namespace Intl {
    interface DateTimeFormatPartTypesRegistry {
        unknown: never;
    }
}
/** Functions on objects. */
interface ObjectConstructor {
    fromEntries<T = any>(entries: Iterable<readonly [
        PropertyKey,
        T
    ]>): {
        [k: string]: T;
    };
    fromEntries(entries: Iterable<readonly any[]>): any;
}
/** A text. */
interface String {
    trimEnd(): string;
    trimStart(): string;
    trimLeft(): string;
    trimRight(): string;
}
/** A name nobody else has. */
interface Symbol {
    readonly description: string | undefined;
}
