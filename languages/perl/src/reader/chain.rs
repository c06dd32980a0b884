//! Chains of Perl: a variable, a name or a call, with what hangs on it by arrows and brackets.

use super::Reader;
use super::lexer::PerlToken;
use compass_facts::{Role, Shape, Span, TypeExpr, TypeId};

/// Words of the language and functions that it brings along: no names of anybody.
const WORDS: &str = "abs accept alarm and atan2 bind binmode bless break caller chdir chmod chomp chop chown chr chroot close closedir cmp connect continue cos crypt dbmclose dbmopen default defined delete die do dump \
each else elsif eof eq eval evalbytes exec exists exit exp fc fcntl fileno flock for foreach fork format formline ge getc given glob gmtime goto grep gt hex if index int ioctl join keys kill last lc lcfirst le length link \
listen local localtime log lstat lt map mkdir msgctl msgget msgrcv msgsnd my ne next no not oct open opendir or ord our pack pipe pop pos print printf prototype push quotemeta rand read readdir readline readlink readpipe \
recv redo ref rename require reset return reverse rewinddir rindex rmdir say scalar seek seekdir select semctl semget semop send setpgrp setpriority setsockopt shift shmctl shmget shmread shmwrite shutdown sin sleep \
socket socketpair sort splice split sprintf sqrt srand stat state study sub substr symlink syscall sysopen sysread sysseek system syswrite tell telldir tie tied time times truncate uc ucfirst umask undef unless unlink \
unpack unshift untie until use utime values vec wait waitpid wantarray warn when while write x xor try catch finally BEGIN END INIT CHECK UNITCHECK AUTOLOAD STDIN STDOUT STDERR ARGV __FILE__ __LINE__ __SUB__ q qq qw qr qx m s tr y";

pub(super) fn is_of_language(word: &str) -> bool {
    static ALL: std::sync::LazyLock<rustc_hash::FxHashSet<&str>> = std::sync::LazyLock::new(|| WORDS.split_whitespace().collect());
    ALL.contains(word)
}

impl<'t> Reader<'t> {
    /// A term with everything behind it; what it is, as far as that can be told.
    pub(super) fn chain(&mut self) -> TypeId {
        let before = self.at;
        let mut ty = match self.kind(0) {
            Some(PerlToken::Variable) => self.variable(),
            Some(PerlToken::Word) => self.word(),
            _ => self.b.unknown(),
        };
        self.at = self.at.max(before + 1);
        loop {
            if self.is_sign(0, "->") {
                self.at += 1;
                ty = self.behind_arrow(ty);
            } else if self.is_sign(0, "[") || self.is_sign(0, "{") && self.touches() {
                self.group();
                ty = self.b.unknown();
            } else {
                return ty;
            }
        }
    }

    /// Does the token stand right behind the one before? `$x{a}` is an element, `if ($x) {a}` is none.
    fn touches(&self) -> bool {
        let is_element = self
            .at
            .checked_sub(1)
            .and_then(|i| self.tokens.get(i))
            .is_some_and(|t| t.0 == PerlToken::Variable || matches!(t.1.of(self.text), "]" | "}" | "->"));
        is_element && self.token(0).is_some_and(|t| t.1.start == self.end_before())
    }

    fn behind_arrow(&mut self, of: TypeId) -> TypeId {
        let Some((kind, span)) = self.token(0) else { return of };
        match kind {
            PerlToken::Word => {
                self.at += 1;
                self.method(of, span)
            }
            PerlToken::Sign if matches!(span.of(self.text), "[" | "{" | "(") => {
                self.group();
                self.b.unknown()
            }
            // `->$method`, `->@*`.
            PerlToken::Variable => {
                self.variable();
                if self.is_sign(0, "(") {
                    self.group();
                }
                self.b.unknown()
            }
            _ => {
                self.at += 1;
                self.b.unknown()
            }
        }
    }

    /// `->turn(…)`; `->SUPER::turn` is that of the bases. What `new` of a class gives is one of the class.
    fn method(&mut self, of: TypeId, span: Span) -> TypeId {
        let whole = span.of(self.text);
        let (path, name) = whole.rsplit_once("::").unwrap_or(("", whole));
        let at = Span { start: span.end - name.len() as u32, end: span.end };
        let of = match (path, self.package) {
            ("SUPER", Some(package)) => self.b.ty(TypeExpr::Super(package)),
            ("", _) => of,
            (path, _) => self.package_named(path, span),
        };
        let id = self.b.add_use(name, at, Role::Call, Shape::Member(of));
        self.call_signal(at);
        if self.is_sign(0, "(") {
            let count = self.group();
            self.b.set_args(id, count);
        }
        if name == "new" && path != "SUPER" {
            return self.b.ty_instance(of);
        }
        let member = self.b.ty_member(of, name);
        self.b.ty_of(member, |of| TypeExpr::Call { of, args: Vec::new() })
    }

    /// `$x`, `$x[0]` of `@x`, `$x{a}` of `%x`, `@x{…}` of `%x`, `$#x` of `@x`, `&x`, `$Larder::size`.
    fn variable(&mut self) -> TypeId {
        let Some((_, span)) = self.token(0) else { return self.b.unknown() };
        let written = span.of(self.text);
        self.at += 1;
        let (sign, name) = match written.strip_prefix("$#") {
            Some(name) => ("@", name),
            None => written.split_at(1),
        };
        let name = name.trim_start_matches('{').trim_end_matches('}');
        if sign == "&" {
            return self.called_by_sign(name, span);
        }
        let is_element = |this: &Self, open: &str| this.is_sign(0, open) && this.touches();
        let sign = match sign {
            "$" | "@" if is_element(self, "[") => "@",
            "$" | "@" if is_element(self, "{") => "%",
            other => other,
        };
        let role = self.role_of_variable();
        if sign == "%" {
            self.lookup_signal(name, span);
        }
        match name.rsplit_once("::") {
            Some((package, last)) if !package.is_empty() => {
                let of = self.package_named(package, span);
                let at = Span { start: span.end - last.len() as u32, end: span.end };
                self.b.add_use(&format!("{sign}{last}"), at, role, Shape::Member(of));
                self.b.unknown()
            }
            _ => {
                let whole = format!("{sign}{}", name.trim_start_matches("::"));
                self.mention(&whole, span, role);
                if whole == "$_" || sign != "$" { self.b.unknown() } else { self.b.ty_name(&whole, span) }
            }
        }
    }

    /// Is the variable, or an element of it, given a value?
    fn role_of_variable(&self) -> Role {
        const FAR: usize = 200;
        let (mut depth, mut ahead) = (0usize, 0);
        while ahead < FAR {
            let (Some(PerlToken::Sign), word) = (self.kind(ahead), self.peek(ahead)) else {
                if depth == 0 {
                    return Role::Read;
                }
                if self.kind(ahead).is_none() {
                    return Role::Read;
                }
                ahead += 1;
                continue;
            };
            match word {
                "[" | "{" if depth > 0 || self.sign_joins(ahead) => depth += 1,
                "]" | "}" if depth > 0 => depth -= 1,
                _ if depth > 0 => {}
                "=" | "+=" | "-=" | "*=" | "/=" | ".=" | "||=" | "&&=" | "//=" | "**=" | "x=" | "%=" | "|=" | "<<=" | ">>=" | "++" | "--" => {
                    return Role::Write;
                }
                _ => return Role::Read,
            }
            ahead += 1;
        }
        Role::Read
    }

    fn sign_joins(&self, ahead: usize) -> bool {
        let end = (self.at + ahead).checked_sub(1).and_then(|i| self.tokens.get(i)).map(|t| t.1.end);
        self.token(ahead).is_some_and(|t| Some(t.1.start) == end)
    }

    /// `&turn(…)`; `\&turn` hands the function on.
    fn called_by_sign(&mut self, name: &'t str, span: Span) -> TypeId {
        let is_passed = self.tokens.get(self.at.wrapping_sub(2)).is_some_and(|t| t.1.of(self.text) == "\\");
        let role = if is_passed { Role::Pass } else { Role::Call };
        self.function_use(name, Span { start: span.end - name.len() as u32, end: span.end }, role)
    }

    /// A use of a function by its name, with its package or without.
    fn function_use(&mut self, name: &'t str, span: Span, role: Role) -> TypeId {
        let (shape, last) = match name.rsplit_once("::") {
            Some((package, last)) if !package.is_empty() => {
                let at = Span { start: span.start, end: span.end - last.len() as u32 - 2 };
                self.b.add_use(package, at, Role::Ref, Shape::Plain);
                (Shape::Member(self.package_named(package, at)), last)
            }
            _ => (Shape::Plain, name),
        };
        let at = Span { start: span.end - last.len() as u32, end: span.end };
        let callee = match shape {
            Shape::Member(of) => self.b.ty_member(of, last),
            _ => self.b.ty_name(last, at),
        };
        let id = self.b.add_use(last, at, role, shape);
        if role == Role::Call && self.is_sign(0, "(") {
            let count = self.group();
            self.b.set_args(id, count);
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args: Vec::new() })
    }

    /// What is a package, whatever else has that name.
    fn package_named(&mut self, name: &str, at: Span) -> TypeId {
        let name = self.b.intern(name);
        self.b.ty(TypeExpr::TypeName { name, scope: self.b.place.scope, at: at.start })
    }

    fn word(&mut self) -> TypeId {
        let Some((_, span)) = self.token(0) else { return self.b.unknown() };
        let word = span.of(self.text);
        if self.is_key() {
            self.at += 1;
            return self.b.unknown();
        }
        self.at += 1;
        self.call_signal(span);
        match word {
            "__PACKAGE__" => return self.package.map_or(self.b.unknown(), |p| self.b.ty(TypeExpr::ReceiverType(p))),
            "shift" if self.is_sign(0, "->") => {
                self.is_method = self.package.is_some();
                return self.package.map_or(self.b.unknown(), |p| self.b.ty(TypeExpr::Receiver(p)));
            }
            "extends" | "with" if self.package.is_some() => self.bases_named(),
            _ => {}
        }
        let is_known = self.known.contains(word);
        if is_of_language(word) && !(is_known && self.is_sign(0, "(")) {
            return self.b.unknown();
        }
        if self.is_sign(0, "(") {
            return self.function_use(word, span, Role::Call);
        }
        if self.is_sign(0, "->") || self.is_sign(0, "::") {
            self.b.add_use(word, span, Role::Ref, Shape::Plain);
            return self.package_named(word, span);
        }
        // `new Larder::Rack(…)`.
        if word == "new"
            && let Some((PerlToken::Word, class)) = self.token(0)
        {
            self.at += 1;
            self.b.add_use(class.of(self.text), class, Role::Ref, Shape::Plain);
            let of = self.package_named(class.of(self.text), class);
            return self.method(of, span);
        }
        // `croak "full"`: what stands before a term is called with it, unless that is printed into it.
        let takes_term = matches!(self.kind(0), Some(PerlToken::Text { .. } | PerlToken::Words | PerlToken::Number))
            || self.kind(0) == Some(PerlToken::Variable) && !self.touches();
        let before = self.at.checked_sub(2).and_then(|i| self.tokens.get(i)).map_or("", |t| t.1.of(self.text));
        let is_handle = matches!(before, "print" | "printf" | "say" | "sort" | "{" | "->") && word.bytes().all(|b| !b.is_ascii_lowercase()) || before == "->";
        if is_known || takes_term && !is_handle {
            return self.function_use(word, span, Role::Call);
        }
        let names_package = word.contains("::") && word.rsplit("::").next().is_some_and(|l| l.starts_with(|c: char| c.is_ascii_uppercase()));
        if names_package {
            self.b.add_use(word, span, Role::Ref, Shape::Plain);
            return self.package_named(word, span);
        }
        // A bare word may be a file handle, a label, a method of the language: nobody can tell.
        self.b.unknown()
    }
}
