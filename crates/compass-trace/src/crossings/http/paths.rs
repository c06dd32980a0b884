//! Paths as segments, and when a request's path fits a route's.

use super::super::string_evaluation::Piece;
use compass_facts::addresses::path_in_query;

/// A segment of a path.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Segment {
    /// Exactly this text.
    Text(String),
    /// Anything but a slash.
    Any,
    /// Digits only.
    Digits,
    /// One of these texts.
    OneOf(Vec<String>),
    /// This, then anything, then this.
    Around(String, String),
    /// Anything, slashes too; stands last.
    Rest,
}

/// The path of a request.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(super) struct Asked {
    /// Something unknown stands before the first segment: an address from elsewhere.
    pub(super) open: bool,
    /// A host is written before the path, and it is not this machine.
    pub(super) elsewhere: bool,
    /// Segments.
    pub(super) segments: Vec<Segment>,
    /// A path that the query hands to one program which answers all: `index.php?route=/racks`.
    pub(super) by_parameter: Option<Vec<Segment>>,
}

impl Asked {
    /// The same with the path that the query hands on.
    pub(super) fn handed_on(&self) -> Option<Asked> {
        let segments = self.by_parameter.clone()?;
        Some(Asked { open: false, elsewhere: self.elsewhere, segments, by_parameter: None })
    }

    /// Is any part of it written?
    pub(super) fn is_known(&self) -> bool {
        self.segments.iter().any(|s| matches!(s, Segment::Text(_) | Segment::Around(..)))
    }

    /// Reads the pieces of a text.
    pub(super) fn new(pieces: &[Piece]) -> Asked {
        let mut text = String::new();
        for piece in pieces {
            match piece {
                Piece::Text(t) => text.push_str(t),
                // A sign no path has stands for what is unknown.
                _ => text.push(HOLE),
            }
        }
        let elsewhere = names_host(&text);
        let text = without_host(&text);
        let (text, query) = text.split_once(['?', '#']).unwrap_or((text, ""));
        let by_parameter = path_in_query(query).filter(|_| names_program(text)).map(|p| asked_segments(&p));
        let open = !text.starts_with('/');
        let rest = if open { text.split_once('/').map_or("", |(_, r)| r) } else { &text[1..] };
        let plain_start = open && !text.starts_with(HOLE) && !text.is_empty();
        let rest = if plain_start { text } else { rest };
        Asked { open: open && !plain_start, elsewhere, segments: asked_segments(rest), by_parameter }
    }
}

impl std::fmt::Display for Asked {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        if self.open {
            f.write_str("…")?;
        }
        for segment in &self.segments {
            match segment {
                Segment::Text(t) => write!(f, "/{t}")?,
                Segment::Around(a, b) => write!(f, "/{a}{{}}{b}")?,
                Segment::Rest => f.write_str("/{rest}")?,
                Segment::Any | Segment::Digits | Segment::OneOf(_) => f.write_str("/{}")?,
            }
        }
        if self.segments.is_empty() {
            f.write_str("/")?;
        }
        Ok(())
    }
}

const HOLE: char = '\u{0}';

/// Does a text begin with an address whose host is written, and is not the machine itself?
fn names_host(text: &str) -> bool {
    let Some(rest) = ["http://", "https://", "ws://", "wss://"].iter().find_map(|scheme| text.strip_prefix(scheme)) else { return false };
    let host = rest.split('/').next().unwrap_or("");
    let is_own = ["localhost", "127.", "0.0.0.0", "[::"].iter().any(|own| host.starts_with(own));
    !(host.is_empty() || host.contains(HOLE) || is_own)
}

fn without_host(text: &str) -> &str {
    for scheme in ["http://", "https://", "ws://", "wss://", "//"] {
        if let Some(rest) = text.strip_prefix(scheme) {
            return rest.find('/').map_or("/", |n| &rest[n..]);
        }
    }
    text
}

fn asked_segments(path: &str) -> Vec<Segment> {
    path.trim_end_matches('/').split('/').filter(|s| !s.is_empty()).map(asked_segment).collect()
}

/// Is it the path of a file, or of a folder whose file answers: one program for whatever the query asks?
fn names_program(path: &str) -> bool {
    path.rsplit('/').next().is_some_and(|last| last.is_empty() || last.contains('.'))
}

fn asked_segment(text: &str) -> Segment {
    match text.split_once(HOLE) {
        None => Segment::Text(text.to_owned()),
        Some(("", "")) => Segment::Any,
        Some((before, after)) => Segment::Around(before.to_owned(), after.rsplit(HOLE).next().unwrap_or("").to_owned()),
    }
}

/// The segments of a route: `/a/<int:id>`, `/a/{id}`, `/a/:id`, `/a/{rest:path}`, `/a/{rest...}`, `/a/*rest`.
pub fn route_segments(path: &str) -> Vec<Segment> {
    path.split('/').filter(|s| !s.is_empty()).map(route_segment).collect()
}

fn route_segment(text: &str) -> Segment {
    match text.as_bytes() {
        [b':', _, ..] => return Segment::Any,
        [b'*', ..] => return Segment::Rest,
        _ => {}
    }
    let open = text.find(['<', '{']);
    let close = text.rfind(['>', '}']);
    let (Some(open), Some(close)) = (open, close) else { return Segment::Text(text.to_owned()) };
    if close < open {
        return Segment::Text(text.to_owned());
    }
    let inner = &text[open + 1..close];
    let (before, after) = (&text[..open], &text[close + 1..]);
    if inner.starts_with("path:") || inner.ends_with(":path") || inner.ends_with("...") || inner.starts_with('*') {
        return Segment::Rest;
    }
    match (before, after) {
        ("", "") if inner.starts_with("int:") => Segment::Digits,
        ("", "") => inner.split_once(':').and_then(|(_, pattern)| by_pattern(pattern)).unwrap_or(Segment::Any),
        _ => Segment::Around(before.to_owned(), after.to_owned()),
    }
}

/// Words that name what a value is made of; any other plain word is the value itself.
const CONVERTERS: [&str; 18] = [
    "int", "long", "float", "double", "decimal", "str", "string", "uuid", "guid", "bool", "datetime", "alpha", "slug", "any", "path", "required", "number",
    "date",
];

/// What a pattern behind a colon lets through: digits, or a few texts.
fn by_pattern(pattern: &str) -> Option<Segment> {
    if matches!(pattern, "int" | "long" | "number" | "[0-9]+" | "\\d+" | "[1-9][0-9]*") {
        return Some(Segment::Digits);
    }
    let is_plain = |word: &str| !word.is_empty() && word.bytes().all(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'-')) && !CONVERTERS.contains(&word);
    let words: Vec<&str> = pattern.trim_start_matches('(').trim_end_matches(')').split('|').collect();
    words.iter().all(|w| is_plain(w)).then(|| Segment::OneOf(words.into_iter().map(str::to_owned).collect()))
}

/// How well a request's path fits a route's; the greater the better.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub(super) struct Fit {
    /// Both are known from their beginning.
    pub(super) whole: bool,
    /// Segments written alike on both sides.
    pub(super) same: u16,
}

/// Does the request's path fit the route's if one of its values holds two segments, as `{}` does that stands for `owner/name`?
pub(super) fn fit_with_longer_value(asked: &Asked, route: &[Segment]) -> Option<Fit> {
    if route.len() != asked.segments.len() + 1 && !asked.open {
        return None;
    }
    let values = (0..asked.segments.len()).filter(|n| asked.segments[*n] == Segment::Any);
    let longer = values.filter_map(|n| {
        let mut segments = asked.segments.clone();
        segments.insert(n, Segment::Any);
        fit(&Asked { segments, ..asked.clone() }, route)
    });
    longer.max().filter(|f| f.same > 1).map(|f| Fit { whole: false, ..f })
}

/// Does the request's path fit the route's?
pub(super) fn fit(asked: &Asked, route: &[Segment]) -> Option<Fit> {
    if !asked.open {
        return fit_all(&asked.segments, route).map(|same| Fit { whole: true, same });
    }
    // An unknown beginning: the rest must be the route's end, and say something.
    let skip = route.len().checked_sub(asked.segments.len())?;
    let same = fit_all(&asked.segments, &route[skip..])?;
    (same > 0).then_some(Fit { whole: false, same })
}

fn fit_all(asked: &[Segment], route: &[Segment]) -> Option<u16> {
    let mut same = 0;
    for (n, wanted) in route.iter().enumerate() {
        if *wanted == Segment::Rest {
            return (n < asked.len()).then_some(same);
        }
        same += fit_one(asked.get(n)?, wanted)?;
    }
    (asked.len() == route.len()).then_some(same)
}

fn fit_one(asked: &Segment, route: &Segment) -> Option<u16> {
    use Segment::{Any, Around, Digits, OneOf, Rest, Text};
    match (asked, route) {
        (Text(a), Text(b)) => (a == b).then_some(1),
        (Text(a), OneOf(all)) => all.contains(a).then_some(1),
        (Any | Around(..), OneOf(_)) => Some(0),
        (Text(a), Digits) => a.bytes().all(|b| b.is_ascii_digit()).then_some(0),
        (Text(a), Around(before, after)) => (a.len() > before.len() + after.len() && a.starts_with(before) && a.ends_with(after)).then_some(0),
        (Around(a, b), Around(c, d)) => (a == c && b == d).then_some(1),
        (Text(_) | Any | Around(..), Any) | (Any, Digits | Around(..)) | (Digits, Any | Digits) => Some(0),
        // A value is no written segment.
        (_, Text(_)) | (Around(..) | Rest, _) | (Digits | OneOf(_), _) | (_, Rest) => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn asked(text: &str) -> Asked {
        let pieces: Vec<Piece> = text.split("{}").flat_map(|t| [Piece::Text(t.to_owned()), Piece::Hole]).collect();
        Asked::new(&pieces[..pieces.len() - 1])
    }

    #[rstest]
    #[case::same("/racks", "/racks", Some(true))]
    #[case::slash_at_the_end("/racks/", "/racks", Some(true))]
    #[case::value("/wheels/{}/turn", "/wheels/<int:id>/turn", Some(true))]
    #[case::braces("/wheels/{}/turn", "/wheels/{wheel_id}/turn", Some(true))]
    #[case::written_value("/wheels/7/turn", "/wheels/<int:id>/turn", Some(true))]
    #[case::no_number("/wheels/new/turn", "/wheels/<int:id>/turn", None)]
    #[case::host("https://larder.example/racks?x=1", "/racks", Some(true))]
    #[case::unknown_host("{}/racks", "/api/racks", Some(false))]
    #[case::unknown_everything("{}", "/racks", None)]
    #[case::only_values("{}/{}", "/racks/<id>", None)]
    #[case::longer("/racks/1/wheels", "/racks/<id>", None)]
    #[case::rest("/files/a/b/c", "/files/<path:p>", Some(true))]
    #[case::rest_needs_something("/files", "/files/{p:path}", None)]
    #[case::colon("/racks/{}/turn", "/racks/:id/turn", Some(true))]
    #[case::star("/files/a/b", "/files/*path", Some(true))]
    #[case::dots("/files/a/b", "/files/{path...}", Some(true))]
    #[case::pattern("/racks/7", "/racks/{id:[0-9]+}", Some(true))]
    #[case::no_digits("/racks/new", "/racks/{id:[0-9]+}", None)]
    #[case::one_of("/racks/salt", "/racks/{kind:salt|brine}", Some(true))]
    #[case::none_of("/racks/oil", "/racks/{kind:salt|brine}", None)]
    #[case::converter("/racks/7", "/racks/{id:int}", Some(true))]
    #[case::another_converter("/racks/x7", "/racks/{id:guid}", Some(true))]
    #[case::around("/report-{}.pdf", "/report-<day>.pdf", Some(true))]
    #[case::value_for_written("/{}/wheels", "/racks/wheels", None)]
    fn paths_fit(#[case] request: &str, #[case] route: &str, #[case] whole: Option<bool>) {
        assert_eq!(fit(&asked(request), &route_segments(route)).map(|f| f.whole), whole);
    }

    #[test]
    fn the_written_route_is_better_than_the_open_one() {
        let a = fit(&asked("/wheels/new"), &route_segments("/wheels/new"));
        let b = fit(&asked("/wheels/new"), &route_segments("/wheels/<name>"));
        assert!(a > b && b.is_some());
    }
}
