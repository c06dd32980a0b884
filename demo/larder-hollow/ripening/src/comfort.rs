//! What each family of cheese finds comfortable.

use crate::climate::Air;

/// Families, numbered as the C interface numbers them.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Family {
    Washed = 0,
    Blue = 1,
    Hard = 2,
    Bloomy = 3,
}

impl Family {
    pub fn from_number(number: i32) -> Option<Family> {
        Some(match number {
            0 => Family::Washed,
            1 => Family::Blue,
            2 => Family::Hard,
            3 => Family::Bloomy,
            _ => return None,
        })
    }
}

/// A closed range.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Range {
    pub low: f64,
    pub high: f64,
}

impl Range {
    pub fn new(low: f64, high: f64) -> Range {
        Range { low: low.min(high), high: high.max(low) }
    }

    pub fn holds(&self, value: f64) -> bool {
        self.low <= value && value <= self.high
    }

    pub fn middle(&self) -> f64 {
        (self.low + self.high) / 2.0
    }
}

#[derive(Debug, Clone)]
pub struct Comfort {
    pub family: Family,
    pub celsius: Range,
    pub humidity: Range,
    pub turn_every_days: f64,
}

impl Comfort {
    pub fn holds(&self, air: Air) -> bool {
        self.celsius.holds(air.celsius) && self.humidity.holds(air.humidity)
    }

    /// The air it likes best.
    pub fn best(&self) -> Air {
        Air::new(self.celsius.middle(), self.humidity.middle())
    }
}

/// The table of all families.
pub fn table() -> Vec<Comfort> {
    comforts! {
        Washed: 9.0 .. 14.0 at 88 .. 98, every 3;
        Blue: 7.0 .. 11.0 at 90 .. 97, every 5;
        Hard: 10.0 .. 15.0 at 80 .. 90, every 7;
        Bloomy: 10.0 .. 13.0 at 85 .. 95, every 2;
    }
}
