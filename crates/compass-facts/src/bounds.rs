//! How deep and how long anything that descends may go: depth, stack and cancelling in one place, for every reader and evaluator.

use crate::{Cancel, Span};

/// With less stack than this left, more is taken.
const RED_ZONE: usize = 256 << 10;
/// So much at a time.
const SEGMENT: usize = 4 << 20;
/// So many steps go by between two looks at whether somebody cancelled.
const STEPS_BETWEEN_LOOKS: u32 = 4096;

/// Runs work that may call itself many times over: there is always room on the stack.
pub fn with_stack<R>(work: impl FnOnce() -> R) -> R {
    stacker::maybe_grow(RED_ZONE, SEGMENT, work)
}

/// Levels that may still be gone down, for what stands within others of its sort: types in types, bases of bases, mounts of mounts. Nobody
/// writes as many as are allowed; what goes in a circle ends there.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub struct Levels(u32);

impl Levels {
    /// Bases of bases.
    pub const BASES: Levels = Levels(12);
    /// Types as arguments and parts of types, where two are compared.
    pub const TYPES: Levels = Levels(5);
    /// Aliases and unions that stand between a name and the type meant.
    pub const ALIASES: Levels = Levels(8);
    /// Types as they are written, one within another.
    pub const WRITTEN: Levels = Levels(24);
    /// Values that are made of values: texts put together, tables mounted in tables.
    pub const VALUES: Levels = Levels(8);

    /// One level down; none where no more are allowed.
    #[must_use]
    pub fn down(self) -> Option<Levels> {
        self.0.checked_sub(1).map(Levels)
    }
}

/// Why something is not gone into.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Refusal {
    /// It is nested deeper than allowed.
    TooDeep,
    /// Somebody cancelled the work.
    Cancelled,
}

/// Counts levels and steps.
#[derive(Debug)]
pub struct Bounds {
    depth: u32,
    deepest: u32,
    steps: u32,
    cancel: Cancel,
    is_cancelled: bool,
}

impl Bounds {
    /// At most `deepest` levels.
    #[must_use]
    pub fn new(deepest: u32, cancel: &Cancel) -> Bounds {
        Bounds { depth: 0, deepest, steps: 0, cancel: cancel.clone(), is_cancelled: false }
    }

    /// Has the work been cancelled, as far as was looked?
    #[must_use]
    pub fn is_cancelled(&self) -> bool {
        self.is_cancelled
    }

    /// Goes one level deeper; pair with [`Bounds::leave`].
    ///
    /// # Errors
    /// Why not.
    pub fn enter(&mut self) -> Result<(), Refusal> {
        self.steps = self.steps.wrapping_add(1);
        if self.steps.is_multiple_of(STEPS_BETWEEN_LOOKS) {
            self.is_cancelled = self.is_cancelled || self.cancel.is_cancelled();
        }
        if self.is_cancelled {
            return Err(Refusal::Cancelled);
        }
        if self.depth >= self.deepest {
            return Err(Refusal::TooDeep);
        }
        self.depth += 1;
        Ok(())
    }

    /// Comes back one level.
    pub fn leave(&mut self) {
        self.depth = self.depth.saturating_sub(1);
    }
}

/// What descends within bounds.
pub trait Bounded {
    /// Its bounds.
    fn bounds(&mut self) -> &mut Bounds;

    /// Told what is not gone into: it leaves a gap, steps over, or both.
    fn refused(&mut self, why: Refusal, at: Span);

    /// Does work one level deeper, with room on the stack; nothing where that is refused.
    fn deeper<R>(&mut self, at: Span, work: impl FnOnce(&mut Self) -> R) -> Option<R> {
        if let Err(why) = self.bounds().enter() {
            self.refused(why, at);
            return None;
        }
        let out = with_stack(|| work(self));
        self.bounds().leave();
        Some(out)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    struct Digger {
        bounds: Bounds,
        refused: Vec<Refusal>,
    }

    impl Bounded for Digger {
        fn bounds(&mut self) -> &mut Bounds {
            &mut self.bounds
        }

        fn refused(&mut self, why: Refusal, _: Span) {
            self.refused.push(why);
        }
    }

    impl Digger {
        fn new(deepest: u32, cancel: &Cancel) -> Digger {
            Digger { bounds: Bounds::new(deepest, cancel), refused: Vec::new() }
        }

        fn dig(&mut self, depth: u32) -> u32 {
            // Frames of a size that would overflow any stack a million times over.
            let room = [depth; 256];
            1 + self.deeper(Span::default(), |d| d.dig(depth + 1)).unwrap_or(0) + room[255] - depth
        }
    }

    #[rstest]
    #[case(0, 1)]
    #[case(10, 11)]
    #[case(200_000, 200_001)]
    fn goes_as_deep_as_allowed_and_no_deeper(#[case] deepest: u32, #[case] levels: u32) {
        let mut digger = Digger::new(deepest, &Cancel::new());
        assert_eq!(digger.dig(0), levels);
        assert_eq!(digger.refused, [Refusal::TooDeep]);
        assert_eq!(digger.bounds.depth, 0, "it came back");
    }

    #[test]
    fn levels_end() {
        let mut left = Some(Levels::BASES);
        let mut count = 0;
        while let Some(levels) = left {
            (left, count) = (levels.down(), count + 1);
        }
        assert_eq!(count, 13, "the level one stands on, and twelve below");
    }

    #[rstest]
    fn ends_soon_after_it_is_cancelled() {
        let cancel = Cancel::new();
        cancel.cancel();
        let mut digger = Digger::new(1_000_000, &cancel);
        assert_eq!(digger.dig(0), STEPS_BETWEEN_LOOKS);
        assert_eq!(digger.refused, [Refusal::Cancelled]);
    }
}
