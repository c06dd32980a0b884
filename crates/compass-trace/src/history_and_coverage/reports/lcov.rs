//! Coverage in the text form of LCOV: `TN` a test, `SF` a file, `DA` a line and how often it ran.

use super::Lines;
use std::collections::BTreeMap;

/// Adds the coverage of a report; lines that say nothing known are passed over.
pub(super) fn read(text: &str, coverage: &mut BTreeMap<String, Lines>) {
    let (mut test, mut file) = (String::new(), None::<String>);
    for line in text.lines() {
        match line.trim().split_once(':') {
            Some(("TN", name)) => test = name.to_owned(),
            Some(("SF", path)) => file = Some(path.replace('\\', "/")),
            Some(("DA", rest)) => {
                let mut parts = rest.split(',');
                let (Some(path), Some(Ok(number)), Some(Ok(count))) = (&file, parts.next().map(str::parse::<u32>), parts.next().map(str::parse::<u64>)) else {
                    continue;
                };
                let lines = coverage.entry(path.clone()).or_default();
                *lines.hits.entry(number).or_default() += count;
                if count > 0 && !test.is_empty() {
                    lines.by_test.entry(test.clone()).or_default().push(number);
                }
            }
            _ if line.trim() == "end_of_record" => file = None,
            _ => {}
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn lines_are_added_up_over_tests() {
        let mut coverage = BTreeMap::new();
        read("TN:full_rack\nSF:src\\rack.rs\nDA:3,2\nDA:4,0\nend_of_record\nTN:rest\nSF:src/rack.rs\nDA:3,1\nDA:x,1\nend_of_record\nDA:9,9\n", &mut coverage);
        let lines = &coverage["src/rack.rs"];
        assert_eq!(lines.hits, BTreeMap::from([(3, 3), (4, 0)]));
        assert_eq!(lines.by_test.keys().collect::<Vec<_>>(), ["full_rack", "rest"]);
    }
}
