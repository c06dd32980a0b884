//! Hints to the compiler.

/// Keeps the compiler from leaving something out.
pub fn black_box<T>(dummy: T) -> T;
/// Says that a loop waits.
pub fn spin_loop();
/// Says that a place is never reached.
pub const unsafe fn unreachable_unchecked() -> !;
