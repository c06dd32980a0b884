//! What linking a file looked up: the record that tells, after a change, which files must be linked again.
//!
//! # How it works
//! All a linker finds it finds by name: bindings of scopes, exports, definitions anywhere. So the names looked up, with or
//! without success, say what a result hangs on: what changes under none of them changes no result. Names are noted while
//! a file is linked; an answer that is remembered keeps the names it was made with, and whoever uses it again notes them too.
//! That includes names that stand in other files: those of the types behind an inferred type.
//!
//! # Not here
//! What a change changes, and which files hang on it: [`crate::refresh`].

use crate::link::world::GlobalNameId;
use std::cell::RefCell;
use std::rc::Rc;

/// Names that an answer was made with, each once.
pub type Names = Rc<[GlobalNameId]>;

/// Names noted so far, those of answers under way included.
#[derive(Debug, Default)]
pub struct DependencyLog {
    noted: RefCell<Vec<GlobalNameId>>,
}

impl DependencyLog {
    /// Notes a name that is looked up.
    #[inline]
    pub fn note(&self, name: GlobalNameId) {
        // Also where it was the last one noted: that may have been before an answer began.
        self.noted.borrow_mut().push(name);
    }

    /// Notes what an answer that is there already was made with.
    #[inline]
    pub fn again(&self, names: &Names) {
        self.noted.borrow_mut().extend_from_slice(names);
    }

    /// Where an answer begins; give it to [`Self::since`].
    #[inline]
    pub fn begin(&self) -> usize {
        self.noted.borrow().len()
    }

    /// What was noted since then. It stays noted for those who asked for the answer.
    pub fn since(&self, start: usize) -> Names {
        let mut noted = self.noted.borrow_mut();
        let count = {
            let own = noted.get_mut(start..).unwrap_or_default();
            own.sort_unstable();
            unique(own)
        };
        noted.truncate(start + count);
        noted.get(start..).unwrap_or_default().into()
    }

    /// All that was noted, each name once; begins anew.
    pub fn finish(&self) -> Vec<GlobalNameId> {
        let mut noted = std::mem::take(&mut *self.noted.borrow_mut());
        noted.sort_unstable();
        noted.dedup();
        noted
    }
}

/// Moves the first of equal neighbours to the front; says how many there are.
fn unique(sorted: &mut [GlobalNameId]) -> usize {
    let mut count = 0;
    for i in 0..sorted.len() {
        if count == 0 || sorted[i] != sorted[count - 1] {
            sorted[count] = sorted[i];
            count += 1;
        }
    }
    count
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn who_asks_again_depends_on_the_same() {
        let dependencies = DependencyLog::default();
        let note = |names: &[u32]| names.iter().for_each(|n| dependencies.note(GlobalNameId(*n)));
        note(&[9, 4]);
        let start = dependencies.begin();
        note(&[4, 2, 4]);
        let inner = dependencies.begin();
        note(&[7, 2]);
        assert_eq!(*dependencies.since(inner), [GlobalNameId(2), GlobalNameId(7)]);
        let answer = dependencies.since(start);
        assert_eq!(*answer, [GlobalNameId(2), GlobalNameId(4), GlobalNameId(7)], "an answer within it counts");
        assert_eq!(dependencies.finish(), [GlobalNameId(2), GlobalNameId(4), GlobalNameId(7), GlobalNameId(9)]);
        dependencies.again(&answer);
        assert_eq!(dependencies.finish(), [GlobalNameId(2), GlobalNameId(4), GlobalNameId(7)]);
        assert_eq!(dependencies.finish(), []);
    }
}
