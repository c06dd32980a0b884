//! Types at run time.

/// A value whose type is asked for at run time.
pub trait Any {
    /// The number of its type.
    fn type_id(&self) -> TypeId;
}
impl dyn Any {
    /// Is it of the type?
    pub fn is<T: Any>(&self) -> bool;
    /// The value, if it is of the type.
    pub fn downcast_ref<T: Any>(&self) -> Option<&T>;
    /// The value, if it is of the type, to be changed.
    pub fn downcast_mut<T: Any>(&mut self) -> Option<&mut T>;
}
/// The number of a type.
pub struct TypeId {}
impl TypeId {
    /// That of a type.
    pub const fn of<T: ?Sized + 'static>() -> TypeId;
}
/// The name of a type, for people.
pub const fn type_name<T: ?Sized>() -> &'static str;
/// The name of the type of a value, for people.
pub const fn type_name_of_val<T: ?Sized>(value: &T) -> &'static str;
