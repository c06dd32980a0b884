//! A scene as PDF: the same picture, the glyphs that are used embedded, text that can be searched and copied.

use crate::scene::{FONT_PT, Ink, Scene, Shape};
use pdf_writer::types::{CidFontType, FontFlags, SystemInfo, UnicodeCmap};
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

/// Writes a scene as one page of its size.
///
/// # Errors
/// [`PdfError`] when the font that is part of the program is damaged.
pub fn to_pdf(scene: &Scene) -> Result<Vec<u8>, PdfError> {
    let mut fonts =
        [Font::new("DejaVuSansMono", b"Regular", dejavu::sans_mono::regular())?, Font::new("DejaVuSansMono-Bold", b"Bold", dejavu::sans_mono::bold())?];
    let content = content(scene, &mut fonts);
    let mut refs = (1..).map(Ref::new);
    let mut next = || refs.next().expect("numbers do not end");
    let (catalog, pages, page, contents) = (next(), next(), next(), next());
    let ids: Vec<[Ref; 5]> = fonts.iter().map(|_| [next(), next(), next(), next(), next()]).collect();
    let mut pdf = Pdf::new();
    pdf.catalog(catalog).pages(pages);
    pdf.pages(pages).kids([page]).count(1);
    let mut sheet = pdf.page(page);
    sheet.media_box(Rect::new(0.0, 0.0, scene.width as f32, scene.height as f32)).parent(pages).contents(contents);
    let mut resources = sheet.resources();
    let mut named = resources.fonts();
    for (font, ids) in fonts.iter().zip(&ids) {
        named.pair(Name(font.resource), ids[0]);
    }
    named.finish();
    resources.finish();
    sheet.finish();
    pdf.stream(contents, &content);
    for (font, ids) in fonts.iter().zip(&ids) {
        embed(&mut pdf, font, *ids)?;
    }
    Ok(pdf.finish())
}

/// Drawing orders; the page counts from the bottom.
fn content(scene: &Scene, fonts: &mut [Font; 2]) -> Vec<u8> {
    let mut content = Content::new();
    let up = |y: f64| (scene.height - y) as f32;
    fill(&mut content, Ink::Paper);
    content.rect(0.0, 0.0, scene.width as f32, scene.height as f32).fill_nonzero();
    for shape in &scene.shapes {
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
