//! The declared standard library of scripts, and defaults of type parameters, which it is full of.

use rstest::rstest;
use testkit::marked::check;
use testkit::{Project, ask, engine};

#[rstest]
#[case::lists_that_do_not_change(&[(
    "a.ts",
    r#"export class Pos { ⟦depth:depth⟧ = 1; }
export class Other { depth = 2; from = 1; }
export class Span { constructor(readonly ⟦from:from⟧: Pos) {} }
export class Marks {
  ranges: readonly Span[] = [];
  a() { return this.ranges[0].«from=from».«depth=depth»; }
  b() { return this.ranges.map(r => r.«from~from»)[0].«depth=depth»; }
  c(pages: ReadonlyMap<string, Span>) { return pages.get("a")!.«from=from»; }
  d(later: Promise<Span>) { return later.then(s => s.«from~from»); }
}
"#,
)])]
#[case::defaults_of_type_parameters(&[
    (
        "errors.ts",
        "export interface Base { code: string }\nexport interface Big extends Base { ⟦most:most⟧: number }\nexport interface Small extends Base { ⟦least:least⟧: number }\nexport type Issue = Big | Small;\nexport interface Told<T extends Base = Issue> { (issue: T): string }\nexport interface Kept<K, V extends Base = Big> { key: K; ⟦value:value⟧: V }\nexport class Other { most = 1; least = 1; value = 2; }\n",
    ),
    (
        "use.ts",
        "import type * as errors from \"./errors\";\nimport { Kept } from \"./errors\";\nexport const told: errors.Told = (issue) => \"\" + issue.«most~most» + issue.«least~least»;\nexport function of(kept: Kept<string>, other: errors.Kept<string, errors.Small>) {\n  return kept.«value=value».«most=most» + other.value.«least=least»;\n}\nexport const later: () => errors.Told = () => (issue) => \"\" + issue.«least~least»;\n",
    ),
])]
fn types_lead_on(#[case] files: &[(&str, &str)]) {
    check(files);
}

/// A place, and what is written where it leads.
#[rstest]
#[case::of_a_list("a.js:1:5", "indexOf(searchElement: T, fromIndex?: number): number;")]
#[case::of_the_browser("a.js:2:10", "getElementById(elementId: string): HTMLElement | null;")]
#[case::of_the_language("a.js:3:6", "stringify(value: any,")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.js", "[1].indexOf(2);\ndocument.getElementById(\"x\");\nJSON.stringify({});\n")]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.remark.as_deref(), first.unit.as_deref()), (Some("declared, source not on this machine"), Some("typescript-std")));
}

#[test]
fn what_is_only_declared_hides_nothing_of_the_code() {
    let project = Project::with(&[("a.js", "function fetchAll() {}\nfetchAll();\n"), ("b.js", "export class Map {}\n")]);
    let engine = engine(&project);
    let places = |question: &str| testkit::places(&ask(&engine, question));
    assert_eq!(places("where is Map"), ["b.js:1"], "the code's own comes alone");
    assert_eq!(places("text \"getElementById\""), Vec::<String>::new(), "the library's text is none of the code's");
    assert!(places("where is WeakMap")[0].contains("lib.es2015.d.ts"), "and answers where nothing else is called so");
}
