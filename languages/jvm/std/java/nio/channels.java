package java.nio.channels;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.Reader;
import java.io.Writer;
import java.net.DatagramSocket;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketAddress;
import java.net.SocketOption;
import java.nio.ByteBuffer;
import java.nio.MappedByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CharsetEncoder;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.function.Consumer;

/** A file that is read and written in the background. */
public abstract class AsynchronousFileChannel implements AsynchronousChannel {
    protected AsynchronousFileChannel() { }
    public abstract void force(boolean flag) throws IOException;
    public final Future<FileLock> lock();
    public final <A> void lock(A value, CompletionHandler<FileLock, ? super A> completionHandler);
    public abstract Future<FileLock> lock(long number, long number2, boolean flag);
    public abstract <A> void lock(long number, long number2, boolean flag, A value, CompletionHandler<FileLock, ? super A> completionHandler);
    public static AsynchronousFileChannel open(Path path, OpenOption... items) throws IOException;
    public static AsynchronousFileChannel open(Path path, Set<? extends OpenOption> set, ExecutorService executorService, FileAttribute<?>... items) throws IOException;
    public abstract Future<Integer> read(ByteBuffer byteBuffer, long number);
    public abstract <A> void read(ByteBuffer byteBuffer, long number, A value, CompletionHandler<Integer, ? super A> completionHandler);
    public abstract long size() throws IOException;
    public abstract AsynchronousFileChannel truncate(long number) throws IOException;
    public final FileLock tryLock() throws IOException;
    public abstract FileLock tryLock(long number, long number2, boolean flag) throws IOException;
    public abstract Future<Integer> write(ByteBuffer byteBuffer, long number);
    public abstract <A> void write(ByteBuffer byteBuffer, long number, A value, CompletionHandler<Integer, ? super A> completionHandler);
}

/** A channel that is read and written. */
public interface ByteChannel extends ReadableByteChannel, WritableByteChannel {
}

/** A connection for reading or writing. */
public interface Channel extends Closeable {
    void close() throws IOException;
    boolean isOpen();
}

/** Makes channels of streams and streams of channels. */
public final class Channels {
    public static ReadableByteChannel newChannel(InputStream inputStream);
    public static WritableByteChannel newChannel(OutputStream outputStream);
    public static InputStream newInputStream(AsynchronousByteChannel asynchronousByteChannel);
    public static InputStream newInputStream(ReadableByteChannel readableByteChannel);
    public static OutputStream newOutputStream(AsynchronousByteChannel asynchronousByteChannel);
    public static OutputStream newOutputStream(WritableByteChannel writableByteChannel);
    public static Reader newReader(ReadableByteChannel readableByteChannel, String text);
    public static Reader newReader(ReadableByteChannel readableByteChannel, Charset charset);
    public static Reader newReader(ReadableByteChannel readableByteChannel, CharsetDecoder charsetDecoder, int number);
    public static Writer newWriter(WritableByteChannel writableByteChannel, String text);
    public static Writer newWriter(WritableByteChannel writableByteChannel, Charset charset);
    public static Writer newWriter(WritableByteChannel writableByteChannel, CharsetEncoder charsetEncoder, int number);
}

/** A channel that is closed. */
public class ClosedChannelException extends IOException {
    public ClosedChannelException() { }
}

/** Is told when work in the background is done. */
public interface CompletionHandler<V, A> {
    void completed(V value, A value2);
    void failed(Throwable throwable, A value);
}

/** A channel of packets. */
public abstract class DatagramChannel extends java.nio.channels.spi.AbstractSelectableChannel implements ByteChannel, ScatteringByteChannel, GatheringByteChannel, MulticastChannel {
    protected DatagramChannel(java.nio.channels.spi.SelectorProvider selectorProvider) { }
    public abstract DatagramChannel bind(SocketAddress socketAddress) throws IOException;
    public abstract DatagramChannel connect(SocketAddress socketAddress) throws IOException;
    public abstract DatagramChannel disconnect() throws IOException;
    public abstract SocketAddress getLocalAddress() throws IOException;
    public abstract SocketAddress getRemoteAddress() throws IOException;
    public abstract boolean isConnected();
    public static DatagramChannel open() throws IOException;
    public static DatagramChannel open(java.net.ProtocolFamily protocolFamily) throws IOException;
    public abstract int read(ByteBuffer byteBuffer) throws IOException;
    public final long read(ByteBuffer[] items) throws IOException;
    public abstract long read(ByteBuffer[] items, int number, int number2) throws IOException;
    public abstract SocketAddress receive(ByteBuffer byteBuffer) throws IOException;
    public abstract int send(ByteBuffer byteBuffer, SocketAddress socketAddress) throws IOException;
    public abstract <T> DatagramChannel setOption(SocketOption<T> socketOption, T value) throws IOException;
    public abstract DatagramSocket socket();
    public final int validOps();
    public abstract int write(ByteBuffer byteBuffer) throws IOException;
    public final long write(ByteBuffer[] items) throws IOException;
    public abstract long write(ByteBuffer[] items, int number, int number2) throws IOException;
}

/** A channel of a file. */
public abstract class FileChannel extends java.nio.channels.spi.AbstractInterruptibleChannel implements SeekableByteChannel, GatheringByteChannel, ScatteringByteChannel {
    protected FileChannel() { }
    public abstract void force(boolean flag) throws IOException;
    public final FileLock lock() throws IOException;
    public abstract FileLock lock(long number, long number2, boolean flag) throws IOException;
    public abstract MappedByteBuffer map(FileChannel.MapMode mapMode, long number, long number2) throws IOException;
    public static FileChannel open(Path path, OpenOption... items) throws IOException;
    public static FileChannel open(Path path, Set<? extends OpenOption> set, FileAttribute<?>... items) throws IOException;
    public abstract long position() throws IOException;
    public abstract FileChannel position(long number) throws IOException;
    public abstract int read(ByteBuffer byteBuffer) throws IOException;
    public final long read(ByteBuffer[] items) throws IOException;
    public abstract int read(ByteBuffer byteBuffer, long number) throws IOException;
    public abstract long read(ByteBuffer[] items, int number, int number2) throws IOException;
    public abstract long size() throws IOException;
    public abstract long transferFrom(ReadableByteChannel readableByteChannel, long number, long number2) throws IOException;
    public abstract long transferTo(long number, long number2, WritableByteChannel writableByteChannel) throws IOException;
    public abstract FileChannel truncate(long number) throws IOException;
    public final FileLock tryLock() throws IOException;
    public abstract FileLock tryLock(long number, long number2, boolean flag) throws IOException;
    public abstract int write(ByteBuffer byteBuffer) throws IOException;
    public final long write(ByteBuffer[] items) throws IOException;
    public abstract int write(ByteBuffer byteBuffer, long number) throws IOException;
    public abstract long write(ByteBuffer[] items, int number, int number2) throws IOException;
    public static class MapMode {
        public static final FileChannel.MapMode READ_ONLY;
        public static final FileChannel.MapMode READ_WRITE;
        public static final FileChannel.MapMode PRIVATE;
    }
}

/** A lock on a file. */
public abstract class FileLock implements AutoCloseable {
    protected FileLock(AsynchronousFileChannel asynchronousFileChannel, long number, long number2, boolean flag) { }
    protected FileLock(FileChannel fileChannel, long number, long number2, boolean flag) { }
    public Channel acquiredBy();
    public final FileChannel channel();
    public final void close() throws IOException;
    public final boolean isShared();
    public abstract boolean isValid();
    public final boolean overlaps(long number, long number2);
    public final long position();
    public abstract void release() throws IOException;
    public final long size();
}

/** A channel that is read. */
public interface ReadableByteChannel extends Channel {
    int read(ByteBuffer byteBuffer) throws IOException;
}

/** A channel with a position. */
public interface SeekableByteChannel extends ByteChannel {
    long position() throws IOException;
    SeekableByteChannel position(long number) throws IOException;
    int read(ByteBuffer byteBuffer) throws IOException;
    long size() throws IOException;
    SeekableByteChannel truncate(long number) throws IOException;
    int write(ByteBuffer byteBuffer) throws IOException;
}

/** A channel that can be waited for. */
public abstract class SelectableChannel extends java.nio.channels.spi.AbstractInterruptibleChannel implements Channel {
    protected SelectableChannel() { }
    public abstract Object blockingLock();
    public abstract SelectableChannel configureBlocking(boolean flag) throws IOException;
    public abstract boolean isBlocking();
    public abstract boolean isRegistered();
    public abstract SelectionKey keyFor(Selector selector);
    public abstract java.nio.channels.spi.SelectorProvider provider();
    public final SelectionKey register(Selector selector, int number) throws ClosedChannelException;
    public abstract SelectionKey register(Selector selector, int number, Object object) throws ClosedChannelException;
    public abstract int validOps();
}

/** A channel that is waited for. */
public abstract class SelectionKey {
    public static final int OP_READ;
    public static final int OP_WRITE;
    public static final int OP_CONNECT;
    public static final int OP_ACCEPT;
    protected SelectionKey() { }
    public final Object attach(Object object);
    public final Object attachment();
    public abstract void cancel();
    public abstract SelectableChannel channel();
    public abstract int interestOps();
    public abstract SelectionKey interestOps(int number);
    public int interestOpsAnd(int number);
    public int interestOpsOr(int number);
    public final boolean isAcceptable();
    public final boolean isConnectable();
    public final boolean isReadable();
    public abstract boolean isValid();
    public final boolean isWritable();
    public abstract int readyOps();
    public abstract Selector selector();
}

/** Waits for channels. */
public abstract class Selector implements Closeable {
    protected Selector() { }
    public abstract void close() throws IOException;
    public abstract boolean isOpen();
    public abstract Set<SelectionKey> keys();
    public static Selector open() throws IOException;
    public abstract java.nio.channels.spi.SelectorProvider provider();
    public abstract int select() throws IOException;
    public abstract int select(long number) throws IOException;
    public int select(Consumer<SelectionKey> action) throws IOException;
    public int select(Consumer<SelectionKey> action, long number) throws IOException;
    public abstract int selectNow() throws IOException;
    public int selectNow(Consumer<SelectionKey> action) throws IOException;
    public abstract Set<SelectionKey> selectedKeys();
    public abstract Selector wakeup();
}

/** Accepts connections. */
public abstract class ServerSocketChannel extends java.nio.channels.spi.AbstractSelectableChannel implements NetworkChannel {
    protected ServerSocketChannel(java.nio.channels.spi.SelectorProvider selectorProvider) { }
    public abstract SocketChannel accept() throws IOException;
    public final ServerSocketChannel bind(SocketAddress socketAddress) throws IOException;
    public abstract ServerSocketChannel bind(SocketAddress socketAddress, int number) throws IOException;
    public abstract SocketAddress getLocalAddress() throws IOException;
    public static ServerSocketChannel open() throws IOException;
    public static ServerSocketChannel open(java.net.ProtocolFamily protocolFamily) throws IOException;
    public abstract <T> ServerSocketChannel setOption(SocketOption<T> socketOption, T value) throws IOException;
    public abstract ServerSocket socket();
    public final int validOps();
}

/** A channel of a connection. */
public abstract class SocketChannel extends java.nio.channels.spi.AbstractSelectableChannel implements ByteChannel, ScatteringByteChannel, GatheringByteChannel, NetworkChannel {
    protected SocketChannel(java.nio.channels.spi.SelectorProvider selectorProvider) { }
    public abstract SocketChannel bind(SocketAddress socketAddress) throws IOException;
    public abstract boolean connect(SocketAddress socketAddress) throws IOException;
    public abstract boolean finishConnect() throws IOException;
    public abstract SocketAddress getLocalAddress() throws IOException;
    public abstract SocketAddress getRemoteAddress() throws IOException;
    public abstract boolean isConnected();
    public abstract boolean isConnectionPending();
    public static SocketChannel open() throws IOException;
    public static SocketChannel open(java.net.ProtocolFamily protocolFamily) throws IOException;
    public static SocketChannel open(SocketAddress socketAddress) throws IOException;
    public abstract int read(ByteBuffer byteBuffer) throws IOException;
    public final long read(ByteBuffer[] items) throws IOException;
    public abstract long read(ByteBuffer[] items, int number, int number2) throws IOException;
    public abstract <T> SocketChannel setOption(SocketOption<T> socketOption, T value) throws IOException;
    public abstract SocketChannel shutdownInput() throws IOException;
    public abstract SocketChannel shutdownOutput() throws IOException;
    public abstract Socket socket();
    public final int validOps();
    public abstract int write(ByteBuffer byteBuffer) throws IOException;
    public final long write(ByteBuffer[] items) throws IOException;
    public abstract long write(ByteBuffer[] items, int number, int number2) throws IOException;
}

/** A channel that is written. */
public interface WritableByteChannel extends Channel {
    int write(ByteBuffer byteBuffer) throws IOException;
}
