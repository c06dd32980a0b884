//! Calls of what fields, tables, variables and parameters hold, in each language: who may run a function, and what a call may run.

use crate::support::{ask, engine};
use rstest::rstest;
use testkit::Project;

const C: &str = "struct ops { int (*open) (int); int (*close) (int); };
struct other { int (*open) (int); };
struct entry { const char *name; int (*run) (int); };
static int disk_open (int a) { return a; }
static int disk_close (int a) { return a; }
static int net_open (int a) { return a; }
static int add (int a) { return a; }
static int drop (int a) { return a; }
static const struct ops disk = { .open = disk_open, .close = disk_close };
static const struct other net = { .open = net_open };
static const struct entry entries[] = { { \"add\", add }, { \"drop\", drop } };
static int (*table[]) (int) = { add };
int by_field (const struct ops *o) { return o->open (1); }
int by_other (const struct other *o) { return o->open (1); }
int by_entry (int i) { return entries[i].run (1); }
int by_index (int i) { return table[i] (1); }
static int each (int (*visit) (int)) { return visit (1); }
int by_parameter (void) { return each (drop); }
";

const GO: &str = "package larder

type step struct {
	name string
	run  func(int) int
}

var commands = map[string]func(int) int{\"add\": add, \"drop\": drop}
var steps = []step{{\"weigh\", weigh}, {name: \"wrap\", run: wrap}}

func add(n int) int   { return n }
func drop(n int) int  { return n }
func weigh(n int) int { return n }
func wrap(n int) int  { return n }
func alone(n int) int { return n }

func byName(name string) int { return commands[name](1) }

func bySteps() {
	for _, s := range steps {
		s.run(1)
	}
}

func each(visit func(int) int) int { return visit(1) }
func visiting() int                { return each(alone) }
";

const PYTHON: &str = "import threading

HANDLERS = {}
STEPS = []


def register(name):
    def take(handler):
        HANDLERS[name] = handler
        return handler
    return take


@register(\"weigh\")
def weigh(crate):
    return crate


def wrap(crate):
    return crate


def label(crate):
    return crate


STEPS.append(wrap)
COMMANDS = {\"label\": label}


def by_name(name, crate):
    return HANDLERS[name](crate)


def by_steps(crate):
    for step in STEPS:
        step(crate)


def by_get(name, crate):
    return COMMANDS.get(name)(crate)


class Bus:
    def __init__(self, on_done):
        self.on_done = on_done

    def finish(self):
        self.on_done(1)


def done(n):
    return n


def begin():
    Bus(done)
    threading.Thread(target=wrap).start()
";

const SCRIPT: &str = "const routes = { home: showHome, list: showList };
const steps = [weigh];
const byKey = new Map();
byKey.set('wrap', wrap);
function showHome() {}
function showList() {}
function weigh() {}
function wrap() {}
function label() {}
export function go(name) { routes[name](); }
export function home() { routes.home(); }
export function all() { for (const step of steps) step(); }
export function keyed(name) { byKey.get(name)(); }
class Bus {
  constructor(onDone) { this.onDone = onDone; }
  finish() { this.onDone(); }
}
export function begin() { return new Bus(label); }
";

const JAVA: &str = "import java.util.*;
class Larder {
  private final Map<String, Runnable> commands = new HashMap<>();
  private Runnable last;
  Larder() { commands.put(\"add\", this::add); last = this::drop; }
  void add() {}
  void drop() {}
  void weigh() {}
  void byName(String name) { commands.get(name).run(); }
  void again() { last.run(); }
  static void each(Runnable visit) { visit.run(); }
  void visiting() { each(this::weigh); }
}
";

const CSHARP: &str = "using System;
using System.Collections.Generic;
class Larder {
  readonly Dictionary<string, Action> commands = new() { [\"add\"] = Add };
  event Action Done;
  static void Add() { }
  void Drop() { }
  static void Weigh() { }
  void Begin() { Done += Drop; Each(Weigh); }
  void ByName(string name) { commands[name](); }
  void Finish() { Done(); }
  static void Each(Action visit) { visit(); }
}
";

const RUST: &str = "struct Step { name: &'static str, run: fn(u32) -> u32 }
fn add(n: u32) -> u32 { n }
fn drop_one(n: u32) -> u32 { n }
fn weigh(n: u32) -> u32 { n }
static TABLE: [fn(u32) -> u32; 1] = [add];
static STEP: Step = Step { name: \"drop\", run: drop_one };
fn by_index(i: usize) -> u32 { TABLE[i](1) }
fn by_field() -> u32 { (STEP.run)(1) }
fn each(visit: fn(u32) -> u32) -> u32 { visit(1) }
fn visiting() -> u32 { each(weigh) }
";

const LUA: &str = "local function add(n) return n end
local function drop(n) return n end
local commands = { add = add }
commands.drop = drop
function by_name(name) return commands[name](1) end
function by_field() return commands.drop(1) end
";

const KOTLIN: &str = "fun add(n: Int) = n
fun drop(n: Int) = n
val commands = mapOf(\"add\" to ::add)
fun byName(name: String) = commands[name]!!(1)
fun each(visit: (Int) -> Int): Int { return visit(1) }
fun visiting(): Int { return each(::drop) }
";

/// Callers of a function: where, and whether the call is sure.
fn callers(file: &str, program: &str, of: &str) -> Vec<String> {
    let project = Project::with(&[(file, program)]);
    let engine = engine(&project);
    let found = ask(&engine, &format!("who calls {of}"));
    if found.answers.iter().any(|a| a.certainty != Some(compass_index::Certainty::Proven)) {
        assert!(!found.complete, "what is only inferred is never all there is: {of}");
    }
    found.answers.iter().map(|a| format!("{} {}", a.enclosing.as_deref().unwrap_or("-"), a.certainty.map_or("", |c| c.word()))).collect()
}

#[rstest]
#[case::c_field("a.c", C, "disk_open", "by_field inferred")]
#[case::c_field_of_another_type("a.c", C, "net_open", "by_other inferred")]
#[case::c_field_nobody_calls("a.c", C, "disk_close", "")]
#[case::c_position("a.c", C, "drop", "by_entry inferred,each inferred")]
#[case::c_table("a.c", C, "add", "by_entry inferred,by_index inferred")]
#[case::go_table("a.go", GO, "drop", "byName inferred")]
#[case::go_position("a.go", GO, "weigh", "bySteps inferred")]
#[case::go_field("a.go", GO, "wrap", "bySteps inferred")]
#[case::go_parameter("a.go", GO, "alone", "each inferred")]
#[case::python_decorator("a.py", PYTHON, "weigh", "by_name inferred")]
#[case::python_list("a.py", PYTHON, "wrap", "by_steps inferred,begin inferred")]
#[case::python_get("a.py", PYTHON, "label", "by_get inferred")]
#[case::python_field("a.py", PYTHON, "done", "Bus.finish inferred")]
#[case::script_object("a.js", SCRIPT, "showList", "go inferred")]
#[case::script_key("a.js", SCRIPT, "showHome", "go inferred,home inferred")]
#[case::script_list("a.js", SCRIPT, "weigh", "all inferred")]
#[case::script_map("a.js", SCRIPT, "wrap", "keyed inferred")]
#[case::script_field("a.js", SCRIPT, "label", "Bus.finish inferred")]
#[case::java_map("Larder.java", JAVA, "add", "Larder.byName inferred")]
#[case::java_field("Larder.java", JAVA, "drop", "Larder.again inferred")]
#[case::java_parameter("Larder.java", JAVA, "weigh", "Larder.each inferred")]
#[case::csharp_table("Larder.cs", CSHARP, "Add", "Larder.ByName inferred")]
#[case::csharp_event("Larder.cs", CSHARP, "Drop", "Larder.Finish inferred")]
#[case::csharp_parameter("Larder.cs", CSHARP, "Weigh", "Larder.Each inferred")]
#[case::rust_table("a.rs", RUST, "add", "by_index inferred")]
#[case::rust_field("a.rs", RUST, "drop_one", "by_field inferred")]
#[case::rust_parameter("a.rs", RUST, "weigh", "each inferred")]
#[case::lua_table("a.lua", LUA, "add", "by_name inferred")]
#[case::kotlin_table("a.kt", KOTLIN, "add", "byName inferred")]
#[case::kotlin_parameter("a.kt", KOTLIN, "drop", "each inferred")]
fn functions_are_called_through_what_holds_them(#[case] file: &str, #[case] program: &str, #[case] of: &str, #[case] wanted: &str) {
    assert_eq!(callers(file, program, of).join(","), wanted);
}

#[rstest]
#[case::c_field("a.c", C, "by_field", "disk_open")]
#[case::c_position("a.c", C, "by_entry", "add,drop")]
#[case::c_table("a.c", C, "by_index", "add")]
#[case::c_parameter("a.c", C, "each", "drop")]
#[case::go("a.go", GO, "byName", "add,drop")]
#[case::go_steps("a.go", GO, "bySteps", "weigh,wrap")]
#[case::python_decorator("a.py", PYTHON, "by_name", "weigh")]
#[case::python_list("a.py", PYTHON, "by_steps", "wrap")]
#[case::python_field("a.py", PYTHON, "finish", "done")]
#[case::script("a.js", SCRIPT, "go", "showHome,showList")]
#[case::java("Larder.java", JAVA, "byName", "add")]
#[case::csharp("Larder.cs", CSHARP, "ByName", "Add")]
#[case::rust("a.rs", RUST, "by_index", "add")]
fn what_a_call_may_run_is_listed(#[case] file: &str, #[case] program: &str, #[case] of: &str, #[case] wanted: &str) {
    let project = Project::with(&[(file, program)]);
    let engine = engine(&project);
    let found = ask(&engine, &format!("what does {of} call"));
    let mut runs: Vec<String> = found
        .answers
        .iter()
        .filter_map(|a| a.remark.as_deref()?.split_once(", put there at"))
        .map(|(name, _)| name.rsplit('.').next().unwrap_or(name).to_owned())
        .collect();
    runs.sort();
    assert_eq!(runs.join(","), wanted);
    assert!(!found.complete, "what is put there by others is not known");
}

#[test]
fn chains_go_through_what_holds_a_function() {
    let project = Project::with(&[("a.c", C)]);
    let engine = engine(&project);
    let ways = ask(&engine, "how does by_entry reach drop");
    assert_eq!(ways.answers.len(), 1);
    let found = ask(&engine, "who calls disk_open through 2");
    let up: Vec<_> = found.answers.iter().map(|a| (a.level, a.enclosing.clone())).collect();
    assert_eq!(up, [(Some(1), Some("by_field".to_owned()))]);
    assert!(!found.complete, "who has a function may hand it on");
    assert!(ask(&engine, "who calls each through 2").complete, "nothing but calls by name leads there");
}

#[test]
fn a_function_that_a_framework_marks_is_not_said_to_have_no_caller() {
    let project = Project::with(&[(
        "Jobs.java",
        "import org.example.timer.Nightly;\nclass Jobs {\n  @Nightly void clean() {}\n  @Override public String toString() { return null; }\n}\n",
    )]);
    let engine = engine(&project);
    assert!(!ask(&engine, "who calls clean").complete);
}

#[rstest]
#[case::of_the_standard_library("Nap.java", "class Nap implements Runnable { public void run() {} }\n", "Nap.run", false)]
#[case::of_an_absent_package("Wash.java", "import org.example.Task;\nclass Wash implements Task { public void perform() {} }\n", "Wash.perform", false)]
#[case::further_above(
    "Deep.java",
    "import org.example.Task;\nclass Wash implements Task {}\nclass Deep extends Wash { public void perform() {} }\n",
    "Deep.perform",
    false
)]
#[case::private("Wash.java", "import org.example.Task;\nclass Wash implements Task { private void dry() {} }\n", "Wash.dry", true)]
#[case::own_base("Wash.java", "interface Task { void perform(); }\nclass Wash implements Task { public void perform() {} }\n", "Wash.perform", true)]
#[case::python("views.py", "from frame.views import View\n\n\nclass RackView(View):\n    def get(self):\n        pass\n", "RackView.get", false)]
#[case::python_alone("views.py", "class RackView:\n    def get(self):\n        pass\n", "RackView.get", true)]
fn members_that_a_library_may_call_are_not_said_to_have_no_caller(#[case] file: &str, #[case] program: &str, #[case] of: &str, #[case] complete: bool) {
    let project = Project::with(&[(file, program)]);
    let engine = engine(&project);
    let found = ask(&engine, &format!("who calls {of}"));
    assert_eq!((found.total, found.complete), (0, complete), "{:?} {:?}", found.missing, found.notes);
}

#[test]
fn a_method_that_may_be_read_into_a_variable_by_its_name_alone_is_not_without_callers() {
    let text = "class Loop:\n    def pending(self):\n        pass\n\n\ndef run(obj):\n    pending = obj.pending\n    pending()\n";
    let answers = ask(&engine(&Project::with(&[("loop.py", text)])), "who calls Loop.pending");
    assert!(!answers.complete, "{:?} {:?}", answers.total, answers.notes);
}

#[test]
fn who_reads_a_property_calls_it() {
    let text = "class Rack:\n    @property\n    def slots(self):\n        return 3\n\n    def free(self):\n        return self.slots - 1\n";
    let project = Project::with(&[("rack.py", text)]);
    let answers = ask(&engine(&project), "who calls slots");
    let rows: Vec<(u32, Option<&str>)> = answers.answers.iter().map(|a| (a.line, a.enclosing.as_deref())).collect();
    assert_eq!(rows, [(7, Some("Rack.free"))], "{:?}", answers.notes);
}

const TABLES: &str = "def weigh(crate):
    return crate


def wrap(crate):
    return crate


STEPS = {\"weigh\": weigh, \"wrap\": wrap}
";

const COPIED: &str = "from tables import STEPS as DEFAULT_STEPS


class Larder:
    def __init__(self):
        self.steps = DEFAULT_STEPS.copy()

    def work(self, name, crate):
        known = self.steps
        step = known.get(name)
        return step(crate)


def pack(larder: Larder, name):
    if name:
        chosen = larder.steps
    else:
        chosen = larder.others
    step = chosen.get(name)
    return step(name)
";

const GIVEN: &str = "def make_reader(field):
    def reader(crate):
        return crate[field]

    return reader


def field_of(crate, field):
    read = make_reader(field)
    return read(crate)


def at_once(crate):
    return make_reader(\"weight\")(crate)


def sorted_by(crates, field):
    return sorted(crates, key=make_reader(field))


def timed(function):
    def in_time(*args):
        return function(*args)

    return in_time


def within(limit):
    def take(function):
        def limited(*args):
            return function(*args)

        return limited

    return take


@timed
def turn(crate):
    return crate


@within(3)
def press(crate):
    return crate


def late():
    @within(9)
    def stay(crate):
        return crate

    return stay


def evening(crate):
    turn(crate)
    press(crate)


class Visitor:
    def visitor_of(self, crate):
        return getattr(self, f\"visit_{crate.kind}\", None)

    def visit(self, crate):
        found = self.visitor_of(crate)
        return found(crate)

    def visit_cheese(self, crate):
        return crate

    @timed
    def visit_jam(self, crate):
        return crate


def lower(text):
    return text.lower()


class Part:
    TURNS = {}

    def __init__(self, label, on_end=None):
        self.label = label
        self.on_end = on_end

    def end(self, name):
        self.on_end(name)
        self.TURNS[name](name)

    def weighed(self, kind):
        name = \"weigh_{}\".format(kind)
        weigher = getattr(self, name.lower(), None)
        return weigher(kind)

    def packed(self, kind):
        return getattr(self, \"pack_%s\" % kind)(kind)

    def any_of(self, name):
        member = getattr(self, name)
        return member(1)

    def weigh_jam(self, kind):
        return kind

    @timed
    def press_jam(self, kind):
        return kind

    def pack_jam(self, kind):
        return kind


class Lid(Part):
    TURNS = {\"lid\": press}

    def __init__(self, **more):
        super().__init__(\"lid\", **more)
        self.methods = {name: getattr(self, \"pack_\" + name) for name in more}

    def all_packed(self, name):
        return self.methods[name](name)


Lid(on_end=lower)


def in_turn(crate):
    for step in [turn, lower]:
        step(crate)


def chosen(field):
    if field:
        read = make_reader(field)
    else:

        def read(crate):
            return crate

    return read


def by_chosen(crate):
    kept = chosen(crate)
    return kept(crate)


def counted(function):
    def count(*args):
        return function(*args)

    count = timed(count)
    return count


@counted
def label(crate):
    return crate


def labels(crate):
    return label(crate)


def prepared(postprocess):
    return postprocess(1)


def compare(is_exact):
    return prepared(postprocess=lower if not is_exact else None)
";

/// What a call in a function may run beside what it names.
fn runs(files: &[(&str, &str)], of: &str) -> String {
    let project = Project::with(files);
    let engine = engine(&project);
    let found = ask(&engine, &format!("what does {of} call"));
    let told = found.answers.iter().filter_map(|a| a.remark.as_deref()?.split_once(", "));
    let mut names: Vec<String> = told.map(|(name, _)| name.rsplit('.').next().unwrap_or(name).to_owned()).collect();
    names.sort();
    names.join(",")
}

#[rstest]
#[case::copied_table("Larder.work", "weigh,wrap")]
#[case::chosen_table("pack", "weigh,wrap")]
fn tables_are_followed_through_copies_and_other_names(#[case] of: &str, #[case] wanted: &str) {
    assert_eq!(runs(&[("tables.py", TABLES), ("larder.py", COPIED)], of), wanted);
}

#[rstest]
#[case::kept("field_of", "reader")]
#[case::at_once("at_once", "reader")]
#[case::handed_on("sorted_by", "reader")]
#[case::mark("evening", "in_time,limited")]
#[case::wrapper("timed.in_time", "count,in_time,press_jam,turn,visit_jam")]
#[case::by_name("Visitor.visit", "in_time,visit_cheese,visit_jam")]
#[case::defined_twice("by_chosen", "read,reader")]
#[case::replaced("labels", "count,in_time")]
#[case::handed_to_a_base("Part.end", "limited,lower,press")]
#[case::name_put_together_before("Part.weighed", "weigh_jam,weigh_jam")]
#[case::name_by_percent("Part.packed", "pack_jam")]
#[case::comprehension("Lid.all_packed", "pack_jam")]
#[case::loop_over_what_stands_there("in_turn", "in_time,lower,turn")]
#[case::mark_with_arguments("late", "take")]
#[case::choice("prepared", "lower")]
fn what_functions_give_is_followed(#[case] of: &str, #[case] wanted: &str) {
    assert_eq!(runs(&[("given.py", GIVEN)], of), wanted);
}

#[test]
fn a_name_of_which_nothing_is_known_is_a_guess() {
    let project = Project::with(&[("given.py", GIVEN)]);
    let found = ask(&engine(&project), "what does Part.any_of call");
    let guessed: Vec<&str> =
        found.answers.iter().filter(|a| a.certainty == Some(compass_index::Certainty::Guessed)).filter_map(|a| a.remark.as_deref()).collect();
    assert!(guessed.iter().any(|g| g.starts_with("Part.weigh_jam,")), "{guessed:?}");
    // What a guess hangs on is one too: the decorator of a member that may be meant.
    let wrapper = found.answers.iter().filter(|a| a.remark.as_deref().is_some_and(|r| r.starts_with("timed.in_time,")));
    assert!(wrapper.clone().count() > 0 && wrapper.clone().all(|a| a.certainty == Some(compass_index::Certainty::Guessed)), "{:?}", found.answers);
    assert!(!found.complete);
}

#[rstest]
#[case::kept("make_reader.reader", "at_once,by_chosen,field_of,sorted_by")]
#[case::replaced("counted.count", "labels,timed.in_time")]
#[case::mark("timed.in_time", "Part.any_of,Visitor.visit,Visitor.visitor_of,evening,in_turn,labels,timed.in_time")]
#[case::mark_with_arguments("within.limited", "Part.end,evening")]
#[case::choice("lower", "Part.end,in_turn,prepared")]
#[case::mark_itself("within.take", "-,late")]
#[case::table_of_a_derived_type("press", "Part.end,evening,within.take.limited")]
fn who_calls_what_functions_give(#[case] of: &str, #[case] wanted: &str) {
    let mut found: Vec<String> = callers("given.py", GIVEN, of).iter().map(|c| c.split(' ').next().unwrap_or("").to_owned()).collect();
    found.sort();
    found.dedup();
    assert_eq!(found.join(","), wanted);
}
