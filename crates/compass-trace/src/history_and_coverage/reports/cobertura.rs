//! Coverage in Cobertura's XML.

use super::Lines;
use super::junit::attribute;
use quick_xml::Reader;
use quick_xml::events::Event;
use std::collections::BTreeMap;

/// Adds the coverage of a report.
pub(super) fn read(text: &str, coverage: &mut BTreeMap<String, Lines>) -> Result<(), String> {
    let mut reader = Reader::from_str(text);
    let mut file = String::new();
    loop {
        let at = reader.buffer_position();
        match reader.read_event().map_err(|e| format!("{e} (at byte {at})"))? {
            Event::Start(e) | Event::Empty(e) => match e.local_name().as_ref() {
                "class" => file = attribute(&e, "filename").replace('\\', "/"),
                "line" if !file.is_empty() => {
                    if let (Ok(number), Ok(hits)) = (attribute(&e, "number").parse(), attribute(&e, "hits").parse::<u64>()) {
                        // Lines of methods stand in their class once more.
                        let known = coverage.entry(file.clone()).or_default().hits.entry(number).or_default();
                        *known = (*known).max(hits);
                    }
                }
                _ => {}
            },
            Event::End(e) if e.local_name().as_ref() == "class" => file.clear(),
            Event::Eof => return Ok(()),
            _ => {}
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn lines_belong_to_the_file_of_their_class() {
        let text = r#"<coverage><packages><package><classes><class filename="larder/planner.py"><methods><method name="plan"><lines><line number="4" hits="2"/></lines></method></methods>
            <lines><line number="4" hits="2"/><line number="5" hits="0"/></lines></class></classes></package></packages><line number="9" hits="1"/></coverage>"#;
        let mut coverage = BTreeMap::new();
        read(text, &mut coverage).expect("a report");
        assert_eq!(coverage["larder/planner.py"].hits, BTreeMap::from([(4, 2), (5, 0)]));
        assert!(read("<coverage><class filename='a'></coverage>", &mut BTreeMap::new()).is_err());
    }
}
