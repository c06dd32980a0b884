/** Gives values as they come. */
interface AsyncGenerator<T = unknown, TReturn = any, TNext = any> extends AsyncIteratorObject<T, TReturn, TNext> {
    next(...[value]: [
    ] | [
        TNext
    ]): Promise<IteratorResult<T, TReturn>>;
    return(value: TReturn | PromiseLike<TReturn>): Promise<IteratorResult<T, TReturn>>;
    throw(e: any): Promise<IteratorResult<T, TReturn>>;
    [Symbol.asyncIterator](): AsyncGenerator<T, TReturn, TNext>;
}
interface AsyncGeneratorFunction {
    new (...args: any[]): AsyncGenerator;
    (...args: any[]): AsyncGenerator;
    readonly length: number;
    readonly name: string;
    readonly prototype: AsyncGenerator;
}
interface AsyncGeneratorFunctionConstructor {
    new (...args: string[]): AsyncGeneratorFunction;
    (...args: string[]): AsyncGeneratorFunction;
    readonly length: number;
    readonly name: string;
    readonly prototype: AsyncGeneratorFunction;
}
interface SymbolConstructor {
    readonly asyncIterator: unique symbol;
}
/** Gives values that come later. */
interface AsyncIterator<T, TReturn = any, TNext = any> {
    next(...[value]: [
    ] | [
        TNext
    ]): Promise<IteratorResult<T, TReturn>>;
    return?(value?: TReturn | PromiseLike<TReturn>): Promise<IteratorResult<T, TReturn>>;
    throw?(e?: any): Promise<IteratorResult<T, TReturn>>;
}
/** What can be gone through as values come. */
interface AsyncIterable<T, TReturn = any, TNext = any> {
    [Symbol.asyncIterator](): AsyncIterator<T, TReturn, TNext>;
}
interface AsyncIterableIterator<T, TReturn = any, TNext = any> extends AsyncIterator<T, TReturn, TNext> {
    [Symbol.asyncIterator](): AsyncIterableIterator<T, TReturn, TNext>;
}
interface AsyncIteratorObject<T, TReturn = unknown, TNext = unknown> extends AsyncIterator<T, TReturn, TNext> {
    [Symbol.asyncIterator](): AsyncIteratorObject<T, TReturn, TNext>;
}
/** Texts of languages and regions. */
declare namespace Intl {
    type LDMLPluralRule = "zero" | "one" | "two" | "few" | "many" | "other";
    type PluralRuleType = "cardinal" | "ordinal";
    interface PluralRulesOptions {
        localeMatcher?: "lookup" | "best fit" | undefined;
        type?: PluralRuleType | undefined;
        minimumIntegerDigits?: number | undefined;
        minimumFractionDigits?: number | undefined;
        maximumFractionDigits?: number | undefined;
        minimumSignificantDigits?: number | undefined;
        maximumSignificantDigits?: number | undefined;
    }
    interface ResolvedPluralRulesOptions {
        locale: string;
        pluralCategories: LDMLPluralRule[];
        type: PluralRuleType;
        minimumIntegerDigits: number;
        minimumFractionDigits: number;
        maximumFractionDigits: number;
        minimumSignificantDigits?: number;
        maximumSignificantDigits?: number;
    }
    interface PluralRules {
        resolvedOptions(): ResolvedPluralRulesOptions;
        select(n: number): LDMLPluralRule;
    }
    interface PluralRulesConstructor {
        new (locales?: string | readonly string[], options?: PluralRulesOptions): PluralRules;
        (locales?: string | readonly string[], options?: PluralRulesOptions): PluralRules;
        supportedLocalesOf(locales: string | readonly string[], options?: {
            localeMatcher?: "lookup" | "best fit";
        }): string[];
    }
    const PluralRules: PluralRulesConstructor;
    interface NumberFormatPartTypeRegistry {
        literal: never;
        nan: never;
        infinity: never;
        percent: never;
        integer: never;
        group: never;
        decimal: never;
        fraction: never;
        plusSign: never;
        minusSign: never;
        percentSign: never;
        currency: never;
    }
    type NumberFormatPartTypes = keyof NumberFormatPartTypeRegistry;
    interface NumberFormatPart {
        type: NumberFormatPartTypes;
        value: string;
    }
    interface NumberFormat {
        formatToParts(number?: number | bigint): NumberFormatPart[];
    }
}
/** A value that comes later. */
interface Promise<T> {
    finally(onfinally?: (() => void) | undefined | null): Promise<T>;
}
/** What was matched. */
interface RegExpMatchArray {
    groups?: {
        [key: string]: string;
    };
}
/** What was matched, and where. */
interface RegExpExecArray {
    groups?: {
        [key: string]: string;
    };
}
/** A regular expression. */
interface RegExp {
    readonly dotAll: boolean;
}
