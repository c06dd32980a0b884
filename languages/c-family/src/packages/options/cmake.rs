//! What the files of CMake set, followed from the outermost on, with the files they include and the folders they add.

use super::cmake_conditions::{constant, expanded, holds};
use super::cmake_syntax::{Argument, Node, parse};
use super::{Branches, MAX_DEPTH, Mode, Said, Value, Variables};
use std::collections::{BTreeMap, BTreeSet};

/// The file of a folder.
const NAME: &str = "CMakeLists.txt";
/// Lists that are longer are not gone through.
const MAX_ITEMS: usize = 2_000;

/// Follows all files; those that another one brings in are followed there.
pub(super) fn follow(files: &[(String, String)], said: &mut Said) {
    let texts: BTreeMap<&str, &str> = files.iter().filter(|(p, _)| p.ends_with(NAME) || p.ends_with(".cmake")).map(|(p, t)| (p.as_str(), t.as_str())).collect();
    let mut tops: Vec<&str> = texts.keys().copied().filter(|p| p.ends_with(NAME)).collect();
    tops.sort_by_key(|p| (p.matches('/').count(), *p));
    let mut seen = BTreeSet::new();
    for path in tops {
        if !seen.contains(path) {
            let top = folder_of(path).to_owned();
            let mut script = Script { texts: &texts, said, seen: &mut seen, variables: Variables::default(), folder: top.clone(), top, depth: 0 };
            script.file(path, Mode::Done);
            script.finish();
        }
    }
}

pub(super) fn folder_of(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |p| p.0)
}

struct Script<'a, 'b> {
    texts: &'b BTreeMap<&'a str, &'a str>,
    said: &'b mut Said,
    seen: &'b mut BTreeSet<&'a str>,
    variables: Variables,
    /// The folder that is read, and that of the outermost file.
    folder: String,
    top: String,
    depth: usize,
}

impl<'a> Script<'a, '_> {
    fn file(&mut self, path: &str, mode: Mode) {
        let Some((path, text)) = self.texts.get_key_value(path).map(|(p, t)| (*p, *t)) else { return };
        self.seen.insert(path);
        if self.depth < MAX_DEPTH && self.said.may_read(text) {
            self.depth += 1;
            self.nodes(&parse(text), mode);
            self.depth -= 1;
        }
    }

    fn nodes(&mut self, nodes: &[Node], mode: Mode) {
        for node in nodes {
            if !self.said.step() {
                return;
            }
            match node {
                Node::Command(name, arguments) => self.command(name, arguments, mode),
                Node::If(branches) => {
                    let mut met = Branches::default();
                    for (condition, body) in branches {
                        let holds = condition.as_ref().map_or(Some(true), |c| holds(c, &self.variables));
                        let mode = met.next(mode, holds);
                        self.nodes(body, mode);
                    }
                }
                Node::ForEach(arguments, body) => self.each(arguments, body, mode),
            }
        }
    }

    /// `foreach (NAME ITEM…)`, `foreach (NAME IN LISTS NAME… ITEMS ITEM…)`.
    fn each(&mut self, arguments: &[Argument], body: &[Node], mode: Mode) {
        let Some((variable, items)) = arguments.split_first() else { return };
        let (mut all, mut lists): (Option<Vec<String>>, bool) = (Some(Vec::new()), false);
        for item in items {
            match item.text.as_str() {
                "IN" => continue,
                "LISTS" | "ITEMS" | "RANGE" if !item.quoted => {
                    lists = item.text == "LISTS";
                    all = all.filter(|_| item.text != "RANGE");
                    continue;
                }
                _ => {}
            }
            let value = if lists { self.variables.get(&item.text).cloned().flatten() } else { expanded(&item.text, &self.variables) };
            all = all.zip(value).map(|(mut all, value)| {
                all.extend(value.split(';').filter(|v| !v.is_empty()).map(str::to_owned));
                all
            });
        }
        match all.filter(|a| a.len() <= MAX_ITEMS) {
            Some(all) => {
                for item in all {
                    self.variables.set(&variable.text, Some(item), mode);
                    self.nodes(body, mode);
                }
            }
            None => {
                self.variables.set(&variable.text, None, mode);
                self.nodes(body, mode.under(None));
            }
        }
    }

    fn command(&mut self, name: &str, arguments: &[Argument], mode: Mode) {
        match name {
            "set" | "unset" => self.set(arguments, mode),
            "option" => {
                let value = arguments.get(2).map_or(Some("OFF".to_owned()), |v| expanded(&v.text, &self.variables));
                self.declare(arguments, value, mode);
            }
            "cmake_dependent_option" => {
                let value = self.dependent(arguments);
                self.declare(arguments, value, mode);
            }
            "include" => self.include(arguments, mode),
            "add_subdirectory" => self.subdirectory(arguments, mode),
            "add_definitions" => self.defines(arguments.iter().filter_map(|a| a.text.strip_prefix("-D")), mode),
            "add_compile_definitions" => self.defines(arguments.iter().map(|a| a.text.as_str()), mode),
            // They are those of some of the targets alone.
            "target_compile_definitions" => {
                let given = arguments.iter().skip(1).map(|a| a.text.as_str()).filter(|w| !matches!(*w, "PUBLIC" | "PRIVATE" | "INTERFACE"));
                self.defines(given.map(|w| w.strip_prefix("-D").unwrap_or(w)), mode.under(None));
            }
            _ => {
                // What another command may write to a variable is not known any more.
                let writes = name.starts_with("check_") || name.starts_with("find_") || matches!(name, "list" | "string" | "math" | "file" | "get_property");
                for argument in arguments.iter().filter(|a| writes && !a.quoted) {
                    if self.variables.get(&argument.text).is_some() {
                        self.variables.set(&argument.text, None, mode);
                    }
                }
            }
        }
    }

    fn set(&mut self, arguments: &[Argument], mode: Mode) {
        let Some((name, values)) = arguments.split_first() else { return };
        let Some(name) = expanded(&name.text, &self.variables) else { return };
        let is_meant = |a: &&Argument| a.quoted || !matches!(a.text.as_str(), "CACHE" | "PARENT_SCOPE" | "FORCE");
        let values: Option<Vec<String>> = values.iter().take_while(is_meant).map(|a| expanded(&a.text, &self.variables)).collect();
        // A value that is kept from an earlier run is that of who built it: nobody did.
        self.variables.set(&name, values.map(|v| v.join(";")), mode);
    }

    fn declare(&mut self, arguments: &[Argument], value: Value, mode: Mode) {
        let Some(name) = arguments.first().and_then(|a| expanded(&a.text, &self.variables)) else { return };
        // A value that is there already stays.
        if !matches!(self.variables.get(&name), Some(Some(_))) {
            self.variables.set(&name, value, mode);
        }
    }

    /// `cmake_dependent_option (NAME TEXT VALUE CONDITIONS OTHERWISE)`.
    fn dependent(&self, arguments: &[Argument]) -> Value {
        let value = expanded(&arguments.get(2)?.text, &self.variables);
        let otherwise = expanded(&arguments.get(4)?.text, &self.variables);
        let one = |condition: &str| {
            let words = condition.split_whitespace().map(|w| Argument { text: w.to_owned(), quoted: false });
            holds(&words.collect::<Vec<_>>(), &self.variables)
        };
        let all: Vec<Option<bool>> = arguments.get(3)?.text.split(';').map(one).collect();
        if all.contains(&Some(false)) {
            otherwise
        } else if all.iter().all(|c| *c == Some(true)) || value == otherwise {
            value
        } else {
            None
        }
    }

    fn defines<'t>(&mut self, names: impl Iterator<Item = &'t str>, mode: Mode) {
        for given in names {
            let (name, value) = given.split_once('=').unwrap_or((given, "1"));
            let Some(name) = expanded(name, &self.variables) else { continue };
            // Nothing is said of a macro that stands for a number that may be nought.
            self.said.define(&name, if value == "0" { mode.under(None) } else { mode });
        }
    }

    fn include(&mut self, arguments: &[Argument], mode: Mode) {
        let Some(path) = arguments.first().and_then(|a| self.path(&a.text)) else { return };
        let ends = [path.clone(), format!("{path}.cmake")];
        let beside = |at: &str| ends.iter().map(|end| joined(at, end)).find(|p| self.texts.contains_key(p.as_str()));
        let found = beside(&self.folder).or_else(|| beside(&self.top)).or_else(|| {
            // Modules are looked for in folders that a variable lists: the one file of that name.
            let mut named = self.texts.keys().filter(|p| p.rsplit('/').next() == ends[1].rsplit('/').next());
            named.next().filter(|_| named.next().is_none()).map(|p| (*p).to_owned())
        });
        if let Some(found) = found {
            self.file(&found, mode);
        }
    }

    fn subdirectory(&mut self, arguments: &[Argument], mode: Mode) {
        let Some(path) = arguments.first().and_then(|a| self.path(&a.text)) else { return };
        let folder = joined(&self.folder, &path);
        self.said.folder(folder.clone(), mode);
        let (before, variables) = (std::mem::replace(&mut self.folder, folder.clone()), self.variables.clone());
        self.file(&joined(&folder, NAME), mode);
        self.finish();
        self.folder = before;
        self.variables = variables;
    }

    /// A path, with the folders of the project taken for nothing.
    fn path(&self, text: &str) -> Value {
        let own = ["${CMAKE_CURRENT_SOURCE_DIR}/", "${CMAKE_CURRENT_LIST_DIR}/", "${CMAKE_SOURCE_DIR}/", "${PROJECT_SOURCE_DIR}/"];
        expanded(own.iter().find_map(|o| text.strip_prefix(o)).unwrap_or(text), &self.variables)
    }

    /// What the variables come to: those that are on or off.
    fn finish(&mut self) {
        for (name, value) in &self.variables.0 {
            match value {
                Some(value) => {
                    if let Some(on) = constant(value).filter(|_| value.len() <= 5) {
                        self.said.say(name, Some(on));
                    }
                }
                None => self.said.say(name, None),
            }
        }
    }
}

/// A path in a folder, both with `/`; `.` and `..` are followed.
pub(super) fn joined(folder: &str, path: &str) -> String {
    let mut parts: Vec<&str> = Vec::new();
    for part in folder.split('/').chain(path.split('/')) {
        match part {
            "" | "." => {}
            ".." => drop(parts.pop()),
            part => parts.push(part),
        }
    }
    parts.join("/")
}
