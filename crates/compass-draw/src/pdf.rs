//! A scene as PDF: the same picture, the glyphs that are used embedded, text that can be searched and copied.

use crate::scene::{FONT_PT, Ink, Scene, Shape};
use pdf_writer::types::{ActionType, AnnotationType, CidFontType, FontFlags, SystemInfo, UnicodeCmap};
use pdf_writer::{Content, Finish, Name, Pdf, Rect, Ref, Str};
use std::collections::BTreeMap;
use subsetter::GlyphRemapper;
use ttf_parser::Face;

/// Why a scene could not be written.
#[derive(Debug, thiserror::Error)]
pub enum PdfError {
    /// The font that is part of the program cannot be used.
    #[error("the font {name} cannot be used: {why}")]
    Font {
        /// Which.
        name: &'static str,
        /// What is wrong.
        why: String,
    },
}

/// A font of the page: glyphs are renumbered to those that are used.
struct Font {
    name: &'static str,
    resource: &'static [u8],
    data: &'static [u8],
    face: Face<'static>,
    glyphs: GlyphRemapper,
    letters: BTreeMap<u16, char>,
}

impl Font {
    fn new(name: &'static str, resource: &'static [u8], data: &'static [u8]) -> Result<Font, PdfError> {
        let face = Face::parse(data, 0).map_err(|e| PdfError::Font { name, why: e.to_string() })?;
        Ok(Font { name, resource, data, face, glyphs: GlyphRemapper::new(), letters: BTreeMap::new() })
    }

    /// Numbers of glyphs, two bytes each; letters the font lacks show as a box.
    fn encode(&mut self, text: &str) -> Vec<u8> {
        let mut out = Vec::with_capacity(text.len() * 2);
        for letter in text.chars() {
            let glyph = self.face.glyph_index(letter).map_or(0, |g| g.0);
            let number = self.glyphs.remap(glyph);
            self.letters.entry(number).or_insert(letter);
            out.extend(number.to_be_bytes());
        }
        out
    }
}

/// Pages are at most this much higher than they are wide, as sheets of paper are.
const MOST_HEIGHT: f64 = std::f64::consts::SQRT_2;
/// Narrow pictures get pages of this height all the same: half a sheet of A4 is no page.
const LEAST_HEIGHT_PT: f64 = 842.0;

/// How high a page is where there are several.
fn paper_height(scene: &Scene) -> f64 {
    (scene.width * MOST_HEIGHT).max(LEAST_HEIGHT_PT)
}

/// A page, and what of the picture is on it.
struct Paper {
    top: f64,
    end: f64,
    height: f64,
}

impl Paper {
    /// A height in the picture as PDF counts it: from the bottom of the page.
    fn up(&self, y: f64) -> f32 {
        (self.height - (y - self.top)) as f32
    }
}

/// Where pages begin and end, from the top: between lines of text.
fn page_breaks(scene: &Scene) -> Vec<(f64, f64)> {
    let most = paper_height(scene);
    let mut covered: Vec<(f64, f64)> =
        scene.shapes.iter().filter_map(|s| if let Shape::Text { y, .. } = s { Some((y - FONT_PT, y + 3.0)) } else { None }).collect();
    covered.sort_by(|a, b| a.0.total_cmp(&b.0));
    let mut out = Vec::new();
    let mut top = 0.0;
    while scene.height - top > most {
        let mut end = top + most;
        for (from, to) in covered.iter().rev() {
            if *from < end && end < *to {
                end = *from;
            }
        }
        // A text higher than a page would not end: such a page is cut.
        let end = if end > top + most / 2.0 { end } else { top + most };
        out.push((top, end));
        top = end;
    }
    out.push((top, scene.height));
    out
}

/// Writes a scene: one page of its size, or several where it is higher than paper is.
///
/// # Errors
/// [`PdfError`] when the font that is part of the program is damaged.
pub fn to_pdf(scene: &Scene) -> Result<Vec<u8>, PdfError> {
    let mut fonts =
        [Font::new("DejaVuSansMono", b"Regular", dejavu::sans_mono::regular())?, Font::new("DejaVuSansMono-Bold", b"Bold", dejavu::sans_mono::bold())?];
    let breaks = page_breaks(scene);
    // Pages of one document are of one size.
    let height = if breaks.len() > 1 { paper_height(scene) } else { scene.height };
    let contents: Vec<Vec<u8>> =
        breaks.iter().enumerate().map(|(n, page)| content(scene, &Paper { top: page.0, end: page.1, height }, (n + 1, breaks.len()), &mut fonts)).collect();
    let mut refs = (1..).map(Ref::new);
    let mut next = || refs.next().expect("numbers do not end");
    let (catalog, pages) = (next(), next());
    let sheets: Vec<(Ref, Ref)> = breaks.iter().map(|_| (next(), next())).collect();
    let ids: Vec<[Ref; 5]> = fonts.iter().map(|_| [next(), next(), next(), next(), next()]).collect();
    let mut pdf = Pdf::new();
    pdf.catalog(catalog).pages(pages);
    pdf.pages(pages).kids(sheets.iter().map(|s| s.0)).count(sheets.len() as i32);
    for (((page, stream), extent), content) in sheets.iter().zip(&breaks).zip(&contents) {
        let mut sheet = pdf.page(*page);
        sheet.media_box(Rect::new(0.0, 0.0, scene.width as f32, height as f32)).parent(pages).contents(*stream);
        let mut resources = sheet.resources();
        let mut named = resources.fonts();
        for (font, ids) in fonts.iter().zip(&ids) {
            named.pair(Name(font.resource), ids[0]);
        }
        named.finish();
        resources.finish();
        let links = links(scene, &Paper { top: extent.0, end: extent.1, height });
        let ids: Vec<Ref> = links.iter().map(|_| next()).collect();
        sheet.annotations(ids.iter().copied());
        sheet.finish();
        for ((rect, place), id) in links.into_iter().zip(ids) {
            let mut link = pdf.annotation(id);
            link.subtype(AnnotationType::Link).rect(rect).border(0.0, 0.0, 0.0, None);
            link.action().action_type(ActionType::Uri).uri(Str(crate::svg::target(place).as_bytes()));
        }
        pdf.stream(*stream, content);
    }
    for (font, ids) in fonts.iter().zip(&ids) {
        embed(&mut pdf, font, *ids)?;
    }
    Ok(pdf.finish())
}

/// What leads to places on the page between two heights, with its rectangle as PDF counts: from the bottom.
fn links<'s>(scene: &'s Scene, paper: &Paper) -> Vec<(Rect, &'s str)> {
    let up = |y: f64| paper.up(y);
    let on_page = |s: &Shape| match s {
        Shape::Link { y, .. } => *y >= paper.top && *y < paper.end,
        _ => false,
    };
    scene
        .shapes
        .iter()
        .filter(|s| on_page(s))
        .filter_map(|s| match s {
            Shape::Link { x, y, width, height, place } => Some((Rect::new(*x as f32, up(y + height), (x + width) as f32, up(*y)), place.as_str())),
            _ => None,
        })
        .collect()
}

/// Drawing orders of one page; it counts from the bottom.
fn content(scene: &Scene, paper: &Paper, (number, of): (usize, usize), fonts: &mut [Font; 2]) -> Vec<u8> {
    let mut content = Content::new();
    let up = |y: f64| paper.up(y);
    fill(&mut content, Ink::Paper);
    content.rect(0.0, 0.0, scene.width as f32, paper.height as f32).fill_nonzero();
    if of > 1 {
        let told = format!("{number} of {of}");
        let font = &mut fonts[0];
        let encoded = font.encode(&told);
        fill(&mut content, Ink::Dim);
        let x = scene.width - 16.0 - told.len() as f64 * crate::scene::ADVANCE_PT;
        content.begin_text().set_font(Name(font.resource), FONT_PT as f32).next_line(x as f32, 8.0).show(Str(&encoded)).end_text();
    }
    for shape in scene.shapes.iter().filter(|s| is_on(s, paper.top, paper.end)) {
        match shape {
            Shape::Box { x, y, width, height, fill: ink } => {
                fill(&mut content, *ink);
                content.rect(*x as f32, up(y + height), *width as f32, *height as f32).fill_nonzero();
            }
            Shape::Line { x1, y1, x2, y2, ink, dashed } => {
                let [r, g, b] = rgb(*ink);
                content.set_stroke_rgb(r, g, b).set_line_width(1.0);
                content.set_dash_pattern(if *dashed { vec![2.0, 3.0] } else { vec![] }, 0.0);
                content.move_to(*x1 as f32, up(*y1)).line_to(*x2 as f32, up(*y2)).stroke();
            }
            Shape::Link { .. } => {}
            Shape::Text { x, y, text, ink, bold } => {
                let font = &mut fonts[usize::from(*bold)];
                let encoded = font.encode(text);
                fill(&mut content, *ink);
                content.begin_text().set_font(Name(font.resource), FONT_PT as f32).next_line(*x as f32, up(*y)).show(Str(&encoded)).end_text();
            }
        }
    }
    content.finish().to_vec()
}

/// Does a shape reach onto the page between two heights?
fn is_on(shape: &Shape, top: f64, end: f64) -> bool {
    let (from, to) = match shape {
        Shape::Box { y, height, .. } | Shape::Link { y, height, .. } => (*y, y + height),
        Shape::Line { y1, y2, .. } => (y1.min(*y2), y1.max(*y2)),
        Shape::Text { y, .. } => (y - FONT_PT, y + 3.0),
    };
    to > top && from < end
}

fn rgb(ink: Ink) -> [f32; 3] {
    let value = u32::from_str_radix(&ink.hex()[1..], 16).unwrap_or(0);
    [16, 8, 0].map(|shift| ((value >> shift) & 0xff) as f32 / 255.0)
}

fn fill(content: &mut Content, ink: Ink) {
    let [r, g, b] = rgb(ink);
    content.set_fill_rgb(r, g, b);
}

/// Writes a font: its glyphs by number, and which letters they are.
fn embed(pdf: &mut Pdf, font: &Font, ids: [Ref; 5]) -> Result<(), PdfError> {
    let [whole, glyphs, descriptor, file, letters] = ids;
    let system = || SystemInfo { registry: Str(b"Adobe"), ordering: Str(b"Identity"), supplement: 0 };
    let units = f32::from(font.face.units_per_em());
    let scaled = |value: i16| f32::from(value) * 1000.0 / units;
    let name = Name(font.name.as_bytes());
    pdf.type0_font(whole).base_font(name).encoding_predefined(Name(b"Identity-H")).descendant_font(glyphs).to_unicode(letters);
    let width = font.face.glyph_index('m').and_then(|g| font.face.glyph_hor_advance(g)).map_or(602.0, |w| f32::from(w) * 1000.0 / units);
    let mut cid = pdf.cid_font(glyphs);
    cid.subtype(CidFontType::Type2).base_font(name).system_info(system()).font_descriptor(descriptor).default_width(width);
    cid.cid_to_gid_map_predefined(Name(b"Identity"));
    // Some readers of PDF overlook the default width: every glyph gets its own.
    cid.widths().same(0, font.glyphs.num_gids().saturating_sub(1), width);
    cid.finish();
    let bbox = font.face.global_bounding_box();
    pdf.font_descriptor(descriptor)
        .name(name)
        .flags(FontFlags::FIXED_PITCH | FontFlags::SYMBOLIC)
        .bbox(Rect::new(scaled(bbox.x_min), scaled(bbox.y_min), scaled(bbox.x_max), scaled(bbox.y_max)))
        .italic_angle(0.0)
        .ascent(scaled(font.face.ascender()))
        .descent(scaled(font.face.descender()))
        .cap_height(scaled(font.face.capital_height().unwrap_or(1493)))
        .stem_v(80.0)
        .font_file2(file);
    let used = subsetter::subset(font.data, 0, &font.glyphs).map_err(|e| PdfError::Font { name: font.name, why: e.to_string() })?;
    pdf.stream(file, &used);
    let mut map = UnicodeCmap::new(Name(b"Letters"), system());
    for (number, letter) in &font.letters {
        map.pair(*number, *letter);
    }
    pdf.cmap(letters, &map.finish());
    Ok(())
}

#[cfg(test)]
mod tests {
    use super::*;

    fn scene(height: f64) -> Scene {
        let lines = (height / 16.0) as usize - 1;
        let text = |n: usize| Shape::Text { x: 10.0, y: 20.0 + 16.0 * n as f64, text: format!("line {n}"), ink: Ink::Text, bold: false };
        Scene { width: 400.0, height, title: "lines".into(), shapes: (0..lines).map(text).collect() }
    }

    #[test]
    fn what_is_higher_than_paper_goes_on_on_further_pages_between_lines() {
        assert_eq!(page_breaks(&scene(800.0)).len(), 1);
        let scene = scene(4000.0);
        let pages = page_breaks(&scene);
        assert!(pages.len() == 5 && pages[0].0 == 0.0 && pages[4].1 == scene.height, "{pages:?}");
        assert!(pages.windows(2).all(|p| p[0].1 == p[1].0));
        for shape in &scene.shapes {
            let Shape::Text { y, .. } = shape else { continue };
            assert!(pages.iter().any(|(top, end)| y - FONT_PT >= *top && y + 3.0 <= *end), "the line at {y} is cut: {pages:?}");
        }
        let pdf = to_pdf(&scene).expect("pages");
        let text = String::from_utf8_lossy(&pdf);
        assert!(text.contains("/Count 5"));
    }
}
