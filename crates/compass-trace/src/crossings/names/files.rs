//! Files by the end of their path: templates and programs.

use super::super::frameworks;
use compass_index::PassInput;
use rustc_hash::FxHashMap;

/// See the module.
pub(super) struct Files<'a> {
    paths: Vec<&'a str>,
    by_name: FxHashMap<&'a str, Vec<usize>>,
    /// Names up to their first dot.
    by_stem: FxHashMap<&'a str, Vec<usize>>,
    /// Files that make a program of that name.
    programs: FxHashMap<String, Vec<usize>>,
}

impl<'a> Files<'a> {
    pub(super) fn new(input: &PassInput<'a>) -> Files<'a> {
        let mut files = Files {
            paths: input.files.iter().map(|f| f.path).collect(),
            by_name: FxHashMap::default(),
            by_stem: FxHashMap::default(),
            programs: FxHashMap::default(),
        };
        for (n, here) in input.files.iter().enumerate() {
            let name = here.path.rsplit('/').next().unwrap_or(here.path);
            files.by_name.entry(name).or_default().push(n);
            if let Some((stem, _)) = name.split_once('.').filter(|s| !s.0.is_empty()) {
                files.by_stem.entry(stem).or_default().push(n);
            }
            if let Some(program) = frameworks::of(here.language).and_then(|f| f.program(here.path, here.facts)) {
                files.programs.entry(program).or_default().push(n);
            }
        }
        files
    }

    /// Files whose path ends so: the whole path alone, if there is one.
    fn ending(&self, path: &str) -> Vec<usize> {
        let path = path.trim_start_matches("./").trim_start_matches('/');
        let name = path.rsplit('/').next().unwrap_or(path);
        let found: Vec<usize> = self.by_name.get(name).into_iter().flatten().copied().filter(|n| ends_with(self.paths[*n], path)).collect();
        match found.iter().find(|n| self.paths[**n] == path) {
            Some(whole) => vec![*whole],
            None => found,
        }
    }

    /// Templates of a name, with its ending or without.
    pub(super) fn template(&self, name: &str, endings: &[String]) -> Vec<usize> {
        let found = self.ending(name);
        if !found.is_empty() {
            return found;
        }
        let path = name.trim_start_matches('/');
        let stem = path.rsplit('/').next().unwrap_or(path);
        let fits = |n: &usize| endings.iter().any(|e| self.paths[*n].strip_suffix(e.as_str()).is_some_and(|without| ends_with(without, path)));
        self.by_stem.get(stem).into_iter().flatten().copied().filter(fits).collect()
    }

    /// What a word of a command may start, given the word before: the first may be a program's name, and behind some flags stands a module.
    pub(super) fn program(&self, word: &str, before: Option<&str>) -> Vec<usize> {
        if let Some(flag) = before {
            let module: Vec<usize> = frameworks::all().flat_map(|f| f.module_files(flag, word)).flat_map(|p| self.ending(&p)).collect();
            if !module.is_empty() {
                return module;
            }
        }
        let has_ending = word.rsplit('/').next().is_some_and(|name| name.trim_start_matches('.').contains('.'));
        if has_ending || word.contains('/') {
            let found = self.ending(word);
            if !found.is_empty() {
                return found;
            }
        }
        let name = word.rsplit('/').next().unwrap_or(word);
        if before.is_none() { self.programs.get(name).cloned().unwrap_or_default() } else { Vec::new() }
    }
}

fn ends_with(path: &str, end: &str) -> bool {
    path.strip_suffix(end).is_some_and(|before| before.is_empty() || before.ends_with('/'))
}
