//! Names that routes have by their paths: `/racks/{id}/slots` is `rack_slots`, `/racks/new` is `new_rack`.

/// A part of a path, and whether a value behind it picks one of what it names.
type Part<'p> = (&'p str, bool);

/// The name of a route out of a set of routes, by what it does.
pub(super) fn of_set(path: &str, action: &str) -> Option<String> {
    let (mut parts, _) = parts(path);
    match action {
        "new" | "edit" => {
            let (word, _) = parts.pop()?;
            let last = parts.last_mut()?;
            // Of a set of one the word stays.
            last.1 |= action == "new";
            Some(format!("{word}_{}", base(&parts)))
        }
        "index" | "create" => {
            let (last, one) = *parts.last()?;
            let name = base(&parts);
            Some(if !one && singular(last) == last && action == "index" { format!("{name}_index") } else { name })
        }
        _ => Some(base(&parts)).filter(|n| !n.is_empty()),
    }
}

/// The name of a route that is declared alone: within a set what it does stands first.
pub(super) fn of_one(path: &str, in_set: bool) -> Option<String> {
    let (mut parts, has_values) = parts(path);
    if parts.is_empty() {
        return (!has_values).then(|| "root".to_owned());
    }
    if in_set && parts.len() > 1 {
        let (action, _) = parts.pop()?;
        return Some(format!("{}_{}", word(action), base(&parts)));
    }
    (!has_values).then(|| base(&parts))
}

/// The words of a path; and whether it has values.
fn parts(path: &str) -> (Vec<Part<'_>>, bool) {
    let path = path.split('(').next().unwrap_or(path);
    let mut out: Vec<Part> = Vec::new();
    let mut has_values = false;
    for part in path.split('/').filter(|p| !p.is_empty()) {
        if part.starts_with([':', '{', '*', '<']) {
            has_values = true;
            out.iter_mut().last().into_iter().for_each(|l| l.1 = true);
        } else {
            out.push((part.split('.').next().unwrap_or(part), false));
        }
    }
    (out, has_values)
}

fn base(parts: &[Part]) -> String {
    let words: Vec<String> = parts.iter().map(|(p, one)| if *one { singular(&word(p)) } else { word(p) }).collect();
    words.join("_")
}

fn word(part: &str) -> String {
    part.replace('-', "_")
}

/// One of what a word in the plural names, by the common endings of English.
fn singular(word: &str) -> String {
    const AS_MANY: [&str; 4] = ["news", "series", "species", "status"];
    let ends = |end: &str| word.strip_suffix(end).filter(|stem| stem.len() > 1);
    if AS_MANY.iter().any(|w| word.ends_with(w)) || ["ss", "us", "is"].iter().any(|e| word.ends_with(e)) {
        return word.to_owned();
    }
    if let Some(stem) = ends("lves") {
        return format!("{stem}lf");
    }
    if let Some(stem) = ends("ies") {
        return format!("{stem}y");
    }
    for end in ["sses", "xes", "ches", "shes", "uses"] {
        if let Some(stem) = ends(end) {
            return format!("{stem}{}", &end[..end.len() - 2]);
        }
    }
    ends("s").unwrap_or(word).to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("/racks", "index", "racks")]
    #[case("/racks/{id}", "show", "rack")]
    #[case("/racks/new", "new", "new_rack")]
    #[case("/racks/{id}/edit", "edit", "edit_rack")]
    #[case("/racks/{id}/slots", "create", "rack_slots")]
    #[case("/admin/categories/{id}", "destroy", "admin_category")]
    #[case("/news", "index", "news_index")]
    #[case("/news/{id}", "show", "news")]
    #[case("/account/edit", "edit", "edit_account")]
    #[case("/issue_statuses/{id}", "update", "issue_status")]
    #[case("/boxes/{id}", "show", "box")]
    fn routes_of_sets(#[case] path: &str, #[case] action: &str, #[case] name: &str) {
        assert_eq!(of_set(path, action).as_deref(), Some(name));
    }

    #[rstest]
    #[case("/racks/late", true, Some("late_racks"))]
    #[case("/racks/{id}/turn", true, Some("turn_rack"))]
    #[case("/health", false, Some("health"))]
    #[case("/admin/info", false, Some("admin_info"))]
    #[case("/racks/:id/gone", false, None)]
    #[case("/", false, Some("root"))]
    fn routes_alone(#[case] path: &str, #[case] in_set: bool, #[case] name: Option<&str>) {
        assert_eq!(of_one(path, in_set).as_deref(), name);
    }
}
