package java.security.spec;

import java.security.GeneralSecurityException;

/** Parameters of an algorithm. */
public interface AlgorithmParameterSpec {
}

/** A description that is no key. */
public class InvalidKeySpecException extends GeneralSecurityException {
    public InvalidKeySpecException() { }
    public InvalidKeySpecException(String text) { }
    public InvalidKeySpecException(Throwable throwable) { }
    public InvalidKeySpecException(String text, Throwable throwable) { }
}

/** What describes a key. */
public interface KeySpec {
}

/** A private key as bytes. */
public class PKCS8EncodedKeySpec extends EncodedKeySpec {
    public PKCS8EncodedKeySpec(byte[] items) { }
    public PKCS8EncodedKeySpec(byte[] items, String text) { }
    public byte[] getEncoded();
    public final String getFormat();
}

/** A public key as bytes. */
public class X509EncodedKeySpec extends EncodedKeySpec {
    public X509EncodedKeySpec(byte[] items) { }
    public X509EncodedKeySpec(byte[] items, String text) { }
    public byte[] getEncoded();
    public final String getFormat();
}
