//! Markdown out of comments in XML: what a member is for, its parameters, what it gives (ECMA-334, annex D).

use compass_trace::documentation::Documentation;
use quick_xml::Reader;
use quick_xml::events::{BytesStart, Event};

/// Comments of three slashes.
pub(crate) struct XmlComments;

impl Documentation for XmlComments {
    fn to_markdown(&self, comment: &str) -> Option<String> {
        let plain: Vec<&str> = comment.lines().map(|l| l.trim_start().trim_start_matches("///").trim_start_matches(['/', '*']).trim()).collect();
        let plain = plain.join("\n");
        if !plain.contains('<') {
            return None;
        }
        to_markdown(&plain)
    }
}

/// `None` for what is no XML: then it is read like any other comment.
fn to_markdown(text: &str) -> Option<String> {
    let mut reader = Reader::from_str(text);
    reader.config_mut().check_end_names = false;
    let mut out = String::new();
    loop {
        match reader.read_event().ok()? {
            Event::Eof => break,
            Event::Start(tag) => begin(&tag, &mut out),
            Event::Empty(tag) => out += &mention(&tag),
            Event::End(tag) => match tag.name().as_ref() {
                "c" | "paramref" => out.push('`'),
                "code" => out += "\n```\n",
                "summary" | "remarks" | "returns" | "value" | "example" | "para" | "param" | "typeparam" | "exception" => out += "\n\n",
                _ => {}
            },
            Event::Text(words) => out += &words,
            Event::CData(words) => out += &words,
            Event::GeneralRef(entity) => out.push(match &*entity {
                "lt" => '<',
                "gt" => '>',
                "amp" => '&',
                "quot" => '"',
                _ => '\'',
            }),
            _ => {}
        }
    }
    Some(out.trim().to_owned())
}

fn begin(tag: &BytesStart, out: &mut String) {
    match tag.name().as_ref() {
        "param" | "typeparam" => *out += &format!("\n- `{}`: ", attribute(tag, "name")),
        "returns" | "value" => *out += "\n- gives: ",
        "exception" => *out += &format!("\n- throws `{}`: ", last(&attribute(tag, "cref"))),
        "c" => out.push('`'),
        "code" => *out += "\n```\n",
        "remarks" | "example" | "para" => *out += "\n\n",
        _ => {}
    }
}

/// `<see cref="T:Larder.Rack"/>`, `<paramref name="depth"/>`, `<see langword="null"/>`.
fn mention(tag: &BytesStart) -> String {
    match tag.name().as_ref() {
        "see" | "seealso" | "paramref" | "typeparamref" => {
            let said = ["cref", "name", "langword", "href"].iter().map(|key| attribute(tag, key)).find(|v| !v.is_empty()).unwrap_or_default();
            format!("`{}`", last(&said))
        }
        "para" | "br" => "\n\n".to_owned(),
        _ => String::new(),
    }
}

fn attribute(tag: &BytesStart, key: &str) -> String {
    tag.try_get_attribute(key).ok().flatten().map(|a| a.value.into_owned()).unwrap_or_default()
}

/// A reference without the letter of its kind.
fn last(reference: &str) -> &str {
    reference.split_once(':').filter(|(kind, _)| kind.len() == 1).map_or(reference, |(_, name)| name)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::summary("/// <summary>\n/// Turns the wheel.\n/// </summary>", "Turns the wheel.")]
    #[case::parameters(
        "/// <summary>Turns.</summary>\n/// <param name=\"by\">How far, in <c>degrees</c>.</param>\n/// <returns>The <see cref=\"T:Larder.Rack\"/>.</returns>",
        "Turns.\n\n\n\n- `by`: How far, in `degrees`.\n\n\n\n- gives: The `Larder.Rack`."
    )]
    #[case::signs("/// <summary>a &lt; b</summary>", "a < b")]
    fn comments_become_markdown(#[case] comment: &str, #[case] wanted: &str) {
        assert_eq!(XmlComments.to_markdown(comment).as_deref(), Some(wanted));
    }

    #[rstest]
    #[case::plain("/// Turns the wheel.")]
    #[case::broken("/// a <b & c")]
    fn what_is_no_xml_is_left_to_others(#[case] comment: &str) {
        assert_eq!(XmlComments.to_markdown(comment), None);
    }
}
