//! The call that a place stands in.

use crate::support::engine;
use compass_trace::Context;
use rstest::rstest;
use testkit::Project;

const PYTHON: &str = "class Rack:\n    def turn(self, wheel, by=1, *, fast=False):\n        return wheel\n\n\ndef f(rack: Rack):\n    rack.turn(1, len([2]), fast=True)\n    unknown(1, 2)\n";
const RUST: &str = "pub struct Rack;\nimpl Rack {\n    pub fn turn(&self, wheel: u32, by: u32) -> u32 { wheel + by }\n    pub fn new(size: usize) -> Rack { Rack }\n}\npub fn f(rack: &Rack) -> u32 {\n    rack.turn(1, Rack::turn(rack, 2, 3))\n}\n";
const C: &str = "int rack_turn(int wheel, int by);\nint rack_turn(int wheel, int by)\n{\n\treturn wheel + by;\n}\nint f(void)\n{\n\treturn rack_turn(1,\n\t\track_turn(2, 3));\n}\n";

/// Name, parameters, the current one in brackets.
fn told(path: &str, text: &str, line: u32, at: &str) -> Option<String> {
    let project = Project::with(&[(path, text)]);
    let engine = engine(&project);
    let column = text.lines().nth(line as usize - 1).and_then(|l| l.find(at)).expect("a place") as u32 + 1;
    let call = engine.call_around(path, line, column, &Context::default()).expect("a call")?;
    let shown: Vec<String> = call.parameters.iter().enumerate().map(|(i, p)| if call.current == Some(i) { format!("[{p}]") } else { p.clone() }).collect();
    Some(format!("{}({})", call.name, shown.join(", ")))
}

#[rstest]
#[case::first("a.py", PYTHON, 7, "1,", Some("Rack.turn([wheel], by=1, fast=False)"))]
#[case::by_its_name("a.py", PYTHON, 7, "True", Some("Rack.turn(wheel, by=1, [fast=False])"))]
#[case::on_the_name_itself("a.py", PYTHON, 7, "turn", None)]
#[case::nobody_knows_what("a.py", PYTHON, 8, "2", None)]
#[case::by_member("a.rs", RUST, 7, "1,", Some("Rack.turn([wheel: u32], by: u32)"))]
#[case::by_path("a.rs", RUST, 7, "3", Some("Rack.turn(&self, wheel: u32, [by: u32])"))]
#[case::the_inner_one("a.c", C, 9, "3", Some("rack_turn(int wheel, [int by])"))]
#[case::the_outer_one("a.c", C, 9, "rack", Some("rack_turn(int wheel, [int by])"))]
#[case::in_no_call("a.c", C, 4, "wheel", None)]
fn the_call_around_a_place(#[case] path: &str, #[case] text: &str, #[case] line: u32, #[case] at: &str, #[case] wanted: Option<&str>) {
    assert_eq!(told(path, text, line, at).as_deref(), wanted);
}
