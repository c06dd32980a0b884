//! Air, and the readings of a cave.

use crate::ModelError;
use crate::probe::Probe;

#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Air {
    pub celsius: f64,
    pub humidity: f64,
}

impl Air {
    pub fn new(celsius: f64, humidity: f64) -> Air {
        Air { celsius, humidity }
    }

    /// Is it air at all, or a broken probe?
    pub fn is_plausible(&self) -> bool {
        (-5.0..40.0).contains(&self.celsius) && (0.0..=100.0).contains(&self.humidity)
    }
}

/// The latest readings of a cave.
#[derive(Debug, Clone, Default)]
pub struct Climate {
    readings: Vec<Air>,
}

impl Climate {
    pub fn of(readings: Vec<Air>) -> Climate {
        Climate { readings }
    }

    /// Reads all probes; implausible ones are an error.
    pub fn read(probes: &mut [Box<dyn Probe>]) -> Result<Climate, ModelError> {
        let mut climate = Climate::default();
        for probe in probes.iter_mut() {
            let air = probe.read()?;
            if !air.is_plausible() {
                return Err(ModelError::BadReading { probe: probe.number(), celsius: air.celsius });
            }
            climate.add(air);
        }
        Ok(climate)
    }

    pub fn add(&mut self, air: Air) {
        self.readings.push(air);
    }

    pub fn mean(&self) -> Result<Air, ModelError> {
        if self.readings.is_empty() {
            return Err(ModelError::NoReadings);
        }
        let count = self.readings.len() as f64;
        let celsius = self.readings.iter().map(|air| air.celsius).sum::<f64>() / count;
        let humidity = self.readings.iter().map(|air| air.humidity).sum::<f64>() / count;
        Ok(Air::new(celsius, humidity))
    }
}
