//! Channels from several threads to one.

/// The end that sends.
pub struct Sender<T> { inner: T }
impl<T> Sender<T> {
    /// Sends a value.
    pub fn send(&self, t: T) -> Result<(), SendError<T>>;
}
/// The end that sends through a queue of fixed size.
pub struct SyncSender<T> { inner: T }
impl<T> SyncSender<T> {
    /// Sends a value, and waits for room.
    pub fn send(&self, t: T) -> Result<(), SendError<T>>;
    /// Sends a value, if there is room.
    pub fn try_send(&self, t: T) -> Result<(), TrySendError<T>>;
}
/// The end that receives.
pub struct Receiver<T> { inner: T }
impl<T> Receiver<T> {
    /// A value, if one waits.
    pub fn try_recv(&self) -> Result<T, TryRecvError>;
    /// Waits for a value.
    pub fn recv(&self) -> Result<T, RecvError>;
    /// Waits for a value some time at most.
    pub fn recv_timeout(&self, timeout: Duration) -> Result<T, RecvTimeoutError>;
    /// Values until nobody sends any more.
    pub fn iter(&self) -> Iter<'_, T>;
    /// Values that wait.
    pub fn try_iter(&self) -> TryIter<'_, T>;
}
/// Values of a channel.
pub struct Iter<'a, T: 'a> { rx: &'a Receiver<T> }
/// Values of a channel that wait.
pub struct TryIter<'a, T: 'a> { rx: &'a Receiver<T> }
/// Nobody receives any more.
pub struct SendError<T>(pub T);
/// Nobody receives any more, or there is no room.
pub enum TrySendError<T> { Full(T), Disconnected(T) }
/// Nobody sends any more.
pub struct RecvError;
/// No value waits, or nobody sends any more.
pub enum TryRecvError { Empty, Disconnected }
/// It took too long, or nobody sends any more.
pub enum RecvTimeoutError { Timeout, Disconnected }
/// A channel of any length.
pub fn channel<T>() -> (Sender<T>, Receiver<T>);
/// A channel of fixed length.
pub fn sync_channel<T>(bound: usize) -> (SyncSender<T>, Receiver<T>);
