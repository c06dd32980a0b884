//! TypeScript.

use rstest::rstest;
use testkit::marked::check;

#[rstest]
#[case::classes(&[(
    "rack.ts",
    r#"
export interface ⟦Shape:Shape⟧ { ⟦area:area⟧(): number; readonly ⟦name:name⟧: string }
export abstract class ⟦Disc:Disc⟧ implements «Shape=Shape» {
  static ⟦count:count⟧ = 0;
  #⟦grams:#grams⟧ = 1;
  constructor(protected readonly ⟦by:by⟧: number, public name: string) { «Disc=Disc».«count=count»++; }
  abstract ⟦turn:turn⟧(n: number): this;
  get ⟦heavy:heavy⟧(): boolean { return this.«grams=#grams» > this.«by=by»; }
  ⟦disc_area:area⟧() { return this.«grams=#grams»; }
}
export class ⟦Wheel:Wheel⟧ extends «Disc=Disc» {
  ⟦wheel_turn:turn⟧(⟦n:n⟧: number) { return this; }
  ⟦wash:wash⟧ = (⟦k:k⟧ = this.«by=by») => super.«disc_area~area»() + «k=k»;
}
export function run(shape: «Shape=Shape», disc: «Disc=Disc») {
  const ⟦w:w⟧ = new «Wheel=Wheel»(1, "a");
  «w=w».«wheel_turn~turn»(2).«wash~wash»();
  return shape.«area=area»() + shape.«name=name».length + disc.«turn=turn»(1).«disc_area=area»();
}
"#,
)])]
#[case::modules(&[
    ("index.ts", "export * from \"./rack\";\nexport { default as ⟦unused:pick⟧, «Side=Side» } from \"./pick\";\nexport type { «Plan=Plan» } from \"./types\";\n"),
    ("rack.ts", "export const ⟦size:size⟧ = 3;\nexport const enum ⟦Level:Level⟧ { ⟦Low:Low⟧ = 1, ⟦High:High⟧ }\n"),
    ("pick.ts", "export default function ⟦pick:pick⟧(plan: import(\"./types\").Plan) { return plan.«steps=steps»; }\nexport namespace ⟦Side:Side⟧ { export const ⟦left:left⟧ = 1; export interface ⟦Deep:Deep⟧ { ⟦down:down⟧: number } }\n"),
    ("types.ts", "export type ⟦Plan:Plan⟧ = { ⟦steps:steps⟧: number; ⟦next:next⟧?: «Plan=Plan» };\n"),
    (
        "use.ts",
        "import { pick, «size=size» as s, «Level=Level», «Side=Side», type «Plan=Plan» } from \"./index\";\nimport * as all from \"./index\";\nconst ⟦plan:plan⟧: «Plan=Plan» = { steps: s, next: { steps: 1 } };\n«pick=pick»(«plan=plan»);\nall.«size=size» + all.«pick=pick»(«plan=plan».«next=next»!);\n«Level=Level».«High=High» + «Side=Side».«left=left»;\nexport const d: «Side=Side».«Deep=Deep» = { down: 2 };\nd.«down=down»;\n",
    ),
])]
#[case::generics(&[(
    "shelf.ts",
    r#"
class ⟦Brie:Brie⟧ { ⟦salt:salt⟧ = 1; ⟦dry:dry⟧() { return this; } }
class ⟦Shelf:Shelf⟧<⟦T:T⟧> {
  private ⟦items:items⟧: «T=T»[] = [];
  ⟦put:put⟧(item: «T=T»): this { this.«items=items».push(item); return this; }
  ⟦first:first⟧(): «T=T» { return this.«items=items»[0]; }
  ⟦map:map⟧<U>(by: (⟦unused:t⟧: «T=T») => U): «Shelf=Shelf»<U> { return null!; }
}
function ⟦identity:identity⟧<V>(v: V): V { return v; }
const shelf = new «Shelf=Shelf»<«Brie=Brie»>();
shelf.«put~put»(new «Brie=Brie»()).«first~first»().«salt~salt»;
shelf.«map~map»((⟦b:b⟧) => «b=b».«dry~dry»()).«first~first»();
«identity=identity»(new «Brie=Brie»()).«dry=dry»().«salt~salt»;
"#,
)])]
#[case::modules_on_the_way(&[
    ("late.ts", "export const ⟦salt:salt⟧ = 1;\nexport class ⟦Brie:Brie⟧ { ⟦dry:dry⟧() { return this; } }\nexport default function ⟦make:make⟧() { return new «Brie=Brie»(); }\n"),
    (
        "use.ts",
        "async function f(b: import(\"./late\").«Brie=Brie», list: Array<import('./late').«Brie=Brie»>) {\n  const late = await import(\"./late\");\n  late.«salt~salt» + new late.«Brie~Brie»().«dry~dry»().dry;\n  const { «salt=salt»: ⟦s:s⟧ } = await import(\"./late\");\n  b.«dry=dry»(); list[0].«dry=dry»(); «s=s»;\n  let t: typeof import(\"./late\");\n  t.«salt=salt»;\n}\n",
    ),
])]
#[case::destructuring(&[(
    "take.ts",
    r#"
interface ⟦Slot:Slot⟧ { ⟦wheel:wheel⟧: { ⟦age:age⟧: number }; ⟦notes:notes⟧: string[] }
function f({ «wheel=wheel»: { «age=age»: ⟦old:old⟧ = 1 }, ...⟦rest:rest⟧ }: «Slot=Slot», [⟦a:a⟧, , ⟦c:c⟧]: number[]) {
  const { «notes=notes»: ⟦said:said⟧ } = «rest=rest»;
  for (const ⟦n:n⟧ of «said=said») console.log(«n=n»);
  try { return «old=old» + «a=a» + «c=c»; } catch (⟦e:e⟧) { throw «e=e»; }
  label: for (let ⟦i:i⟧ = 0; «i=i» < 3; «i=i»++) { let ⟦inner:i⟧ = 1; «inner=i»; continue label; }
}
"#,
)])]
fn names_of_typescript_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    check(files);
}

#[rstest]
#[case::overloads_and_guards(&[(
    "over.ts",
    r#"
type ⟦Round:Round⟧ = { ⟦kind:kind⟧: "round"; ⟦radius:radius⟧: number };
type ⟦Flat:Flat⟧ = { ⟦flat_kind:kind⟧: "flat"; ⟦side:side⟧: number };
type ⟦Any:Any⟧ = «Round=Round» | «Flat=Flat»;
function isRound(s: «Any=Any»): s is «Round=Round» { return true; }
function area(n: number): number;
function area(s: «Any=Any»): number;
function ⟦area:area⟧(s: any): number { return 1; }
export function run(s: «Any=Any», r: «Round=Round») {
  return «area=area»(2) + «area=area»(s) + r.«radius=radius» + (s as «Flat=Flat»).«side=side» + (<«Round=Round»>s).«radius=radius»;
}
"#,
)])]
#[case::enums_and_namespaces(&[(
    "kinds.ts",
    r#"
export enum ⟦Level:Level⟧ { ⟦Low:Low⟧ = 1, ⟦High:High⟧ = «Low=Low» * 2 }
export namespace ⟦tools:tools⟧ {
  export const ⟦limit:limit⟧ = 3;
  function ⟦hidden:hidden⟧() { return «limit=limit»; }
  export function ⟦shown:shown⟧() { return «hidden=hidden»(); }
  export namespace ⟦deep:deep⟧ { export class ⟦Pit:Pit⟧ { ⟦depth:depth⟧ = «shown=shown»(); } }
}
const ⟦table:table⟧: Record<«Level=Level», string> = { [«Level=Level».«Low=Low»]: "low", [«Level=Level».«High=High»]: "high" };
export const made = new «tools=tools».«deep=deep».«Pit=Pit»();
made.«depth~depth» + «tools=tools».«shown=shown»() + «table=table»[«Level=Level».«High=High»].length;
"#,
)])]
#[case::objects(&[(
    "objects.ts",
    r#"
export const ⟦config:config⟧ = {
  ⟦name:name⟧: "hollow",
  ⟦caves:caves⟧: { ⟦count:count⟧: 3, ⟦open:open⟧() { return this.«count=count»; } },
  get ⟦size:size⟧() { return this.«caves=caves».«count=count»; },
};
«config=config».«caves=caves».«open=open»();
«config=config».«size=size» + «config=config».«name=name».length;
const ⟦copy:copy⟧ = { ...«config=config», ⟦extra:extra⟧: 1 };
«copy=copy».«extra=extra» + «copy=copy».«name=name».length;
«copy=copy».«caves=caves».«open=open»();
class ⟦Builder:Builder⟧ {
  private ⟦parts:parts⟧: string[] = [];
  ⟦add:add⟧(p: string): this { this.«parts=parts».push(p); return this; }
  static ⟦of:of⟧(): «Builder=Builder» { return new «Builder=Builder»(); }
  ⟦done:done⟧ = (): string => this.«parts=parts».join();
}
«Builder=Builder».«of=of»().«add=add»("a").«add=add»("b").«done=done»();
"#,
)])]
#[case::functions_that_are_handed_on(&[(
    "handed.ts",
    r#"
interface ⟦Wheel:Wheel⟧ { ⟦age:age⟧: number; ⟦turn:turn⟧(by: number): «Wheel=Wheel» }
type ⟦Step:Step⟧ = (w: «Wheel=Wheel», by: number) => «Wheel=Wheel»;
function ⟦each:each⟧(all: «Wheel=Wheel»[], step: «Step=Step»): «Wheel=Wheel»[] { return all.map((w) => step(w, 1)); }
const ⟦older:older⟧: «Step=Step» = (⟦w:w⟧, ⟦by:by⟧) => «w=w».«turn~turn»(«by=by»);
export function run(all: «Wheel=Wheel»[]) {
  «each=each»(all, «older=older»)[0].«age=age»;
  «each=each»(all, (⟦x:x⟧) => «x=x».«turn~turn»(2));
  all.filter((⟦f:f⟧) => «f=f».«age~age» > 1).forEach((⟦g:g⟧) => «g=g».«turn~turn»(3));
  for (const ⟦v:v⟧ of all) «v=v».«turn=turn»(1);
  const [⟦head:head⟧, ...⟦tail:tail⟧] = all;
  return «head=head».«age=age» + «tail=tail»[0].«age=age»;
}
"#,
)])]
fn more_names_of_typescript(#[case] files: &[(&str, &str)]) {
    check(files);
}

#[rstest]
#[case::what_comes_later(&[(
    "later.ts",
    r#"
class ⟦Wheel:Wheel⟧ { ⟦age:age⟧ = 1; ⟦turn:turn⟧(): this { return this; } }
async function ⟦load:load⟧(id: string): Promise<«Wheel=Wheel»> { return new «Wheel=Wheel»(); }
async function ⟦all:all⟧(): Promise<«Wheel=Wheel»[]> { return [await «load=load»("a")]; }
export async function run(cache: Map<string, «Wheel=Wheel»>, maybe?: «Wheel=Wheel») {
  const w = await «load=load»("b");
  w.«turn~turn»().«age~age»;
  (await «all=all»())[0].«age=age»;
  for (const each of await «all=all»()) each.«turn=turn»();
  cache.get("a")?.«turn=turn»();
  maybe!.«age=age» + (maybe ?? w).«age~age»;
  for (const [key, value] of Object.entries({ a: w })) console.log(key);
}
"#,
)])]
#[case::generic_constraints(&[(
    "bounds.ts",
    r#"
interface ⟦Named:Named⟧ { ⟦name:name⟧: string }
interface ⟦Keyed:Keyed⟧<K> extends «Named=Named» { ⟦key:key⟧: K }
class ⟦Store:Store⟧<⟦T:T⟧ extends «Keyed=Keyed»<string>> {
  private readonly ⟦by:by⟧: { [k: string]: «T=T» } = {};
  ⟦add:add⟧(t: «T=T»): void { this.«by=by»[t.«key=key»] = t; t.«name=name»; }
  ⟦find:find⟧(k: string): «T=T» | undefined { return this.«by=by»[k]; }
}
class ⟦Rack:Rack⟧ implements «Keyed=Keyed»<string> { ⟦rack_name:name⟧ = ""; ⟦rack_key:key⟧ = ""; ⟦fill:fill⟧() {} }
function ⟦pick:pick⟧<⟦O:O⟧ extends «Named=Named», P extends keyof «O=O»>(o: «O=O», p: P) { return o.«name=name»; }
export function run(s: «Store=Store»<«Rack=Rack»>) {
  s.«add=add»(new «Rack=Rack»());
  s.«find=find»("a")?.«fill=fill»();
  s.«find=find»("a")!.«rack_key=key»;
  «pick=pick»(new «Rack=Rack»(), "name");
}
"#,
)])]
#[case::arguments_of_bases_and_constructors(&[(
    "streams.ts",
    r#"
class ⟦Sink:Sink⟧<T> { ⟦next:next⟧(value: T): void {} ⟦complete:complete⟧(): void {} }
class ⟦Stream:Stream⟧<T> { constructor(private run: (this: Stream<T>, sink: «Sink=Sink»<T>) => void) {} }
const made = new «Stream=Stream»<number>((sink) => { sink.«next~next»(1); sink.«complete~complete»(); });
interface ⟦Def:Def⟧<T> { ⟦inner:inner⟧: T }
class ⟦Base:Base⟧<D> { constructor(readonly ⟦def:def⟧: D) {} ⟦parse:parse⟧(): boolean { return true } }
class ⟦Wrapped:Wrapped⟧ extends «Base=Base»<«Def=Def»<«Base=Base»<string>>> {
    check() { return this.«def=def».«inner=inner».«parse=parse»() }
}
interface ⟦Shape:Shape⟧ { ⟦check:check⟧(n: number): boolean }
function build(shape: «Shape=Shape») { shape.«check=check» = (n) => n > 0; return shape.«check=check»(1) }
export { made, build }
"#,
)])]
#[case::behind_a_whole_export(&[
    ("types.d.ts", "declare namespace rack {\n  export interface ⟦Shelf:Shelf⟧ { ⟦depth:depth⟧: number }\n  export function make(): Shelf;\n}\nexport = rack;\n"),
    ("use.ts", "import * as all from './types';\nfunction f(a: all.«Shelf=Shelf», b: import('./types').Shelf) { return a.«depth=depth» + b.«depth=depth»; }\n"),
    ("use.js", "/** @param {import ('./types').Shelf} a */\nfunction g(a) { return a.«depth~depth»; }\n"),
])]
#[case::a_declared_receiver(&[(
    "plan.ts",
    "interface ⟦Plan:Plan⟧ { ⟦run:run⟧(n: number): void }\ninterface Other { run(): void }\nclass Rack { run() { return function (this: «Plan=Plan») { this.«run=run»(1); const later = () => this.«run=run»(2); return later; }; } }\nexport { Rack };\n",
)])]
#[case::types_made_of_types(&[(
    "made.ts",
    r#"
interface ⟦Base:Base⟧ { ⟦origin:origin⟧: string; ⟦turn:turn⟧(): «Base=Base» }
type ⟦Same:Same⟧<T> = { [k in keyof T]: T[k] } & {};
type ⟦Raw:Raw⟧<T extends «Base=Base»> = T extends any ? «Same=Same»<Omit<T, "x"> & { ⟦input:input⟧?: string }> : never;
interface ⟦Show:Show⟧ { (issue: «Raw=Raw»<«Base=Base»>): string }
class Maker { ⟦make:make⟧() { return this; } }
export function run(a: Partial<«Base=Base»>, b: Readonly<Pick<«Base=Base», "origin">>, c: «Raw=Raw»<«Base=Base»>, d: Awaited<Promise<«Base=Base»>>, e: InstanceType<typeof Maker>) {
  a.«origin=origin» + b.«origin=origin» + c.«origin=origin» + c.«input=input» + e.«make=make»();
  return a.«turn=turn»!().«origin=origin»;
}
export const show: () => «Show=Show» = () => {
  return (issue) => issue.«origin~origin» + issue.«input~input»;
};
export function direct(): «Show=Show» { return (issue) => issue.«origin~origin»; }
"#,
)])]
#[case::own_types_of_those_names(&[
    ("pick.ts", "export interface ⟦Pick:Pick⟧<T> { ⟦got:got⟧: T }\n"),
    (
        "use.ts",
        "import { «Pick=Pick» } from './pick';\ninterface Base { got: string; rack: number }\nfunction f(a: «Pick=Pick»<Base>, b: «Omit=Omit»<Base>) { return a.«got=got».«rack!x» || b.«left=left»; }\nclass ⟦Omit:Omit⟧<T> { ⟦left:left⟧ = 1; constructor(readonly t: T) {} }\nexport { f };\n",
    ),
])]
#[case::what_conditions_tell(&[(
    "told.ts",
    r#"
class ⟦Rack:Rack⟧ { ⟦rack_size:size⟧ = 1; ⟦fill:fill⟧() {} }
class ⟦Shelf:Shelf⟧ { ⟦shelf_size:size⟧ = 2; ⟦held:held⟧: «Rack=Rack» | «Shelf=Shelf» = new «Rack=Rack»(); }
type Both = «Rack=Rack» | «Shelf=Shelf»;
export function then(of: Both) {
  if (of instanceof «Rack=Rack») { of.«rack_size=size»; of.«fill=fill»(); }
  return of instanceof «Shelf=Shelf» ? of.«shelf_size=size» : 0;
}
export function and(of: Both) { return of instanceof «Shelf=Shelf» && of.«shelf_size=size» > 1 && of.«held=held» instanceof «Rack=Rack» && of.«held=held».«fill=fill»(); }
export function leaves(of: Both) {
  if (!(of instanceof «Shelf=Shelf»)) return 0;
  const later = (of: «Rack=Rack») => of.«rack_size=size»;
  return of.«shelf_size=size» + later(new «Rack=Rack»());
}
type ⟦Kinds:Kinds⟧ = "flat" | "long";
interface ⟦Round:Round⟧ { ⟦round_kind:kind⟧: "round"; ⟦radius:radius⟧: number; ⟦round_side:side⟧: string }
interface ⟦Flat:Flat⟧ { ⟦flat_kind:kind⟧: «Kinds=Kinds»; ⟦side:side⟧: number }
interface ⟦Other:Other⟧ { ⟦other_kind:kind⟧: string; ⟦other_side:side⟧: boolean }
type Shape = «Round=Round» | «Flat=Flat»;
export function chosen(shape: Shape, any: Shape | «Other=Other»): unknown {
  switch (shape.kind) {
    case "round": return shape.«round_side=side» + shape.«radius=radius»;
    case "flat":
    case "long": return shape.«side=side»;
  }
  if (shape.kind !== "round") return shape.«side=side»;
  if (any.kind === "flat" && any.«side~side») return 1;
  return shape.«round_side=side»;
}
export function later(all: Both[]) {
  let held = all[0];
  const fixed = all[1];
  if (!(held instanceof «Shelf=Shelf») || !(fixed instanceof «Shelf=Shelf»)) return;
  all.forEach(() => held.«rack_size~size» + fixed.«shelf_size=size»);
  held = new «Rack=Rack»();
}
namespace kinds { export type Wide = "wide" | "long"; }
interface ⟦Wide:Wide⟧ { ⟦wide_kind:kind⟧: kinds.Wide; ⟦wide_side:side⟧: boolean }
export function by_path(of: «Round=Round» | «Wide=Wide») { return of.kind === "wide" ? of.«wide_side=side» : 0; }
enum ⟦Level:Level⟧ { ⟦Low:Low⟧, ⟦High:High⟧ }
type Step = { level: «Level=Level».«Low=Low»; ⟦low_done:done⟧(): void } | { level: «Level=Level».«High=High»; ⟦high_done:done⟧(): string };
export function by_enum(step: Step) { return step.level === Level.High ? step.«high_done=done»() : step.«low_done=done»(); }
type Result = { ok: true; ⟦value:value⟧: «Rack=Rack» } | { ok: false; ⟦error:error⟧: string; ⟦no_value:value⟧: undefined };
export function by_truth(result: Result) { if (!result.ok) return result.«no_value=value»; return result.«value=value».«fill=fill»(); }
function isShelf(of: Both): of is «Shelf=Shelf» { return true; }
export function by_guard(of: Both) { return isShelf(of) && of.«shelf_size=size»; }
export function by_member(of: Round | Flat) { return "radius" in of ? of.«round_side=side» : of.«round_side~side»; }
type Odd = { kind?: "odd"; ⟦odd_side:side⟧: number } | { kind: "even"; ⟦even_side:side⟧: string };
export function may_be_missing(of: Odd) { return of.kind === "even" ? of.«even_side=side» : of.kind === "odd" ? of.«odd_side=side» : of.«odd_side=side»; }
export function not_told(of: Odd, other: { kind: "even" | "odd" }) { return of.kind === other.kind && of.«odd_side~side»; }
export function in_a_loop(of: Both, all: «Rack=Rack»[]) {
  if (!(of instanceof «Shelf=Shelf»)) return;
  for (const each of all) { of.«rack_size~size»; of = each; }
}
export function in_pairs(of: Both, rack: «Rack=Rack») {
  if (of instanceof «Shelf=Shelf») { of.«shelf_size=size»; [of] = [rack]; of.«rack_size~size»; }
}
export function hoisted(of: Both) {
  if (!(of instanceof «Shelf=Shelf»)) return 0;
  function later() { return (of as Both).«rack_size~size» + of.«rack_size~size»; }
  return later();
}
function isSecond(name: string, of: Both): of is «Shelf=Shelf» { return name === ""; }
export function by_the_second(name: Both & string, of: Both) { return isSecond(name, of) && of.«rack_size~size»; }
export function falls_in(shape: Shape, n: unknown): unknown {
  switch (shape.kind) {
    case n: return 0;
    case "round": shape.«radius=radius»;
    default: return shape.«round_side~side»;
  }
}
export function changes(of: Both, other: «Rack=Rack») {
  if (of instanceof «Shelf=Shelf») { of.«shelf_size=size»; { of = other; } of.«fill=fill»(); }
}
"#,
)])]
#[case::arguments_of_calls_and_lookups(&[(
    "calls.ts",
    r#"
interface ⟦Rack:Rack⟧ { ⟦slots:slots⟧: { ⟦depth:depth⟧: number }[]; ⟦turn:turn⟧(by: number): void }
declare function load<T>(path: string): Promise<T>;
declare function each<T>(path: string, run: (of: T) => void): T;
class Store { ⟦get:get⟧<T>(name: string): T | undefined { return undefined; } }
export async function run(store: Store, slots: «Rack=Rack»["slots"], slot: «Rack=Rack»["slots"][number], by: «Rack=Rack»["turn"]) {
  const rack = await load<«Rack=Rack»>("a");
  rack.«slots~slots»[0].«depth~depth»;
  each<«Rack=Rack»>("b", (of) => of.«turn~turn»(1)).«turn=turn»(2);
  store.«get=get»<«Rack=Rack»>("c")?.«turn=turn»(3);
  return slots[0].«depth=depth» + slot.«depth=depth»;
}
"#,
)])]
#[case::objects_that_are_wanted(&[(
    "wanted.ts",
    r#"
interface ⟦Rack:Rack⟧ { ⟦turn:turn⟧(by: number): void; ⟦size:size⟧: number }
interface Options<T> { fill?: (of: T, by: number) => void; empty(of: T): void; deep: { each(of: T[]): void } }
declare function make<T extends object>(options: Options<«Rack=Rack»>): T;
class Store<T> { constructor(readonly options: Options<T>) {} ⟦add:add⟧(step: { done: (of: T) => void }): void {} }
export const made = make({
  fill: (of) => of.«turn~turn»(1),
  empty(of) { of.«size~size»; },
  deep: { each(all) { all[0].«turn~turn»(2); } },
});
export const written: Options<«Rack=Rack»> = { empty: function (of) { of.«turn~turn»(3); }, deep: { each: (all) => all.forEach((of) => of.«turn~turn»(4)) } };
export function given(): Options<«Rack=Rack»> { return { empty: (of) => of.«turn~turn»(5), deep: written.deep }; }
export function later(store: Store<«Rack=Rack»>) {
  store.«add=add»({ done: (of) => of.«turn~turn»(6) });
  return new Store<«Rack=Rack»>({ empty: (of) => of.«turn~turn»(7), deep: written.deep });
}
declare function build<T>(run: (of: T) => void): Options<T>;
export const expected: Options<«Rack=Rack»> = build((of) => of.«turn~turn»(8));
interface Both<T> { init(of: T): void }
function Both<T>(name: string, run: (of: T) => void): Both<T> { return { init: run }; }
export const same: Both<«Rack=Rack»> = /* made */ Both("rack", (of) => of.«turn~turn»(9));
export interface ⟦Own:Own⟧<⟦Key:Key⟧> extends Options<«Key=Key»> { own: «Key=Key» }
export class ⟦Kept:Kept⟧<⟦Held:Held⟧> extends Store<«Held=Held»> implements «Own=Own»<«Held=Held»> { own!: «Held=Held»; empty(of: «Held=Held»): void {} deep = this.options.deep; }
"#,
)])]
fn names_of_typescript_in_harder_places(#[case] files: &[(&str, &str)]) {
    check(files);
}
