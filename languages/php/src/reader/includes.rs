//! Files that code takes in: `require`, `include`, as far as their path is written.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Import, ImportKind, Role, Span, TypeId};

/// Where a path begins.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum From {
    /// In the folder of the file.
    Here,
    /// As it is written.
    Written,
    /// In a folder that is known at run time only.
    Somewhere,
}

/// A path as far as it can be told, and where its last written part stands.
struct Path {
    from: From,
    path: String,
    at: Option<Span>,
}

impl<'t> Reader<'t> {
    /// `require __DIR__ . '/rack.php'`.
    pub(super) fn taken_in(&mut self, node: Node<'t>) -> TypeId {
        let Some(inner) = named(node).into_iter().next() else { return self.b.unknown() };
        self.expression(inner, Role::Read);
        let Path { from, path, at } = self.path_of(inner);
        let path = path.replace("//", "/");
        let path = path.trim_start_matches('/');
        let names_a_file = path.rsplit('/').next().is_some_and(|name| name.split('.').next().is_some_and(|stem| !stem.is_empty()));
        if let Some(at) = at.filter(|_| names_a_file) {
            let module = if from == From::Here { format!("./{path}") } else { path.to_owned() };
            let module = self.b.intern(&module);
            let scope = self.b.place.scope;
            let system = from == From::Somewhere;
            self.b.add_import(Import {
                kind: ImportKind::Effect,
                module,
                name: None,
                bound: None,
                scope,
                span: span(node),
                name_span: at,
                reexport: false,
                system,
            });
        } else {
            self.b.import_at_run_time(span(node));
        }
        self.b.unknown()
    }

    fn path_of(&self, node: Node<'t>) -> Path {
        let somewhere = Path { from: From::Somewhere, path: String::new(), at: None };
        let said = text(node, self.b.text);
        match node.kind() {
            _ if said == "__DIR__" => Path { from: From::Here, path: String::new(), at: None },
            "string" | "encapsed_string" => self.written(node),
            "parenthesized_expression" => named(node).first().map_or(somewhere, |n| self.path_of(*n)),
            "function_call_expression" => self.folder_of(node).unwrap_or(somewhere),
            "binary_expression" if node.child_by_field_name("operator").is_some_and(|o| o.kind() == ".") => {
                let parts = [node.child_by_field_name("left"), node.child_by_field_name("right")].map(|n| n.map(|n| self.path_of(n)));
                let [Some(left), Some(right)] = parts else { return somewhere };
                match right.from {
                    From::Written => Path { from: left.from, path: left.path + &right.path, at: right.at },
                    _ => right,
                }
            }
            _ => somewhere,
        }
    }

    /// A text; where values are put into it, what stands behind the last of them.
    fn written(&self, node: Node<'t>) -> Path {
        let parts = named(node);
        let last = parts.last().filter(|n| n.kind() == "string_content").copied();
        let from = if parts.len() > 1 { From::Somewhere } else { From::Written };
        Path { from, path: last.map_or(String::new(), |n| text(n, self.b.text).to_owned()), at: last.map(span) }
    }

    /// `dirname(__FILE__)`, `dirname(__DIR__, 2)`.
    fn folder_of(&self, node: Node<'t>) -> Option<Path> {
        let name = node.child_by_field_name("function").map(|n| text(n, self.b.text))?;
        if name.trim_start_matches('\\') != "dirname" {
            return None;
        }
        let arguments = named(node.child_by_field_name("arguments")?);
        let levels = arguments.get(1).and_then(|n| text(*n, self.b.text).parse().ok()).unwrap_or(1usize).min(16);
        let of = named(*arguments.first()?).into_iter().next()?;
        if text(of, self.b.text) == "__FILE__" {
            return Some(Path { from: From::Here, path: "../".repeat(levels - 1), at: None });
        }
        let inner = self.path_of(of);
        (inner.from == From::Here).then(|| Path { path: format!("{}{}", inner.path, "../".repeat(levels)), ..inner })
    }
}
