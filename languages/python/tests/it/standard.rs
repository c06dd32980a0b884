//! The declared library: that its names lead there, what its functions give, and that own code comes before it.

use compass_index::Certainty;
use rstest::rstest;
use testkit::{Project, ask, engine};

const PROGRAM: &str = "import os.path, re
from collections import Counter
print(len(\"a b\".split(\" \")))
re.compile(\"x\").match(\"xy\").group(0)
os.path.join(\"a\", \"b\").upper()
[1].append(2)
{}.items()
Counter([1]).most_common(1)
class Tub(dict):
    def fill(self):
        self.update({})
def first(racks: list[str]):
    for rack in racks:
        rack.strip()
try:
    open(\"x\").read()
except OSError as e:
    print(e.errno)
";

#[rstest]
#[case::a_function("a.py:3:1", "def print(")]
#[case::within_another("a.py:3:7", "def len(")]
#[case::of_a_text("a.py:3:17", "def split(")]
#[case::of_a_module("a.py:4:4", "def compile(")]
#[case::of_what_it_gives("a.py:4:17", "def match(")]
#[case::and_of_that("a.py:4:29", "def group(")]
#[case::behind_a_star_import("a.py:5:9", "def join(")]
#[case::of_a_result("a.py:5:24", "def upper(")]
#[case::of_a_list("a.py:6:5", "def append(")]
#[case::of_a_dictionary("a.py:7:4", "def items(")]
#[case::a_class_that_is_imported("a.py:8:1", "class Counter")]
#[case::of_its_value("a.py:8:14", "def most_common(")]
#[case::a_base("a.py:9:11", "class dict")]
#[case::inherited("a.py:11:14", "def update(")]
#[case::of_an_element("a.py:14:14", "def strip(")]
#[case::of_a_file("a.py:16:15", "def read(")]
#[case::an_exception("a.py:17:8", "class OSError")]
#[case::of_an_exception("a.py:18:13", "errno: ")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("a.py", PROGRAM)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.unit.as_deref(), first.remark.as_deref()), (Some("python-std"), Some("declared, source not on this machine")));
}

#[test]
fn nothing_of_it_is_missing_or_counted_as_own() {
    let project = Project::with(&[("a.py", PROGRAM)]);
    let index = testkit::indexed_as(&project, Default::default());
    assert_eq!(index.summary().units.own, 1);
    assert_eq!(index.summary().own.unlinked.values().sum::<u64>(), 0, "{:?}", index.summary().own.unlinked);
}

/// A name of one's own hides the one of the language, a module of one's own the one of the library; a guess is about own code.
#[rstest]
#[case::a_function("a.py:4:1", "a.py:2")]
#[case::a_module("a.py:5:7", "queue.py:1")]
#[case::a_guess("a.py:7:10", "queue.py:4")]
fn own_code_comes_before_it(#[case] place: &str, #[case] wanted: &str) {
    let program = "import queue\ndef print(x): pass\n\nprint(1)\nqueue.Queue()\ndef add(what):\n    what.append(1)\n";
    let project = Project::with(&[("a.py", program), ("queue.py", "class Queue:\n    pass\nclass Rack:\n    def append(self, x): pass\n")]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let places: Vec<String> = answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect();
    assert_eq!(places, [wanted], "{:?}", answers.missing);
}

/// Classes with parameters in brackets, as newer versions write them: the interpreter on the machine may be too old to check them.
#[rstest]
#[case::inherited("a.py:7:35", "a.py:5")]
#[case::of_a_parameter("a.py:9:17", "a.py:2")]
#[case::of_what_a_base_gives("a.py:10:17", "a.py:2")]
fn classes_with_parameters_have_members(#[case] place: &str, #[case] wanted: &str) {
    let program = "class Wheel:
    def turn(self): return 1
class Holder[T]:
    def __init__(self, held: T) -> None: self.held = held
    def give(self) -> T: return self.held
class Rack[U](Holder[U]):
    def tidy(self): self.x = self.give()
def use(rack: Rack[Wheel], held: Holder[Wheel]):
    held.give().turn()
    rack.give().turn()
";
    let project = Project::with(&[("a.py", program)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let places: Vec<String> = answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect();
    assert_eq!(places, [wanted], "{:?}", answers.missing);
}

/// Of modules that are called alike one of the code itself is meant from its own folder and below; a search path may say otherwise.
#[rstest]
#[case::beside_it("utils/run.py:1:8", "utils/logging.py")]
#[case::below_it("utils/deep/run.py:1:8", "utils/logging.py")]
#[case::elsewhere("app/run.py:1:8", "python/logging/__init__.pyi")]
#[case::within_a_package("larder/run.py:1:8", "python/logging/__init__.pyi")]
fn modules_called_like_one_of_the_library_are_not_proven(#[case] place: &str, #[case] wanted: &str) {
    let run = "import logging\nlogging.getLogger(1)\n";
    let files = [
        ("utils/logging.py", "def getLogger(name): return name\n"),
        ("utils/run.py", run),
        ("utils/deep/run.py", run),
        ("app/run.py", run),
        ("larder/__init__.py", ""),
        ("larder/logging.py", "def getLogger(name): return name\n"),
        ("larder/run.py", run),
    ];
    let project = Project::with(&files);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let found: Vec<_> = answers.answers.iter().map(|a| (a.path.replace('\\', "/"), a.certainty)).collect();
    let [(path, certainty)] = &found[..] else { panic!("{found:?}") };
    assert!(path.ends_with(wanted) && *certainty == Some(Certainty::Inferred), "{found:?}");
}
