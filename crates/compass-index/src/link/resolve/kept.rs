//! What the rules of a language find out once and keep, with the names that it hangs on.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::reuse::dependency_log::Names;
use rustc_hash::FxHashMap;
use std::hash::Hash;
use std::marker::PhantomData;

/// Findings of one kind; `T` tells one kind from another.
struct Kept<T, K, V> {
    known: FxHashMap<K, (V, Names)>,
    kind: PhantomData<T>,
}

impl<T, K, V> Default for Kept<T, K, V> {
    fn default() -> Self {
        Kept { known: FxHashMap::default(), kind: PhantomData }
    }
}

impl Evaluator<'_, '_> {
    /// What `find` gives for a key, found once: whoever asks again hangs on the same names. At most `most` keys are kept.
    pub fn keep<T: 'static, K: Copy + Eq + Hash + 'static, V: Clone + 'static>(&self, key: K, most: usize, find: impl FnOnce(&Self) -> V) -> V {
        if let Some((known, names)) = self.own(|kept: &mut Kept<T, K, V>| kept.known.get(&key).cloned()) {
            self.world.dependency_log.again(&names);
            return known;
        }
        let start = self.world.dependency_log.begin();
        let found = find(self);
        let names = self.world.dependency_log.since(start);
        self.own(|kept: &mut Kept<T, K, V>| {
            if kept.known.len() >= most {
                kept.known.clear();
            }
            kept.known.insert(key, (found.clone(), names));
        });
        found
    }
}
