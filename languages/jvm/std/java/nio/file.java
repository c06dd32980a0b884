package java.nio.file;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.Closeable;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.nio.channels.SeekableByteChannel;
import java.nio.charset.Charset;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.UserPrincipal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/** A file that may not be used. */
public class AccessDeniedException extends FileSystemException {
    public AccessDeniedException(String text) { }
    public AccessDeniedException(String text, String text2, String text3) { }
}

/** How a file is copied. */
public interface CopyOption {
}

/** A folder that is not empty. */
public class DirectoryNotEmptyException extends FileSystemException {
    public DirectoryNotEmptyException(String text) { }
}

/** The files of a folder. */
public interface DirectoryStream<T> extends Closeable, Iterable<T> {
    Iterator<T> iterator();
    public interface Filter<T> {
        boolean accept(T value) throws IOException;
    }
}

/** A file that is there already. */
public class FileAlreadyExistsException extends FileSystemException {
    public FileAlreadyExistsException(String text) { }
    public FileAlreadyExistsException(String text, String text2, String text3) { }
}

/** Where files are kept. */
public abstract class FileStore {
    protected FileStore() { }
    public abstract Object getAttribute(String text) throws IOException;
    public long getBlockSize() throws IOException;
    public abstract <V extends java.nio.file.attribute.FileStoreAttributeView> V getFileStoreAttributeView(Class<V> type);
    public abstract long getTotalSpace() throws IOException;
    public abstract long getUnallocatedSpace() throws IOException;
    public abstract long getUsableSpace() throws IOException;
    public abstract boolean isReadOnly();
    public abstract String name();
    public abstract boolean supportsFileAttributeView(Class<? extends java.nio.file.attribute.FileAttributeView> type);
    public abstract boolean supportsFileAttributeView(String text);
    public abstract String type();
}

/** A file system. */
public abstract class FileSystem implements Closeable {
    protected FileSystem() { }
    public abstract void close() throws IOException;
    public abstract Iterable<FileStore> getFileStores();
    public abstract Path getPath(String text, String... items);
    public abstract PathMatcher getPathMatcher(String text);
    public abstract Iterable<Path> getRootDirectories();
    public abstract String getSeparator();
    public abstract java.nio.file.attribute.UserPrincipalLookupService getUserPrincipalLookupService();
    public abstract boolean isOpen();
    public abstract boolean isReadOnly();
    public abstract WatchService newWatchService() throws IOException;
    public abstract java.nio.file.spi.FileSystemProvider provider();
    public abstract Set<String> supportedFileAttributeViews();
}

/** An operation on a file failed. */
public class FileSystemException extends IOException {
    public FileSystemException(String text) { }
    public FileSystemException(String text, String text2, String text3) { }
    public String getFile();
    public String getMessage();
    public String getOtherFile();
    public String getReason();
}

/** Finds file systems. */
public final class FileSystems {
    public static FileSystem getDefault();
    public static FileSystem getFileSystem(URI uRI);
    public static FileSystem newFileSystem(Path path) throws IOException;
    public static FileSystem newFileSystem(URI uRI, Map<String, ?> map) throws IOException;
    public static FileSystem newFileSystem(Path path, ClassLoader classLoader) throws IOException;
    public static FileSystem newFileSystem(Path path, Map<String, ?> map) throws IOException;
    public static FileSystem newFileSystem(URI uRI, Map<String, ?> map, ClassLoader classLoader) throws IOException;
    public static FileSystem newFileSystem(Path path, Map<String, ?> map, ClassLoader classLoader) throws IOException;
}

/** How files are gone through. */
public enum FileVisitOption {
    FOLLOW_LINKS;
}

/** How to go on. */
public enum FileVisitResult {
    CONTINUE, TERMINATE, SKIP_SUBTREE, SKIP_SIBLINGS;
}

/** Is told of files that are gone through. */
public interface FileVisitor<T> {
    FileVisitResult postVisitDirectory(T value, IOException iOException) throws IOException;
    FileVisitResult preVisitDirectory(T value, BasicFileAttributes basicFileAttributes) throws IOException;
    FileVisitResult visitFile(T value, BasicFileAttributes basicFileAttributes) throws IOException;
    FileVisitResult visitFileFailed(T value, IOException iOException) throws IOException;
}

/** Functions on files. */
public final class Files {
    public static long copy(Path path, OutputStream outputStream) throws IOException;
    public static Path copy(Path path, Path path2, CopyOption... items) throws IOException;
    public static long copy(InputStream inputStream, Path path, CopyOption... items) throws IOException;
    public static Path createDirectories(Path path, FileAttribute<?>... items) throws IOException;
    public static Path createDirectory(Path path, FileAttribute<?>... items) throws IOException;
    public static Path createFile(Path path, FileAttribute<?>... items) throws IOException;
    public static Path createLink(Path path, Path path2) throws IOException;
    public static Path createSymbolicLink(Path path, Path path2, FileAttribute<?>... items) throws IOException;
    public static Path createTempDirectory(String text, FileAttribute<?>... items) throws IOException;
    public static Path createTempDirectory(Path path, String text, FileAttribute<?>... items) throws IOException;
    public static Path createTempFile(String text, String text2, FileAttribute<?>... items) throws IOException;
    public static Path createTempFile(Path path, String text, String text2, FileAttribute<?>... items) throws IOException;
    public static void delete(Path path) throws IOException;
    public static boolean deleteIfExists(Path path) throws IOException;
    public static boolean exists(Path path, LinkOption... items);
    public static Stream<Path> find(Path path, int number, BiPredicate<Path, BasicFileAttributes> condition, FileVisitOption... items) throws IOException;
    public static Object getAttribute(Path path, String text, LinkOption... items) throws IOException;
    public static <V extends java.nio.file.attribute.FileAttributeView> V getFileAttributeView(Path path, Class<V> type, LinkOption... items);
    public static FileStore getFileStore(Path path) throws IOException;
    public static FileTime getLastModifiedTime(Path path, LinkOption... items) throws IOException;
    public static UserPrincipal getOwner(Path path, LinkOption... items) throws IOException;
    public static Set<PosixFilePermission> getPosixFilePermissions(Path path, LinkOption... items) throws IOException;
    public static boolean isDirectory(Path path, LinkOption... items);
    public static boolean isExecutable(Path path);
    public static boolean isHidden(Path path) throws IOException;
    public static boolean isReadable(Path path);
    public static boolean isRegularFile(Path path, LinkOption... items);
    public static boolean isSameFile(Path path, Path path2) throws IOException;
    public static boolean isSymbolicLink(Path path);
    public static boolean isWritable(Path path);
    public static Stream<String> lines(Path path) throws IOException;
    public static Stream<String> lines(Path path, Charset charset) throws IOException;
    public static Stream<Path> list(Path path) throws IOException;
    public static long mismatch(Path path, Path path2) throws IOException;
    public static Path move(Path path, Path path2, CopyOption... items) throws IOException;
    public static BufferedReader newBufferedReader(Path path) throws IOException;
    public static BufferedReader newBufferedReader(Path path, Charset charset) throws IOException;
    public static BufferedWriter newBufferedWriter(Path path, OpenOption... items) throws IOException;
    public static BufferedWriter newBufferedWriter(Path path, Charset charset, OpenOption... items) throws IOException;
    public static SeekableByteChannel newByteChannel(Path path, OpenOption... items) throws IOException;
    public static SeekableByteChannel newByteChannel(Path path, Set<? extends OpenOption> set, FileAttribute<?>... items) throws IOException;
    public static DirectoryStream<Path> newDirectoryStream(Path path) throws IOException;
    public static DirectoryStream<Path> newDirectoryStream(Path path, String text) throws IOException;
    public static DirectoryStream<Path> newDirectoryStream(Path path, DirectoryStream.Filter<? super Path> filter) throws IOException;
    public static InputStream newInputStream(Path path, OpenOption... items) throws IOException;
    public static OutputStream newOutputStream(Path path, OpenOption... items) throws IOException;
    public static boolean notExists(Path path, LinkOption... items);
    public static String probeContentType(Path path) throws IOException;
    public static byte[] readAllBytes(Path path) throws IOException;
    public static List<String> readAllLines(Path path) throws IOException;
    public static List<String> readAllLines(Path path, Charset charset) throws IOException;
    public static <A extends BasicFileAttributes> A readAttributes(Path path, Class<A> type, LinkOption... items) throws IOException;
    public static Map<String, Object> readAttributes(Path path, String text, LinkOption... items) throws IOException;
    public static String readString(Path path) throws IOException;
    public static String readString(Path path, Charset charset) throws IOException;
    public static Path readSymbolicLink(Path path) throws IOException;
    public static Path setAttribute(Path path, String text, Object object, LinkOption... items) throws IOException;
    public static Path setLastModifiedTime(Path path, FileTime fileTime) throws IOException;
    public static Path setOwner(Path path, UserPrincipal userPrincipal) throws IOException;
    public static Path setPosixFilePermissions(Path path, Set<PosixFilePermission> set) throws IOException;
    public static long size(Path path) throws IOException;
    public static Stream<Path> walk(Path path, FileVisitOption... items) throws IOException;
    public static Stream<Path> walk(Path path, int number, FileVisitOption... items) throws IOException;
    public static Path walkFileTree(Path path, FileVisitor<? super Path> fileVisitor) throws IOException;
    public static Path walkFileTree(Path path, Set<FileVisitOption> set, int number, FileVisitor<? super Path> fileVisitor) throws IOException;
    public static Path write(Path path, byte[] items, OpenOption... items2) throws IOException;
    public static Path write(Path path, Iterable<? extends CharSequence> items, OpenOption... items2) throws IOException;
    public static Path write(Path path, Iterable<? extends CharSequence> items, Charset charset, OpenOption... items2) throws IOException;
    public static Path writeString(Path path, CharSequence text, OpenOption... items) throws IOException;
    public static Path writeString(Path path, CharSequence text, Charset charset, OpenOption... items) throws IOException;
}

/** A text that is no path. */
public class InvalidPathException extends IllegalArgumentException {
    public InvalidPathException(String text, String text2) { }
    public InvalidPathException(String text, String text2, int number) { }
    public int getIndex();
    public String getInput();
    public String getMessage();
    public String getReason();
}

/** What is done with links. */
public enum LinkOption implements OpenOption, CopyOption {
    NOFOLLOW_LINKS;
}

/** A file that is not there. */
public class NoSuchFileException extends FileSystemException {
    public NoSuchFileException(String text) { }
    public NoSuchFileException(String text, String text2, String text3) { }
}

/** A file that is no folder. */
public class NotDirectoryException extends FileSystemException {
    public NotDirectoryException(String text) { }
}

/** How a file is opened. */
public interface OpenOption {
}

/** The path of a file. */
public interface Path extends Comparable<Path>, Iterable<Path>, Watchable {
    int compareTo(Path path);
    boolean endsWith(Path path);
    default boolean endsWith(String text) { }
    boolean equals(Object object);
    Path getFileName();
    FileSystem getFileSystem();
    Path getName(int number);
    int getNameCount();
    Path getParent();
    Path getRoot();
    int hashCode();
    boolean isAbsolute();
    default Iterator<Path> iterator() { }
    Path normalize();
    static Path of(URI uRI) { }
    static Path of(String text, String... items) { }
    default WatchKey register(WatchService watchService, WatchEvent.Kind<?>... items) throws IOException { }
    WatchKey register(WatchService watchService, WatchEvent.Kind<?>[] items, WatchEvent.Modifier... items2) throws IOException;
    Path relativize(Path path);
    Path resolve(Path path);
    default Path resolve(String text) { }
    default Path resolveSibling(String text) { }
    default Path resolveSibling(Path path) { }
    boolean startsWith(Path path);
    default boolean startsWith(String text) { }
    Path subpath(int number, int number2);
    Path toAbsolutePath();
    default File toFile() { }
    Path toRealPath(LinkOption... items) throws IOException;
    String toString();
    URI toUri();
}

/** Chooses paths. */
public interface PathMatcher {
    boolean matches(Path path);
}

/** Makes paths. */
public final class Paths {
    public static Path get(URI uRI);
    public static Path get(String text, String... items);
}

/** Goes through all files. */
public class SimpleFileVisitor<T> implements FileVisitor<T> {
    protected SimpleFileVisitor() { }
    public FileVisitResult postVisitDirectory(T value, IOException iOException) throws IOException;
    public FileVisitResult preVisitDirectory(T value, BasicFileAttributes basicFileAttributes) throws IOException;
    public FileVisitResult visitFile(T value, BasicFileAttributes basicFileAttributes) throws IOException;
    public FileVisitResult visitFileFailed(T value, IOException iOException) throws IOException;
}

/** Ways to copy a file. */
public enum StandardCopyOption implements CopyOption {
    REPLACE_EXISTING, COPY_ATTRIBUTES, ATOMIC_MOVE;
}

/** Ways to open a file. */
public enum StandardOpenOption implements OpenOption {
    READ, WRITE, APPEND, TRUNCATE_EXISTING, CREATE, CREATE_NEW, DELETE_ON_CLOSE, SPARSE, SYNC, DSYNC;
}

/** Kinds of changes. */
public final class StandardWatchEventKinds {
    public static final WatchEvent.Kind<Object> OVERFLOW;
    public static final WatchEvent.Kind<Path> ENTRY_CREATE;
    public static final WatchEvent.Kind<Path> ENTRY_DELETE;
    public static final WatchEvent.Kind<Path> ENTRY_MODIFY;
}

/** A change of a file. */
public interface WatchEvent<T> {
    T context();
    int count();
    WatchEvent.Kind<T> kind();
    public interface Kind<T> {
        String name();
        Class<T> type();
    }
    public interface Modifier {
        String name();
    }
}

/** A folder that is watched. */
public interface WatchKey {
    void cancel();
    boolean isValid();
    List<WatchEvent<?>> pollEvents();
    boolean reset();
    Watchable watchable();
}

/** Waits for changes of files. */
public interface WatchService extends Closeable {
    void close() throws IOException;
    WatchKey poll();
    WatchKey poll(long number, TimeUnit timeUnit) throws InterruptedException;
    WatchKey take() throws InterruptedException;
}

/** What can be watched. */
public interface Watchable {
    WatchKey register(WatchService watchService, WatchEvent.Kind<?>... items) throws IOException;
    WatchKey register(WatchService watchService, WatchEvent.Kind<?>[] items, WatchEvent.Modifier... items2) throws IOException;
}
