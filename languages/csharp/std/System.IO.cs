using System;
using System.Collections.Generic;
using System.ComponentModel;
using System.Runtime.Serialization;
using System.Text;
using System.Threading;
using System.Threading.Tasks;

namespace System.IO
{
    /// <summary>Reads values of bytes.</summary>
    public class BinaryReader : IDisposable
    {
        public BinaryReader(Stream input) { }
        public BinaryReader(Stream input, Encoding encoding) { }
        public BinaryReader(Stream input, Encoding encoding, bool leaveOpen) { }
        public virtual Stream BaseStream { get; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected virtual void FillBuffer(int numBytes);
        public virtual int PeekChar();
        public virtual int Read();
        public virtual int Read(System.Span<byte> buffer);
        public virtual int Read(System.Span<char> buffer);
        public virtual int Read(byte[] buffer, int index, int count);
        public virtual int Read(char[] buffer, int index, int count);
        public virtual bool ReadBoolean();
        public virtual byte ReadByte();
        public virtual byte[] ReadBytes(int count);
        public virtual char ReadChar();
        public virtual char[] ReadChars(int count);
        public virtual decimal ReadDecimal();
        public virtual double ReadDouble();
        public virtual short ReadInt16();
        public virtual int ReadInt32();
        public virtual long ReadInt64();
        public virtual sbyte ReadSByte();
        public virtual float ReadSingle();
        public virtual string ReadString();
        public virtual ushort ReadUInt16();
        public virtual uint ReadUInt32();
        public virtual ulong ReadUInt64();
    }

    /// <summary>Writes values as bytes.</summary>
    public class BinaryWriter : IDisposable, System.IAsyncDisposable
    {
        public static BinaryWriter Null;
        protected Stream OutStream;
        protected BinaryWriter() { }
        public BinaryWriter(Stream output) { }
        public BinaryWriter(Stream output, Encoding encoding) { }
        public BinaryWriter(Stream output, Encoding encoding, bool leaveOpen) { }
        public virtual Stream BaseStream { get; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public virtual void Flush();
        public virtual long Seek(int offset, SeekOrigin origin);
        public virtual void Write(bool value);
        public virtual void Write(byte value);
        public virtual void Write(byte[] buffer);
        public virtual void Write(char ch);
        public virtual void Write(char[] chars);
        public virtual void Write(double value);
        public virtual void Write(short value);
        public virtual void Write(int value);
        public virtual void Write(long value);
        public virtual void Write(sbyte value);
        public virtual void Write(float value);
        public virtual void Write(decimal value);
        public virtual void Write(System.ReadOnlySpan<byte> buffer);
        public virtual void Write(System.ReadOnlySpan<char> buffer);
        public virtual void Write(string value);
        public virtual void Write(ushort value);
        public virtual void Write(uint value);
        public virtual void Write(ulong value);
        public virtual void Write(byte[] buffer, int index, int count);
        public virtual void Write(char[] chars, int index, int count);
        protected void Write7BitEncodedInt(int value);
    }

    /// <summary>Bytes through a buffer.</summary>
    public sealed class BufferedStream : Stream
    {
        public BufferedStream(Stream stream) { }
        public BufferedStream(Stream stream, int bufferSize) { }
        public int BufferSize { get; }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public override long Length { get; }
        public override long Position { get; set; }
        public Stream UnderlyingStream { get; }
        public override IAsyncResult BeginRead(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public override IAsyncResult BeginWrite(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public override void CopyTo(Stream destination, int bufferSize);
        public override Task CopyToAsync(Stream destination, int bufferSize, CancellationToken cancellationToken);
        protected override void Dispose(bool disposing);
        public override System.Threading.Tasks.ValueTask DisposeAsync();
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public override Task FlushAsync(CancellationToken cancellationToken);
        public override int Read(System.Span<byte> destination);
        public override int Read(byte[] array, int offset, int count);
        public override System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin origin);
        public override void SetLength(long value);
        public override void Write(System.ReadOnlySpan<byte> buffer);
        public override void Write(byte[] array, int offset, int count);
        public override System.Threading.Tasks.ValueTask WriteAsync(System.ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override void WriteByte(byte value);
    }

    /// <summary>Functions on folders.</summary>
    public static class Directory
    {
        public static DirectoryInfo CreateDirectory(string path);
        public static DirectoryInfo CreateDirectory(string path, System.Security.AccessControl.DirectorySecurity directorySecurity);
        public static void Delete(string path);
        public static void Delete(string path, bool recursive);
        public static IEnumerable<string> EnumerateDirectories(string path);
        public static IEnumerable<string> EnumerateDirectories(string path, string searchPattern);
        public static IEnumerable<string> EnumerateDirectories(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static IEnumerable<string> EnumerateDirectories(string path, string searchPattern, SearchOption searchOption);
        public static IEnumerable<string> EnumerateFileSystemEntries(string path);
        public static IEnumerable<string> EnumerateFileSystemEntries(string path, string searchPattern);
        public static IEnumerable<string> EnumerateFileSystemEntries(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static IEnumerable<string> EnumerateFileSystemEntries(string path, string searchPattern, SearchOption searchOption);
        public static IEnumerable<string> EnumerateFiles(string path);
        public static IEnumerable<string> EnumerateFiles(string path, string searchPattern);
        public static IEnumerable<string> EnumerateFiles(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static IEnumerable<string> EnumerateFiles(string path, string searchPattern, SearchOption searchOption);
        public static bool Exists(string path);
        public static System.Security.AccessControl.DirectorySecurity GetAccessControl(string path);
        public static System.Security.AccessControl.DirectorySecurity GetAccessControl(string path, System.Security.AccessControl.AccessControlSections includeSections);
        public static DateTime GetCreationTime(string path);
        public static DateTime GetCreationTimeUtc(string path);
        public static string GetCurrentDirectory();
        public static string[] GetDirectories(string path);
        public static string[] GetDirectories(string path, string searchPattern);
        public static string[] GetDirectories(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static string[] GetDirectories(string path, string searchPattern, SearchOption searchOption);
        public static string GetDirectoryRoot(string path);
        public static string[] GetFileSystemEntries(string path);
        public static string[] GetFileSystemEntries(string path, string searchPattern);
        public static string[] GetFileSystemEntries(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static string[] GetFileSystemEntries(string path, string searchPattern, SearchOption searchOption);
        public static string[] GetFiles(string path);
        public static string[] GetFiles(string path, string searchPattern);
        public static string[] GetFiles(string path, string searchPattern, EnumerationOptions enumerationOptions);
        public static string[] GetFiles(string path, string searchPattern, SearchOption searchOption);
        public static DateTime GetLastAccessTime(string path);
        public static DateTime GetLastAccessTimeUtc(string path);
        public static DateTime GetLastWriteTime(string path);
        public static DateTime GetLastWriteTimeUtc(string path);
        public static string[] GetLogicalDrives();
        public static DirectoryInfo GetParent(string path);
        public static void Move(string sourceDirName, string destDirName);
        public static void SetAccessControl(string path, System.Security.AccessControl.DirectorySecurity directorySecurity);
        public static void SetCreationTime(string path, DateTime creationTime);
        public static void SetCreationTimeUtc(string path, DateTime creationTimeUtc);
        public static void SetCurrentDirectory(string path);
        public static void SetLastAccessTime(string path, DateTime lastAccessTime);
        public static void SetLastAccessTimeUtc(string path, DateTime lastAccessTimeUtc);
        public static void SetLastWriteTime(string path, DateTime lastWriteTime);
        public static void SetLastWriteTimeUtc(string path, DateTime lastWriteTimeUtc);
    }

    /// <summary>A folder.</summary>
    public sealed class DirectoryInfo : FileSystemInfo
    {
        public DirectoryInfo(string path) { }
        public DirectoryInfo Parent { get; }
        public DirectoryInfo Root { get; }
        public void Create();
        public void Create(System.Security.AccessControl.DirectorySecurity directorySecurity);
        public DirectoryInfo CreateSubdirectory(string path);
        public DirectoryInfo CreateSubdirectory(string path, System.Security.AccessControl.DirectorySecurity directorySecurity);
        public override void Delete();
        public void Delete(bool recursive);
        public IEnumerable<DirectoryInfo> EnumerateDirectories();
        public IEnumerable<DirectoryInfo> EnumerateDirectories(string searchPattern);
        public IEnumerable<DirectoryInfo> EnumerateDirectories(string searchPattern, EnumerationOptions enumerationOptions);
        public IEnumerable<DirectoryInfo> EnumerateDirectories(string searchPattern, SearchOption searchOption);
        public IEnumerable<FileSystemInfo> EnumerateFileSystemInfos();
        public IEnumerable<FileSystemInfo> EnumerateFileSystemInfos(string searchPattern);
        public IEnumerable<FileSystemInfo> EnumerateFileSystemInfos(string searchPattern, EnumerationOptions enumerationOptions);
        public IEnumerable<FileSystemInfo> EnumerateFileSystemInfos(string searchPattern, SearchOption searchOption);
        public IEnumerable<FileInfo> EnumerateFiles();
        public IEnumerable<FileInfo> EnumerateFiles(string searchPattern);
        public IEnumerable<FileInfo> EnumerateFiles(string searchPattern, EnumerationOptions enumerationOptions);
        public IEnumerable<FileInfo> EnumerateFiles(string searchPattern, SearchOption searchOption);
        public System.Security.AccessControl.DirectorySecurity GetAccessControl();
        public System.Security.AccessControl.DirectorySecurity GetAccessControl(System.Security.AccessControl.AccessControlSections includeSections);
        public DirectoryInfo[] GetDirectories();
        public DirectoryInfo[] GetDirectories(string searchPattern);
        public DirectoryInfo[] GetDirectories(string searchPattern, EnumerationOptions enumerationOptions);
        public DirectoryInfo[] GetDirectories(string searchPattern, SearchOption searchOption);
        public FileSystemInfo[] GetFileSystemInfos();
        public FileSystemInfo[] GetFileSystemInfos(string searchPattern);
        public FileSystemInfo[] GetFileSystemInfos(string searchPattern, EnumerationOptions enumerationOptions);
        public FileSystemInfo[] GetFileSystemInfos(string searchPattern, SearchOption searchOption);
        public FileInfo[] GetFiles();
        public FileInfo[] GetFiles(string searchPattern);
        public FileInfo[] GetFiles(string searchPattern, EnumerationOptions enumerationOptions);
        public FileInfo[] GetFiles(string searchPattern, SearchOption searchOption);
        public void MoveTo(string destDirName);
        public void SetAccessControl(System.Security.AccessControl.DirectorySecurity directorySecurity);
    }

    /// <summary>A folder that is not there.</summary>
    public class DirectoryNotFoundException : IOException
    {
        public DirectoryNotFoundException() { }
        public DirectoryNotFoundException(string message) { }
        protected DirectoryNotFoundException(SerializationInfo info, StreamingContext context) { }
        public DirectoryNotFoundException(string message, Exception innerException) { }
    }

    /// <summary>A drive.</summary>
    public sealed class DriveInfo : ISerializable
    {
        public DriveInfo(string driveName) { }
        public long AvailableFreeSpace { get; }
        public string DriveFormat { get; }
        public DriveType DriveType { get; }
        public bool IsReady { get; }
        public string Name { get; }
        public DirectoryInfo RootDirectory { get; }
        public long TotalFreeSpace { get; }
        public long TotalSize { get; }
        public string VolumeLabel { get; set; }
        public static DriveInfo[] GetDrives();
    }

    /// <summary>The end came too early.</summary>
    public class EndOfStreamException : IOException
    {
        public EndOfStreamException() { }
        public EndOfStreamException(string message) { }
        protected EndOfStreamException(SerializationInfo info, StreamingContext context) { }
        public EndOfStreamException(string message, Exception innerException) { }
    }

    /// <summary>Functions on files.</summary>
    public static class File
    {
        public static void AppendAllLines(string path, IEnumerable<string> contents);
        public static void AppendAllLines(string path, IEnumerable<string> contents, Encoding encoding);
        public static Task AppendAllLinesAsync(string path, IEnumerable<string> contents, CancellationToken cancellationToken = default(CancellationToken));
        public static Task AppendAllLinesAsync(string path, IEnumerable<string> contents, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
        public static void AppendAllText(string path, string contents);
        public static void AppendAllText(string path, string contents, Encoding encoding);
        public static Task AppendAllTextAsync(string path, string contents, CancellationToken cancellationToken = default(CancellationToken));
        public static Task AppendAllTextAsync(string path, string contents, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
        public static StreamWriter AppendText(string path);
        public static void Copy(string sourceFileName, string destFileName);
        public static void Copy(string sourceFileName, string destFileName, bool overwrite);
        public static FileStream Create(string path);
        public static FileStream Create(string path, int bufferSize);
        public static FileStream Create(string path, int bufferSize, FileOptions options);
        public static FileStream Create(string path, int bufferSize, FileOptions options, System.Security.AccessControl.FileSecurity fileSecurity);
        public static StreamWriter CreateText(string path);
        public static void Decrypt(string path);
        public static void Delete(string path);
        public static void Encrypt(string path);
        public static bool Exists(string path);
        public static System.Security.AccessControl.FileSecurity GetAccessControl(string path);
        public static System.Security.AccessControl.FileSecurity GetAccessControl(string path, System.Security.AccessControl.AccessControlSections includeSections);
        public static FileAttributes GetAttributes(string path);
        public static DateTime GetCreationTime(string path);
        public static DateTime GetCreationTimeUtc(string path);
        public static DateTime GetLastAccessTime(string path);
        public static DateTime GetLastAccessTimeUtc(string path);
        public static DateTime GetLastWriteTime(string path);
        public static DateTime GetLastWriteTimeUtc(string path);
        public static void Move(string sourceFileName, string destFileName);
        public static FileStream Open(string path, FileMode mode);
        public static FileStream Open(string path, FileMode mode, FileAccess access);
        public static FileStream Open(string path, FileMode mode, FileAccess access, FileShare share);
        public static FileStream OpenRead(string path);
        public static StreamReader OpenText(string path);
        public static FileStream OpenWrite(string path);
        public static byte[] ReadAllBytes(string path);
        public static Task<byte[]> ReadAllBytesAsync(string path, CancellationToken cancellationToken = default(CancellationToken));
        public static string[] ReadAllLines(string path);
        public static string[] ReadAllLines(string path, Encoding encoding);
        public static Task<string[]> ReadAllLinesAsync(string path, CancellationToken cancellationToken = default(CancellationToken));
        public static Task<string[]> ReadAllLinesAsync(string path, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
        public static string ReadAllText(string path);
        public static string ReadAllText(string path, Encoding encoding);
        public static Task<string> ReadAllTextAsync(string path, CancellationToken cancellationToken = default(CancellationToken));
        public static Task<string> ReadAllTextAsync(string path, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
        public static IEnumerable<string> ReadLines(string path);
        public static IEnumerable<string> ReadLines(string path, Encoding encoding);
        public static void Replace(string sourceFileName, string destinationFileName, string destinationBackupFileName);
        public static void Replace(string sourceFileName, string destinationFileName, string destinationBackupFileName, bool ignoreMetadataErrors);
        public static void SetAccessControl(string path, System.Security.AccessControl.FileSecurity fileSecurity);
        public static void SetAttributes(string path, FileAttributes fileAttributes);
        public static void SetCreationTime(string path, DateTime creationTime);
        public static void SetCreationTimeUtc(string path, DateTime creationTimeUtc);
        public static void SetLastAccessTime(string path, DateTime lastAccessTime);
        public static void SetLastAccessTimeUtc(string path, DateTime lastAccessTimeUtc);
        public static void SetLastWriteTime(string path, DateTime lastWriteTime);
        public static void SetLastWriteTimeUtc(string path, DateTime lastWriteTimeUtc);
        public static void WriteAllBytes(string path, byte[] bytes);
        public static Task WriteAllBytesAsync(string path, byte[] bytes, CancellationToken cancellationToken = default(CancellationToken));
        public static void WriteAllLines(string path, IEnumerable<string> contents);
        public static void WriteAllLines(string path, string[] contents);
        public static void WriteAllLines(string path, IEnumerable<string> contents, Encoding encoding);
        public static void WriteAllLines(string path, string[] contents, Encoding encoding);
        public static Task WriteAllLinesAsync(string path, IEnumerable<string> contents, CancellationToken cancellationToken = default(CancellationToken));
        public static Task WriteAllLinesAsync(string path, IEnumerable<string> contents, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
        public static void WriteAllText(string path, string contents);
        public static void WriteAllText(string path, string contents, Encoding encoding);
        public static Task WriteAllTextAsync(string path, string contents, CancellationToken cancellationToken = default(CancellationToken));
        public static Task WriteAllTextAsync(string path, string contents, Encoding encoding, CancellationToken cancellationToken = default(CancellationToken));
    }

    /// <summary>What is done with a file.</summary>
    public enum FileAccess
    {
        Read,
        Write,
        ReadWrite,
    }

    /// <summary>What a file is.</summary>
    public enum FileAttributes
    {
        ReadOnly,
        Hidden,
        System,
        Directory,
        Archive,
        Device,
        Normal,
        Temporary,
        SparseFile,
        ReparsePoint,
        Compressed,
        Offline,
        NotContentIndexed,
        Encrypted,
        IntegrityStream,
        NoScrubData,
    }

    /// <summary>A file.</summary>
    public sealed class FileInfo : FileSystemInfo
    {
        public FileInfo(string fileName) { }
        public DirectoryInfo Directory { get; }
        public string DirectoryName { get; }
        public bool IsReadOnly { get; set; }
        public long Length { get; }
        public override string Name { get; }
        public StreamWriter AppendText();
        public FileInfo CopyTo(string destFileName);
        public FileInfo CopyTo(string destFileName, bool overwrite);
        public FileStream Create();
        public StreamWriter CreateText();
        public void Decrypt();
        public override void Delete();
        public void Encrypt();
        public System.Security.AccessControl.FileSecurity GetAccessControl();
        public System.Security.AccessControl.FileSecurity GetAccessControl(System.Security.AccessControl.AccessControlSections includeSections);
        public void MoveTo(string destFileName);
        public FileStream Open(FileMode mode);
        public FileStream Open(FileMode mode, FileAccess access);
        public FileStream Open(FileMode mode, FileAccess access, FileShare share);
        public FileStream OpenRead();
        public StreamReader OpenText();
        public FileStream OpenWrite();
        public FileInfo Replace(string destinationFileName, string destinationBackupFileName);
        public FileInfo Replace(string destinationFileName, string destinationBackupFileName, bool ignoreMetadataErrors);
        public void SetAccessControl(System.Security.AccessControl.FileSecurity fileSecurity);
    }

    /// <summary>How a file is opened.</summary>
    public enum FileMode
    {
        CreateNew,
        Create,
        Open,
        OpenOrCreate,
        Truncate,
        Append,
    }

    /// <summary>A file that is not there.</summary>
    public class FileNotFoundException : IOException
    {
        public FileNotFoundException() { }
        public FileNotFoundException(string message) { }
        protected FileNotFoundException(SerializationInfo info, StreamingContext context) { }
        public FileNotFoundException(string message, Exception innerException) { }
        public FileNotFoundException(string message, string fileName) { }
        public FileNotFoundException(string message, string fileName, Exception innerException) { }
        public string FileName { get; }
        public string FusionLog { get; }
        public override string Message { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }

    /// <summary>How a file is used.</summary>
    public enum FileOptions
    {
        None,
        Encrypted,
        DeleteOnClose,
        SequentialScan,
        RandomAccess,
        Asynchronous,
        WriteThrough,
    }

    /// <summary>What others may do with a file.</summary>
    public enum FileShare
    {
        None,
        Read,
        Write,
        ReadWrite,
        Delete,
        Inheritable,
    }

    /// <summary>The bytes of a file.</summary>
    public class FileStream : Stream
    {
        public FileStream(IntPtr handle, FileAccess access) { }
        public FileStream(Microsoft.Win32.SafeHandles.SafeFileHandle handle, FileAccess access) { }
        public FileStream(string path, FileMode mode) { }
        public FileStream(IntPtr handle, FileAccess access, bool ownsHandle) { }
        public FileStream(Microsoft.Win32.SafeHandles.SafeFileHandle handle, FileAccess access, int bufferSize) { }
        public FileStream(string path, FileMode mode, FileAccess access) { }
        public FileStream(IntPtr handle, FileAccess access, bool ownsHandle, int bufferSize) { }
        public FileStream(Microsoft.Win32.SafeHandles.SafeFileHandle handle, FileAccess access, int bufferSize, bool isAsync) { }
        public FileStream(string path, FileMode mode, FileAccess access, FileShare share) { }
        public FileStream(IntPtr handle, FileAccess access, bool ownsHandle, int bufferSize, bool isAsync) { }
        public FileStream(string path, FileMode mode, FileAccess access, FileShare share, int bufferSize) { }
        public FileStream(string path, FileMode mode, FileAccess access, FileShare share, int bufferSize, bool useAsync) { }
        public FileStream(string path, FileMode mode, FileAccess access, FileShare share, int bufferSize, FileOptions options) { }
        public FileStream(string path, FileMode mode, System.Security.AccessControl.FileSystemRights rights, FileShare share, int bufferSize, FileOptions options) { }
        public FileStream(string path, FileMode mode, System.Security.AccessControl.FileSystemRights rights, FileShare share, int bufferSize, FileOptions options, System.Security.AccessControl.FileSecurity fileSecurity) { }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public virtual IntPtr Handle { get; }
        public virtual bool IsAsync { get; }
        public override long Length { get; }
        public virtual string Name { get; }
        public override long Position { get; set; }
        public virtual Microsoft.Win32.SafeHandles.SafeFileHandle SafeFileHandle { get; }
        public override IAsyncResult BeginRead(byte[] array, int offset, int numBytes, AsyncCallback userCallback, object stateObject);
        public override IAsyncResult BeginWrite(byte[] array, int offset, int numBytes, AsyncCallback userCallback, object stateObject);
        protected override void Dispose(bool disposing);
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public virtual void Flush(bool flushToDisk);
        public override Task FlushAsync(CancellationToken cancellationToken);
        public System.Security.AccessControl.FileSecurity GetAccessControl();
        public virtual void Lock(long position, long length);
        public override int Read(byte[] array, int offset, int count);
        public override Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin origin);
        public void SetAccessControl(System.Security.AccessControl.FileSecurity fileSecurity);
        public override void SetLength(long value);
        public virtual void Unlock(long position, long length);
        public override void Write(byte[] array, int offset, int count);
        public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override void WriteByte(byte value);
    }

    /// <summary>What is told of a change.</summary>
    public class FileSystemEventArgs : EventArgs
    {
        public FileSystemEventArgs(WatcherChangeTypes changeType, string directory, string name) { }
        public WatcherChangeTypes ChangeType { get; }
        public string FullPath { get; }
        public string Name { get; }
    }

    /// <summary>A file or a folder.</summary>
    public abstract class FileSystemInfo : System.MarshalByRefObject, ISerializable
    {
        protected string FullPath;
        protected string OriginalPath;
        protected FileSystemInfo() { }
        protected FileSystemInfo(SerializationInfo info, StreamingContext context) { }
        public FileAttributes Attributes { get; set; }
        public DateTime CreationTime { get; set; }
        public DateTime CreationTimeUtc { get; set; }
        public virtual bool Exists { get; }
        public string Extension { get; }
        public virtual string FullName { get; }
        public DateTime LastAccessTime { get; set; }
        public DateTime LastAccessTimeUtc { get; set; }
        public DateTime LastWriteTime { get; set; }
        public DateTime LastWriteTimeUtc { get; set; }
        public virtual string Name { get; }
        public abstract void Delete();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        public void Refresh();
    }

    /// <summary>Tells of changes of files.</summary>
    public class FileSystemWatcher : Component, ISupportInitialize
    {
        public FileSystemWatcher() { }
        public FileSystemWatcher(string path) { }
        public FileSystemWatcher(string path, string filter) { }
        public bool EnableRaisingEvents { get; set; }
        public string Filter { get; set; }
        public bool IncludeSubdirectories { get; set; }
        public int InternalBufferSize { get; set; }
        public NotifyFilters NotifyFilter { get; set; }
        public string Path { get; set; }
        public override ISite Site { get; set; }
        public System.ComponentModel.ISynchronizeInvoke SynchronizingObject { get; set; }
        public event FileSystemEventHandler Changed;
        public event FileSystemEventHandler Created;
        public event FileSystemEventHandler Deleted;
        public event ErrorEventHandler Error;
        public event RenamedEventHandler Renamed;
        public void BeginInit();
        protected override void Dispose(bool disposing);
        public void EndInit();
        protected void OnChanged(FileSystemEventArgs e);
        protected void OnCreated(FileSystemEventArgs e);
        protected void OnDeleted(FileSystemEventArgs e);
        protected void OnError(ErrorEventArgs e);
        protected void OnRenamed(RenamedEventArgs e);
        public WaitForChangedResult WaitForChanged(WatcherChangeTypes changeType);
        public WaitForChangedResult WaitForChanged(WatcherChangeTypes changeType, int timeout);
    }

    /// <summary>Bytes that cannot be read.</summary>
    public sealed class InvalidDataException : SystemException
    {
        public InvalidDataException() { }
        public InvalidDataException(string message) { }
        public InvalidDataException(string message, Exception innerException) { }
    }

    /// <summary>Reading or writing failed.</summary>
    public class IOException : SystemException
    {
        public IOException() { }
        public IOException(string message) { }
        protected IOException(SerializationInfo info, StreamingContext context) { }
        public IOException(string message, int hresult) { }
        public IOException(string message, Exception innerException) { }
    }

    /// <summary>Bytes in memory.</summary>
    public class MemoryStream : Stream
    {
        public MemoryStream() { }
        public MemoryStream(byte[] buffer) { }
        public MemoryStream(int capacity) { }
        public MemoryStream(byte[] buffer, bool writable) { }
        public MemoryStream(byte[] buffer, int index, int count) { }
        public MemoryStream(byte[] buffer, int index, int count, bool writable) { }
        public MemoryStream(byte[] buffer, int index, int count, bool writable, bool publiclyVisible) { }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public virtual int Capacity { get; set; }
        public override long Length { get; }
        public override long Position { get; set; }
        public override void CopyTo(Stream destination, int bufferSize);
        public override Task CopyToAsync(Stream destination, int bufferSize, CancellationToken cancellationToken);
        protected override void Dispose(bool disposing);
        public override void Flush();
        public override Task FlushAsync(CancellationToken cancellationToken);
        public virtual byte[] GetBuffer();
        public override int Read(System.Span<byte> buffer);
        public override int Read(byte[] buffer, int offset, int count);
        public override System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin loc);
        public override void SetLength(long value);
        public virtual byte[] ToArray();
        public virtual bool TryGetBuffer(out ArraySegment<byte> buffer);
        public override void Write(System.ReadOnlySpan<byte> buffer);
        public override void Write(byte[] buffer, int offset, int count);
        public override System.Threading.Tasks.ValueTask WriteAsync(System.ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override void WriteByte(byte value);
        public virtual void WriteTo(Stream stream);
    }

    /// <summary>Functions on paths.</summary>
    public static class Path
    {
        public static char AltDirectorySeparatorChar;
        public static char DirectorySeparatorChar;
        public static char[] InvalidPathChars;
        public static char PathSeparator;
        public static char VolumeSeparatorChar;
        public static string ChangeExtension(string path, string extension);
        public static string Combine(params string[] paths);
        public static string Combine(string path1, string path2);
        public static string Combine(string path1, string path2, string path3);
        public static string Combine(string path1, string path2, string path3, string path4);
        public static System.ReadOnlySpan<char> GetDirectoryName(System.ReadOnlySpan<char> path);
        public static string GetDirectoryName(string path);
        public static System.ReadOnlySpan<char> GetExtension(System.ReadOnlySpan<char> path);
        public static string GetExtension(string path);
        public static System.ReadOnlySpan<char> GetFileName(System.ReadOnlySpan<char> path);
        public static string GetFileName(string path);
        public static System.ReadOnlySpan<char> GetFileNameWithoutExtension(System.ReadOnlySpan<char> path);
        public static string GetFileNameWithoutExtension(string path);
        public static string GetFullPath(string path);
        public static string GetFullPath(string path, string basePath);
        public static char[] GetInvalidFileNameChars();
        public static char[] GetInvalidPathChars();
        public static System.ReadOnlySpan<char> GetPathRoot(System.ReadOnlySpan<char> path);
        public static string GetPathRoot(string path);
        public static string GetRandomFileName();
        public static string GetRelativePath(string relativeTo, string path);
        public static string GetTempFileName();
        public static string GetTempPath();
        public static bool HasExtension(System.ReadOnlySpan<char> path);
        public static bool HasExtension(string path);
        public static bool IsPathFullyQualified(System.ReadOnlySpan<char> path);
        public static bool IsPathFullyQualified(string path);
        public static bool IsPathRooted(System.ReadOnlySpan<char> path);
        public static bool IsPathRooted(string path);
        public static string Join(System.ReadOnlySpan<char> path1, System.ReadOnlySpan<char> path2);
        public static string Join(System.ReadOnlySpan<char> path1, System.ReadOnlySpan<char> path2, System.ReadOnlySpan<char> path3);
        public static bool TryJoin(System.ReadOnlySpan<char> path1, System.ReadOnlySpan<char> path2, System.Span<char> destination, out int charsWritten);
        public static bool TryJoin(System.ReadOnlySpan<char> path1, System.ReadOnlySpan<char> path2, System.ReadOnlySpan<char> path3, System.Span<char> destination, out int charsWritten);
    }

    /// <summary>A path that is too long.</summary>
    public class PathTooLongException : IOException
    {
        public PathTooLongException() { }
        public PathTooLongException(string message) { }
        protected PathTooLongException(SerializationInfo info, StreamingContext context) { }
        public PathTooLongException(string message, Exception innerException) { }
    }

    /// <summary>What is told of a new name.</summary>
    public class RenamedEventArgs : FileSystemEventArgs
    {
        public RenamedEventArgs(WatcherChangeTypes changeType, string directory, string name, string oldName) { }
        public string OldFullPath { get; }
        public string OldName { get; }
    }

    /// <summary>How deep is searched.</summary>
    public enum SearchOption
    {
        TopDirectoryOnly,
        AllDirectories,
    }

    /// <summary>From where a position counts.</summary>
    public enum SeekOrigin
    {
        Begin,
        Current,
        End,
    }

    /// <summary>Bytes that are read or written.</summary>
    public abstract class Stream : System.MarshalByRefObject, IDisposable, System.IAsyncDisposable
    {
        public static Stream Null;
        protected Stream() { }
        public abstract bool CanRead { get; }
        public abstract bool CanSeek { get; }
        public virtual bool CanTimeout { get; }
        public abstract bool CanWrite { get; }
        public abstract long Length { get; }
        public abstract long Position { get; set; }
        public virtual int ReadTimeout { get; set; }
        public virtual int WriteTimeout { get; set; }
        public virtual IAsyncResult BeginRead(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public virtual IAsyncResult BeginWrite(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public virtual void Close();
        public void CopyTo(Stream destination);
        public virtual void CopyTo(Stream destination, int bufferSize);
        public Task CopyToAsync(Stream destination);
        public Task CopyToAsync(Stream destination, int bufferSize);
        public Task CopyToAsync(Stream destination, CancellationToken cancellationToken);
        public virtual Task CopyToAsync(Stream destination, int bufferSize, CancellationToken cancellationToken);
        protected virtual WaitHandle CreateWaitHandle();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public virtual int EndRead(IAsyncResult asyncResult);
        public virtual void EndWrite(IAsyncResult asyncResult);
        public abstract void Flush();
        public Task FlushAsync();
        public virtual Task FlushAsync(CancellationToken cancellationToken);
        protected virtual void ObjectInvariant();
        public virtual int Read(System.Span<byte> buffer);
        public abstract int Read(byte[] buffer, int offset, int count);
        public virtual System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public Task<int> ReadAsync(byte[] buffer, int offset, int count);
        public virtual Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public virtual int ReadByte();
        public abstract long Seek(long offset, SeekOrigin origin);
        public abstract void SetLength(long value);
        public static Stream Synchronized(Stream stream);
        public virtual void Write(System.ReadOnlySpan<byte> buffer);
        public abstract void Write(byte[] buffer, int offset, int count);
        public virtual System.Threading.Tasks.ValueTask WriteAsync(System.ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public Task WriteAsync(byte[] buffer, int offset, int count);
        public virtual Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public virtual void WriteByte(byte value);
    }

    /// <summary>Reads bytes as text.</summary>
    public class StreamReader : TextReader
    {
        public static StreamReader Null;
        public StreamReader(Stream stream) { }
        public StreamReader(string path) { }
        public StreamReader(Stream stream, bool detectEncodingFromByteOrderMarks) { }
        public StreamReader(Stream stream, Encoding encoding) { }
        public StreamReader(string path, bool detectEncodingFromByteOrderMarks) { }
        public StreamReader(string path, Encoding encoding) { }
        public StreamReader(Stream stream, Encoding encoding, bool detectEncodingFromByteOrderMarks) { }
        public StreamReader(string path, Encoding encoding, bool detectEncodingFromByteOrderMarks) { }
        public StreamReader(Stream stream, Encoding encoding, bool detectEncodingFromByteOrderMarks, int bufferSize) { }
        public StreamReader(string path, Encoding encoding, bool detectEncodingFromByteOrderMarks, int bufferSize) { }
        public StreamReader(Stream stream, Encoding encoding, bool detectEncodingFromByteOrderMarks, int bufferSize, bool leaveOpen) { }
        public virtual Stream BaseStream { get; }
        public virtual Encoding CurrentEncoding { get; }
        public bool EndOfStream { get; }
        public override void Close();
        public void DiscardBufferedData();
        protected override void Dispose(bool disposing);
        public override int Peek();
        public override int Read();
        public override int Read(System.Span<char> buffer);
        public override int Read(char[] buffer, int index, int count);
        public override System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task<int> ReadAsync(char[] buffer, int index, int count);
        public override int ReadBlock(System.Span<char> buffer);
        public override int ReadBlock(char[] buffer, int index, int count);
        public override System.Threading.Tasks.ValueTask<int> ReadBlockAsync(System.Memory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task<int> ReadBlockAsync(char[] buffer, int index, int count);
        public override string ReadLine();
        public override Task<string> ReadLineAsync();
        public override string ReadToEnd();
        public override Task<string> ReadToEndAsync();
    }

    /// <summary>Writes text as bytes.</summary>
    public class StreamWriter : TextWriter
    {
        public static StreamWriter Null;
        public StreamWriter(Stream stream) { }
        public StreamWriter(string path) { }
        public StreamWriter(Stream stream, Encoding encoding) { }
        public StreamWriter(string path, bool append) { }
        public StreamWriter(Stream stream, Encoding encoding, int bufferSize) { }
        public StreamWriter(string path, bool append, Encoding encoding) { }
        public StreamWriter(Stream stream, Encoding encoding, int bufferSize, bool leaveOpen) { }
        public StreamWriter(string path, bool append, Encoding encoding, int bufferSize) { }
        public virtual bool AutoFlush { get; set; }
        public virtual Stream BaseStream { get; }
        public override Encoding Encoding { get; }
        public override void Close();
        protected override void Dispose(bool disposing);
        public override System.Threading.Tasks.ValueTask DisposeAsync();
        public override void Flush();
        public override Task FlushAsync();
        public override void Write(char value);
        public override void Write(char[] buffer);
        public override void Write(System.ReadOnlySpan<char> buffer);
        public override void Write(string value);
        public override void Write(char[] buffer, int index, int count);
        public override Task WriteAsync(char value);
        public override Task WriteAsync(string value);
        public override Task WriteAsync(System.ReadOnlyMemory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task WriteAsync(char[] buffer, int index, int count);
        public override void WriteLine(System.ReadOnlySpan<char> value);
        public override void WriteLine(string value);
        public override Task WriteLineAsync();
        public override Task WriteLineAsync(char value);
        public override Task WriteLineAsync(string value);
        public override Task WriteLineAsync(System.ReadOnlyMemory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task WriteLineAsync(char[] buffer, int index, int count);
    }

    /// <summary>Reads a text.</summary>
    public class StringReader : TextReader
    {
        public StringReader(string s) { }
        public override void Close();
        protected override void Dispose(bool disposing);
        public override int Peek();
        public override int Read();
        public override int Read(char[] buffer, int index, int count);
        public override Task<int> ReadAsync(char[] buffer, int index, int count);
        public override Task<int> ReadBlockAsync(char[] buffer, int index, int count);
        public override string ReadLine();
        public override Task<string> ReadLineAsync();
        public override string ReadToEnd();
        public override Task<string> ReadToEndAsync();
    }

    /// <summary>Writes into a text.</summary>
    public class StringWriter : TextWriter
    {
        public StringWriter() { }
        public StringWriter(IFormatProvider formatProvider) { }
        public StringWriter(StringBuilder sb) { }
        public StringWriter(StringBuilder sb, IFormatProvider formatProvider) { }
        public override Encoding Encoding { get; }
        public override void Close();
        protected override void Dispose(bool disposing);
        public override Task FlushAsync();
        public virtual StringBuilder GetStringBuilder();
        public override void Write(char value);
        public override void Write(string value);
        public override void Write(char[] buffer, int index, int count);
        public override Task WriteAsync(char value);
        public override Task WriteAsync(string value);
        public override Task WriteAsync(char[] buffer, int index, int count);
        public override Task WriteLineAsync(char value);
        public override Task WriteLineAsync(string value);
        public override Task WriteLineAsync(char[] buffer, int index, int count);
    }

    /// <summary>Text that is read.</summary>
    public abstract class TextReader : System.MarshalByRefObject, IDisposable
    {
        public static TextReader Null;
        protected TextReader() { }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual int Peek();
        public virtual int Read();
        public virtual int Read(System.Span<char> buffer);
        public virtual int Read(char[] buffer, int index, int count);
        public virtual System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public virtual Task<int> ReadAsync(char[] buffer, int index, int count);
        public virtual int ReadBlock(System.Span<char> buffer);
        public virtual int ReadBlock(char[] buffer, int index, int count);
        public virtual System.Threading.Tasks.ValueTask<int> ReadBlockAsync(System.Memory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public virtual Task<int> ReadBlockAsync(char[] buffer, int index, int count);
        public virtual string ReadLine();
        public virtual Task<string> ReadLineAsync();
        public virtual string ReadToEnd();
        public virtual Task<string> ReadToEndAsync();
        public static TextReader Synchronized(TextReader reader);
    }

    /// <summary>Text that is written.</summary>
    public abstract class TextWriter : System.MarshalByRefObject, IDisposable, System.IAsyncDisposable
    {
        protected char[] CoreNewLine;
        public static TextWriter Null;
        protected TextWriter() { }
        protected TextWriter(IFormatProvider formatProvider) { }
        public abstract Encoding Encoding { get; }
        public virtual IFormatProvider FormatProvider { get; }
        public virtual string NewLine { get; set; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public virtual void Flush();
        public virtual Task FlushAsync();
        public static TextWriter Synchronized(TextWriter writer);
        public virtual void Write(bool value);
        public virtual void Write(char value);
        public virtual void Write(char[] buffer);
        public virtual void Write(double value);
        public virtual void Write(int value);
        public virtual void Write(long value);
        public virtual void Write(float value);
        public virtual void Write(decimal value);
        public virtual void Write(object value);
        public virtual void Write(System.ReadOnlySpan<char> buffer);
        public virtual void Write(string value);
        public virtual void Write(uint value);
        public virtual void Write(ulong value);
        public virtual void Write(string format, object arg0);
        public virtual void Write(string format, params object[] arg);
        public virtual void Write(char[] buffer, int index, int count);
        public virtual void Write(string format, object arg0, object arg1);
        public virtual void Write(string format, object arg0, object arg1, object arg2);
        public virtual Task WriteAsync(char value);
        public Task WriteAsync(char[] buffer);
        public virtual Task WriteAsync(string value);
        public virtual Task WriteAsync(System.ReadOnlyMemory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public virtual Task WriteAsync(char[] buffer, int index, int count);
        public virtual void WriteLine();
        public virtual void WriteLine(bool value);
        public virtual void WriteLine(char value);
        public virtual void WriteLine(char[] buffer);
        public virtual void WriteLine(double value);
        public virtual void WriteLine(int value);
        public virtual void WriteLine(long value);
        public virtual void WriteLine(float value);
        public virtual void WriteLine(decimal value);
        public virtual void WriteLine(object value);
        public virtual void WriteLine(System.ReadOnlySpan<char> buffer);
        public virtual void WriteLine(string value);
        public virtual void WriteLine(uint value);
        public virtual void WriteLine(ulong value);
        public virtual void WriteLine(string format, object arg0);
        public virtual void WriteLine(string format, params object[] arg);
        public virtual void WriteLine(char[] buffer, int index, int count);
        public virtual void WriteLine(string format, object arg0, object arg1);
        public virtual void WriteLine(string format, object arg0, object arg1, object arg2);
        public virtual Task WriteLineAsync();
        public virtual Task WriteLineAsync(char value);
        public Task WriteLineAsync(char[] buffer);
        public virtual Task WriteLineAsync(string value);
        public virtual Task WriteLineAsync(System.ReadOnlyMemory<char> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public virtual Task WriteLineAsync(char[] buffer, int index, int count);
    }
}
