//! Lays a graph out in columns: what leads on stands left of what it leads to, but for what closes a circle.
//!
//! What closes a circle is what goes backwards in an order in which little does (P. Eades, X. Lin and W. Smyth, "A fast and effective heuristic
//! for the feedback arc set problem", 1993). Without it, columns are the longest ways to a box, and the boxes of a column are ordered by the
//! middle of their neighbours (the layers and barycentres of K. Sugiyama and others, "Methods for visual understanding of hierarchical system
//! structures", 1981).

use crate::figure::{Graph, Tone};
use crate::scene::{Ink, LINE_PT, Scene, Shape};
use crate::sheet::{MARGIN_PT, Sheet, cut, letters_pt};

const MOST_LETTERS: usize = 30;
const BOX_PT: f64 = LINE_PT * 2.5;
const ROW_PT: f64 = BOX_PT + 14.0;
const GUTTER_PT: f64 = 90.0;
/// Rounds of ordering: more of them change little.
const ROUNDS: usize = 4;

/// Lays out.
pub(crate) fn lay_out(graph: &Graph) -> Scene {
    let closing = closing(graph.nodes.len(), &graph.edges);
    let columns = ordered(graph, &columns(graph, &closing));
    let mut sheet = Sheet::new(&graph.title, &graph.subtitle);
    let top = sheet.y;
    let tallest = columns.iter().map(Vec::len).max().unwrap_or(0) as f64 * ROW_PT;
    let mut places = vec![(0.0, 0.0, 0.0); graph.nodes.len()];
    let mut x = MARGIN_PT;
    for column in &columns {
        let letters = |n: &usize| cut(&graph.nodes[*n].name, MOST_LETTERS).chars().count().max(cut(&graph.nodes[*n].detail, MOST_LETTERS).chars().count());
        let width = letters_pt(column.iter().map(letters).max().unwrap_or(0)) + 16.0;
        let mut y = top + (tallest - column.len() as f64 * ROW_PT) / 2.0;
        for n in column {
            places[*n] = (x, y, width);
            y += ROW_PT;
        }
        x += width + GUTTER_PT;
    }
    for ((from, to), closes) in graph.edges.iter().zip(&closing) {
        edge(&mut sheet, places[*from], places[*to], *closes);
    }
    for (node, (x, y, width)) in graph.nodes.iter().zip(&places) {
        sheet.shapes.push(Shape::Box { x: *x, y: *y, width: *width, height: BOX_PT, fill: Ink::Band });
        sheet.y = y + LINE_PT;
        sheet.text(x + 8.0, &cut(&node.name, MOST_LETTERS), node.tone.ink(), true);
        sheet.y += LINE_PT;
        sheet.text(x + 8.0, &cut(&node.detail, MOST_LETTERS), if node.tone == Tone::Alarming { Ink::Red } else { Ink::Dim }, false);
        sheet.right = sheet.right.max(x + width);
    }
    sheet.y = top + tallest + LINE_PT;
    sheet.finish(&graph.title, &graph.subtitle, &graph.notes)
}

/// A line from a box to another, with a point at its end; backwards where it closes a circle.
fn edge(sheet: &mut Sheet, from: (f64, f64, f64), to: (f64, f64, f64), closes: bool) {
    let ink = if closes { Ink::Red } else { Ink::Rule };
    // Not quite in the middle, so that both directions show.
    let middle = BOX_PT / 2.0 + if closes { 6.0 } else { 0.0 };
    let (x1, x2, back) = if closes { (from.0, to.0 + to.2, 6.0) } else { (from.0 + from.2, to.0, -6.0) };
    let (y1, y2) = (from.1 + middle, to.1 + middle);
    for (x1, y1) in [(x1, y1), (x2 + back, y2 - 3.0), (x2 + back, y2 + 3.0)] {
        sheet.shapes.push(Shape::Line { x1, y1, x2, y2, ink, dashed: closes });
    }
}

/// Which edges close a circle: without them there is none.
fn closing(count: usize, edges: &[(usize, usize)]) -> Vec<bool> {
    let position = order(count, edges);
    edges.iter().map(|(from, to)| position[*from] >= position[*to]).collect()
}

/// The position of each box in an order in which few edges go backwards: what leads nowhere is put last, what nothing leads to first, and
/// where neither is left the box that leads to most and is led to by fewest.
fn order(count: usize, edges: &[(usize, usize)]) -> Vec<usize> {
    let (mut out, mut into) = (vec![0_i64; count], vec![0_i64; count]);
    for (from, to) in edges.iter().filter(|(from, to)| from != to) {
        out[*from] += 1;
        into[*to] += 1;
    }
    let mut left: Vec<usize> = (0..count).collect();
    let (mut first, mut last) = (Vec::new(), Vec::new());
    while !left.is_empty() {
        let sink = left.iter().position(|n| out[*n] == 0);
        let pick = || {
            left.iter().position(|n| into[*n] == 0).or_else(|| (0..left.len()).max_by_key(|i| (out[left[*i]] - into[left[*i]], std::cmp::Reverse(left[*i]))))
        };
        let Some(at) = sink.or_else(pick) else { break };
        let n = left.remove(at);
        if sink.is_some() {
            last.push(n)
        } else {
            first.push(n)
        }
        for (from, to) in edges.iter().filter(|(from, to)| from != to) {
            if *to == n {
                out[*from] -= 1;
            }
            if *from == n {
                into[*to] -= 1;
            }
        }
    }
    let mut position = vec![0; count];
    first.iter().chain(last.iter().rev()).enumerate().for_each(|(i, n)| position[*n] = i);
    position
}

/// Boxes by column: by the longest way to them.
fn columns(graph: &Graph, closing: &[bool]) -> Vec<Vec<usize>> {
    let count = graph.nodes.len();
    let onward: Vec<(usize, usize)> = graph.edges.iter().zip(closing).filter(|(_, c)| !**c).map(|(e, _)| *e).collect();
    let (mut depth, mut waiting) = (vec![0; count], vec![0; count]);
    onward.iter().for_each(|(_, to)| waiting[*to] += 1);
    let mut open: Vec<usize> = (0..count).filter(|n| waiting[*n] == 0).collect();
    while let Some(n) = open.pop() {
        for (_, to) in onward.iter().filter(|(from, _)| *from == n) {
            depth[*to] = depth[*to].max(depth[n] + 1);
            waiting[*to] -= 1;
            if waiting[*to] == 0 {
                open.push(*to);
            }
        }
    }
    let mut out = vec![Vec::new(); depth.iter().max().map_or(0, |d| d + 1)];
    (0..count).for_each(|n| out[depth[n]].push(n));
    out
}

/// Orders the boxes of each column by the middle of their neighbours in the others.
fn ordered(graph: &Graph, columns: &[Vec<usize>]) -> Vec<Vec<usize>> {
    let mut out = columns.to_vec();
    let mut at = vec![0.0; graph.nodes.len()];
    let place = |column: &[usize], at: &mut Vec<f64>| {
        let middle = column.len() as f64 / 2.0;
        column.iter().enumerate().for_each(|(i, n)| at[*n] = i as f64 - middle);
    };
    out.iter().for_each(|c| place(c, &mut at));
    for round in 0..ROUNDS {
        let order: Vec<usize> = if round % 2 == 0 { (0..out.len()).collect() } else { (0..out.len()).rev().collect() };
        for c in order {
            let middle = |n: usize| {
                let from = graph.edges.iter().filter(|(_, b)| round % 2 == 0 && *b == n).map(|(a, _)| at[*a]);
                let to = graph.edges.iter().filter(|(a, _)| round % 2 == 1 && *a == n).map(|(_, b)| at[*b]);
                let all: Vec<f64> = from.chain(to).collect();
                if all.is_empty() { at[n] } else { all.iter().sum::<f64>() / all.len() as f64 }
            };
            let mut keyed: Vec<(f64, usize)> = out[c].iter().map(|n| (middle(*n), *n)).collect();
            keyed.sort_by(|a, b| a.0.total_cmp(&b.0).then(a.1.cmp(&b.1)));
            out[c] = keyed.into_iter().map(|k| k.1).collect();
            place(&out[c], &mut at);
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;
    use rstest::rstest;

    #[rstest]
    #[case::a_line(3, &[(0, 1), (1, 2)], &[])]
    #[case::a_circle(3, &[(0, 1), (1, 2), (2, 0)], &[(2, 0)])]
    #[case::a_circle_behind(4, &[(0, 1), (1, 2), (2, 1), (2, 3)], &[(2, 1)])]
    #[case::itself(1, &[(0, 0)], &[(0, 0)])]
    fn what_closes_a_circle_is_found(#[case] count: usize, #[case] edges: &[(usize, usize)], #[case] expected: &[(usize, usize)]) {
        let found: Vec<(usize, usize)> = edges.iter().zip(closing(count, edges)).filter(|(_, c)| *c).map(|(e, _)| *e).collect();
        assert_eq!(found, expected);
    }

    proptest! {
        #[test]
        fn boxes_do_not_overlap_and_lead_to_the_right(edges in prop::collection::vec((0..12usize, 0..12usize), 0..40)) {
            let nodes = (0..12).map(|n| crate::figure::GraphNode { name: format!("unit {n}"), ..Default::default() }).collect();
            let edges: Vec<(usize, usize)> = edges.into_iter().filter(|(a, b)| a != b).collect();
            let graph = Graph { title: "units".into(), nodes, edges: edges.clone(), ..Graph::default() };
            let scene = lay_out(&graph);
            let boxes: Vec<(f64, f64, f64, f64)> = scene.shapes.iter().filter_map(|s| match s {
                Shape::Box { x, y, width, height, .. } => Some((*x, *y, *width, *height)),
                _ => None,
            }).collect();
            prop_assert_eq!(boxes.len(), 12);
            for (i, a) in boxes.iter().enumerate() {
                prop_assert!(a.0 + a.2 <= scene.width && a.1 + a.3 <= scene.height);
                for b in &boxes[i + 1..] {
                    prop_assert!(a.0 + a.2 <= b.0 || b.0 + b.2 <= a.0 || a.1 + a.3 <= b.1 || b.1 + b.3 <= a.1, "{:?} lies over {:?}", a, b);
                }
            }
            for ((a, b), closes) in edges.iter().zip(closing(12, &edges)) {
                prop_assert!(closes || boxes[*a].0 < boxes[*b].0);
            }
        }
    }
}
