//! Folders and files as a tree that unfolds in place.

use std::collections::BTreeSet;

/// A row of the tree.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct TreeRow {
    /// Its path; of a folder with the slash behind it.
    pub path: String,
    /// How deep it stands.
    pub depth: usize,
    /// Files in a folder, those further down included; none for a file.
    pub files: Option<usize>,
    /// Is the folder open?
    pub open: bool,
}

impl TreeRow {
    /// The last part of its path.
    pub fn name(&self) -> &str {
        let path = self.path.trim_end_matches('/');
        let start = path.rfind('/').map_or(0, |i| i + 1);
        &self.path[start..]
    }
}

/// See the module.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Tree {
    /// Paths of all files, sorted.
    pub paths: Vec<String>,
    /// Open folders, with the slash.
    pub open: BTreeSet<String>,
    /// The rows that are shown.
    pub rows: Vec<TreeRow>,
    /// Position of the selected row.
    pub selected: usize,
    /// Are the paths there?
    pub loaded: bool,
}

impl Tree {
    /// Opens the folders around a file and selects it.
    pub fn reveal(&mut self, path: &str) {
        self.open.extend(path.match_indices('/').map(|(i, _)| path[..=i].to_owned()));
        self.settle();
        self.select(path);
    }

    /// Selects a path, or the nearest row before it.
    pub fn select(&mut self, path: &str) {
        let found = self.rows.iter().position(|r| r.path == path);
        self.selected = found.unwrap_or(self.selected).min(self.rows.len().saturating_sub(1));
    }

    /// The selected row.
    pub fn current(&self) -> Option<&TreeRow> {
        self.rows.get(self.selected)
    }

    /// Makes the rows anew; the selected path stays selected.
    pub fn settle(&mut self) {
        let selected = self.current().map(|r| r.path.clone());
        let mut rows = Vec::new();
        list(&self.paths, "", 0, &self.open, &mut rows);
        self.rows = rows;
        if let Some(path) = selected {
            self.select(&path);
        }
    }
}

/// The rows of what stands below a folder: folders first.
fn list(paths: &[String], folder: &str, depth: usize, open: &BTreeSet<String>, out: &mut Vec<TreeRow>) {
    let mut files = Vec::new();
    let mut rest = paths;
    while let Some(first) = rest.first() {
        let below = &first[folder.len()..];
        // An absolute path stands outside the roots: its first slash begins a folder, too.
        let Some(slash) = below.find('/') else {
            files.push(first);
            rest = &rest[1..];
            continue;
        };
        let inner = &first[..folder.len() + slash + 1];
        let count = rest.partition_point(|p| p.starts_with(inner));
        let (inside, after) = rest.split_at(count);
        let is_open = open.contains(inner);
        out.push(TreeRow { path: inner.to_owned(), depth, files: Some(count), open: is_open });
        if is_open {
            list(inside, inner, depth + 1, open, out);
        }
        rest = after;
    }
    out.extend(files.into_iter().map(|path| TreeRow { path: path.clone(), depth, files: None, open: false }));
}

#[cfg(test)]
mod tests {
    use super::*;

    fn tree(paths: &[&str]) -> Tree {
        let mut paths: Vec<String> = paths.iter().map(|p| (*p).to_owned()).collect();
        paths.sort_unstable();
        let mut tree = Tree { paths, loaded: true, ..Tree::default() };
        tree.settle();
        tree
    }

    fn told(tree: &Tree) -> Vec<String> {
        let row = |(i, r): (usize, &TreeRow)| {
            let count = r.files.map_or(String::new(), |n| format!(" {n}"));
            format!("{}{}{}{count}", if i == tree.selected { "*" } else { "" }, "  ".repeat(r.depth), r.name())
        };
        tree.rows.iter().enumerate().map(row).collect()
    }

    #[test]
    fn folders_unfold_in_place_and_come_before_files() {
        let mut tree = tree(&["a.py", "rack/turn.py", "rack/deep/x.py", "rack.md", "planner/b.go", "rack/deep/y.py"]);
        assert_eq!(told(&tree), ["*planner/ 1", "rack/ 3", "a.py", "rack.md"]);
        tree.reveal("rack/deep/y.py");
        assert_eq!(told(&tree), ["planner/ 1", "rack/ 3", "  deep/ 2", "    x.py", "*    y.py", "  turn.py", "a.py", "rack.md"]);
        tree.open.remove("rack/");
        tree.settle();
        assert_eq!(told(&tree).len(), 4);
        assert!(tree.current().is_some(), "something stays selected");
    }

    #[test]
    fn paths_outside_the_roots_and_no_paths_at_all() {
        let mut outside = tree(&["/usr/include/stdio.h", "a.c"]);
        outside.reveal("/usr/include/stdio.h");
        assert_eq!(told(&outside), ["/ 1", "  usr/ 1", "    include/ 1", "*      stdio.h", "a.c"]);
        assert_eq!(tree(&[]).current(), None);
    }
}
