package java.net;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.io.Serializable;
import java.io.UnsupportedEncodingException;
import java.nio.channels.DatagramChannel;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.Charset;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.jar.Manifest;
import java.util.stream.Stream;

/** Asks for passwords. */
public abstract class Authenticator {
    public Authenticator() { }
    public static Authenticator getDefault();
    protected PasswordAuthentication getPasswordAuthentication();
    protected final String getRequestingHost();
    protected final int getRequestingPort();
    protected final String getRequestingPrompt();
    protected final String getRequestingProtocol();
    protected final String getRequestingScheme();
    protected final InetAddress getRequestingSite();
    protected URL getRequestingURL();
    protected Authenticator.RequestorType getRequestorType();
    public static PasswordAuthentication requestPasswordAuthentication(InetAddress inetAddress, int number, String text, String text2, String text3);
    public static PasswordAuthentication requestPasswordAuthentication(String text, InetAddress inetAddress, int number, String text2, String text3, String text4);
    public static PasswordAuthentication requestPasswordAuthentication(String text, InetAddress inetAddress, int number, String text2, String text3, String text4, URL uRL, Authenticator.RequestorType requestorType);
    public static PasswordAuthentication requestPasswordAuthentication(Authenticator authenticator, String text, InetAddress inetAddress, int number, String text2, String text3, String text4, URL uRL, Authenticator.RequestorType requestorType);
    public PasswordAuthentication requestPasswordAuthenticationInstance(String text, InetAddress inetAddress, int number, String text2, String text3, String text4, URL uRL, Authenticator.RequestorType requestorType);
    public static void setDefault(Authenticator authenticator);
    public enum RequestorType {
        PROXY, SERVER;
    }
}

/** A port that is in use. */
public class BindException extends SocketException {
    public BindException() { }
    public BindException(String text) { }
}

/** A connection was refused. */
public class ConnectException extends SocketException {
    public ConnectException() { }
    public ConnectException(String text) { }
}

/** Keeps cookies. */
public abstract class CookieHandler {
    public CookieHandler() { }
    public abstract Map<String, List<String>> get(URI uRI, Map<String, List<String>> map) throws IOException;
    public static CookieHandler getDefault();
    public abstract void put(URI uRI, Map<String, List<String>> map) throws IOException;
    public static void setDefault(CookieHandler cookieHandler);
}

/** Keeps cookies by rules. */
public class CookieManager extends CookieHandler {
    public CookieManager() { }
    public CookieManager(CookieStore cookieStore, CookiePolicy cookiePolicy) { }
    public Map<String, List<String>> get(URI uRI, Map<String, List<String>> map) throws IOException;
    public CookieStore getCookieStore();
    public void put(URI uRI, Map<String, List<String>> map) throws IOException;
    public void setCookiePolicy(CookiePolicy cookiePolicy);
}

/** A packet. */
public final class DatagramPacket {
    public DatagramPacket(byte[] items, int number) { }
    public DatagramPacket(byte[] items, int number, int number2) { }
    public DatagramPacket(byte[] items, int number, SocketAddress socketAddress) { }
    public DatagramPacket(byte[] items, int number, int number2, SocketAddress socketAddress) { }
    public DatagramPacket(byte[] items, int number, InetAddress inetAddress, int number2) { }
    public DatagramPacket(byte[] items, int number, int number2, InetAddress inetAddress, int number3) { }
    public InetAddress getAddress();
    public byte[] getData();
    public int getLength();
    public int getOffset();
    public int getPort();
    public SocketAddress getSocketAddress();
    public void setAddress(InetAddress inetAddress);
    public void setData(byte[] items);
    public void setData(byte[] items, int number, int number2);
    public void setLength(int number);
    public void setPort(int number);
    public void setSocketAddress(SocketAddress socketAddress);
}

/** Sends and receives packets. */
public class DatagramSocket implements Closeable {
    public DatagramSocket() throws SocketException { }
    protected DatagramSocket(DatagramSocketImpl datagramSocketImpl) { }
    public DatagramSocket(int number) throws SocketException { }
    public DatagramSocket(SocketAddress socketAddress) throws SocketException { }
    public DatagramSocket(int number, InetAddress inetAddress) throws SocketException { }
    public void bind(SocketAddress socketAddress) throws SocketException;
    public void close();
    public void connect(SocketAddress socketAddress) throws SocketException;
    public void connect(InetAddress inetAddress, int number);
    public void disconnect();
    public boolean getBroadcast() throws SocketException;
    public DatagramChannel getChannel();
    public InetAddress getInetAddress();
    public InetAddress getLocalAddress();
    public int getLocalPort();
    public SocketAddress getLocalSocketAddress();
    public <T> T getOption(SocketOption<T> socketOption) throws IOException;
    public int getPort();
    public int getReceiveBufferSize() throws SocketException;
    public SocketAddress getRemoteSocketAddress();
    public boolean getReuseAddress() throws SocketException;
    public int getSendBufferSize() throws SocketException;
    public int getSoTimeout() throws SocketException;
    public int getTrafficClass() throws SocketException;
    public boolean isBound();
    public boolean isClosed();
    public boolean isConnected();
    public void joinGroup(SocketAddress socketAddress, NetworkInterface networkInterface) throws IOException;
    public void leaveGroup(SocketAddress socketAddress, NetworkInterface networkInterface) throws IOException;
    public void receive(DatagramPacket datagramPacket) throws IOException;
    public void send(DatagramPacket datagramPacket) throws IOException;
    public void setBroadcast(boolean flag) throws SocketException;
    public static void setDatagramSocketImplFactory(DatagramSocketImplFactory datagramSocketImplFactory) throws IOException;
    public <T> DatagramSocket setOption(SocketOption<T> socketOption, T value) throws IOException;
    public void setReceiveBufferSize(int number) throws SocketException;
    public void setReuseAddress(boolean flag) throws SocketException;
    public void setSendBufferSize(int number) throws SocketException;
    public void setSoTimeout(int number) throws SocketException;
    public void setTrafficClass(int number) throws SocketException;
    public Set<SocketOption<?>> supportedOptions();
}

/** A cookie. */
public final class HttpCookie implements Cloneable {
    public HttpCookie(String text, String text2) { }
    public Object clone();
    public static boolean domainMatches(String text, String text2);
    public String getComment();
    public String getCommentURL();
    public boolean getDiscard();
    public String getDomain();
    public long getMaxAge();
    public String getName();
    public String getPath();
    public String getPortlist();
    public boolean getSecure();
    public String getValue();
    public int getVersion();
    public boolean hasExpired();
    public boolean isHttpOnly();
    public static List<HttpCookie> parse(String text);
    public void setComment(String text);
    public void setCommentURL(String text);
    public void setDiscard(boolean flag);
    public void setDomain(String text);
    public void setHttpOnly(boolean flag);
    public void setMaxAge(long number);
    public void setPath(String text);
    public void setPortlist(String text);
    public void setSecure(boolean flag);
    public void setValue(String text);
    public void setVersion(int number);
}

/** A connection by HTTP. */
public abstract class HttpURLConnection extends URLConnection {
    protected String method;
    protected int chunkLength;
    protected int fixedContentLength;
    protected long fixedContentLengthLong;
    protected int responseCode;
    protected String responseMessage;
    protected boolean instanceFollowRedirects;
    public static final int HTTP_OK;
    public static final int HTTP_CREATED;
    public static final int HTTP_ACCEPTED;
    public static final int HTTP_NOT_AUTHORITATIVE;
    public static final int HTTP_NO_CONTENT;
    public static final int HTTP_RESET;
    public static final int HTTP_PARTIAL;
    public static final int HTTP_MULT_CHOICE;
    public static final int HTTP_MOVED_PERM;
    public static final int HTTP_MOVED_TEMP;
    public static final int HTTP_SEE_OTHER;
    public static final int HTTP_NOT_MODIFIED;
    public static final int HTTP_USE_PROXY;
    public static final int HTTP_BAD_REQUEST;
    public static final int HTTP_UNAUTHORIZED;
    public static final int HTTP_PAYMENT_REQUIRED;
    public static final int HTTP_FORBIDDEN;
    public static final int HTTP_NOT_FOUND;
    public static final int HTTP_BAD_METHOD;
    public static final int HTTP_NOT_ACCEPTABLE;
    public static final int HTTP_PROXY_AUTH;
    public static final int HTTP_CLIENT_TIMEOUT;
    public static final int HTTP_CONFLICT;
    public static final int HTTP_GONE;
    public static final int HTTP_LENGTH_REQUIRED;
    public static final int HTTP_PRECON_FAILED;
    public static final int HTTP_ENTITY_TOO_LARGE;
    public static final int HTTP_REQ_TOO_LONG;
    public static final int HTTP_UNSUPPORTED_TYPE;
    public static final int HTTP_SERVER_ERROR;
    public static final int HTTP_INTERNAL_ERROR;
    public static final int HTTP_NOT_IMPLEMENTED;
    public static final int HTTP_BAD_GATEWAY;
    public static final int HTTP_UNAVAILABLE;
    public static final int HTTP_GATEWAY_TIMEOUT;
    public static final int HTTP_VERSION;
    protected HttpURLConnection(URL uRL) { }
    public abstract void disconnect();
    public InputStream getErrorStream();
    public static boolean getFollowRedirects();
    public String getHeaderField(int number);
    public long getHeaderFieldDate(String text, long number);
    public String getHeaderFieldKey(int number);
    public boolean getInstanceFollowRedirects();
    public java.security.Permission getPermission() throws IOException;
    public String getRequestMethod();
    public int getResponseCode() throws IOException;
    public String getResponseMessage() throws IOException;
    public void setAuthenticator(Authenticator authenticator);
    public void setChunkedStreamingMode(int number);
    public void setFixedLengthStreamingMode(int number);
    public void setFixedLengthStreamingMode(long number);
    public static void setFollowRedirects(boolean flag);
    public void setInstanceFollowRedirects(boolean flag);
    public void setRequestMethod(String text) throws ProtocolException;
    public abstract boolean usingProxy();
}

/** An address of version 4. */
public final class Inet4Address extends InetAddress {
    public byte[] getAddress();
    public String getHostAddress();
    public boolean isAnyLocalAddress();
    public boolean isLinkLocalAddress();
    public boolean isLoopbackAddress();
    public boolean isMCGlobal();
    public boolean isMCLinkLocal();
    public boolean isMCNodeLocal();
    public boolean isMCOrgLocal();
    public boolean isMCSiteLocal();
    public boolean isMulticastAddress();
    public boolean isSiteLocalAddress();
}

/** An address of version 6. */
public final class Inet6Address extends InetAddress {
    public byte[] getAddress();
    public static Inet6Address getByAddress(String text, byte[] items, int number) throws UnknownHostException;
    public static Inet6Address getByAddress(String text, byte[] items, NetworkInterface networkInterface) throws UnknownHostException;
    public String getHostAddress();
    public int getScopeId();
    public NetworkInterface getScopedInterface();
    public boolean isAnyLocalAddress();
    public boolean isIPv4CompatibleAddress();
    public boolean isLinkLocalAddress();
    public boolean isLoopbackAddress();
    public boolean isMCGlobal();
    public boolean isMCLinkLocal();
    public boolean isMCNodeLocal();
    public boolean isMCOrgLocal();
    public boolean isMCSiteLocal();
    public boolean isMulticastAddress();
    public boolean isSiteLocalAddress();
}

/** An internet address. */
public class InetAddress implements Serializable {
    public byte[] getAddress();
    public static InetAddress[] getAllByName(String text) throws UnknownHostException;
    public static InetAddress getByAddress(byte[] items) throws UnknownHostException;
    public static InetAddress getByAddress(String text, byte[] items) throws UnknownHostException;
    public static InetAddress getByName(String text) throws UnknownHostException;
    public String getCanonicalHostName();
    public String getHostAddress();
    public String getHostName();
    public static InetAddress getLocalHost() throws UnknownHostException;
    public static InetAddress getLoopbackAddress();
    public boolean isAnyLocalAddress();
    public boolean isLinkLocalAddress();
    public boolean isLoopbackAddress();
    public boolean isMCGlobal();
    public boolean isMCLinkLocal();
    public boolean isMCNodeLocal();
    public boolean isMCOrgLocal();
    public boolean isMCSiteLocal();
    public boolean isMulticastAddress();
    public boolean isReachable(int number) throws IOException;
    public boolean isReachable(NetworkInterface networkInterface, int number, int number2) throws IOException;
    public boolean isSiteLocalAddress();
}

/** An address with a port. */
public class InetSocketAddress extends SocketAddress {
    public InetSocketAddress(int number) { }
    public InetSocketAddress(String text, int number) { }
    public InetSocketAddress(InetAddress inetAddress, int number) { }
    public static InetSocketAddress createUnresolved(String text, int number);
    public final InetAddress getAddress();
    public final String getHostName();
    public final String getHostString();
    public final int getPort();
    public final boolean isUnresolved();
}

/** A text that is no address. */
public class MalformedURLException extends IOException {
    public MalformedURLException() { }
    public MalformedURLException(String text) { }
}

/** A network of the machine. */
public final class NetworkInterface {
    public static NetworkInterface getByIndex(int number) throws SocketException;
    public static NetworkInterface getByInetAddress(InetAddress inetAddress) throws SocketException;
    public static NetworkInterface getByName(String text) throws SocketException;
    public String getDisplayName();
    public byte[] getHardwareAddress() throws SocketException;
    public int getIndex();
    public Enumeration<InetAddress> getInetAddresses();
    public List<InterfaceAddress> getInterfaceAddresses();
    public int getMTU() throws SocketException;
    public String getName();
    public static Enumeration<NetworkInterface> getNetworkInterfaces() throws SocketException;
    public NetworkInterface getParent();
    public Enumeration<NetworkInterface> getSubInterfaces();
    public Stream<InetAddress> inetAddresses();
    public boolean isLoopback() throws SocketException;
    public boolean isPointToPoint() throws SocketException;
    public boolean isUp() throws SocketException;
    public boolean isVirtual();
    public static Stream<NetworkInterface> networkInterfaces() throws SocketException;
    public Stream<NetworkInterface> subInterfaces();
    public boolean supportsMulticast() throws SocketException;
}

/** A machine that cannot be reached. */
public class NoRouteToHostException extends SocketException {
    public NoRouteToHostException() { }
    public NoRouteToHostException(String text) { }
}

/** A name and a password. */
public final class PasswordAuthentication {
    public PasswordAuthentication(String text, char[] items) { }
    public char[] getPassword();
    public String getUserName();
}

/** A mistake in a protocol. */
public class ProtocolException extends IOException {
    public ProtocolException() { }
    public ProtocolException(String text) { }
}

/** A proxy of connections. */
public class Proxy {
    public static final Proxy NO_PROXY;
    public Proxy(Proxy.Type type, SocketAddress socketAddress) { }
    public SocketAddress address();
    public Proxy.Type type();
    public enum Type {
        DIRECT, HTTP, SOCKS;
    }
}

/** Chooses proxies. */
public abstract class ProxySelector {
    public ProxySelector() { }
    public abstract void connectFailed(URI uRI, SocketAddress socketAddress, IOException iOException);
    public static ProxySelector getDefault();
    public static ProxySelector of(InetSocketAddress inetSocketAddress);
    public abstract List<Proxy> select(URI uRI);
    public static void setDefault(ProxySelector proxySelector);
}

/** Accepts connections. */
public class ServerSocket implements Closeable {
    public ServerSocket() throws IOException { }
    protected ServerSocket(SocketImpl socketImpl) { }
    public ServerSocket(int number) throws IOException { }
    public ServerSocket(int number, int number2) throws IOException { }
    public ServerSocket(int number, int number2, InetAddress inetAddress) throws IOException { }
    public Socket accept() throws IOException;
    public void bind(SocketAddress socketAddress) throws IOException;
    public void bind(SocketAddress socketAddress, int number) throws IOException;
    public void close() throws IOException;
    public ServerSocketChannel getChannel();
    public InetAddress getInetAddress();
    public int getLocalPort();
    public SocketAddress getLocalSocketAddress();
    public <T> T getOption(SocketOption<T> socketOption) throws IOException;
    public int getReceiveBufferSize() throws SocketException;
    public boolean getReuseAddress() throws SocketException;
    public int getSoTimeout() throws IOException;
    protected final void implAccept(Socket socket) throws IOException;
    public boolean isBound();
    public boolean isClosed();
    public <T> ServerSocket setOption(SocketOption<T> socketOption, T value) throws IOException;
    public void setPerformancePreferences(int number, int number2, int number3);
    public void setReceiveBufferSize(int number) throws SocketException;
    public void setReuseAddress(boolean flag) throws SocketException;
    public void setSoTimeout(int number) throws SocketException;
    public static void setSocketFactory(SocketImplFactory socketImplFactory) throws IOException;
    public Set<SocketOption<?>> supportedOptions();
}

/** A connection. */
public class Socket implements Closeable {
    public Socket() { }
    protected Socket(SocketImpl socketImpl) throws SocketException { }
    public Socket(Proxy proxy) { }
    public Socket(String text, int number) throws UnknownHostException, IOException { }
    public Socket(InetAddress inetAddress, int number) throws IOException { }
    public Socket(String text, int number, boolean flag) throws IOException { }
    public Socket(InetAddress inetAddress, int number, boolean flag) throws IOException { }
    public Socket(String text, int number, InetAddress inetAddress, int number2) throws IOException { }
    public Socket(InetAddress inetAddress, int number, InetAddress inetAddress2, int number2) throws IOException { }
    public void bind(SocketAddress socketAddress) throws IOException;
    public void close() throws IOException;
    public void connect(SocketAddress socketAddress) throws IOException;
    public void connect(SocketAddress socketAddress, int number) throws IOException;
    public SocketChannel getChannel();
    public InetAddress getInetAddress();
    public InputStream getInputStream() throws IOException;
    public boolean getKeepAlive() throws SocketException;
    public InetAddress getLocalAddress();
    public int getLocalPort();
    public SocketAddress getLocalSocketAddress();
    public boolean getOOBInline() throws SocketException;
    public <T> T getOption(SocketOption<T> socketOption) throws IOException;
    public OutputStream getOutputStream() throws IOException;
    public int getPort();
    public int getReceiveBufferSize() throws SocketException;
    public SocketAddress getRemoteSocketAddress();
    public boolean getReuseAddress() throws SocketException;
    public int getSendBufferSize() throws SocketException;
    public int getSoLinger() throws SocketException;
    public int getSoTimeout() throws SocketException;
    public boolean getTcpNoDelay() throws SocketException;
    public int getTrafficClass() throws SocketException;
    public boolean isBound();
    public boolean isClosed();
    public boolean isConnected();
    public boolean isInputShutdown();
    public boolean isOutputShutdown();
    public void sendUrgentData(int number) throws IOException;
    public void setKeepAlive(boolean flag) throws SocketException;
    public void setOOBInline(boolean flag) throws SocketException;
    public <T> Socket setOption(SocketOption<T> socketOption, T value) throws IOException;
    public void setPerformancePreferences(int number, int number2, int number3);
    public void setReceiveBufferSize(int number) throws SocketException;
    public void setReuseAddress(boolean flag) throws SocketException;
    public void setSendBufferSize(int number) throws SocketException;
    public void setSoLinger(boolean flag, int number) throws SocketException;
    public void setSoTimeout(int number) throws SocketException;
    public static void setSocketImplFactory(SocketImplFactory socketImplFactory) throws IOException;
    public void setTcpNoDelay(boolean flag) throws SocketException;
    public void setTrafficClass(int number) throws SocketException;
    public void shutdownInput() throws IOException;
    public void shutdownOutput() throws IOException;
    public Set<SocketOption<?>> supportedOptions();
}

/** The address of a socket. */
public abstract class SocketAddress implements Serializable {
    public SocketAddress() { }
}

/** A socket failed. */
public class SocketException extends IOException {
    public SocketException() { }
    public SocketException(String text) { }
}

/** A setting of a socket. */
public interface SocketOption<T> {
    String name();
    Class<T> type();
}

/** A socket took too long. */
public class SocketTimeoutException extends InterruptedIOException {
    public SocketTimeoutException() { }
    public SocketTimeoutException(String text) { }
}

/** Settings of sockets. */
public final class StandardSocketOptions {
    public static final SocketOption<Boolean> SO_BROADCAST;
    public static final SocketOption<Boolean> SO_KEEPALIVE;
    public static final SocketOption<Integer> SO_SNDBUF;
    public static final SocketOption<Integer> SO_RCVBUF;
    public static final SocketOption<Boolean> SO_REUSEADDR;
    public static final SocketOption<Boolean> SO_REUSEPORT;
    public static final SocketOption<Integer> SO_LINGER;
    public static final SocketOption<Integer> IP_TOS;
    public static final SocketOption<NetworkInterface> IP_MULTICAST_IF;
    public static final SocketOption<Integer> IP_MULTICAST_TTL;
    public static final SocketOption<Boolean> IP_MULTICAST_LOOP;
    public static final SocketOption<Boolean> TCP_NODELAY;
}

/** An identifier of a resource. */
public final class URI implements Comparable<URI>, Serializable {
    public URI(String text) throws URISyntaxException { }
    public URI(String text, String text2, String text3) throws URISyntaxException { }
    public URI(String text, String text2, String text3, String text4) throws URISyntaxException { }
    public URI(String text, String text2, String text3, String text4, String text5) throws URISyntaxException { }
    public URI(String text, String text2, String text3, int number, String text4, String text5, String text6) throws URISyntaxException { }
    public int compareTo(URI uRI);
    public static URI create(String text);
    public String getAuthority();
    public String getFragment();
    public String getHost();
    public String getPath();
    public int getPort();
    public String getQuery();
    public String getRawAuthority();
    public String getRawFragment();
    public String getRawPath();
    public String getRawQuery();
    public String getRawSchemeSpecificPart();
    public String getRawUserInfo();
    public String getScheme();
    public String getSchemeSpecificPart();
    public String getUserInfo();
    public boolean isAbsolute();
    public boolean isOpaque();
    public URI normalize();
    public URI parseServerAuthority() throws URISyntaxException;
    public URI relativize(URI uRI);
    public URI resolve(String text);
    public URI resolve(URI uRI);
    public String toASCIIString();
    public URL toURL() throws MalformedURLException;
}

/** A text that is no identifier. */
public class URISyntaxException extends Exception {
    public URISyntaxException(String text, String text2) { }
    public URISyntaxException(String text, String text2, int number) { }
    public int getIndex();
    public String getInput();
    public String getMessage();
    public String getReason();
}

/** An address of a resource. */
public final class URL implements Serializable {
    public URL(String text) throws MalformedURLException { }
    public URL(URL uRL, String text) throws MalformedURLException { }
    public URL(String text, String text2, String text3) throws MalformedURLException { }
    public URL(URL uRL, String text, URLStreamHandler uRLStreamHandler) throws MalformedURLException { }
    public URL(String text, String text2, int number, String text3) throws MalformedURLException { }
    public URL(String text, String text2, int number, String text3, URLStreamHandler uRLStreamHandler) throws MalformedURLException { }
    public String getAuthority();
    public final Object getContent() throws IOException;
    public final Object getContent(Class<?>[] items) throws IOException;
    public int getDefaultPort();
    public String getFile();
    public String getHost();
    public String getPath();
    public int getPort();
    public String getProtocol();
    public String getQuery();
    public String getRef();
    public String getUserInfo();
    public URLConnection openConnection() throws IOException;
    public URLConnection openConnection(Proxy proxy) throws IOException;
    public final InputStream openStream() throws IOException;
    public boolean sameFile(URL uRL);
    public static void setURLStreamHandlerFactory(URLStreamHandlerFactory uRLStreamHandlerFactory);
    public String toExternalForm();
    public URI toURI() throws URISyntaxException;
}

/** Loads classes from addresses. */
public class URLClassLoader extends java.security.SecureClassLoader implements Closeable {
    public URLClassLoader(URL[] items) { }
    public URLClassLoader(URL[] items, ClassLoader classLoader) { }
    public URLClassLoader(String text, URL[] items, ClassLoader classLoader) { }
    public URLClassLoader(URL[] items, ClassLoader classLoader, URLStreamHandlerFactory uRLStreamHandlerFactory) { }
    public URLClassLoader(String text, URL[] items, ClassLoader classLoader, URLStreamHandlerFactory uRLStreamHandlerFactory) { }
    protected void addURL(URL uRL);
    public void close() throws IOException;
    protected Package definePackage(String text, Manifest manifest, URL uRL);
    protected Class<?> findClass(String text) throws ClassNotFoundException;
    public URL findResource(String text);
    public Enumeration<URL> findResources(String text) throws IOException;
    protected java.security.PermissionCollection getPermissions(java.security.CodeSource codeSource);
    public InputStream getResourceAsStream(String text);
    public URL[] getURLs();
    public static URLClassLoader newInstance(URL[] items);
    public static URLClassLoader newInstance(URL[] items, ClassLoader classLoader);
}

/** A connection to an address. */
public abstract class URLConnection {
    protected URL url;
    protected boolean doInput;
    protected boolean doOutput;
    protected boolean allowUserInteraction;
    protected boolean useCaches;
    protected long ifModifiedSince;
    protected boolean connected;
    protected URLConnection(URL uRL) { }
    public void addRequestProperty(String text, String text2);
    public abstract void connect() throws IOException;
    public boolean getAllowUserInteraction();
    public int getConnectTimeout();
    public Object getContent() throws IOException;
    public Object getContent(Class<?>[] items) throws IOException;
    public String getContentEncoding();
    public int getContentLength();
    public long getContentLengthLong();
    public String getContentType();
    public long getDate();
    public static boolean getDefaultAllowUserInteraction();
    public static String getDefaultRequestProperty(String text);
    public boolean getDefaultUseCaches();
    public static boolean getDefaultUseCaches(String text);
    public boolean getDoInput();
    public boolean getDoOutput();
    public long getExpiration();
    public static FileNameMap getFileNameMap();
    public String getHeaderField(int number);
    public String getHeaderField(String text);
    public long getHeaderFieldDate(String text, long number);
    public int getHeaderFieldInt(String text, int number);
    public String getHeaderFieldKey(int number);
    public long getHeaderFieldLong(String text, long number);
    public Map<String, List<String>> getHeaderFields();
    public long getIfModifiedSince();
    public InputStream getInputStream() throws IOException;
    public long getLastModified();
    public OutputStream getOutputStream() throws IOException;
    public java.security.Permission getPermission() throws IOException;
    public int getReadTimeout();
    public Map<String, List<String>> getRequestProperties();
    public String getRequestProperty(String text);
    public URL getURL();
    public boolean getUseCaches();
    public static String guessContentTypeFromName(String text);
    public static String guessContentTypeFromStream(InputStream inputStream) throws IOException;
    public void setAllowUserInteraction(boolean flag);
    public void setConnectTimeout(int number);
    public static void setContentHandlerFactory(ContentHandlerFactory contentHandlerFactory);
    public static void setDefaultAllowUserInteraction(boolean flag);
    public static void setDefaultRequestProperty(String text, String text2);
    public void setDefaultUseCaches(boolean flag);
    public static void setDefaultUseCaches(String text, boolean flag);
    public void setDoInput(boolean flag);
    public void setDoOutput(boolean flag);
    public static void setFileNameMap(FileNameMap fileNameMap);
    public void setIfModifiedSince(long number);
    public void setReadTimeout(int number);
    public void setRequestProperty(String text, String text2);
    public void setUseCaches(boolean flag);
}

/** Decodes text of addresses. */
public class URLDecoder {
    public static String decode(String text);
    public static String decode(String text, String text2) throws UnsupportedEncodingException;
    public static String decode(String text, Charset charset);
}

/** Codes text for addresses. */
public class URLEncoder {
    public static String encode(String text);
    public static String encode(String text, String text2) throws UnsupportedEncodingException;
    public static String encode(String text, Charset charset);
}

/** Opens connections of a protocol. */
public abstract class URLStreamHandler {
    public URLStreamHandler() { }
    protected boolean equals(URL uRL, URL uRL2);
    protected int getDefaultPort();
    protected InetAddress getHostAddress(URL uRL);
    protected int hashCode(URL uRL);
    protected boolean hostsEqual(URL uRL, URL uRL2);
    protected abstract URLConnection openConnection(URL uRL) throws IOException;
    protected URLConnection openConnection(URL uRL, Proxy proxy) throws IOException;
    protected void parseURL(URL uRL, String text, int number, int number2);
    protected boolean sameFile(URL uRL, URL uRL2);
    protected void setURL(URL uRL, String text, String text2, int number, String text3, String text4);
    protected void setURL(URL uRL, String text, String text2, int number, String text3, String text4, String text5, String text6, String text7);
    protected String toExternalForm(URL uRL);
}

/** Makes handlers of protocols. */
public interface URLStreamHandlerFactory {
    URLStreamHandler createURLStreamHandler(String text);
}

/** A name without an address. */
public class UnknownHostException extends IOException {
    public UnknownHostException() { }
    public UnknownHostException(String text) { }
}

/** A service that is not known. */
public class UnknownServiceException extends IOException {
    public UnknownServiceException() { }
    public UnknownServiceException(String text) { }
}
