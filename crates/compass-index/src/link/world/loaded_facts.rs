//! Facts of a file that is linked, or of one that only stands beside it.

use compass_facts::Facts;
use std::ops::{Deref, DerefMut};
use std::sync::LazyLock;

/// Facts that may not have been brought: then they say nothing. Of tens of thousands of files a small change needs a few, and
/// room for the others would cost more than to link these.
#[derive(Default)]
pub struct LoadedFacts(Option<Box<Facts>>);

static NOTHING: LazyLock<Facts> = LazyLock::new(Facts::default);

impl From<Facts> for LoadedFacts {
    fn from(facts: Facts) -> LoadedFacts {
        LoadedFacts(Some(Box::new(facts)))
    }
}

impl Deref for LoadedFacts {
    type Target = Facts;

    fn deref(&self) -> &Facts {
        self.0.as_deref().unwrap_or(&NOTHING)
    }
}

impl DerefMut for LoadedFacts {
    fn deref_mut(&mut self) -> &mut Facts {
        self.0.get_or_insert_default()
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_was_not_brought_says_nothing_and_can_be_brought_later() {
        let mut brought = LoadedFacts::default();
        assert_eq!(*brought, Facts::default());
        brought.lines = 3;
        assert_eq!(brought.lines, 3);
        assert_eq!(*LoadedFacts::default(), Facts::default());
    }
}
