//! The survey: what is here, in numbers and short lists.

use crate::Failure;
use compass_index::Summary;
use compass_trace::question::{Filter, Form, Question};
use compass_trace::{Answer, Context, Engine};

/// So many packages that are not here are told.
const MOST_ABSENT: usize = 6;

/// An entry point with enough to pick the right one.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct EntryRow {
    /// Path.
    pub path: String,
    /// Line.
    pub line: u32,
    /// Column.
    pub column: u32,
    /// Unit.
    pub unit: String,
    /// The line of code.
    pub text: String,
    /// What it is, in a few words: `program larder`.
    pub told: String,
}

/// So much of something: lines and files.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Amount {
    /// Its name.
    pub name: String,
    /// Lines.
    pub lines: u64,
    /// Files.
    pub files: u64,
}

/// Numbers and lists, gathered by a job.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct SurveyData {
    /// Counts.
    pub summary: Summary,
    /// Roots.
    pub roots: Vec<String>,
    /// Units: name, version, files, own.
    pub units: Vec<(String, String, u64, bool)>,
    /// Where programs begin.
    pub entries: Vec<EntryRow>,
    /// Symbols with the most uses: name, kind, uses, place.
    pub used: Vec<(EntryRow, String, u64)>,
    /// Languages of own code by lines, the most first; what nobody wrote by hand left out.
    pub languages: Vec<Amount>,
    /// Lines of own code by layer, in their order.
    pub layer_lines: Vec<Amount>,
    /// What nobody wrote by hand, by sort.
    pub made: Vec<Amount>,
    /// Own tests.
    pub tests: Amount,
    /// Packages that are asked for and not here: name, imports, files.
    pub absent: Vec<(String, u64, u64)>,
    /// Are links there already?
    pub linked: bool,
    /// Layers from the top, and whether they are settled by hand.
    pub layers: Vec<(String, bool)>,
    /// Crossings by kind and by the layers they lead from and to.
    pub matrix: Vec<(&'static str, Option<u16>, Option<u16>, u64)>,
}

fn entry(answer: &Answer) -> EntryRow {
    EntryRow {
        path: answer.path.clone(),
        line: answer.line,
        column: answer.column,
        unit: answer.unit.clone().unwrap_or_default(),
        text: answer.text.as_deref().unwrap_or("").trim().to_owned(),
        told: answer.remark.clone().unwrap_or_default(),
    }
}

/// Own files by something, with their lines.
#[derive(Default)]
struct Amounts(std::collections::BTreeMap<String, (u64, u64)>);

impl Amounts {
    fn add(&mut self, name: &str, lines: u32) {
        let entry = self.0.entry(name.to_owned()).or_default();
        entry.0 += u64::from(lines);
        entry.1 += 1;
    }

    /// The most lines first.
    fn by_lines(self) -> Vec<Amount> {
        let mut out: Vec<Amount> = self.0.into_iter().map(|(name, (lines, files))| Amount { name, lines, files }).collect();
        out.sort_by_key(|a| std::cmp::Reverse(a.lines));
        out
    }
}

pub(crate) fn survey(engine: &Engine, context: &Context) -> Result<SurveyData, Failure> {
    let index = engine.index();
    let question = Question { form: Form::EntryPoints, filters: vec![Filter::AtMost(12)] };
    let entries = engine.answer(&question, context)?;
    let mut counts: std::collections::HashMap<compass_index::UnitId, u64> = std::collections::HashMap::new();
    for file in index.files() {
        *counts.entry(file.id.unit).or_default() += 1;
    }
    let mut units: Vec<(String, String, u64, bool)> =
        index.units().iter().filter(|u| !u.is_declared()).filter_map(|u| counts.get(&u.id).map(|n| (u.name.clone(), u.version.clone(), *n, u.own))).collect();
    units.sort_by_key(|u| (!u.3, std::cmp::Reverse(u.2)));
    let used = engine.most_used(12)?;
    let [mut languages, mut unread, mut made, mut layer_lines] = [(); 4].map(|()| Amounts::default());
    let mut tests = Amount { name: "tests".to_owned(), ..Amount::default() };
    for file in index.files().iter().filter(|f| index.unit(f.id).is_none_or(|u| u.own)) {
        match file.provenance.word() {
            Some(word) => made.add(word, file.lines),
            None if !file.language.is_read() => unread.add(file.language.word(), file.lines),
            None => languages.add(file.language.word(), file.lines),
        }
        if let (None, Some((_, layer))) = (file.provenance.word(), index.layer(file.id)) {
            layer_lines.add(layer, file.lines);
        }
        if file.language.is_read() && compass_index::is_test_path(&file.path, file.language) {
            tests.lines += u64::from(file.lines);
            tests.files += 1;
        }
    }
    let mut layer_lines = layer_lines.by_lines();
    layer_lines.sort_by_key(|a| index.layers().iter().position(|l| l.name == a.name));
    let absent = engine.absent_packages(MOST_ABSENT, &context.cancel)?;
    Ok(SurveyData {
        summary: index.summary().clone(),
        roots: index.own_roots().to_vec(),
        units,
        entries: entries.answers.iter().map(entry).collect(),
        used: used
            .iter()
            .map(|(a, n)| (EntryRow { text: a.name.clone().unwrap_or_default(), ..entry(a) }, a.kind_word().unwrap_or_default().to_owned(), *n))
            .collect(),
        // Text that no reader understands may be the larger part; it is not what one came for.
        languages: languages.by_lines().into_iter().chain(unread.by_lines()).collect(),
        layer_lines,
        made: made.by_lines(),
        tests,
        absent,
        linked: index.is_linked(),
        layers: index.layers().iter().map(|l| (l.name.clone(), l.configured)).collect(),
        matrix: index.matrix().iter().map(|(k, a, b, n)| (k.word(), *a, *b, *n)).collect(),
    })
}
