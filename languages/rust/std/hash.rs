//! Hashes.

/// Can be hashed.
pub trait Hash {
    /// Gives itself to a hasher.
    fn hash<H: Hasher>(&self, state: &mut H);
}
/// Makes a hash.
pub trait Hasher {
    /// The hash so far.
    fn finish(&self) -> u64;
    /// Takes bytes.
    fn write(&mut self, bytes: &[u8]);
    /// Takes a byte.
    fn write_u8(&mut self, i: u8) {}
    /// Takes a number.
    fn write_u32(&mut self, i: u32) {}
    /// Takes a number.
    fn write_u64(&mut self, i: u64) {}
    /// Takes a number.
    fn write_usize(&mut self, i: usize) {}
}
/// Makes hashers.
pub trait BuildHasher {
    /// The hasher.
    type Hasher: Hasher;
    /// Makes one.
    fn build_hasher(&self) -> Self::Hasher;
    /// The hash of a value.
    fn hash_one<T: Hash>(&self, x: T) -> u64 {}
}
/// Makes hashers with their default.
pub struct BuildHasherDefault<H> {}
/// The usual hasher.
pub struct DefaultHasher {}
/// Makes hashers that differ in each run.
pub struct RandomState {}
