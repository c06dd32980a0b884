//! What the model writes down: the air each wheel was turned in.

use crate::ModelError;
use crate::probe::{BusProbe, Probe};

/// Something that runs statements: the database, or a spool that is run later.
pub trait Ledger {
    fn run(&mut self, statement: &str, values: &[i64]);
}

/// Statements in the order they came, for the store to run at night.
#[derive(Debug, Default)]
pub struct Spool {
    statements: Vec<(String, Vec<i64>)>,
}

impl Ledger for Spool {
    fn run(&mut self, statement: &str, values: &[i64]) {
        self.statements.push((statement.to_owned(), values.to_vec()));
    }
}

impl Spool {
    pub fn len(&self) -> usize {
        self.statements.len()
    }

    pub fn is_empty(&self) -> bool {
        self.statements.is_empty()
    }
}

/// Reads the probe of the cave and writes down what it says.
pub fn note_turn(ledger: &mut dyn Ledger, wheel: i64, number: u32) -> Result<(), ModelError> {
    let mut probe = BusProbe::open(number).ok_or(ModelError::NoReadings)?;
    let air = probe.read()?;
    let (celsius, humidity) = ((air.celsius * 100.0) as i64, (air.humidity * 10.0) as i64);
    ledger.run(
        "INSERT INTO turn_climates (wheel_id, probe, centi_celsius, per_mille) VALUES (?1, ?2, ?3, ?4)",
        &[wheel, i64::from(number), celsius, humidity],
    );
    Ok(())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_spool_keeps_statements_in_order() {
        let mut spool = Spool::default();
        spool.run("DELETE FROM turn_climates WHERE wheel_id = ?1", &[7]);
        assert_eq!(spool.len(), 1);
    }
}
