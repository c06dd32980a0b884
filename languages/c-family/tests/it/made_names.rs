//! Names that macros of other files make: found by questions, with the macro that made them, and gone or renamed with it.

use compass_facts::surroundings::{MacroShape, Surroundings, WrittenMacro};
use compass_facts::{Cancel, DefId, Facts, Kind, Source, read_among};
use rstest::rstest;
use std::sync::Arc;
use testkit::definitions;

/// Macros of another file.
struct Header<'h>(&'h str);

impl Surroundings for Header<'_> {
    fn shape(&self, name: &str) -> Option<Arc<MacroShape>> {
        let shared = languages::C.profile().shared_macros.expect("C has macros");
        let shape = shared.shape(name, &mut |wanted| {
            let mut found = Vec::new();
            shared.definitions(self.0.as_bytes(), &mut |name, place| {
                if name == wanted.as_bytes() {
                    found.push(WrittenMacro { path: "rack.h".into(), text: self.0[place].to_owned() });
                }
            });
            found
        });
        shape.value.is_some().then(|| Arc::new(shape))
    }

    fn path(&self) -> &str {
        "wheel.c"
    }
}

fn read(header: &str, text: &str) -> Facts {
    let source = Source::decode(text.as_bytes().to_vec()).expect("text");
    read_among(languages::C, &source, &Cancel::new(), &Header(header)).expect("not cancelled")
}

const CALLS: &str = "#define CALL2(name, ...) CALLx(2, _##name, __VA_ARGS__)
#define CALLx(n, name, ...) \\
\tlong sys##name(ARGS(n, __VA_ARGS__)); \\
\tstatic long do##name(ARGS(n, __VA_ARGS__)); \\
\tstatic inline long do##name(ARGS(n, __VA_ARGS__))
#define FLAG(up, low) static inline int Is##up(struct rack *r) { return r->bits & BIT_##low; } \\
\tstatic inline void Set##up(struct rack *r) { r->bits |= BIT_##low; }
#define PER_SHELF(type, name) __attribute__((section(\".shelf\"))) __typeof__(type) name
#define LIST_OF(name) enum name##_state { name##_IDLE, name##_BUSY, };
#define EXPORT(name) extern __typeof__(name) name; static const char exported_##name[] = #name
#define TWO(a, b) int a##_##b(void); int b##_of(void)
#define NOTE(text) static const char unique[] = text
";

#[rstest]
#[case::with_a_body("CALL2(turn, int, by)\n{\n\treturn by;\n}\n", &["fn sys_turn", "fn do_turn"])]
#[case::members("FLAG(Oiled, oiled)\nFLAG(Clean, clean)\n", &["fn IsOiled", "fn SetOiled", "fn IsClean", "fn SetClean"])]
#[case::variable("PER_SHELF(struct rack, racks);\n", &["var racks"])]
#[case::static_variable("static PER_SHELF(struct rack, racks);\n", &["var racks"])]
#[case::enumeration("LIST_OF(wheel)\n", &["enum wheel_state", "variant wheel_IDLE", "variant wheel_BUSY"])]
#[case::nothing("NOTE(\"turns\");\n", &[])]
#[case::own_macro_around("#define MY(x) FLAG(x, x)\nMY(Oiled)\n", &["macro MY", "param MY.x", "fn IsOiled", "fn SetOiled"])]
#[case::defined_here_as_well("FLAG(Oiled, oiled)\nint IsOiled(struct rack *r) { return 1; }\n", &["fn SetOiled", "fn IsOiled", "param IsOiled.r"])]
#[case::two_words("TWO(rack, wheel);\n", &["fn rack_wheel", "fn wheel_of"])]
#[case::behind_a_lone_macro("RACK_NAMES\n\nFLAG(Oiled, oiled)\n", &["fn IsOiled", "fn SetOiled"])]
#[case::behind_an_attribute("__aligned PER_SHELF(struct rack, racks);\n", &["var racks"])]
#[case::announced("EXPORT(racks);\n", &["var exported_racks"])]
#[case::no_word("FLAG(\"text\", 1 + 2)\n", &[])]
#[case::too_few("FLAG(Oiled)\n", &[])]
fn what_calls_make(#[case] text: &str, #[case] wanted: &[&str]) {
    let facts = read(CALLS, text);
    let found: Vec<String> = definitions(&facts).into_iter().filter(|d| !d.starts_with("param do_turn")).collect();
    assert_eq!(found, wanted);
}

const SPACES: &str = "#define LARDER_BEGIN namespace larder { inline namespace v2 {
#define LARDER_END } }
#define PLAIN_BEGIN DEEP_BEGIN
#define DEEP_BEGIN namespace larder::deep {
#define DEEP_END }
#define SPACE_BEGIN(name) namespace name {
#define SPACE_END(name) }
#define MIXED int before; namespace larder {
#define C_BEGIN extern \"C\" {
#define C_END }
";

/// Where each definition stands, and the macro that made it.
#[rstest]
#[case::two_at_once("LARDER_BEGIN\nint turn();\nLARDER_END\n", &["larder by LARDER_BEGIN", "larder.v2 by LARDER_BEGIN", "larder.v2.turn"])]
#[case::by_another_macro("PLAIN_BEGIN\nint turn();\nDEEP_END\n", &["larder by PLAIN_BEGIN", "larder.deep by PLAIN_BEGIN", "larder.deep.turn"])]
#[case::named_by_the_call("SPACE_BEGIN(rack)\nint turn();\nSPACE_END(rack)\n", &["rack", "rack.turn"])]
#[case::within_another("namespace shelf {\nDEEP_BEGIN\nint turn();\nDEEP_END\nint oil();\n}\n", &["shelf", "shelf.larder by DEEP_BEGIN", "shelf.larder.deep by DEEP_BEGIN", "shelf.larder.deep.turn", "shelf.oil"])]
#[case::left_open("LARDER_BEGIN\nint turn();\n", &["turn"])]
#[case::closed_twice("LARDER_BEGIN\nint turn();\nLARDER_END\nint oil();\nLARDER_END\n", &["turn", "oil"])]
#[case::across_braces("LARDER_BEGIN\nstruct Rack {\nLARDER_END\nint turn;\n};\n", &["Rack", "Rack.turn"])]
#[case::more_than_a_namespace("MIXED\nint turn();\nDEEP_END\n", &["turn"])]
#[case::no_namespace("C_BEGIN\nint turn();\nC_END\n", &["turn"])]
fn macros_open_namespaces(#[case] text: &str, #[case] wanted: &[&str]) {
    let source = Source::decode(text.as_bytes().to_vec()).expect("text");
    let facts = read_among(languages::CPP, &source, &Cancel::new(), &Header(SPACES)).expect("not cancelled");
    let path = |mut at: DefId| {
        let mut names = vec![facts.def_name(at)];
        while let Some(around) = facts.def(at).container {
            names.insert(0, facts.def_name(around));
            at = around;
        }
        names.join(".")
    };
    let by = |at: DefId| facts.made_by(at).map_or(String::new(), |by| format!(" by {by}"));
    let mut found: Vec<(u32, String)> = (0..facts.definitions.len() as u32).map(DefId).map(|d| (facts.def(d).name_span.start, path(d) + &by(d))).collect();
    found.sort();
    assert_eq!(found.into_iter().map(|f| f.1).collect::<Vec<_>>(), wanted);
    // The macro is used where it stands, whatever it opens.
    let first = text.split(['\n', '(']).find(|l| l.ends_with("BEGIN") || *l == "MIXED").expect("a macro");
    assert!(facts.uses.iter().any(|u| facts.name(u.name) == first), "{first}");
}

#[test]
fn a_body_belongs_to_what_is_made_last() {
    let facts = read(CALLS, "int help(int);\nCALL2(turn, int, by)\n{\n\treturn help(by);\n}\n");
    let call = facts.uses.iter().find(|u| facts.name(u.name) == "help").expect("the call");
    let owner = call.enclosing.expect("a function");
    assert_eq!(facts.def_name(owner), "do_turn");
    assert_eq!(facts.made_by(owner), Some("CALL2"));
    assert!(facts.def(owner).body.is_some());
    let by = facts.uses.iter().rfind(|u| facts.name(u.name) == "by").expect("the use");
    let parameter = by.local.expect("linked");
    assert_eq!((facts.def(parameter).kind, facts.def(parameter).container), (Kind::Parameter, Some(owner)));
}

#[test]
fn nobody_made_what_is_written() {
    let facts = read(CALLS, "int help(int by) { return by; }\n");
    assert!((0..facts.definitions.len()).all(|i| facts.made_by(DefId(i as u32)).is_none()));
}

#[test]
fn variables_of_functions_are_made() {
    let facts = read(
        CALLS,
        "int turn(void)\n{\n\tPER_SHELF(struct rack, racks);\n\tif (racks.age)\n\t\treturn 1;\n\treturn racks.salt;\n}\nint other(void) { return racks; }\n",
    );
    let uses: Vec<bool> = facts.uses.iter().filter(|u| facts.name(u.name) == "racks").map(|u| u.local.is_some()).collect();
    assert_eq!(uses, [true, true, true, false]);
    let def = facts.uses.iter().rev().find_map(|u| u.local).expect("a local");
    assert_eq!((facts.made_by(def), facts.def_name(def)), (Some("PER_SHELF"), "racks"));
}

const PIECES: [&str; 30] = [
    "#define ",
    "MAKE",
    "(n)",
    "(a, ...)",
    " ",
    "##",
    "#",
    "n",
    "a",
    "__VA_ARGS__",
    "(",
    ")",
    "{",
    "}",
    ";",
    ",",
    "=",
    "int ",
    "struct ",
    "enum ",
    "static ",
    "typedef ",
    "__attribute__((used)) ",
    "INNER",
    "\\\n",
    "\n",
    "1",
    "\"text\"",
    "*",
    "extern ",
];

proptest::proptest! {
    #![proptest_config(proptest::prelude::ProptestConfig::with_cases(400))]

    /// Whatever a header and a file hold, reading ends, and what is made stands within the file.
    #[test]
    fn any_macros_make_names_within_the_file(header in proptest::collection::vec(0usize..30, 0..60), text in proptest::collection::vec(0usize..30, 0..60)) {
        let spell = |pieces: &[usize]| pieces.iter().map(|i| PIECES[*i]).collect::<String>();
        let (header, text) = (format!("#define MAKE(n) {}\n", spell(&header)), format!("MAKE(a)\nMAKE(turn) {{ }}\n{}", spell(&text)));
        let facts = read(&header, &text);
        for (def, by) in &facts.made {
            let d = facts.def(*def);
            proptest::prop_assert!(d.whole.end as usize <= text.len() && d.name_span.end <= d.whole.end && !facts.name(*by).is_empty());
        }
    }
}

mod in_an_index {
    use testkit::{Project, ask, engine};

    const HEADER: &str = "#define FLAG(up, low) static inline int Is##up(int r) { return r & low; } static inline int Set##up(int r) { return r | low; }\n";

    fn places(project: &Project, question: &str) -> Vec<String> {
        let answers = ask(&engine(project), question);
        answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect()
    }

    #[test]
    fn what_a_macro_mentions_is_used() {
        let header = "#define SWITCH(n) struct knob knob_##n = { .show = n##_show, .name = #n }\n";
        let project = Project::with(&[("knob.h", header), ("oven.c", "#include \"knob.h\"\nstatic int heat_show(void) { return 1; }\nstatic SWITCH(heat);\n")]);
        assert_eq!(places(&project, "who uses \"heat_show\""), ["oven.c:3"]);
        assert_eq!(places(&project, "where is \"knob_heat\""), ["oven.c:3"]);
    }

    #[test]
    fn a_name_that_a_macro_may_paste_is_not_complete() {
        let header = "#define LOOK_AT(n) look_at_##n(1)\n";
        let text = "#include \"look.h\"\nint look_at_rack(int a) { return a; }\nint glance(int a) { return a; }\nint all(void) { return LOOK_AT(rack) + glance(2); }\n";
        let project = Project::with(&[("look.h", header), ("rack.c", text)]);
        let engine = engine(&project);
        let pasted = ask(&engine, "who calls \"look_at_rack\"");
        assert_eq!((pasted.complete, pasted.missing[0].cause.as_str(), pasted.missing[0].count), (false, "macro_made", 1));
        assert!(ask(&engine, "who calls \"glance\"").complete);
    }

    #[test]
    fn members_of_classes_are_made() {
        let header = "#define GETTER(type, name) type get_##name() const { return name; }\n#define HOLDS(type, name) type name##_\n";
        let text = "#include \"get.h\"\nclass Rack {\n    HOLDS(int, age);\n    GETTER(int, age)\n    int salt() { return 1; }\n};\nint run(Rack &r) { return r.get_age() + r.salt(); }\n";
        let project = Project::with(&[("get.h", header), ("rack.cpp", text)]);
        assert_eq!(places(&project, "where is Rack.get_age"), ["rack.cpp:4"]);
        assert_eq!(places(&project, "where is rack.cpp:7:29"), ["rack.cpp:4"]);
        assert_eq!(places(&project, "where is Rack.age_"), ["rack.cpp:3"]);
    }

    /// What a macro stands for in a structure of another file follows the macro, and that file is not changed.
    #[test]
    fn members_follow_the_macro_that_stands_for_them() {
        let rack = "#include \"fields.h\"\nstruct rack {\n    RACK_FIELDS\n    int own;\n};\nint run(struct rack *r) { return r->age; }\n";
        let project = Project::with(&[("fields.h", "#define RACK_FIELDS int age; int salt;\n"), ("rack.c", rack)]);
        assert_eq!(places(&project, "where is rack.c:6:37"), ["fields.h:1"]);
        assert_eq!(places(&project, "who uses RACK_FIELDS as mark"), Vec::<String>::new());
        project.write("fields.h", "#define RACK_FIELDS\n");
        assert_eq!(places(&project, "where is rack.c:6:37"), Vec::<String>::new());
        assert_eq!(places(&project, "who uses RACK_FIELDS as mark"), ["rack.c:3"]);
        project.write("fields.h", "\n#define RACK_FIELDS \\\n    /* first */ int age;\n");
        assert_eq!(places(&project, "where is rack.c:6:37"), ["fields.h:3"]);
    }

    #[test]
    fn namespaces_follow_the_macro_that_opens_them() {
        let rack = "#include \"begin.h\"\nLARDER_BEGIN\nint turn();\nLARDER_END\nint run() { return larder::turn(); }\n";
        let project = Project::with(&[("begin.h", "#define LARDER_BEGIN namespace larder {\n#define LARDER_END }\n"), ("rack.cpp", rack)]);
        assert_eq!(places(&project, "where is larder.turn"), ["rack.cpp:3"]);
        project.write("begin.h", "#define LARDER_BEGIN namespace shelf {\n#define LARDER_END }\n");
        assert_eq!(places(&project, "where is larder.turn"), Vec::<String>::new());
        assert_eq!(places(&project, "where is shelf.turn"), ["rack.cpp:3"]);
    }

    #[test]
    fn made_names_are_found_and_follow_the_macro() {
        let project = Project::with(&[
            ("rack.h", HEADER),
            ("flags.h", "#include \"rack.h\"\nFLAG(Oiled, 1)\nFLAG(Clean, 2)\n"),
            ("wheel.c", "#include \"flags.h\"\nint turn(int r) {\n\treturn IsOiled(r) + SetClean(r);\n}\n"),
        ]);
        assert_eq!(places(&project, "where is \"IsOiled\""), ["flags.h:2"]);
        assert_eq!(places(&project, "where is wheel.c:3:9"), ["flags.h:2"]);
        assert_eq!(engine(&project).index().summary().made_by_macros, 4);
        assert_eq!(places(&project, "who calls \"SetClean\""), ["wheel.c:3"]);
        // The macro makes another name: a file that did not change says so.
        project.write("rack.h", &HEADER.replace("Is##up", "Has##up"));
        assert_eq!(places(&project, "where is \"IsOiled\""), Vec::<String>::new());
        assert_eq!(places(&project, "where is \"HasOiled\""), ["flags.h:2"]);
        project.remove("rack.h");
        assert_eq!(places(&project, "where is \"HasOiled\""), Vec::<String>::new());
        assert_eq!(engine(&project).index().summary().made_by_macros, 0);
        project.write("other.h", HEADER);
        assert_eq!(places(&project, "where is \"IsOiled\""), ["flags.h:2"]);
    }
}
