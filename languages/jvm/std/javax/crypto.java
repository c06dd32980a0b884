package javax.crypto;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.security.InvalidAlgorithmParameterException;
import java.security.InvalidKeyException;
import java.security.Key;
import java.security.NoSuchAlgorithmException;
import java.security.NoSuchProviderException;
import java.security.Provider;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.spec.AlgorithmParameterSpec;
import java.security.spec.InvalidKeySpecException;
import java.security.spec.KeySpec;

/** Padding that is wrong. */
public class BadPaddingException extends GeneralSecurityException {
    public BadPaddingException() { }
    public BadPaddingException(String text) { }
}

/** Encrypts and decrypts. */
public class Cipher {
    public static final int ENCRYPT_MODE;
    public static final int DECRYPT_MODE;
    public static final int WRAP_MODE;
    public static final int UNWRAP_MODE;
    public static final int PUBLIC_KEY;
    public static final int PRIVATE_KEY;
    public static final int SECRET_KEY;
    protected Cipher(CipherSpi cipherSpi, Provider provider, String text) { }
    public final byte[] doFinal() throws IllegalBlockSizeException, BadPaddingException;
    public final byte[] doFinal(byte[] items) throws IllegalBlockSizeException, BadPaddingException;
    public final int doFinal(byte[] items, int number) throws IllegalBlockSizeException, ShortBufferException, BadPaddingException;
    public final int doFinal(ByteBuffer byteBuffer, ByteBuffer byteBuffer2) throws ShortBufferException, IllegalBlockSizeException, BadPaddingException;
    public final byte[] doFinal(byte[] items, int number, int number2) throws IllegalBlockSizeException, BadPaddingException;
    public final int doFinal(byte[] items, int number, int number2, byte[] items2) throws ShortBufferException, IllegalBlockSizeException, BadPaddingException;
    public final int doFinal(byte[] items, int number, int number2, byte[] items2, int number3) throws ShortBufferException, IllegalBlockSizeException, BadPaddingException;
    public final String getAlgorithm();
    public final int getBlockSize();
    public final ExemptionMechanism getExemptionMechanism();
    public final byte[] getIV();
    public static final Cipher getInstance(String text) throws NoSuchAlgorithmException, NoSuchPaddingException;
    public static final Cipher getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException, NoSuchPaddingException;
    public static final Cipher getInstance(String text, Provider provider) throws NoSuchAlgorithmException, NoSuchPaddingException;
    public static final int getMaxAllowedKeyLength(String text) throws NoSuchAlgorithmException;
    public static final AlgorithmParameterSpec getMaxAllowedParameterSpec(String text) throws NoSuchAlgorithmException;
    public final int getOutputSize(int number);
    public final java.security.AlgorithmParameters getParameters();
    public final Provider getProvider();
    public final void init(int number, Key key) throws InvalidKeyException;
    public final void init(int number, Certificate certificate) throws InvalidKeyException;
    public final void init(int number, Key key, java.security.AlgorithmParameters algorithmParameters) throws InvalidKeyException, InvalidAlgorithmParameterException;
    public final void init(int number, Key key, SecureRandom secureRandom) throws InvalidKeyException;
    public final void init(int number, Key key, AlgorithmParameterSpec algorithmParameterSpec) throws InvalidKeyException, InvalidAlgorithmParameterException;
    public final void init(int number, Certificate certificate, SecureRandom secureRandom) throws InvalidKeyException;
    public final void init(int number, Key key, java.security.AlgorithmParameters algorithmParameters, SecureRandom secureRandom) throws InvalidKeyException, InvalidAlgorithmParameterException;
    public final void init(int number, Key key, AlgorithmParameterSpec algorithmParameterSpec, SecureRandom secureRandom) throws InvalidKeyException, InvalidAlgorithmParameterException;
    public final Key unwrap(byte[] items, String text, int number) throws InvalidKeyException, NoSuchAlgorithmException;
    public final byte[] update(byte[] items);
    public final int update(ByteBuffer byteBuffer, ByteBuffer byteBuffer2) throws ShortBufferException;
    public final byte[] update(byte[] items, int number, int number2);
    public final int update(byte[] items, int number, int number2, byte[] items2) throws ShortBufferException;
    public final int update(byte[] items, int number, int number2, byte[] items2, int number3) throws ShortBufferException;
    public final void updateAAD(byte[] items);
    public final void updateAAD(ByteBuffer byteBuffer);
    public final void updateAAD(byte[] items, int number, int number2);
    public final byte[] wrap(Key key) throws IllegalBlockSizeException, InvalidKeyException;
}

/** A length that does not fit. */
public class IllegalBlockSizeException extends GeneralSecurityException {
    public IllegalBlockSizeException() { }
    public IllegalBlockSizeException(String text) { }
}

/** Makes secret keys. */
public class KeyGenerator {
    protected KeyGenerator(KeyGeneratorSpi keyGeneratorSpi, Provider provider, String text) { }
    public final SecretKey generateKey();
    public final String getAlgorithm();
    public static final KeyGenerator getInstance(String text) throws NoSuchAlgorithmException;
    public static final KeyGenerator getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static final KeyGenerator getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final Provider getProvider();
    public final void init(int number);
    public final void init(SecureRandom secureRandom);
    public final void init(AlgorithmParameterSpec algorithmParameterSpec) throws InvalidAlgorithmParameterException;
    public final void init(int number, SecureRandom secureRandom);
    public final void init(AlgorithmParameterSpec algorithmParameterSpec, SecureRandom secureRandom) throws InvalidAlgorithmParameterException;
}

/** A digest with a key. */
public class Mac implements Cloneable {
    protected Mac(MacSpi macSpi, Provider provider, String text) { }
    public final Object clone() throws CloneNotSupportedException;
    public final byte[] doFinal() throws IllegalStateException;
    public final byte[] doFinal(byte[] items) throws IllegalStateException;
    public final void doFinal(byte[] items, int number) throws ShortBufferException, IllegalStateException;
    public final String getAlgorithm();
    public static final Mac getInstance(String text) throws NoSuchAlgorithmException;
    public static final Mac getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static final Mac getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final int getMacLength();
    public final Provider getProvider();
    public final void init(Key key) throws InvalidKeyException;
    public final void init(Key key, AlgorithmParameterSpec algorithmParameterSpec) throws InvalidKeyException, InvalidAlgorithmParameterException;
    public final void reset();
    public final void update(byte number) throws IllegalStateException;
    public final void update(byte[] items) throws IllegalStateException;
    public final void update(ByteBuffer byteBuffer);
    public final void update(byte[] items, int number, int number2) throws IllegalStateException;
}

/** A padding that is not known. */
public class NoSuchPaddingException extends GeneralSecurityException {
    public NoSuchPaddingException() { }
    public NoSuchPaddingException(String text) { }
}

/** A secret key. */
public interface SecretKey extends Key, javax.security.auth.Destroyable {
    static long serialVersionUID;
}

/** Makes secret keys. */
public class SecretKeyFactory {
    protected SecretKeyFactory(SecretKeyFactorySpi secretKeyFactorySpi, Provider provider, String text) { }
    public final SecretKey generateSecret(KeySpec keySpec) throws InvalidKeySpecException;
    public final String getAlgorithm();
    public static final SecretKeyFactory getInstance(String text) throws NoSuchAlgorithmException;
    public static final SecretKeyFactory getInstance(String text, String text2) throws NoSuchAlgorithmException, NoSuchProviderException;
    public static final SecretKeyFactory getInstance(String text, Provider provider) throws NoSuchAlgorithmException;
    public final KeySpec getKeySpec(SecretKey secretKey, Class<?> type) throws InvalidKeySpecException;
    public final Provider getProvider();
    public final SecretKey translateKey(SecretKey secretKey) throws InvalidKeyException;
}
