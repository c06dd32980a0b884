//! Names in questions: parts, wildcards, parameter types, and what they match.

/// A name as a pattern over qualified names.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct NamePattern {
    /// From the root: the whole path must match, not only its end.
    pub rooted: bool,
    /// Parts, outermost first. `*` stands for any letters, a part `**` for any parts.
    pub parts: Vec<String>,
    /// Parameter types: `_` for any.
    pub types: Option<Vec<String>>,
    /// Are `*` letters like any other?
    pub literal: bool,
}

impl NamePattern {
    /// Takes a name apart. All separators (`::`, `.`, `\`, `#`, `->`, `:`) are alike.
    pub fn new(text: &str, quoted: bool) -> NamePattern {
        let (body, types) = split_types(text);
        let (rooted, body) = strip_leading(body);
        let mut parts = split_parts(body);
        if parts.is_empty() {
            parts.push(text.to_owned());
        }
        NamePattern { rooted, parts, types, literal: quoted }
    }

    /// The name's own part.
    pub fn last(&self) -> &str {
        self.parts.last().map_or("", |p| p)
    }

    /// Does the last part hold a wildcard?
    pub fn is_wild(&self) -> bool {
        !self.literal && self.parts.iter().any(|p| p.contains('*'))
    }

    /// Does the last part match that name?
    pub fn matches_last(&self, name: &str) -> bool {
        self.literal && self.last() == name || !self.literal && matches_part(self.last(), name)
    }

    /// Do the parts before the last match containers in their order, some left out?
    pub fn matches_some_containers(&self, containers: &[Vec<String>]) -> bool {
        let wanted = &self.parts[..self.parts.len() - 1];
        !self.rooted && matches_in_order(wanted, containers, self.literal)
    }

    /// Do the parts before the last match the end of the container path? Containers come outermost first; each may go by
    /// several names (a module by its own and its folder's).
    pub fn matches_containers(&self, containers: &[Vec<String>]) -> bool {
        let wanted = &self.parts[..self.parts.len() - 1];
        if self.rooted {
            return matches_all(wanted, containers, self.literal);
        }
        (0..=containers.len()).any(|start| matches_all(wanted, &containers[start..], self.literal))
    }
}

/// Do the parts match containers in this order, with others between them? The last part stands for the innermost that fits.
fn matches_in_order(wanted: &[String], containers: &[Vec<String>], literal: bool) -> bool {
    let mut left = containers;
    for part in wanted {
        let fits = |names: &Vec<String>| names.iter().any(|n| if literal { n == part } else { matches_part(part, n) });
        match left.iter().position(fits) {
            Some(at) => left = &left[at + 1..],
            None => return false,
        }
    }
    true
}

fn matches_all(wanted: &[String], containers: &[Vec<String>], literal: bool) -> bool {
    match (wanted.split_first(), containers.split_first()) {
        (None, None) => true,
        (None, Some(_)) => false,
        (Some((part, rest)), _) if part == "**" && !literal => (0..=containers.len()).any(|skip| matches_all(rest, &containers[skip..], literal)),
        (Some(_), None) => false,
        (Some((part, rest)), Some((names, more))) => {
            names.iter().any(|n| if literal { n == part } else { matches_part(part, n) }) && matches_all(rest, more, literal)
        }
    }
}

/// `*` stands for any letters within a part.
fn matches_part(pattern: &str, name: &str) -> bool {
    let Some((front, rest)) = pattern.split_once('*') else { return pattern == name };
    let Some(tail) = name.strip_prefix(front) else { return false };
    let rest = rest.trim_start_matches('*');
    if rest.is_empty() {
        return true;
    }
    (0..=tail.len()).filter(|i| tail.is_char_boundary(*i)).any(|i| matches_part(rest, &tail[i..]))
}

/// `f(int, _)` has types; `operator()` and `(*Planner).PlanTurn` have not.
fn split_types(text: &str) -> (&str, Option<Vec<String>>) {
    let Some(inner) = text.strip_suffix(')') else { return (text, None) };
    let mut depth = 1;
    for (i, c) in inner.char_indices().rev() {
        match c {
            ')' => depth += 1,
            '(' => depth -= 1,
            _ => {}
        }
        if depth == 0 {
            let front = &inner[..i];
            if front.is_empty() || front.ends_with("operator") {
                return (text, None);
            }
            let types = inner[i + 1..].split(',').map(str::trim).filter(|t| !t.is_empty()).map(str::to_owned).collect();
            return (front, Some(types));
        }
    }
    (text, None)
}

fn strip_leading(text: &str) -> (bool, &str) {
    for sep in ["::", ".", "\\", "#", "->", ":"] {
        if let Some(rest) = text.strip_prefix(sep)
            && !rest.is_empty()
            && !rest.starts_with(['.', '/'])
        {
            return (true, rest);
        }
    }
    (false, text)
}

fn split_parts(text: &str) -> Vec<String> {
    let mut parts = vec![String::new()];
    let mut rest = text;
    while let Some(c) = rest.chars().next() {
        if let Some(whole) = special(rest, parts.last().is_none_or(String::is_empty)) {
            if let Some(last) = parts.last_mut() {
                last.push_str(&rest[..whole]);
            }
            rest = &rest[whole..];
            continue;
        }
        if let Some(sep) = ["::", "->", ".", "\\", "#", ":"].iter().find(|s| rest.starts_with(**s)) {
            parts.push(String::new());
            rest = &rest[sep.len()..];
            continue;
        }
        if let Some(last) = parts.last_mut() {
            last.push(c);
        }
        rest = &rest[c.len_utf8()..];
    }
    parts.retain(|p| !p.is_empty());
    parts
}

/// Length of a stretch that is one part though separators stand in it.
fn special(rest: &str, at_start: bool) -> Option<usize> {
    if !at_start {
        return None;
    }
    if rest.starts_with('(') || rest.starts_with('<') {
        let (open, close) = if rest.starts_with('(') { ('(', ')') } else { ('<', '>') };
        let mut depth = 0;
        for (i, c) in rest.char_indices() {
            depth += i32::from(c == open) - i32::from(c == close);
            if depth == 0 {
                return Some(i + 1);
            }
        }
    }
    if rest.starts_with("r#") {
        return Some(2);
    }
    // A private member of a script: the sign is part of the name.
    if let Some(after) = rest.strip_prefix("operator")
        && after.starts_with(|c: char| !c.is_alphanumeric() && c != '_')
    {
        return Some(rest.len());
    }
    rest.starts_with('@').then(|| rest.find(['.', '#', ':']).unwrap_or(rest.len()))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("turn", &["turn"])]
    #[case::rust("planner::Plan::turn", &["planner", "Plan", "turn"])]
    #[case::dots("planner.Plan.turn", &["planner", "Plan", "turn"])]
    #[case::arrow("rack->slots", &["rack", "slots"])]
    #[case::receiver("(*Planner).PlanTurn", &["(*Planner)", "PlanTurn"])]
    #[case::qualified("<T as Trait>::f", &["<T as Trait>", "f"])]
    #[case::raw("r#type", &["r#type"])]
    #[case::scoped("@larder/board", &["@larder/board"])]
    #[case::operator("V::operator<<", &["V", "operator<<"])]
    #[case::call_operator("V::operator()", &["V", "operator()"])]
    #[case::destructor("~Rack", &["~Rack"])]
    fn names_fall_into_parts(#[case] text: &str, #[case] parts: &[&str]) {
        assert_eq!(NamePattern::new(text, false).parts, parts);
    }

    #[rstest]
    #[case::none("f", None)]
    #[case::empty("f()", Some(vec![]))]
    #[case::two("f(int, _)", Some(vec!["int", "_"]))]
    fn types_are_read(#[case] text: &str, #[case] types: Option<Vec<&str>>) {
        assert_eq!(NamePattern::new(text, false).types, types.map(|t| t.into_iter().map(str::to_owned).collect()));
    }

    #[rstest]
    #[case::suffix("Plan.turn", true)]
    #[case::whole("planner.Plan.turn", true)]
    #[case::other("Rack.turn", false)]
    #[case::star("P*.turn", true)]
    #[case::any_parts("planner.**.turn", true)]
    #[case::rooted(".planner.Plan.turn", true)]
    #[case::rooted_too_short(".Plan.turn", false)]
    fn qualified_names_match_by_suffix(#[case] text: &str, #[case] matches: bool) {
        let containers = vec![vec!["planner".to_owned()], vec!["Plan".to_owned()]];
        assert_eq!(NamePattern::new(text, false).matches_containers(&containers), matches);
    }

    #[test]
    fn quoted_names_have_no_wildcards() {
        let pattern = NamePattern::new("*features*", true);
        assert!(pattern.matches_last("*features*") && !pattern.matches_last("my features"));
        assert!(NamePattern::new("*eat*", false).matches_last("features"));
    }
}
