//! The C interface that the routes call.

use crate::journal::{self, Spool};
use crate::{Air, Climate, Family, Model, Wheel};

/// 1 when the air suits the family, 0 when not or when there is no such family.
#[unsafe(no_mangle)]
pub extern "C" fn ripening_suits(family: i32, celsius: f64, humidity: f64) -> i32 {
    match Family::from_number(family) {
        Some(family) => i32::from(Model::new().suits(family, Air::new(celsius, humidity))),
        None => 0,
    }
}

/// Whole days until the next turn; -1000 when the model has no answer.
#[unsafe(no_mangle)]
pub extern "C" fn ripening_days_left(family: i32, days_since_turn: f64, celsius: f64, humidity: f64) -> i32 {
    let Some(family) = Family::from_number(family) else {
        return -1000;
    };
    let wheel = Wheel { family, days_since_turn, grams: 0 };
    let climate = Climate::of(vec![Air::new(celsius, humidity)]);
    Model::new().days_left(&wheel, &climate).map_or(-1000, |days| days.floor() as i32)
}

/// Notes the air a wheel is turned in; 0 when the probe has answered, -1 when not.
#[unsafe(no_mangle)]
pub extern "C" fn ripening_note_turn(wheel: i64, probe: u32) -> i32 {
    let mut spool = Spool::default();
    match journal::note_turn(&mut spool, wheel, probe) {
        Ok(()) => 0,
        Err(_) => -1,
    }
}
