interface ArrayBufferConstructor {
    new (): ArrayBuffer;
}
/** Makes moments. */
interface DateConstructor {
    UTC(year: number, monthIndex?: number, date?: number, hours?: number, minutes?: number, seconds?: number, ms?: number): number;
}
/** Texts of languages and regions. */
declare namespace Intl {
    interface DateTimeFormatPartTypesRegistry {
        day: any;
        dayPeriod: any;
        era: any;
        hour: any;
        literal: any;
        minute: any;
        month: any;
        second: any;
        timeZoneName: any;
        weekday: any;
        year: any;
    }
    type DateTimeFormatPartTypes = keyof DateTimeFormatPartTypesRegistry;
    interface DateTimeFormatPart {
        type: DateTimeFormatPartTypes;
        value: string;
    }
    interface DateTimeFormat {
        formatToParts(date?: Date | number): DateTimeFormatPart[];
    }
}
/** Functions on objects. */
interface ObjectConstructor {
    values<T>(o: {
        [s: string]: T;
    } | ArrayLike<T>): T[];
    values(o: {}): any[];
    entries<T>(o: {
        [s: string]: T;
    } | ArrayLike<T>): [
        string,
        T
    ][];
    entries(o: {}): [
        string,
        any
    ][];
    getOwnPropertyDescriptors<T>(o: T): {
        [P in keyof T]: TypedPropertyDescriptor<T[P]>;
    } & {
        [x: string]: PropertyDescriptor;
    };
}
/** Bytes that several threads share. */
interface SharedArrayBuffer {
    readonly byteLength: number;
    slice(begin?: number, end?: number): SharedArrayBuffer;
    readonly [Symbol.toStringTag]: "SharedArrayBuffer";
}
interface SharedArrayBufferConstructor {
    readonly prototype: SharedArrayBuffer;
    new (byteLength?: number): SharedArrayBuffer;
    readonly [Symbol.species]: SharedArrayBufferConstructor;
}
declare var SharedArrayBuffer: SharedArrayBufferConstructor;
interface ArrayBufferTypes {
    SharedArrayBuffer: SharedArrayBuffer;
}
interface Atomics {
    add(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    and(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    compareExchange(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, expectedValue: number, replacementValue: number): number;
    exchange(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    isLockFree(size: number): boolean;
    load(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number): number;
    or(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    store(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    sub(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    wait(typedArray: Int32Array<ArrayBufferLike>, index: number, value: number, timeout?: number): "ok" | "not-equal" | "timed-out";
    notify(typedArray: Int32Array<ArrayBufferLike>, index: number, count?: number): number;
    xor(typedArray: Int8Array<ArrayBufferLike> | Uint8Array<ArrayBufferLike> | Int16Array<ArrayBufferLike> | Uint16Array<ArrayBufferLike> | Int32Array<ArrayBufferLike> | Uint32Array<ArrayBufferLike>, index: number, value: number): number;
    readonly [Symbol.toStringTag]: "Atomics";
}
declare var Atomics: Atomics;
/** A text. */
interface String {
    padStart(maxLength: number, fillString?: string): string;
    padEnd(maxLength: number, fillString?: string): string;
}
interface Int8ArrayConstructor {
    new (): Int8Array<ArrayBuffer>;
}
interface Uint8ArrayConstructor {
    new (): Uint8Array<ArrayBuffer>;
}
interface Uint8ClampedArrayConstructor {
    new (): Uint8ClampedArray<ArrayBuffer>;
}
interface Int16ArrayConstructor {
    new (): Int16Array<ArrayBuffer>;
}
interface Uint16ArrayConstructor {
    new (): Uint16Array<ArrayBuffer>;
}
interface Int32ArrayConstructor {
    new (): Int32Array<ArrayBuffer>;
}
interface Uint32ArrayConstructor {
    new (): Uint32Array<ArrayBuffer>;
}
interface Float32ArrayConstructor {
    new (): Float32Array<ArrayBuffer>;
}
interface Float64ArrayConstructor {
    new (): Float64Array<ArrayBuffer>;
}
