//! A scene as SVG, with its font inside so that it looks the same everywhere.

use crate::scene::{ADVANCE_PT, FONT_PT, Scene, Shape};
use base64::Engine as _;
use base64::engine::general_purpose::STANDARD;
use std::fmt::Write as _;

const FAMILY: &str = "Drawing Mono";

/// Writes a scene; the fonts that are used are part of the text.
pub fn to_svg(scene: &Scene) -> String {
    let bold = scene.shapes.iter().any(|s| matches!(s, Shape::Text { bold: true, .. }));
    let mut style = face("normal", dejavu::sans_mono::regular());
    if bold {
        style += &face("bold", dejavu::sans_mono::bold());
    }
    written(scene, FAMILY, &format!("<style>{style}</style>\n"))
}

fn face(weight: &str, font: &[u8]) -> String {
    format!("@font-face{{font-family:\"{FAMILY}\";font-weight:{weight};src:url(data:font/ttf;base64,{}) format(\"truetype\")}}", STANDARD.encode(font))
}

/// Writes a scene that names a font by family; `head` stands before the shapes.
pub(crate) fn written(scene: &Scene, family: &str, head: &str) -> String {
    let (w, h) = (number(scene.width), number(scene.height));
    let mut out = format!(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{w}pt\" height=\"{h}pt\" viewBox=\"0 0 {w} {h}\" role=\"img\" font-family=\"{family}, 'DejaVu Sans Mono', monospace\" font-size=\"{FONT_PT}\">\n<title>{}</title>\n{head}<rect width=\"{w}\" height=\"{h}\" fill=\"{}\"/>\n",
        escaped(&scene.title),
        crate::Ink::Paper.hex(),
    );
    for shape in &scene.shapes {
        let _ = match shape {
            Shape::Box { x, y, width, height, fill } => {
                writeln!(
                    out,
                    "<rect x=\"{}\" y=\"{}\" width=\"{}\" height=\"{}\" rx=\"3\" fill=\"{}\"/>",
                    number(*x),
                    number(*y),
                    number(*width),
                    number(*height),
                    fill.hex()
                )
            }
            Shape::Link { x, y, width, height, place } => {
                let (x, y, w, h) = (number(*x), number(*y), number(*width), number(*height));
                let (to, label) = (escaped(&target(place)), escaped(place));
                writeln!(out, "<a href=\"{to}\" aria-label=\"{label}\"><rect x=\"{x}\" y=\"{y}\" width=\"{w}\" height=\"{h}\" fill-opacity=\"0\"/></a>")
            }
            Shape::Line { x1, y1, x2, y2, ink, dashed } => {
                let dash = if *dashed { " stroke-dasharray=\"2 3\"" } else { "" };
                let (a, b, c, d) = (number(*x1), number(*y1), number(*x2), number(*y2));
                writeln!(out, "<line x1=\"{a}\" y1=\"{b}\" x2=\"{c}\" y2=\"{d}\" stroke=\"{}\"{dash}/>", ink.hex())
            }
            Shape::Text { x, y, text, ink, bold } => {
                let weight = if *bold { " font-weight=\"bold\"" } else { "" };
                // The length is told, so that another font keeps the layout.
                let length = number(text.chars().count() as f64 * ADVANCE_PT);
                writeln!(
                    out,
                    "<text x=\"{}\" y=\"{}\" fill=\"{}\" textLength=\"{length}\"{weight} xml:space=\"preserve\">{}</text>",
                    number(*x),
                    number(*y),
                    ink.hex(),
                    escaped(text)
                )
            }
        };
    }
    out + "</svg>\n"
}

/// What a place is as the target of a link: `src/rack.rs:12` is `src/rack.rs#L12`, below the folder that was indexed.
pub(crate) fn target(place: &str) -> String {
    let mut out = String::with_capacity(place.len());
    let (path, line) = match place.rsplit_once(':').filter(|(_, l)| !l.is_empty() && l.bytes().all(|b| b.is_ascii_digit())) {
        Some((path, line)) => (path, Some(line)),
        None => (place, None),
    };
    for byte in path.bytes() {
        match byte {
            b'/' | b'.' | b'-' | b'_' | b'~' => out.push(byte as char),
            b if b.is_ascii_alphanumeric() => out.push(b as char),
            b => {
                let _ = write!(out, "%{b:02X}");
            }
        }
    }
    if let Some(line) = line {
        let _ = write!(out, "#L{line}");
    }
    out
}

fn number(value: f64) -> String {
    let text = format!("{value:.2}");
    text.trim_end_matches('0').trim_end_matches('.').to_owned()
}

fn escaped(text: &str) -> String {
    text.replace('&', "&amp;").replace('<', "&lt;").replace('>', "&gt;").replace('"', "&quot;")
}
