//! Places set aside: they stay in view beside the code while one reads on.

use super::{Page, Spot};

/// A place set aside.
#[derive(Debug, Clone, PartialEq)]
pub struct Aside {
    /// Its file.
    pub page: Page,
    /// Where in it.
    pub spot: Spot,
}

impl Aside {
    /// So many are kept at most.
    pub const MOST: usize = 3;
}
