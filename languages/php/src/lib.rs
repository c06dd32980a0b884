//! PHP: its packages. A reader, rules and a ladder are still to come: its files are searched as text.

mod packages;

pub use packages::COMPOSER;
