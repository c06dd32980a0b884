//! Lua, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, uses};

#[rstest]
#[case::locals("local a, b = 1\nlocal function c(d, ...) local e end\nlocal f <const> = function(g) end", &["var a", "var b", "fn c", "param c.d", "var c.e", "fn f", "param f.g"])]
#[case::tables("local A = { b = 1, c = function(d) end, [\"e\"] = 2, f = { g = 3 } }\nfunction A.h(i) end\nfunction A:j() self.k = 1 end\nA.l = 2",
    &["var A", "field A.b", "method A.c", "param A.c.d", "field A.f", "field A.f.g", "method A.h", "param A.h.i", "method A.j", "field A.k", "field A.l"])]
#[case::loops("for a, b in pairs(c) do local d end\nfor e = 1, 2 do end\nrepeat local f until f", &["var a", "var b", "var d", "var e", "var f"])]
#[case::announced("local a\nlocal function b() return a() end\na = function(c) end\nlocal d\nfunction d() end\nd = 1", &["fn b", "fn a", "param a.c", "fn d"])]
#[case::of_all("a = 1\nfunction b() end\na = 2", &["var a", "fn b"])]
fn definitions_of(#[case] text: &str, #[case] wanted: &[&str]) {
    let all = definitions(&facts(languages::LUA, text));
    let named: Vec<&str> = all.iter().map(String::as_str).filter(|d| !d.ends_with(".self") && !d.ends_with('>')).collect();
    assert_eq!(named, wanted);
}

#[rstest]
#[case::calls("a.b(c):d(e.f)\nprint \"g\"\nh { i, j = k, [l] = m }", &["read a", "call b", "pass c", "call d", "read e", "pass f", "call print", "call h", "read i", "read k", "read l", "read m"])]
#[case::written("local t = {}\nt.a = 1\nt.a = b\nt[c] = d\nu.e = f", &["read t", "read t", "write a", "read b", "read t", "read c", "read d", "read u", "write e", "read f"])]
#[case::functions("return function(a) return a .. b end", &["read a*", "read b"])]
#[case::branches("if a then b() elseif c then d() else e() end\nwhile f do g() end", &["read a", "call b", "read c", "call d", "call e", "read f", "call g"])]
fn uses_of(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::LUA, text)), wanted);
}

/// A function that is called through a variable goes before the variable.
#[test]
fn what_stands_behind_a_variable_is_told_first() {
    let project = Project::with(&[("split.lua", "return function(text) return text end\n"), ("use.lua", "local split = require(\"split\")\nsplit(\"a\")\n")]);
    let answers = ask(&engine(&project), "where is use.lua:2:1");
    let found: Vec<(&str, u32)> = answers.answers.iter().map(|a| (a.path.as_str(), a.line)).collect();
    assert_eq!(found, [("split.lua", 1), ("use.lua", 1)]);
}

/// What a table is given by names that are put together is not known.
#[test]
fn what_is_not_known_is_said() {
    let project = Project::with(&[("a.lua", "local t = {}\nfor _, n in ipairs(names) do t[n] = print end\nt.turn()\nfar.away()\n")]);
    let answers = ask(&engine(&project), "where is a.lua:3:3");
    assert!(answers.answers.is_empty() && !answers.missing.is_empty());
    let answers = ask(&engine(&project), "where is a.lua:4:5");
    assert!(answers.answers.is_empty() && !answers.missing.is_empty());
}
