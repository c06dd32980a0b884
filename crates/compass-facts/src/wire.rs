//! Facts as bytes, small and quick to read: uses and definitions as differences to those before, the rest as [`postcard`] has it.
//!
//! A use takes 4 to 6 bytes, a definition about 12; general-purpose compression over that halves it again. What other files may
//! ask for comes first, so that it can be read alone.

use crate::*;
use serde::{Deserialize, Serialize};

/// What comes first: enough to read definitions and uses.
#[derive(Serialize, Deserialize)]
struct Head<'b> {
    names: &'b str,
    lengths: Vec<u32>,
    definitions: u32,
    uses: u32,
    /// What other files may ask for.
    outer: Outer,
    /// Bytes of [`Rest`].
    rest: u32,
    /// Are there members of types that are defined elsewhere? Their names can be told from the rest only.
    extends: bool,
}

/// What comes behind the definitions.
#[derive(Serialize, Deserialize)]
struct Rest {
    scopes: Vec<Scope>,
    imports: Vec<Import>,
    exports: Vec<Export>,
    /// Those other files may ask for.
    types: Vec<TypeExpr>,
    bases: Vec<(DefId, TypeId)>,
    defaults: Vec<(DefId, TypeId)>,
    extensions: Vec<Extension>,
    signatures: Vec<(DefId, NameId)>,
    made: Vec<(DefId, NameId)>,
    pasted: Vec<NameId>,
    conditions: Vec<Condition>,
    gaps: Vec<Gap>,
    signals: Vec<Signal>,
    lines: u32,
}

/// What comes last, behind the uses.
#[derive(Deserialize)]
struct Inner {
    types: Vec<TypeExpr>,
    arguments: Vec<(UseId, Vec<TypeId>)>,
    #[serde(deserialize_with = "crate::model::flow::unpack")]
    flows: Vec<Flow>,
    hidden: Vec<NameId>,
    hides_more: bool,
}

/// Why bytes are no facts.
#[derive(Debug, thiserror::Error)]
pub enum WireError {
    /// They end too soon, or say what cannot be.
    #[error("the bytes are no facts")]
    Shape,
}

impl From<postcard::Error> for WireError {
    fn from(_: postcard::Error) -> Self {
        WireError::Shape
    }
}

/// The bytes of facts.
///
/// # Errors
/// Never for facts that a reader made.
pub fn encode(facts: &Facts) -> Result<Vec<u8>, WireError> {
    let mut head = Head {
        names: facts.names.text(),
        lengths: facts.names.lengths(),
        definitions: facts.definitions.len() as u32,
        uses: facts.uses.len() as u32,
        outer: facts.outer,
        rest: 0,
        extends: !facts.extensions.is_empty(),
    };
    let outer_types = (facts.outer.types as usize).min(facts.types.len());
    let rest = RestRef {
        scopes: &facts.scopes,
        imports: &facts.imports,
        exports: &facts.exports,
        types: &facts.types[..outer_types],
        bases: &facts.bases,
        defaults: &facts.defaults,
        extensions: &facts.extensions,
        signatures: &facts.signatures,
        made: &facts.made,
        pasted: &facts.pasted,
        conditions: &facts.conditions,
        gaps: &facts.gaps,
        signals: &facts.signals,
        lines: facts.lines,
    };
    let rest = postcard::to_extend(&rest, Vec::new())?;
    head.rest = rest.len() as u32;
    let inner =
        InnerRef { types: &facts.types[outer_types..], arguments: &facts.arguments, flows: &facts.flows, hidden: &facts.hidden, hides_more: facts.hides_more };
    let mut out = Writer(postcard::to_extend(&head, Vec::with_capacity(facts.uses.len() * 6 + 256))?);
    definitions_out(&facts.definitions, &mut out);
    out.0.extend_from_slice(&rest);
    uses_out(facts, &mut out);
    Ok(postcard::to_extend(&inner, out.0)?)
}

/// The facts of bytes.
///
/// # Errors
/// [`WireError::Shape`] for bytes that [`encode`] did not make.
pub fn decode(bytes: &[u8]) -> Result<Facts, WireError> {
    let (head, mut input) = begin(bytes)?;
    let names = NameTable::from_lengths(head.names.to_owned(), &head.lengths).ok_or(WireError::Shape)?;
    let mut definitions = Vec::with_capacity(head.definitions as usize);
    definitions_in(head.definitions, &mut input, &mut |d| definitions.push(d))?;
    let rest = rest_in(&head, &mut input)?;
    let mut uses = Vec::with_capacity(head.uses as usize);
    let length = |name: NameId| names.get(name).len() as u32;
    uses_in(head.uses, &length, &mut input, &mut |u| {
        uses.push(u);
        true
    })?;
    let inner: Inner = postcard::from_bytes(&input.bytes[input.at..])?;
    let mut types = rest.types;
    types.extend(inner.types);
    Ok(Facts {
        names,
        scopes: rest.scopes,
        definitions,
        uses,
        imports: rest.imports,
        exports: rest.exports,
        types,
        bases: rest.bases,
        defaults: rest.defaults,
        extensions: rest.extensions,
        signatures: rest.signatures,
        made: rest.made,
        pasted: rest.pasted,
        arguments: inner.arguments,
        flows: inner.flows,
        hidden: inner.hidden,
        hides_more: inner.hides_more,
        conditions: rest.conditions,
        gaps: rest.gaps,
        signals: rest.signals,
        outer: head.outer,
        lines: rest.lines,
    })
}

/// What [`Facts::into_outer`] leaves of the facts of bytes, read without the rest. Whole facts where nothing is told apart.
///
/// # Errors
/// [`WireError::Shape`] for bytes that [`encode`] did not make.
pub fn decode_outer(bytes: &[u8]) -> Result<Facts, WireError> {
    let (head, mut input) = begin(bytes)?;
    let lengths = &head.lengths[..(head.outer.names as usize).min(head.lengths.len())];
    let text = head.names.get(..lengths.iter().map(|l| *l as usize).sum()).ok_or(WireError::Shape)?;
    let names = NameTable::from_lengths(text.to_owned(), lengths).ok_or(WireError::Shape)?;
    let count = head.outer.definitions.min(head.definitions);
    let mut definitions = Vec::with_capacity(count as usize);
    definitions_in(head.definitions, &mut input, &mut |d| {
        if definitions.len() < count as usize {
            definitions.push(d);
        }
    })?;
    let rest = rest_in(&head, &mut input)?;
    Ok(Facts {
        names,
        scopes: rest.scopes,
        definitions,
        imports: rest.imports,
        exports: rest.exports,
        types: rest.types,
        bases: rest.bases,
        defaults: rest.defaults,
        extensions: rest.extensions,
        signatures: rest.signatures,
        made: rest.made,
        pasted: rest.pasted,
        conditions: rest.conditions,
        gaps: rest.gaps,
        signals: rest.signals,
        outer: head.outer,
        lines: rest.lines,
        ..Facts::default()
    })
}

fn rest_in(head: &Head, input: &mut Input) -> Result<Rest, WireError> {
    let bytes = input.skip(head.rest)?;
    Ok(postcard::from_bytes(bytes)?)
}

fn begin(bytes: &[u8]) -> Result<(Head<'_>, Input<'_>), WireError> {
    let (head, tail): (Head, &[u8]) = postcard::take_from_bytes(bytes)?;
    // A count that the bytes cannot hold is no reason to ask for memory.
    if (head.definitions as usize) > tail.len() || (head.uses as usize) > tail.len() {
        return Err(WireError::Shape);
    }
    Ok((head, Input { bytes: tail, at: 0 }))
}

/// A use looked at by itself.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct PickedUse {
    /// The name used.
    pub name: String,
    /// Its token.
    pub span: Span,
    /// What is done with it.
    pub role: Role,
    /// The definition it stands in, and the names of what is around that, outermost first, its own last.
    pub enclosing: Option<(DefId, Vec<String>)>,
}

/// Some uses out of the bytes of facts, without making facts of all of them. `wanted` is sorted. `None` where only the
/// whole facts tell how a definition around one of them is called.
///
/// # Errors
/// [`WireError::Shape`] for bytes that [`encode`] did not make, or uses they do not have.
pub fn pick_uses(bytes: &[u8], wanted: &[UseId]) -> Result<Option<Vec<PickedUse>>, WireError> {
    let (head, mut input) = begin(bytes)?;
    if head.extends {
        return Ok(None);
    }
    let mut starts = Vec::with_capacity(head.lengths.len() + 1);
    starts.push(0u32);
    head.lengths.iter().for_each(|l| starts.push(starts[starts.len() - 1].saturating_add(*l)));
    let name = |id: NameId| starts.get(id.index()).zip(starts.get(id.index() + 1)).and_then(|(a, b)| head.names.get(*a as usize..*b as usize));
    let mut around: Vec<(NameId, Option<DefId>)> = Vec::with_capacity(head.definitions as usize);
    definitions_in(head.definitions, &mut input, &mut |d| around.push((d.name, d.container)))?;
    input.skip(head.rest)?;
    let mut picked = Vec::with_capacity(wanted.len());
    let (mut at, mut left) = (0u32, wanted.iter().copied().peekable());
    let length = |id: NameId| head.lengths.get(id.index()).copied().unwrap_or(0);
    uses_in(head.uses, &length, &mut input, &mut |u| {
        if left.next_if_eq(&UseId(at)).is_some() {
            picked.push(u);
        }
        at += 1;
        left.peek().is_some()
    })?;
    if picked.len() != wanted.len() {
        return Err(WireError::Shape);
    }
    let mut out = Vec::with_capacity(picked.len());
    for u in picked {
        let enclosing = match u.enclosing {
            Some(def) => match path_to(def, &around, &name) {
                Some(path) => Some((def, path)),
                None => return Ok(None),
            },
            None => None,
        };
        out.push(PickedUse { name: name(u.name).ok_or(WireError::Shape)?.to_owned(), span: u.span, role: u.role, enclosing });
    }
    Ok(Some(out))
}

/// Nobody nests definitions deeper than this.
const MOST_AROUND: usize = 64;

/// The names around a definition and its own; `None` where one of those around has none.
fn path_to<'b>(def: DefId, around: &[(NameId, Option<DefId>)], name: &dyn Fn(NameId) -> Option<&'b str>) -> Option<Vec<String>> {
    let (own, mut at) = *around.get(def.index())?;
    let mut path = vec![name(own)?.to_owned()];
    while let Some(container) = at {
        let (id, next) = *around.get(container.index())?;
        path.push(name(id).filter(|n| !n.is_empty())?.to_owned());
        // Damaged bytes must not lead in a circle.
        if path.len() >= MOST_AROUND {
            return None;
        }
        at = next;
    }
    path.reverse();
    Some(path)
}

/// [`Rest`] borrowed; the fields must stand in the same order.
#[derive(Serialize)]
struct RestRef<'f> {
    scopes: &'f [Scope],
    imports: &'f [Import],
    exports: &'f [Export],
    types: &'f [TypeExpr],
    bases: &'f [(DefId, TypeId)],
    defaults: &'f [(DefId, TypeId)],
    extensions: &'f [Extension],
    signatures: &'f [(DefId, NameId)],
    made: &'f [(DefId, NameId)],
    pasted: &'f [NameId],
    conditions: &'f [Condition],
    gaps: &'f [Gap],
    signals: &'f [Signal],
    lines: u32,
}

/// [`Inner`] borrowed; the fields must stand in the same order.
#[derive(Serialize)]
struct InnerRef<'f> {
    types: &'f [TypeExpr],
    arguments: &'f [(UseId, Vec<TypeId>)],
    #[serde(serialize_with = "crate::model::flow::pack")]
    flows: &'f [Flow],
    hidden: &'f [NameId],
    hides_more: bool,
}

struct Writer(Vec<u8>);

impl Writer {
    fn byte(&mut self, byte: u8) {
        self.0.push(byte);
    }

    fn number(&mut self, mut n: u32) {
        while n >= 0x80 {
            self.0.push(n as u8 | 0x80);
            n >>= 7;
        }
        self.0.push(n as u8);
    }

    fn change(&mut self, from: u32, to: u32) {
        let delta = to.wrapping_sub(from) as i32;
        self.number((delta << 1 ^ delta >> 31) as u32);
    }
}

struct Input<'b> {
    bytes: &'b [u8],
    at: usize,
}

impl<'b> Input<'b> {
    /// The next bytes, passed over.
    fn skip(&mut self, count: u32) -> Result<&'b [u8], WireError> {
        let end = self.at.checked_add(count as usize).ok_or(WireError::Shape)?;
        let skipped = self.bytes.get(self.at..end).ok_or(WireError::Shape)?;
        self.at = end;
        Ok(skipped)
    }

    fn byte(&mut self) -> Result<u8, WireError> {
        let byte = *self.bytes.get(self.at).ok_or(WireError::Shape)?;
        self.at += 1;
        Ok(byte)
    }

    fn number(&mut self) -> Result<u32, WireError> {
        let mut n = 0u32;
        for shift in (0..35).step_by(7) {
            let byte = self.byte()?;
            n |= u32::from(byte & 0x7f).checked_shl(shift).unwrap_or(0);
            if byte & 0x80 == 0 {
                return Ok(n);
            }
        }
        Err(WireError::Shape)
    }

    fn change(&mut self, from: u32) -> Result<u32, WireError> {
        let n = self.number()?;
        Ok(from.wrapping_add((n >> 1) ^ (n & 1).wrapping_neg()))
    }
}

const BODY: u8 = 1;
const DOC: u8 = 2;
const INNER: u8 = 4;
const TYPE: u8 = 8;
const CONTAINER: u8 = 16;
const SCOPE: u8 = 32;
const CALLABLE: u8 = 64;
const VISIBLE: u8 = 128;

fn definitions_out(definitions: &[Definition], out: &mut Writer) {
    let (mut at, mut scope, mut container, mut inner, mut name) = (0, 0, 0, 0, 0);
    for d in definitions {
        let mut marks = 0;
        for (yes, mark) in [
            (d.body.is_some(), BODY),
            (d.doc.is_some(), DOC),
            (d.inner.is_some(), INNER),
            (d.ty.is_some(), TYPE),
            (d.container.is_some(), CONTAINER),
            (d.scope.0 != scope, SCOPE),
            (d.arity != 0 || d.required != 0 || d.signature != 0, CALLABLE),
            (d.visible_from != 0, VISIBLE),
        ] {
            if yes {
                marks |= mark;
            }
        }
        out.byte(marks);
        out.byte(d.kind.number());
        out.number(u32::from(d.flags.0));
        out.change(name, d.name.0);
        name = d.name.0;
        out.change(at, d.name_span.start);
        at = d.name_span.start;
        out.number(d.name_span.len());
        out.change(d.name_span.start, d.whole.start);
        out.change(d.name_span.end, d.whole.end);
        for span in [d.body, d.doc].into_iter().flatten() {
            out.change(d.name_span.start, span.start);
            out.number(span.len());
        }
        if d.scope.0 != scope {
            out.change(scope, d.scope.0);
            scope = d.scope.0;
        }
        if let Some(i) = d.inner {
            out.change(inner, i.0);
            inner = i.0;
        }
        if let Some(c) = d.container {
            out.change(container, c.0);
            container = c.0;
        }
        if let Some(t) = d.ty {
            out.number(t.0);
        }
        if marks & CALLABLE != 0 {
            out.byte(d.arity);
            out.byte(d.required);
            out.number(d.signature);
        }
        if d.visible_from != 0 {
            out.change(d.name_span.end, d.visible_from);
        }
    }
}

fn definitions_in(count: u32, input: &mut Input, take: &mut impl FnMut(Definition)) -> Result<(), WireError> {
    let (mut at, mut scope, mut container, mut inner, mut name) = (0, 0, 0, 0, 0);
    for _ in 0..count {
        let marks = input.byte()?;
        let kind = Kind::from_number(input.byte()?).ok_or(WireError::Shape)?;
        let flags = Flags(u16::try_from(input.number()?).map_err(|_| WireError::Shape)?);
        name = input.change(name)?;
        at = input.change(at)?;
        let name_span = span(at, input.number()?)?;
        let whole = Span { start: input.change(name_span.start)?, end: input.change(name_span.end)? };
        let mut further = |mark: u8| -> Result<Option<Span>, WireError> {
            if marks & mark == 0 {
                return Ok(None);
            }
            let start = input.change(name_span.start)?;
            span(start, input.number()?).map(Some)
        };
        let (body, doc) = (further(BODY)?, further(DOC)?);
        if marks & SCOPE != 0 {
            scope = input.change(scope)?;
        }
        if marks & INNER != 0 {
            inner = input.change(inner)?;
        }
        if marks & CONTAINER != 0 {
            container = input.change(container)?;
        }
        let ty = if marks & TYPE != 0 { Some(TypeId(input.number()?)) } else { None };
        let (arity, required, signature) = if marks & CALLABLE != 0 { (input.byte()?, input.byte()?, input.number()?) } else { (0, 0, 0) };
        let visible_from = if marks & VISIBLE != 0 { input.change(name_span.end)? } else { 0 };
        take(Definition {
            name: NameId(name),
            kind,
            flags,
            name_span,
            whole,
            body,
            doc,
            scope: ScopeId(scope),
            inner: (marks & INNER != 0).then_some(ScopeId(inner)),
            container: (marks & CONTAINER != 0).then_some(DefId(container)),
            ty,
            visible_from,
            arity,
            required,
            signature,
        });
    }
    Ok(())
}

fn span(start: u32, len: u32) -> Result<Span, WireError> {
    Ok(Span { start, end: start.checked_add(len).ok_or(WireError::Shape)? })
}

const LOCAL: u8 = 64;
const MORE: u8 = 128;
const OTHER_SCOPE: u8 = 1;
const OTHER_ENCLOSING: u8 = 2;
const NO_ENCLOSING: u8 = 4;
const OTHER_LENGTH: u8 = 8;
const ARGS: u8 = 16;

fn uses_out(facts: &Facts, out: &mut Writer) {
    let (mut at, mut scope, mut enclosing, mut local, mut ty) = (0, 0, None, 0, 0);
    for u in &facts.uses {
        let (shape, payload) = match u.shape {
            Shape::Plain => (0, None),
            Shape::Tag => (1, None),
            Shape::Member(t) => (2, Some(t.0)),
            Shape::Key(t) => (3, Some(t.0)),
            Shape::Import(i) => (4, Some(i.0)),
        };
        let mut more = 0;
        if u.scope.0 != scope {
            more |= OTHER_SCOPE;
        }
        if u.enclosing != enclosing {
            more |= if u.enclosing.is_some() { OTHER_ENCLOSING } else { NO_ENCLOSING };
        }
        if u.span.len() as usize != facts.name(u.name).len() {
            more |= OTHER_LENGTH;
        }
        if u.args != 0 {
            more |= ARGS;
        }
        let mut marks = u.role.number() | shape << 3;
        marks |= if u.local.is_some() { LOCAL } else { 0 };
        marks |= if more != 0 { MORE } else { 0 };
        out.byte(marks);
        if more != 0 {
            out.byte(more);
        }
        out.change(at, u.span.start);
        at = u.span.start;
        out.number(u.name.0);
        if more & OTHER_LENGTH != 0 {
            out.number(u.span.len());
        }
        if more & OTHER_SCOPE != 0 {
            out.change(scope, u.scope.0);
            scope = u.scope.0;
        }
        if let (Some(e), true) = (u.enclosing, more & OTHER_ENCLOSING != 0) {
            out.number(e.0);
        }
        enclosing = u.enclosing;
        if let Some(l) = u.local {
            out.change(local, l.0);
            local = l.0;
        }
        if let Some(p) = payload {
            out.change(ty, p);
            ty = p;
        }
        if u.args != 0 {
            out.byte(u.args);
        }
    }
}

/// Reads uses until `take` has seen enough. `length` tells how long a name is.
fn uses_in(count: u32, length: &impl Fn(NameId) -> u32, input: &mut Input, take: &mut impl FnMut(Use) -> bool) -> Result<(), WireError> {
    let (mut at, mut scope, mut enclosing, mut local, mut ty) = (0, 0, None, 0, 0);
    for _ in 0..count {
        let marks = input.byte()?;
        let role = Role::from_number(marks & 7).ok_or(WireError::Shape)?;
        let more = if marks & MORE != 0 { input.byte()? } else { 0 };
        at = input.change(at)?;
        let name = NameId(input.number()?);
        let len = if more & OTHER_LENGTH != 0 { input.number()? } else { length(name) };
        if more & OTHER_SCOPE != 0 {
            scope = input.change(scope)?;
        }
        if more & OTHER_ENCLOSING != 0 {
            enclosing = Some(DefId(input.number()?));
        } else if more & NO_ENCLOSING != 0 {
            enclosing = None;
        }
        if marks & LOCAL != 0 {
            local = input.change(local)?;
        }
        let shape = marks >> 3 & 7;
        if shape >= 2 {
            ty = input.change(ty)?;
        }
        let shape = match shape {
            0 => Shape::Plain,
            1 => Shape::Tag,
            2 => Shape::Member(TypeId(ty)),
            3 => Shape::Key(TypeId(ty)),
            4 => Shape::Import(ImportId(ty)),
            _ => return Err(WireError::Shape),
        };
        let args = if more & ARGS != 0 { input.byte()? } else { 0 };
        if !take(Use { name, span: span(at, len)?, scope: ScopeId(scope), role, shape, enclosing, local: (marks & LOCAL != 0).then_some(DefId(local)), args }) {
            break;
        }
    }
    Ok(())
}
