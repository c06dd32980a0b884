//! Libraries of C: modules and functions that they give.

use compass_trace::crossings::frameworks::{AsksNatives, Frameworks};

/// See the module.
pub(crate) struct LuaFrameworks;

impl Frameworks for LuaFrameworks {
    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives =
            AsksNatives { makers: &["luaopen_"], loaders: &[], loads_all: None, endings: &[".so"], declarations: &[], are_global: false };
        Some(&ASKS)
    }
}
