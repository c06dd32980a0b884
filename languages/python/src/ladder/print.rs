//! Writes a machine as a class, and lines of text that know where they came from.

use super::machine::{Code, Machine, Next};
use super::source::{Function, Names};
use compass_facts::Span;

/// Lines under way: text, and the place in the source of each piece.
#[derive(Default)]
pub(super) struct Lines {
    text: String,
    pieces: Vec<(Span, Option<Span>)>,
}

impl Lines {
    /// Begins a line at an indent.
    pub(super) fn begin(&mut self, indent: usize) {
        self.raw_line();
        self.text.extend(std::iter::repeat_n(' ', indent * 4));
    }

    /// Begins a line inside a text: nothing may be put before it.
    pub(super) fn raw_line(&mut self) {
        if !self.text.is_empty() {
            self.text.push('\n');
        }
    }

    /// Text taken from the source.
    pub(super) fn from(&mut self, place: Span, text: &str) {
        if !text.is_empty() {
            let start = self.text.len();
            self.text.push_str(text);
            self.pieces.push((Span::new(start, self.text.len()), Some(place)));
        }
    }

    /// Text nobody wrote.
    pub(super) fn made(&mut self, text: &str) {
        if !text.is_empty() {
            let start = self.text.len();
            self.text.push_str(text);
            self.pieces.push((Span::new(start, self.text.len()), None));
        }
    }

    /// A whole line nobody wrote.
    pub(super) fn line(&mut self, indent: usize, text: &str) {
        self.begin(indent);
        self.made(text);
    }

    pub(super) fn finish(self) -> (String, Vec<(Span, Option<Span>)>) {
        (self.text + "\n", self.pieces)
    }
}

/// The function with its class.
pub(super) fn print(function: &Function, machine: &Machine) -> Lines {
    let mut out = Lines::default();
    let me = &function.receiver;
    let class = class_name(&function.name);
    let head = function.head.of(function.text).trim_end().len() as u32;
    function.emit(Span { start: function.head.start, end: function.head.start + head }, 0, &mut out, Names::AsWritten);
    out.line(1, &format!("class {class}:"));
    out.line(2, &format!("\"\"\"The iterator that {} stands for; `state` is the block that runs next.\"\"\"", function.name));
    out.line(2, "END = object()");
    let handlers: Vec<String> = machine.blocks.iter().enumerate().filter_map(|(n, b)| b.handler.map(|h| format!("{n}: {h}"))).collect();
    out.line(2, &format!("HANDLERS = {{{}}}", handlers.join(", ")));
    out.line(0, "");
    let parameters: String = function.parameters.iter().map(|p| format!(", {p}")).collect();
    out.line(2, &format!("def __init__({me}{parameters}):"));
    for parameter in &function.parameters {
        out.line(3, &format!("{me}.{parameter} = {parameter}"));
    }
    out.line(3, &format!("{me}.state = 0"));
    out.line(3, &format!("{me}.result = None"));
    out.line(0, "");
    out.line(2, &format!("def resume({me}, sent, thrown):"));
    for outer in &function.outer {
        out.line(3, outer);
    }
    out.line(3, "while True:");
    out.line(4, "try:");
    let delegates: Vec<String> = machine.blocks.iter().enumerate().filter(|(_, b)| b.delegates).map(|(n, _)| n.to_string()).collect();
    let unless = if delegates.is_empty() { String::new() } else { format!(" and {me}.state not in ({},)", delegates.join(", ")) };
    out.line(5, &format!("if thrown is not None{unless}:"));
    out.line(6, "error, thrown = thrown, None");
    out.line(6, "raise error");
    for (n, block) in machine.blocks.iter().enumerate() {
        out.line(5, &format!("{} {me}.state == {n}:", if n == 0 { "if" } else { "elif" }));
        for code in &block.code {
            print_code(function, code, &mut out);
        }
        print_next(function, &block.next, &mut out);
    }
    out.line(5, "else:");
    out.line(6, &format!("return {me}.END"));
    out.line(4, "except BaseException as error:");
    out.line(5, &format!("handler = {me}.HANDLERS.get({me}.state)"));
    out.line(5, "if handler is None:");
    out.line(6, &format!("{me}.state = -1"));
    out.line(6, "if isinstance(error, StopIteration):");
    out.line(7, "raise RuntimeError(\"generator raised StopIteration\") from error");
    out.line(6, "raise");
    out.line(5, &format!("{me}.error, {me}.state = error, handler"));
    protocol(me, machine, &mut out);
    out.line(1, &format!("return {class}({})", function.parameters.join(", ")));
    out
}

/// What makes an object an iterator that can be sent to, thrown into and closed.
fn protocol(me: &str, machine: &Machine, out: &mut Lines) {
    let mut method = |head: &str, lines: &[&str]| {
        out.line(0, "");
        out.line(2, &format!("def {}:", head.replace("gen", me)));
        for line in lines {
            let depth = line.chars().take_while(|c| *c == ' ').count() / 4;
            out.line(3 + depth, &line.trim_start().replace("gen.", &format!("{me}.")));
        }
    };
    method("__iter__(gen)", &[&format!("return {me}")]);
    method("__next__(gen)", &["return gen.send(None)"]);
    method(
        "send(gen, value)",
        &[
            "if gen.state == 0 and value is not None:",
            "    raise TypeError(\"can't send non-None value to a just-started generator\")",
            "return gen.handed_out(gen.resume(value, None))",
        ],
    );
    method(
        "throw(gen, error, value=None, traceback=None)",
        &[
            "if isinstance(error, type):",
            "    error = error() if value is None else error(value)",
            "if gen.state == 0:",
            "    gen.state = -1",
            "    raise error",
            "if gen.state == -1:",
            "    raise error",
            "return gen.handed_out(gen.resume(None, error))",
        ],
    );
    method("handed_out(gen, item)", &["if item is not gen.END:", "    return item", "result, gen.result = gen.result, None", "raise StopIteration(result)"]);
    method(
        "close(gen)",
        &[
            "if gen.state <= 0:",
            "    gen.state = -1",
            "    return",
            "try:",
            "    item = gen.resume(None, GeneratorExit())",
            "except GeneratorExit:",
            "    return",
            "if item is not gen.END:",
            "    raise RuntimeError(\"generator ignored GeneratorExit\")",
        ],
    );
    method("__del__(gen)", &["gen.close()"]);
    if machine.blocks.iter().any(|b| b.delegates) {
        method(
            "delegate(gen, inner, sent, thrown)",
            &[
                "if thrown is None:",
                "    return next(inner) if sent is None else inner.send(sent)",
                "if isinstance(thrown, GeneratorExit):",
                "    if hasattr(inner, \"close\"):",
                "        inner.close()",
                "    raise thrown",
                "if not hasattr(inner, \"throw\"):",
                "    raise thrown",
                "return inner.throw(thrown)",
            ],
        );
    }
    out.line(0, "");
}

fn print_code(function: &Function, code: &Code, out: &mut Lines) {
    let indent = 6 + code.indent;
    out.begin(indent);
    for part in &code.parts {
        match part {
            super::machine::Part::Made(text) => out.made(&text.replace("gen.", &format!("{}.", function.receiver))),
            super::machine::Part::Source(span) => function.emit_inline(*span, indent, out, Names::AsFields),
        }
    }
}

fn print_next(function: &Function, next: &Next, out: &mut Lines) {
    let me = &function.receiver;
    match next {
        Next::Goto(n) => out.line(6, &format!("{me}.state = {n}")),
        Next::Choice(yes, no) => out.line(6, &format!("{me}.state = {yes} if chosen else {no}")),
        Next::HandOut(n) => {
            out.line(6, &format!("{me}.state = {n}"));
            out.line(6, "return item");
        }
        Next::End => {
            out.line(6, &format!("{me}.state = -1"));
            out.line(6, &format!("return {me}.END"));
        }
        Next::Written => {}
    }
}

/// `last_of_each` → `LastOfEach`.
fn class_name(name: &str) -> String {
    let words = name.split('_').filter(|w| !w.is_empty());
    let joined: String = words.flat_map(|w| w.chars().take(1).flat_map(char::to_uppercase).chain(w.chars().skip(1))).collect();
    let plain = joined.chars().next().is_some_and(char::is_alphabetic);
    if plain && joined != name { joined } else { format!("{}Iterator", if plain { joined } else { "Made".to_owned() }) }
}
