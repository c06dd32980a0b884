//! Standard libraries as declarations: for languages whose library has no sources on the machine.
//!
//! # How it works
//! A language brings the public names of its standard library, written in the language itself ([`compass_facts::profile::Standard`]). The
//! program puts these texts ([`texts`]) into a folder of its cache, where they can be read like any other file. A plan with own files of
//! such a language gets a unit of them, as a dependency.
//!
//! # Guarantees
//! Real sources come first: a language whose library was found gets no declarations.

use super::ecosystems::{Ecosystem, Packaging};
use super::packages::planned_in;
use super::{Machine, Plan, PlannedFile, PlannedUnit};
use crate::tree::Tree;
use compass_facts::Language;
use rustc_hash::FxHashSet;
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

/// The word of a [`Machine`] under which the folder of those texts stands.
pub const WORD: &str = "declared";

struct Declarations;

impl Packaging for Declarations {
    fn word(&self) -> &'static str {
        WORD
    }
}

/// Declarations that come with this program.
pub const DECLARED: Ecosystem = Ecosystem(&Declarations);

/// What a place in such a unit is remarked with.
pub const REMARK: &str = "declared, source not on this machine";

/// The name of the unit of a language's declarations.
#[must_use]
pub fn unit_name(language: Language) -> String {
    format!("{}-std", language.word())
}

/// The declarations of all languages: paths below the folder of [`WORD`], and texts.
pub fn texts() -> impl Iterator<Item = (PathBuf, &'static str)> {
    let of = |l: Language| l.profile().standard.declared.iter().map(move |(path, text)| (Path::new(l.word()).join(path), *text));
    Language::all().iter().copied().flat_map(of)
}

/// Adds a unit of declarations for each language of own files whose library is not in the plan.
pub(super) fn add(plan: &mut Plan, tree: &dyn Tree, machine: &Machine) {
    let Some(base) = machine.first(WORD) else { return };
    let own: Vec<Language> = plan.files.iter().filter(|f| plan.units[f.unit].own).map(|f| f.language).collect::<FxHashSet<_>>().into_iter().collect();
    for language in Language::all().iter().copied() {
        let standard = &language.profile().standard;
        // Libraries of several languages may be called alike.
        let of_family = |f: &PlannedFile| f.language.profile().family == language.profile().family;
        let is_library = |f: &PlannedFile| !plan.units[f.unit].own && (standard.is_unit)(&plan.units[f.unit].name) && of_family(f);
        let is_there = || plan.files.iter().any(is_library);
        let uses_it = |l: &Language| *l == language || standard.of_family && l.profile().family == language.profile().family;
        if standard.declared.is_empty() || !own.iter().any(uses_it) || is_there() {
            continue;
        }
        add_unit(plan, tree, base, language);
    }
}

fn add_unit(plan: &mut Plan, tree: &dyn Tree, base: &Path, language: Language) {
    let unit = plan.units.len();
    let root = super::packages::root_of(plan, base);
    let places = language.profile().standard.declared.iter().map(|(path, _)| base.join(language.word()).join(path));
    let files: Vec<_> = places.filter_map(|p| planned_in(tree, &p, base, Some(language), root, unit)).collect();
    if files.is_empty() {
        return;
    }
    plan.files.extend(files);
    plan.units.push(PlannedUnit {
        name: unit_name(language),
        version: String::new(),
        ecosystem: DECLARED,
        root,
        dir: language.word().to_owned(),
        own: false,
        entries: language.profile().standard.declared.iter().filter(|(path, _)| !path.contains('/')).map(|(path, _)| (*path).to_owned()).collect(),
        needs: Vec::new(),
        knows_needs: true,
    });
    let of_family = |f: &&PlannedFile| f.unit != unit && f.language.profile().family == language.profile().family;
    let users: BTreeSet<usize> = plan.files.iter().filter(of_family).map(|f| f.unit).collect();
    for user in users {
        let names = language.profile().standard.called.iter();
        plan.units[user].needs.extend(names.map(|name| ((*name).to_owned(), unit)));
    }
}
