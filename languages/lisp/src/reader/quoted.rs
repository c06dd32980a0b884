//! What is not evaluated where it stands: templates of macros, names behind a quote.

use super::Reader;
use super::forms::{FormId, Shape};
use compass_facts::bounds::Bounded;
use compass_facts::{Role, Shape as Reach};

/// Functions that take functions by name, and at which place.
const TAKE_FUNCTIONS: &[(&str, usize)] = &[
    ("funcall", 0),
    ("apply", 0),
    ("mapcar", 0),
    ("mapc", 0),
    ("mapcan", 0),
    ("mapcon", 0),
    ("maplist", 0),
    ("mapl", 0),
    ("map", 1),
    ("map-into", 1),
    ("maphash", 0),
    ("some", 0),
    ("every", 0),
    ("notany", 0),
    ("notevery", 0),
    ("reduce", 0),
    ("sort", 1),
    ("stable-sort", 1),
    ("merge", 3),
    ("remove-if", 0),
    ("remove-if-not", 0),
    ("delete-if", 0),
    ("delete-if-not", 0),
    ("find-if", 0),
    ("find-if-not", 0),
    ("position-if", 0),
    ("position-if-not", 0),
    ("count-if", 0),
    ("count-if-not", 0),
    ("member-if", 0),
    ("member-if-not", 0),
    ("assoc-if", 0),
    ("assoc-if-not", 0),
    ("rassoc-if", 0),
    ("substitute-if", 1),
    ("nsubstitute-if", 1),
    ("subst-if", 1),
    ("nsubst-if", 1),
    ("complement", 0),
    ("fboundp", 0),
    ("symbol-function", 0),
    ("fdefinition", 0),
    ("macro-function", 0),
    ("compile", 0),
    ("fmakunbound", 0),
    ("trace", 0),
    ("multiple-value-call", 0),
];

/// Functions that take types by name, and at which place.
const TAKE_TYPES: &[(&str, usize)] = &[
    ("make-instance", 0),
    ("make-condition", 0),
    ("error", 0),
    ("signal", 0),
    ("warn", 0),
    ("cerror", 1),
    ("find-class", 0),
    ("allocate-instance", 0),
    ("make-sequence", 0),
    ("coerce", 1),
    ("typep", 1),
    ("subtypep", 0),
    ("subtypep", 1),
    ("concatenate", 0),
    ("map", 0),
    ("merge", 0),
    ("change-class", 1),
    ("upgraded-array-element-type", 0),
    ("make-load-form", 0),
];

/// Keywords before a function, and before a type.
const FUNCTION_KEYS: &[&str] = &["key", "test", "test-not", "hash-function"];
const TYPE_KEYS: &[&str] = &["element-type", "type"];

impl<'t> Reader<'t> {
    /// The arguments of a call. Names behind a quote mean functions and types where the operator says so.
    pub(super) fn arguments(&mut self, op: &super::symbols::Symbol, args: &[FormId]) {
        let takes = |table: &[(&str, usize)], at: usize| table.iter().any(|(name, place)| *place == at && *name == op.name);
        for (at, arg) in args.iter().enumerate() {
            let Some(name) = self.quoted_symbol(*arg) else {
                self.walk(*arg);
                continue;
            };
            let key = at.checked_sub(1).and_then(|before| self.symbol(args[before])).filter(|k| k.is_keyword);
            let follows = |keys: &[&str]| key.as_ref().is_some_and(|k| keys.contains(&k.name.as_ref()));
            if takes(TAKE_FUNCTIONS, at) || follows(FUNCTION_KEYS) {
                self.function_use(&name, Role::Ref, 0);
            } else if takes(TAKE_TYPES, at) || follows(TYPE_KEYS) {
                self.global_use(&name, Role::Type, Reach::Plain);
            }
        }
    }

    /// `(slot-value rack 'depth)`: the slot by its name.
    pub(super) fn slot_value(&mut self, parts: &[FormId], role: Role) {
        if let Some(object) = parts.get(1) {
            self.walk(*object);
        }
        let Some(slot) = parts.get(2) else { return };
        match self.quoted_symbol(*slot) {
            Some(name) => self.slot_use(&name, role),
            None => self.walk(*slot),
        }
    }

    pub(super) fn slot_use(&mut self, name: &super::symbols::Symbol, role: Role) {
        let unknown = self.b.unknown();
        self.global_use(name, role, Reach::Member(unknown));
    }

    /// What a macro makes, as far as it is written out: heads of lists are mentioned, what follows a comma is evaluated.
    pub(super) fn template(&mut self, id: FormId) {
        let form = self.form(id);
        let at = form.span;
        match form.shape {
            Shape::Symbol => {
                if let Some(symbol) = self.symbol(id).filter(|s| s.is_global()) {
                    self.variable_use(&symbol, Role::Read);
                }
            }
            Shape::Comma => self.walk(id),
            Shape::List => {
                let parts = self.parts(id);
                let op = self.operator(id);
                if let Some(op) = &op
                    && !super::operators::is_keyword(&op.name)
                {
                    self.function_use(op, Role::Ref, 0);
                }
                let binds = op.as_ref().is_some_and(|op| super::operators::binds_first(&op.name));
                for (i, part) in parts.iter().enumerate().skip(usize::from(op.is_some())) {
                    self.deeper(at, |r| match i {
                        1 if binds => r.template_bindings(*part),
                        _ => r.template(*part),
                    });
                }
            }
            Shape::Function => {
                for part in &form.parts {
                    match self.symbol(*part) {
                        Some(symbol) => self.function_use(&symbol, Role::Ref, 0),
                        None => self.template(*part),
                    }
                }
            }
            Shape::Quote | Shape::LeftOut => {
                for part in &form.parts {
                    self.deeper(at, |r| r.template_quoted(*part));
                }
            }
            // A template in a template: what its commas say is for the inner one.
            Shape::Backquote | Shape::Text | Shape::Atom => {}
        }
    }

    /// Behind a quote in a template only what follows a comma is evaluated.
    fn template_quoted(&mut self, id: FormId) {
        let form = self.form(id);
        match form.shape {
            Shape::Comma => self.walk(id),
            Shape::List => {
                for part in &form.parts {
                    self.deeper(form.span, |r| r.template_quoted(*part));
                }
            }
            _ => {}
        }
    }

    /// Bindings in a template: names are no calls, values may be.
    fn template_bindings(&mut self, id: FormId) {
        if self.form(id).shape != Shape::List {
            return self.template(id);
        }
        for pair in self.parts(id) {
            match self.form(pair).shape {
                Shape::List => {
                    let parts = self.parts(pair);
                    let names = usize::from(parts.first().is_some_and(|p| self.form(*p).shape == Shape::Symbol));
                    for part in parts.into_iter().skip(names) {
                        self.deeper(self.form(pair).span, |r| r.template(part));
                    }
                }
                _ => self.template(pair),
            }
        }
    }
}
