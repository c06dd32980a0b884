package javax.net.ssl;

import java.io.IOException;
import java.io.InputStream;
import java.net.HttpURLConnection;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URL;
import java.net.UnknownHostException;
import java.nio.ByteBuffer;
import java.security.InvalidAlgorithmParameterException;
import java.security.KeyManagementException;
import java.security.KeyStore;
import java.security.KeyStoreException;
import java.security.NoSuchAlgorithmException;
import java.security.NoSuchProviderException;
import java.security.Principal;
import java.security.PrivateKey;
import java.security.Provider;
import java.security.SecureRandom;
import java.security.UnrecoverableKeyException;
import java.security.cert.Certificate;
import java.security.cert.CertificateException;
import java.security.cert.X509Certificate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javax.net.ServerSocketFactory;
import javax.net.SocketFactory;

/** Says whether a name fits a certificate. */
public interface HostnameVerifier {
    boolean verify(String text, SSLSession sSLSession);
}

/** A secure connection by HTTP. */
public abstract class HttpsURLConnection extends HttpURLConnection {
    protected HostnameVerifier hostnameVerifier;
    protected HttpsURLConnection(URL uRL) { }
    public abstract String getCipherSuite();
    public static HostnameVerifier getDefaultHostnameVerifier();
    public static SSLSocketFactory getDefaultSSLSocketFactory();
    public HostnameVerifier getHostnameVerifier();
    public abstract Certificate[] getLocalCertificates();
    public Principal getLocalPrincipal();
    public Principal getPeerPrincipal() throws SSLPeerUnverifiedException;
    public Optional<SSLSession> getSSLSession();
    public SSLSocketFactory getSSLSocketFactory();
    public abstract Certificate[] getServerCertificates() throws SSLPeerUnverifiedException;
    public static void setDefaultHostnameVerifier(HostnameVerifier hostnameVerifier);
    public static void setDefaultSSLSocketFactory(SSLSocketFactory sSLSocketFactory);
    public void setHostnameVerifier(HostnameVerifier hostnameVerifier);
    public void setSSLSocketFactory(SSLSocketFactory sSLSocketFactory);
}

/** Chooses own keys. */
public interface KeyManager {
}

/** Makes managers of keys. */
public class KeyManagerFactory {
    protected KeyManagerFactory(KeyManagerFactorySpi keyManagerFactorySpi, Provider provider, String text) { }
    public final String getAlgorithm();
    public static final String getDefaultAlgorithm();
    public static final KeyManagerFactory getInstance(String text) throws NoSuchAlgorithmException;
    public static final KeyManagerFactory getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static final KeyManagerFactory getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final KeyManager[] getKeyManagers();
    public final Provider getProvider();
    public final void init(ManagerFactoryParameters managerFactoryParameters) throws InvalidAlgorithmParameterException;
    public final void init(KeyStore keyStore, char[] items) throws KeyStoreException, NoSuchAlgorithmException, UnrecoverableKeyException;
}

/** Settings of secure connections. */
public class SSLContext {
    protected SSLContext(SSLContextSpi sSLContextSpi, Provider provider, String text) { }
    public final SSLEngine createSSLEngine();
    public final SSLEngine createSSLEngine(String text, int number);
    public final SSLSessionContext getClientSessionContext();
    public static SSLContext getDefault() throws NoSuchAlgorithmException;
    public final SSLParameters getDefaultSSLParameters();
    public static SSLContext getInstance(String text) throws NoSuchAlgorithmException;
    public static SSLContext getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static SSLContext getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final String getProtocol();
    public final Provider getProvider();
    public final SSLSessionContext getServerSessionContext();
    public final SSLServerSocketFactory getServerSocketFactory();
    public final SSLSocketFactory getSocketFactory();
    public final SSLParameters getSupportedSSLParameters();
    public final void init(KeyManager[] items, TrustManager[] items2, SecureRandom secureRandom) throws KeyManagementException;
    public static void setDefault(SSLContext sSLContext);
}

/** A secure connection without a socket. */
public abstract class SSLEngine {
    protected SSLEngine() { }
    protected SSLEngine(String text, int number) { }
    public abstract void beginHandshake() throws SSLException;
    public abstract void closeInbound() throws SSLException;
    public abstract void closeOutbound();
    public String getApplicationProtocol();
    public abstract Runnable getDelegatedTask();
    public abstract boolean getEnableSessionCreation();
    public abstract String[] getEnabledCipherSuites();
    public abstract String[] getEnabledProtocols();
    public String getHandshakeApplicationProtocol();
    public BiFunction<SSLEngine, List<String>, String> getHandshakeApplicationProtocolSelector();
    public SSLSession getHandshakeSession();
    public abstract SSLEngineResult.HandshakeStatus getHandshakeStatus();
    public abstract boolean getNeedClientAuth();
    public String getPeerHost();
    public int getPeerPort();
    public SSLParameters getSSLParameters();
    public abstract SSLSession getSession();
    public abstract String[] getSupportedCipherSuites();
    public abstract String[] getSupportedProtocols();
    public abstract boolean getUseClientMode();
    public abstract boolean getWantClientAuth();
    public abstract boolean isInboundDone();
    public abstract boolean isOutboundDone();
    public abstract void setEnableSessionCreation(boolean flag);
    public abstract void setEnabledCipherSuites(String[] items);
    public abstract void setEnabledProtocols(String[] items);
    public void setHandshakeApplicationProtocolSelector(BiFunction<SSLEngine, List<String>, String> function);
    public abstract void setNeedClientAuth(boolean flag);
    public void setSSLParameters(SSLParameters sSLParameters);
    public abstract void setUseClientMode(boolean flag);
    public abstract void setWantClientAuth(boolean flag);
    public SSLEngineResult unwrap(ByteBuffer byteBuffer, ByteBuffer byteBuffer2) throws SSLException;
    public SSLEngineResult unwrap(ByteBuffer byteBuffer, ByteBuffer[] items) throws SSLException;
    public abstract SSLEngineResult unwrap(ByteBuffer byteBuffer, ByteBuffer[] items, int number, int number2) throws SSLException;
    public SSLEngineResult wrap(ByteBuffer byteBuffer, ByteBuffer byteBuffer2) throws SSLException;
    public SSLEngineResult wrap(ByteBuffer[] items, ByteBuffer byteBuffer) throws SSLException;
    public abstract SSLEngineResult wrap(ByteBuffer[] items, int number, int number2, ByteBuffer byteBuffer) throws SSLException;
}

/** A secure connection failed. */
public class SSLException extends IOException {
    public SSLException(String text) { }
    public SSLException(Throwable throwable) { }
    public SSLException(String text, Throwable throwable) { }
}

/** Two sides did not agree. */
public class SSLHandshakeException extends SSLException {
    public SSLHandshakeException(String text) { }
}

/** Parameters of a secure connection. */
public class SSLParameters {
    public SSLParameters() { }
    public SSLParameters(String[] items) { }
    public SSLParameters(String[] items, String[] items2) { }
    public java.security.AlgorithmConstraints getAlgorithmConstraints();
    public String[] getApplicationProtocols();
    public String[] getCipherSuites();
    public boolean getEnableRetransmissions();
    public String getEndpointIdentificationAlgorithm();
    public int getMaximumPacketSize();
    public boolean getNeedClientAuth();
    public String[] getProtocols();
    public final Collection<SNIMatcher> getSNIMatchers();
    public final List<SNIServerName> getServerNames();
    public final boolean getUseCipherSuitesOrder();
    public boolean getWantClientAuth();
    public void setAlgorithmConstraints(java.security.AlgorithmConstraints algorithmConstraints);
    public void setApplicationProtocols(String[] items);
    public void setCipherSuites(String[] items);
    public void setEnableRetransmissions(boolean flag);
    public void setEndpointIdentificationAlgorithm(String text);
    public void setMaximumPacketSize(int number);
    public void setNeedClientAuth(boolean flag);
    public void setProtocols(String[] items);
    public final void setSNIMatchers(Collection<SNIMatcher> items);
    public final void setServerNames(List<SNIServerName> list);
    public final void setUseCipherSuitesOrder(boolean flag);
    public void setWantClientAuth(boolean flag);
}

/** The other side is not known. */
public class SSLPeerUnverifiedException extends SSLException {
    public SSLPeerUnverifiedException(String text) { }
}

/** Accepts secure connections. */
public abstract class SSLServerSocket extends ServerSocket {
    protected SSLServerSocket() throws IOException { }
    protected SSLServerSocket(int number) throws IOException { }
    protected SSLServerSocket(int number, int number2) throws IOException { }
    protected SSLServerSocket(int number, int number2, InetAddress inetAddress) throws IOException { }
    public abstract boolean getEnableSessionCreation();
    public abstract String[] getEnabledCipherSuites();
    public abstract String[] getEnabledProtocols();
    public abstract boolean getNeedClientAuth();
    public SSLParameters getSSLParameters();
    public abstract String[] getSupportedCipherSuites();
    public abstract String[] getSupportedProtocols();
    public abstract boolean getUseClientMode();
    public abstract boolean getWantClientAuth();
    public abstract void setEnableSessionCreation(boolean flag);
    public abstract void setEnabledCipherSuites(String[] items);
    public abstract void setEnabledProtocols(String[] items);
    public abstract void setNeedClientAuth(boolean flag);
    public void setSSLParameters(SSLParameters sSLParameters);
    public abstract void setUseClientMode(boolean flag);
    public abstract void setWantClientAuth(boolean flag);
}

/** Makes sockets that accept secure connections. */
public abstract class SSLServerSocketFactory extends ServerSocketFactory {
    protected SSLServerSocketFactory() { }
    public static ServerSocketFactory getDefault();
    public abstract String[] getDefaultCipherSuites();
    public abstract String[] getSupportedCipherSuites();
}

/** What two sides have agreed on. */
public interface SSLSession {
    int getApplicationBufferSize();
    String getCipherSuite();
    long getCreationTime();
    byte[] getId();
    long getLastAccessedTime();
    Certificate[] getLocalCertificates();
    Principal getLocalPrincipal();
    int getPacketBufferSize();
    default javax.security.cert.X509Certificate[] getPeerCertificateChain() throws SSLPeerUnverifiedException { }
    Certificate[] getPeerCertificates() throws SSLPeerUnverifiedException;
    String getPeerHost();
    int getPeerPort();
    Principal getPeerPrincipal() throws SSLPeerUnverifiedException;
    String getProtocol();
    SSLSessionContext getSessionContext();
    Object getValue(String text);
    String[] getValueNames();
    void invalidate();
    boolean isValid();
    void putValue(String text, Object object);
    void removeValue(String text);
}

/** A secure connection. */
public abstract class SSLSocket extends Socket {
    protected SSLSocket() { }
    protected SSLSocket(String text, int number) throws IOException, UnknownHostException { }
    protected SSLSocket(InetAddress inetAddress, int number) throws IOException { }
    protected SSLSocket(String text, int number, InetAddress inetAddress, int number2) throws IOException, UnknownHostException { }
    protected SSLSocket(InetAddress inetAddress, int number, InetAddress inetAddress2, int number2) throws IOException { }
    public abstract void addHandshakeCompletedListener(HandshakeCompletedListener handshakeCompletedListener);
    public String getApplicationProtocol();
    public abstract boolean getEnableSessionCreation();
    public abstract String[] getEnabledCipherSuites();
    public abstract String[] getEnabledProtocols();
    public String getHandshakeApplicationProtocol();
    public BiFunction<SSLSocket, List<String>, String> getHandshakeApplicationProtocolSelector();
    public SSLSession getHandshakeSession();
    public abstract boolean getNeedClientAuth();
    public SSLParameters getSSLParameters();
    public abstract SSLSession getSession();
    public abstract String[] getSupportedCipherSuites();
    public abstract String[] getSupportedProtocols();
    public abstract boolean getUseClientMode();
    public abstract boolean getWantClientAuth();
    public abstract void removeHandshakeCompletedListener(HandshakeCompletedListener handshakeCompletedListener);
    public abstract void setEnableSessionCreation(boolean flag);
    public abstract void setEnabledCipherSuites(String[] items);
    public abstract void setEnabledProtocols(String[] items);
    public void setHandshakeApplicationProtocolSelector(BiFunction<SSLSocket, List<String>, String> function);
    public abstract void setNeedClientAuth(boolean flag);
    public void setSSLParameters(SSLParameters sSLParameters);
    public abstract void setUseClientMode(boolean flag);
    public abstract void setWantClientAuth(boolean flag);
    public abstract void startHandshake() throws IOException;
}

/** Makes secure connections. */
public abstract class SSLSocketFactory extends SocketFactory {
    public SSLSocketFactory() { }
    public Socket createSocket(Socket socket, InputStream inputStream, boolean flag) throws IOException;
    public abstract Socket createSocket(Socket socket, String text, int number, boolean flag) throws IOException;
    public static SocketFactory getDefault();
    public abstract String[] getDefaultCipherSuites();
    public abstract String[] getSupportedCipherSuites();
}

/** Says who is trusted. */
public interface TrustManager {
}

/** Makes managers of trust. */
public class TrustManagerFactory {
    protected TrustManagerFactory(TrustManagerFactorySpi trustManagerFactorySpi, Provider provider, String text) { }
    public final String getAlgorithm();
    public static final String getDefaultAlgorithm();
    public static final TrustManagerFactory getInstance(String text) throws NoSuchAlgorithmException;
    public static final TrustManagerFactory getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static final TrustManagerFactory getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final Provider getProvider();
    public final TrustManager[] getTrustManagers();
    public final void init(KeyStore keyStore) throws KeyStoreException;
    public final void init(ManagerFactoryParameters managerFactoryParameters) throws InvalidAlgorithmParameterException;
}

/** Chooses own certificates. */
public interface X509KeyManager extends KeyManager {
    String chooseClientAlias(String[] items, Principal[] items2, Socket socket);
    String chooseServerAlias(String text, Principal[] items, Socket socket);
    X509Certificate[] getCertificateChain(String text);
    String[] getClientAliases(String text, Principal[] items);
    PrivateKey getPrivateKey(String text);
    String[] getServerAliases(String text, Principal[] items);
}

/** Says which certificates are trusted. */
public interface X509TrustManager extends TrustManager {
    void checkClientTrusted(X509Certificate[] items, String text) throws CertificateException;
    void checkServerTrusted(X509Certificate[] items, String text) throws CertificateException;
    X509Certificate[] getAcceptedIssuers();
}
