//! Unfolded `macro_rules!` programs are the programs the compiler makes of them.
//!
//! Both texts go through one parser and one printer; every operand gets its parentheses before, so that only meaning counts.

use compass_expand::{Place, Record, SourceNo};
use compass_facts::Span;
use language_rust::macros::{Found, MacroRules, Rules, expand, tokens};
use rustc_hash::FxHashMap;
use std::process::Command;
use std::sync::Arc;
use syn::visit_mut::VisitMut;
use testkit::cases;
use testkit::has;

pub struct Known(pub FxHashMap<String, Arc<MacroRules>>);

impl Known {
    /// All definitions of a text.
    pub fn of(text: &str) -> Known {
        let mut known = FxHashMap::default();
        for (at, _) in text.match_indices("macro_rules!") {
            let part = Span::new(at, end_of_definition(text, at));
            if let Some(rules) = MacroRules::read(tokens(SourceNo(0), text, part), "crate") {
                known.insert(rules.name.to_string(), Arc::new(rules));
            }
        }
        Known(known)
    }
}

impl Rules for Known {
    fn find(&self, path: &[Arc<str>], _: Option<Place>) -> Found {
        let name = path.last().map_or("", |n| n);
        self.0.get(name).map_or(Found::Unknown, |r| Found::Rules(r.clone()))
    }
}

fn end_of_definition(text: &str, from: usize) -> usize {
    let mut depth = 0;
    for (at, c) in text[from..].char_indices() {
        match c {
            '{' => depth += 1,
            '}' if depth == 1 => return from + at + 1,
            '}' => depth -= 1,
            _ => {}
        }
    }
    text.len()
}

pub fn print(record: &Record) -> String {
    record.end().iter().map(|t| &*record.token(*t).text).collect::<Vec<_>>().join(" ")
}

struct Bare;

impl VisitMut for Bare {
    fn visit_expr_mut(&mut self, e: &mut syn::Expr) {
        while let syn::Expr::Paren(syn::ExprParen { expr, .. }) | syn::Expr::Group(syn::ExprGroup { expr, .. }) = e {
            *e = (**expr).clone();
        }
        syn::visit_mut::visit_expr_mut(self, e);
        let atom =
            matches!(e, syn::Expr::Path(_) | syn::Expr::Lit(_) | syn::Expr::Call(_) | syn::Expr::MethodCall(_) | syn::Expr::Field(_) | syn::Expr::Let(_));
        if !atom {
            let inner = Box::new(e.clone());
            *e = syn::Expr::Paren(syn::ExprParen { attrs: Vec::new(), paren_token: syn::token::Paren::default(), expr: inner });
        }
    }

    fn visit_type_mut(&mut self, t: &mut syn::Type) {
        while let syn::Type::Paren(syn::TypeParen { elem, .. }) | syn::Type::Group(syn::TypeGroup { elem, .. }) = t {
            *t = (**elem).clone();
        }
        syn::visit_mut::visit_type_mut(self, t);
    }

    fn visit_path_arguments_mut(&mut self, a: &mut syn::PathArguments) {
        if let syn::PathArguments::AngleBracketed(a) = a {
            a.colon2_token = None;
        }
        syn::visit_mut::visit_path_arguments_mut(self, a);
    }

    fn visit_block_mut(&mut self, b: &mut syn::Block) {
        // An empty statement is what is left of a semicolon behind a call.
        b.stmts.retain(|s| {
            !matches!(s, syn::Stmt::Expr(syn::Expr::Verbatim(v), _) if v.is_empty())
                && !matches!(s, syn::Stmt::Item(syn::Item::Macro(m)) if m.mac.path.is_ident("macro_rules"))
        });
        syn::visit_mut::visit_block_mut(self, b);
    }

    fn visit_lit_str_mut(&mut self, s: &mut syn::LitStr) {
        *s = syn::LitStr::new(&s.value(), s.span());
    }
}

fn parsed(text: &str) -> Result<String, String> {
    let mut file = syn::parse_file(text).map_err(|e| format!("{e}: {text}"))?;
    let made_by_compiler = |a: &syn::Attribute| a.path().is_ident("prelude_import") || a.path().is_ident("macro_use");
    file.attrs.clear();
    file.items.retain(|item| match item {
        syn::Item::Macro(m) => !m.mac.path.is_ident("macro_rules"),
        syn::Item::Use(u) => !u.attrs.iter().any(made_by_compiler),
        syn::Item::ExternCrate(e) => e.ident != "std",
        syn::Item::Verbatim(v) => !v.is_empty(),
        _ => true,
    });
    Bare.visit_file_mut(&mut file);
    Ok(prettyplease::unparse(&file))
}

#[test]
fn every_program_is_what_the_compiler_makes_of_it() {
    if !has("rustc") {
        return;
    }
    let dir = tempfile::tempdir().expect("a temporary folder");
    let file = dir.path().join("case.rs");
    let all = cases(include_str!("../cases/rust_rules.txt"));
    assert!(all.len() >= 40, "{} cases", all.len());
    let mut wrong = Vec::new();
    for (name, text) in &all {
        std::fs::write(&file, text).expect("writable");
        let out = Command::new("rustc").args(["-Zunpretty=expanded", "--edition=2024", "--crate-type=lib"]).arg(&file).env("RUSTC_BOOTSTRAP", "1").output();
        let out = out.expect("rustc runs");
        let theirs = String::from_utf8_lossy(&out.stdout).into_owned();
        if !out.status.success() {
            wrong.push(format!("{name}: the compiler refuses it: {}", String::from_utf8_lossy(&out.stderr)));
            continue;
        }
        let (record, notes) = expand(tokens(SourceNo(0), text, Span::new(0, text.len())), &Known::of(text), false);
        let ours = print(&record);
        match (parsed(&ours), parsed(&theirs)) {
            (Ok(a), Ok(b)) if a == b => {}
            (Ok(a), Ok(b)) => wrong.push(format!("{name}\n  notes  {notes:?}\n  ours   {a}\n  theirs {b}")),
            (a, b) => wrong.push(format!("{name}\n  notes  {notes:?}\n  {:?}\n  {:?}", a.err(), b.err())),
        }
    }
    assert!(wrong.is_empty(), "{} of {} cases differ:\n{}", wrong.len(), all.len(), wrong.join("\n"));
}
