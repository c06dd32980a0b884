//! How ripening slows with cold and quickens with warmth.

/// Ripening doubles with every so many degrees.
#[derive(Debug, Clone, Copy)]
pub struct Curve {
    doubling_degrees: f64,
}

impl Curve {
    pub fn new(doubling_degrees: f64) -> Curve {
        Curve { doubling_degrees: doubling_degrees.max(0.1) }
    }

    /// How fast ripening goes, 1 at the best warmth.
    pub fn pace(&self, degrees_off: f64) -> f64 {
        (degrees_off / self.doubling_degrees).exp2().clamp(0.25, 4.0)
    }
}

impl Default for Curve {
    fn default() -> Self {
        Curve::new(6.0)
    }
}
