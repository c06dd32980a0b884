package java.util.zip;

import java.io.Closeable;
import java.io.File;
import java.io.FilterInputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.file.attribute.FileTime;
import java.time.LocalDateTime;
import java.util.Enumeration;
import java.util.stream.Stream;

/** A checksum. */
public class Adler32 implements Checksum {
    public Adler32() { }
    public long getValue();
    public void reset();
    public void update(int number);
    public void update(ByteBuffer byteBuffer);
    public void update(byte[] items, int number, int number2);
}

/** A checksum. */
public class CRC32 implements Checksum {
    public CRC32() { }
    public long getValue();
    public void reset();
    public void update(int number);
    public void update(ByteBuffer byteBuffer);
    public void update(byte[] items, int number, int number2);
}

/** A stream that sums up what is read. */
public class CheckedInputStream extends FilterInputStream {
    public CheckedInputStream(InputStream inputStream, Checksum checksum) { }
    public Checksum getChecksum();
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public long skip(long number) throws IOException;
}

/** What sums up bytes. */
public interface Checksum {
    long getValue();
    void reset();
    void update(int number);
    default void update(byte[] items) { }
    default void update(ByteBuffer byteBuffer) { }
    void update(byte[] items, int number, int number2);
}

/** Bytes that cannot be decompressed. */
public class DataFormatException extends Exception {
    public DataFormatException() { }
    public DataFormatException(String text) { }
}

/** Compresses bytes. */
public class Deflater {
    public static final int DEFLATED;
    public static final int NO_COMPRESSION;
    public static final int BEST_SPEED;
    public static final int BEST_COMPRESSION;
    public static final int DEFAULT_COMPRESSION;
    public static final int FILTERED;
    public static final int HUFFMAN_ONLY;
    public static final int DEFAULT_STRATEGY;
    public static final int NO_FLUSH;
    public static final int SYNC_FLUSH;
    public static final int FULL_FLUSH;
    public Deflater() { }
    public Deflater(int number) { }
    public Deflater(int number, boolean flag) { }
    public int deflate(byte[] items);
    public int deflate(ByteBuffer byteBuffer);
    public int deflate(ByteBuffer byteBuffer, int number);
    public int deflate(byte[] items, int number, int number2);
    public int deflate(byte[] items, int number, int number2, int number3);
    public void end();
    public void finish();
    public boolean finished();
    public int getAdler();
    public long getBytesRead();
    public long getBytesWritten();
    public int getTotalIn();
    public int getTotalOut();
    public boolean needsInput();
    public void reset();
    public void setDictionary(byte[] items);
    public void setDictionary(ByteBuffer byteBuffer);
    public void setDictionary(byte[] items, int number, int number2);
    public void setInput(byte[] items);
    public void setInput(ByteBuffer byteBuffer);
    public void setInput(byte[] items, int number, int number2);
    public void setLevel(int number);
    public void setStrategy(int number);
}

/** Compresses what is written. */
public class DeflaterOutputStream extends FilterOutputStream {
    protected Deflater def;
    protected byte[] buf;
    public DeflaterOutputStream(OutputStream outputStream) { }
    public DeflaterOutputStream(OutputStream outputStream, boolean flag) { }
    public DeflaterOutputStream(OutputStream outputStream, Deflater deflater) { }
    public DeflaterOutputStream(OutputStream outputStream, Deflater deflater, boolean flag) { }
    public DeflaterOutputStream(OutputStream outputStream, Deflater deflater, int number) { }
    public DeflaterOutputStream(OutputStream outputStream, Deflater deflater, int number, boolean flag) { }
    public void close() throws IOException;
    protected void deflate() throws IOException;
    public void finish() throws IOException;
    public void flush() throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Reads gzip. */
public class GZIPInputStream extends InflaterInputStream {
    protected CRC32 crc;
    protected boolean eos;
    public static final int GZIP_MAGIC;
    public GZIPInputStream(InputStream inputStream) throws IOException { }
    public GZIPInputStream(InputStream inputStream, int number) throws IOException { }
    public void close() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
}

/** Writes gzip. */
public class GZIPOutputStream extends DeflaterOutputStream {
    protected CRC32 crc;
    public GZIPOutputStream(OutputStream outputStream) throws IOException { }
    public GZIPOutputStream(OutputStream outputStream, boolean flag) throws IOException { }
    public GZIPOutputStream(OutputStream outputStream, int number) throws IOException { }
    public GZIPOutputStream(OutputStream outputStream, int number, boolean flag) throws IOException { }
    public void finish() throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Decompresses bytes. */
public class Inflater {
    public Inflater() { }
    public Inflater(boolean flag) { }
    public void end();
    public boolean finished();
    public int getAdler();
    public long getBytesRead();
    public long getBytesWritten();
    public int getRemaining();
    public int getTotalIn();
    public int getTotalOut();
    public int inflate(byte[] items) throws DataFormatException;
    public int inflate(ByteBuffer byteBuffer) throws DataFormatException;
    public int inflate(byte[] items, int number, int number2) throws DataFormatException;
    public boolean needsDictionary();
    public boolean needsInput();
    public void reset();
    public void setDictionary(byte[] items);
    public void setDictionary(ByteBuffer byteBuffer);
    public void setDictionary(byte[] items, int number, int number2);
    public void setInput(byte[] items);
    public void setInput(ByteBuffer byteBuffer);
    public void setInput(byte[] items, int number, int number2);
}

/** Decompresses what is read. */
public class InflaterInputStream extends FilterInputStream {
    protected Inflater inf;
    protected byte[] buf;
    protected int len;
    public InflaterInputStream(InputStream inputStream) { }
    public InflaterInputStream(InputStream inputStream, Inflater inflater) { }
    public InflaterInputStream(InputStream inputStream, Inflater inflater, int number) { }
    public int available() throws IOException;
    public void close() throws IOException;
    protected void fill() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** A file of an archive. */
public class ZipEntry implements Cloneable {
    public static final int STORED;
    public static final int DEFLATED;
    public ZipEntry(String text) { }
    public ZipEntry(ZipEntry zipEntry) { }
    public Object clone();
    public String getComment();
    public long getCompressedSize();
    public long getCrc();
    public FileTime getCreationTime();
    public byte[] getExtra();
    public FileTime getLastAccessTime();
    public FileTime getLastModifiedTime();
    public int getMethod();
    public String getName();
    public long getSize();
    public long getTime();
    public LocalDateTime getTimeLocal();
    public boolean isDirectory();
    public void setComment(String text);
    public void setCompressedSize(long number);
    public void setCrc(long number);
    public ZipEntry setCreationTime(FileTime fileTime);
    public void setExtra(byte[] items);
    public ZipEntry setLastAccessTime(FileTime fileTime);
    public ZipEntry setLastModifiedTime(FileTime fileTime);
    public void setMethod(int number);
    public void setSize(long number);
    public void setTime(long number);
    public void setTimeLocal(LocalDateTime localDateTime);
}

/** An archive that cannot be read. */
public class ZipException extends IOException {
    public ZipException() { }
    public ZipException(String text) { }
}

/** An archive. */
public class ZipFile implements Closeable {
    public static final int OPEN_READ;
    public static final int OPEN_DELETE;
    public ZipFile(File file) throws ZipException, IOException { }
    public ZipFile(String text) throws IOException { }
    public ZipFile(File file, int number) throws IOException { }
    public ZipFile(File file, Charset charset) throws IOException { }
    public ZipFile(String text, Charset charset) throws IOException { }
    public ZipFile(File file, int number, Charset charset) throws IOException { }
    public void close() throws IOException;
    public Enumeration<? extends ZipEntry> entries();
    public String getComment();
    public ZipEntry getEntry(String text);
    public InputStream getInputStream(ZipEntry zipEntry) throws IOException;
    public String getName();
    public int size();
    public Stream<? extends ZipEntry> stream();
}

/** Reads an archive. */
public class ZipInputStream extends InflaterInputStream {
    public ZipInputStream(InputStream inputStream) { }
    public ZipInputStream(InputStream inputStream, Charset charset) { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void closeEntry() throws IOException;
    protected ZipEntry createZipEntry(String text);
    public ZipEntry getNextEntry() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public long skip(long number) throws IOException;
}

/** Writes an archive. */
public class ZipOutputStream extends DeflaterOutputStream {
    public static final int STORED;
    public static final int DEFLATED;
    public ZipOutputStream(OutputStream outputStream) { }
    public ZipOutputStream(OutputStream outputStream, Charset charset) { }
    public void close() throws IOException;
    public void closeEntry() throws IOException;
    public void finish() throws IOException;
    public void putNextEntry(ZipEntry zipEntry) throws IOException;
    public void setComment(String text);
    public void setLevel(int number);
    public void setMethod(int number);
    public void write(byte[] items, int number, int number2) throws IOException;
}
