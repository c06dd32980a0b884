//! Names that stand for folders: `paths` and `baseUrl` of `tsconfig.json` and `jsconfig.json`.
//!
//! The settings of a file are those of the nearest such file above it, with what it extends; a file that only refers to
//! others beside it (one for the program, one for its tests) means all of them. Comments and trailing commas are allowed.
//! What cannot be read says nothing: the names are then looked for as packages.

use compass_index::plan::{Aliases, slashed, tidy};
use compass_index::tree::disk;
use std::path::{Path, PathBuf};

/// File names that may hold them.
pub(super) const NAMES: [&str; 2] = ["tsconfig.json", "jsconfig.json"];

/// Longest chain of files that extend one another.
const MAX_CHAIN: usize = 16;

/// Reads a settings file below a root.
pub(super) fn read(root: &Path, index: usize, file: &Path) -> Aliases {
    let settings = Settings::read(file, &mut Vec::new());
    let inside = |path: &Path| tidy(path).strip_prefix(root).ok().map(slashed);
    let dir = file.parent().and_then(inside).unwrap_or_default();
    let base = settings.base.as_deref().and_then(inside);
    let paths = settings.paths.into_iter().map(|(pattern, to)| (pattern, to.iter().filter_map(|t| inside(t)).collect())).collect();
    Aliases { root: index, dir, base, paths }
}

/// Settings with absolute paths.
#[derive(Default)]
struct Settings {
    base: Option<PathBuf>,
    paths: Vec<(String, Vec<PathBuf>)>,
}

impl Settings {
    /// Each file counts once, however often others lead to it, and no more than [`MAX_CHAIN`] of them.
    fn read(file: &Path, seen: &mut Vec<PathBuf>) -> Settings {
        let real = disk::real(file).unwrap_or_else(|| file.to_owned());
        if seen.len() >= MAX_CHAIN || seen.contains(&real) {
            return Settings::default();
        }
        seen.push(real);
        let text = disk::read_text(file).ok().filter(|t| compass_index::tree::is_shallow(t));
        let json = text.and_then(|t| json5::from_str::<serde_json::Value>(t.trim_start_matches('\u{feff}')).ok());
        let (Some(json), Some(dir)) = (json, file.parent()) else { return Settings::default() };
        let mut out = Settings::default();
        // Of several bases the later one wins.
        for base in strings(json.get("extends")).filter_map(|name| extended(dir, name)) {
            out.take(Settings::read(&base, seen));
        }
        let options = json.get("compilerOptions");
        let base = options.and_then(|o| o.get("baseUrl")).and_then(|b| b.as_str()).map(|b| dir.join(b));
        let from = base.clone().or_else(|| out.base.clone()).unwrap_or_else(|| dir.to_owned());
        let paths = options.and_then(|o| o.get("paths")).and_then(|p| p.as_object());
        let paths = paths.into_iter().flatten().map(|(pattern, to)| (pattern.clone(), strings(Some(to)).map(|t| from.join(t)).collect()));
        out.take(Settings { base, paths: paths.collect() });
        let references = json.get("references").and_then(|r| r.as_array()).into_iter().flatten();
        for part in references.filter_map(|r| Some(dir.join(r.get("path")?.as_str()?))).filter(|p| disk::is_file(p) && p.parent() == Some(dir)) {
            out.paths.extend(Settings::read(&part, seen).paths);
        }
        out
    }

    /// What another file says counts more.
    fn take(&mut self, other: Settings) {
        self.base = other.base.or(self.base.take());
        if !other.paths.is_empty() {
            self.paths = other.paths;
        }
    }
}

/// One text, or a list of texts.
fn strings(value: Option<&serde_json::Value>) -> impl Iterator<Item = &str> {
    let list = value.map(|v| v.as_array().map_or(std::slice::from_ref(v), Vec::as_slice)).unwrap_or_default();
    list.iter().filter_map(|v| v.as_str())
}

/// The file that another extends: a path, or one in a package above.
fn extended(dir: &Path, name: &str) -> Option<PathBuf> {
    let with_ending = |path: PathBuf| {
        let mut named = path.clone().into_os_string();
        named.push(".json");
        [path.clone(), PathBuf::from(named), path.join("tsconfig.json")].into_iter().find(|p| disk::is_file(p))
    };
    if name.starts_with('.') || name.starts_with('/') {
        return with_ending(dir.join(name));
    }
    dir.ancestors().find_map(|up| with_ending(up.join("node_modules").join(name)))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn written(files: &[(&str, &str)]) -> tempfile::TempDir {
        let dir = tempfile::tempdir().expect("a folder");
        for (path, text) in files {
            let path = dir.path().join(path);
            std::fs::create_dir_all(path.parent().expect("a parent")).expect("folders");
            std::fs::write(path, text).expect("a file");
        }
        dir
    }

    #[rstest]
    #[case::exact("@rack", &["board/src/rack/index.ts"])]
    #[case::star("@rack/turn", &["board/src/rack/turn", "board/lib/turn"])]
    #[case::longest("@rack/wash/brine", &["board/src/wash/brine"])]
    #[case::neither("salt", &[])]
    fn patterns_stand_for_paths(#[case] module: &str, #[case] wanted: &[&str]) {
        let text = r#"{ // where things are
            "compilerOptions": { "paths": {
                "@rack": ["./src/rack/index.ts"], "@rack/*": ["./src/rack/*", "lib/*"], "@rack/wash/*": ["src/wash/*",],
            }, } }"#;
        let dir = written(&[("board/tsconfig.json", text)]);
        let aliases = read(dir.path(), 0, &dir.path().join("board/tsconfig.json"));
        assert_eq!((aliases.dir.as_str(), aliases.candidates(module)), ("board", wanted.iter().map(|w| (*w).to_owned()).collect()));
    }

    #[test]
    fn settings_come_from_what_is_extended() {
        let dir = written(&[
            ("tsconfig.base.json", r##"{"compilerOptions":{"baseUrl":"packages","paths":{"#rack":["rack/src/index"]}}}"##),
            ("packages/board/tsconfig.json", r#"{"extends":"../../tsconfig.base"}"#),
        ]);
        let aliases = read(dir.path(), 0, &dir.path().join("packages/board/tsconfig.json"));
        assert_eq!(aliases.candidates("#rack"), ["packages/rack/src/index", "packages/#rack"], "paths are those of the file that says them");
    }

    #[test]
    fn parts_beside_count_and_circles_end() {
        let dir = written(&[
            ("tsconfig.json", r#"{"files":[],"references":[{"path":"./tsconfig.app.json"},{"path":"./other"}]}"#),
            ("tsconfig.app.json", r#"{"extends":"./tsconfig.json","compilerOptions":{"paths":{"~/*":["src/*"]}}}"#),
            ("broken/tsconfig.json", "{"),
        ]);
        assert_eq!(read(dir.path(), 0, &dir.path().join("tsconfig.json")).candidates("~/turn"), ["src/turn"]);
        assert_eq!(read(dir.path(), 0, &dir.path().join("broken/tsconfig.json")).candidates("~/turn"), Vec::<String>::new());
    }
}
