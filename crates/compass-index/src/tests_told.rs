//! Which files hold tests, by the habits of each language (its profile).

use compass_facts::Language;

/// Folders that hold nothing but tests, whatever the language.
const FOLDERS: [&str; 8] = ["test", "tests", "testing", "testdata", "__tests__", "spec", "specs", "e2e"];

/// Does a file hold tests, by its path?
pub fn is_test_path(path: &str, language: Language) -> bool {
    let (folders, name) = path.rsplit_once('/').map_or(("", path), |(f, n)| (f, n));
    let stem = name.split('.').next().unwrap_or(name);
    let tests = &language.profile().tests;
    let in_folder = |known: &[&str]| folders.split('/').any(|f| known.contains(&f));
    (tests.is_file)(stem, name) || in_folder(&FOLDERS) || in_folder(tests.folders)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::go("planner/turn_test.go", Language::Go, true)]
    #[case::go_code("planner/testing.go", Language::Go, false)]
    #[case::python("pkg/test_turn.py", Language::Python, true)]
    #[case::python_fixtures("pkg/conftest.py", Language::Python, true)]
    #[case::python_code("pkg/contest.py", Language::Python, false)]
    #[case::java("src/test/java/a/Rack.java", Language::Java, true)]
    #[case::java_name("a/RackTest.java", Language::Java, true)]
    #[case::java_code("a/Latest.java", Language::Java, false)]
    #[case::script("src/turn.spec.ts", Language::TypeScript, true)]
    #[case::rust("tests/it/main.rs", Language::Rust, true)]
    #[case::cpp("src/rack_unittest.cc", Language::Cpp, true)]
    #[case::cpp_code("src/contest.cc", Language::Cpp, false)]
    #[case::perl("t/label.t", Language::Perl, true)]
    #[case::data("tests/data/a.json", Language::Text, true)]
    fn tests_are_told_by_their_paths(#[case] path: &str, #[case] language: Language, #[case] wanted: bool) {
        assert_eq!(is_test_path(path, language), wanted);
    }
}
