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
    #[case::go("planner/turn_test.go", languages::GO, true)]
    #[case::go_code("planner/testing.go", languages::GO, false)]
    #[case::python("pkg/test_turn.py", languages::PYTHON, true)]
    #[case::python_fixtures("pkg/conftest.py", languages::PYTHON, true)]
    #[case::python_code("pkg/contest.py", languages::PYTHON, false)]
    #[case::java("src/test/java/a/Rack.java", languages::JAVA, true)]
    #[case::java_name("a/RackTest.java", languages::JAVA, true)]
    #[case::java_code("a/Latest.java", languages::JAVA, false)]
    #[case::script("src/turn.spec.ts", languages::TYPESCRIPT, true)]
    #[case::rust("tests/it/main.rs", languages::RUST, true)]
    #[case::cpp("src/rack_unittest.cc", languages::CPP, true)]
    #[case::cpp_code("src/contest.cc", languages::CPP, false)]
    #[case::perl("t/label.t", languages::PERL, true)]
    #[case::data("tests/data/a.json", Language::TEXT, true)]
    fn tests_are_told_by_their_paths(#[case] path: &str, #[case] language: Language, #[case] wanted: bool) {
        assert_eq!(is_test_path(path, language), wanted);
    }
}
