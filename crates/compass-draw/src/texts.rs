//! Figures as text: Markdown for people, DOT and JSON for other programs.

use crate::chart::grouped;
use crate::figure::{Cell, Chart, Figure, Graph, Table, Tone};
use crate::layout::{Drawing, Row};
use std::fmt::Write as _;

/// Letters of the longest bar in Markdown.
const LONGEST_BAR: u64 = 30;

/// As Markdown.
pub fn to_markdown(figure: &Figure) -> String {
    let (title, subtitle) = figure.heading();
    let mut out = format!("## {}\n\n", escaped(title));
    if !subtitle.is_empty() {
        let _ = writeln!(out, "{}\n", escaped(subtitle));
    }
    match figure {
        Figure::Rows(drawing) => rows(drawing, &mut out),
        Figure::Table(t) => table(t, &mut out),
        Figure::Graph(g) => graph(g, &mut out),
        Figure::Chart(c) => chart(c, &mut out),
    }
    let notes: &[String] = match figure {
        Figure::Rows(_) => &[],
        Figure::Table(t) => &t.notes,
        Figure::Graph(g) => &g.notes,
        Figure::Chart(c) => &c.notes,
    };
    for note in notes {
        let _ = writeln!(out, "\n{}", escaped(note));
    }
    out
}

fn rows(drawing: &Drawing, out: &mut String) {
    for row in &drawing.rows {
        let _ = match row {
            Row::Band { name, note } => writeln!(out, "\n**{}**{}\n", escaped(name), note.as_ref().map_or(String::new(), |n| format!(" ({})", escaped(n)))),
            Row::Symbol { place, name, kind, indent, .. } => {
                writeln!(out, "{}- **{}** {} {}", "  ".repeat(*indent), escaped(name), escaped(kind), linked(place, place))
            }
            Row::Step { place, code, mark, note, indent } => {
                let note = if note.is_empty() { String::new() } else { format!(" {}", escaped(note)) };
                writeln!(out, "{}- `{}` {}{} {mark}", "  ".repeat(*indent), code.trim().replace('`', "'"), linked(place, place), note)
            }
            Row::Crossing { label, mark } => writeln!(out, "\n*{}* {mark}\n", escaped(label)),
        };
    }
}

fn table(table: &Table, out: &mut String) {
    let cell = |c: &Cell| match &c.place {
        Some(place) => linked(&c.text, place),
        None => escaped(&c.text),
    };
    let line = |cells: Vec<String>| format!("| {} |\n", cells.join(" | "));
    *out += &line(table.head.iter().map(cell).collect());
    *out += &line(table.head.iter().map(|_| "---".to_owned()).collect());
    for row in &table.rows {
        let name = format!("{}{}", "&nbsp;&nbsp;".repeat(row.indent), cell(&row.name));
        *out += &line([name].into_iter().chain(row.cells.iter().map(cell)).collect());
    }
}

fn graph(graph: &Graph, out: &mut String) {
    for (n, node) in graph.nodes.iter().enumerate() {
        let to: Vec<String> = graph.edges.iter().filter(|e| e.0 == n).map(|e| escaped(&graph.nodes[e.1].name)).collect();
        let to = if to.is_empty() { String::new() } else { format!(" → {}", to.join(", ")) };
        let _ = writeln!(out, "- **{}** {}{to}", escaped(&node.name), escaped(&node.detail));
    }
}

fn chart(chart: &Chart, out: &mut String) {
    for group in &chart.groups {
        let _ = writeln!(out, "### {}\n\n| | | |\n| --- | ---: | --- |", escaped(&group.name));
        let most = group.bars.iter().map(|b| b.value).max().unwrap_or(0).max(1);
        for bar in &group.bars {
            let length = (bar.value * LONGEST_BAR).div_ceil(most) as usize;
            let _ = writeln!(out, "| {} | {} | {} {} |", escaped(&bar.name), grouped(bar.value), "█".repeat(length), escaped(&bar.note));
        }
        out.push('\n');
    }
}

/// Boxes by name, and what leads from one to another.
#[derive(Default)]
struct Joined {
    nodes: Vec<(String, Tone)>,
    edges: Vec<(usize, usize, String)>,
}

/// As DOT, where it has boxes that lead to others; nothing for tables and charts.
pub fn to_dot(figure: &Figure) -> Option<String> {
    let joined = match figure {
        Figure::Graph(g) => Joined {
            nodes: g.nodes.iter().map(|n| (format!("{}\n{}", n.name, n.detail), n.tone)).collect(),
            edges: g.edges.iter().map(|(a, b)| (*a, *b, String::new())).collect(),
        },
        Figure::Rows(d) => tree(d),
        Figure::Table(_) | Figure::Chart(_) => return None,
    };
    let mut out = format!("digraph \"{}\" {{\n  rankdir=LR;\n  node [shape=box, fontname=\"monospace\"];\n", quoted(figure.heading().0));
    for (n, (name, tone)) in joined.nodes.iter().enumerate() {
        let color = if *tone == Tone::Plain { String::new() } else { format!(", fontcolor=\"{}\"", tone.ink().hex()) };
        let _ = writeln!(out, "  n{n} [label=\"{}\"{color}];", quoted(name.trim()));
    }
    for (a, b, label) in &joined.edges {
        let label = if label.is_empty() { String::new() } else { format!(" [label=\"{}\"]", quoted(label)) };
        let _ = writeln!(out, "  n{a} -> n{b}{label};");
    }
    Some(out + "}\n")
}

/// Symbols of rows as boxes: each hangs on the last one that stands further left, or on the one before.
fn tree(drawing: &Drawing) -> Joined {
    let mut out = Joined::default();
    let mut open: Vec<(usize, usize)> = Vec::new();
    let mut label = String::new();
    for row in &drawing.rows {
        match row {
            Row::Symbol { place, name, indent, end, .. } => {
                let n = out.nodes.len();
                out.nodes.push((format!("{name}\n{place}"), if *end { Tone::Middle } else { Tone::Plain }));
                while open.last().is_some_and(|(i, _)| i > indent || i == indent && *indent > 0) {
                    open.pop();
                }
                if let Some((_, above)) = open.last() {
                    out.edges.push((*above, n, std::mem::take(&mut label)));
                }
                open.push((*indent, n));
                label.clear();
            }
            Row::Crossing { label: l, .. } => label = l.clone(),
            _ => {}
        }
    }
    out
}

/// As JSON.
///
/// # Errors
/// None for figures; those of the writer.
pub fn to_json(figure: &Figure) -> Result<String, serde_json::Error> {
    Ok(serde_json::to_string_pretty(figure)? + "\n")
}

fn linked(text: &str, place: &str) -> String {
    if place.is_empty() { escaped(text) } else { format!("[{}](<{}>)", escaped(text), crate::svg::target(place)) }
}

fn escaped(text: &str) -> String {
    let mut out = String::with_capacity(text.len());
    for c in text.chars() {
        match c {
            '\\' | '`' | '*' | '_' | '[' | ']' | '<' | '>' | '|' => out.extend(['\\', c]),
            c if c.is_control() => out.push(' '),
            c => out.push(c),
        }
    }
    out
}

fn quoted(text: &str) -> String {
    text.replace('\\', "\\\\").replace('"', "\\\"").replace('\n', "\\n")
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::figure::{Bar, BarGroup, GraphNode, TableRow};
    use rstest::rstest;

    fn cell(text: &str, place: Option<&str>) -> Cell {
        Cell { text: text.into(), place: place.map(str::to_owned), ..Cell::default() }
    }

    fn kin() -> Figure {
        let head = vec![cell("type", None), cell("turn", Some("racks/rack.go:3"))];
        let rows = vec![TableRow { name: cell("Rack", Some("racks/rack.go:1")), indent: 1, cells: vec![cell("–", None)] }];
        Figure::Table(Table { title: "kin of Rack".into(), head, rows, ..Table::default() })
    }

    fn two_units() -> Figure {
        let node = |name: &str| GraphNode { name: name.into(), ..GraphNode::default() };
        Figure::Graph(Graph { title: "units".into(), nodes: vec![node("board"), node("say \"so\"")], edges: vec![(0, 1), (1, 0)], ..Graph::default() })
    }

    fn tree_of_calls() -> Figure {
        let row = |name: &str, indent, end| Row::Symbol { place: "a.c:1".into(), name: name.into(), kind: "fn".into(), end, indent };
        Figure::Rows(Drawing {
            title: "f".into(),
            subtitle: String::new(),
            rows: vec![row("f", 0, true), row("g", 1, false), row("h", 2, false), row("i", 1, false)],
        })
    }

    #[rstest]
    #[case::a_table(kin(), "| &nbsp;&nbsp;[Rack](<racks/rack.go#L1>) | – |\n")]
    #[case::a_graph(two_units(), "- **board**  → say \"so\"\n")]
    #[case::a_tree(tree_of_calls(), "    - **h** fn [a.c:1](<a.c#L1>)\n")]
    #[case::bars(
        Figure::Chart(Chart {
            title: "survey".into(),
            groups: vec![BarGroup { name: "lines".into(), bars: vec![Bar { name: "go".into(), value: 1200, ..Bar::default() }] }],
            ..Chart::default()
        }),
        "| go | 1,200 | ██████████████████████████████  |\n"
    )]
    fn markdown_says_what_the_picture_says(#[case] figure: Figure, #[case] line: &str) {
        let text = to_markdown(&figure);
        assert!(text.contains(line), "{text}");
    }

    #[test]
    fn boxes_and_what_they_lead_to_are_written_as_dot() {
        let dot = to_dot(&two_units()).expect("a graph");
        assert!(dot.contains("n0 -> n1;") && dot.contains("n1 -> n0;") && dot.contains("say \\\"so\\\""), "{dot}");
        let dot = to_dot(&tree_of_calls()).expect("a tree");
        let edges: Vec<&str> = dot.lines().filter(|l| l.contains("->")).map(str::trim).collect();
        assert_eq!(edges, ["n0 -> n1;", "n1 -> n2;", "n0 -> n3;"]);
        assert_eq!(to_dot(&kin()), None);
    }

    #[test]
    fn markdown_cannot_be_broken_out_of() {
        let text = to_markdown(&Figure::Table(Table { title: "<script>|`".into(), head: vec![cell("a|b", Some("x y:3"))], ..Table::default() }));
        assert!(text.contains("\\<script\\>\\|\\`") && text.contains("[a\\|b](<x%20y#L3>)"), "{text}");
    }
}
