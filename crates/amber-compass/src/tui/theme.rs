//! Colours by role. Amber means "you are here" and nothing else.

use ratatui::style::{Color, Modifier, Style};

/// Themes by name.
#[derive(Debug, Clone, Copy, PartialEq, Eq, serde::Deserialize)]
#[serde(rename_all = "lowercase")]
#[allow(missing_docs)]
pub enum ThemeName {
    Dark,
    Light,
    Plain,
}

impl ThemeName {
    /// The word of the settings.
    pub fn word(self) -> &'static str {
        match self {
            ThemeName::Dark => "dark",
            ThemeName::Light => "light",
            ThemeName::Plain => "plain",
        }
    }
}

/// Styles by role.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Theme {
    /// Ground and text.
    pub plain: Style,
    /// Everything not being read.
    pub dim: Style,
    /// Headings and names that matter.
    pub strong: Style,
    /// You are here: cursor, selection, current row.
    pub here: Style,
    /// The line you are on.
    pub here_line: Style,
    /// Links between languages and layers.
    pub crossing: Style,
    /// Gaps and failing tests.
    pub wrong: Style,
    /// Keywords.
    pub keyword: Style,
    /// Strings.
    pub text: Style,
    /// Numbers.
    pub number: Style,
    /// Comments.
    pub comment: Style,
    /// Names where they are defined.
    pub defined: Style,
    /// Names of macros.
    pub by_macro: Style,
    /// Names that mark what is defined next: annotations, attributes, decorators, macros that mark.
    pub marking: Style,
    /// Names that lead into dependencies.
    pub outside: Style,
    /// Names whose target is unknown.
    pub unknown: Style,
    /// Other mentions of the name under the cursor.
    pub mention: Style,
    /// Thin rules.
    pub rule: Style,
}

impl Theme {
    /// SessionCache dark ground, paper-like text.
    pub fn dark() -> Theme {
        let ground = Color::Rgb(0x1d, 0x1a, 0x17);
        let of = |r, g, b| Style::new().fg(Color::Rgb(r, g, b)).bg(ground);
        Theme {
            plain: of(0xde, 0xd4, 0xc2),
            dim: of(0x8d, 0x83, 0x76),
            strong: of(0xf4, 0xec, 0xdc).add_modifier(Modifier::BOLD),
            here: Style::new().fg(Color::Rgb(0x1d, 0x1a, 0x17)).bg(Color::Rgb(0xf2, 0xa9, 0x3b)),
            here_line: Style::new().bg(Color::Rgb(0x2d, 0x28, 0x21)),
            crossing: of(0x7f, 0xb2, 0xc4),
            wrong: of(0xe0, 0x6c, 0x5c),
            keyword: of(0xc9, 0xb4, 0x8f),
            text: of(0xa9, 0xb8, 0x8a),
            number: of(0xc4, 0xa5, 0xa0),
            comment: of(0x80, 0x78, 0x6c).add_modifier(Modifier::ITALIC),
            defined: of(0xf4, 0xec, 0xdc).add_modifier(Modifier::BOLD),
            by_macro: of(0xde, 0xd4, 0xc2).add_modifier(Modifier::ITALIC),
            marking: of(0xc9, 0xb4, 0x8f).add_modifier(Modifier::ITALIC),
            outside: of(0xb4, 0xaa, 0x9a),
            unknown: of(0x9a, 0x90, 0x82).add_modifier(Modifier::ITALIC),
            mention: Style::new().add_modifier(Modifier::UNDERLINED),
            rule: of(0x4a, 0x43, 0x3a),
        }
    }

    /// Paper and ink.
    pub fn light() -> Theme {
        let ground = Color::Rgb(0xf7, 0xf2, 0xe7);
        let of = |r, g, b| Style::new().fg(Color::Rgb(r, g, b)).bg(ground);
        Theme {
            plain: of(0x2e, 0x2a, 0x24),
            dim: of(0x80, 0x77, 0x69),
            strong: of(0x10, 0x0e, 0x0b).add_modifier(Modifier::BOLD),
            here: Style::new().fg(Color::Rgb(0x20, 0x18, 0x08)).bg(Color::Rgb(0xf2, 0xb0, 0x4a)),
            here_line: Style::new().bg(Color::Rgb(0xec, 0xe4, 0xd2)),
            crossing: of(0x1f, 0x6f, 0x8b),
            wrong: of(0xb3, 0x2d, 0x1e),
            keyword: of(0x6b, 0x50, 0x22),
            text: of(0x46, 0x60, 0x22),
            number: of(0x7d, 0x3c, 0x36),
            comment: of(0x8a, 0x81, 0x73).add_modifier(Modifier::ITALIC),
            defined: of(0x10, 0x0e, 0x0b).add_modifier(Modifier::BOLD),
            by_macro: of(0x2e, 0x2a, 0x24).add_modifier(Modifier::ITALIC),
            marking: of(0x6b, 0x50, 0x22).add_modifier(Modifier::ITALIC),
            outside: of(0x5a, 0x53, 0x48),
            unknown: of(0x76, 0x6d, 0x60).add_modifier(Modifier::ITALIC),
            mention: Style::new().add_modifier(Modifier::UNDERLINED),
            rule: of(0xcd, 0xc3, 0xb0),
        }
    }

    /// No colour at all: weight, underline and reverse carry the meaning.
    pub fn plain() -> Theme {
        let none = Style::new();
        let bold = none.add_modifier(Modifier::BOLD);
        let dim = none.add_modifier(Modifier::DIM);
        Theme {
            plain: none,
            dim,
            strong: bold,
            here: none.add_modifier(Modifier::REVERSED),
            here_line: none,
            crossing: none.add_modifier(Modifier::ITALIC),
            wrong: bold.add_modifier(Modifier::UNDERLINED),
            keyword: none,
            text: none,
            number: none,
            comment: dim,
            defined: bold,
            by_macro: none.add_modifier(Modifier::ITALIC),
            marking: none.add_modifier(Modifier::ITALIC.union(Modifier::DIM)),
            outside: dim,
            unknown: dim.add_modifier(Modifier::ITALIC),
            mention: none.add_modifier(Modifier::UNDERLINED),
            rule: dim,
        }
    }

    /// The theme for this terminal: `NO_COLOR` wins, then `AMBER_COMPASS_THEME`.
    pub fn chosen(settled: Option<ThemeName>) -> Theme {
        if std::env::var_os("NO_COLOR").is_some_and(|v| !v.is_empty()) {
            return Theme::plain();
        }
        let asked = std::env::var("AMBER_COMPASS_THEME").ok();
        match (asked.as_deref(), settled) {
            (Some("light"), _) | (None, Some(ThemeName::Light)) => Theme::light(),
            (Some("plain"), _) | (None, Some(ThemeName::Plain)) => Theme::plain(),
            _ => Theme::dark(),
        }
    }
}
