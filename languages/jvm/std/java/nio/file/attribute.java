package java.nio.file.attribute;

import java.security.Principal;
import java.time.Instant;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/** Size, times and kind of a file. */
public interface BasicFileAttributes {
    FileTime creationTime();
    Object fileKey();
    boolean isDirectory();
    boolean isOther();
    boolean isRegularFile();
    boolean isSymbolicLink();
    FileTime lastAccessTime();
    FileTime lastModifiedTime();
    long size();
}

/** What a new file is given. */
public interface FileAttribute<T> {
    String name();
    T value();
}

/** A time of a file. */
public final class FileTime implements Comparable<FileTime> {
    public int compareTo(FileTime fileTime);
    public static FileTime from(Instant instant);
    public static FileTime from(long number, TimeUnit timeUnit);
    public static FileTime fromMillis(long number);
    public long to(TimeUnit timeUnit);
    public Instant toInstant();
    public long toMillis();
}

/** What may be done with a file. */
public enum PosixFilePermission {
    OWNER_READ, OWNER_WRITE, OWNER_EXECUTE, GROUP_READ, GROUP_WRITE, GROUP_EXECUTE, OTHERS_READ, OTHERS_WRITE, OTHERS_EXECUTE;
}

/** Permissions as text. */
public final class PosixFilePermissions {
    public static FileAttribute<Set<PosixFilePermission>> asFileAttribute(Set<PosixFilePermission> set);
    public static Set<PosixFilePermission> fromString(String text);
    public static String toString(Set<PosixFilePermission> set);
}

/** An owner of files. */
public interface UserPrincipal extends Principal {
}
