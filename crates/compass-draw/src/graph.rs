//! Lays a graph out in columns: what leads on stands left of what it leads to, members of a circle in one column.
//!
//! Columns are the longest ways to a box in the graph whose circles are one box each; boxes of a column are ordered by the middle of what leads
//! to them (the layers and barycentres of K. Sugiyama and others, "Methods for visual understanding of hierarchical system structures",
//! 1981). Circles are strongly connected components, found after R. Tarjan, "Depth-first search and linear graph algorithms", 1972.

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
    let circles = circles(graph.nodes.len(), &graph.edges);
    let columns = ordered(graph, &columns(graph, &circles));
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
    for (from, to) in &graph.edges {
        edge(&mut sheet, places[*from], places[*to], circles[*from] == circles[*to]);
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

/// A line from a box to another; within a column, over its right side. A thick end says which way.
fn edge(sheet: &mut Sheet, from: (f64, f64, f64), to: (f64, f64, f64), circular: bool) {
    let ink = if circular { Ink::Red } else { Ink::Rule };
    let (x1, y1) = (from.0 + from.2, from.1 + BOX_PT / 2.0);
    let mut line = |x1: f64, y1: f64, x2: f64, y2: f64| sheet.shapes.push(Shape::Line { x1, y1, x2, y2, ink, dashed: false });
    if to.0 > from.0 {
        let (x2, y2) = (to.0, to.1 + BOX_PT / 2.0);
        line(x1, y1, x2, y2);
        line(x2 - 6.0, y2 - 3.0, x2, y2);
        line(x2 - 6.0, y2 + 3.0, x2, y2);
    } else {
        // Up or down in a column, beside the boxes; not quite in the middle, so that both directions show.
        let (x2, y2) = (to.0 + to.2, to.1 + BOX_PT / 2.0 + 6.0);
        let beside = x1.max(x2) + 14.0 + (y2 - y1).abs().min(200.0) / 8.0;
        line(x1, y1, beside, y1);
        line(beside, y1, beside, y2);
        line(beside, y2, x2, y2);
        line(x2 + 6.0, y2 - 3.0, x2, y2);
        line(x2 + 6.0, y2 + 3.0, x2, y2);
    }
}

/// The number of the circle of each box; boxes that are in none have one of their own. Numbers go from what is led to upwards.
pub(crate) fn circles(count: usize, edges: &[(usize, usize)]) -> Vec<usize> {
    let mut next = vec![Vec::new(); count];
    edges.iter().for_each(|(a, b)| next[*a].push(*b));
    let (mut index, mut low, mut on) = (vec![usize::MAX; count], vec![0; count], vec![false; count]);
    let (mut circle, mut stack, mut time, mut found) = (vec![0; count], Vec::new(), 0, 0);
    for start in 0..count {
        if index[start] != usize::MAX {
            continue;
        }
        // What was called, and which of its edges comes next.
        let mut open = vec![(start, 0)];
        while let Some((n, at)) = open.pop() {
            if at == 0 {
                (index[n], low[n], on[n]) = (time, time, true);
                time += 1;
                stack.push(n);
            } else {
                let child = next[n][at - 1];
                low[n] = low[n].min(low[child]);
            }
            let mut at = at;
            let mut deeper = false;
            while let Some(m) = next[n].get(at).copied() {
                at += 1;
                if index[m] == usize::MAX {
                    open.push((n, at));
                    open.push((m, 0));
                    deeper = true;
                    break;
                }
                if on[m] {
                    low[n] = low[n].min(index[m]);
                }
            }
            if !deeper && low[n] == index[n] {
                while let Some(m) = stack.pop() {
                    (on[m], circle[m]) = (false, found);
                    if m == n {
                        break;
                    }
                }
                found += 1;
            }
        }
    }
    circle
}

/// Boxes by column: circles by the longest way to them.
fn columns(graph: &Graph, circles: &[usize]) -> Vec<Vec<usize>> {
    let count = circles.iter().max().map_or(0, |m| m + 1);
    let mut depth = vec![0; count];
    // What is led to has smaller numbers: from the largest downwards all that lead to a circle were seen.
    let mut edges: Vec<(usize, usize)> = graph.edges.iter().map(|(a, b)| (circles[*a], circles[*b])).filter(|(a, b)| a != b).collect();
    edges.sort_unstable_by_key(|e| std::cmp::Reverse(*e));
    for (a, b) in edges {
        depth[b] = depth[b].max(depth[a] + 1);
    }
    let mut out = vec![Vec::new(); depth.iter().max().map_or(0, |d| d + 1)];
    for (n, circle) in circles.iter().enumerate() {
        out[depth[*circle]].push(n);
    }
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
    #[case::a_circle(3, &[(0, 1), (1, 2), (2, 0)], &[vec![0, 1, 2]])]
    #[case::a_circle_behind(4, &[(0, 1), (1, 2), (2, 1), (2, 3)], &[vec![1, 2]])]
    #[case::two(5, &[(0, 1), (1, 0), (1, 2), (3, 4), (4, 3)], &[vec![0, 1], vec![3, 4]])]
    fn circles_are_found(#[case] count: usize, #[case] edges: &[(usize, usize)], #[case] expected: &[Vec<usize>]) {
        let found = circles(count, edges);
        for a in 0..count {
            for b in 0..count {
                let together = a == b || expected.iter().any(|c| c.contains(&a) && c.contains(&b));
                assert_eq!(found[a] == found[b], together, "{a} {b}: {found:?}");
            }
        }
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
            let found = circles(12, &edges);
            for (a, b) in edges {
                prop_assert!(found[a] == found[b] || boxes[a].0 < boxes[b].0);
            }
        }
    }
}
