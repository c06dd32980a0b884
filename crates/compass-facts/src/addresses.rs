//! Addresses in texts.

use std::borrow::Cow;

/// The path that a query hands to the program before it, without its first slash: of `index.php?route=/racks&day=1` that is `racks`. None
/// where no parameter is a path, or more than one.
#[must_use]
pub fn path_in_query(query: &str) -> Option<Cow<'_, str>> {
    let query = query.split('#').next().unwrap_or_default();
    let mut paths = query.split('&').filter_map(|parameter| {
        let value = parameter.split_once('=')?.1;
        ["/", "%2F", "%2f"].iter().find_map(|slash| value.strip_prefix(slash))
    });
    let path = paths.next().filter(|path| paths.next().is_none() && !path.starts_with('/'))?;
    Some(if path.contains('%') { Cow::Owned(path.replace("%2F", "/").replace("%2f", "/")) } else { Cow::Borrowed(path) })
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::alone("route=/racks", Some("racks"))]
    #[case::among_others("day=1&route=/racks/turn&now#top", Some("racks/turn"))]
    #[case::as_signs("route=%2Fracks%2fturn", Some("racks/turn"))]
    #[case::top("route=/", Some(""))]
    #[case::two("from=/racks&to=/shelves", None)]
    #[case::a_host("to=//larder.example", None)]
    #[case::none("day=1", None)]
    fn one_parameter_may_be_a_path(#[case] query: &str, #[case] wanted: Option<&str>) {
        assert_eq!(path_in_query(query).as_deref(), wanted);
    }
}
