//! How languages are told.

use compass_facts::*;
use rstest::rstest;

#[rstest]
#[case::plain("a.py", Some(languages::PYTHON))]
#[case::upper("A.C", Some(languages::C))]
#[case::markup("board.tsx", Some(languages::TSX))]
#[case::part_of_a_makefile("Makefile.inc", Some(languages::MAKE))]
#[case::services("docker-compose.prod.yml", Some(languages::MANIFEST))]
#[case::other_settings("settings.yml", Some(Language::TEXT))]
#[case::an_image("Dockerfile", Some(languages::DOCKER))]
#[case::hidden(".c", None)]
#[case::unknown("a.xyz", None)]
fn names_tell_languages(#[case] name: &str, #[case] language: Option<Language>) {
    languages::register();
    assert_eq!(Language::of_name(name), language);
}

#[rstest]
#[case::direct("#!/usr/bin/python3", Some(languages::PYTHON))]
#[case::env("#!/usr/bin/env -S node --x", Some(languages::JAVASCRIPT))]
#[case::none("hello", None)]
#[case::a_shell("#!/bin/bash", Some(languages::SHELL))]
#[case::another_shell("#!/usr/bin/fish", Some(Language::TEXT))]
#[case::bare("#!", None)]
fn first_lines_tell_languages(#[case] line: &str, #[case] language: Option<Language>) {
    languages::register();
    assert_eq!(Language::of_first_line(line), language);
}

#[test]
fn an_ampersand_in_markup_is_no_gap() {
    let text = "export const A = () => <p>salt & rack <b>a && b</b></p>;\n";
    let facts = read(languages::TSX, &Source::decode(text.into()).expect("text"), &Cancel::new()).expect("facts");
    assert!(facts.gaps.is_empty(), "{:?}", facts.gaps.iter().map(|g| g.span.of(text)).collect::<Vec<_>>());
    let broken = "export const A = () => { return & ; };\n";
    let facts = read(languages::TSX, &Source::decode(broken.into()).expect("text"), &Cancel::new()).expect("facts");
    assert!(!facts.gaps.is_empty());
}

#[rstest]
fn no_two_languages_share_a_stored_word_or_an_ending() {
    languages::register();
    let all = Language::all();
    let mut words: Vec<&str> = all.iter().map(|l| l.stored_word()).collect();
    let mut endings: Vec<&str> = all.iter().flat_map(|l| l.profile().endings.iter().copied()).collect();
    for list in [&mut words, &mut endings] {
        let before = list.len();
        list.sort_unstable();
        list.dedup();
        assert_eq!(list.len(), before, "{list:?}");
    }
}

#[rstest]
fn readers_have_versions_of_their_own() {
    let mut versions: Vec<u64> = languages::ALL.iter().map(|l| l.reader_version()).collect();
    versions.sort_unstable();
    versions.dedup();
    let rooms = std::fs::read_dir(concat!(env!("CARGO_MANIFEST_DIR"), "/../../languages")).expect("the rooms").flatten();
    let rooms = rooms.filter(|r| r.file_name() != "all" && r.path().join("Cargo.toml").is_file()).count();
    assert_eq!(versions.len(), rooms, "one for each room");
    assert_eq!(languages::JAVASCRIPT.reader_version(), languages::TSX.reader_version(), "one reader");
}

#[rstest]
#[case::program("#!/usr/bin/env php\n<?php\n", Some(languages::PHP))]
#[case::sign("<?php\nreturn [];\n", Some(languages::PHP))]
#[case::behind_a_mark_of_bytes("\u{feff}<?php\n", Some(languages::PHP))]
#[case::nothing("int a;\n", None)]
#[case::empty("", None)]
fn beginnings_tell_languages(#[case] head: &str, #[case] language: Option<Language>) {
    languages::register();
    assert_eq!(Language::of_beginning(head), language);
}
