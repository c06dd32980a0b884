//! Replaces macros in a run of tokens and records every step.
//!
//! # How it works
//! A stack of contexts, each the tokens that one replacement left, feeds a reader of tokens. While a context stands on the stack its macro is
//! not replaced; a name met meanwhile is *painted* and never replaced later either. A context that is used up is taken off when the next token
//! is asked for, also while arguments are collected: a call may begin in a replacement and take its parentheses from the text behind it.
//! Arguments are replaced completely by themselves first, as C demands, but only where the body uses them so; that work is recorded once and
//! copied to each place the argument goes to.

use super::definition::{Definition, Item, ItemKind, Table};
use crate::lexer::CLexer;
use compass_expand::{MAX_STEPS, MAX_TOKENS, MAX_WORK, Note, Part, Place, Record, Step, StepNo, Token, TokenId, TokenKind};
use rustc_hash::FxHashMap;
use std::sync::Arc;

/// Nested replacements deeper than this end the unfolding: each level is a level of our own stack only where arguments nest.
const MAX_NESTED_ARGUMENTS: usize = 200;

/// What the expander must know of texts.
pub trait Lines {
    /// The line of a place, counted from 1.
    fn line(&self, place: Place) -> u32;
    /// The path of a text as `__FILE__` shows it.
    fn path(&self, place: Place) -> String;
}

/// No texts: what `__LINE__` and `__FILE__` become is of no account.
pub struct NoLines;

impl Lines for NoLines {
    fn line(&self, _: Place) -> u32 {
        0
    }

    fn path(&self, _: Place) -> String {
        String::new()
    }
}

#[derive(Debug)]
struct Context {
    items: Vec<TokenId>,
    at: usize,
    disables: Option<Arc<str>>,
    /// Nothing below may be read: the end of an argument.
    barrier: bool,
}

/// An argument of a call.
#[derive(Debug, Default)]
struct Argument {
    raw: Vec<TokenId>,
    replaced: Option<Run>,
    /// Not even empty: the comma before it is missing too.
    omitted: bool,
}

/// The replacement of an argument by itself.
#[derive(Debug, Clone)]
struct Run {
    end: Vec<TokenId>,
    steps: Vec<Step>,
}

/// A piece of a result while `##` is still to be done.
#[derive(Debug, Clone, Copy)]
struct Piece {
    /// None for an argument that is empty.
    token: Option<TokenId>,
    pastes: bool,
}

/// See the module.
pub struct Expander<'a> {
    /// What happened.
    pub record: Record,
    /// What could not be done.
    pub notes: Vec<Note>,
    /// The next value of `__COUNTER__`.
    pub counter: u32,
    table: &'a Table,
    lines: &'a dyn Lines,
    contexts: Vec<Context>,
    input: std::vec::IntoIter<TokenId>,
    disabled: FxHashMap<Arc<str>, u32>,
    collecting: u32,
    nested: usize,
    carried_blank: bool,
    only: Option<usize>,
    line_of: Option<Place>,
    /// Tokens that steps took and gave so far.
    work: usize,
}

impl<'a> Expander<'a> {
    /// An expander for the definitions in `table`.
    pub fn new(table: &'a Table, lines: &'a dyn Lines) -> Self {
        Expander {
            record: Record::default(),
            notes: Vec::new(),
            counter: 0,
            table,
            lines,
            contexts: Vec::new(),
            input: Vec::new().into_iter(),
            disabled: FxHashMap::default(),
            collecting: 0,
            nested: 0,
            carried_blank: false,
            only: None,
            line_of: None,
            work: 0,
        }
    }

    /// Stops after the first call that can be replaced: [`Self::consumed`] then tells how much of the input that took.
    pub fn only_first_call(mut self) -> Self {
        self.only = Some(0);
        self
    }

    /// Replaces macros in `written` to the end and gives what stands there then. The record's start is what was read of `written`.
    pub fn run(&mut self, written: Vec<Token>) -> Vec<TokenId> {
        let ids: Vec<TokenId> = written.into_iter().map(|t| self.record.add(t)).collect();
        self.record.start = ids.clone();
        self.input = ids.into_iter();
        let mut out = Vec::new();
        while let Some(token) = self.next_replaced() {
            out.push(token);
            if self.only.is_some() && self.contexts.iter().all(|c| c.at >= c.items.len()) {
                break;
            }
        }
        if self.only.is_some() {
            let unread = self.input.len();
            let read = self.record.start.len() - unread;
            self.record.start.truncate(read);
        }
        out
    }

    fn read(&mut self) -> Option<TokenId> {
        loop {
            let Some(top) = self.contexts.last_mut() else {
                return self.input.next();
            };
            if let Some(id) = top.items.get(top.at) {
                top.at += 1;
                return Some(*id);
            }
            if top.barrier {
                return None;
            }
            self.pop();
        }
    }

    fn pop(&mut self) {
        if let Some(context) = self.contexts.pop()
            && let Some(name) = context.disables
            && let Some(count) = self.disabled.get_mut(&name)
        {
            *count -= 1;
        }
    }

    fn unread(&mut self, id: TokenId) {
        self.contexts.push(Context { items: vec![id], at: 0, disables: None, barrier: false });
    }

    fn next_replaced(&mut self) -> Option<TokenId> {
        loop {
            let id = self.read()?;
            // `__LINE__` is the line of the outermost macro's name.
            if self.nested == 0 && self.record.token(id).part == Part::Written {
                self.line_of = self.record.token(id).place;
            }
            if self.record.token(id).kind == TokenKind::Name && !self.record.token(id).painted && self.replaces(id) {
                continue;
            }
            if std::mem::take(&mut self.carried_blank) {
                self.record.tokens[id.index()].spaced = true;
            }
            return Some(id);
        }
    }

    /// Replaces the macro the token names, if it names one that may be replaced here.
    fn replaces(&mut self, id: TokenId) -> bool {
        let name = self.record.token(id).text.clone();
        let Some(definition) = self.table.get(&name).cloned() else { return self.replaces_computed(id, &name) };
        if self.disabled.get(&name).is_some_and(|n| *n > 0) {
            self.record.tokens[id.index()].painted = true;
            return false;
        }
        if self.collecting > 0 {
            return false;
        }
        if self.is_full() || self.nested >= MAX_NESTED_ARGUMENTS {
            self.note_too_much(&name);
            return false;
        }
        self.enter(id, &definition)
    }

    /// Is there no room for more?
    fn is_full(&self) -> bool {
        self.record.tokens.len() >= MAX_TOKENS || self.record.steps.len() >= MAX_STEPS || self.work >= MAX_WORK
    }

    fn note_too_much(&mut self, name: &Arc<str>) {
        if !self.notes.iter().any(|n| matches!(n, Note::TooMuch { .. })) {
            self.notes.push(Note::TooMuch { name: name.clone() });
        }
    }

    /// `__LINE__` and its kin.
    fn replaces_computed(&mut self, id: TokenId, name: &str) -> bool {
        if self.collecting > 0 || !name.starts_with("__") {
            return false;
        }
        let place = self.line_of.or(self.record.token(id).place);
        let Some(text) = self.computed(name, place) else { return false };
        let kind = if text.starts_with('"') { TokenKind::Text } else { TokenKind::Number };
        let token = self.record.token(id);
        let made = Token {
            text: text.into(),
            kind,
            part: Part::Computed,
            parent: None,
            place: None,
            step: Some(StepNo(self.record.steps.len() as u32)),
            ..token.clone()
        };
        let made = self.record.add(made);
        self.record.steps.push(Step { by: name.into(), rule: 0, defined: None, parameters: Arc::default(), consumed: vec![id], produced: vec![made] });
        self.contexts.push(Context { items: vec![made], at: 0, disables: None, barrier: false });
        true
    }

    fn computed(&mut self, name: &str, place: Option<Place>) -> Option<String> {
        match name {
            "__LINE__" => Some(self.lines.line(place?).to_string()),
            "__FILE__" | "__BASE_FILE__" => Some(format!("\"{}\"", self.lines.path(place?).replace('\\', "\\\\").replace('"', "\\\""))),
            "__COUNTER__" => {
                self.counter += 1;
                Some((self.counter - 1).to_string())
            }
            _ => None,
        }
    }

    fn enter(&mut self, id: TokenId, definition: &Arc<Definition>) -> bool {
        let (mut consumed, mut arguments) = (vec![id], Vec::new());
        if let Some(parameters) = &definition.parameters {
            self.collecting += 1;
            let collected = self.collect(definition, parameters.len(), &mut consumed);
            self.collecting -= 1;
            match collected {
                Some(found) => arguments = found,
                None => return false,
            }
        }
        self.substitute(definition, consumed, arguments);
        true
    }

    /// Reads the arguments of a call; on failure everything read is put back.
    fn collect(&mut self, definition: &Definition, takes: usize, consumed: &mut Vec<TokenId>) -> Option<Vec<Argument>> {
        let open = self.read()?;
        if !self.record.token(open).is("(") {
            self.unread(open);
            return None;
        }
        consumed.push(open);
        let mut arguments = vec![Argument::default()];
        let mut depth = 0usize;
        loop {
            let Some(id) = self.read() else {
                self.notes.push(Note::Unclosed { name: definition.name.clone() });
                return self.put_back(&consumed[1..]);
            };
            consumed.push(id);
            // A name met here while its macro is being replaced stays as it is for good.
            let name = self.record.token(id).text.clone();
            if self.disabled.get(&name).is_some_and(|n| *n > 0) && self.record.token(id).kind == TokenKind::Name {
                self.record.tokens[id.index()].painted = true;
            }
            let token = self.record.token(id);
            let rest = definition.variadic && arguments.len() == takes;
            match &*token.text {
                ")" if depth == 0 => break,
                "," if depth == 0 && !rest => {
                    arguments.push(Argument::default());
                    continue;
                }
                "(" => depth += 1,
                ")" => depth -= 1,
                _ => {}
            }
            arguments.last_mut().expect("there is always one argument open").raw.push(id);
        }
        self.check_count(definition, takes, &mut arguments).or_else(|| self.put_back(&consumed[1..]))?;
        Some(arguments)
    }

    fn check_count(&mut self, definition: &Definition, takes: usize, arguments: &mut Vec<Argument>) -> Option<()> {
        if takes == 0 && arguments.len() == 1 && arguments[0].raw.is_empty() {
            arguments.clear();
        }
        if definition.variadic && arguments.len() + 1 == takes {
            arguments.push(Argument { omitted: true, ..Argument::default() });
        }
        if definition.variadic && takes == 1 && arguments[0].raw.is_empty() {
            arguments[0].omitted = true;
        }
        if arguments.len() == takes {
            return Some(());
        }
        let takes = takes - usize::from(definition.variadic);
        self.notes.push(Note::ArgumentCount { name: definition.name.clone(), takes, given: arguments.len() });
        None
    }

    /// Puts tokens back, to be read again without being replaced by the same call.
    fn put_back<T>(&mut self, ids: &[TokenId]) -> Option<T> {
        self.contexts.push(Context { items: ids.to_vec(), at: 0, disables: None, barrier: false });
        None
    }

    fn substitute(&mut self, definition: &Arc<Definition>, consumed: Vec<TokenId>, arguments: Vec<Argument>) {
        let mut arguments = arguments;
        for (n, argument) in arguments.iter_mut().enumerate() {
            if uses_replaced(&definition.body, n as u16) {
                argument.replaced = Some(self.replace_argument(&argument.raw));
            }
        }
        let step = StepNo(self.record.steps.len() as u32);
        let name = self.record.token(consumed[0]).clone();
        let defined = definition.place;
        let parameters = definition.parameters.as_deref().unwrap_or_default().into();
        self.record.steps.push(Step { by: definition.name.clone(), rule: 0, defined, parameters, consumed, produced: Vec::new() });
        let uses = (0..arguments.len()).map(|n| count_replaced(&definition.body, n as u16)).collect();
        let mut substitution = Substitution { expander: self, definition, arguments: &mut arguments, uses, step, shown: Vec::new() };
        let pieces = substitution.body(&definition.body);
        let mut shown = substitution.shown;
        let items = self.paste(pieces, step, &mut shown);
        match items.first() {
            Some(first) => self.record.tokens[first.index()].spaced = name.spaced,
            None => self.carried_blank |= name.spaced,
        }
        if let Some(first) = shown.first() {
            self.record.tokens[first.index()].spaced = name.spaced;
        }
        self.work += shown.len() + self.record.steps[step.0 as usize].consumed.len();
        self.record.steps[step.0 as usize].produced = shown;
        *self.disabled.entry(definition.name.clone()).or_default() += 1;
        self.contexts.push(Context { items, at: 0, disables: Some(definition.name.clone()), barrier: false });
    }

    /// Replaces macros in an argument by itself.
    fn replace_argument(&mut self, raw: &[TokenId]) -> Run {
        let first = self.record.steps.len();
        let saved = (std::mem::take(&mut self.carried_blank), self.collecting);
        self.collecting = 0;
        self.nested += 1;
        let floor = self.contexts.len();
        self.contexts.push(Context { items: raw.to_vec(), at: 0, disables: None, barrier: true });
        let mut end = Vec::new();
        while let Some(id) = self.next_replaced() {
            end.push(id);
        }
        while self.contexts.len() > floor {
            self.pop();
        }
        self.nested -= 1;
        (self.carried_blank, self.collecting) = saved;
        Run { end, steps: self.record.steps.split_off(first) }
    }

    /// Copies tokens of an argument into a result.
    fn copy(&mut self, ids: &[TokenId], argument: u16, step: StepNo) -> Vec<TokenId> {
        let copies =
            ids.iter().map(|id| Token { part: Part::Argument(argument), parent: Some(*id), second: None, step: Some(step), ..self.record.token(*id).clone() });
        let copies: Vec<Token> = copies.collect();
        copies.into_iter().map(|t| self.record.add(t)).collect()
    }

    /// Copies an argument and the steps of its replacement: gives what is shown right after the call's own step, and the end.
    fn copy_run(&mut self, raw: &[TokenId], run: &Run, argument: u16, step: StepNo) -> (Vec<TokenId>, Vec<TokenId>) {
        let shown = self.copy(raw, argument, step);
        let size: usize = run.steps.iter().map(|s| s.consumed.len() + s.produced.len()).sum();
        self.work += size;
        if self.is_full() && !run.steps.is_empty() {
            // No room for its steps: it stands as it was given, and nothing in it is replaced later either.
            self.note_too_much(&run.steps[0].by.clone());
            for id in &shown {
                self.record.tokens[id.index()].painted = true;
            }
            return (shown.clone(), shown);
        }
        let mut copied: FxHashMap<TokenId, TokenId> = raw.iter().copied().zip(shown.iter().copied()).collect();
        for original in &run.steps {
            let number = StepNo(self.record.steps.len() as u32);
            let produced: Vec<TokenId> = original
                .produced
                .iter()
                .map(|id| {
                    let token = Token { step: Some(number), ..self.record.token(*id).clone() };
                    let parent = token.parent.map(|p| copied.get(&p).copied().unwrap_or(p));
                    let copy = self.record.add(Token { parent, ..token });
                    copied.insert(*id, copy);
                    copy
                })
                .collect();
            let consumed = original.consumed.iter().map(|id| copied.get(id).copied().unwrap_or(*id)).collect();
            self.record.steps.push(Step { consumed, produced, ..original.clone() });
        }
        for id in &run.end {
            let painted = self.record.token(*id).painted;
            if let Some(copy) = copied.get(id) {
                self.record.tokens[copy.index()].painted |= painted;
            }
        }
        let end = run.end.iter().map(|id| copied.get(id).copied().unwrap_or(*id)).collect();
        (shown, end)
    }

    /// As [`Self::copy_run`] for an argument that is used nowhere else: its steps are taken over as they are.
    fn move_run(&mut self, raw: &[TokenId], run: Run, argument: u16, step: StepNo) -> (Vec<TokenId>, Vec<TokenId>) {
        let shown = self.copy(raw, argument, step);
        let given: FxHashMap<TokenId, TokenId> = raw.iter().copied().zip(shown.iter().copied()).collect();
        let of = |id: TokenId| given.get(&id).copied().unwrap_or(id);
        for mut inner in run.steps {
            let number = StepNo(self.record.steps.len() as u32);
            inner.consumed.iter_mut().for_each(|id| *id = of(*id));
            for id in &inner.produced {
                let token = &mut self.record.tokens[id.index()];
                token.step = Some(number);
                token.parent = token.parent.map(of);
            }
            self.record.steps.push(inner);
        }
        for id in &run.end {
            if let Some(copy) = given.get(id) {
                let painted = self.record.token(*id).painted;
                self.record.tokens[copy.index()].painted |= painted;
            }
        }
        let end = run.end.iter().map(|id| of(*id)).collect();
        (shown, end)
    }

    /// Does what `##` asks for.
    fn paste(&mut self, pieces: Vec<Piece>, step: StepNo, shown: &mut Vec<TokenId>) -> Vec<TokenId> {
        let mut out: Vec<TokenId> = Vec::new();
        let mut pieces = pieces.into_iter();
        while let Some(mut left) = pieces.next() {
            while left.pastes
                && let Some(right) = pieces.next()
            {
                left = match (left.token, right.token) {
                    (Some(a), Some(b)) => match self.pasted(a, b, step) {
                        Some(made) => {
                            replace_shown(shown, a, b, made);
                            Piece { token: Some(made), pastes: right.pastes }
                        }
                        None => {
                            out.push(a);
                            right
                        }
                    },
                    (a, b) => Piece { token: a.or(b), pastes: right.pastes },
                };
            }
            out.extend(left.token);
        }
        out
    }

    fn pasted(&mut self, a: TokenId, b: TokenId, step: StepNo) -> Option<TokenId> {
        let (left, right) = (self.record.token(a), self.record.token(b));
        let text = format!("{}{}", left.text, right.text);
        let mut lexed = CLexer::new(&text, false);
        let whole = lexed.next().filter(|t| t.span.len() as usize == text.len() && t.kind != TokenKind::Other);
        let Some(whole) = whole else {
            self.notes.push(Note::NotAToken { text });
            return None;
        };
        let made = Token {
            kind: whole.kind,
            spaced: left.spaced,
            painted: false,
            place: left.place,
            part: Part::Pasted,
            parent: Some(a),
            second: Some(b),
            step: Some(step),
            text: text.into(),
        };
        Some(self.record.add(made))
    }

    fn stringified(&self, raw: &[TokenId]) -> String {
        let mut text = String::from("\"");
        for (n, id) in raw.iter().enumerate() {
            let token = self.record.token(*id);
            if n > 0 && token.spaced {
                text.push(' ');
            }
            let quoted = matches!(token.kind, TokenKind::Text | TokenKind::Char);
            for c in token.text.chars() {
                if quoted && matches!(c, '"' | '\\') {
                    text.push('\\');
                }
                text.push(c);
            }
        }
        // A lone backslash at the end would swallow the quote.
        let slashes = text.chars().rev().take_while(|c| *c == '\\').count();
        if slashes % 2 == 1 {
            text.pop();
        }
        text.push('"');
        text
    }
}

fn replace_shown(shown: &mut Vec<TokenId>, a: TokenId, b: TokenId, made: TokenId) {
    if let Some(at) = shown.iter().position(|t| *t == a) {
        shown[at] = made;
        if shown.get(at + 1) == Some(&b) {
            shown.remove(at + 1);
        }
    }
}

/// Does the body use the argument after its replacement (not only beside `#` and `##`)?
fn uses_replaced(items: &[Item], n: u16) -> bool {
    count_replaced(items, n) > 0
}

/// How often it does.
fn count_replaced(items: &[Item], n: u16) -> usize {
    let mut after_paste = false;
    let of = |item: &Item| {
        let beside = std::mem::replace(&mut after_paste, item.pastes) || item.pastes;
        match &item.kind {
            ItemKind::Parameter(p) => usize::from(*p == n && !beside),
            ItemKind::Optional { items, .. } => count_replaced(items, n),
            _ => 0,
        }
    };
    items.iter().map(of).sum()
}

/// The filling of one body.
struct Substitution<'e, 'a> {
    expander: &'e mut Expander<'a>,
    definition: &'e Definition,
    arguments: &'e mut [Argument],
    /// How often the body uses each argument after its replacement, and has not yet.
    uses: Vec<usize>,
    step: StepNo,
    /// What a reader sees right after this step: arguments as they were given.
    shown: Vec<TokenId>,
}

impl Substitution<'_, '_> {
    fn body(&mut self, items: &[Item]) -> Vec<Piece> {
        let mut pieces: Vec<Piece> = Vec::new();
        let mut carried = false;
        for (n, item) in items.iter().enumerate() {
            let pasted_to = n > 0 && items[n - 1].pastes;
            let from = pieces.len();
            match &item.kind {
                ItemKind::Token { text, kind } => {
                    let id = self.made(text.clone(), *kind, item, Part::Body);
                    pieces.push(Piece { token: Some(id), pastes: item.pastes });
                }
                ItemKind::Stringify(p) => {
                    let text = self.expander.stringified(&self.arguments[*p as usize].raw);
                    let id = self.made(text.into(), TokenKind::Text, item, Part::Text);
                    self.expander.record.tokens[id.index()].parent = self.arguments[*p as usize].raw.first().copied();
                    pieces.push(Piece { token: Some(id), pastes: item.pastes });
                }
                ItemKind::Parameter(p) => self.parameter(*p, item, pasted_to, items.get(n.wrapping_sub(1)), &mut pieces),
                ItemKind::Optional { items: inner, stringify } => self.optional(inner, *stringify, item, &mut pieces),
            }
            // Blanks before something that turned out empty stand before what follows.
            match pieces.get(from).and_then(|p| p.token) {
                Some(first) if std::mem::take(&mut carried) => self.expander.record.tokens[first.index()].spaced = true,
                None if !item.pastes => carried |= item.spaced,
                _ => {}
            }
        }
        pieces
    }

    fn made(&mut self, text: Arc<str>, kind: TokenKind, item: &Item, part: Part) -> TokenId {
        let place = self.definition.place.map(|p| Place { source: p.source, span: item.span });
        let token = Token { text, kind, spaced: item.spaced, painted: false, place, part, parent: None, second: None, step: Some(self.step) };
        let id = self.expander.record.add(token);
        self.shown.push(id);
        id
    }

    fn parameter(&mut self, p: u16, item: &Item, pasted_to: bool, before: Option<&Item>, pieces: &mut Vec<Piece>) {
        let variadic = self.definition.variadic && p as usize + 1 == self.arguments.len();
        let argument = &mut self.arguments[p as usize];
        let after_comma = before.is_some_and(|b| b.pastes && matches!(&b.kind, ItemKind::Token { text, .. } if &**text == ","));
        if pasted_to
            && variadic
            && after_comma
            && let Some(comma) = pieces.last_mut()
        {
            // GNU: the comma goes when nothing follows it, and is not pasted when something does.
            comma.pastes = false;
            if argument.omitted {
                let gone = pieces.pop().and_then(|p| p.token);
                self.shown.retain(|t| Some(*t) != gone);
            }
        }
        let raw = item.pastes || pasted_to;
        let left = &mut self.uses[p as usize];
        *left = left.saturating_sub(usize::from(!raw));
        let is_last = *left == 0 && !self.definition.body.iter().any(|i| matches!(i.kind, ItemKind::Optional { .. }));
        let ids = match (argument.replaced.take_if(|_| is_last && !raw), &argument.replaced, raw) {
            (Some(run), _, _) => {
                let (shown, end) = self.expander.move_run(&argument.raw, run, p, self.step);
                self.shown.extend(shown.iter());
                if let Some(first) = shown.first() {
                    self.expander.record.tokens[first.index()].spaced = item.spaced;
                }
                end
            }
            (None, Some(run), false) => {
                let (shown, end) = self.expander.copy_run(&argument.raw, run, p, self.step);
                self.shown.extend(shown.iter());
                if let Some(first) = shown.first() {
                    self.expander.record.tokens[first.index()].spaced = item.spaced;
                }
                end
            }
            _ => {
                let copies = self.expander.copy(&argument.raw, p, self.step);
                self.shown.extend(copies.iter());
                copies
            }
        };
        if let Some(first) = ids.first() {
            self.expander.record.tokens[first.index()].spaced = item.spaced;
        }
        let last = ids.len().saturating_sub(1);
        pieces.extend(ids.iter().enumerate().map(|(n, id)| Piece { token: Some(*id), pastes: item.pastes && n == last }));
        if ids.is_empty() && raw {
            pieces.push(Piece { token: None, pastes: item.pastes });
        }
    }

    fn optional(&mut self, inner: &[Item], stringify: bool, item: &Item, pieces: &mut Vec<Piece>) {
        let rest = self.arguments.last();
        let filled = rest.is_some_and(|a| a.replaced.as_ref().map_or(!a.raw.is_empty(), |r| !r.end.is_empty()));
        let from = self.shown.len();
        let mut made = if filled { self.body(inner) } else { Vec::new() };
        if stringify {
            let shown = &mut self.shown;
            let ids = self.expander.paste(std::mem::take(&mut made), self.step, shown);
            let text = self.expander.stringified(&ids);
            self.shown.truncate(from);
            let id = self.made(text.into(), TokenKind::Text, item, Part::Text);
            made = vec![Piece { token: Some(id), pastes: false }];
        }
        if let Some(first) = made.first().and_then(|p| p.token) {
            self.expander.record.tokens[first.index()].spaced = item.spaced;
        }
        match made.last_mut() {
            Some(last) => last.pastes = item.pastes,
            None => made.push(Piece { token: None, pastes: item.pastes }),
        }
        pieces.extend(made);
    }
}
