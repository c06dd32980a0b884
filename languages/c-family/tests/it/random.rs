//! Programs that nobody wrote, against `gcc -E`: macros that call, quote and paste one another, and conditions of all operators.

use crate::support::Texts;
use crate::support::gcc_tokens;
use crate::support::predefined;
use compass_expand::SourceNo;
use language_c_family::preprocessor::{Definition, Preprocessor};
use proptest::prelude::*;
use proptest::test_runner::{Config, TestRunner};
use testkit::has;

/// Names of macros: the first half has no parameters.
const OBJECTS: [&str; 4] = ["A", "B", "C", "D"];
const FUNCTIONS: [&str; 4] = ["F", "G", "H", "V"];

/// One piece of a body or of the text.
fn piece(parameters: &'static [&'static str]) -> impl Strategy<Value = String> {
    let plain = prop_oneof![
        Just("x".to_owned()),
        Just("1".to_owned()),
        Just("+".to_owned()),
        Just("(y)".to_owned()),
        Just("\"t\"".to_owned()),
        Just(",".to_owned()),
        prop::sample::select(&OBJECTS[..]).prop_map(str::to_owned),
        prop::sample::select(&FUNCTIONS[..]).prop_map(str::to_owned),
        (prop::sample::select(&FUNCTIONS[..]), prop::sample::select(&["", "1", "x", "A", "B, 2", "(1, 2)", "F(3)", "G(A, B)", "C D"][..]))
            .prop_map(|(f, a)| format!("{f}({a})")),
        // A call whose brackets stand elsewhere, if not behind a directive: what that means is nobody's business.
        prop::sample::select(&FUNCTIONS[..]).prop_map(|f| format!("{f} (z")),
        Just(")".to_owned()),
    ];
    match parameters {
        [] => plain.boxed(),
        _ => prop_oneof![
            2 => plain,
            2 => prop::sample::select(parameters).prop_map(str::to_owned),
            1 => prop::sample::select(parameters).prop_map(|p| format!("#{p}")),
            1 => (prop::sample::select(&["k_", "n"][..]), prop::sample::select(parameters)).prop_map(|(a, b)| format!("{a} ## {b}")),
        ]
        .boxed(),
    }
}

fn body(parameters: &'static [&'static str]) -> impl Strategy<Value = String> {
    prop::collection::vec(piece(parameters), 0..5).prop_map(|p| p.join(" "))
}

/// Definitions of some of the macros, then a line that uses them, twice; between the two one is defined anew.
fn program() -> impl Strategy<Value = String> {
    let objects = prop::collection::vec((prop::sample::select(&OBJECTS[..]), body(&[])), 0..4);
    let one = (prop::sample::select(&["F", "H"][..]), body(&["p"]));
    let two = body(&["p", "q"]);
    let many = body(&["p", "__VA_ARGS__"]);
    let text = || prop::collection::vec(piece(&[]), 1..6).prop_map(|p| p.join(" "));
    (objects, prop::collection::vec(one, 0..2), two, many, text(), text(), body(&[])).prop_map(|(objects, ones, two, many, first, second, again)| {
        let mut out = String::new();
        for (name, body) in &objects {
            out.push_str(&format!("#undef {name}\n#define {name} {body}\n"));
        }
        for (name, body) in &ones {
            out.push_str(&format!("#undef {name}\n#define {name}(p) {body}\n"));
        }
        out.push_str(&format!("#define G(p, q) {two}\n#define V(p, ...) {many}\n{first} ) ) ) ) )\n#undef A\n#define A {again}\n{second}\n"));
        out
    })
}

/// What a directive asks: numbers, names that are macros or not, all operators.
fn condition() -> impl Strategy<Value = String> {
    let leaf = prop_oneof![
        (0u64..100).prop_map(|n| n.to_string()),
        Just("0x1fU".to_owned()),
        Just("-1".to_owned()),
        Just("'a'".to_owned()),
        Just("'\\n'".to_owned()),
        Just("ZERO".to_owned()),
        Just("SEVEN".to_owned()),
        Just("nobody".to_owned()),
        Just("defined ZERO".to_owned()),
        Just("defined(nobody)".to_owned()),
        Just("TWICE(SEVEN)".to_owned()),
        Just("9223372036854775807".to_owned()),
    ];
    leaf.prop_recursive(4, 24, 3, |inner| {
        let operator = prop::sample::select(&["+", "-", "*", "<<", ">>", "<", ">", "<=", ">=", "==", "!=", "&", "|", "^", "&&", "||"][..]);
        prop_oneof![
            4 => (inner.clone(), operator, inner.clone()).prop_map(|(a, o, b)| match o {
                // Shifts by more than there are bits are nobody's business.
                "<<" | ">>" => format!("({a}) {o} 3"),
                _ => format!("({a}) {o} ({b})"),
            }),
            1 => (inner.clone(), prop::sample::select(&["/", "%"][..])).prop_map(|(a, o)| format!("({a}) {o} 7")),
            1 => (prop::sample::select(&["!", "~", "-", "+"][..]), inner.clone()).prop_map(|(o, a)| format!("{o}({a})")),
            1 => (inner.clone(), inner.clone(), inner).prop_map(|(a, b, c)| format!("({a}) ? ({b}) : ({c})")),
        ]
    })
}

fn ours(text: &str, given: &[Definition]) -> Vec<String> {
    let mut texts = Texts::new(&[("case.c", text)]);
    Preprocessor::new(&mut texts, given, false).run_all(SourceNo(0)).iter().map(|t| t.text.to_string()).collect()
}

/// Is it a program that the compiler takes? Pastes that make no token and calls without an end are errors.
fn is_taken(file: &std::path::Path) -> bool {
    std::process::Command::new("gcc").args(["-E", "-x", "c", "-w", "-o", "/dev/null"]).arg(file).output().is_ok_and(|o| o.status.success())
}

fn compare(count: u32, programs: impl Strategy<Value = String>, fewest: u32) {
    if !has("gcc") {
        return;
    }
    let given = predefined();
    let dir = tempfile::tempdir().expect("a temporary folder");
    let file = dir.path().join("case.c");
    let taken = std::cell::Cell::new(0);
    let mut runner = TestRunner::new_with_rng(
        Config { cases: count, failure_persistence: None, max_shrink_iters: 200, ..Config::default() },
        proptest::test_runner::TestRng::deterministic_rng(proptest::test_runner::RngAlgorithm::ChaCha),
    );
    let outcome = runner.run(&programs, |text| {
        std::fs::write(&file, &text).expect("writable");
        if is_taken(&file) {
            taken.set(taken.get() + 1);
            prop_assert_eq!(ours(&text, &given), gcc_tokens(&file), "\n{}", text);
        } else {
            // What the compiler refuses must be got through all the same.
            ours(&text, &given);
        }
        Ok(())
    });
    if let Err(failure) = outcome {
        panic!("{failure}");
    }
    assert!(taken.get() >= fewest, "only {} programs were taken", taken.get());
}

#[test]
fn made_up_macros_give_the_tokens_of_the_compiler() {
    let count = std::env::var("COMPASS_MACRO_CASES").ok().and_then(|n| n.parse().ok()).unwrap_or(300);
    compare(count, program(), count / 6);
}

#[test]
fn made_up_conditions_choose_as_the_compiler_does() {
    let count = std::env::var("COMPASS_MACRO_CASES").ok().and_then(|n| n.parse().ok()).unwrap_or(200);
    let programs = prop::collection::vec(condition(), 1..4).prop_map(|conditions| {
        let mut out = "#define ZERO 0\n#define SEVEN 7\n#define TWICE(n) ((n) + (n))\n".to_owned();
        for (i, condition) in conditions.iter().enumerate() {
            out.push_str(&format!("#if {condition}\nyes_{i}\n#elif SEVEN > {i} && {condition}\nnever_{i}\n#else\nno_{i}\n#endif\n"));
        }
        out
    });
    compare(count, programs, count / 3);
}
