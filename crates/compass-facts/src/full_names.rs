//! Names in full, as texts write them.

/// Full names in texts: `planner.wheels.turn`.
#[derive(Debug, Clone, Copy)]
pub struct FullNames {
    /// What stands between the parts.
    pub separator: &'static str,
    /// What may stand before the last part instead.
    pub last: Option<&'static str>,
    /// Does one part begin with a capital letter? Keys of settings look alike, but for that.
    pub capital: bool,
    /// May the first part stand for any folder, as programs say elsewhere?
    pub mapped: bool,
}

impl FullNames {
    /// Full names are not longer, quotes and all.
    pub const MOST_BYTES: usize = 120;

    /// The parts of a full name.
    pub fn parts<'n>(&self, text: &'n str) -> Option<Vec<&'n str>> {
        let text = text.trim_start_matches(self.separator);
        if text.len() > Self::MOST_BYTES || !text.contains(self.separator) && !self.last.is_some_and(|l| text.contains(l)) {
            return None;
        }
        let mut parts: Vec<&str> = Vec::new();
        match self.last.and_then(|l| text.rsplit_once(l)) {
            Some((modules, name)) => {
                parts.extend(modules.split(self.separator));
                parts.push(name);
            }
            None => parts.extend(text.split(self.separator)),
        }
        let is_word = |p: &&str| p.chars().next().is_some_and(|c| c.is_alphabetic() || c == '_') && p.chars().all(|c| c.is_alphanumeric() || c == '_');
        let has_capital = || parts.iter().any(|p| p.starts_with(char::is_uppercase));
        (parts.len() > 1 && parts.iter().all(is_word) && (!self.capital || has_capital())).then_some(parts)
    }
}
