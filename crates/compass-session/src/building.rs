//! The configuration that code is unfolded under: what the compiler of this machine defines, what the build gives it, and what a person
//! settled in `amber-compass.toml`.

use compass_index::config::{Config, ConfigError};
use compass_index::{FileId, Index};
use compass_unfold::Options;
use std::path::{Path, PathBuf};

/// What is in force for a file, by the root it stands in; `defines` and `includes` of the command line count last, and so most.
///
/// # Errors
/// For an `amber-compass.toml` that cannot be used.
pub fn options_for(index: &Index, file: FileId, defines: &[String], includes: &[PathBuf]) -> Result<Options, ConfigError> {
    let full = index.file(file).map(|f| index.full_path(f)).unwrap_or_default();
    let around = index.own_roots().iter().map(Path::new).filter(|r| full.starts_with(r));
    let root = around.max_by_key(|r| r.components().count()).unwrap_or(Path::new(""));
    let settled = Config::read(root)?;
    let mut all = languages::defines_for(root, &full);
    all.extend(settled.defines);
    all.extend(defines.iter().cloned());
    let own = settled.include_folders.iter().map(|f| root.join(f));
    Ok(Options { defines: all, compilers: languages::compilers().to_vec(), includes: includes.iter().cloned().chain(own).collect() })
}

#[cfg(test)]
mod tests {
    use languages::defines_for;
    use testkit::Project;

    #[test]
    fn a_file_is_compiled_as_its_command_says_and_a_header_as_all_agree() {
        let project = Project::new();
        let root = project.root().canonicalize().expect("a root");
        let command = |file: &str, flags: &str| format!(r#"{{"directory": "{}", "file": "{file}", "command": "cc {flags} -c {file}"}}"#, root.display());
        project.write("compile_commands.json", &format!("[{},{}]", command("a.c", "-DFAST=2 -DBOTH -D OLD -UOLD"), command("b.c", "-DBOTH")));
        assert_eq!(defines_for(&root, &root.join("a.c")), ["FAST=2", "BOTH"]);
        assert_eq!(defines_for(&root, &root.join("a.h")), ["BOTH"]);
        assert!(defines_for(&project.home(), &root.join("a.c")).is_empty());
    }
}
