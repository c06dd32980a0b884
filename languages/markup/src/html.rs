//! Pages and templates: one scan, no tree. An element's id and the name of a form's field are definitions; classes are used here and defined
//! by style sheets; files are brought in by links, scripts and the marked parts of templates.

mod page_names;
mod requests;
mod scan;
mod template;

use compass_facts::reading::{Builder, Lookup, NewDefinition, Place, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Import, ImportKind, Kind, Role, ScopeId, Shape, Span, Token, TokenClass};
use scan::Part;

/// What stands for the template above in types.
pub(crate) const ABOVE: &str = "<above>";

/// Attributes that name ids.
const ID_LISTS: [&str; 14] = [
    "for",
    "aria-labelledby",
    "aria-describedby",
    "aria-controls",
    "aria-owns",
    "aria-details",
    "aria-activedescendant",
    "list",
    "form",
    "headers",
    "popovertarget",
    "commandfor",
    "contextmenu",
    "itemref",
];
/// Attributes that name a file, or an element of the page.
const ADDRESSES: [&str; 9] = ["href", "src", "action", "data", "poster", "xlink:href", "data-src", "formaction", "hx-get"];
/// Elements whose `name` is a field of the form around.
const FIELDS: [&str; 5] = ["input", "select", "textarea", "button", "output"];
/// Endings of files that are read.
const READ: [&str; 16] = [".js", ".mjs", ".cjs", ".ts", ".jsx", ".tsx", ".css", ".scss", ".less", ".html", ".htm", ".xhtml", ".php", ".vue", ".svelte", ".py"];

/// State of the scan.
struct Reader<'t> {
    b: Builder<'t>,
    /// The element whose attributes are read.
    element: &'t str,
    /// Blocks, macros and named templates around, with the loops open within each before.
    opened: Vec<(Place, u32, DefId)>,
    /// Loops and conditions open within the innermost of them.
    depth: u32,
    /// Is anything opened?
    is_stacked: bool,
    /// What the element asks a server for.
    asked: requests::Asked,
}

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b, element: "", opened: Vec::new(), depth: 0, is_stacked: false, asked: requests::Asked::default() };
    scan::parts(text, &mut |part| reader.part(part));
    reader.close_all();
    requests::record_names(&mut reader.b);
    page_names::record(&mut reader.b);
    reader.b.finish()
}

/// Scripts within the page, and attributes that hold code.
pub(crate) fn code(text: &str) -> Vec<Span> {
    let mut out = Vec::new();
    scan::parts(text, &mut |part| match part {
        Part::Script(span) => out.push(span),
        Part::Attribute { name, value: Some(value) } => {
            let name = &text[name.start as usize..name.end as usize];
            if name.starts_with("on") || name.starts_with(['@', ':', '(', '[', '*']) || ["v-", "x-", "ng-", "hx-on"].iter().any(|p| name.starts_with(p)) {
                out.push(value);
            }
        }
        _ => {}
    });
    out
}

/// Classes of tokens: elements as keywords, values as texts.
pub(crate) fn tokens(text: &str) -> Vec<Token> {
    let mut out: Vec<Token> = Vec::new();
    scan::parts(text, &mut |part| {
        let token = match part {
            Part::Tag { name } | Part::Close { name } => Some((name, TokenClass::Keyword)),
            Part::Attribute { value: Some(value), .. } => Some((value, TokenClass::Text)),
            Part::Comment(span) => Some((span, TokenClass::Comment)),
            _ => None,
        };
        if let Some((span, class)) = token.filter(|(s, _)| out.last().is_none_or(|l| l.span.end <= s.start) && s.start < s.end) {
            out.push(Token { span, class });
        }
    });
    out
}

impl<'t> Reader<'t> {
    fn part(&mut self, part: Part) {
        match part {
            Part::Tag { name } => self.element = self.slice(name),
            Part::Attribute { name, value: Some(value) } => self.attribute(name, value),
            Part::Statement(span) => self.statement(span),
            Part::Expression(span) => self.expression(span),
            Part::Code(span) => self.code(span),
            Part::Style(span) => crate::css::read_part(&mut self.b, span),
            Part::TagEnd => self.asked.record(&mut self.b),
            Part::Close { .. } | Part::Attribute { .. } | Part::Script(_) | Part::Comment(_) => {}
        }
    }

    fn slice(&self, span: Span) -> &'t str {
        &self.b.text[span.start as usize..span.end as usize]
    }

    fn attribute(&mut self, name: Span, value: Span) {
        let attribute = self.slice(name).to_ascii_lowercase();
        let text = self.slice(value);
        let is_filled = ["{{", "{%", "<%"].iter().any(|m| text.contains(m));
        self.asked.note(&self.element.to_ascii_lowercase(), &attribute, name, value);
        match attribute.as_str() {
            "id" if !is_filled => self.define(text, value, Kind::Label),
            "name" if self.element.eq_ignore_ascii_case("a") && !is_filled => self.define(text, value, Kind::Label),
            "name" if !is_filled && FIELDS.iter().any(|f| self.element.eq_ignore_ascii_case(f)) => self.field(text, value),
            "class" | "classname" => self.words(value, Role::Type),
            "style" => crate::css::read_values(&mut self.b, value),
            _ if ID_LISTS.contains(&attribute.as_str()) && !is_filled => self.words(value, Role::Ref),
            _ if text.starts_with('#') && text.len() > 1 && !is_filled => {
                let id = Span { start: value.start + 1, end: value.end };
                if self.slice(id).chars().all(|c| c.is_alphanumeric() || matches!(c, '-' | '_' | ':' | '.')) {
                    self.b.add_use(self.slice(id), id, Role::Ref, Shape::Plain);
                }
            }
            _ if ADDRESSES.contains(&attribute.as_str()) => self.address(value, is_filled),
            _ => {}
        }
    }

    fn define(&mut self, name: &'t str, at: Span, kind: Kind) {
        if !name.is_empty() && !name.contains(char::is_whitespace) && self.b.find_in(ScopeId::FILE, name).is_none() {
            self.b.define_in(ScopeId::FILE, NewDefinition::new(name, kind, at, at));
        }
    }

    /// A field of a form: several elements may share one.
    fn field(&mut self, name: &'t str, at: Span) {
        let known = self.b.find_in(ScopeId::FILE, name).is_some_and(|d| self.b.def_mut(d).kind == Kind::Field);
        if known {
            self.b.add_use(name, at, Role::Ref, Shape::Plain);
        } else if !name.is_empty() {
            self.b.define_in(ScopeId::FILE, NewDefinition::new(name, Kind::Field, at, at));
        }
    }

    /// Words of a value that no template fills in.
    fn words(&mut self, value: Span, role: Role) {
        let text = self.slice(value);
        let mut at = 0;
        while at < text.len() {
            let rest = &text[at..];
            let blanks = rest.len() - rest.trim_start().len();
            if blanks > 0 {
                at += blanks;
                continue;
            }
            let place = value.start as usize + at;
            if let Some(end) = scan::mark(self.b.text, place, &mut |_| {}).filter(|_| rest.starts_with(['{', '<'])) {
                at = end - value.start as usize;
                continue;
            }
            let length = rest.find(|c: char| c.is_whitespace() || matches!(c, '{' | '<')).unwrap_or(rest.len()).max(1);
            let length = (length..=rest.len()).find(|l| rest.is_char_boundary(*l)).unwrap_or(rest.len());
            let word = &rest[..length];
            let is_part = ["{{", "<%="].iter().any(|m| rest[length..].starts_with(m)) || ["}}", "%>"].iter().any(|m| text[..at].ends_with(m));
            if !is_part && word.chars().next().is_some_and(|c| c.is_alphabetic() || matches!(c, '-' | '_')) {
                self.b.add_use(word, Span::new(place, place + length), role, Shape::Plain);
            }
            at += length;
        }
    }

    /// The address of a file that is read; others lead out of the code.
    fn address(&mut self, value: Span, is_filled: bool) {
        if is_filled {
            return;
        }
        let text = self.slice(value);
        let path = text.split(['?', '#']).next().unwrap_or(text);
        if text.contains("://") || text.starts_with("//") || text.starts_with("data:") || text.starts_with("mailto:") {
            return;
        }
        if READ.iter().any(|e| path.ends_with(e)) {
            let at = Span { start: value.start, end: value.start + path.len() as u32 };
            self.bring(at, ImportKind::Effect, value, false);
        }
    }

    /// Brings a file in by the path that stands in a place.
    fn bring(&mut self, path: Span, kind: ImportKind, whole: Span, system: bool) {
        let text = self.slice(path);
        // A path that a filter or sign completes is known at run time only.
        if text.is_empty() || text.contains(['{', '<', '%', '\n', '*']) {
            return;
        }
        if kind == ImportKind::Effect && !READ.iter().any(|e| text.ends_with(e)) {
            return;
        }
        let module = self.b.intern(text);
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind, module, name: None, bound: None, scope, span: whole, name_span: path, reexport: false, system });
    }
}
