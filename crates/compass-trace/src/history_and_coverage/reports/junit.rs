//! Results of tests in JUnit's XML, as most test runners write it.

use super::{CaseState, TestCase};
use quick_xml::Reader;
use quick_xml::escape::unescape;
use quick_xml::events::{BytesStart, Event};

/// The tests of a report.
pub(super) fn read(text: &str, report: usize) -> Result<Vec<TestCase>, String> {
    let mut reader = Reader::from_str(text);
    let mut out: Vec<TestCase> = Vec::new();
    let mut suites: Vec<String> = Vec::new();
    let mut open = false;
    let mut wants_text = false;
    loop {
        let wrong = |e: &dyn std::fmt::Display, at: u64| format!("{e} (at byte {at})");
        let at = reader.buffer_position();
        match reader.read_event().map_err(|e| wrong(&e, at))? {
            Event::Start(e) => {
                match e.local_name().as_ref() {
                    "testsuite" => suites.push(attribute(&e, "name")),
                    "testcase" => {
                        out.push(case(&e, &suites, report));
                        open = true;
                    }
                    _ if open => wants_text = outcome(&e, &mut out),
                    _ => {}
                };
            }
            Event::Empty(e) => match e.local_name().as_ref() {
                "testcase" => out.push(case(&e, &suites, report)),
                _ if open => {
                    outcome(&e, &mut out);
                }
                _ => {}
            },
            Event::Text(t) if wants_text => say(&mut out, &t),
            Event::CData(t) if wants_text => say(&mut out, &t),
            Event::End(e) => match e.local_name().as_ref() {
                "testsuite" => {
                    suites.pop();
                }
                "testcase" => open = false,
                _ => wants_text = false,
            },
            Event::Eof if open || !suites.is_empty() => return Err("it ends in the middle".to_owned()),
            Event::Eof => return Ok(out),
            _ => {}
        }
    }
}

/// An attribute, or nothing.
pub(super) fn attribute(element: &BytesStart, name: &str) -> String {
    let found = element.attributes().flatten().find(|a| a.key.local_name().as_ref() == name);
    // Not normalised: line breaks within a message count.
    found.and_then(|a| unescape(&a.value).ok().map(|v| v.into_owned())).unwrap_or_default()
}

fn case(element: &BytesStart, suites: &[String], report: usize) -> TestCase {
    let class = attribute(element, "classname");
    let file = attribute(element, "file");
    TestCase {
        suite: if class.is_empty() { suites.last().cloned().unwrap_or_default() } else { class },
        name: attribute(element, "name"),
        state: CaseState::Passed,
        message: String::new(),
        file: (!file.is_empty()).then_some(file),
        report,
    }
}

/// What an element within a test says of it; is its text wanted?
fn outcome(element: &BytesStart, cases: &mut [TestCase]) -> bool {
    let Some(case) = cases.last_mut() else { return false };
    match element.local_name().as_ref() {
        "failure" | "error" => {
            case.state = CaseState::Failed;
            case.message = attribute(element, "message").lines().next().unwrap_or_default().to_owned();
            case.message.is_empty()
        }
        "skipped" => {
            case.state = case.state.max(CaseState::Skipped);
            false
        }
        _ => false,
    }
}

fn say(cases: &mut [TestCase], text: &str) {
    let Some(case) = cases.last_mut().filter(|c| c.message.is_empty()) else { return };
    case.message = text.lines().map(str::trim).find(|l| !l.is_empty()).unwrap_or_default().to_owned();
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn tests_come_with_state_and_message() {
        let text = r#"<?xml version="1.0"?><testsuites><testsuite name="planner">
            <testcase classname="planner.turn" name="full_rack" file="planner/turn_test.go"><failure message="want &lt;full&gt;&#10;got nothing">trace</failure></testcase>
            <testcase name="rest"><system-out>noise</system-out></testcase>
            <testcase classname="a" name="later"><skipped/></testcase>
            <testcase classname="a" name="broken"><error><![CDATA[
                it broke
                here]]></error></testcase>
            </testsuite></testsuites>"#;
        let cases = read(text, 4).expect("a report");
        let told: Vec<_> = cases.iter().map(|c| (c.suite.as_str(), c.name.as_str(), c.state, c.message.as_str())).collect();
        assert_eq!(
            told,
            [
                ("planner.turn", "full_rack", CaseState::Failed, "want <full>"),
                ("planner", "rest", CaseState::Passed, ""),
                ("a", "later", CaseState::Skipped, ""),
                ("a", "broken", CaseState::Failed, "it broke"),
            ]
        );
        assert_eq!((cases[0].file.as_deref(), cases[0].report), (Some("planner/turn_test.go"), 4));
    }

    #[test]
    fn what_ends_early_is_said() {
        for text in ["<testsuite><testcase name='a'>", "<testsuite>", "<testsuite></testcase>"] {
            assert!(read(text, 0).is_err(), "{text}");
        }
    }
}
