//! The survey: what is here; while indexing, how far it is.

use super::{cut, cut_front, put, put_line, row};
use crate::tui::layout;
use crate::tui::state::{EntryRow, State, SurveyData};
use compass_draw::grouped;
use compass_index::Phase;
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};
use ratatui::style::Style;

pub fn draw(state: &State, buffer: &mut Buffer) {
    let body = layout::body(state);
    let area = inner(body);
    let Some(data) = &state.survey.data else {
        working(state, buffer, area);
        return;
    };
    put(buffer, row(area, 0), &cut(&title(data), area.width as usize), state.theme.strong);
    rows(state, data, buffer, rows_area(area));
    let below = below(area);
    if area.width >= WIDE {
        // What leads where comes before how sure it is.
        let right = side(below);
        let used = layers(state, data, buffer, right);
        let right = moved_down(right, used);
        let used = languages(state, data, buffer, right);
        let right = moved_down(right, used);
        let used = shares(state, data, buffer, right);
        not_seen(state, data, buffer, moved_down(right, used));
    } else {
        let left = side(below);
        let used = shares(state, data, buffer, left);
        let left = moved_down(left, used);
        let used = languages(state, data, buffer, left);
        not_seen(state, data, buffer, moved_down(left, used));
    }
}

/// From so many columns on the numbers stand to the right of the rows.
const WIDE: u16 = 120;

/// The whole in one line.
fn title(data: &SurveyData) -> String {
    let own = data.units.iter().filter(|u| u.3).count();
    let lines: u64 = data.languages.iter().map(|l| l.lines).sum();
    let read = data.languages.iter().filter(|l| l.name != "text").count();
    let units = match (own, data.units.len() - own) {
        (own, 0) => plural(own as u64, "unit"),
        (own, others) => format!("{} of our own, {others} of dependencies", plural(own as u64, "unit")),
    };
    let root = data.roots.first().map_or("", |r| r.as_str());
    let more = if data.roots.len() > 1 { format!(" and {} more", data.roots.len() - 1) } else { String::new() };
    format!("{} lines · {} · {units} · {root}{more}", grouped(lines), plural(read as u64, "language"))
}

fn plural(count: u64, what: &str) -> String {
    if count == 1 { format!("1 {what}") } else { format!("{} {what}s", grouped(count)) }
}

/// A number in three or four characters: `8.1k`.
fn short(number: u64) -> String {
    match number {
        0..1_000 => number.to_string(),
        1_000..100_000 => format!("{:.1}k", number as f64 / 1e3),
        100_000..1_000_000 => format!("{}k", number / 1_000),
        _ => format!("{:.1}M", number as f64 / 1e6),
    }
}

/// The area without the line on top.
fn below(area: Rect) -> Rect {
    Rect { y: area.y + 2, height: area.height.saturating_sub(2), ..area }
}

/// Where numbers and charts stand.
fn side(area: Rect) -> Rect {
    if area.width >= WIDE {
        let width = area.width * 2 / 5;
        return Rect { x: area.x + area.width - width, width, ..area };
    }
    Rect { width: 30.min(area.width / 2), ..area }
}

fn moved_down(area: Rect, lines: usize) -> Rect {
    let lines = (lines as u16).min(area.height);
    Rect { y: area.y + lines, height: area.height - lines, ..area }
}

/// A bar of so many cells at most, in eighths.
fn bar(part: u64, most: u64, cells: usize) -> String {
    const EIGHTHS: [char; 8] = [' ', '▏', '▎', '▍', '▌', '▋', '▊', '▉'];
    let eighths = if most == 0 { 0 } else { (part as u128 * cells as u128 * 8 / most as u128) as usize };
    let eighths = if part > 0 { eighths.max(1) } else { 0 };
    let mut out = "█".repeat(eighths / 8);
    if eighths % 8 > 0 {
        out.push(EIGHTHS[eighths % 8]);
    }
    out
}

fn inner(body: Rect) -> Rect {
    Rect { x: body.x + 1, y: body.y + 1, width: body.width.saturating_sub(2), height: body.height.saturating_sub(1) }
}

/// Where entry points and most used symbols stand.
fn rows_area(area: Rect) -> Rect {
    let area = below(area);
    let beside = side(area);
    if area.width >= WIDE {
        return Rect { width: area.width - beside.width - 3, ..area };
    }
    Rect { x: area.x + beside.width + 2, width: area.width.saturating_sub(beside.width + 2), ..area }
}

/// The row that can be opened at a place of the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    let data = state.survey.data.as_ref()?;
    let area = rows_area(inner(layout::body(state)));
    let line = usize::from(at.y.checked_sub(area.y)?);
    let entries = data.entries.len();
    // A heading above each list, and an empty row between them.
    let row = match line {
        n if n > entries + 2 => n - 3,
        n if n >= 1 && n <= entries => n - 1,
        _ => return None,
    };
    (area.contains(at) && row < entries + data.used.len()).then_some(row)
}

/// Phases with rate and time left, in the place where the numbers will be.
fn working(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let Some(working) = &state.survey.working else {
        let text = if state.message.is_some() { "no index" } else { "opening the index …" };
        put(buffer, row(area, 0), text, theme.dim);
        return;
    };
    put(buffer, row(area, 0), "indexing", theme.strong);
    for (i, phase) in Phase::ALL.into_iter().enumerate() {
        let at = row(area, 2 + i);
        let (text, style) = if phase == working.phase {
            (compass_session::progress::text(phase, working.done, working.total, working.elapsed), theme.plain)
        } else if working.over.contains(&phase) {
            (format!("{:5} done", phase.word()), theme.dim)
        } else {
            (format!("{:5} –", phase.word()), theme.dim)
        };
        put(buffer, at, &text, style);
    }
    put(buffer, row(area, 7), "what is read so far is kept if you quit", theme.dim);
}

fn heading(buffer: &mut Buffer, area: Rect, line: &mut usize, text: &str, style: Style) {
    if *line > 0 {
        *line += 1;
    }
    put(buffer, row(area, *line), text, style);
    *line += 1;
}

/// Languages that are shown one by one.
const SHOWN: usize = 8;

/// Lines of own code by language, and what nobody wrote by hand; gives the lines used.
fn languages(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    let width = area.width as usize;
    let mut line = 0;
    heading(buffer, area, &mut line, "lines of own code", theme.dim);
    let most = data.languages.iter().map(|l| l.lines).max().unwrap_or(1);
    for language in data.languages.iter().take(SHOWN) {
        let bar = if width < 36 { String::new() } else { bar(language.lines, most, width - 30) };
        put_line(
            buffer,
            row(area, line),
            vec![
                (format!("{:12}", cut(&language.name, 12)), theme.plain),
                (format!("{:>6} ", short(language.lines)), theme.plain),
                (bar, theme.dim),
                (format!(" {}", plural(language.files, "file")), theme.dim),
            ],
        );
        line += 1;
    }
    let (count, lines) = data.languages.iter().skip(SHOWN).fold((0, 0), |(n, sum), l| (n + 1, sum + l.lines));
    if count > 0 {
        put(buffer, row(area, line), &format!("{:12} {:>6}  in further languages", format!("{count} more"), short(lines)), theme.dim);
        line += 1;
    }
    if data.tests.files > 0 {
        put(buffer, row(area, line), &format!("{:12} {:>6}  of these, in {}", "tests", short(data.tests.lines), plural(data.tests.files, "file")), theme.dim);
        line += 1;
    }
    for made in &data.made {
        put(buffer, row(area, line), &format!("{:12} {:>6}  beside them, in {}", made.name, short(made.lines), plural(made.files, "file")), theme.dim);
        line += 1;
    }
    line + 1
}

/// What is asked for and not here; gives the lines used.
fn not_seen(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    let hiding = compass_facts::GapCause::ALL.iter().filter(|c| c.hides_code());
    let hidden: u64 = hiding.filter_map(|c| data.summary.gaps_by_cause.get(c.word())).sum();
    if data.absent.is_empty() && hidden == 0 {
        return 0;
    }
    let mut line = 0;
    heading(buffer, area, &mut line, "not seen  (F9 lists it)", theme.dim);
    for (package, imports, files) in &data.absent {
        let text = format!("{} in {}", plural(*imports, "import"), plural(*files, "file"));
        let room = (area.width as usize).saturating_sub(text.chars().count() + 2);
        put_line(buffer, row(area, line), vec![(format!("{:room$}  ", cut_front(package, room)), theme.plain), (text, theme.dim)]);
        line += 1;
    }
    if hidden > 0 {
        put(buffer, row(area, line), &format!("{} could not be read", plural(hidden, "region")), theme.wrong);
        line += 1;
    }
    line + 1
}

fn rows(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let mut line = 0;
    heading(buffer, area, &mut line, "entry points", theme.dim);
    for (i, entry) in data.entries.iter().enumerate() {
        let (sort, name) = entry.told.split_once(' ').unwrap_or(("", &entry.text));
        let parts = [(format!("{sort:9}"), theme.dim), (cut(name, area.width as usize / 3), theme.plain)];
        entry_row(state, buffer, row(area, line), i, entry, &parts);
        line += 1;
    }
    if data.entries.is_empty() {
        put(buffer, row(area, line), "  none: no program or script begins here", theme.dim);
        line += 1;
    }
    heading(buffer, area, &mut line, "most used in own code, tests left out", theme.dim);
    for (i, (entry, kind, uses)) in data.used.iter().enumerate() {
        let parts = [(format!("{uses:>5} × "), theme.dim), (format!("{kind:9} "), theme.dim), (cut(&entry.text, area.width as usize / 2), theme.plain)];
        entry_row(state, buffer, row(area, line), data.entries.len() + i, entry, &parts);
        line += 1;
    }
    if data.used.is_empty() {
        put(buffer, row(area, line), "  nothing: no definition here has a linked use", theme.dim);
    }
}

/// A row that can be opened: what it is to the left, its place at the end.
fn entry_row(state: &State, buffer: &mut Buffer, at: Rect, index: usize, entry: &EntryRow, parts: &[(String, Style)]) {
    let theme = &state.theme;
    let here = index == state.survey.selected;
    let mut pieces: Vec<(String, Style)> = vec![(if here { "▸ ".to_owned() } else { "  ".to_owned() }, theme.plain)];
    for (text, style) in parts {
        pieces.push((text.clone(), if here { theme.here } else { *style }));
    }
    let used: usize = pieces.iter().map(|p| p.0.chars().count()).sum();
    put_line(buffer, at, pieces);
    let room = (at.width as usize).saturating_sub(used + 1);
    let place = cut_front(&format!("{}:{}", entry.path, entry.line), room);
    let x = at.x + at.width - (place.chars().count() as u16).min(at.width);
    put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &place, theme.dim);
}

/// Layers from the top with their lines, and what crosses between them; gives the lines used.
fn layers(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    if data.layers.is_empty() && data.matrix.is_empty() {
        return 0;
    }
    let mut line = 0;
    let settled = data.layers.iter().any(|l| l.1);
    let title = match (data.layers.is_empty(), settled) {
        (true, _) => "calls across layers",
        (false, true) => "what leads where",
        (false, false) => "what leads where, layers read off the code",
    };
    heading(buffer, area, &mut line, title, theme.dim);
    let name = |n: Option<u16>| n.and_then(|n| data.layers.get(n as usize)).map_or("elsewhere", |l| l.0.as_str());
    let most = data.layer_lines.iter().map(|l| l.lines).max().unwrap_or(1);
    // Where a key is set is no layer that code leads to.
    let crosses = |kind: &str, to: Option<u16>| to.is_some() && kind != compass_index::CrossingKind::Setting.word();
    let leads = |n: usize| data.matrix.iter().filter(move |(kind, from, to, _)| *from == Some(n as u16) && *to != Some(n as u16) && crosses(kind, *to));
    let said = |n: usize| leads(n).map(|(kind, _, to, count)| format!("  {count} {kind} → {}", name(*to)).chars().count()).sum::<usize>();
    // What crosses is worth more room than how long a bar is.
    let longest = (0..data.layers.len()).map(said).max().unwrap_or(0);
    let room = (area.width as usize).saturating_sub(longest + 18).clamp(4, 16);
    for (n, (layer, _)) in data.layers.iter().enumerate() {
        let is_reached = data.matrix.iter().any(|(_, from, to, _)| [*from, *to].contains(&Some(n as u16)));
        if !is_reached && !data.layer_lines.iter().any(|l| l.name == *layer) {
            continue;
        }
        let lines = data.layer_lines.iter().find(|l| l.name == *layer).map_or(0, |l| l.lines);
        let bar = bar(lines, most, room);
        let mut pieces = vec![(format!("{:10}", cut(layer, 10)), theme.plain), (format!("{:>6} ", short(lines)), theme.plain), (bar, theme.dim)];
        for (kind, _, to, count) in leads(n) {
            pieces.push((format!("  {count} {kind}"), theme.crossing));
            pieces.push((format!(" → {}", name(*to)), theme.dim));
        }
        put_line(buffer, row(area, line), pieces);
        line += 1;
    }
    let rest: Vec<String> = data.matrix.iter().filter(|(_, from, ..)| from.is_none()).map(|(k, _, to, n)| format!("{n} {k} → {}", name(*to))).collect();
    if !rest.is_empty() {
        put_line(buffer, row(area, line), vec![("elsewhere  ".to_owned(), theme.plain), (rest.join("  "), theme.crossing)]);
        line += 1;
    }
    for (kind, count) in &data.summary.loose {
        put(buffer, row(area, line), &format!("{count} {kind} without another side"), theme.wrong);
        line += 1;
    }
    line + 1
}

/// How sure links are, and why others have no target; gives the lines used.
fn shares(state: &State, data: &SurveyData, buffer: &mut Buffer, area: Rect) -> usize {
    let theme = &state.theme;
    let s = &data.summary;
    let width = area.width as usize;
    let mut line = 0;
    let number = |buffer: &mut Buffer, line: &mut usize, label: &str, value: String, style: Style| {
        put_line(buffer, row(area, *line), vec![(format!("{label:16}"), theme.plain), (format!("{value:>w$}", w = width.saturating_sub(16)), style)]);
        *line += 1;
    };
    // Beside the packages it uses own code would hardly count.
    let own = data.summary.units.dependencies > 0;
    let all = compass_index::Shares { uses: s.uses, linked: s.linked.clone(), local: s.local, unlinked: s.unlinked.clone() };
    let of = if own { &s.own } else { &all };
    heading(buffer, area, &mut line, if own { "how sure the links of own code are" } else { "how sure the links are" }, theme.dim);
    if !data.linked {
        put(buffer, row(area, line), "not linked yet: answers are partial", theme.wrong);
        return line + 1;
    }
    let share = |n: u64| if of.uses == 0 { "–".to_owned() } else { format!("{:.1} %", 100.0 * n as f64 / of.uses as f64) };
    number(buffer, &mut line, "= proven", share(of.linked.proven), theme.plain);
    number(buffer, &mut line, "= in a function", share(of.local), theme.plain);
    number(buffer, &mut line, "~ inferred", share(of.linked.inferred), theme.plain);
    number(buffer, &mut line, "? guessed", share(of.linked.guessed), theme.plain);
    let mut causes: Vec<_> = of.unlinked.iter().collect();
    causes.sort_by_key(|c| std::cmp::Reverse(c.1));
    let all: u64 = causes.iter().map(|c| c.1).sum();
    number(buffer, &mut line, "no target", share(all), theme.plain);
    for (cause, count) in causes.into_iter().take(3) {
        number(buffer, &mut line, &format!("  {}", cause.replace('_', " ")), share(*count), theme.dim);
    }
    line + 1
}
