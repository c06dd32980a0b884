//! Manifests, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, places, uses};

#[rstest]
#[case::variables("A = 1\nB := $(A)\nexport C ?= 2\nA += 3\ndefine D\nx\nendef\n", &["var A", "var B", "var C", "var D"])]
#[case::rules("a b: c ; echo\n%.o: %.c\n\tx\nd::\n$(E): f\n.PHONY: a\n", &["fn a", "fn b", "fn %.o", "fn d"])]
#[case::conditions("ifeq ($(A),1)\nB = 1\nelse ifdef C\nD = 2\nendif\n", &["var B", "var D"])]
#[case::for_a_target("a: B = 1\na: c\n", &["var B", "fn a"])]
#[case::lines_that_go_on("A = b \\\n  c \\\n  d\ne: f \\\n   g\n\th\n", &["var A", "fn e"])]
fn definitions_of_make(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::MAKE, text)), wanted);
}

#[rstest]
#[case::needs("a: b $(C) d | e\n\t@f $(G) $$H ${I:x=y} $@\n", &["call b", "call d", "call e", "read C", "read G", "read I"])]
#[case::functions("A := $(foreach v,$(B),$(call c,$(v)))\n", &["call c", "read B", "read v"])]
#[case::others("a:\n\t$(MAKE) -C b c D=1\n\tmake d && echo make e\n", &["call c", "call d", "read MAKE"])]
fn uses_of_make(#[case] text: &str, #[case] wanted: &[&str]) {
    let mut all = uses(&facts(languages::MAKE, text));
    all.sort_unstable();
    assert_eq!(all, wanted);
}

#[test]
fn documents_with_tabs_and_broken_ones_are_read() {
    assert_eq!(definitions(&facts(languages::MANIFEST, "{\n\t\"scripts\": {\n\t\t\"a\": \"b\"\n\t}\n}\n")), ["fn a"]);
    assert_eq!(definitions(&facts(languages::MANIFEST, "{ \"scripts\": { \"a\": \"b\", ")), [""; 0]);
    assert_eq!(definitions(&facts(languages::DOCKER, "FROM a AS b\nRUN <<E\nFROM c AS d\nE\nFROM e AS f\n")), ["fn b", "fn f"]);
}

#[test]
fn manifests_tie_files_together() {
    let project = Project::with(&[
        ("Makefile", "all: scripts/pack.sh\n\t./scripts/pack.sh --all\n\tpython3 tools/turn.py\n"),
        ("scripts/pack.sh", "true\n"),
        ("tools/turn.py", "print(1)\n"),
        ("board/Dockerfile", "FROM node AS build\nCMD [\"node\", \"server.js\"]\n"),
        ("board/server.js", "run()\n"),
        (
            "compose.yml",
            "services:\n  board:\n    build: ./board\n    depends_on:\n      store:\n        condition: ok\n  store:\n    build:\n      context: store\n      dockerfile: image.dockerfile\n",
        ),
        ("store/image.dockerfile", "FROM pg\n"),
    ]);
    let asked = engine(&project);
    for (file, wanted) in [
        ("scripts/pack.sh", &["Makefile:2"][..]),
        ("tools/turn.py", &["Makefile:3"]),
        ("board/Dockerfile", &["compose.yml:3"]),
        ("board/server.js", &["board/Dockerfile:2"]),
        ("store/image.dockerfile", &["compose.yml:10"]),
    ] {
        assert_eq!(places(&ask(&asked, &format!("who imports {file}"))), wanted, "{file}");
    }
    assert_eq!(places(&ask(&asked, "who calls store")), ["compose.yml:5"]);
}
