package java.io;

import java.net.MalformedURLException;
import java.net.URI;
import java.net.URL;
import java.nio.CharBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CharsetEncoder;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.Locale;
import java.util.function.BinaryOperator;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Reads through a buffer. */
public class BufferedInputStream extends FilterInputStream {
    protected byte[] buf;
    protected int count;
    protected int pos;
    protected int markpos;
    protected int marklimit;
    public BufferedInputStream(InputStream inputStream) { }
    public BufferedInputStream(InputStream inputStream, int number) { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** Writes through a buffer. */
public class BufferedOutputStream extends FilterOutputStream {
    protected byte[] buf;
    protected int count;
    public BufferedOutputStream(OutputStream outputStream) { }
    public BufferedOutputStream(OutputStream outputStream, int number) { }
    public void flush() throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Reads text through a buffer, by lines. */
public class BufferedReader extends Reader {
    public BufferedReader(Reader reader) { }
    public BufferedReader(Reader reader, int number) { }
    public void close() throws IOException;
    public Stream<String> lines();
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public int read() throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public String readLine() throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** Writes text through a buffer. */
public class BufferedWriter extends Writer {
    public BufferedWriter(Writer writer) { }
    public BufferedWriter(Writer writer, int number) { }
    public void close() throws IOException;
    public void flush() throws IOException;
    public void newLine() throws IOException;
    public void write(int number) throws IOException;
    public void write(char[] items, int number, int number2) throws IOException;
    public void write(String text, int number, int number2) throws IOException;
}

/** Reads from an array. */
public class ByteArrayInputStream extends InputStream {
    protected byte[] buf;
    protected int pos;
    protected int mark;
    protected int count;
    public ByteArrayInputStream(byte[] items) { }
    public ByteArrayInputStream(byte[] items, int number, int number2) { }
    public int available();
    public void close() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public int read();
    public int read(byte[] items, int number, int number2);
    public byte[] readAllBytes();
    public int readNBytes(byte[] items, int number, int number2);
    public void reset();
    public long skip(long number);
    public long transferTo(OutputStream outputStream) throws IOException;
}

/** Writes into an array. */
public class ByteArrayOutputStream extends OutputStream {
    protected byte[] buf;
    protected int count;
    public ByteArrayOutputStream() { }
    public ByteArrayOutputStream(int number) { }
    public void close() throws IOException;
    public void reset();
    public int size();
    public byte[] toByteArray();
    public String toString(int number);
    public String toString(String text) throws UnsupportedEncodingException;
    public String toString(Charset charset);
    public void write(int number);
    public void write(byte[] items, int number, int number2);
    public void writeBytes(byte[] items);
    public void writeTo(OutputStream outputStream) throws IOException;
}

/** Reads from an array. */
public class CharArrayReader extends Reader {
    protected char[] buf;
    protected int pos;
    protected int markedPos;
    protected int count;
    public CharArrayReader(char[] items) { }
    public CharArrayReader(char[] items, int number, int number2) { }
    public void close();
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public int read() throws IOException;
    public int read(CharBuffer charBuffer) throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** Writes into an array. */
public class CharArrayWriter extends Writer {
    protected char[] buf;
    protected int count;
    public CharArrayWriter() { }
    public CharArrayWriter(int number) { }
    public CharArrayWriter append(char letter);
    public CharArrayWriter append(CharSequence text);
    public CharArrayWriter append(CharSequence text, int number, int number2);
    public void close();
    public void flush();
    public void reset();
    public int size();
    public char[] toCharArray();
    public void write(int number);
    public void write(char[] items, int number, int number2);
    public void write(String text, int number, int number2);
    public void writeTo(Writer writer) throws IOException;
}

/** Bytes that are no text. */
public class CharConversionException extends IOException {
    public CharConversionException() { }
    public CharConversionException(String text) { }
}

/** What can be closed. */
public interface Closeable extends AutoCloseable {
    void close() throws IOException;
}

/** The terminal. */
public final class Console implements Flushable {
    public Charset charset();
    public void flush();
    public Console format(String text, Object... items);
    public Console printf(String text, Object... items);
    public String readLine();
    public String readLine(String text, Object... items);
    public char[] readPassword();
    public char[] readPassword(String text, Object... items);
    public Reader reader();
    public PrintWriter writer();
}

/** Reads values as bytes. */
public interface DataInput {
    boolean readBoolean() throws IOException;
    byte readByte() throws IOException;
    char readChar() throws IOException;
    double readDouble() throws IOException;
    float readFloat() throws IOException;
    void readFully(byte[] items) throws IOException;
    void readFully(byte[] items, int number, int number2) throws IOException;
    int readInt() throws IOException;
    String readLine() throws IOException;
    long readLong() throws IOException;
    short readShort() throws IOException;
    String readUTF() throws IOException;
    int readUnsignedByte() throws IOException;
    int readUnsignedShort() throws IOException;
    int skipBytes(int number) throws IOException;
}

/** Reads values from a stream. */
public class DataInputStream extends FilterInputStream implements DataInput {
    public DataInputStream(InputStream inputStream) { }
    public final int read(byte[] items) throws IOException;
    public final int read(byte[] items, int number, int number2) throws IOException;
    public final boolean readBoolean() throws IOException;
    public final byte readByte() throws IOException;
    public final char readChar() throws IOException;
    public final double readDouble() throws IOException;
    public final float readFloat() throws IOException;
    public final void readFully(byte[] items) throws IOException;
    public final void readFully(byte[] items, int number, int number2) throws IOException;
    public final int readInt() throws IOException;
    public final String readLine() throws IOException;
    public final long readLong() throws IOException;
    public final short readShort() throws IOException;
    public final String readUTF() throws IOException;
    public static final String readUTF(DataInput dataInput) throws IOException;
    public final int readUnsignedByte() throws IOException;
    public final int readUnsignedShort() throws IOException;
    public final int skipBytes(int number) throws IOException;
}

/** Writes values as bytes. */
public interface DataOutput {
    void write(byte[] items) throws IOException;
    void write(int number) throws IOException;
    void write(byte[] items, int number, int number2) throws IOException;
    void writeBoolean(boolean flag) throws IOException;
    void writeByte(int number) throws IOException;
    void writeBytes(String text) throws IOException;
    void writeChar(int number) throws IOException;
    void writeChars(String text) throws IOException;
    void writeDouble(double number) throws IOException;
    void writeFloat(float number) throws IOException;
    void writeInt(int number) throws IOException;
    void writeLong(long number) throws IOException;
    void writeShort(int number) throws IOException;
    void writeUTF(String text) throws IOException;
}

/** Writes values to a stream. */
public class DataOutputStream extends FilterOutputStream implements DataOutput {
    protected int written;
    public DataOutputStream(OutputStream outputStream) { }
    public void flush() throws IOException;
    public final int size();
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
    public final void writeBoolean(boolean flag) throws IOException;
    public final void writeByte(int number) throws IOException;
    public final void writeBytes(String text) throws IOException;
    public final void writeChar(int number) throws IOException;
    public final void writeChars(String text) throws IOException;
    public final void writeDouble(double number) throws IOException;
    public final void writeFloat(float number) throws IOException;
    public final void writeInt(int number) throws IOException;
    public final void writeLong(long number) throws IOException;
    public final void writeShort(int number) throws IOException;
    public final void writeUTF(String text) throws IOException;
}

/** The end came too early. */
public class EOFException extends IOException {
    public EOFException() { }
    public EOFException(String text) { }
}

/** Writes and reads itself. */
public interface Externalizable extends Serializable {
    void readExternal(ObjectInput objectInput) throws IOException, ClassNotFoundException;
    void writeExternal(ObjectOutput objectOutput) throws IOException;
}

/** The path of a file. */
public class File implements Serializable, Comparable<File> {
    public static final char separatorChar;
    public static final String separator;
    public static final char pathSeparatorChar;
    public static final String pathSeparator;
    public File(String text) { }
    public File(URI uRI) { }
    public File(File file, String text) { }
    public File(String text, String text2) { }
    public boolean canExecute();
    public boolean canRead();
    public boolean canWrite();
    public int compareTo(File file);
    public boolean createNewFile() throws IOException;
    public static File createTempFile(String text, String text2) throws IOException;
    public static File createTempFile(String text, String text2, File file) throws IOException;
    public boolean delete();
    public void deleteOnExit();
    public boolean exists();
    public File getAbsoluteFile();
    public String getAbsolutePath();
    public File getCanonicalFile() throws IOException;
    public String getCanonicalPath() throws IOException;
    public long getFreeSpace();
    public String getName();
    public String getParent();
    public File getParentFile();
    public String getPath();
    public long getTotalSpace();
    public long getUsableSpace();
    public boolean isAbsolute();
    public boolean isDirectory();
    public boolean isFile();
    public boolean isHidden();
    public long lastModified();
    public long length();
    public String[] list();
    public String[] list(FilenameFilter filenameFilter);
    public File[] listFiles();
    public File[] listFiles(FileFilter fileFilter);
    public File[] listFiles(FilenameFilter filenameFilter);
    public static File[] listRoots();
    public boolean mkdir();
    public boolean mkdirs();
    public boolean renameTo(File file);
    public boolean setExecutable(boolean flag);
    public boolean setExecutable(boolean flag, boolean flag2);
    public boolean setLastModified(long number);
    public boolean setReadOnly();
    public boolean setReadable(boolean flag);
    public boolean setReadable(boolean flag, boolean flag2);
    public boolean setWritable(boolean flag);
    public boolean setWritable(boolean flag, boolean flag2);
    public Path toPath();
    public URI toURI();
    public URL toURL() throws MalformedURLException;
}

/** An open file of the system. */
public final class FileDescriptor {
    public static final FileDescriptor in;
    public static final FileDescriptor out;
    public static final FileDescriptor err;
    public FileDescriptor() { }
    public void sync() throws SyncFailedException;
    public boolean valid();
}

/** Chooses files. */
public interface FileFilter {
    boolean accept(File file);
}

/** Reads a file. */
public class FileInputStream extends InputStream {
    public FileInputStream(File file) throws FileNotFoundException { }
    public FileInputStream(FileDescriptor fileDescriptor) { }
    public FileInputStream(String text) throws FileNotFoundException { }
    public int available() throws IOException;
    public void close() throws IOException;
    public FileChannel getChannel();
    public final FileDescriptor getFD() throws IOException;
    public int read() throws IOException;
    public int read(byte[] items) throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public byte[] readAllBytes() throws IOException;
    public byte[] readNBytes(int number) throws IOException;
    public long skip(long number) throws IOException;
}

/** A file that is not there. */
public class FileNotFoundException extends IOException {
    public FileNotFoundException() { }
    public FileNotFoundException(String text) { }
}

/** Writes a file. */
public class FileOutputStream extends OutputStream {
    public FileOutputStream(File file) throws FileNotFoundException { }
    public FileOutputStream(FileDescriptor fileDescriptor) { }
    public FileOutputStream(String text) throws FileNotFoundException { }
    public FileOutputStream(File file, boolean flag) throws FileNotFoundException { }
    public FileOutputStream(String text, boolean flag) throws FileNotFoundException { }
    public void close() throws IOException;
    public FileChannel getChannel();
    public final FileDescriptor getFD() throws IOException;
    public void write(byte[] items) throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Reads a file as text. */
public class FileReader extends InputStreamReader {
    public FileReader(File file) throws FileNotFoundException { }
    public FileReader(FileDescriptor fileDescriptor) { }
    public FileReader(String text) throws FileNotFoundException { }
    public FileReader(File file, Charset charset) throws IOException { }
    public FileReader(String text, Charset charset) throws IOException { }
}

/** Writes a file as text. */
public class FileWriter extends OutputStreamWriter {
    public FileWriter(File file) throws IOException { }
    public FileWriter(FileDescriptor fileDescriptor) { }
    public FileWriter(String text) throws IOException { }
    public FileWriter(File file, boolean flag) throws IOException { }
    public FileWriter(File file, Charset charset) throws IOException { }
    public FileWriter(String text, boolean flag) throws IOException { }
    public FileWriter(String text, Charset charset) throws IOException { }
    public FileWriter(File file, Charset charset, boolean flag) throws IOException { }
    public FileWriter(String text, Charset charset, boolean flag) throws IOException { }
}

/** Chooses files by name. */
public interface FilenameFilter {
    boolean accept(File file, String text);
}

/** A stream around another one. */
public class FilterInputStream extends InputStream {
    protected InputStream in;
    protected FilterInputStream(InputStream inputStream) { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public int read() throws IOException;
    public int read(byte[] items) throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** A stream around another one. */
public class FilterOutputStream extends OutputStream {
    protected OutputStream out;
    public FilterOutputStream(OutputStream outputStream) { }
    public void close() throws IOException;
    public void flush() throws IOException;
    public void write(byte[] items) throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** A reader around another one. */
public abstract class FilterReader extends Reader {
    protected Reader in;
    protected FilterReader(Reader reader) { }
    public void close() throws IOException;
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public int read() throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** A writer around another one. */
public abstract class FilterWriter extends Writer {
    protected Writer out;
    protected FilterWriter(Writer writer) { }
    public void close() throws IOException;
    public void flush() throws IOException;
    public void write(int number) throws IOException;
    public void write(char[] items, int number, int number2) throws IOException;
    public void write(String text, int number, int number2) throws IOException;
}

/** What can be flushed. */
public interface Flushable {
    void flush() throws IOException;
}

/** Reading or writing failed. */
public class IOException extends Exception {
    public IOException() { }
    public IOException(String text) { }
    public IOException(Throwable throwable) { }
    public IOException(String text, Throwable throwable) { }
}

/** Bytes that are read. */
public abstract class InputStream implements Closeable {
    public InputStream() { }
    public int available() throws IOException;
    /** Closes the stream. */
    public void close() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public static InputStream nullInputStream();
    /** Reads bytes; -1 at the end. */
    public abstract int read() throws IOException;
    public int read(byte[] items) throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    /** All that is left. */
    public byte[] readAllBytes() throws IOException;
    public byte[] readNBytes(int number) throws IOException;
    public int readNBytes(byte[] items, int number, int number2) throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
    public void skipNBytes(long number) throws IOException;
    public long transferTo(OutputStream outputStream) throws IOException;
}

/** Reads bytes as text. */
public class InputStreamReader extends Reader {
    public InputStreamReader(InputStream inputStream) { }
    public InputStreamReader(InputStream inputStream, String text) throws UnsupportedEncodingException { }
    public InputStreamReader(InputStream inputStream, Charset charset) { }
    public InputStreamReader(InputStream inputStream, CharsetDecoder charsetDecoder) { }
    public void close() throws IOException;
    public String getEncoding();
    public int read() throws IOException;
    public int read(CharBuffer charBuffer) throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
}

/** Reading or writing was interrupted. */
public class InterruptedIOException extends IOException {
    public int bytesTransferred;
    public InterruptedIOException() { }
    public InterruptedIOException(String text) { }
}

/** A class that does not fit. */
public class InvalidClassException extends ObjectStreamException {
    public String classname;
    public InvalidClassException(String text) { }
    public InvalidClassException(String text, String text2) { }
    public String getMessage();
}

/** An object that is not valid. */
public class InvalidObjectException extends ObjectStreamException {
    public InvalidObjectException(String text) { }
}

/** Reads text and counts lines. */
public class LineNumberReader extends BufferedReader {
    public LineNumberReader(Reader reader) { }
    public LineNumberReader(Reader reader, int number) { }
    public int getLineNumber();
    public void mark(int number) throws IOException;
    public int read() throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public String readLine() throws IOException;
    public void reset() throws IOException;
    public void setLineNumber(int number);
    public long skip(long number) throws IOException;
}

/** A class that cannot be written. */
public class NotSerializableException extends ObjectStreamException {
    public NotSerializableException() { }
    public NotSerializableException(String text) { }
}

/** Reads objects. */
public interface ObjectInput extends DataInput, AutoCloseable {
    int available() throws IOException;
    void close() throws IOException;
    int read() throws IOException;
    int read(byte[] items) throws IOException;
    int read(byte[] items, int number, int number2) throws IOException;
    Object readObject() throws ClassNotFoundException, IOException;
    long skip(long number) throws IOException;
}

/** Says which objects may be read. */
public interface ObjectInputFilter {
    static ObjectInputFilter allowFilter(Predicate<Class<?>> condition, ObjectInputFilter.Status status) { }
    ObjectInputFilter.Status checkInput(ObjectInputFilter.FilterInfo filterInfo);
    static ObjectInputFilter merge(ObjectInputFilter objectInputFilter, ObjectInputFilter objectInputFilter2) { }
    static ObjectInputFilter rejectFilter(Predicate<Class<?>> condition, ObjectInputFilter.Status status) { }
    static ObjectInputFilter rejectUndecidedClass(ObjectInputFilter objectInputFilter) { }
    public static final class Config {
        public static ObjectInputFilter createFilter(String text);
        public static ObjectInputFilter getSerialFilter();
        public static BinaryOperator<ObjectInputFilter> getSerialFilterFactory();
        public static void setSerialFilter(ObjectInputFilter objectInputFilter);
        public static void setSerialFilterFactory(BinaryOperator<ObjectInputFilter> function);
    }
    public interface FilterInfo {
        long arrayLength();
        long depth();
        long references();
        Class<?> serialClass();
        long streamBytes();
    }
    public enum Status {
        UNDECIDED, ALLOWED, REJECTED;
    }
}

/** Reads objects from a stream. */
public class ObjectInputStream extends InputStream implements ObjectInput, ObjectStreamConstants {
    protected ObjectInputStream() throws IOException, SecurityException { }
    public ObjectInputStream(InputStream inputStream) throws IOException { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void defaultReadObject() throws IOException, ClassNotFoundException;
    protected boolean enableResolveObject(boolean flag) throws SecurityException;
    public final ObjectInputFilter getObjectInputFilter();
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public boolean readBoolean() throws IOException;
    public byte readByte() throws IOException;
    public char readChar() throws IOException;
    protected ObjectStreamClass readClassDescriptor() throws IOException, ClassNotFoundException;
    public double readDouble() throws IOException;
    public ObjectInputStream.GetField readFields() throws IOException, ClassNotFoundException;
    public float readFloat() throws IOException;
    public void readFully(byte[] items) throws IOException;
    public void readFully(byte[] items, int number, int number2) throws IOException;
    public int readInt() throws IOException;
    public String readLine() throws IOException;
    public long readLong() throws IOException;
    public final Object readObject() throws IOException, ClassNotFoundException;
    protected Object readObjectOverride() throws IOException, ClassNotFoundException;
    public short readShort() throws IOException;
    protected void readStreamHeader() throws IOException, StreamCorruptedException;
    public String readUTF() throws IOException;
    public Object readUnshared() throws IOException, ClassNotFoundException;
    public int readUnsignedByte() throws IOException;
    public int readUnsignedShort() throws IOException;
    public void registerValidation(ObjectInputValidation objectInputValidation, int number) throws NotActiveException, InvalidObjectException;
    protected Class<?> resolveClass(ObjectStreamClass objectStreamClass) throws IOException, ClassNotFoundException;
    protected Object resolveObject(Object object) throws IOException;
    protected Class<?> resolveProxyClass(String[] items) throws IOException, ClassNotFoundException;
    public final void setObjectInputFilter(ObjectInputFilter objectInputFilter);
    public int skipBytes(int number) throws IOException;
    public static abstract class GetField {
        public GetField() { }
        public abstract boolean defaulted(String text) throws IOException;
        public abstract boolean get(String text, boolean flag) throws IOException;
        public abstract byte get(String text, byte number) throws IOException;
        public abstract char get(String text, char letter) throws IOException;
        public abstract double get(String text, double number) throws IOException;
        public abstract float get(String text, float number) throws IOException;
        public abstract int get(String text, int number) throws IOException;
        public abstract Object get(String text, Object object) throws IOException;
        public abstract long get(String text, long number) throws IOException;
        public abstract short get(String text, short number) throws IOException;
        public abstract ObjectStreamClass getObjectStreamClass();
    }
}

/** Writes objects. */
public interface ObjectOutput extends DataOutput, AutoCloseable {
    void close() throws IOException;
    void flush() throws IOException;
    void write(byte[] items) throws IOException;
    void write(int number) throws IOException;
    void write(byte[] items, int number, int number2) throws IOException;
    void writeObject(Object object) throws IOException;
}

/** Writes objects to a stream. */
public class ObjectOutputStream extends OutputStream implements ObjectOutput, ObjectStreamConstants {
    protected ObjectOutputStream() throws IOException, SecurityException { }
    public ObjectOutputStream(OutputStream outputStream) throws IOException { }
    protected void annotateClass(Class<?> type) throws IOException;
    protected void annotateProxyClass(Class<?> type) throws IOException;
    public void close() throws IOException;
    public void defaultWriteObject() throws IOException;
    protected void drain() throws IOException;
    protected boolean enableReplaceObject(boolean flag) throws SecurityException;
    public void flush() throws IOException;
    public ObjectOutputStream.PutField putFields() throws IOException;
    protected Object replaceObject(Object object) throws IOException;
    public void reset() throws IOException;
    public void useProtocolVersion(int number) throws IOException;
    public void write(byte[] items) throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
    public void writeBoolean(boolean flag) throws IOException;
    public void writeByte(int number) throws IOException;
    public void writeBytes(String text) throws IOException;
    public void writeChar(int number) throws IOException;
    public void writeChars(String text) throws IOException;
    protected void writeClassDescriptor(ObjectStreamClass objectStreamClass) throws IOException;
    public void writeDouble(double number) throws IOException;
    public void writeFields() throws IOException;
    public void writeFloat(float number) throws IOException;
    public void writeInt(int number) throws IOException;
    public void writeLong(long number) throws IOException;
    public final void writeObject(Object object) throws IOException;
    protected void writeObjectOverride(Object object) throws IOException;
    public void writeShort(int number) throws IOException;
    protected void writeStreamHeader() throws IOException;
    public void writeUTF(String text) throws IOException;
    public void writeUnshared(Object object) throws IOException;
    public static abstract class PutField {
        public PutField() { }
        public abstract void put(String text, boolean flag);
        public abstract void put(String text, byte number);
        public abstract void put(String text, char letter);
        public abstract void put(String text, double number);
        public abstract void put(String text, float number);
        public abstract void put(String text, int number);
        public abstract void put(String text, Object object);
        public abstract void put(String text, long number);
        public abstract void put(String text, short number);
        public abstract void write(ObjectOutput objectOutput) throws IOException;
    }
}

/** What is written of a class. */
public class ObjectStreamClass implements Serializable {
    public static final ObjectStreamField[] NO_FIELDS;
    public Class<?> forClass();
    public ObjectStreamField getField(String text);
    public ObjectStreamField[] getFields();
    public String getName();
    public long getSerialVersionUID();
    public static ObjectStreamClass lookup(Class<?> type);
    public static ObjectStreamClass lookupAny(Class<?> type);
}

/** An object that cannot be read or written. */
public abstract class ObjectStreamException extends IOException {
    protected ObjectStreamException() { }
    protected ObjectStreamException(String text) { }
}

/** Bytes that are written. */
public abstract class OutputStream implements Closeable, Flushable {
    public OutputStream() { }
    /** Closes the stream. */
    public void close() throws IOException;
    /** Passes on what is in buffers. */
    public void flush() throws IOException;
    public static OutputStream nullOutputStream();
    /** Writes bytes. */
    public abstract void write(int number) throws IOException;
    public void write(byte[] items) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Writes text as bytes. */
public class OutputStreamWriter extends Writer {
    public OutputStreamWriter(OutputStream outputStream) { }
    public OutputStreamWriter(OutputStream outputStream, String text) throws UnsupportedEncodingException { }
    public OutputStreamWriter(OutputStream outputStream, Charset charset) { }
    public OutputStreamWriter(OutputStream outputStream, CharsetEncoder charsetEncoder) { }
    public Writer append(CharSequence text) throws IOException;
    public Writer append(CharSequence text, int number, int number2) throws IOException;
    public void close() throws IOException;
    public void flush() throws IOException;
    public String getEncoding();
    public void write(int number) throws IOException;
    public void write(char[] items, int number, int number2) throws IOException;
    public void write(String text, int number, int number2) throws IOException;
}

/** Reads what another thread writes. */
public class PipedInputStream extends InputStream {
    protected static final int PIPE_SIZE;
    protected byte[] buffer;
    protected int in;
    protected int out;
    public PipedInputStream() { }
    public PipedInputStream(int number) { }
    public PipedInputStream(PipedOutputStream pipedOutputStream) throws IOException { }
    public PipedInputStream(PipedOutputStream pipedOutputStream, int number) throws IOException { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void connect(PipedOutputStream pipedOutputStream) throws IOException;
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    protected void receive(int number) throws IOException;
}

/** Writes what another thread reads. */
public class PipedOutputStream extends OutputStream {
    public PipedOutputStream() { }
    public PipedOutputStream(PipedInputStream pipedInputStream) throws IOException { }
    public void close() throws IOException;
    public void connect(PipedInputStream pipedInputStream) throws IOException;
    public void flush() throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
}

/** Writes values as text. */
public class PrintStream extends FilterOutputStream implements Appendable, Closeable {
    public PrintStream(File file) throws FileNotFoundException { }
    public PrintStream(OutputStream outputStream) { }
    public PrintStream(String text) throws FileNotFoundException { }
    public PrintStream(File file, String text) throws FileNotFoundException, UnsupportedEncodingException { }
    public PrintStream(File file, Charset charset) throws IOException { }
    public PrintStream(OutputStream outputStream, boolean flag) { }
    public PrintStream(String text, String text2) throws FileNotFoundException, UnsupportedEncodingException { }
    public PrintStream(String text, Charset charset) throws IOException { }
    public PrintStream(OutputStream outputStream, boolean flag, String text) throws UnsupportedEncodingException { }
    public PrintStream(OutputStream outputStream, boolean flag, Charset charset) { }
    public PrintStream append(char letter);
    public PrintStream append(CharSequence text);
    public PrintStream append(CharSequence text, int number, int number2);
    public boolean checkError();
    protected void clearError();
    public void close();
    public void flush();
    public PrintStream format(String text, Object... items);
    public PrintStream format(Locale locale, String text, Object... items);
    public void print(boolean flag);
    public void print(char letter);
    public void print(char[] items);
    public void print(double number);
    public void print(float number);
    public void print(int number);
    public void print(Object object);
    public void print(String text);
    public void print(long number);
    public PrintStream printf(String text, Object... items);
    public PrintStream printf(Locale locale, String text, Object... items);
    public void println();
    public void println(boolean flag);
    public void println(char letter);
    public void println(char[] items);
    public void println(double number);
    public void println(float number);
    public void println(int number);
    public void println(Object object);
    public void println(String text);
    public void println(long number);
    protected void setError();
    public void write(byte[] items) throws IOException;
    public void write(int number);
    public void write(byte[] items, int number, int number2);
    public void writeBytes(byte[] items);
}

/** Writes values as text. */
public class PrintWriter extends Writer {
    protected Writer out;
    public PrintWriter(File file) throws FileNotFoundException { }
    public PrintWriter(OutputStream outputStream) { }
    public PrintWriter(Writer writer) { }
    public PrintWriter(String text) throws FileNotFoundException { }
    public PrintWriter(File file, String text) throws FileNotFoundException, UnsupportedEncodingException { }
    public PrintWriter(File file, Charset charset) throws IOException { }
    public PrintWriter(OutputStream outputStream, boolean flag) { }
    public PrintWriter(Writer writer, boolean flag) { }
    public PrintWriter(String text, String text2) throws FileNotFoundException, UnsupportedEncodingException { }
    public PrintWriter(String text, Charset charset) throws IOException { }
    public PrintWriter(OutputStream outputStream, boolean flag, Charset charset) { }
    public PrintWriter append(char letter);
    public PrintWriter append(CharSequence text);
    public PrintWriter append(CharSequence text, int number, int number2);
    public boolean checkError();
    protected void clearError();
    public void close();
    public void flush();
    public PrintWriter format(String text, Object... items);
    public PrintWriter format(Locale locale, String text, Object... items);
    public void print(boolean flag);
    public void print(char letter);
    public void print(char[] items);
    public void print(double number);
    public void print(float number);
    public void print(int number);
    public void print(Object object);
    public void print(String text);
    public void print(long number);
    public PrintWriter printf(String text, Object... items);
    public PrintWriter printf(Locale locale, String text, Object... items);
    public void println();
    public void println(boolean flag);
    public void println(char letter);
    public void println(char[] items);
    public void println(double number);
    public void println(float number);
    public void println(int number);
    public void println(Object object);
    public void println(String text);
    public void println(long number);
    protected void setError();
    public void write(char[] items);
    public void write(int number);
    public void write(String text);
    public void write(char[] items, int number, int number2);
    public void write(String text, int number, int number2);
}

/** A stream whose bytes can be put back. */
public class PushbackInputStream extends FilterInputStream {
    protected byte[] buf;
    protected int pos;
    public PushbackInputStream(InputStream inputStream) { }
    public PushbackInputStream(InputStream inputStream, int number) { }
    public int available() throws IOException;
    public void close() throws IOException;
    public void mark(int number);
    public boolean markSupported();
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
    public void unread(byte[] items) throws IOException;
    public void unread(int number) throws IOException;
    public void unread(byte[] items, int number, int number2) throws IOException;
}

/** A reader whose letters can be put back. */
public class PushbackReader extends FilterReader {
    public PushbackReader(Reader reader) { }
    public PushbackReader(Reader reader, int number) { }
    public void close() throws IOException;
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public int read() throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
    public void unread(char[] items) throws IOException;
    public void unread(int number) throws IOException;
    public void unread(char[] items, int number, int number2) throws IOException;
}

/** A file that is read and written anywhere. */
public class RandomAccessFile implements DataOutput, DataInput, Closeable {
    public RandomAccessFile(File file, String text) throws FileNotFoundException { }
    public RandomAccessFile(String text, String text2) throws FileNotFoundException { }
    public void close() throws IOException;
    public final FileChannel getChannel();
    public final FileDescriptor getFD() throws IOException;
    public long getFilePointer() throws IOException;
    public long length() throws IOException;
    public int read() throws IOException;
    public int read(byte[] items) throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
    public final boolean readBoolean() throws IOException;
    public final byte readByte() throws IOException;
    public final char readChar() throws IOException;
    public final double readDouble() throws IOException;
    public final float readFloat() throws IOException;
    public final void readFully(byte[] items) throws IOException;
    public final void readFully(byte[] items, int number, int number2) throws IOException;
    public final int readInt() throws IOException;
    public final String readLine() throws IOException;
    public final long readLong() throws IOException;
    public final short readShort() throws IOException;
    public final String readUTF() throws IOException;
    public final int readUnsignedByte() throws IOException;
    public final int readUnsignedShort() throws IOException;
    public void seek(long number) throws IOException;
    public void setLength(long number) throws IOException;
    public int skipBytes(int number) throws IOException;
    public void write(byte[] items) throws IOException;
    public void write(int number) throws IOException;
    public void write(byte[] items, int number, int number2) throws IOException;
    public final void writeBoolean(boolean flag) throws IOException;
    public final void writeByte(int number) throws IOException;
    public final void writeBytes(String text) throws IOException;
    public final void writeChar(int number) throws IOException;
    public final void writeChars(String text) throws IOException;
    public final void writeDouble(double number) throws IOException;
    public final void writeFloat(float number) throws IOException;
    public final void writeInt(int number) throws IOException;
    public final void writeLong(long number) throws IOException;
    public final void writeShort(int number) throws IOException;
    public final void writeUTF(String text) throws IOException;
}

/** Text that is read. */
public abstract class Reader implements Readable, Closeable {
    protected Object lock;
    protected Reader() { }
    protected Reader(Object object) { }
    public abstract void close() throws IOException;
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public static Reader nullReader();
    public int read() throws IOException;
    public int read(char[] items) throws IOException;
    public int read(CharBuffer charBuffer) throws IOException;
    public abstract int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
    public long transferTo(Writer writer) throws IOException;
}

/** Streams one after the other. */
public class SequenceInputStream extends InputStream {
    public SequenceInputStream(Enumeration<? extends InputStream> enumeration) { }
    public SequenceInputStream(InputStream inputStream, InputStream inputStream2) { }
    public int available() throws IOException;
    public void close() throws IOException;
    public int read() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
}

/** Marks classes that can be written as objects. */
public interface Serializable {
}

/** Bytes that are no objects. */
public class StreamCorruptedException extends ObjectStreamException {
    public StreamCorruptedException() { }
    public StreamCorruptedException(String text) { }
}

/** Takes a text apart into tokens. */
public class StreamTokenizer {
    public int ttype;
    public static final int TT_EOF;
    public static final int TT_EOL;
    public static final int TT_NUMBER;
    public static final int TT_WORD;
    public String sval;
    public double nval;
    public StreamTokenizer(InputStream inputStream) { }
    public StreamTokenizer(Reader reader) { }
    public void commentChar(int number);
    public void eolIsSignificant(boolean flag);
    public int lineno();
    public void lowerCaseMode(boolean flag);
    public int nextToken() throws IOException;
    public void ordinaryChar(int number);
    public void ordinaryChars(int number, int number2);
    public void parseNumbers();
    public void pushBack();
    public void quoteChar(int number);
    public void resetSyntax();
    public void slashSlashComments(boolean flag);
    public void slashStarComments(boolean flag);
    public void whitespaceChars(int number, int number2);
    public void wordChars(int number, int number2);
}

/** Reads from a text. */
public class StringReader extends Reader {
    public StringReader(String text) { }
    public void close();
    public void mark(int number) throws IOException;
    public boolean markSupported();
    public int read() throws IOException;
    public int read(char[] items, int number, int number2) throws IOException;
    public boolean ready() throws IOException;
    public void reset() throws IOException;
    public long skip(long number) throws IOException;
}

/** Writes into a text. */
public class StringWriter extends Writer {
    public StringWriter() { }
    public StringWriter(int number) { }
    public StringWriter append(char letter);
    public StringWriter append(CharSequence text);
    public StringWriter append(CharSequence text, int number, int number2);
    public void close() throws IOException;
    public void flush();
    public StringBuffer getBuffer();
    public void write(int number);
    public void write(String text);
    public void write(char[] items, int number, int number2);
    public void write(String text, int number, int number2);
}

/** Bytes that are no text. */
public class UTFDataFormatException extends IOException {
    public UTFDataFormatException() { }
    public UTFDataFormatException(String text) { }
}

/** Reading or writing failed, without a declaration. */
public class UncheckedIOException extends RuntimeException {
    public UncheckedIOException(IOException iOException) { }
    public UncheckedIOException(String text, IOException iOException) { }
    public IOException getCause();
}

/** A coding of text that is not known. */
public class UnsupportedEncodingException extends IOException {
    public UnsupportedEncodingException() { }
    public UnsupportedEncodingException(String text) { }
}

/** Text that is written. */
public abstract class Writer implements Appendable, Closeable, Flushable {
    protected Object lock;
    protected Writer() { }
    protected Writer(Object object) { }
    public Writer append(char letter) throws IOException;
    public Writer append(CharSequence text) throws IOException;
    public Writer append(CharSequence text, int number, int number2) throws IOException;
    public abstract void close() throws IOException;
    public abstract void flush() throws IOException;
    public static Writer nullWriter();
    public void write(char[] items) throws IOException;
    public void write(int number) throws IOException;
    public void write(String text) throws IOException;
    public abstract void write(char[] items, int number, int number2) throws IOException;
    public void write(String text, int number, int number2) throws IOException;
}
