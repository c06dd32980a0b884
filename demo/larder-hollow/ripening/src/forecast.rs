//! What the coming days will want: turns per day, over all wheels.

use crate::{Climate, Model, ModelError, Wheel};
use std::collections::BTreeMap;

/// Turns wanted by day, today being 0.
#[derive(Debug, Default, PartialEq)]
pub struct Forecast {
    by_day: BTreeMap<u32, usize>,
}

impl Forecast {
    /// Forecasts `days` days for wheels that all lie in one climate.
    pub fn make(model: &Model, wheels: &[Wheel], climate: &Climate, days: u32) -> Result<Forecast, ModelError> {
        let mut forecast = Forecast::default();
        for wheel in wheels {
            let first = model.days_left(wheel, climate)?.max(0.0);
            let every = model.comfort(wheel.family).map_or(7.0, |c| c.turn_every_days);
            forecast.add_wheel(first, every, days);
        }
        Ok(forecast)
    }

    fn add_wheel(&mut self, first: f64, every: f64, days: u32) {
        let mut day = first;
        while day < f64::from(days) {
            *self.by_day.entry(day as u32).or_default() += 1;
            day += every.max(1.0);
        }
    }

    pub fn turns_on(&self, day: u32) -> usize {
        self.by_day.get(&day).copied().unwrap_or(0)
    }

    /// The day with the most turns; the earliest of several.
    pub fn busiest(&self) -> Option<(u32, usize)> {
        self.by_day.iter().map(|(day, turns)| (*day, *turns)).max_by_key(|(day, turns)| (*turns, std::cmp::Reverse(*day)))
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::{Air, Family};

    #[test]
    fn a_wheel_comes_back_every_few_days() {
        let model = Model::new();
        let best = model.comfort(Family::Washed).unwrap().best();
        let wheel = Wheel { family: Family::Washed, days_since_turn: 3.0, grams: 4000 };
        let forecast = Forecast::make(&model, &[wheel], &Climate::of(vec![best]), 7).unwrap();
        assert_eq!((forecast.turns_on(0), forecast.turns_on(3), forecast.turns_on(1)), (1, 1, 0));
        assert_eq!(forecast.busiest(), Some((0, 1)));
    }

    #[test]
    fn no_wheels_want_nothing() {
        let climate = Climate::of(vec![Air::new(11.0, 90.0)]);
        assert_eq!(Forecast::make(&Model::new(), &[], &climate, 7).unwrap().busiest(), None);
    }
}
