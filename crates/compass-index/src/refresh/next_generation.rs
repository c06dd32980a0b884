//! The generation being made, before anything is read.

use super::Request;
use crate::plan::{Plan, PlannedFile};
use crate::store::{FileRow, Generation, UnitRow};
use crate::{FileId, FileNo, UnitId};
use rustc_hash::FxHashMap;

/// The generation being made: ids are taken over from the old one.
pub(super) struct NextGeneration {
    pub(super) overview: Generation,
}

impl NextGeneration {
    /// After a look at a few paths alone the files are those of before, at the places where they were.
    pub(super) fn again(plan: &Plan, old: &Generation, request: &Request) -> NextGeneration {
        let row = |(row, file): (&FileRow, &PlannedFile)| FileRow { bytes: file.bytes, mtime_ns: file.mtime_ns, inode: file.inode, layer: None, ..row.clone() };
        let overview = Generation {
            roots: old.roots.clone(),
            own_roots: old.own_roots,
            deps: request.options.deps,
            request: wanted(plan, request),
            units: old.units.clone(),
            next_file: old.next_file.clone(),
            files: old.files.iter().zip(&plan.files).map(row).collect(),
            ..Generation::default()
        };
        NextGeneration { overview }
    }

    pub(super) fn new(plan: &Plan, old: Option<&Generation>, request: &Request) -> NextGeneration {
        let mut overview = Generation {
            roots: plan.roots.iter().map(|r| r.to_string_lossy().into_owned()).collect(),
            own_roots: plan.own_roots as u32,
            deps: request.options.deps,
            request: wanted(plan, request),
            ..Generation::default()
        };
        overview.units = old.map(|o| o.units.clone()).unwrap_or_default();
        overview.next_file = old.map(|o| o.next_file.clone()).unwrap_or_default();
        // Roots may have moved in the list: units and files are known by the folder itself.
        let moved: Vec<Option<u32>> = old.map(|o| moved_roots(o, plan)).unwrap_or_default();
        let moved = |root: u32| moved.get(root as usize).copied().flatten();
        let known_units: FxHashMap<(String, String, String, String), usize> =
            overview.units.iter().enumerate().map(|(i, u)| ((u.home.clone(), u.dir.clone(), u.ecosystem.clone(), u.name.clone()), i)).collect();
        // Units that are not planned now may come back.
        for unit in &mut overview.units {
            (unit.root, unit.needs) = (u32::MAX, Vec::new());
        }
        // Own roots may be handed on with the index; folders of packages are where they are.
        let home = |root: usize| if root < plan.own_roots { root.to_string() } else { plan.roots[root].to_string_lossy().into_owned() };
        let mut ids = Vec::with_capacity(plan.units.len());
        for unit in &plan.units {
            let known = known_units.get(&(home(unit.root), unit.dir.clone(), unit.ecosystem.word().to_owned(), unit.name.clone())).copied();
            let index = known.unwrap_or(overview.units.len());
            let row = UnitRow {
                id: UnitId(index as u32),
                name: unit.name.clone(),
                version: unit.version.clone(),
                ecosystem: unit.ecosystem.word().to_owned(),
                root: unit.root as u32,
                home: home(unit.root),
                dir: unit.dir.clone(),
                own: unit.own,
                entries: unit.entries.clone(),
                needs: Vec::new(),
                knows_needs: unit.knows_needs,
            };
            match known {
                Some(i) => overview.units[i] = row,
                None => {
                    overview.units.push(row);
                    overview.next_file.push(0);
                }
            }
            ids.push(UnitId(index as u32));
        }
        for (unit, id) in plan.units.iter().zip(&ids) {
            overview.units[id.0 as usize].needs = unit.needs.iter().map(|(name, at)| (name.clone(), ids[*at])).collect();
        }
        let known: FxHashMap<(u32, &str), &FileRow> =
            old.map(|o| o.files.iter().filter_map(|f| Some(((moved(f.root)?, f.path.as_str()), f))).collect()).unwrap_or_default();
        for file in &plan.files {
            let unit = ids[file.unit];
            let id = match known.get(&(file.root as u32, file.path.as_str())) {
                Some(row) if row.id.unit == unit => row.id,
                _ => {
                    let next = &mut overview.next_file[unit.0 as usize];
                    *next += 1;
                    FileId { unit, number: FileNo(*next - 1) }
                }
            };
            overview.files.push(FileRow {
                id,
                root: file.root as u32,
                path: file.path.clone(),
                raw_path: raw_path(file),
                language: file.language,
                bytes: file.bytes,
                lines: 0,
                mtime_ns: file.mtime_ns,
                inode: file.inode,
                content: 0,
                hash: 0,
                provenance: crate::Provenance::default(),
                reads_as_sibling: file.reads_as_sibling,
                renumbered: false,
                layer: None,
            });
        }
        NextGeneration { overview }
    }
}

/// Where the roots of before stand now: own ones at their place, folders of packages by their path.
fn moved_roots(old: &Generation, plan: &Plan) -> Vec<Option<u32>> {
    let place = |(i, root): (usize, &String)| {
        if i < (old.own_roots as usize).min(plan.own_roots) {
            return Some(i as u32);
        }
        let found = plan.roots.iter().position(|r| r.to_string_lossy() == *root)?;
        (i >= old.own_roots as usize && found >= plan.own_roots).then_some(found as u32)
    };
    old.roots.iter().enumerate().map(place).collect()
}

/// What was asked for, as far as an index depends on it.
fn wanted(plan: &Plan, request: &Request) -> String {
    let passes: Vec<&str> = request.passes.iter().map(|p| p.name()).collect();
    // How far dependencies were followed shows in the units there are.
    format!("{:?} {passes:?} {:?} {:?}", request.options.files.is_some(), plan.layers, plan.build)
}

/// The path's bytes, where the shown path cannot be opened.
#[cfg(unix)]
fn raw_path(file: &PlannedFile) -> Option<Vec<u8>> {
    use std::os::unix::ffi::OsStrExt;
    file.full.to_str().is_none().then(|| file.full.as_os_str().as_bytes().to_vec())
}

#[cfg(not(unix))]
fn raw_path(_: &PlannedFile) -> Option<Vec<u8>> {
    None
}
