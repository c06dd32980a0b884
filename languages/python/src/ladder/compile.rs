//! Cuts statements into blocks.

use super::machine::{Block, Code, Machine, Next, Part};
use super::source::{Function, has_yield, holds};
use compass_facts::Span;
use tree_sitter::Node;

/// Cuts a generator's body; with `primitive`, every loop and branch too.
///
/// # Errors
/// What stands in the way, in words.
pub(super) fn compile(function: &Function, primitive: bool) -> Result<Machine, String> {
    let mut c = Compiler {
        function,
        primitive,
        machine: Machine::default(),
        here: 0,
        handler: None,
        loops: Vec::new(),
        exits: Vec::new(),
        names: 0,
        caught: Vec::new(),
    };
    c.here = c.block();
    c.suite(function.body)?;
    c.end(Next::End);
    Ok(c.machine)
}

/// A loop that `break` and `continue` mean, and how many exits stood around it.
#[derive(Clone, Copy)]
struct Loop {
    again: usize,
    after: usize,
    exits: usize,
}

/// Something that runs when it is left: a `finally` or the end of a `with`.
#[derive(Clone)]
struct Exit {
    /// Its block.
    block: usize,
    /// The field that says how to go on after it.
    pending: String,
}

struct Compiler<'f, 't> {
    function: &'f Function<'t>,
    primitive: bool,
    machine: Machine,
    here: usize,
    handler: Option<usize>,
    loops: Vec<Loop>,
    exits: Vec<Exit>,
    names: usize,
    /// Fields that hold what the `except` clauses around have caught.
    caught: Vec<String>,
}

type Done = Result<(), String>;

fn children(node: Node) -> Vec<Node> {
    let mut cursor = node.walk();
    node.named_children(&mut cursor).filter(|n| n.kind() != "comment").collect()
}

impl<'t> Compiler<'_, 't> {
    fn block(&mut self) -> usize {
        self.machine.blocks.push(Block { code: Vec::new(), next: Next::Written, handler: self.handler, delegates: false });
        self.machine.blocks.len() - 1
    }

    fn end(&mut self, next: Next) {
        self.machine.blocks[self.here].next = next;
    }

    fn goto(&mut self, block: usize) {
        self.end(Next::Goto(block));
        self.here = block;
    }

    fn code(&mut self, indent: usize, parts: Vec<Part>) {
        let here = self.here;
        self.machine.blocks[here].code.push(Code { indent, parts });
    }

    fn made(&mut self, text: &str) {
        self.code(0, vec![Part::Made(text.to_owned())]);
    }

    fn name(&mut self, what: &str) -> String {
        self.names += 1;
        let mut name = format!("{what}{}", self.names);
        while self.function.local_names.contains(&name) {
            name.push('_');
        }
        name
    }

    fn source(&self, node: Node) -> Part {
        Part::Source(self.function.span(node))
    }

    fn text(&self, node: Node) -> &'t str {
        &self.function.text[node.byte_range()]
    }

    fn suite(&mut self, node: Node<'t>) -> Done {
        for statement in children(node) {
            self.statement(statement)?;
        }
        Ok(())
    }

    /// Must the statement be cut, or can it stay as it is?
    fn is_cut(&self, node: Node) -> bool {
        let leaves = holds(node, &|n| matches!(n.kind(), "yield" | "return_statement")) || leaves_loop(node);
        let reraises = !self.caught.is_empty() && holds(node, &|n| n.kind() == "raise_statement" && n.named_child_count() == 0);
        let compound = matches!(node.kind(), "if_statement" | "for_statement" | "while_statement" | "try_statement" | "with_statement");
        leaves || reraises || (self.primitive && compound)
    }

    fn statement(&mut self, node: Node<'t>) -> Done {
        if !self.is_cut(node) {
            return self.plain(node);
        }
        match node.kind() {
            "expression_statement" => self.expression_statement(node),
            "return_statement" => self.return_statement(node),
            "break_statement" | "continue_statement" => self.leave_loop(node),
            "raise_statement" => self.raise(node),
            "if_statement" => self.if_statement(node),
            "while_statement" => self.while_statement(node),
            "for_statement" => self.for_statement(node),
            "try_statement" => self.try_statement(node),
            "with_statement" => self.with_statement(node),
            "block" => self.suite(node),
            "assert_statement" | "delete_statement" | "print_statement" => self.simple_with_yield(node),
            other => Err(format!("a yield stands in a {}", other.replace('_', " "))),
        }
    }

    /// A statement that stays; names it binds that cannot be fields are copied to them.
    fn plain(&mut self, node: Node<'t>) -> Done {
        match node.kind() {
            "pass_statement" | "global_statement" | "nonlocal_statement" => return Ok(()),
            // The docstring is the function's.
            "expression_statement" if children(node).first().is_some_and(|n| n.kind() == "string") => return Ok(()),
            "try_statement" if binds_error(node) => return self.try_statement(node),
            "for_statement" | "while_statement" | "if_statement" | "with_statement" if holds(node, &|n| n.kind() == "try_statement" && binds_error(n)) => {
                return match node.kind() {
                    "for_statement" => self.for_statement(node),
                    "while_statement" => self.while_statement(node),
                    "if_statement" => self.if_statement(node),
                    _ => self.with_statement(node),
                };
            }
            _ => {}
        }
        let part = self.source(node);
        self.code(0, vec![part]);
        let mut bound = Vec::new();
        bound_names(node, self.function.text, &mut bound);
        for name in bound {
            self.made(&format!("gen.{name} = {name}"));
        }
        Ok(())
    }

    // Yields.

    fn expression_statement(&mut self, node: Node<'t>) -> Done {
        let inner = children(node);
        match inner.first() {
            Some(only) if only.kind() == "yield" => self.hand_out(*only),
            Some(only) if only.kind() == "assignment" && only.child_by_field_name("right").is_some_and(|r| r.kind() == "yield") => {
                let (Some(left), Some(right)) = (only.child_by_field_name("left"), only.child_by_field_name("right")) else { return Ok(()) };
                self.hand_out(right)?;
                let left = self.source(left);
                let value = self.value_of(right);
                self.code(0, vec![left, Part::Made(format!(" = {value}"))]);
                Ok(())
            }
            _ => self.simple_with_yield(node),
        }
    }

    /// The name under which the value that a yield gives is found in the block behind it.
    fn value_of(&self, node: Node) -> String {
        if is_from(node) { format!("gen.value{}", self.names) } else { "sent".to_owned() }
    }

    /// Hands out the value of a `yield`; goes on in the block that runs next.
    fn hand_out(&mut self, node: Node<'t>) -> Done {
        let value = children(node).into_iter().next();
        if let Some(value) = value
            && has_yield(value)
        {
            return Err("a yield stands in the value of another".to_owned());
        }
        if is_from(node) {
            let inner = self.name("inner");
            let value = value.map_or(Part::Made("()".to_owned()), |v| self.source(v));
            self.code(0, vec![Part::Made(format!("gen.{inner} = iter(")), value, Part::Made(")".to_owned())]);
            self.made("sent = None");
            let delegate = self.block();
            self.goto(delegate);
            self.machine.blocks[delegate].delegates = true;
            let after = self.block();
            self.made("error, thrown = thrown, None");
            self.made("try:");
            self.code(1, vec![Part::Made(format!("item = gen.delegate(gen.{inner}, sent, error)"))]);
            self.made("except StopIteration as stop:");
            let number = self.names;
            self.code(1, vec![Part::Made(format!("gen.value{number}, gen.state = stop.value, {after}"))]);
            self.made("else:");
            self.code(1, vec![Part::Made("return item".to_owned())]);
            self.here = after;
            return Ok(());
        }
        let mut parts = vec![Part::Made("item = ".to_owned())];
        parts.push(value.map_or(Part::Made("None".to_owned()), |v| self.source(v)));
        self.code(0, parts);
        let after = self.block();
        self.end(Next::HandOut(after));
        self.here = after;
        Ok(())
    }

    /// A simple statement with one yield among its operands.
    fn simple_with_yield(&mut self, node: Node<'t>) -> Done {
        let parts = self.lifted(node)?;
        self.code(0, parts);
        Ok(())
    }

    /// An expression or statement in parts, its yields handed out before it.
    fn lifted(&mut self, node: Node<'t>) -> Result<Vec<Part>, String> {
        let mut yields = Vec::new();
        find_yields(node, &mut yields);
        let mut parts = Vec::new();
        let mut at = node.start_byte();
        for (n, each) in yields.iter().enumerate() {
            let before = holds(node, &|x| matches!(x.kind(), "call" | "await" | "subscript") && x.end_byte() <= each.start_byte() && x.id() != each.id());
            let conditional =
                holds(node, &|x| matches!(x.kind(), "boolean_operator" | "conditional_expression" | "lambda") && x.byte_range().contains(&each.start_byte()));
            if before || conditional {
                return Err("an expression yields after other parts of it were evaluated".to_owned());
            }
            self.hand_out(*each)?;
            let value = self.value_of(*each);
            let kept = if yields.len() > 1 && n + 1 < yields.len() {
                let name = self.name("sent");
                self.made(&format!("gen.{name} = {value}"));
                format!("gen.{name}")
            } else {
                value
            };
            // Parentheses around a yield fall away with it.
            let outer = each.parent().filter(|p| p.kind() == "parenthesized_expression").unwrap_or(*each);
            parts.push(Part::Source(Span::new(at, outer.start_byte())));
            parts.push(Part::Made(kept));
            at = outer.end_byte();
        }
        parts.push(Part::Source(Span::new(at, node.end_byte())));
        Ok(parts)
    }

    // Leaving.

    fn return_statement(&mut self, node: Node<'t>) -> Done {
        let value = children(node).into_iter().next();
        let mut parts = vec![Part::Made("gen.result = ".to_owned())];
        match value {
            Some(v) if v.kind() == "yield" => {
                self.hand_out(v)?;
                parts.push(Part::Made(self.value_of(v)));
            }
            Some(v) if has_yield(v) => parts.extend(self.lifted(v)?),
            Some(v) => parts.push(self.source(v)),
            None => parts.push(Part::Made("None".to_owned())),
        }
        self.code(0, parts);
        match self.exits.last().cloned() {
            Some(exit) => {
                self.made(&format!("gen.{} = (\"return\",)", exit.pending));
                self.end(Next::Goto(exit.block));
            }
            None => self.end(Next::End),
        }
        self.here = self.block();
        Ok(())
    }

    fn leave_loop(&mut self, node: Node<'t>) -> Done {
        let Some(target) = self.loops.last().copied() else { return self.plain(node) };
        let goal = if node.kind() == "break_statement" { target.after } else { target.again };
        self.jump(goal, target.exits);
        self.here = self.block();
        Ok(())
    }

    /// Goes to a block, through the exits that stand around here but not around there.
    fn jump(&mut self, goal: usize, exits: usize) {
        match self.exits.last().cloned().filter(|_| self.exits.len() > exits) {
            Some(exit) => {
                self.made(&format!("gen.{} = (\"goto\", {goal})", exit.pending));
                self.end(Next::Goto(exit.block));
            }
            None => self.end(Next::Goto(goal)),
        }
    }

    fn raise(&mut self, node: Node<'t>) -> Done {
        if children(node).is_empty()
            && let Some(caught) = self.caught.last().cloned()
        {
            self.made(&format!("raise gen.{caught}"));
            return Ok(());
        }
        self.simple_with_yield(node)
    }

    // Branches and loops.

    fn condition(&mut self, node: Node<'t>) -> Done {
        let mut parts = vec![Part::Made("chosen = ".to_owned())];
        if has_yield(node) {
            parts.extend(self.lifted(node)?);
        } else {
            parts.push(self.source(node));
        }
        self.code(0, parts);
        Ok(())
    }

    fn if_statement(&mut self, node: Node<'t>) -> Done {
        let mut branches: Vec<(Option<Node>, Node)> = Vec::new();
        if let (Some(c), Some(b)) = (node.child_by_field_name("condition"), node.child_by_field_name("consequence")) {
            branches.push((Some(c), b));
        }
        let mut cursor = node.walk();
        for part in node.children_by_field_name("alternative", &mut cursor) {
            match part.kind() {
                "elif_clause" => {
                    if let (Some(c), Some(b)) = (part.child_by_field_name("condition"), part.child_by_field_name("consequence")) {
                        branches.push((Some(c), b));
                    }
                }
                _ => branches.extend(part.child_by_field_name("body").map(|b| (None, b))),
            }
        }
        let after = self.block();
        for (condition, body) in branches {
            match condition {
                Some(condition) => {
                    self.condition(condition)?;
                    let (yes, no) = (self.block(), self.block());
                    self.end(Next::Choice(yes, no));
                    self.here = yes;
                    self.suite(body)?;
                    self.end(Next::Goto(after));
                    self.here = no;
                }
                None => self.suite(body)?,
            }
        }
        self.goto(after);
        Ok(())
    }

    fn while_statement(&mut self, node: Node<'t>) -> Done {
        let again = self.block();
        let after = self.block();
        self.goto(again);
        if let Some(condition) = node.child_by_field_name("condition") {
            self.condition(condition)?;
        }
        let (body, otherwise) = (self.block(), self.block());
        self.end(Next::Choice(body, otherwise));
        self.loop_body(node, Loop { again, after, exits: self.exits.len() }, body, otherwise)
    }

    fn for_statement(&mut self, node: Node<'t>) -> Done {
        let (Some(left), Some(right)) = (node.child_by_field_name("left"), node.child_by_field_name("right")) else { return Ok(()) };
        if children(node).is_empty() || self.text(node).starts_with("async") {
            return Err("it has an async for".to_owned());
        }
        let name = self.name("iter");
        let mut parts = vec![Part::Made(format!("gen.{name} = iter("))];
        // `for x in 1, 2:` has a tuple without parentheses.
        let bare = right.kind() == "expression_list" || right.kind() == "pattern_list";
        parts.push(Part::Made(if bare { "(".to_owned() } else { String::new() }));
        if has_yield(right) {
            parts.extend(self.lifted(right)?);
        } else {
            parts.push(self.source(right));
        }
        parts.push(Part::Made(if bare { "))".to_owned() } else { ")".to_owned() }));
        self.code(0, parts);
        let again = self.block();
        let after = self.block();
        self.goto(again);
        self.made(&format!("item = next(gen.{name}, gen.END)"));
        self.made("chosen = item is not gen.END");
        let (body, otherwise) = (self.block(), self.block());
        self.made("if chosen:");
        let left = self.source(left);
        self.code(1, vec![left, Part::Made(" = item".to_owned())]);
        self.end(Next::Choice(body, otherwise));
        self.loop_body(node, Loop { again, after, exits: self.exits.len() }, body, otherwise)
    }

    fn loop_body(&mut self, node: Node<'t>, this: Loop, body: usize, otherwise: usize) -> Done {
        self.loops.push(this);
        self.here = body;
        if let Some(b) = node.child_by_field_name("body") {
            self.suite(b)?;
        }
        self.loops.pop();
        self.end(Next::Goto(this.again));
        self.here = otherwise;
        if let Some(b) = node.child_by_field_name("alternative").and_then(|a| a.child_by_field_name("body")) {
            self.suite(b)?;
        }
        self.goto(this.after);
        Ok(())
    }

    // Exceptions.

    fn try_statement(&mut self, node: Node<'t>) -> Done {
        let parts = children(node);
        let finally = parts.iter().find(|p| p.kind() == "finally_clause").copied();
        let Some(finally) = finally else { return self.try_except(node) };
        let pending = self.name("pending");
        let (outer, after) = (self.handler, self.block());
        let (catch, exit) = (self.block(), self.block());
        self.made(&format!("gen.{pending} = (\"goto\", {after})"));
        self.handler = Some(catch);
        self.exits.push(Exit { block: exit, pending: pending.clone() });
        let inside = self.block();
        self.goto(inside);
        self.try_except(node)?;
        self.exits.pop();
        self.handler = outer;
        let done = self.here;
        self.machine.blocks[done].next = Next::Goto(exit);
        // Set on the way in; a body that ends by itself goes on behind.
        self.here = catch;
        self.made(&format!("gen.{pending} = (\"raise\", gen.error)"));
        self.end(Next::Goto(exit));
        self.here = exit;
        if let Some(body) = children(finally).into_iter().find(|n| n.kind() == "block") {
            self.suite(body)?;
        }
        self.go_on(&pending);
        self.here = after;
        Ok(())
    }

    /// Behind an exit: raises, returns or jumps, as was pending.
    fn go_on(&mut self, pending: &str) {
        self.made(&format!("how, *what = gen.{pending}"));
        self.made("if how == \"raise\":");
        self.code(1, vec![Part::Made("raise what[0]".to_owned())]);
        self.made("if how == \"return\":");
        match self.exits.last().cloned() {
            Some(exit) => {
                self.code(1, vec![Part::Made(format!("gen.{} = (\"return\",)", exit.pending))]);
                self.code(1, vec![Part::Made(format!("gen.state = {}", exit.block))]);
                self.code(1, vec![Part::Made("continue".to_owned())]);
            }
            None => {
                self.code(1, vec![Part::Made("gen.state = -1".to_owned())]);
                self.code(1, vec![Part::Made("return gen.END".to_owned())]);
            }
        }
        // A jump out of several exits goes through each of them.
        let outer = self.exits.last().cloned();
        let inside = self.loops.last().is_none_or(|l| l.exits < self.exits.len());
        match (outer, inside, self.loops.last().copied()) {
            (Some(exit), true, Some(target)) => {
                self.made(&format!("if what[0] in ({}, {}):", target.again, target.after));
                self.code(1, vec![Part::Made(format!("gen.{} = (\"goto\", what[0])", exit.pending))]);
                self.code(1, vec![Part::Made(format!("gen.state = {}", exit.block))]);
                self.code(1, vec![Part::Made("continue".to_owned())]);
                self.made("gen.state = what[0]");
            }
            _ => self.made("gen.state = what[0]"),
        }
        self.end(Next::Written);
    }

    fn try_except(&mut self, node: Node<'t>) -> Done {
        let parts = children(node);
        let clauses: Vec<Node> = parts.iter().filter(|p| p.kind() == "except_clause").copied().collect();
        let otherwise = parts.iter().find(|p| p.kind() == "else_clause").copied();
        let body = node.child_by_field_name("body");
        if clauses.is_empty() {
            return body.map_or(Ok(()), |b| self.suite(b));
        }
        let outer = self.handler;
        let (after, catch) = (self.block(), self.block());
        self.handler = Some(catch);
        let inside = self.block();
        self.goto(inside);
        if let Some(b) = body {
            self.suite(b)?;
        }
        self.handler = outer;
        let behind = self.block();
        self.goto(behind);
        if let Some(b) = otherwise.and_then(|o| o.child_by_field_name("body")) {
            self.suite(b)?;
        }
        self.end(Next::Goto(after));
        self.here = catch;
        let caught = self.name("caught");
        self.made(&format!("gen.{caught} = gen.error"));
        for clause in clauses {
            self.except_clause(clause, &caught, after)?;
        }
        self.made(&format!("raise gen.{caught}"));
        self.end(Next::Written);
        self.here = after;
        Ok(())
    }

    fn except_clause(&mut self, clause: Node<'t>, caught: &str, after: usize) -> Done {
        let mut kinds: Vec<Node> = children(clause).into_iter().filter(|n| n.kind() != "block").collect();
        let body = children(clause).into_iter().find(|n| n.kind() == "block");
        let mut alias = None;
        if let [only] = kinds[..]
            && only.kind() == "as_pattern"
        {
            alias = only.child_by_field_name("alias").map(|a| self.text(a).to_owned());
            kinds = children(only).into_iter().take(1).collect();
        } else if kinds.len() == 2 {
            alias = kinds.pop().map(|a| self.text(a).to_owned());
        }
        let (yes, no) = (self.block(), self.block());
        match kinds.first() {
            Some(kind) => {
                let kind = self.source(*kind);
                self.code(0, vec![Part::Made(format!("chosen = isinstance(gen.{caught}, ")), kind, Part::Made(")".to_owned())]);
            }
            None => self.made("chosen = True"),
        }
        self.end(Next::Choice(yes, no));
        self.here = yes;
        if let Some(alias) = alias {
            self.made(&format!("gen.{alias} = gen.{caught}"));
        }
        self.caught.push(caught.to_owned());
        if let Some(body) = body {
            self.suite(body)?;
        }
        self.caught.pop();
        self.end(Next::Goto(after));
        self.here = no;
        Ok(())
    }

    fn with_statement(&mut self, node: Node<'t>) -> Done {
        if self.text(node).starts_with("async") {
            return Err("it has an async with".to_owned());
        }
        let mut items = Vec::new();
        with_items(node, &mut items);
        let body = node.child_by_field_name("body");
        self.with_items(&items, body)
    }

    fn with_items(&mut self, items: &[Node<'t>], body: Option<Node<'t>>) -> Done {
        let Some((item, rest)) = items.split_first() else { return body.map_or(Ok(()), |b| self.suite(b)) };
        let value = item.child_by_field_name("value").unwrap_or(*item);
        let (value, alias) = match value.kind() {
            "as_pattern" => (children(value).into_iter().next().unwrap_or(value), value.child_by_field_name("alias")),
            _ => (value, None),
        };
        let manager = self.name("manager");
        let pending = format!("pending{}", self.names);
        let mut parts = vec![Part::Made(format!("gen.{manager} = "))];
        if has_yield(value) {
            parts.extend(self.lifted(value)?);
        } else {
            parts.push(self.source(value));
        }
        self.code(0, parts);
        self.made(&format!("item = type(gen.{manager}).__enter__(gen.{manager})"));
        let (outer, after) = (self.handler, self.block());
        let (catch, exit) = (self.block(), self.block());
        self.made(&format!("gen.{pending} = (\"goto\", {after})"));
        self.handler = Some(catch);
        self.exits.push(Exit { block: exit, pending: pending.clone() });
        if let Some(alias) = alias {
            let alias = self.source(alias);
            self.code(0, vec![alias, Part::Made(" = item".to_owned())]);
        }
        let inside = self.block();
        self.goto(inside);
        self.with_items(rest, body)?;
        self.exits.pop();
        self.handler = outer;
        self.end(Next::Goto(exit));
        self.here = catch;
        self.made("error = gen.error");
        self.made(&format!("if not type(gen.{manager}).__exit__(gen.{manager}, type(error), error, error.__traceback__):"));
        self.code(1, vec![Part::Made("raise error".to_owned())]);
        self.end(Next::Goto(after));
        self.here = exit;
        self.made(&format!("type(gen.{manager}).__exit__(gen.{manager}, None, None, None)"));
        self.go_on(&pending);
        self.here = after;
        Ok(())
    }
}

fn is_from(node: Node) -> bool {
    let mut cursor = node.walk();
    node.children(&mut cursor).any(|c| c.kind() == "from")
}

fn find_yields<'t>(node: Node<'t>, out: &mut Vec<Node<'t>>) {
    if node.kind() == "yield" {
        out.push(node);
        return;
    }
    if !matches!(node.kind(), "lambda" | "function_definition" | "class_definition") {
        for child in children(node) {
            find_yields(child, out);
        }
    }
}

/// Does a `break` or `continue` in it mean a loop around it?
fn leaves_loop(node: Node) -> bool {
    match node.kind() {
        "break_statement" | "continue_statement" => true,
        "for_statement" | "while_statement" => node.child_by_field_name("alternative").is_some_and(|a| leaves_loop(a)),
        "function_definition" | "class_definition" | "lambda" => false,
        _ => children(node).into_iter().any(leaves_loop),
    }
}

/// `except E as e` binds a name that cannot be a field.
fn binds_error(node: Node) -> bool {
    holds(node, &|n| n.kind() == "except_clause" && children(n).iter().any(|c| c.kind() == "as_pattern"))
}

fn with_items<'t>(node: Node<'t>, out: &mut Vec<Node<'t>>) {
    for child in children(node) {
        match child.kind() {
            "with_clause" => with_items(child, out),
            "with_item" => out.push(child),
            _ => {}
        }
    }
}

/// Names that imports, inner functions and classes bind.
fn bound_names<'t>(node: Node, text: &'t str, out: &mut Vec<&'t str>) {
    match node.kind() {
        "function_definition" | "class_definition" => out.extend(node.child_by_field_name("name").map(|n| &text[n.byte_range()])),
        "decorated_definition" => {
            if let Some(inner) = node.child_by_field_name("definition") {
                bound_names(inner, text, out);
            }
        }
        "import_statement" | "import_from_statement" => {
            let mut cursor = node.walk();
            for name in node.children_by_field_name("name", &mut cursor) {
                let bound = name.child_by_field_name("alias").unwrap_or(name);
                out.push(text[bound.byte_range()].split('.').next().unwrap_or(""));
            }
        }
        "if_statement" | "for_statement" | "while_statement" | "try_statement" | "with_statement" | "block" | "else_clause" | "elif_clause"
        | "except_clause" | "finally_clause" => {
            for child in children(node) {
                bound_names(child, text, out);
            }
        }
        _ => {}
    }
}
