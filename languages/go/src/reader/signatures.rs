//! What a method takes and gives, as one text without the names of parameters.
//!
//! `Find(ctx context.Context, id, at int) (*Wheel, error)` gives `(context.Context,int,int)(*Wheel,error)`. Two methods with the same text
//! are alike as far as their names mean the same; type parameters, whose meaning differs from use to use, stand as `?`.

use compass_facts::bounds::Levels;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, text};

/// The text of a method or function type.
pub(super) fn signature(node: Node, source: &str) -> String {
    let mut out = String::new();
    let open = type_parameters(node, source);
    function(node, source, &open, &mut out, Levels::WRITTEN);
    out
}

fn function<'s>(node: Node, source: &'s str, open: &[&'s str], out: &mut String, levels: Levels) {
    parameters(node.child_by_field_name("parameters"), source, open, out, levels);
    match node.child_by_field_name("result") {
        Some(list) if list.kind() == "parameter_list" => parameters(Some(list), source, open, out, levels),
        Some(one) => {
            out.push('(');
            shape(one, source, open, out, levels);
            out.push(')');
        }
        None => out.push_str("()"),
    }
}

fn parameters<'s>(list: Option<Node>, source: &'s str, open: &[&'s str], out: &mut String, levels: Levels) {
    out.push('(');
    let mut is_first = true;
    for parameter in list.map(named).unwrap_or_default() {
        let Some(written) = parameter.child_by_field_name("type") else { continue };
        for _ in 0..parameter.children_by_field_name("name").count().max(1) {
            if !std::mem::take(&mut is_first) {
                out.push(',');
            }
            if parameter.kind() == "variadic_parameter_declaration" {
                out.push_str("...");
            }
            shape(written, source, open, out, levels);
        }
    }
    out.push(')');
}

/// Types nested too deep are told by a `?`.
fn shape<'s>(node: Node, source: &'s str, open: &[&'s str], out: &mut String, levels: Levels) {
    let Some(levels) = levels.down() else { return out.push('?') };
    match node.kind() {
        "type_identifier" => out.push_str(match text(node, source) {
            "byte" => "uint8",
            "rune" => "int32",
            name if open.contains(&name) => "?",
            name => name,
        }),
        "interface_type" if named(node).is_empty() => out.push_str("any"),
        "function_type" => {
            out.push_str("func");
            function(node, source, open, out, levels);
        }
        "parenthesized_type" => named(node).into_iter().for_each(|inner| shape(inner, source, open, out, levels)),
        "comment" => {}
        _ => {
            let mut children = node.children().peekable();
            if children.peek().is_none() {
                // Words of the language stand apart from what follows.
                let word = text(node, source);
                let is_word = |c: Option<char>| c.is_some_and(|c| c.is_alphanumeric() || c == '_');
                if is_word(out.chars().last()) && is_word(word.chars().next()) {
                    out.push(' ');
                }
                return out.push_str(word);
            }
            children.for_each(|inner| shape(inner, source, open, out, levels));
        }
    }
}

/// Names of type parameters that hold where a method is written: those between the brackets of its receiver, or of the type around it.
fn type_parameters<'s>(node: Node, source: &'s str) -> Vec<&'s str> {
    let mut out = Vec::new();
    let mut open: Vec<Node> = node.child_by_field_name("receiver").into_iter().collect();
    while let Some(at) = open.pop() {
        if at.kind() == "type_arguments" {
            out.extend(named(at).into_iter().map(|n| text(n, source)));
        } else {
            open.extend(named(at));
        }
    }
    let mut above = node.parent();
    while let Some(at) = above.filter(|_| node.kind() != "method_declaration") {
        if at.kind() == "type_spec" {
            let declared = at.child_by_field_name("type_parameters").map(named).unwrap_or_default();
            out.extend(declared.iter().flat_map(|p| p.children_by_field_name("name")).map(|n| text(n, source)));
            break;
        }
        above = at.parent();
    }
    out
}

#[cfg(test)]
mod tests {
    use compass_facts::{Cancel, Source, read};
    use rstest::rstest;

    #[rstest]
    #[case::names_do_not_count("Find(ctx context.Context, id, at int) (*Wheel, error)", "(context.Context,int,int)(*Wheel,error)")]
    #[case::unnamed("Find(context.Context, int, int) (*Wheel, error)", "(context.Context,int,int)(*Wheel,error)")]
    #[case::nothing("Close()", "()()")]
    #[case::open_ended("Log(args ...interface{})", "(...any)()")]
    #[case::functions("Walk(f func(i int, r Rack) error) bool", "(func(int,Rack)(error))(bool)")]
    #[case::other_words("Read(p []byte) (n int, err error)", "([]uint8)(int,error)")]
    #[case::channels("Watch(c <-chan map[string]*Wheel)", "(<-chan map[string]*Wheel)()")]
    fn methods_are_told_by_their_types(#[case] method: &str, #[case] wanted: &str) {
        for source in [format!("package p\ntype I interface {{ {method} }}"), format!("package p\nfunc (t *T) {method} {{ }}")] {
            let facts = read(crate::GO, &Source::decode(source.clone().into_bytes()).expect("text"), &Cancel::new()).expect("facts");
            let told: Vec<&str> = facts.signatures.iter().map(|s| facts.name(s.1)).collect();
            assert_eq!(told, [wanted], "{source}");
        }
    }

    #[rstest]
    #[case::of_the_interface("type I[T any] interface { Get(k string) T }")]
    #[case::of_the_receiver("func (b *Box[T]) Get(k string) T { }")]
    fn type_parameters_stand_open(#[case] source: &str) {
        let facts = read(crate::GO, &Source::decode(format!("package p\n{source}").into_bytes()).expect("text"), &Cancel::new()).expect("facts");
        assert_eq!(facts.name(facts.signatures[0].1), "(string)(?)");
    }
}
