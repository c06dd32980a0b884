//! Keys to actions, through one table that is also the help screen.

use crate::tui::state::Screen;
use crossterm::event::{KeyCode, KeyEvent, KeyModifiers};

/// Everything a key can do when no input has the caret.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Action {
    Up,
    Down,
    Left,
    Right,
    PageUp,
    PageDown,
    First,
    Last,
    NextName,
    NextMention,
    PreviousMention,
    Follow,
    Back,
    Ahead,
    WhoUses,
    WhoCalls,
    WhatCalls,
    OtherSide,
    Glance,
    CopyPlace,
    CopyAtCommit,
    Mark,
    Note,
    Remove,
    NextGap,
    PreviousGap,
    Outline,
    Fold,
    Excerpt,
    Signs,
    CodeAlone,
    Documentation,
    Aside,
    SwapAside,
    Folders,
    Guide,
    Ask,
    Jump,
    Beside,
    Editor,
    Narrow,
    Chain,
    Unfold,
    Kin,
    Keep,
    KeepTable,
    Draw,
    Compare,
    KeepData,
    OrGuessed,
    NextCause,
    Alone,
    EarlierQuestion,
    LaterQuestion,
    Refresh,
    AddRoot,
    RemoveRoot,
    Actions,
    Keys,
    Leave,
    Quit,
    Digit(u8),
}

/// A row of the table.
#[derive(Debug)]
pub struct Binding {
    /// Where it holds; `None` everywhere.
    pub screen: Option<Screen>,
    /// The key.
    pub code: KeyCode,
    /// How the key is shown.
    pub key: &'static str,
    /// What it does.
    pub action: Action,
    /// In words.
    pub text: &'static str,
}

const fn everywhere(code: KeyCode, key: &'static str, action: Action, text: &'static str) -> Binding {
    Binding { screen: None, code, key, action, text }
}

const fn on(screen: Screen, code: KeyCode, key: &'static str, action: Action, text: &'static str) -> Binding {
    Binding { screen: Some(screen), code, key, action, text }
}

static TABLE: &[Binding] = &[
    everywhere(KeyCode::Up, "↑", Action::Up, "one row up"),
    everywhere(KeyCode::Down, "↓", Action::Down, "one row down"),
    everywhere(KeyCode::PageUp, "PgUp", Action::PageUp, "one page up"),
    everywhere(KeyCode::PageDown, "PgDn", Action::PageDown, "one page down"),
    everywhere(KeyCode::Enter, "Enter", Action::Follow, "follow: open what is here"),
    everywhere(KeyCode::Backspace, "Backspace", Action::Back, "back the way you came"),
    everywhere(KeyCode::Char('/'), "/", Action::Ask, "ask a question"),
    everywhere(KeyCode::Char(':'), ":", Action::Ask, "ask a question"),
    everywhere(KeyCode::Char('j'), "j", Action::Jump, "jump to a symbol by fragments of its name"),
    everywhere(KeyCode::Char('.'), ".", Action::Actions, "every action, found by typing"),
    everywhere(KeyCode::Char('?'), "?", Action::Keys, "the keys of this screen"),
    everywhere(KeyCode::Esc, "Esc", Action::Leave, "leave what is open, towards the desk"),
    everywhere(KeyCode::Char('G'), "G", Action::Guide, "how to begin"),
    everywhere(KeyCode::Char('R'), "R", Action::Refresh, "bring the index up to date"),
    everywhere(KeyCode::Char('q'), "q", Action::Quit, "quit"),
    on(Screen::Desk, KeyCode::Left, "←", Action::Left, "one character left"),
    on(Screen::Desk, KeyCode::Right, "→", Action::Right, "one character right"),
    on(Screen::Desk, KeyCode::Home, "Home", Action::First, "first line"),
    on(Screen::Desk, KeyCode::End, "End", Action::Last, "last line"),
    on(Screen::Desk, KeyCode::Tab, "Tab", Action::NextName, "next name in the text"),
    on(Screen::Desk, KeyCode::Char('n'), "n", Action::NextMention, "next mention of the name under the cursor"),
    on(Screen::Desk, KeyCode::Char('p'), "p", Action::PreviousMention, "previous mention of it"),
    on(Screen::Desk, KeyCode::Char('f'), "f", Action::Ahead, "forward again after going back"),
    on(Screen::Desk, KeyCode::Char('u'), "u", Action::WhoUses, "who uses the name under the cursor"),
    on(Screen::Desk, KeyCode::Char('c'), "c", Action::WhoCalls, "who calls it"),
    on(Screen::Desk, KeyCode::Char('w'), "w", Action::WhatCalls, "what it calls"),
    on(Screen::Desk, KeyCode::Char('t'), "t", Action::Chain, "chain: callers above it, callees below"),
    on(Screen::Desk, KeyCode::Char('x'), "x", Action::Unfold, "unfold the macro call or generator here"),
    on(Screen::Desk, KeyCode::Char('k'), "k", Action::Kin, "kin: what its type is derived from, and who implements it"),
    on(Screen::Desk, KeyCode::Char('d'), "d", Action::OtherSide, "between its declaration and the code that runs"),
    on(Screen::Desk, KeyCode::Char('g'), "g", Action::Glance, "glance at its target, without leaving"),
    on(Screen::Desk, KeyCode::Char('m'), "m", Action::Mark, "set a bookmark here, with a note"),
    on(Screen::Desk, KeyCode::Char('o'), "o", Action::Outline, "outline of this file: what it brings in and defines, narrowed by typing"),
    on(Screen::Desk, KeyCode::Char('-'), "-", Action::Fold, "fold this definition, or unfold it"),
    on(Screen::Desk, KeyCode::Char('+'), "+", Action::Excerpt, "excerpt: fold every definition except this one, and back"),
    on(Screen::Desk, KeyCode::Char('i'), "i", Action::Documentation, "all of its documentation"),
    on(Screen::Desk, KeyCode::Char('a'), "a", Action::CodeAlone, "the code alone, without panels, and back"),
    on(Screen::Desk, KeyCode::Char('s'), "s", Action::Aside, "set this place aside: it stays in view beside the code"),
    on(Screen::Desk, KeyCode::Char('S'), "S", Action::SwapAside, "swap with the place set aside"),
    on(Screen::Desk, KeyCode::Char('h'), "h", Action::Folders, "show this file in the folder tree"),
    on(Screen::Desk, KeyCode::Char('W'), "W", Action::Signs, "show blanks, tabs and line ends, and back"),
    on(Screen::Desk, KeyCode::Char('b'), "b", Action::Beside, "into the bearings and back"),
    on(Screen::Desk, KeyCode::Char('y'), "y", Action::CopyPlace, "copy this place: path and line, to be opened by others"),
    on(Screen::Desk, KeyCode::Char('Y'), "Y", Action::CopyAtCommit, "copy this place at the current commit, so that it stays exact"),
    on(Screen::Desk, KeyCode::Char('e'), "e", Action::Editor, "open this line in $EDITOR"),
    on(Screen::Answers, KeyCode::Char('n'), "n", Action::Narrow, "narrow the rows by typing"),
    on(Screen::Answers, KeyCode::Left, "←", Action::EarlierQuestion, "the question before"),
    on(Screen::Answers, KeyCode::Right, "→", Action::LaterQuestion, "the question after"),
    on(Screen::Answers, KeyCode::Char('g'), "g", Action::OrGuessed, "also uses without a known target that may belong here, and back"),
    on(Screen::Answers, KeyCode::Char('k'), "k", Action::Keep, "keep these rows as Markdown"),
    on(Screen::Answers, KeyCode::Char('v'), "v", Action::KeepTable, "keep them as a table (CSV)"),
    on(Screen::Answers, KeyCode::Char('J'), "J", Action::KeepData, "keep them as JSON"),
    on(Screen::Chains, KeyCode::Left, "←", Action::EarlierQuestion, "the way before, or a level less"),
    on(Screen::Chains, KeyCode::Right, "→", Action::LaterQuestion, "the way after, or a level more"),
    on(Screen::Chains, KeyCode::Char('k'), "k", Action::Keep, "keep this chain as Markdown"),
    on(Screen::Chains, KeyCode::Char('c'), "c", Action::Compare, "compare it with the chain kept last: what is gone, what is new"),
    on(Screen::Chains, KeyCode::Char('d'), "d", Action::Draw, "draw it as SVG among the kept chains"),
    on(Screen::Kin, KeyCode::Char('d'), "d", Action::Draw, "draw it as SVG among the kept chains"),
    on(Screen::Units, KeyCode::Char('d'), "d", Action::Draw, "draw the units and what they need as SVG"),
    on(Screen::Survey, KeyCode::Char('d'), "d", Action::Draw, "draw the survey as SVG"),
    on(Screen::Chains, KeyCode::Home, "Home", Action::First, "first row"),
    on(Screen::Chains, KeyCode::End, "End", Action::Last, "last row"),
    on(Screen::Unfold, KeyCode::Tab, "Tab", Action::NextName, "between the steps and the result"),
    on(Screen::Unfold, KeyCode::Char('o'), "o", Action::Alone, "only the chosen step, the others as written"),
    on(Screen::Unfold, KeyCode::Left, "←", Action::EarlierQuestion, "in the result: the piece before"),
    on(Screen::Unfold, KeyCode::Right, "→", Action::LaterQuestion, "in the result: the piece after"),
    on(Screen::Unfold, KeyCode::Home, "Home", Action::First, "as written"),
    on(Screen::Unfold, KeyCode::End, "End", Action::Last, "all steps"),
    on(Screen::Kin, KeyCode::Left, "←", Action::Left, "the member before"),
    on(Screen::Kin, KeyCode::Right, "→", Action::Right, "the member after"),
    on(Screen::Kin, KeyCode::Home, "Home", Action::First, "first type"),
    on(Screen::Kin, KeyCode::End, "End", Action::Last, "last type"),
    on(Screen::Units, KeyCode::Right, "→", Action::Right, "unfold what is here"),
    on(Screen::Units, KeyCode::Left, "←", Action::Left, "fold it, or what it stands in"),
    on(Screen::Units, KeyCode::Char('a'), "a", Action::AddRoot, "add a root, indexed together with this one"),
    on(Screen::Units, KeyCode::Delete, "Del", Action::RemoveRoot, "remove this unit's root"),
    on(Screen::Units, KeyCode::Home, "Home", Action::First, "first row"),
    on(Screen::Units, KeyCode::End, "End", Action::Last, "last row"),
    on(Screen::Logbook, KeyCode::Char('n'), "n", Action::Note, "write the note, or name a place of the track"),
    on(Screen::Logbook, KeyCode::Delete, "Del", Action::Remove, "remove the bookmark"),
    on(Screen::Logbook, KeyCode::Char('k'), "k", Action::Keep, "export it all as Markdown"),
    on(Screen::Logbook, KeyCode::Home, "Home", Action::First, "first row"),
    on(Screen::Logbook, KeyCode::End, "End", Action::Last, "last row"),
    on(Screen::Gaps, KeyCode::Char('c'), "c", Action::NextCause, "only one cause, the next one, all again"),
    on(Screen::Gaps, KeyCode::Right, "→", Action::Right, "show what a row stands for"),
    on(Screen::Gaps, KeyCode::Left, "←", Action::Left, "show it as one row again"),
    on(Screen::Gaps, KeyCode::Home, "Home", Action::First, "first row"),
    on(Screen::Gaps, KeyCode::End, "End", Action::Last, "last row"),
    everywhere(KeyCode::Char('>'), ">", Action::NextGap, "the next of the listed gaps"),
    everywhere(KeyCode::Char('<'), "<", Action::PreviousGap, "the gap before it"),
    on(Screen::Answers, KeyCode::Home, "Home", Action::First, "first row"),
    on(Screen::Answers, KeyCode::End, "End", Action::Last, "last row"),
];

/// Keys and what they do: the table, with what a person settled otherwise.
#[derive(Debug, Clone)]
pub struct KeyMap {
    rows: Vec<Row>,
}

/// A row of the table as it holds now.
#[derive(Debug, Clone)]
pub struct Row {
    binding: &'static Binding,
    code: KeyCode,
    /// How the key is shown.
    pub key: String,
}

impl Row {
    /// What it does.
    pub fn action(&self) -> Action {
        self.binding.action
    }

    /// In words.
    pub fn text(&self) -> &'static str {
        self.binding.text
    }
}

impl Default for KeyMap {
    fn default() -> Self {
        KeyMap { rows: TABLE.iter().map(|b| Row { binding: b, code: b.code, key: b.key.to_owned() }).collect() }
    }
}

/// Another key for `:`: the row that is not listed.
fn is_second(row: &Row) -> bool {
    row.binding.key == ":"
}

impl KeyMap {
    /// Puts another key to an action.
    ///
    /// # Errors
    /// What is wrong, in words: no such action or key, or a key that does something else where the action holds.
    pub fn bind(&mut self, action: &str, key: &str) -> Result<(), String> {
        let code = code_of(key)
            .ok_or("a key is one character that is no digit, or Enter, Tab, Space, Backspace, Del, Home, End, PgUp, PgDn, Left, Right, Up, Down")?;
        let is_meant = |r: &Row| name_of(r.binding.action) == action && !is_second(r);
        if !self.rows.iter().any(is_meant) {
            let names: std::collections::BTreeSet<String> = TABLE.iter().map(|b| name_of(b.action)).collect();
            return Err(format!("there is no such action; there are: {}", names.into_iter().collect::<Vec<_>>().join(", ")));
        }
        let screens: Vec<Option<Screen>> = self.rows.iter().filter(|r| is_meant(r)).map(|r| r.binding.screen).collect();
        let meets = |r: &Row| screens.iter().any(|s| s.is_none() || r.binding.screen.is_none() || *s == r.binding.screen);
        if let Some(other) = self.rows.iter().find(|r| r.code == code && !is_meant(r) && meets(r)) {
            return Err(format!("that key is taken: {}", other.binding.text));
        }
        for row in self.rows.iter_mut().filter(|r| is_meant(r)) {
            (row.code, row.key) = (code, key.to_owned());
        }
        Ok(())
    }

    /// The rows that hold on a screen, its own first.
    pub fn rows(&self, screen: Screen) -> Vec<&Row> {
        let own = self.rows.iter().filter(|r| r.binding.screen == Some(screen));
        own.chain(self.rows.iter().filter(|r| r.binding.screen.is_none() && !is_second(r))).collect()
    }

    /// Every action once, with its key and what it does.
    pub fn told(&self) -> Vec<(String, &str, &'static str)> {
        let mut seen = std::collections::BTreeSet::new();
        let rows = self.rows.iter().filter(|r| !is_second(r));
        rows.map(|r| (name_of(r.binding.action), r.key.as_str(), r.binding.text)).filter(|r| seen.insert(r.0.clone())).collect()
    }

    /// What a key does on a screen.
    pub fn action(&self, screen: Screen, key: KeyEvent) -> Option<Action> {
        if key.modifiers.contains(KeyModifiers::CONTROL) {
            return (key.code == KeyCode::Char('c')).then_some(Action::Quit);
        }
        if let KeyCode::Char(c @ '1'..='9') = key.code
            && !key.modifiers.contains(KeyModifiers::ALT)
        {
            return Some(Action::Digit(c as u8 - b'0'));
        }
        let found = self.rows.iter().find(|r| r.code == key.code && r.binding.screen == Some(screen));
        found.or_else(|| self.rows.iter().find(|r| r.code == key.code && r.binding.screen.is_none())).map(|r| r.binding.action)
    }
}

/// What an action is called in settings: `WhoUses` is `who-uses`.
pub fn name_of(action: Action) -> String {
    let mut out = String::new();
    for c in format!("{action:?}").chars() {
        if c.is_ascii_uppercase() && !out.is_empty() {
            out.push('-');
        }
        out.push(c.to_ascii_lowercase());
    }
    out
}

/// The key of a word.
fn code_of(key: &str) -> Option<KeyCode> {
    if let Some(arrow) = [("↑", KeyCode::Up), ("↓", KeyCode::Down), ("←", KeyCode::Left), ("→", KeyCode::Right)].iter().find(|a| a.0 == key) {
        return Some(arrow.1);
    }
    let mut chars = key.chars();
    if let (Some(c), None) = (chars.next(), chars.next()) {
        return (!c.is_ascii_digit() && !c.is_control() && c != ' ').then_some(KeyCode::Char(c));
    }
    Some(match key {
        "Enter" => KeyCode::Enter,
        "Esc" => KeyCode::Esc,
        "Tab" => KeyCode::Tab,
        "Space" => KeyCode::Char(' '),
        "Backspace" => KeyCode::Backspace,
        "Del" => KeyCode::Delete,
        "Home" => KeyCode::Home,
        "End" => KeyCode::End,
        "PgUp" => KeyCode::PageUp,
        "PgDn" => KeyCode::PageDown,
        "Left" => KeyCode::Left,
        "Right" => KeyCode::Right,
        "Up" => KeyCode::Up,
        "Down" => KeyCode::Down,
        _ => return None,
    })
}

/// F1-F9 and Alt with a digit choose screens, whatever has the caret.
pub fn screen_key(key: KeyEvent) -> Option<Screen> {
    let number = match key.code {
        KeyCode::F(n) => n,
        KeyCode::Char(c @ '1'..='9') if key.modifiers.contains(KeyModifiers::ALT) => c as u8 - b'0',
        _ => return None,
    };
    match number {
        1 => Some(Screen::Survey),
        2 => Some(Screen::Desk),
        3 => Some(Screen::Answers),
        4 => Some(Screen::Chains),
        5 => Some(Screen::Unfold),
        6 => Some(Screen::Kin),
        7 => Some(Screen::Units),
        8 => Some(Screen::Logbook),
        9 => Some(Screen::Gaps),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn key(c: char) -> KeyEvent {
        KeyEvent::new(KeyCode::Char(c), KeyModifiers::NONE)
    }

    #[test]
    fn no_key_means_two_things_on_one_screen() {
        for (i, a) in TABLE.iter().enumerate() {
            let other = TABLE[i + 1..].iter().find(|b| b.code == a.code && b.screen == a.screen);
            assert!(other.is_none(), "{}: {} and {}", a.key, a.text, other.map_or("", |o| o.text));
        }
    }

    #[test]
    fn another_key_takes_the_place_of_the_old_one() {
        let mut keys = KeyMap::default();
        keys.bind("who-uses", "U").expect("free");
        assert_eq!((keys.action(Screen::Desk, key('U')), keys.action(Screen::Desk, key('u'))), (Some(Action::WhoUses), None));
        keys.bind("who-calls", "u").expect("free now");
        assert_eq!(keys.action(Screen::Desk, key('u')), Some(Action::WhoCalls));
        assert!(keys.rows(Screen::Desk).iter().any(|r| r.key == "U" && r.action() == Action::WhoUses), "the help screen knows it");
        assert!(keys.bind("quit", "e").is_err_and(|why| why.contains("taken")), "it would hold on every screen");
        keys.bind("narrow", "u").expect("on another screen");
    }

    #[test]
    fn keys_are_read_as_they_are_shown() {
        for row in TABLE {
            assert_eq!(code_of(row.key), Some(row.code), "{}", row.key);
        }
        assert_eq!([code_of("5"), code_of("F2"), code_of(""), code_of("\u{7}")], [None; 4]);
    }

    #[test]
    fn every_action_has_a_name_and_stands_in_the_list_once() {
        let keys = KeyMap::default();
        let told = keys.told();
        let names: std::collections::BTreeSet<&str> = told.iter().map(|t| t.0.as_str()).collect();
        assert_eq!(names.len(), told.len());
        assert!(names.contains("who-uses") && names.contains("page-down") && !names.iter().any(|n| n.contains("digit")));
    }
}
