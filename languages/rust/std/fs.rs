//! Files and folders.

/// An open file.
pub struct File {}
impl File {
    /// Opens a file to read it.
    pub fn open<P: AsRef<Path>>(path: P) -> io::Result<File>;
    /// Makes an empty file to write it.
    pub fn create<P: AsRef<Path>>(path: P) -> io::Result<File>;
    /// Makes a file that is not there yet.
    pub fn create_new<P: AsRef<Path>>(path: P) -> io::Result<File>;
    /// Ways to open a file.
    pub fn options() -> OpenOptions;
    /// Writes all to the disk.
    pub fn sync_all(&self) -> io::Result<()>;
    /// Writes the content to the disk.
    pub fn sync_data(&self) -> io::Result<()>;
    /// Cuts or fills it up.
    pub fn set_len(&self, size: u64) -> io::Result<()>;
    /// What is known of it.
    pub fn metadata(&self) -> io::Result<Metadata>;
    /// A second handle on it.
    pub fn try_clone(&self) -> io::Result<File>;
}
/// Size, times and kind of a file.
pub struct Metadata {}
impl Metadata {
    /// Its kind.
    pub fn file_type(&self) -> FileType;
    /// Is it a folder?
    pub fn is_dir(&self) -> bool;
    /// Is it a plain file?
    pub fn is_file(&self) -> bool;
    /// Is it a link?
    pub fn is_symlink(&self) -> bool;
    /// Its size in bytes.
    pub fn len(&self) -> u64;
    /// What may be done with it.
    pub fn permissions(&self) -> Permissions;
    /// When it was last changed.
    pub fn modified(&self) -> io::Result<SystemTime>;
    /// When it was made.
    pub fn created(&self) -> io::Result<SystemTime>;
}
/// The kind of a file.
pub struct FileType {}
/// What may be done with a file.
pub struct Permissions {}
/// How a file is opened.
pub struct OpenOptions {}
impl OpenOptions {
    /// With nothing set.
    pub fn new() -> OpenOptions;
    /// To read?
    pub fn read(&mut self, read: bool) -> &mut Self;
    /// To write?
    pub fn write(&mut self, write: bool) -> &mut Self;
    /// To write at the end?
    pub fn append(&mut self, append: bool) -> &mut Self;
    /// Emptied first?
    pub fn truncate(&mut self, truncate: bool) -> &mut Self;
    /// Made if it is not there?
    pub fn create(&mut self, create: bool) -> &mut Self;
    /// Made anew, never one that is there?
    pub fn create_new(&mut self, create_new: bool) -> &mut Self;
    /// Opens the file.
    pub fn open<P: AsRef<Path>>(&self, path: P) -> io::Result<File>;
}
/// The entries of a folder.
pub struct ReadDir {}
/// An entry of a folder.
pub struct DirEntry {}
impl DirEntry {
    /// Its path.
    pub fn path(&self) -> PathBuf;
    /// Its name.
    pub fn file_name(&self) -> OsString;
    /// What is known of it.
    pub fn metadata(&self) -> io::Result<Metadata>;
    /// Its kind.
    pub fn file_type(&self) -> io::Result<FileType>;
}
/// The bytes of a file.
pub fn read<P: AsRef<Path>>(path: P) -> io::Result<Vec<u8>>;
/// The text of a file.
pub fn read_to_string<P: AsRef<Path>>(path: P) -> io::Result<String>;
/// Writes a file anew.
pub fn write<P: AsRef<Path>, C: AsRef<[u8]>>(path: P, contents: C) -> io::Result<()>;
/// Takes a file away.
pub fn remove_file<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// Takes an empty folder away.
pub fn remove_dir<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// Takes a folder away with all in it.
pub fn remove_dir_all<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// Makes a folder.
pub fn create_dir<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// Makes a folder and those above it.
pub fn create_dir_all<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// The entries of a folder.
pub fn read_dir<P: AsRef<Path>>(path: P) -> io::Result<ReadDir>;
/// What is known of a file.
pub fn metadata<P: AsRef<Path>>(path: P) -> io::Result<Metadata>;
/// What is known of a file, links not followed.
pub fn symlink_metadata<P: AsRef<Path>>(path: P) -> io::Result<Metadata>;
/// Gives a file another path.
pub fn rename<P: AsRef<Path>, Q: AsRef<Path>>(from: P, to: Q) -> io::Result<()>;
/// Copies a file.
pub fn copy<P: AsRef<Path>, Q: AsRef<Path>>(from: P, to: Q) -> io::Result<u64>;
/// The path without links.
pub fn canonicalize<P: AsRef<Path>>(path: P) -> io::Result<PathBuf>;
/// Is there such a file?
pub fn exists<P: AsRef<Path>>(path: P) -> io::Result<bool>;
