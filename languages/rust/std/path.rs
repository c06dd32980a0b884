//! Paths of files.

/// A borrowed path.
pub struct Path {}
impl Path {
    /// One of a text.
    pub fn new<S: AsRef<OsStr> + ?Sized>(s: &S) -> &Path;
    /// As a text of the system.
    pub fn as_os_str(&self) -> &OsStr;
    /// The text, if it is one.
    pub fn to_str(&self) -> Option<&str>;
    /// The text, with signs for what is none.
    pub fn to_string_lossy(&self) -> Cow<'_, str>;
    /// An owned copy.
    pub fn to_path_buf(&self) -> PathBuf;
    /// Does it begin at the top?
    pub fn is_absolute(&self) -> bool;
    /// Does it begin elsewhere?
    pub fn is_relative(&self) -> bool;
    /// The path above.
    pub fn parent(&self) -> Option<&Path>;
    /// The path and all above it.
    pub fn ancestors(&self) -> Ancestors<'_>;
    /// The last part.
    pub fn file_name(&self) -> Option<&OsStr>;
    /// What follows a beginning.
    pub fn strip_prefix<P: AsRef<Path>>(&self, base: P) -> Result<&Path, StripPrefixError>;
    /// Does it begin so?
    pub fn starts_with<P: AsRef<Path>>(&self, base: P) -> bool;
    /// Does it end so?
    pub fn ends_with<P: AsRef<Path>>(&self, child: P) -> bool;
    /// The last part without its ending.
    pub fn file_stem(&self) -> Option<&OsStr>;
    /// The ending of the last part.
    pub fn extension(&self) -> Option<&OsStr>;
    /// The path with another one behind it.
    pub fn join<P: AsRef<Path>>(&self, path: P) -> PathBuf;
    /// With another last part.
    pub fn with_file_name<S: AsRef<OsStr>>(&self, file_name: S) -> PathBuf;
    /// With another ending.
    pub fn with_extension<S: AsRef<OsStr>>(&self, extension: S) -> PathBuf;
    /// Its parts.
    pub fn components(&self) -> Components<'_>;
    /// Its parts as texts.
    pub fn iter(&self) -> Iter<'_>;
    /// For people.
    pub fn display(&self) -> Display<'_>;
    /// What is known of the file.
    pub fn metadata(&self) -> io::Result<Metadata>;
    /// The path without links.
    pub fn canonicalize(&self) -> io::Result<PathBuf>;
    /// The entries of the folder.
    pub fn read_dir(&self) -> io::Result<ReadDir>;
    /// Is there such a file?
    pub fn exists(&self) -> bool;
    /// Is it a plain file?
    pub fn is_file(&self) -> bool;
    /// Is it a folder?
    pub fn is_dir(&self) -> bool;
    /// Is it a link?
    pub fn is_symlink(&self) -> bool;
}
/// A path of its own.
pub struct PathBuf {}
impl PathBuf {
    /// An empty one.
    pub const fn new() -> PathBuf;
    /// Borrowed.
    pub fn as_path(&self) -> &Path;
    /// Adds a part.
    pub fn push<P: AsRef<Path>>(&mut self, path: P);
    /// Takes the last part away.
    pub fn pop(&mut self) -> bool;
    /// Sets the last part.
    pub fn set_file_name<S: AsRef<OsStr>>(&mut self, file_name: S);
    /// Sets the ending.
    pub fn set_extension<S: AsRef<OsStr>>(&mut self, extension: S) -> bool;
    /// As a text of the system.
    pub fn into_os_string(self) -> OsString;
}
/// A part of a path.
pub enum Component<'a> {
    /// A drive.
    Prefix(PrefixComponent<'a>),
    /// The top.
    RootDir,
    /// `.`.
    CurDir,
    /// `..`.
    ParentDir,
    /// A name.
    Normal(&'a OsStr),
}
/// A drive.
pub struct PrefixComponent<'a> {}
/// Parts of a path.
pub struct Components<'a> {}
/// Parts of a path as texts.
pub struct Iter<'a> {}
/// A path and all above it.
pub struct Ancestors<'a> {}
/// A path for people.
pub struct Display<'a> {}
/// A path that does not begin so.
pub struct StripPrefixError(());
/// What stands between parts.
pub const MAIN_SEPARATOR: char;
