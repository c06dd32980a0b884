//! A short way to write tables of comfort.

/// `comforts! { Washed: 9.0..14.0 at 88..98, every 3; … }`
macro_rules! comforts {
    ($($family:ident: $low:literal .. $high:literal at $dry:literal .. $damp:literal, every $days:literal);+ $(;)?) => {
        vec![$(comfort!($family, $low, $high, $dry, $damp, $days)),+]
    };
}

macro_rules! comfort {
    ($family:ident, $low:literal, $high:literal, $dry:literal, $damp:literal, $days:literal) => {
        $crate::comfort::Comfort {
            family: $crate::comfort::Family::$family,
            celsius: $crate::comfort::Range::new($low as f64, $high as f64),
            humidity: $crate::comfort::Range::new($dry as f64, $damp as f64),
            turn_every_days: $days as f64,
        }
    };
}
