package java.security;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.Serializable;
import java.nio.ByteBuffer;
import java.security.cert.Certificate;
import java.security.cert.CertificateException;
import java.security.spec.AlgorithmParameterSpec;
import java.security.spec.InvalidKeySpecException;
import java.security.spec.KeySpec;
import java.util.Collection;
import java.util.Date;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Random;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import javax.crypto.SecretKey;

/** Checks permissions. */
public final class AccessController {
    public static void checkPermission(Permission permission) throws AccessControlException;
    public static <T> T doPrivileged(PrivilegedAction<T> privilegedAction);
    public static <T> T doPrivileged(PrivilegedExceptionAction<T> privilegedExceptionAction) throws PrivilegedActionException;
    public static <T> T doPrivileged(PrivilegedAction<T> privilegedAction, AccessControlContext accessControlContext);
    public static <T> T doPrivileged(PrivilegedExceptionAction<T> privilegedExceptionAction, AccessControlContext accessControlContext) throws PrivilegedActionException;
    public static <T> T doPrivileged(PrivilegedAction<T> privilegedAction, AccessControlContext accessControlContext, Permission... items);
    public static <T> T doPrivileged(PrivilegedExceptionAction<T> privilegedExceptionAction, AccessControlContext accessControlContext, Permission... items) throws PrivilegedActionException;
    public static <T> T doPrivilegedWithCombiner(PrivilegedAction<T> privilegedAction);
    public static <T> T doPrivilegedWithCombiner(PrivilegedExceptionAction<T> privilegedExceptionAction) throws PrivilegedActionException;
    public static <T> T doPrivilegedWithCombiner(PrivilegedAction<T> privilegedAction, AccessControlContext accessControlContext, Permission... items);
    public static <T> T doPrivilegedWithCombiner(PrivilegedExceptionAction<T> privilegedExceptionAction, AccessControlContext accessControlContext, Permission... items) throws PrivilegedActionException;
    public static AccessControlContext getContext();
}

/** The base of what security throws. */
public class GeneralSecurityException extends Exception {
    public GeneralSecurityException() { }
    public GeneralSecurityException(String text) { }
    public GeneralSecurityException(Throwable throwable) { }
    public GeneralSecurityException(String text, Throwable throwable) { }
}

/** Parameters that cannot be used. */
public class InvalidAlgorithmParameterException extends GeneralSecurityException {
    public InvalidAlgorithmParameterException() { }
    public InvalidAlgorithmParameterException(String text) { }
    public InvalidAlgorithmParameterException(Throwable throwable) { }
    public InvalidAlgorithmParameterException(String text, Throwable throwable) { }
}

/** A key that cannot be used. */
public class InvalidKeyException extends KeyException {
    public InvalidKeyException() { }
    public InvalidKeyException(String text) { }
    public InvalidKeyException(Throwable throwable) { }
    public InvalidKeyException(String text, Throwable throwable) { }
}

/** A key. */
public interface Key extends Serializable {
    static long serialVersionUID;
    String getAlgorithm();
    byte[] getEncoded();
    String getFormat();
}

/** The base of what keys throw. */
public class KeyException extends GeneralSecurityException {
    public KeyException() { }
    public KeyException(String text) { }
    public KeyException(Throwable throwable) { }
    public KeyException(String text, Throwable throwable) { }
}

/** Makes keys of what describes them. */
public class KeyFactory {
    protected KeyFactory(KeyFactorySpi keyFactorySpi, Provider provider, String text) { }
    public final PrivateKey generatePrivate(KeySpec keySpec) throws InvalidKeySpecException;
    public final PublicKey generatePublic(KeySpec keySpec) throws InvalidKeySpecException;
    public final String getAlgorithm();
    public static KeyFactory getInstance(String text) throws NoSuchAlgorithmException;
    public static KeyFactory getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static KeyFactory getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final <T extends KeySpec> T getKeySpec(Key key, Class<T> type) throws InvalidKeySpecException;
    public final Provider getProvider();
    public final Key translateKey(Key key) throws InvalidKeyException;
}

/** Keys that cannot be managed. */
public class KeyManagementException extends KeyException {
    public KeyManagementException() { }
    public KeyManagementException(String text) { }
    public KeyManagementException(Throwable throwable) { }
    public KeyManagementException(String text, Throwable throwable) { }
}

/** A public and a private key. */
public final class KeyPair implements Serializable {
    public KeyPair(PublicKey publicKey, PrivateKey privateKey) { }
    public PrivateKey getPrivate();
    public PublicKey getPublic();
}

/** Makes pairs of keys. */
public abstract class KeyPairGenerator extends KeyPairGeneratorSpi {
    protected KeyPairGenerator(String text) { }
    public final KeyPair genKeyPair();
    public KeyPair generateKeyPair();
    public String getAlgorithm();
    public static KeyPairGenerator getInstance(String text) throws NoSuchAlgorithmException;
    public static KeyPairGenerator getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static KeyPairGenerator getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final Provider getProvider();
    public void initialize(int number);
    public void initialize(AlgorithmParameterSpec algorithmParameterSpec) throws InvalidAlgorithmParameterException;
    public void initialize(int number, SecureRandom secureRandom);
    public void initialize(AlgorithmParameterSpec algorithmParameterSpec, SecureRandom secureRandom) throws InvalidAlgorithmParameterException;
}

/** A store of keys and certificates. */
public class KeyStore {
    protected KeyStore(KeyStoreSpi keyStoreSpi, Provider provider, String text) { }
    public final Enumeration<String> aliases() throws KeyStoreException;
    public final boolean containsAlias(String text) throws KeyStoreException;
    public final void deleteEntry(String text) throws KeyStoreException;
    public final boolean entryInstanceOf(String text, Class<? extends KeyStore.Entry> type) throws KeyStoreException;
    public final Certificate getCertificate(String text) throws KeyStoreException;
    public final String getCertificateAlias(Certificate certificate) throws KeyStoreException;
    public final Certificate[] getCertificateChain(String text) throws KeyStoreException;
    public final Date getCreationDate(String text) throws KeyStoreException;
    public static final String getDefaultType();
    public final KeyStore.Entry getEntry(String text, KeyStore.ProtectionParameter protectionParameter) throws NoSuchAlgorithmException, UnrecoverableEntryException, KeyStoreException;
    public static KeyStore getInstance(String text) throws KeyStoreException;
    public static final KeyStore getInstance(File file, char[] items) throws KeyStoreException, IOException, NoSuchAlgorithmException, CertificateException;
    public static final KeyStore getInstance(File file, KeyStore.LoadStoreParameter loadStoreParameter) throws KeyStoreException, IOException, NoSuchAlgorithmException, CertificateException;
    public static KeyStore getInstance(String text, String text2) throws KeyStoreException, NoSuchProviderException;
    public static KeyStore getInstance(String text, Provider provider) throws KeyStoreException;
    public final Key getKey(String text, char[] items) throws KeyStoreException, NoSuchAlgorithmException, UnrecoverableKeyException;
    public final Provider getProvider();
    public final String getType();
    public final boolean isCertificateEntry(String text) throws KeyStoreException;
    public final boolean isKeyEntry(String text) throws KeyStoreException;
    public final void load(KeyStore.LoadStoreParameter loadStoreParameter) throws IOException, NoSuchAlgorithmException, CertificateException;
    public final void load(InputStream inputStream, char[] items) throws IOException, NoSuchAlgorithmException, CertificateException;
    public final void setCertificateEntry(String text, Certificate certificate) throws KeyStoreException;
    public final void setEntry(String text, KeyStore.Entry entry, KeyStore.ProtectionParameter protectionParameter) throws KeyStoreException;
    public final void setKeyEntry(String text, byte[] items, Certificate[] items2) throws KeyStoreException;
    public final void setKeyEntry(String text, Key key, char[] items, Certificate[] items2) throws KeyStoreException;
    public final int size() throws KeyStoreException;
    public final void store(KeyStore.LoadStoreParameter loadStoreParameter) throws KeyStoreException, IOException, NoSuchAlgorithmException, CertificateException;
    public final void store(OutputStream outputStream, char[] items) throws KeyStoreException, IOException, NoSuchAlgorithmException, CertificateException;
    public static abstract class Builder {
        protected Builder() { }
        public abstract KeyStore getKeyStore() throws KeyStoreException;
        public abstract KeyStore.ProtectionParameter getProtectionParameter(String text) throws KeyStoreException;
        public static KeyStore.Builder newInstance(File file, KeyStore.ProtectionParameter protectionParameter);
        public static KeyStore.Builder newInstance(KeyStore keyStore, KeyStore.ProtectionParameter protectionParameter);
        public static KeyStore.Builder newInstance(String text, Provider provider, KeyStore.ProtectionParameter protectionParameter);
        public static KeyStore.Builder newInstance(String text, Provider provider, File file, KeyStore.ProtectionParameter protectionParameter);
    }
    public static class CallbackHandlerProtection implements KeyStore.ProtectionParameter {
        public CallbackHandlerProtection(javax.security.auth.callback.CallbackHandler callbackHandler) { }
        public javax.security.auth.callback.CallbackHandler getCallbackHandler();
    }
    public interface Entry {
        default Set<KeyStore.Entry.Attribute> getAttributes() { }
        public interface Attribute {
            String getName();
            String getValue();
        }
    }
    public interface LoadStoreParameter {
        KeyStore.ProtectionParameter getProtectionParameter();
    }
    public static class PasswordProtection implements KeyStore.ProtectionParameter, javax.security.auth.Destroyable {
        public PasswordProtection(char[] items) { }
        public PasswordProtection(char[] items, String text, AlgorithmParameterSpec algorithmParameterSpec) { }
        public void destroy() throws javax.security.auth.DestroyFailedException;
        public char[] getPassword();
        public String getProtectionAlgorithm();
        public AlgorithmParameterSpec getProtectionParameters();
        public boolean isDestroyed();
    }
    public static final class PrivateKeyEntry implements KeyStore.Entry {
        public PrivateKeyEntry(PrivateKey privateKey, Certificate[] items) { }
        public PrivateKeyEntry(PrivateKey privateKey, Certificate[] items, Set<KeyStore.Entry.Attribute> set) { }
        public Set<KeyStore.Entry.Attribute> getAttributes();
        public Certificate getCertificate();
        public Certificate[] getCertificateChain();
        public PrivateKey getPrivateKey();
    }
    public interface ProtectionParameter {
    }
    public static final class SecretKeyEntry implements KeyStore.Entry {
        public SecretKeyEntry(SecretKey secretKey) { }
        public SecretKeyEntry(SecretKey secretKey, Set<KeyStore.Entry.Attribute> set) { }
        public Set<KeyStore.Entry.Attribute> getAttributes();
        public SecretKey getSecretKey();
    }
    public static final class TrustedCertificateEntry implements KeyStore.Entry {
        public TrustedCertificateEntry(Certificate certificate) { }
        public TrustedCertificateEntry(Certificate certificate, Set<KeyStore.Entry.Attribute> set) { }
        public Set<KeyStore.Entry.Attribute> getAttributes();
        public Certificate getTrustedCertificate();
    }
}

/** A store that failed. */
public class KeyStoreException extends GeneralSecurityException {
    public KeyStoreException() { }
    public KeyStoreException(String text) { }
    public KeyStoreException(Throwable throwable) { }
    public KeyStoreException(String text, Throwable throwable) { }
}

/** A digest of bytes. */
public abstract class MessageDigest extends MessageDigestSpi {
    protected MessageDigest(String text) { }
    public Object clone() throws CloneNotSupportedException;
    public byte[] digest();
    public byte[] digest(byte[] items);
    public int digest(byte[] items, int number, int number2) throws DigestException;
    public final String getAlgorithm();
    public final int getDigestLength();
    public static MessageDigest getInstance(String text) throws NoSuchAlgorithmException;
    public static MessageDigest getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static MessageDigest getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final Provider getProvider();
    public static boolean isEqual(byte[] items, byte[] items2);
    public void reset();
    public final void update(ByteBuffer byteBuffer);
    public void update(byte number);
    public void update(byte[] items);
    public void update(byte[] items, int number, int number2);
}

/** An algorithm that is not known. */
public class NoSuchAlgorithmException extends GeneralSecurityException {
    public NoSuchAlgorithmException() { }
    public NoSuchAlgorithmException(String text) { }
    public NoSuchAlgorithmException(Throwable throwable) { }
    public NoSuchAlgorithmException(String text, Throwable throwable) { }
}

/** A provider that is not known. */
public class NoSuchProviderException extends GeneralSecurityException {
    public NoSuchProviderException() { }
    public NoSuchProviderException(String text) { }
}

/** Somebody who is known by name. */
public interface Principal {
    boolean equals(Object object);
    String getName();
    int hashCode();
    default boolean implies(javax.security.auth.Subject subject) { }
    String toString();
}

/** A private key. */
public interface PrivateKey extends Key, javax.security.auth.Destroyable {
    static long serialVersionUID;
}

/** Something done with permissions of its own. */
public interface PrivilegedAction<T> {
    T run();
}

/** Something done with permissions of its own that may throw. */
public interface PrivilegedExceptionAction<T> {
    T run() throws Exception;
}

/** A provider of algorithms. */
public abstract class Provider extends Properties {
    protected Provider(String text, double number, String text2) { }
    protected Provider(String text, String text2, String text3) { }
    public void clear();
    public Object compute(Object object, BiFunction<? super Object, ? super Object, ?> function);
    public Object computeIfAbsent(Object object, Function<? super Object, ?> function);
    public Object computeIfPresent(Object object, BiFunction<? super Object, ? super Object, ?> function);
    public Provider configure(String text);
    public Enumeration<Object> elements();
    public Set<Map.Entry<Object, Object>> entrySet();
    public void forEach(BiConsumer<? super Object, ? super Object> action);
    public Object get(Object object);
    public String getInfo();
    public String getName();
    public Object getOrDefault(Object object, Object object2);
    public String getProperty(String text);
    public Provider.Service getService(String text, String text2);
    public Set<Provider.Service> getServices();
    public double getVersion();
    public String getVersionStr();
    public boolean isConfigured();
    public Set<Object> keySet();
    public Enumeration<Object> keys();
    public void load(InputStream inputStream) throws IOException;
    public Object merge(Object object, Object object2, BiFunction<? super Object, ? super Object, ?> function);
    public Object put(Object object, Object object2);
    public void putAll(Map<?, ?> map);
    public Object putIfAbsent(Object object, Object object2);
    protected void putService(Provider.Service service);
    public Object remove(Object object);
    public boolean remove(Object object, Object object2);
    protected void removeService(Provider.Service service);
    public Object replace(Object object, Object object2);
    public boolean replace(Object object, Object object2, Object object3);
    public void replaceAll(BiFunction<? super Object, ? super Object, ?> function);
    public Collection<Object> values();
    public static class Service {
        public Service(Provider provider, String text, String text2, String text3, List<String> list, Map<String, String> map) { }
        public final String getAlgorithm();
        public final String getAttribute(String text);
        public final String getClassName();
        public final Provider getProvider();
        public final String getType();
        public Object newInstance(Object object) throws NoSuchAlgorithmException;
        public boolean supportsParameter(Object object);
    }
}

/** A public key. */
public interface PublicKey extends Key {
    static long serialVersionUID;
}

/** Random numbers that cannot be guessed. */
public class SecureRandom extends Random {
    public SecureRandom() { }
    public SecureRandom(byte[] items) { }
    protected SecureRandom(SecureRandomSpi secureRandomSpi, Provider provider) { }
    public byte[] generateSeed(int number);
    public String getAlgorithm();
    public static SecureRandom getInstance(String text) throws NoSuchAlgorithmException;
    public static SecureRandom getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static SecureRandom getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public static SecureRandom getInstance(String text, SecureRandomParameters secureRandomParameters) throws NoSuchAlgorithmException;
    public static SecureRandom getInstance(String text, SecureRandomParameters secureRandomParameters, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static SecureRandom getInstance(String text, SecureRandomParameters secureRandomParameters, Provider provider) throws NoSuchAlgorithmException;
    public static SecureRandom getInstanceStrong() throws NoSuchAlgorithmException;
    public SecureRandomParameters getParameters();
    public final Provider getProvider();
    public static byte[] getSeed(int number);
    protected final int next(int number);
    public void nextBytes(byte[] items);
    public void nextBytes(byte[] items, SecureRandomParameters secureRandomParameters);
    public void reseed();
    public void reseed(SecureRandomParameters secureRandomParameters);
    public void setSeed(byte[] items);
    public void setSeed(long number);
}

/** Providers and settings. */
public final class Security {
    public static int addProvider(Provider provider);
    public static String getAlgorithmProperty(String text, String text2);
    public static Set<String> getAlgorithms(String text);
    public static String getProperty(String text);
    public static Provider getProvider(String text);
    public static Provider[] getProviders();
    public static Provider[] getProviders(String text);
    public static Provider[] getProviders(Map<String, String> map);
    public static int insertProviderAt(Provider provider, int number);
    public static void removeProvider(String text);
    public static void setProperty(String text, String text2);
}

/** Signs and verifies. */
public abstract class Signature extends SignatureSpi {
    protected static final int UNINITIALIZED;
    protected static final int SIGN;
    protected static final int VERIFY;
    protected int state;
    protected Signature(String text) { }
    public Object clone() throws CloneNotSupportedException;
    public final String getAlgorithm();
    public static Signature getInstance(String text) throws NoSuchAlgorithmException;
    public static Signature getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static Signature getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final Object getParameter(String text) throws InvalidParameterException;
    public final AlgorithmParameters getParameters();
    public final Provider getProvider();
    public final void initSign(PrivateKey privateKey) throws InvalidKeyException;
    public final void initSign(PrivateKey privateKey, SecureRandom secureRandom) throws InvalidKeyException;
    public final void initVerify(PublicKey publicKey) throws InvalidKeyException;
    public final void initVerify(Certificate certificate) throws InvalidKeyException;
    public final void setParameter(AlgorithmParameterSpec algorithmParameterSpec) throws InvalidAlgorithmParameterException;
    public final void setParameter(String text, Object object) throws InvalidParameterException;
    public final byte[] sign() throws SignatureException;
    public final int sign(byte[] items, int number, int number2) throws SignatureException;
    public final void update(byte number) throws SignatureException;
    public final void update(byte[] items) throws SignatureException;
    public final void update(ByteBuffer byteBuffer) throws SignatureException;
    public final void update(byte[] items, int number, int number2) throws SignatureException;
    public final boolean verify(byte[] items) throws SignatureException;
    public final boolean verify(byte[] items, int number, int number2) throws SignatureException;
}

/** A signature that cannot be made or read. */
public class SignatureException extends GeneralSecurityException {
    public SignatureException() { }
    public SignatureException(String text) { }
    public SignatureException(Throwable throwable) { }
    public SignatureException(String text, Throwable throwable) { }
}

/** A key that cannot be read. */
public class UnrecoverableKeyException extends UnrecoverableEntryException {
    public UnrecoverableKeyException() { }
    public UnrecoverableKeyException(String text) { }
}
