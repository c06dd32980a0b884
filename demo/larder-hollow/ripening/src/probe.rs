//! Probes: something that can be read. The real ones are in C.

use crate::ModelError;
use crate::climate::Air;

pub trait Probe {
    fn number(&self) -> u32;
    fn read(&mut self) -> Result<Air, ModelError>;
}

/// A probe that says what it was told.
#[derive(Debug)]
pub struct FixedProbe {
    pub number: u32,
    pub air: Air,
}

impl Probe for FixedProbe {
    fn number(&self) -> u32 {
        self.number
    }

    fn read(&mut self) -> Result<Air, ModelError> {
        Ok(self.air)
    }
}

/// A probe on the bus of the cave.
pub struct BusProbe {
    number: u32,
}

impl BusProbe {
    pub fn open(number: u32) -> Option<BusProbe> {
        // SAFETY: the driver takes any number and says whether it is there.
        let found = unsafe { native::probe_open(number) };
        (found == 0).then_some(BusProbe { number })
    }
}

impl Probe for BusProbe {
    fn number(&self) -> u32 {
        self.number
    }

    fn read(&mut self) -> Result<Air, ModelError> {
        let mut level = native::Level { centi_celsius: 0, per_mille: 0 };
        // SAFETY: the driver writes one level.
        let status = unsafe { native::probe_level(self.number, &mut level) };
        if status != 0 {
            return Err(ModelError::BadReading { probe: self.number, celsius: f64::NAN });
        }
        Ok(Air::new(f64::from(level.centi_celsius) / 100.0, f64::from(level.per_mille) / 10.0))
    }
}

mod native {
    #[repr(C)]
    pub struct Level {
        pub centi_celsius: i32,
        pub per_mille: i32,
    }

    unsafe extern "C" {
        pub fn probe_open(number: u32) -> i32;
        pub fn probe_level(number: u32, level: *mut Level) -> i32;
    }
}
