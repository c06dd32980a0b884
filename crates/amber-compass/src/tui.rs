//! The full-screen interface: state, update, view, apart.
//!
//! Events change [`state::State`] through [`update::update`], which neither reads nor waits but asks for effects; jobs do
//! the work on threads of their own and answer with events; [`view::draw`] only draws.

mod app;
mod columns;
mod layout;
mod state;
mod term;
mod theme;
mod update;
mod view;

pub use app::{Start, run};
pub use state::{Spot, at_commit};
pub use theme::ThemeName;
pub use update::KeyMap;

#[cfg(test)]
mod tests;
