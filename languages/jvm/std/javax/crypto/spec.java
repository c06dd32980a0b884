package javax.crypto.spec;

import java.security.spec.AlgorithmParameterSpec;
import java.security.spec.KeySpec;
import javax.crypto.SecretKey;

/** Parameters of an authenticated cipher. */
public class GCMParameterSpec implements AlgorithmParameterSpec {
    public GCMParameterSpec(int number, byte[] items) { }
    public GCMParameterSpec(int number, byte[] items, int number2, int number3) { }
    public byte[] getIV();
    public int getTLen();
}

/** Bytes to begin with. */
public class IvParameterSpec implements AlgorithmParameterSpec {
    public IvParameterSpec(byte[] items) { }
    public IvParameterSpec(byte[] items, int number, int number2) { }
    public byte[] getIV();
}

/** A password as a key. */
public class PBEKeySpec implements KeySpec {
    public PBEKeySpec(char[] items) { }
    public PBEKeySpec(char[] items, byte[] items2, int number) { }
    public PBEKeySpec(char[] items, byte[] items2, int number, int number2) { }
    public final void clearPassword();
    public final int getIterationCount();
    public final int getKeyLength();
    public final char[] getPassword();
    public final byte[] getSalt();
}

/** A secret key as bytes. */
public class SecretKeySpec implements KeySpec, SecretKey {
    public SecretKeySpec(byte[] items, String text) { }
    public SecretKeySpec(byte[] items, int number, int number2, String text) { }
    public String getAlgorithm();
    public byte[] getEncoded();
    public String getFormat();
}
