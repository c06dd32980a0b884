//! `require` and `include`: files by the part of their path that is written.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

#[rstest]
#[case::beside("require 'b.php';", &["a/x.php:1"])]
#[case::from_here("require_once __DIR__ . '/b.php';", &["a/x.php:1"])]
#[case::from_the_folder_of_the_file("include dirname(__FILE__) . '/b.php';", &["a/x.php:1"])]
#[case::from_above("include_once(dirname(__DIR__) . '/a/b.php');", &["a/x.php:1"])]
#[case::from_further_above("include dirname(__DIR__, 1) . '/a/b.php';", &["a/x.php:1"])]
#[case::from_the_top("require 'a/b.php';", &["a/x.php:1"])]
#[case::behind_a_constant("require ROOT . 'a/b.php';", &["a/x.php:1"])]
#[case::behind_a_value("require \"$root/a/b.php\";", &["a/x.php:1"])]
#[case::another("require 'c.php';", &[])]
#[case::only_an_ending("require \"$class.php\";", &[])]
#[case::dynamic("require $file;", &[])]
fn files_are_taken_in(#[case] code: &str, #[case] wanted: &[&str]) {
    let project = Project::with(&[("a/b.php", "<?php\nfunction turn() {}\n"), ("a/x.php", &format!("<?php {code}\n"))]);
    let engine = engine(&project);
    let answers = ask(&engine, "who imports a/b.php");
    assert_eq!(places(&answers), wanted);
    let is_open = answers.missing.iter().any(|m| m.cause == "dynamic");
    assert_eq!(is_open, code.contains("$class") || code.contains("$file"), "what is known at run time only is missing: {:?}", answers.missing);
}

#[test]
fn a_path_that_leads_nowhere_is_a_gap() {
    let project = Project::with(&[("a.php", "<?php\nrequire __DIR__ . '/gone.php';\nrequire 'vendor/autoload.php';\nrequire $file;\n")]);
    assert_eq!(places(&ask(&engine(&project), "gaps of import")), ["a.php:2", "a.php:3"]);
}
