//! TypeScript: types that are computed from other types.

use rstest::rstest;
use testkit::marked::check;

#[rstest]
#[case::each_member(&[(
    "boxes.ts",
    r#"
class Rack { ⟦turn:turn⟧() {} }
interface Box<T> { ⟦inner:inner⟧: T }
interface Cellar { ⟦rack:rack⟧: Rack; ⟦name:name⟧: string }
type Boxes<T> = { [K in keyof T]: Box<T[K]> };
type Same<T> = { readonly [K in keyof T]?: T[K] | undefined };
type Racks<T> = { [K in keyof T as T[K] extends Rack ? K : never]: Box<T[K]> };
type Named<T> = { [K in keyof T as `get${string & K}`]: () => T[K] };
declare const boxes: Boxes<Cellar>, same: Same<Cellar>, racks: Racks<Cellar>, named: Named<Cellar>;
boxes.«rack=rack».«inner=inner».«turn=turn»();
same.«rack=rack»?.«turn=turn»();
racks.«rack=rack».«inner=inner».«turn=turn»();
const spread = { ...boxes, more: 1 };
spread.«rack=rack».«inner=inner».«turn=turn»();
named.«rack?rack».«inner?inner»;
"#,
)])]
#[case::told_by_an_argument(&[(
    "slices.ts",
    r#"
interface Creator { ⟦match:match⟧(x: unknown): boolean }
type Creators<CR> = { [K in keyof CR]: CR[K] extends infer D ? D extends { prepare: any } ? Creator : Creator : never };
interface Slice<S, CR> { ⟦actions:actions⟧: Creators<CR>; ⟦state:state⟧: S }
type Checked<S, CR> = CR & { [T in keyof CR]: CR[T] extends { reducer(s: S): any } ? {} : {} };
interface Options<S, CR> { initial: S; reducers: Checked<S, CR> | ((x: number) => CR) }
function builder() {
  return function make<S, CR>(options: Options<S, CR>): Slice<S, CR> { return null! };
}
const make = builder();
class Wheel { ⟦roll:roll⟧() {} }
const slice = make({ initial: new Wheel(), reducers: { ⟦wash:wash⟧(s: Wheel) {}, ⟦dry:dry⟧: { prepare: 3 } } });
slice.«actions~actions».«wash~wash».«match~match»(1);
slice.«state~state».«roll~roll»();
function build() {
  const actions = { ...slice.actions };
  return { actions };
}
declare const all: ReturnType<typeof build>["actions"];
all.«dry~dry».«match~match»(2);
"#,
)])]
#[case::one_of_two(&[(
    "either.ts",
    r#"
class Rack { ⟦turn:turn⟧() {} }
class Wheel { ⟦roll:roll⟧() {} ⟦wheel_turn:turn⟧() {} }
interface Box<T> { inner: T }
type Unwrap<T> = T extends Promise<infer U> ? U : T extends Box<infer W> ? W : T;
type Result<F> = F extends (...args: any[]) => infer R ? R : never;
type Deep<T> = T extends Box<infer U> ? Deep<U> : T;
type Endless<T> = T extends Rack ? Endless<Box<T>> : Endless<Rack>;
declare const one: Unwrap<Promise<Rack>>, two: Unwrap<Box<Rack>>, three: Unwrap<Wheel>, four: Deep<Box<Rack>>, five: Endless<Wheel>;
one.«turn=turn»();
two.«turn=turn»();
three.«roll~roll»();
five.«turn?turn»();
declare function open<T>(x: T): Unwrap<T>;
declare const boxed: Box<Wheel>;
open(boxed).«wheel_turn=turn»();
declare function load(): Wheel;
declare const loaded: Result<typeof load>;
loaded.«roll=roll»();
"#,
)])]
#[case::not_told_yet(&[(
    "later.ts",
    r#"
class Rack { ⟦rack_turn:turn⟧() {} }
class Wheel { ⟦wheel_turn:turn⟧() {} }
type Holds<T> = Rack extends T ? Rack : Wheel;
interface Shelf<T> { ⟦held:held⟧: Holds<T> }
function run<T>(shelf: Shelf<T>) {
  shelf.«held=held».«rack_turn~turn»();
}
type By<K> = K extends "rack" ? Rack : Wheel;
declare const by: By<"wheel">;
by.«rack_turn~turn»();
"#,
)])]
#[case::what_may_be_anything(&[(
    "open.ts",
    r#"
import { Foreign } from "elsewhere";
class Rack { ⟦turn:turn⟧() {} }
class Wheel { ⟦roll:roll⟧() {} }
type Either<T> = T extends { a: 1 } ? Rack : Foreign;
declare const either: Either<Wheel>;
either.«turn~turn»();
interface Named { ⟦rack:rack⟧: Rack; [other: string]: Wheel | Rack }
interface Half { rack: Rack; foreign: Foreign }
interface Whole extends Half { wheel: Wheel }
interface Rows { [row: string]: Wheel }
declare const named: Named, half: Half, whole: Whole, rows: Rows;
function pick(key: string) {
  named[key].«roll=roll»();
  half[key].«turn~turn»();
  whole[key].«roll?roll»();
  rows[key].«roll=roll»();
}
"#,
)])]
#[case::a_parameter_or_what_is_made_of_it(&[(
    "many.ts",
    r#"
class Rack { ⟦turn:turn⟧() {} }
declare function first<T>(of: T | T[]): T;
declare const racks: Rack[], rack: Rack;
first(racks).«turn=turn»();
first(rack).«turn=turn»();
"#,
)])]
#[case::functions_wanted_by_either(&[(
    "wanted.ts",
    r#"
class Rack { ⟦turn:turn⟧() {} }
type Fill<T> = T extends string ? (rack: Rack) => void : (rack: Rack) => number;
declare function fill<T>(with_: Fill<T>): void;
fill((⟦rack:rack⟧) => { «rack=rack».«turn~turn»(); });
"#,
)])]
#[case::all_at_once(&[(
    "modules.ts",
    r#"
class Rack { ⟦turn:turn⟧() {} }
interface Box<T> { ⟦inner:inner⟧: T }
declare const coreName: unique symbol;
declare const pageName: unique symbol;
type ToAll<U> = (U extends any ? (k: U) => void : never) extends (k: infer I) => void ? I : never;
interface Modules<B, C> { [coreName]: { ⟦core:core⟧: Box<B> }; [pageName]: { ⟦page:page⟧: C } }
type Api<B, C, E extends keyof Modules<B, C>> = ToAll<Modules<B, C>[E]> & { ⟦inject:inject⟧(): number };
declare const api: Api<Rack, any, any>;
api.«core=core».«inner=inner».«turn=turn»();
api.«page=page»;
api.«inject=inject»();
"#,
)])]
#[case::signatures_before_a_function(&[(
    "create.ts",
    r#"
interface Creator<T> { ⟦match:match⟧(x: unknown): boolean; ⟦kind:kind⟧: T }
class Kind { ⟦name:name⟧ = "" }
function create<T>(kind: T): Creator<T>;
function create<T>(kind: string, prepare: (k: string) => T): Creator<T>;
function create(kind: any, prepare?: Function): any { return null; }
create(new Kind()).«match=match»(1);
create(new Kind()).«kind=kind».«name=name»;
create("a", () => new Kind()).«match=match»(1);
"#,
)])]
fn types_that_are_computed(#[case] files: &[(&str, &str)]) {
    check(files);
}
