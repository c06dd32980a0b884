//! When is a wheel due, and does a place suit it?
//!
//! The model is a table of comfort ranges per family, and a curve of how ripening slows with cold.

#[macro_use]
mod ranges;
pub mod climate;
pub mod comfort;
pub mod curve;
pub mod ffi;
pub mod forecast;
pub mod journal;
pub mod probe;

pub use climate::{Air, Climate};
pub use comfort::{Comfort, Family};
pub use curve::Curve;
pub use forecast::Forecast;

use std::fmt;

/// Why the model has no answer.
#[derive(Debug, Clone, PartialEq)]
pub enum ModelError {
    /// No family has this number.
    UnknownFamily(i32),
    /// The probe speaks nonsense.
    BadReading { probe: u32, celsius: f64 },
    /// There are no readings yet.
    NoReadings,
}

impl fmt::Display for ModelError {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            ModelError::UnknownFamily(n) => write!(f, "no family has the number {n}"),
            ModelError::BadReading { probe, celsius } => write!(f, "probe {probe} says {celsius} degrees"),
            ModelError::NoReadings => write!(f, "no readings yet"),
        }
    }
}

impl std::error::Error for ModelError {}

/// A wheel as far as ripening goes.
#[derive(Debug, Clone)]
pub struct Wheel {
    pub family: Family,
    pub days_since_turn: f64,
    pub grams: u32,
}

/// The whole model.
pub struct Model {
    comforts: Vec<Comfort>,
    curve: Curve,
}

impl Model {
    pub fn new() -> Self {
        Model { comforts: comfort::table(), curve: Curve::default() }
    }

    /// The comfort range of a family.
    pub fn comfort(&self, family: Family) -> Option<&Comfort> {
        self.comforts.iter().find(|c| c.family == family)
    }

    /// Does the air suit the family?
    pub fn suits(&self, family: Family, air: Air) -> bool {
        self.comfort(family).is_some_and(|c| c.holds(air))
    }

    /// Days until the wheel wants to be turned, at the air it lies in.
    pub fn days_left(&self, wheel: &Wheel, climate: &Climate) -> Result<f64, ModelError> {
        let air = climate.mean()?;
        let comfort = self.comfort(wheel.family).ok_or(ModelError::UnknownFamily(wheel.family as i32))?;
        let pace = self.curve.pace(air.celsius - comfort.best().celsius);
        Ok(comfort.turn_every_days / pace - wheel.days_since_turn)
    }
}

impl Default for Model {
    fn default() -> Self {
        Self::new()
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn cold_air_gives_more_time() {
        let model = Model::new();
        let wheel = Wheel { family: Family::Washed, days_since_turn: 1.0, grams: 4000 };
        let cold = Climate::of(vec![Air::new(7.0, 92.0)]);
        let warm = Climate::of(vec![Air::new(13.0, 92.0)]);
        assert!(model.days_left(&wheel, &cold).unwrap() > model.days_left(&wheel, &warm).unwrap());
    }

    #[test]
    fn an_empty_climate_is_an_error() {
        let wheel = Wheel { family: Family::Hard, days_since_turn: 0.0, grams: 1 };
        assert_eq!(Model::new().days_left(&wheel, &Climate::default()), Err(ModelError::NoReadings));
    }
}
