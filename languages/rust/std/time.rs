//! Times.

/// A length of time.
pub struct Duration {}
impl Duration {
    /// None.
    pub const ZERO: Duration;
    /// The longest.
    pub const MAX: Duration;
    /// Of seconds and nanoseconds.
    pub const fn new(secs: u64, nanos: u32) -> Duration;
    /// Of seconds.
    pub const fn from_secs(secs: u64) -> Duration;
    /// Of milliseconds.
    pub const fn from_millis(millis: u64) -> Duration;
    /// Of microseconds.
    pub const fn from_micros(micros: u64) -> Duration;
    /// Of nanoseconds.
    pub const fn from_nanos(nanos: u64) -> Duration;
    /// Of seconds as a number with a fraction.
    pub fn from_secs_f64(secs: f64) -> Duration;
    /// Is it none?
    pub const fn is_zero(&self) -> bool;
    /// Whole seconds.
    pub const fn as_secs(&self) -> u64;
    /// Seconds with a fraction.
    pub const fn as_secs_f64(&self) -> f64;
    /// Seconds with a fraction.
    pub const fn as_secs_f32(&self) -> f32;
    /// Whole milliseconds.
    pub const fn as_millis(&self) -> u128;
    /// Whole microseconds.
    pub const fn as_micros(&self) -> u128;
    /// Nanoseconds.
    pub const fn as_nanos(&self) -> u128;
    /// Nanoseconds beyond whole seconds.
    pub const fn subsec_nanos(&self) -> u32;
    /// The sum, if it fits.
    pub const fn checked_add(self, rhs: Duration) -> Option<Duration>;
    /// The difference, none below zero.
    pub const fn saturating_sub(self, rhs: Duration) -> Duration;
}
/// A moment on a clock that only goes forward.
pub struct Instant(());
impl Instant {
    /// Now.
    pub fn now() -> Instant;
    /// How long ago it was.
    pub fn elapsed(&self) -> Duration;
    /// How long it is since another one.
    pub fn duration_since(&self, earlier: Instant) -> Duration;
    /// How long it is since another one, none where that is later.
    pub fn saturating_duration_since(&self, earlier: Instant) -> Duration;
    /// A later moment, if it fits.
    pub fn checked_add(&self, duration: Duration) -> Option<Instant>;
}
/// A moment on the clock of the system.
pub struct SystemTime(());
impl SystemTime {
    /// The beginning of 1970.
    pub const UNIX_EPOCH: SystemTime;
    /// Now.
    pub fn now() -> SystemTime;
    /// How long it is since another one.
    pub fn duration_since(&self, earlier: SystemTime) -> Result<Duration, SystemTimeError>;
    /// How long ago it was.
    pub fn elapsed(&self) -> Result<Duration, SystemTimeError>;
}
/// The other moment is later.
pub struct SystemTimeError(Duration);
/// The beginning of 1970.
pub const UNIX_EPOCH: SystemTime;
