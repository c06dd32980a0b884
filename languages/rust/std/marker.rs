//! Properties of types.

/// May go to another thread.
pub unsafe trait Send {}
/// May be shared between threads.
pub unsafe trait Sync {}
/// Has a size that is known when compiling.
pub trait Sized {}
/// Is copied by its bytes.
pub trait Copy: Clone {}
/// May be moved though it is pinned.
pub trait Unpin {}
/// Stands for a type that is not stored.
pub struct PhantomData<T: ?Sized>;
/// Keeps a type from being moved.
pub struct PhantomPinned;
