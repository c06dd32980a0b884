//! Calls by a text with the name, and modules that are loaded under names made at run time: answers about what may be called so are not
//! complete.

use crate::support::{ask, engine};
use rstest::rstest;
use testkit::Project;

#[rstest]
#[case::an_attribute(
    "r.py",
    "class Rack:\n    def do_turn(self):\n        pass\n\n    def stop(self):\n        pass\n\n\ndef run(rack, word):\n    return getattr(rack, 'do_' + word)()\n",
    "do_turn"
)]
#[case::a_formatted_attribute(
    "r.py",
    "class Rack:\n    def do_turn(self):\n        pass\n\n    def stop(self):\n        pass\n\n\ndef run(rack, word):\n    return getattr(rack, f'do_{word}')()\n",
    "do_turn"
)]
#[case::a_whole_name(
    "r.py",
    "class Rack:\n    def do_turn(self):\n        pass\n\n    def stop(self):\n        pass\n\n\ndef run(rack):\n    return getattr(rack, 'do_turn')()\n",
    "do_turn"
)]
#[case::an_index("r.js", "class Rack { do_turn() {} stop() {} }\nfunction run(rack, word) { return rack['do_' + word](); }\n", "do_turn")]
#[case::a_template_as_index(
    "r.ts",
    "class Rack { do_turn() {} stop() {} }\nfunction run(rack: any, word: string) { return rack[`do_${word}`](); }\n",
    "do_turn"
)]
#[case::a_message(
    "r.rb",
    "class Rack\n  def do_turn\n  end\n\n  def stop\n  end\nend\n\ndef run(rack, word)\n  rack.public_send(\"do_#{word}\")\nend\n",
    "do_turn"
)]
#[case::reflection(
    "Rack.java",
    "class Rack { public void do_turn() {} public void stop() {} static void run(Rack r, String w) throws Exception { r.getClass().getMethod(\"do_\" + w).invoke(r); } }",
    "do_turn"
)]
#[case::reflection_of_csharp(
    "Rack.cs",
    "class Rack { public void do_turn() {} public void stop() {} static void Run(Rack r, string w) { r.GetType().GetMethod(\"do_\" + w).Invoke(r, null); } }",
    "do_turn"
)]
#[case::reflection_of_go(
    "r.go",
    "package rack\n\nimport \"reflect\"\n\ntype Rack struct{}\n\nfunc (r Rack) Do_turn() {}\n\nfunc (r Rack) stop() {}\n\nfunc run(r Rack, w string) {\n\treflect.ValueOf(r).MethodByName(\"Do_\" + w).Call(nil)\n}\n",
    "Do_turn"
)]
fn a_name_as_a_text_is_said(#[case] path: &str, #[case] text: &str, #[case] name: &str) {
    let engine = engine(&Project::with(&[(path, text)]));
    let answers = ask(&engine, &format!("who calls {name}"));
    assert!(!answers.complete && answers.missing.iter().any(|m| m.cause == "dynamic"), "{:?} {:?}", answers.missing, answers.notes);
    assert!(answers.notes.iter().any(|n| n.contains("by texts with their names")), "{:?}", answers.notes);
    let other = ask(&engine, "who calls stop");
    assert!(other.complete, "{:?} {:?}", other.missing, other.notes);
}

#[rstest]
#[case::required(
    "plug.js",
    "exports.expressCreateServer = function (hook) { return hook; };\nfunction inside() {}\n",
    "load.js",
    "function load(path) { const plug = require(path); return plug; }\n",
    "expressCreateServer",
    "inside"
)]
#[case::imported(
    "plug.py",
    "def start(hook):\n    return hook\n\n\ndef _inside():\n    pass\n",
    "load.py",
    "import importlib\n\n\ndef load(path):\n    return importlib.import_module(path)\n",
    "start",
    "_inside"
)]
#[case::a_class(
    "plug.py",
    "class Start:\n    pass\n\n\ndef _inside():\n    pass\n",
    "load.py",
    "import importlib\n\n\ndef load(path):\n    return importlib.import_module(path)\n",
    "Start",
    "_inside"
)]
#[case::a_class_by_its_name(
    "Plug.java",
    "class Plug { Plug() {} private void inside() {} }\n",
    "Load.java",
    "class Load { Object load(String name) throws Exception { return Class.forName(name).newInstance(); } }\n",
    "Plug",
    "inside"
)]
fn a_module_under_a_name_made_at_run_time_may_be_called(
    #[case] path: &str,
    #[case] text: &str,
    #[case] loader: &str,
    #[case] loads: &str,
    #[case] name: &str,
    #[case] hidden: &str,
) {
    let with = engine(&Project::with(&[(path, text), (loader, loads)]));
    let answers = ask(&with, &format!("who calls {name}"));
    assert!(!answers.complete && answers.notes.iter().any(|n| n.contains("loaded here under names")), "{:?} {:?}", answers.missing, answers.notes);
    let answers = ask(&with, &format!("who calls {hidden}"));
    assert!(answers.complete, "{:?} {:?}", answers.missing, answers.notes);
    let without = ask(&engine(&Project::with(&[(path, text)])), &format!("who calls {name}"));
    assert!(without.complete, "{:?} {:?}", without.missing, without.notes);
}

#[rstest]
#[case::from_a_list(
    "v.py",
    "class View:\n    conditions = ['check_rack']\n\n    def check_rack(self):\n        pass\n\n    def check_shelf(self):\n        pass\n\n\ndef run(view):\n    for name in view.conditions:\n        getattr(view, name)()\n",
    None
)]
#[case::from_an_index(
    "v.js",
    "class View { check_rack() {} check_shelf() {} }\nfunction run(view, name) { return view[name](); }\nrun(new View(), 'check_rack');\n",
    None
)]
#[case::from_data("v.rb", "class View\n  def check_rack\n  end\n\n  def check_shelf\n  end\nend\n\ndef run(view, name)\n  view.send(name)\nend\n", Some(("rules.json", "{ \"first\": \"check_rack\" }\n")))]
fn a_member_whose_name_stands_in_a_text_may_be_called_by_it(#[case] path: &str, #[case] text: &str, #[case] data: Option<(&str, &str)>) {
    let files: Vec<(&str, &str)> = [Some((path, text)), data].into_iter().flatten().collect();
    let project = Project::with(&files);
    let engine = engine(&project);
    let answers = ask(&engine, "who calls check_rack");
    assert!(!answers.complete && answers.notes.iter().any(|n| n.contains("stands in a text")), "{:?} {:?}", answers.missing, answers.notes);
    let other = ask(&engine, "who calls check_shelf");
    assert!(other.complete, "{:?} {:?}", other.missing, other.notes);
}

const VISITOR_PY: &str = "class Visitor:\n    def visit(self, node):\n        how = getattr(self, f'visit_{node.kind}')\n        return how(node)\n\n    def visit_rack(self, node):\n        pass\n\n    def turn(self):\n        pass\n\n\nclass Deep(Visitor):\n    def visit_wheel(self, node):\n        pass\n\n\nclass Other:\n    def visit_shelf(self, node):\n        pass\n";
const VISITOR_RB: &str = "class Visitor\n  def visit(node)\n    send(\"visit_#{node.kind}\", node)\n  end\n\n  def visit_rack(node)\n  end\nend\n\nclass Deep < Visitor\n  def visit_wheel(node)\n  end\nend\n\nclass Other\n  def visit_shelf(node)\n  end\nend\n";
const VISITOR_JS: &str = "class Visitor {\n  visit(node) { return this['visit_' + node.kind](node); }\n  visit_rack(node) {}\n}\nclass Deep extends Visitor {\n  visit_wheel(node) {}\n}\nclass Other {\n  visit_shelf(node) {}\n}\n";

#[rstest]
#[case::python("v.py", VISITOR_PY, "visit_rack", &[3, 4])]
#[case::python_in_a_derived_type("v.py", VISITOR_PY, "visit_wheel", &[3, 4])]
#[case::ruby("v.rb", VISITOR_RB, "visit_rack", &[3])]
#[case::ruby_in_a_derived_type("v.rb", VISITOR_RB, "visit_wheel", &[3])]
#[case::javascript("v.js", VISITOR_JS, "visit_rack", &[2])]
#[case::javascript_in_a_derived_type("v.js", VISITOR_JS, "visit_wheel", &[2])]
fn members_of_the_value_itself_are_called_by_a_pattern(#[case] path: &str, #[case] text: &str, #[case] name: &str, #[case] lines: &[u32]) {
    let project = Project::with(&[(path, text)]);
    let engine = engine(&project);
    let callers = ask(&engine, &format!("who calls {name}"));
    let rows: Vec<(u32, Option<&str>)> = callers.answers.iter().map(|a| (a.line, a.certainty_word())).collect();
    let wanted: Vec<(u32, Option<&str>)> = lines.iter().map(|line| (*line, Some("inferred"))).collect();
    assert_eq!(rows, wanted, "{:?}", callers.notes);
    assert!(!callers.complete);
    let other = ask(&engine, "who calls visit_shelf");
    assert_eq!((other.total, other.complete), (0, false), "another type, which may be asked elsewhere");
    let called = ask(&engine, "what does visit call");
    assert!(
        called.answers.iter().any(|a| a.evidence.iter().any(|e| e.text.contains(name))),
        "{:?}",
        called.answers.iter().map(|a| &a.evidence).collect::<Vec<_>>()
    );
    let way = ask(&engine, &format!("how does visit reach {name}"));
    assert_eq!(way.total, 1, "{:?}", way.notes);
}

#[rstest]
#[case::in_braces(
    "<?php\nclass Visitor {\n    public function visit($node) { return $this->{'visit_' . $node->kind}($node); }\n    public function visit_rack($node) {}\n}\n",
    1
)]
#[case::in_a_pair(
    "<?php\nclass Visitor {\n    public function visit() { return call_user_func([$this, 'visit_rack'], 1); }\n    public function visit_rack($node) {}\n}\n",
    1
)]
#[case::of_a_value(
    "<?php\nclass Visitor {\n    public function visit($of, $how) { return $of->$how(1); }\n    public function visit_rack($node) {}\n}\n(new Visitor)->visit(new Visitor, 'visit_rack');\n",
    0
)]
fn members_by_texts_in_php(#[case] text: &str, #[case] rows: u64) {
    let project = Project::with(&[("v.php", text)]);
    let answers = ask(&engine(&project), "who calls visit_rack");
    assert_eq!((answers.total, answers.complete), (rows, false), "{:?}", answers.notes);
}

#[test]
fn where_something_is_and_what_is_derived_from_it_are_no_matter_of_names_made_at_run_time() {
    let project = Project::with(&[
        ("plug.py", "class Start:\n    def do_turn(self):\n        pass\n"),
        ("load.py", "import importlib\n\n\ndef load(path, how):\n    return getattr(importlib.import_module(path), 'do_' + how)\n"),
    ]);
    let engine = engine(&project);
    for question in ["where is do_turn", "who extends Start"] {
        let answers = ask(&engine, question);
        assert!(answers.complete, "{question}: {:?} {:?}", answers.missing, answers.notes);
    }
}

#[rstest]
#[case::ruby(
    "d.rb",
    "class Drop\n  def [](key)\n    public_send(key)\n  end\nend\n\nclass UrlDrop < Drop\n  def short_month\n  end\nend\n\nclass Other\n  def month_short\n  end\nend\n"
)]
#[case::python(
    "d.py",
    "class Drop:\n    def get(self, key):\n        return getattr(self, key)()\n\n\nclass UrlDrop(Drop):\n    def short_month(self):\n        pass\n\n\nclass Other:\n    def month_short(self):\n        pass\n"
)]
#[case::javascript(
    "d.js",
    "class Drop { get(key) { return this[key](); } }\nclass UrlDrop extends Drop { short_month() {} }\nclass Other { month_short() {} }\n"
)]
#[case::php(
    "d.php",
    "<?php\nclass Drop { public function get($key) { return $this->$key(); } }\nclass UrlDrop extends Drop { public function short_month() {} }\nclass Other { public function month_short() {} }\n"
)]
fn a_type_that_calls_itself_by_any_name_may_call_each_of_its_members(#[case] path: &str, #[case] text: &str) {
    let project = Project::with(&[(path, text)]);
    let engine = engine(&project);
    let answers = ask(&engine, "who calls short_month");
    assert!(!answers.complete && answers.notes.iter().any(|n| n.starts_with("its type calls members of itself")), "{:?} {:?}", answers.missing, answers.notes);
    let other = ask(&engine, "who calls month_short");
    assert!(other.complete, "{:?} {:?}", other.missing, other.notes);
}

#[test]
fn a_name_that_is_given_another_value_elsewhere_may_be_any() {
    let text = "class Part:\n    def done(self, kind, other):\n        name = 'pack_%s' % kind\n        if other:\n            name = other\n        return getattr(self, name)(kind)\n\n    def pack_jam(self, kind):\n        return kind\n\n    def weigh_jam(self, kind):\n        return kind\n";
    let project = Project::with(&[("part.py", text)]);
    let engine = engine(&project);
    assert!(!ask(&engine, "who calls weigh_jam").complete);
    let once = text.replace("            name = other\n", "            kind = other\n");
    let project = Project::with(&[("part.py", once.as_str())]);
    let engine = crate::support::engine(&project);
    let found = ask(&engine, "who calls pack_jam");
    assert_eq!(found.answers.iter().map(|a| a.line).collect::<Vec<_>>(), [6], "{:?}", found.notes);
}
