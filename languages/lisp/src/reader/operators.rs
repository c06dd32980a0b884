//! Lists that are evaluated: what each operator of the standard does with the forms behind it.

use super::Reader;
use super::forms::{FormId, Shape};
use super::symbols::Symbol;
use compass_facts::{Kind, Role, Shape as Reach};
use rustc_hash::FxHashSet;
use std::sync::LazyLock;

/// Operators that read like words of the language: they are no calls of anything.
static KEYWORDS: LazyLock<FxHashSet<&'static str>> = LazyLock::new(|| include_str!("../data/keywords.txt").split_whitespace().collect());

/// Is it a word of the language, as it is written?
pub(super) fn is_keyword(word: &str) -> bool {
    KEYWORDS.contains(word.strip_prefix("cl:").unwrap_or(word))
}

/// Does the first argument of an operator bind names, by the standard or by the way operators are called?
pub(super) fn binds_first(name: &str) -> bool {
    let by_name = |n: &str| n.starts_with("with-") || n.starts_with("do-") || n.ends_with("-let") || n.ends_with("-let*") || n.ends_with("-bind");
    matches!(
        name,
        "let"
            | "let*"
            | "flet"
            | "labels"
            | "macrolet"
            | "symbol-macrolet"
            | "lambda"
            | "do"
            | "do*"
            | "dolist"
            | "dotimes"
            | "prog"
            | "prog*"
            | "destructuring-bind"
    ) || by_name(name)
}

impl<'t> Reader<'t> {
    /// A list that is evaluated.
    pub(super) fn list(&mut self, id: FormId) {
        let Some(op) = self.operator(id) else {
            // `((lambda (x) x) 1)`, or a list of lists in what a macro is given.
            let parts = self.parts(id);
            return self.walk_all(&parts);
        };
        if self.local_function(&op).is_some() {
            return self.called(id, &op);
        }
        if self.defines(id, &op) || self.binds(id, &op) || self.writes(id, &op) || self.chooses(id, &op) {
            return;
        }
        self.called(id, &op);
    }

    /// A call of a function or a macro.
    fn called(&mut self, id: FormId, op: &Symbol<'t>) {
        let parts = self.parts(id);
        let args = parts.get(1..).unwrap_or_default();
        if op.is_keyword {
            return self.walk_all(args);
        }
        if !is_keyword(&op.name) {
            self.function_use(op, Role::Call, args.len());
        }
        let first = args.first().copied().filter(|f| args.len() > 1 && binds_first(&op.name) && self.form(*f).shape == Shape::List);
        match first {
            Some(first) => self.bound_by_macro(op, first, &args[1..]),
            None => self.arguments(op, args),
        }
    }

    /// `(with-rack (rack larder) …)`: what a macro nobody read binds, by the form of it. What is bound already is a value that it is given.
    fn bound_by_macro(&mut self, op: &Symbol<'t>, first: FormId, body: &[FormId]) {
        let items = self.parts(first);
        let are_lists = items.first().is_some_and(|i| self.form(*i).shape == Shape::List);
        if are_lists && op.name.starts_with("with-") {
            // `(with-lock ((lock-of rack)) …)`: what is given is worked out.
            self.walk_all(&items);
            return self.walk_all(body);
        }
        if are_lists {
            return self.bindings(first, body, true);
        }
        let mut names = Vec::new();
        for (i, item) in items.iter().enumerate() {
            match self.symbol(*item) {
                Some(symbol) if !symbol.is_keyword && !symbol.is_global() && !self.is_bound(&symbol) && (i == 0 || names.len() == i) => names.push(symbol),
                _ => self.walk(*item),
            }
        }
        self.in_block(first, body, |r| names.iter().for_each(|n| r.bind(n, Kind::Variable, 0)));
    }

    /// Operators that bind names.
    fn binds(&mut self, id: FormId, op: &Symbol<'t>) -> bool {
        let parts = self.parts(id);
        let body = |from: usize| parts.get(from..).unwrap_or_default();
        let Some(first) = parts.get(1).copied() else { return false };
        match op.name.as_ref() {
            "let" | "let*" => self.bindings(first, body(2), op.name == "let*"),
            "prog" | "prog*" => self.bindings(first, body(2), op.name == "prog*"),
            "symbol-macrolet" => self.bindings(first, body(2), true),
            "lambda" => self.lambda(id, first, body(2)),
            "named-lambda" => {
                if let Some(list) = parts.get(2) {
                    self.lambda(id, *list, body(3));
                }
            }
            "flet" | "labels" | "macrolet" => self.local_functions(op, first, body(2)),
            "multiple-value-bind" => {
                self.walk_all(body(2).get(..1).unwrap_or_default());
                self.in_block(first, body(3), |r| r.bind_pattern(first, Kind::Variable, 0));
            }
            "destructuring-bind" => {
                self.walk_all(body(2).get(..1).unwrap_or_default());
                self.in_block(first, body(3), |r| {
                    r.parameters(first, super::variables::ListOf::Macro);
                });
            }
            "dolist" | "dotimes" | "do-symbols" | "do-external-symbols" | "do-all-symbols" => {
                let spec = self.parts(first);
                self.walk_all(spec.get(1..2).unwrap_or_default());
                self.in_block(first, body(2), |r| {
                    if let Some(symbol) = spec.first().and_then(|s| r.symbol(*s)) {
                        r.bind(&symbol, Kind::Variable, 0);
                    }
                    r.walk_all(spec.get(2..).unwrap_or_default());
                });
            }
            "do" | "do*" => self.repeated(first, &parts, op.name == "do*"),
            "with-slots" | "with-accessors" => self.with_slots(op, first, body(2)),
            "with-open-file"
            | "with-open-stream"
            | "with-input-from-string"
            | "with-output-to-string"
            | "with-hash-table-iterator"
            | "with-package-iterator" => {
                let spec = self.parts(first);
                self.arguments(op, spec.get(1..).unwrap_or_default());
                self.in_block(first, body(2), |r| {
                    if let Some(symbol) = spec.first().and_then(|s| r.symbol(*s)) {
                        r.bind(&symbol, Kind::Variable, 0);
                    }
                });
            }
            "loop" => self.repeated_by_words(id),
            _ => return false,
        }
        true
    }

    /// `(do ((i 0 (1+ i))) ((= i 3) result) body)`.
    fn repeated(&mut self, list: FormId, parts: &[FormId], one_by_one: bool) {
        let steps: Vec<FormId> = self.parts(list);
        let part = |r: &mut Self, step: FormId, at: usize| {
            let parts = if r.form(step).shape == Shape::List { r.parts(step) } else { Vec::new() };
            r.walk_all(parts.get(at..at + 1).unwrap_or_default());
        };
        if !one_by_one {
            steps.iter().for_each(|s| part(self, *s, 1));
        }
        self.in_block(list, parts.get(3..).unwrap_or_default(), |r| {
            for step in &steps {
                if one_by_one {
                    part(r, *step, 1);
                }
                let name = if r.form(*step).shape == Shape::List { r.form(*step).parts.first().copied() } else { Some(*step) };
                if let Some(symbol) = name.and_then(|n| r.symbol(n)) {
                    r.bind(&symbol, Kind::Variable, r.form(*step).span.start);
                }
            }
            steps.iter().for_each(|s| part(r, *s, 2));
            if let Some(end) = parts.get(2) {
                let end = r.parts(*end);
                r.walk_all(&end);
            }
        });
    }

    /// Operators that write places.
    fn writes(&mut self, id: FormId, op: &Symbol<'t>) -> bool {
        let parts = self.parts(id);
        let rest = parts.get(1..).unwrap_or_default();
        match op.name.as_ref() {
            "setf" | "setq" | "psetf" | "psetq" => {
                for pair in rest.chunks(2) {
                    if let Some(value) = pair.get(1) {
                        self.walk(*value);
                    }
                    self.written(pair[0]);
                }
            }
            "incf" | "decf" | "pop" | "remf" | "shiftf" | "rotatef" => {
                let places = if matches!(op.name.as_ref(), "rotatef" | "shiftf") { rest.len() } else { 1 };
                rest.iter().enumerate().for_each(|(i, p)| if i < places { self.written(*p) } else { self.walk(*p) });
            }
            "push" | "pushnew" => {
                rest.iter().take(1).for_each(|p| self.walk(*p));
                rest.iter().skip(1).take(1).for_each(|p| self.written(*p));
                self.arguments(op, rest.get(2..).unwrap_or_default());
            }
            "multiple-value-setq" => {
                rest.iter().skip(1).for_each(|p| self.walk(*p));
                if let Some(names) = rest.first() {
                    let names = self.parts(*names);
                    names.iter().for_each(|n| self.written(*n));
                }
            }
            "slot-value" => self.slot_value(&parts, Role::Read),
            _ => return false,
        }
        true
    }

    /// Operators whose clauses are no calls, and those that take types.
    fn chooses(&mut self, id: FormId, op: &Symbol<'t>) -> bool {
        let parts = self.parts(id);
        let rest = parts.get(1..).unwrap_or_default();
        match op.name.as_ref() {
            "quote" | "go" => {}
            "function" => rest.iter().for_each(|p| self.function_named(*p)),
            "cond" => {
                for clause in rest {
                    let forms = self.parts(*clause);
                    self.walk_all(&forms);
                }
            }
            "case" | "ecase" | "ccase" => self.clauses(rest, |_, _| {}),
            "typecase" | "etypecase" | "ctypecase" => self.clauses(rest, |r, key| {
                if !r.is_word(key, "otherwise") {
                    r.type_named(key);
                }
            }),
            "handler-case" => self.handled(rest),
            "handler-bind" => {
                if let Some(list) = rest.first() {
                    for pair in self.parts(*list) {
                        let pair = self.parts(pair);
                        if let Some(ty) = pair.first() {
                            self.type_named(*ty);
                        }
                        self.walk_all(pair.get(1..).unwrap_or_default());
                    }
                }
                self.walk_all(rest.get(1..).unwrap_or_default());
            }
            "restart-case" => {
                self.walk_all(rest.get(..1).unwrap_or_default());
                for clause in rest.iter().skip(1) {
                    let forms = self.parts(*clause);
                    if let Some(list) = forms.get(1) {
                        self.lambda(*clause, *list, forms.get(2..).unwrap_or_default());
                    }
                }
            }
            "restart-bind" => self.clauses(rest, |_, _| {}),
            "the" | "truly-the" => {
                if let Some(ty) = rest.first() {
                    self.type_named(*ty);
                }
                self.walk_all(rest.get(1..).unwrap_or_default());
            }
            "check-type" => {
                self.walk_all(rest.get(..1).unwrap_or_default());
                if let Some(ty) = rest.get(1) {
                    self.type_named(*ty);
                }
            }
            "declare" | "declaim" | "proclaim" => self.declarations(rest),
            "block" | "return-from" | "catch-tag" | "eval-when" => self.walk_all(rest.get(1..).unwrap_or_default()),
            "tagbody" => {
                let forms: Vec<FormId> = rest.iter().copied().filter(|f| self.form(*f).shape != Shape::Symbol).collect();
                self.walk_all(&forms);
            }
            _ => return false,
        }
        true
    }

    /// A value, then clauses that begin with what is no form.
    fn clauses(&mut self, rest: &[FormId], key: impl Fn(&mut Self, FormId)) {
        self.walk_all(rest.get(..1).unwrap_or_default());
        for clause in rest.iter().skip(1) {
            let forms = self.parts(*clause);
            if let Some(first) = forms.first() {
                key(self, *first);
            }
            self.walk_all(forms.get(1..).unwrap_or_default());
        }
    }

    /// `(handler-case form (deep-error (e) …))`.
    fn handled(&mut self, rest: &[FormId]) {
        self.walk_all(rest.get(..1).unwrap_or_default());
        for clause in rest.iter().skip(1) {
            let forms = self.parts(*clause);
            let Some(first) = forms.first() else { continue };
            if !self.symbol(*first).is_some_and(|s| s.is_keyword) {
                self.type_named(*first);
            }
            if let Some(list) = forms.get(1) {
                self.lambda(*clause, *list, forms.get(2..).unwrap_or_default());
            }
        }
    }

    /// `(with-slots (depth (w width)) rack …)`.
    fn with_slots(&mut self, op: &Symbol<'t>, list: FormId, rest: &[FormId]) {
        self.walk_all(rest.get(..1).unwrap_or_default());
        let is_accessors = op.name == "with-accessors";
        let items = self.parts(list);
        let mut names = Vec::new();
        for item in items {
            let (name, of) = match self.form(item).shape {
                Shape::List => {
                    let pair = self.parts(item);
                    (pair.first().and_then(|p| self.symbol(*p)), pair.get(1).and_then(|p| self.symbol(*p)))
                }
                _ => (self.symbol(item), self.symbol(item)),
            };
            match of {
                Some(of) if is_accessors => self.function_use(&of, Role::Call, 1),
                Some(of) => self.slot_use(&of, Role::Read),
                None => {}
            }
            names.extend(name);
        }
        self.in_block(list, rest.get(1..).unwrap_or_default(), |r| names.iter().for_each(|n| r.bind(n, Kind::Variable, 0)));
    }

    /// `loop` with its words.
    fn repeated_by_words(&mut self, id: FormId) {
        let parts = self.parts(id);
        let items = parts.get(1..).unwrap_or_default();
        if items.first().is_none_or(|i| self.form(*i).shape != Shape::Symbol) {
            return self.walk_all(items);
        }
        self.in_block(id, &[], |r| r.loop_words(items));
    }

    fn loop_words(&mut self, items: &[FormId]) {
        let mut at = 0;
        while let Some(item) = items.get(at).copied() {
            at += 1;
            let Some(word) = self.symbol(item) else {
                self.walk(item);
                continue;
            };
            match word.name.as_ref() {
                "for" | "as" | "with" => {
                    let Some(pattern) = items.get(at).copied() else { continue };
                    at += 1;
                    // The name is there from its first value on.
                    let from = items.get(at..).unwrap_or_default().iter().find(|i| self.form(**i).shape != Shape::Symbol);
                    let own = self.form(pattern).span.end;
                    let from = from.filter(|f| self.form(**f).span.start < own + 120).map_or(own, |f| self.form(*f).span.end);
                    at = self.loop_type(items, at);
                    self.bind_pattern(pattern, Kind::Variable, from);
                }
                "into" => {
                    if let Some(symbol) = items.get(at).and_then(|i| self.symbol(*i)).filter(|s| !self.is_bound(s)) {
                        self.bind(&symbol, Kind::Variable, 0);
                    }
                    at += 1;
                }
                "using" => {
                    // `using (hash-value depth)`.
                    let pair = items.get(at).map(|i| self.parts(*i)).unwrap_or_default();
                    if let Some(symbol) = pair.get(1).and_then(|p| self.symbol(*p)) {
                        self.bind(&symbol, Kind::Variable, 0);
                    }
                    at += 1;
                }
                "of-type" => {
                    if let Some(ty) = items.get(at) {
                        self.type_named(*ty);
                    }
                    at += 1;
                }
                "named" => at += 1,
                name if LOOP_VALUES.contains(&name) => {
                    if let Some(value) = items.get(at) {
                        self.walk(*value);
                    }
                    at += 1;
                }
                name if LOOP_WORDS.contains(&name) => {}
                _ => self.variable(item, Role::Read),
            }
        }
    }

    /// `for i fixnum from 0`: a type may stand behind the name.
    fn loop_type(&mut self, items: &[FormId], at: usize) -> usize {
        let Some(symbol) = items.get(at).and_then(|i| self.symbol(*i)) else { return at };
        let is_word =
            symbol.name == "of-type" || LOOP_VALUES.contains(&symbol.name.as_ref()) || LOOP_WORDS.contains(&symbol.name.as_ref()) || symbol.name == "for";
        if is_word || symbol.name == "with" || symbol.name == "as" {
            return at;
        }
        self.global_use(&symbol, Role::Type, Reach::Plain);
        at + 1
    }
}

/// Words of `loop` with a value behind them.
const LOOP_VALUES: &[&str] = &[
    "in",
    "on",
    "across",
    "=",
    "from",
    "to",
    "below",
    "above",
    "downto",
    "upto",
    "downfrom",
    "upfrom",
    "by",
    "then",
    "of",
    "while",
    "until",
    "always",
    "never",
    "thereis",
    "when",
    "if",
    "unless",
    "repeat",
    "collect",
    "collecting",
    "append",
    "appending",
    "nconc",
    "nconcing",
    "sum",
    "summing",
    "count",
    "counting",
    "maximize",
    "maximizing",
    "minimize",
    "minimizing",
    "return",
];

/// Words of `loop` that stand for themselves.
const LOOP_WORDS: &[&str] = &[
    "do",
    "doing",
    "initially",
    "finally",
    "and",
    "else",
    "end",
    "being",
    "the",
    "each",
    "hash-key",
    "hash-keys",
    "hash-value",
    "hash-values",
    "symbol",
    "symbols",
    "present-symbol",
    "present-symbols",
    "external-symbol",
    "external-symbols",
    "it",
];
