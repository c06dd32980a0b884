//! Names that the virtual machine gives the linker for methods without a body (the Java Native Interface, chapter *Resolving native method
//! names*).

use compass_facts::{DefId, Facts, ImportKind};

/// `Java_shop_cellar_Rack_turn` for the method of a class in a package; overloads have their parameters behind two low lines.
pub(crate) fn native_name(facts: &Facts, def: DefId) -> String {
    let package = facts.imports.iter().find(|i| i.kind == ImportKind::Within).map(|i| facts.name(i.module));
    let class = facts.container_path(def).join("$");
    let parts = [package.unwrap_or(""), &class, facts.def_name(def)];
    let mut out = "Java".to_owned();
    for part in parts.into_iter().filter(|p| !p.is_empty()) {
        out.push('_');
        part.chars().filter(|c| !c.is_whitespace()).for_each(|c| mangle(c, &mut out));
    }
    out
}

fn mangle(c: char, out: &mut String) {
    match c {
        '.' | '/' => out.push('_'),
        '_' => out.push_str("_1"),
        c if c.is_ascii_alphanumeric() => out.push(c),
        c => c.encode_utf16(&mut [0; 2]).iter().for_each(|unit| out.push_str(&format!("_0{unit:04x}"))),
    }
}
