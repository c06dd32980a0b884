//! Expressions: the uses in them, and what they evaluate to.

use super::{Reader, said};
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Flags, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => self.name(node, role),
            "constant" | "scope_resolution" => self.class_named(node, if role == Role::Write { Role::Write } else { Role::Ref }),
            "instance_variable" | "class_variable" => self.field(node, role),
            "global_variable" => {
                self.b.add_use(text(node, self.b.text), span(node), role, Shape::Plain);
                self.b.ty_name(text(node, self.b.text), span(node))
            }
            "self" => self.own(),
            "call" => self.call(node, role),
            "super" => self.super_call(node, &[]),
            "assignment" => self.assignment(node),
            "operator_assignment" => self.operator_assignment(node),
            "element_reference" => {
                let mut parts = named(node).into_iter();
                let of = parts.next().map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
                for part in parts {
                    self.expression(part, Role::Read);
                }
                self.b.ty_of(of, TypeExpr::Index)
            }
            "binary" => self.binary(node),
            "conditional" | "if" | "unless" => self.either(node),
            "case" | "case_match" => self.case(node),
            "begin" | "body_statement" | "parenthesized_statements" | "then" | "else" | "ensure" | "do" => self.block(node),
            "rescue" => self.rescued(node),
            "return" => {
                for arguments in named(node) {
                    let ty = named(arguments).into_iter().map(|n| self.expression(n, Role::Read)).next();
                    self.returns.extend(ty);
                }
                self.b.unknown()
            }
            "lambda" => self.lambda(node),
            "block" | "do_block" => self.literal_block(node, None),
            "for" => self.for_each(node),
            "string" | "chained_string" | "subshell" | "heredoc_body" | "bare_string" | "heredoc_beginning" => self.string(node),
            "array" | "string_array" | "symbol_array" => self.array(node),
            "hash" => self.hash(node),
            "pair" => self.pair(node),
            "integer" => self.value_of_class("Integer"),
            "float" => self.value_of_class("Float"),
            "simple_symbol" | "delimited_symbol" => self.value_of_class("Symbol"),
            "regex" => {
                self.interpolations(node);
                self.value_of_class("Regexp")
            }
            "nil" => self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)),
            "class" | "module" | "singleton_class" | "method" | "singleton_method" | "alias" | "ERROR" => self.statement(node),
            "comment" => self.b.unknown(),
            _ => {
                let mut last = self.b.unknown();
                for child in named(node) {
                    last = self.expression(child, Role::Read);
                }
                if node.kind().ends_with("_modifier") { self.b.unknown() } else { last }
            }
        }
    }

    /// A variable, or a call on what is around.
    fn name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (word, at) = (text(node, self.b.text), span(node));
        if self.local(word) {
            self.b.add_use(word, at, role, Shape::Plain);
            return self.b.ty_name(word, at);
        }
        if self.declares(word, &[], node) {
            return self.b.unknown();
        }
        self.called_here(word, at, &[], node)
    }

    /// A call without a receiver.
    fn called_here(&mut self, word: &str, at: Span, args: &[TypeId], _: Node<'t>) -> TypeId {
        let own = self.own();
        let shape = if own == self.b.unknown() { Shape::Plain } else { Shape::Member(own) };
        let usage = self.b.add_use(word, at, Role::Call, shape);
        self.b.set_args(usage, args.len());
        self.b.set_arguments(usage, args);
        let callee = if own == self.b.unknown() { self.b.ty_name(word, at) } else { self.b.ty_member(own, word) };
        self.b.ty(TypeExpr::Call { of: callee, args: args.to_vec() })
    }

    /// `Rack`, `Larder::Rack`, `::Rack`.
    pub(super) fn class_named(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "constant" => {
                let (word, at) = (text(node, self.b.text), span(node));
                self.b.add_use(word, at, role, Shape::Plain);
                self.b.ty_name(word, at)
            }
            "scope_resolution" => {
                let Some(name) = node.child_by_field_name("name") else { return self.b.unknown() };
                let (word, at) = (text(name, self.b.text), span(name));
                let Some(scope) = node.child_by_field_name("scope") else {
                    // `::Rack` is of no module.
                    self.b.add_use(word, at, role, Shape::Plain);
                    return self.b.ty_name(word, at);
                };
                let of = self.class_named(scope, Role::Ref);
                self.b.add_use(word, at, role, Shape::Member(of));
                self.b.ty_member(of, word)
            }
            _ => self.expression(node, Role::Read),
        }
    }

    /// `@wheels`: a field of the class around, which what first gives it a value defines.
    fn field(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (word, at) = (text(node, self.b.text), span(node));
        match self.around.last().map(|a| a.scope) {
            Some(scope) => {
                let owner = self.b.ty(TypeExpr::Receiver(scope));
                self.b.add_use(word, at, role, Shape::Member(owner));
                self.b.ty_member(owner, word)
            }
            None => {
                self.b.add_use(word, at, role, Shape::Plain);
                self.b.ty_name(word, at)
            }
        }
    }

    fn call(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let receiver = node.child_by_field_name("receiver");
        let Some(method) = node.child_by_field_name("method") else {
            // `rack.(1)`.
            for part in named(node) {
                self.expression(part, Role::Read);
            }
            return self.b.unknown();
        };
        let arguments: Vec<Node<'t>> = node.child_by_field_name("arguments").map(|a| named(a).into_vec()).unwrap_or_default();
        let arguments: Vec<Node<'t>> = arguments.into_iter().filter(|n| n.kind() != "comment").collect();
        let block = node.child_by_field_name("block");
        let (word, at) = (text(method, self.b.text), span(method));
        let Some(receiver) = receiver else {
            if method.kind() == "super" {
                return self.super_call(method, &arguments);
            }
            if self.required(word, &arguments, node) || self.is_of_class && self.declares(word, &arguments, node) {
                return self.b.unknown();
            }
            let args = self.arguments(&arguments);
            self.names_by_symbols(word, &arguments);
            let result = self.called_here(word, at, &args, node);
            self.block_of(block, word, at);
            return if matches!(word, "lambda" | "proc") { self.b.unknown() } else { result };
        };
        let of = self.expression(receiver, Role::Read);
        let args = self.arguments(&arguments);
        let written = if role == Role::Write { format!("{word}=") } else { word.to_owned() };
        let usage = self.b.add_use(&written, at, Role::Call, Shape::Member(of));
        self.b.set_args(usage, args.len());
        self.b.set_arguments(usage, &args);
        let callee = self.b.ty_member(of, &written);
        if let Some(block) = block {
            self.literal_block(block, Some(callee));
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    fn block_of(&mut self, block: Option<Node<'t>>, word: &str, at: Span) {
        let Some(block) = block else { return };
        let own = self.own();
        let callee = if own == self.b.unknown() { self.b.ty_name(word, at) } else { self.b.ty_member(own, word) };
        self.literal_block(block, Some(callee));
    }

    fn arguments(&mut self, arguments: &[Node<'t>]) -> Vec<TypeId> {
        arguments.iter().map(|a| self.argument(*a)).collect()
    }

    fn argument(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            // `&:turn` calls a method of what it is given.
            "block_argument" => {
                for inner in named(node) {
                    if let Some((name, at)) = self.symbol(inner).filter(|_| inner.kind() == "simple_symbol") {
                        let unknown = self.b.unknown();
                        self.b.add_use(name, at, Role::Ref, Shape::Member(unknown));
                    } else {
                        self.expression(inner, Role::Pass);
                    }
                }
                self.b.unknown()
            }
            _ => self.expression(node, Role::Pass),
        }
    }

    /// `send(:turn)`, `method(:turn)`, `before_action :turn`: methods of what is around, by their names.
    fn names_by_symbols(&mut self, word: &str, arguments: &[Node<'t>]) {
        let names_methods = matches!(word, "send" | "public_send" | "__send__" | "method" | "respond_to?" | "instance_method" | "public_method")
            || word.starts_with("before_")
            || word.starts_with("after_")
            || word.starts_with("around_");
        let own = self.around.last().map(|a| a.scope).filter(|_| names_methods);
        let Some(scope) = own else { return };
        let owner = self.b.ty(TypeExpr::Receiver(scope));
        for argument in arguments.iter().filter(|a| a.kind() == "simple_symbol") {
            if let Some((name, at)) = self.symbol(*argument) {
                self.b.add_use(name, at, Role::Ref, Shape::Member(owner));
            }
        }
    }

    /// `super`: the method of that name in what the class is derived from.
    fn super_call(&mut self, node: Node<'t>, arguments: &[Node<'t>]) -> TypeId {
        let args = self.arguments(arguments);
        let method = self.b.place.container.map(|d| self.b.def_mut(d).name);
        let (Some(scope), Some(name)) = (self.around.last().map(|a| a.scope), method) else { return self.b.unknown() };
        let name = self.b.name(name).to_owned();
        let of = self.b.ty(TypeExpr::Super(scope));
        let usage = self.b.add_use(&name, span(node), Role::Call, Shape::Member(of));
        self.b.set_args(usage, args.len());
        let callee = self.b.ty_member(of, &name);
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    fn assignment(&mut self, node: Node<'t>) -> TypeId {
        let (left, right) = (node.child_by_field_name("left"), node.child_by_field_name("right"));
        let (Some(left), Some(right)) = (left, right) else { return self.b.unknown() };
        if right.kind() == "call" && self.structure(left, right, node) {
            return self.b.unknown();
        }
        let ty = self.expression(right, Role::Read);
        self.assign(left, Some(ty), node);
        ty
    }

    /// Gives what stands on the left a value.
    fn assign(&mut self, left: Node<'t>, ty: Option<TypeId>, whole: Node<'t>) {
        match left.kind() {
            "identifier" => {
                let word = text(left, self.b.text);
                if self.local(word) {
                    self.b.add_use(word, span(left), Role::Write, Shape::Plain);
                    self.given_again(word, ty);
                    return;
                }
                self.bind(left, ty, Kind::Variable);
            }
            "constant" => {
                let mut new = NewDefinition::new(text(left, self.b.text), Kind::Constant, span(left), span(whole));
                new.ty = ty;
                new.doc = self.doc(whole);
                self.b.define(new);
            }
            "instance_variable" | "class_variable" => self.assign_field(left, ty, whole),
            "global_variable" => {
                let word = text(left, self.b.text);
                if self.b.find_in(compass_facts::ScopeId::FILE, word).is_none() {
                    let mut new = NewDefinition::new(word, Kind::Variable, span(left), span(whole));
                    new.ty = ty;
                    self.b.define_in(compass_facts::ScopeId::FILE, new);
                } else {
                    self.b.add_use(word, span(left), Role::Write, Shape::Plain);
                }
            }
            "left_assignment_list" | "destructured_left_assignment" => {
                for (i, part) in named(left).into_iter().enumerate() {
                    let inner = ty.filter(|t| *t != self.b.unknown()).map(|of| self.b.ty(TypeExpr::Part { of, index: i as u32 }));
                    self.assign(part, inner, whole);
                }
            }
            "rest_assignment" | "splat_argument" => {
                for part in named(left) {
                    self.assign(part, None, whole);
                }
            }
            _ => {
                self.expression(left, Role::Write);
            }
        }
    }

    /// A variable that gets several values is of one of their types.
    fn given_again(&mut self, word: &str, ty: Option<TypeId>) {
        let mut at = Some(self.b.place.scope);
        while let Some(scope) = at {
            if let Some(def) = self.b.find_in(scope, word) {
                // What a parameter is given from outside nobody says.
                let is_open = self.b.def_mut(def).kind == Kind::Parameter && self.b.def_mut(def).ty.is_none();
                if !is_open {
                    self.b.add_type(def, ty.unwrap_or(self.b.unknown()));
                }
                self.b.def_mut(def).flags = self.b.def_mut(def).flags.with(Flags::INFERRED);
                return;
            }
            at = self.b.scope_parent(scope);
        }
    }

    fn assign_field(&mut self, left: Node<'t>, ty: Option<TypeId>, whole: Node<'t>) {
        let word = text(left, self.b.text);
        let Some(scope) = self.around.last().map(|a| a.scope) else {
            return self.bind(left, ty, Kind::Variable);
        };
        match self.b.find_in(scope, word) {
            Some(def) => {
                if let Some(ty) = ty {
                    self.b.add_type(def, ty);
                }
                self.field(left, Role::Write);
            }
            None => {
                let mut new = NewDefinition::new(word, Kind::Field, span(left), span(whole));
                new.ty = ty.filter(|t| *t != self.b.unknown());
                new.flags = Flags::INFERRED.with(Flags::PRIVATE);
                self.b.define_in(scope, new);
            }
        }
    }

    /// `@wheels ||= []`, `count += 1`.
    fn operator_assignment(&mut self, node: Node<'t>) -> TypeId {
        let (left, right) = (node.child_by_field_name("left"), node.child_by_field_name("right"));
        let ty = right.map_or(self.b.unknown(), |r| self.expression(r, Role::Read));
        let Some(left) = left else { return ty };
        let sets = node.child_by_field_name("operator").is_some_and(|o| matches!(text(o, self.b.text), "||=" | "&&="));
        if sets && matches!(left.kind(), "identifier" | "instance_variable" | "class_variable" | "global_variable") {
            self.assign(left, Some(ty), node);
            return ty;
        }
        if left.kind() == "identifier" {
            self.assign(left, Some(ty), node);
            return ty;
        }
        // `rack.count += 1` asks before it sets: a name is one use.
        self.expression(left, if left.kind() == "call" { Role::Read } else { Role::Write })
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        let operator = node.child_by_field_name("operator").map_or("", |o| text(o, self.b.text));
        let left = node.child_by_field_name("left").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        let right = node.child_by_field_name("right").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        match operator {
            "||" | "or" => self.one_of(left, right),
            "&&" | "and" => right,
            "+" | "-" | "*" | "/" | "<<" | "%" | "|" | "&" => left,
            _ => self.b.unknown(),
        }
    }

    /// One of two values.
    pub(super) fn one_of(&mut self, yes: TypeId, no: TypeId) -> TypeId {
        let says = |r: &Self, ty: TypeId| ty != r.b.unknown() && !matches!(r.b.get_ty(ty), TypeExpr::Literal(_));
        match (says(self, yes), says(self, no)) {
            (true, true) if yes != no => self.b.ty(TypeExpr::Union(vec![yes, no])),
            (true, _) => yes,
            _ => no,
        }
    }

    fn either(&mut self, node: Node<'t>) -> TypeId {
        if let Some(condition) = node.child_by_field_name("condition") {
            self.expression(condition, Role::Read);
        }
        let yes = node.child_by_field_name("consequence").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        let no = node.child_by_field_name("alternative").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        self.one_of(yes, no)
    }

    fn case(&mut self, node: Node<'t>) -> TypeId {
        let mut result = self.b.unknown();
        if let Some(value) = node.child_by_field_name("value") {
            self.expression(value, Role::Read);
        }
        let value = node.child_by_field_name("value");
        for part in named(node).into_iter().filter(|n| value.is_none_or(|v| v.id() != n.id())) {
            let mut last = self.b.unknown();
            for inner in named(part) {
                match inner.kind() {
                    "pattern" => {
                        for pattern in named(inner) {
                            self.pattern(pattern);
                        }
                    }
                    "then" => last = self.block(inner),
                    _ if part.kind() == "in_clause" => self.pattern(inner),
                    _ => last = self.expression(inner, Role::Read),
                }
            }
            result = self.one_of(result, last);
        }
        result
    }

    /// Names that a pattern binds, and classes it names.
    fn pattern(&mut self, node: Node<'t>) {
        match node.kind() {
            "identifier" => self.bind(node, None, Kind::Variable),
            "constant" | "scope_resolution" => {
                self.class_named(node, Role::Ref);
            }
            "as_pattern"
            | "array_pattern"
            | "find_pattern"
            | "hash_pattern"
            | "keyword_pattern"
            | "alternative_pattern"
            | "parenthesized_pattern"
            | "splat_parameter"
            | "hash_splat_parameter" => {
                let parts = named(node);
                for part in &parts {
                    self.pattern(*part);
                }
                // `name:` alone binds the name.
                if let ("keyword_pattern", [key]) = (node.kind(), &parts[..])
                    && key.kind() == "hash_key_symbol"
                {
                    self.bind(*key, None, Kind::Variable);
                }
            }
            "hash_key_symbol" => {}
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    fn rescued(&mut self, node: Node<'t>) -> TypeId {
        let mut class = None;
        let mut last = self.b.unknown();
        for part in named(node) {
            match part.kind() {
                "exceptions" => {
                    for inner in named(part) {
                        let ty = self.class_named(inner, Role::Type);
                        class.get_or_insert(ty);
                    }
                }
                "exception_variable" => {
                    let ty = class.map(|c| self.b.ty_instance(c));
                    for name in named(part) {
                        self.assign(name, ty, part);
                    }
                }
                _ => last = self.block(part),
            }
        }
        last
    }

    fn lambda(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        if let Some(parameters) = node.child_by_field_name("parameters") {
            self.parameters(parameters, None, &said::Said::default());
        }
        let result = node.child_by_field_name("body").map_or(self.b.unknown(), |b| self.inner_block(b));
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result })
    }

    fn inner_block(&mut self, node: Node<'t>) -> TypeId {
        let mut last = self.b.unknown();
        for part in named(node) {
            last = self.statement(part);
        }
        last
    }

    /// `{ |wheel| wheel.turn }`: what it is given comes from what it is handed to.
    pub(super) fn literal_block(&mut self, node: Node<'t>, by: Option<TypeId>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let parameters = node.child_by_field_name("parameters");
        let all: Vec<Node<'t>> = parameters.map(|p| named(p).into_vec()).unwrap_or_default();
        let only = all.len() == 1;
        for (i, parameter) in all.into_iter().enumerate() {
            let given = by.filter(|b| *b != self.b.unknown()).map(|by| self.b.ty(TypeExpr::Given { by, argument: 0, parameter: i as u32, only }));
            match parameter.kind() {
                "identifier" => {
                    let mut new = NewDefinition::new(text(parameter, self.b.text), Kind::Parameter, span(parameter), span(parameter));
                    new.ty = given;
                    self.b.define(new);
                }
                "destructured_parameter" => {
                    for part in named(parameter) {
                        if part.kind() == "identifier" {
                            self.b.define(NewDefinition::new(text(part, self.b.text), Kind::Parameter, span(part), span(part)));
                        }
                    }
                }
                _ => {
                    if let Some(name) = parameter.child_by_field_name("name") {
                        self.b.define(NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), span(parameter)));
                    }
                    if let Some(value) = parameter.child_by_field_name("value") {
                        self.expression(value, Role::Read);
                    }
                }
            }
        }
        let mut last = self.b.unknown();
        for part in named(node).into_iter().filter(|n| parameters.is_none_or(|p| p.id() != n.id())) {
            last = self.block(part);
        }
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result: last })
    }

    fn for_each(&mut self, node: Node<'t>) -> TypeId {
        let of = node.child_by_field_name("value").map_or(self.b.unknown(), |v| self.block(v));
        let element = self.b.ty_of(of, TypeExpr::Element);
        if let Some(pattern) = node.child_by_field_name("pattern") {
            self.assign(pattern, Some(element), node);
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.block(body);
        }
        of
    }

    fn string(&mut self, node: Node<'t>) -> TypeId {
        if is_text(node) {
            let bound = self.b.kept_as(node.id());
            self.b.text_signal(node, bound);
        }
        self.interpolations(node);
        self.value_of_class("String")
    }

    fn interpolations(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "interpolation" => {
                    self.block(part);
                }
                "string" | "bare_string" => self.interpolations(part),
                _ => {}
            }
        }
    }

    fn array(&mut self, node: Node<'t>) -> TypeId {
        let mut element = self.b.unknown();
        for (i, part) in named(node).into_iter().filter(|n| n.kind() != "comment").enumerate() {
            let ty = self.expression(part, Role::Read);
            if i < 3 {
                element = self.one_of(element, ty);
            }
        }
        if element == self.b.unknown() { self.value_of_class("Array") } else { self.b.ty(TypeExpr::List(element)) }
    }

    fn hash(&mut self, node: Node<'t>) -> TypeId {
        let mut value = self.b.unknown();
        for (i, part) in named(node).into_iter().filter(|n| n.kind() != "comment").enumerate() {
            let ty = self.expression(part, Role::Read);
            if i < 3 {
                value = self.one_of(value, ty);
            }
        }
        if value == self.b.unknown() { self.value_of_class("Hash") } else { self.b.ty(TypeExpr::Map(value)) }
    }

    /// `key => value`, `key: value`, `key:` alone.
    fn pair(&mut self, node: Node<'t>) -> TypeId {
        let key = node.child_by_field_name("key");
        if let Some(key) = key.filter(|k| k.kind() != "hash_key_symbol") {
            self.expression(key, Role::Read);
        }
        match (node.child_by_field_name("value"), key) {
            (Some(value), _) => self.expression(value, Role::Read),
            (None, Some(key)) => self.name(key, Role::Read),
            _ => self.b.unknown(),
        }
    }
}
