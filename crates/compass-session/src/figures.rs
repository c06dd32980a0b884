//! What is known as figures: chains, trees, kin, units, layers, the survey, what follows from a change.

use crate::survey::SurveyData;
use crate::{Failure, ways};
use compass_draw::{Bar, BarGroup, Cell, Chart, Drawing, Figure, Graph, GraphNode, Row, Table, TableRow, Tone};
use compass_index::UnitId;
use compass_trace::chains::{Chain, Direction};
use compass_trace::kin::{Cell as Member, Kin};
use compass_trace::question::{Depth, Filter, Form, Question, Subject, WhoDoes, parse};
use compass_trace::{Answer, Answers, Context, Engine, plural};
use std::collections::{BTreeMap, BTreeSet, HashMap};

/// Rows of a tree at most; a page with more is read by nobody.
const MOST_ROWS: usize = 600;
/// Columns of a table at most.
const MOST_COLUMNS: usize = 16;
/// Boxes of a graph at most.
const MOST_BOXES: usize = 80;
/// A tree goes so far where the question does not say.
const DEPTH: u32 = 3;

/// What can be drawn.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Sort {
    Chain,
    Tree,
    Kin,
    Units,
    Layers,
    Survey,
    Impact,
}

impl Sort {
    /// All of them.
    pub const ALL: [Sort; 7] = [Sort::Chain, Sort::Tree, Sort::Kin, Sort::Units, Sort::Layers, Sort::Survey, Sort::Impact];

    /// Its word.
    pub fn word(self) -> &'static str {
        match self {
            Sort::Chain => "chain",
            Sort::Tree => "tree",
            Sort::Kin => "kin",
            Sort::Units => "units",
            Sort::Layers => "layers",
            Sort::Survey => "survey",
            Sort::Impact => "impact",
        }
    }

    /// What it is drawn of, for people.
    pub fn asks(self) -> &'static str {
        match self {
            Sort::Chain => "how does A reach B · who calls A through N · what does A call through N",
            Sort::Tree => "NAME · what does NAME call through N · who calls NAME through N",
            Sort::Kin => "NAME of a type, or of a member of one",
            Sort::Units | Sort::Layers | Sort::Survey => "nothing: it is about everything that is indexed",
            Sort::Impact => "NAME · what follows from NAME · what follows from changes since REVISION",
        }
    }
}

/// The figure of a question or name; nothing where there is nothing to draw. Notes are for whoever asked.
///
/// # Errors
/// A question of another sort, and what the engine says.
pub fn figure(engine: &Engine, sort: Sort, text: &str, context: &Context) -> Result<(Option<Figure>, Vec<String>), Failure> {
    Ok(match sort {
        Sort::Chain => return chain(engine, text, context),
        Sort::Tree => (tree(engine, text, context)?, Vec::new()),
        Sort::Kin => (kin(engine, text)?, Vec::new()),
        Sort::Units => (Some(Figure::Graph(units(engine))), Vec::new()),
        Sort::Layers => (layers(&crate::survey::survey(engine, context)?).map(Figure::Table), Vec::new()),
        Sort::Survey => (Some(Figure::Chart(survey(&crate::survey::survey(engine, context)?))), Vec::new()),
        Sort::Impact => (impact(engine, text, context)?, Vec::new()),
    })
}

fn chain(engine: &Engine, text: &str, context: &Context) -> Result<(Option<Figure>, Vec<String>), Failure> {
    let (question, _) = parse(text)?;
    match &question.form {
        Form::HowReach { .. } => {
            let found = ways::find(engine, &question, context)?;
            Ok((found.sections.first().map(ways::drawing).map(Figure::Rows), found.notes))
        }
        Form::Who { through: Some(_), .. } | Form::WhatDoes { through: Some(_), .. } => {
            let answers = engine.answer(&question, context)?;
            let drawn = (answers.total > 0).then(|| Figure::Rows(ways::drawing_of_levels(text, &answers)));
            Ok((drawn, answers.notes))
        }
        _ => Err(Failure::NotDrawn(Sort::Chain.word(), Sort::Chain.asks())),
    }
}

/// A name alone, or the question before it: where a text is no question of these forms it is a name.
fn question_or(text: &str, form: &str) -> Result<Question, Failure> {
    match parse(text) {
        Ok((question, _)) if !matches!(question.form, Form::Symbols(_) | Form::WhereIs { .. }) => Ok(question),
        _ => Ok(parse(&form.replace("NAME", text))?.0),
    }
}

fn tree(engine: &Engine, text: &str, context: &Context) -> Result<Option<Figure>, Failure> {
    let question = question_or(text, &format!("what does NAME call through {DEPTH}"))?;
    let levels = |depth: &Option<Depth>| match depth {
        Some(Depth::Levels(n)) => *n,
        Some(Depth::All) => 64,
        None => DEPTH,
    };
    let (subject, direction, depth): (&Subject, _, _) = match &question.form {
        Form::WhatDoes { subject, through, .. } => (subject, Direction::Down, levels(through)),
        Form::Who { does: WhoDoes::Calls, subjects, through } if !subjects.is_empty() => (&subjects[0], Direction::Up, levels(through)),
        _ => return Err(Failure::NotDrawn(Sort::Tree.word(), Sort::Tree.asks())),
    };
    let starts = engine.symbols_of(subject)?;
    if starts.is_empty() {
        return Ok(None);
    }
    let chain = engine.chain(&starts, direction, depth, context)?;
    let mut below: BTreeMap<Option<usize>, Vec<usize>> = BTreeMap::new();
    chain.nodes.iter().enumerate().for_each(|(n, node)| below.entry(node.parent).or_default().push(n));
    let mut rows = Vec::new();
    for start in &starts {
        let at = engine.symbol_answer(*start)?;
        rows.push(symbol_row(&at, at.kind_word().unwrap_or_default(), true, 0));
        for n in below.get(&None).into_iter().flatten() {
            let node = &chain.nodes[*n];
            if starts.len() == 1 || (if direction == Direction::Down { node.edge.from } else { node.edge.to }) == *start {
                branch(engine, &chain, &below, *n, &mut rows)?;
            }
        }
    }
    let cut = rows.len() >= MOST_ROWS || chain.cut;
    rows.truncate(MOST_ROWS);
    let what = if direction == Direction::Down { "what it calls" } else { "who calls it" };
    let open = chain.unknown + chain.held;
    let unknown = if open > 0 { format!(" · {} without a known target", plural(open, "call")) } else { String::new() };
    let more = if cut { " · there is more" } else { "" };
    let subtitle = format!("{what}, {} deep · {}{unknown}{more}", plural(u64::from(depth), "level"), plural(chain.nodes.len() as u64, "row"));
    Ok(Some(Figure::Rows(Drawing { title: subject.to_string(), subtitle, rows })))
}

fn symbol_row(at: &Answer, kind: &str, end: bool, indent: usize) -> Row {
    Row::Symbol { place: format!("{}:{}", at.path, at.line), name: at.name.clone().unwrap_or_else(|| at.path.clone()), kind: kind.to_owned(), end, indent }
}

/// A row of a chain and what hangs on it.
fn branch(engine: &Engine, chain: &Chain, below: &BTreeMap<Option<usize>, Vec<usize>>, n: usize, rows: &mut Vec<Row>) -> Result<(), Failure> {
    if rows.len() >= MOST_ROWS {
        return Ok(());
    }
    let node = &chain.nodes[n];
    let at = engine.symbol_answer(node.symbol)?;
    let via = engine.node_answer(node)?;
    let mut told = at.kind_word().unwrap_or_default().to_owned();
    if let Some(word) = via.via.as_deref().filter(|v| *v != "call") {
        told = format!("{told} · {word}");
    }
    if let Some(word) = via.certainty_word().filter(|w| *w != "proven") {
        told = format!("{told} · {word}");
    }
    if node.met_before {
        told += " · see above";
    }
    rows.push(symbol_row(&at, &told, false, node.level as usize));
    for child in below.get(&Some(n)).into_iter().flatten() {
        branch(engine, chain, below, *child, rows)?;
    }
    Ok(())
}

fn kin(engine: &Engine, text: &str) -> Result<Option<Figure>, Failure> {
    let question = question_or(text, "where is NAME")?;
    let (Form::WhereIs { subject, .. } | Form::Outline(subject)) = &question.form else {
        return Err(Failure::NotDrawn(Sort::Kin.word(), Sort::Kin.asks()));
    };
    for symbol in engine.symbols_of(subject)? {
        if let Some(kin) = engine.kin(symbol)? {
            return Ok(Some(Figure::Table(kin_table(&kin))));
        }
    }
    Ok(None)
}

/// Types down, members across.
pub fn kin_table(kin: &Kin) -> Table {
    let place = |a: &Answer| Some(format!("{}:{}", a.path, a.line));
    let highest = kin.types.iter().map(|t| -t.level).max().unwrap_or(0).max(0);
    let shown = kin.members.len().min(MOST_COLUMNS);
    let mut head = vec![Cell { text: "type".to_owned(), ..Cell::default() }];
    head.extend(kin.members.iter().take(shown).map(|(name, at)| Cell { text: name.clone(), place: place(at), ..Cell::default() }));
    let row = |of: &compass_trace::kin::KinType| {
        let tone = if of.level == 0 { Tone::Middle } else { Tone::Plain };
        let name = Cell { text: of.at.name.clone().unwrap_or_else(|| of.at.path.clone()), tone, place: place(&of.at) };
        let cells = of.cells.iter().take(shown).map(|cell| match cell {
            Member::Own(at) => Cell { text: format!("{}:{}", at.path.rsplit('/').next().unwrap_or(&at.path), at.line), tone: Tone::Plain, place: place(at) },
            Member::Inherited(from, at) => Cell { text: format!("from {from}"), tone: Tone::Quiet, place: place(at) },
            Member::Lacking => Cell { text: "–".to_owned(), tone: Tone::Alarming, place: None },
        });
        TableRow { name, indent: usize::try_from(highest + of.level).unwrap_or(0), cells: cells.collect() }
    };
    let mut notes = vec!["path:line: written there · from …: taken over · –: not there".to_owned()];
    notes.extend(kin.almost.iter().map(|a| format!("almost: {} lacks {}", a.at.name.as_deref().unwrap_or(&a.at.path), a.lacks.join(", "))));
    if shown < kin.members.len() || kin.cut {
        notes.push(format!("{} of {} members are shown; there may be more types", shown, kin.members.len()));
    }
    Table {
        title: format!("kin of {}", kin.of.name),
        subtitle: format!("{} · {}", plural(kin.types.len() as u64, "type"), plural(kin.members.len() as u64, "member")),
        head,
        rows: kin.types.iter().map(row).collect(),
        notes,
    }
}

/// Own units and what they need; where these are very many, the own ones alone.
pub fn units(engine: &Engine) -> Graph {
    let index = engine.index();
    let mut files: HashMap<UnitId, (u64, u64)> = HashMap::new();
    for file in index.files() {
        let counted = files.entry(file.id.unit).or_default();
        *counted = (counted.0 + 1, counted.1 + u64::from(file.lines));
    }
    let all: Vec<_> = index.units().iter().filter(|u| !u.is_declared() && files.contains_key(&u.id)).collect();
    let own: BTreeSet<UnitId> = all.iter().filter(|u| u.own).map(|u| u.id).collect();
    let direct: BTreeSet<UnitId> = all.iter().filter(|u| u.own).flat_map(|u| u.needs.iter().map(|n| n.1)).collect();
    let sizes = [all.len(), own.union(&direct).count()];
    let shown: Vec<_> =
        all.iter().filter(|u| sizes[0] <= MOST_BOXES || own.contains(&u.id) || sizes[1] <= MOST_BOXES && direct.contains(&u.id)).take(MOST_BOXES).collect();
    let at: HashMap<UnitId, usize> = shown.iter().enumerate().map(|(i, u)| (u.id, i)).collect();
    let mut edges: BTreeSet<(usize, usize)> = BTreeSet::new();
    for (n, unit) in shown.iter().enumerate() {
        edges.extend(unit.needs.iter().filter_map(|(_, needed)| at.get(needed)).filter(|m| **m != n).map(|m| (n, *m)));
    }
    let nodes = shown.iter().map(|u| {
        let (count, lines) = files[&u.id];
        let version = if u.version.is_empty() { String::new() } else { format!("{} · ", u.version) };
        let detail = format!("{version}{} · {lines} lines", plural(count, "file"));
        GraphNode { name: u.name.clone(), detail, tone: if u.own { Tone::Middle } else { Tone::Plain } }
    });
    let mut notes = vec!["left needs right · amber: of your own · red: closes a circle of units that need each other".to_owned()];
    if shown.len() < all.len() {
        notes.push(format!("{} of {} units are shown", shown.len(), all.len()));
    }
    let subtitle = format!("{} of your own, {} of others", own.len(), all.len() - own.len());
    Graph { title: "units and what they need".to_owned(), subtitle, nodes: nodes.collect(), edges: edges.into_iter().collect(), notes }
}

/// What crosses from layer to layer; nothing where there are no layers.
pub fn layers(data: &SurveyData) -> Option<Table> {
    let mut counts: BTreeMap<(u16, u16), BTreeMap<&str, u64>> = BTreeMap::new();
    let mut total = 0;
    for (kind, from, to, count) in &data.matrix {
        if let (Some(from), Some(to)) = (from, to) {
            *counts.entry((*from, *to)).or_default().entry(kind).or_default() += count;
            total += count;
        }
    }
    if data.layers.is_empty() {
        return None;
    }
    let name = |text: &str| Cell { text: text.to_owned(), ..Cell::default() };
    let head = [name("from, to")].into_iter().chain(data.layers.iter().map(|l| name(&l.0))).collect();
    let rows = (0..data.layers.len() as u16).map(|from| {
        let cells = (0..data.layers.len() as u16).map(|to| {
            let Some(kinds) = counts.get(&(from, to)) else { return Cell::default() };
            let parts: Vec<String> = kinds.iter().map(|(kind, n)| format!("{n} {kind}")).collect();
            // Steps that go up again, or leave a layer out, are what one looks for.
            let unusual = to < from || to > from + 1;
            Cell { text: parts.join(", "), tone: if unusual { Tone::Alarming } else { Tone::Crossing }, place: None }
        });
        TableRow { name: name(&data.layers[from as usize].0), indent: 0, cells: cells.collect() }
    });
    let settled = if data.layers.iter().any(|l| l.1) { "layers as configured" } else { "layers as they are usual" };
    Some(Table {
        title: "what leads from layer to layer".to_owned(),
        subtitle: format!("{} · {settled}", plural(total, "crossing")),
        head,
        rows: rows.collect(),
        notes: vec!["red: goes up again, or leaves a layer out".to_owned()],
    })
}

/// The survey as bars.
pub fn survey(data: &SurveyData) -> Chart {
    let bar = |name: &str, value: u64, note: String| Bar { name: name.to_owned(), value, note, tone: Tone::Plain };
    let amounts = |name: &str, all: &[crate::survey::Amount]| BarGroup {
        name: name.to_owned(),
        bars: all.iter().map(|a| bar(&a.name, a.lines, plural(a.files, "file"))).collect(),
    };
    let mut crossings: BTreeMap<&str, u64> = BTreeMap::new();
    data.matrix.iter().for_each(|(kind, _, _, n)| *crossings.entry(kind).or_default() += n);
    let mut crossings: Vec<Bar> = crossings.into_iter().map(|(k, n)| Bar { tone: Tone::Crossing, ..bar(k, n, String::new()) }).collect();
    crossings.sort_by_key(|b| std::cmp::Reverse(b.value));
    let linked = &data.summary.linked;
    let unlinked = data.summary.unlinked.values().sum::<u64>();
    let sure = vec![
        bar("proven", linked.proven, String::new()),
        bar("inferred", linked.inferred, String::new()),
        bar("guessed", linked.guessed, String::new()),
        Bar { tone: Tone::Alarming, ..bar("no target", unlinked, String::new()) },
    ];
    let used = data.used.iter().map(|(row, kind, n)| bar(&row.text, *n, format!("{kind} · {}:{}", row.path, row.line))).collect();
    let absent = data.absent.iter().map(|(name, imports, files)| Bar { tone: Tone::Alarming, ..bar(name, *imports, format!("in {}", plural(*files, "file"))) });
    let lines: u64 = data.languages.iter().map(|l| l.lines).sum();
    let own = data.units.iter().filter(|u| u.3).count() as u64;
    Chart {
        title: data.roots.iter().map(|r| r.trim_end_matches('/').rsplit('/').next().unwrap_or(r)).collect::<Vec<_>>().join(", "),
        subtitle: format!("{} lines · {} · {} of your own", compass_draw::grouped(lines), plural(data.languages.len() as u64, "language"), plural(own, "unit")),
        groups: vec![
            amounts("lines by language", &data.languages),
            amounts("lines by layer", &data.layer_lines),
            BarGroup { name: "crossings".to_owned(), bars: crossings },
            BarGroup { name: "how sure links are".to_owned(), bars: sure },
            BarGroup { name: "most used".to_owned(), bars: used },
            BarGroup { name: "imports of packages that are not here".to_owned(), bars: absent.collect() },
        ],
        notes: data.entries.iter().map(|e| format!("begins: {} {}:{}", e.told, e.path, e.line)).collect(),
    }
}

fn impact(engine: &Engine, text: &str, context: &Context) -> Result<Option<Figure>, Failure> {
    let mut question = question_or(text, "what follows from NAME")?;
    if !matches!(question.form, Form::Follows(_) | Form::FollowsChanges(_)) {
        return Err(Failure::NotDrawn(Sort::Impact.word(), Sort::Impact.asks()));
    }
    let title = question.to_string();
    if !question.filters.iter().any(|f| matches!(f, Filter::AtMost(_))) {
        question.filters.push(Filter::AtMost(MOST_ROWS as u64));
    }
    let answers = engine.answer(&question, context)?;
    Ok((answers.total > 0).then(|| Figure::Rows(impact_drawing(engine, title, &answers))))
}

/// What follows, by layer or unit, tests last; in each the nearest first.
pub fn impact_drawing(engine: &Engine, title: String, answers: &Answers) -> Drawing {
    let mut bands: BTreeMap<(bool, u16, String), Vec<&Answer>> = BTreeMap::new();
    for answer in &answers.answers {
        let file = answer.file.and_then(|f| engine.index().file(f));
        let is_test = file.is_some_and(|f| compass_index::is_test_path(&f.path, f.language));
        let layer = answer.file.and_then(|f| engine.index().layer(f)).map(|(n, name)| (n, name.to_owned()));
        let (number, name) = layer.unwrap_or_else(|| (u16::MAX, answer.unit.clone().unwrap_or_default()));
        let key = if is_test { (true, 0, "tests".to_owned()) } else { (false, number, name) };
        bands.entry(key).or_default().push(answer);
    }
    let mut rows = Vec::new();
    for ((_, _, name), mut within) in bands {
        rows.push(Row::Band { name, note: None });
        within.sort_by_key(|a| a.level.unwrap_or(1));
        for answer in within {
            let level = answer.level.unwrap_or(1);
            // A use is told by what it stands in, a definition by itself.
            let around = answer.enclosing.clone().filter(|_| answer.role_word().is_some());
            let name = around.or_else(|| answer.name.clone()).unwrap_or_else(|| answer.path.clone());
            let how = answer.role_word().or(answer.kind_word()).unwrap_or_default();
            let told = answer.remark.as_deref().map_or_else(String::new, |r| format!(" · {r}"));
            let mark = answer.certainty.unwrap_or(compass_index::Certainty::Proven).mark();
            let place = format!("{}:{}", answer.path, answer.line);
            rows.push(Row::Step { place, code: name, mark, note: format!("{how} · {}{told}", plural(u64::from(level), "step")), indent: level as usize - 1 });
        }
    }
    let complete = if answers.complete { "complete" } else { "incomplete" };
    let shown = if (answers.answers.len() as u64) < answers.total { format!(", the first {} drawn", answers.answers.len()) } else { String::new() };
    Drawing { title, subtitle: format!("{}{shown} · {complete}", plural(answers.total, "row")), rows }
}
