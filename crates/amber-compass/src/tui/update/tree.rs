//! Folders and files beside the code: they unfold in place, and the place being read stays where it is.

use super::{Action, Effect, desk, lists, start};
use crate::tui::layout;
use crate::tui::state::{Spot, State, Tree};
use compass_session::jobs::Job;

/// Opens the tree at the file being read.
pub fn open(state: &mut State, effects: &mut Vec<Effect>) {
    if !state.ready {
        return state.complain("the files are not known yet");
    }
    // One thing at a time in the place of the bearings.
    state.unfold.panel = false;
    state.glance.looks.clear();
    state.tree = Some(Tree::default());
    start(state, Job::Paths, effects);
}

/// Asks for the paths again: there may be others now.
pub fn reload(state: &mut State, effects: &mut Vec<Effect>) {
    if state.tree.is_some() {
        start(state, Job::Paths, effects);
    }
}

/// The paths are there.
pub fn loaded(state: &mut State, paths: Vec<String>) {
    let here = state.desk.page.as_ref().map(|p| p.path.clone());
    let Some(tree) = &mut state.tree else { return };
    let first = !std::mem::replace(&mut tree.loaded, true);
    tree.paths = paths;
    match here.filter(|_| first) {
        Some(path) => tree.reveal(&path),
        None => tree.settle(),
    }
}

/// Keys while the tree is open; `false` for those that mean the same as ever.
pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) -> bool {
    let area = layout::glance(state);
    let Some(tree) = &mut state.tree else { return false };
    if let Some(by) = lists::step(action, area) {
        tree.selected = lists::moved(tree.selected, by, tree.rows.len());
        return true;
    }
    match action {
        Action::Folders | Action::Back => state.tree = None,
        Action::Right => unfold(tree, true),
        Action::Left => unfold(tree, false),
        Action::Follow => follow(state, effects),
        _ => return false,
    }
    true
}

/// Opens or closes the selected folder; from a file or a closed folder, closing goes to what it stands in.
fn unfold(tree: &mut Tree, open: bool) {
    let Some(row) = tree.current().cloned() else { return };
    if open && row.files.is_some() {
        if !tree.open.insert(row.path) {
            // It is open: on to what it holds.
            tree.selected = (tree.selected + 1).min(tree.rows.len().saturating_sub(1));
        }
    } else if !open && row.open {
        tree.open.remove(&row.path);
    } else if !open {
        let around = row.path.trim_end_matches('/').rfind('/').map(|i| row.path[..=i].to_owned());
        around.iter().for_each(|path| tree.select(path));
    }
    tree.settle();
}

/// Opens a file, or a folder in place.
fn follow(state: &mut State, effects: &mut Vec<Effect>) {
    let Some(tree) = &mut state.tree else { return };
    let Some(row) = tree.current().cloned() else { return };
    if row.files.is_some() {
        return unfold(tree, !row.open);
    }
    state.tree = None;
    desk::jump(state, Spot { path: row.path, line: 1, column: 1 }, "folders", effects);
}
