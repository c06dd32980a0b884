//! Rust, construct by construct.

use rstest::rstest;
use testkit::{definitions, facts, uses};

#[rstest]
#[case::traits("trait Turn { type Out; const N: u8; fn turn(&self) -> Self::Out; fn twice(&self) {} }",
    &["trait Turn", "alias Turn.Out", "const Turn.N", "method Turn.turn", "param Turn.turn.self", "method Turn.twice", "param Turn.twice.self"])]
#[case::enums("enum Kind { Oak, Ash(u32), Elm { age: u8 }, Yew = 4 }", &["enum Kind", "variant Kind.Oak", "variant Kind.Ash", "variant Kind.Elm", "field Kind.Elm.age", "variant Kind.Yew"])]
#[case::generics("fn f<'a, T: Into<U>, U, const N: usize>(a: &'a [T; N]) {}", &["fn f", "typeparam f.T", "typeparam f.U", "typeparam f.N", "param f.a"])]
#[case::patterns("fn f(o: Option<(u8, Slot)>) { let Some((a, Slot { row, column: c, .. })) = o else { return }; if let x @ 1..=3 = a {} }",
    &["fn f", "param f.o", "var f.a", "var f.row", "var f.c", "var f.x"])]
#[case::matched("fn f(k: Kind) { match k { Kind::Ash(n) | Kind::Elm { age: n } if n > 1 => {} other => {} } }", &["fn f", "param f.k", "var f.n", "var f.n", "var f.other"])]
#[case::closures("fn f() { let g = |a: u8, (b, _)| a + b; }", &["fn f", "var f.g", "param f.a", "param f.b"])]
#[case::loops("fn f(v: Vec<u8>) { for (i, x) in v.iter().enumerate() {} while let Some(y) = v.pop() {} }", &["fn f", "param f.v", "var f.i", "var f.x", "var f.y"])]
#[case::modules("pub mod a { pub(crate) mod b { pub fn c() {} } static S: u8 = 1; }", &["module a", "module a.b", "fn a.b.c", "const a.S"])]
#[case::raw("fn r#type(r#fn: u8) {}", &["fn r#type", "param r#type.r#fn"])]
#[case::unions("union Bits { a: u32, b: f32 }", &["union Bits", "field Bits.a", "field Bits.b"])]
#[case::tuple_structs("struct Wheel(pub u32, Slot);", &["struct Wheel"])]
#[case::nested_functions("fn f() { fn g() {} const N: u8 = 1; struct S; }", &["fn f", "fn f.g", "const f.N", "struct f.S"])]
#[case::foreign("extern \"C\" { fn probe_level(n: u32) -> u32; static LIMIT: u32; }", &["fn probe_level", "param probe_level.n", "const LIMIT"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::RUST, text)), wanted);
}

#[rstest]
#[case::paths("fn f() { a::b::c(); Self::d(); <T as E>::g(); }", &["ref a", "ref b", "call c", "call d", "type T", "type E", "call g"])]
#[case::made("fn f(n: u8) -> Slot { Slot { row: n, ..Slot::new() } }", &["type Slot", "type Slot", "write row", "read n*", "ref Slot", "call new"])]
#[case::short_fields("fn f(row: u8) { Slot { row }; }", &["type Slot", "write row", "read row*"])]
#[case::assigned("fn f(s: &mut Slot) { s.row = 1; s.column += 2; *s.other() = 3; }", &["type Slot", "read s*", "write row", "read s*", "write column", "read s*", "call other"])]
#[case::asked("fn f(a: R) -> R { a.b()?.c?; a }", &["type R", "type R", "read a*", "call b", "read c", "read a*"])]
#[case::bounds("fn f<T>(a: T) where T: Clone + Turn<Out = u8> { a.turn() }", &["type T*", "type T*", "type Clone", "type Turn", "type Out", "read a*", "call turn"])]
#[case::attributes("#[derive(Clone, serde::Serialize)]\nstruct S { #[serde(default = \"f\")] a: A }", &["mark Clone", "ref serde", "mark Serialize", "type A"])]
#[case::shadowed("fn f(a: u8) { let a = a + 1; let a = g(a); a; }", &["read a*", "call g", "pass a*", "read a*"])]
#[case::turbofish("fn f() { v.iter().collect::<Vec<Slot>>(); }", &["read v", "call iter", "call collect", "type Vec", "type Slot"])]
#[case::formatted("fn f(a: u8) { println!(\"{a} {}\", g(a)); }", &["call println", "call g", "read a*"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::RUST, text)), wanted);
}

#[rstest]
#[case::grouped("use a::{self, b as c, d::{e, f}};", &[" a a", "a b c", "a::d e e", "a::d f f"])]
#[case::globs("pub use crate::a::*;", &["crate::a - -"])]
#[case::above("use super::super::x;", &["super::super x x"])]
#[case::crates("extern crate core as c;", &["core - c"])]
#[case::unnamed("use a::T as _;", &["a T _"])]
fn imports_of(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = facts(languages::RUST, text);
    let word = |n: Option<compass_facts::NameId>| n.map_or("-", |n| facts.name(n));
    let told = |i: &compass_facts::Import| format!("{} {} {}", facts.name(i.module), word(i.name), word(i.bound));
    assert_eq!(facts.imports.iter().map(told).collect::<Vec<_>>(), wanted);
}
