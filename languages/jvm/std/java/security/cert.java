package java.security.cert;

import java.io.InputStream;
import java.io.ObjectStreamException;
import java.io.Serializable;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.InvalidKeyException;
import java.security.NoSuchAlgorithmException;
import java.security.NoSuchProviderException;
import java.security.Principal;
import java.security.Provider;
import java.security.PublicKey;
import java.security.SignatureException;
import java.util.Collection;
import java.util.Date;
import java.util.Iterator;
import java.util.List;

/** A certificate. */
public abstract class Certificate implements Serializable {
    protected Certificate(String text) { }
    public abstract byte[] getEncoded() throws CertificateEncodingException;
    public abstract PublicKey getPublicKey();
    public final String getType();
    public abstract void verify(PublicKey publicKey) throws CertificateException, NoSuchAlgorithmException, InvalidKeyException, NoSuchProviderException, SignatureException;
    public abstract void verify(PublicKey publicKey, String text) throws CertificateException, NoSuchAlgorithmException, InvalidKeyException, NoSuchProviderException, SignatureException;
    public void verify(PublicKey publicKey, Provider provider) throws CertificateException, NoSuchAlgorithmException, InvalidKeyException, SignatureException;
    protected Object writeReplace() throws ObjectStreamException;
    protected static class CertificateRep implements Serializable {
        protected CertificateRep(String text, byte[] items) { }
        protected Object readResolve() throws ObjectStreamException;
    }
}

/** A certificate that cannot be written. */
public class CertificateEncodingException extends CertificateException {
    public CertificateEncodingException() { }
    public CertificateEncodingException(String text) { }
    public CertificateEncodingException(Throwable throwable) { }
    public CertificateEncodingException(String text, Throwable throwable) { }
}

/** A certificate that cannot be used. */
public class CertificateException extends GeneralSecurityException {
    public CertificateException() { }
    public CertificateException(String text) { }
    public CertificateException(Throwable throwable) { }
    public CertificateException(String text, Throwable throwable) { }
}

/** Makes certificates of bytes. */
public class CertificateFactory {
    protected CertificateFactory(CertificateFactorySpi certificateFactorySpi, Provider provider, String text) { }
    public final CRL generateCRL(InputStream inputStream) throws CRLException;
    public final Collection<? extends CRL> generateCRLs(InputStream inputStream) throws CRLException;
    public final CertPath generateCertPath(InputStream inputStream) throws CertificateException;
    public final CertPath generateCertPath(List<? extends Certificate> list) throws CertificateException;
    public final CertPath generateCertPath(InputStream inputStream, String text) throws CertificateException;
    public final Certificate generateCertificate(InputStream inputStream) throws CertificateException;
    public final Collection<? extends Certificate> generateCertificates(InputStream inputStream) throws CertificateException;
    public final Iterator<String> getCertPathEncodings();
    public static final CertificateFactory getInstance(String text) throws CertificateException;
    public static final CertificateFactory getInstance(String text, String text2) throws CertificateException, NoSuchProviderException;
    public static final CertificateFactory getInstance(String text, Provider provider) throws CertificateException;
    public final Provider getProvider();
    public final String getType();
}

/** A certificate that cannot be read. */
public class CertificateParsingException extends CertificateException {
    public CertificateParsingException() { }
    public CertificateParsingException(String text) { }
    public CertificateParsingException(Throwable throwable) { }
    public CertificateParsingException(String text, Throwable throwable) { }
}

/** A certificate of the X.509 kind. */
public abstract class X509Certificate extends Certificate implements X509Extension {
    protected X509Certificate() { }
    public abstract void checkValidity() throws CertificateExpiredException, CertificateNotYetValidException;
    public abstract void checkValidity(Date date) throws CertificateExpiredException, CertificateNotYetValidException;
    public abstract int getBasicConstraints();
    public List<String> getExtendedKeyUsage() throws CertificateParsingException;
    public Collection<List<?>> getIssuerAlternativeNames() throws CertificateParsingException;
    public abstract Principal getIssuerDN();
    public abstract boolean[] getIssuerUniqueID();
    public javax.security.auth.x500.X500Principal getIssuerX500Principal();
    public abstract boolean[] getKeyUsage();
    public abstract Date getNotAfter();
    public abstract Date getNotBefore();
    public abstract BigInteger getSerialNumber();
    public abstract String getSigAlgName();
    public abstract String getSigAlgOID();
    public abstract byte[] getSigAlgParams();
    public abstract byte[] getSignature();
    public Collection<List<?>> getSubjectAlternativeNames() throws CertificateParsingException;
    public abstract Principal getSubjectDN();
    public abstract boolean[] getSubjectUniqueID();
    public javax.security.auth.x500.X500Principal getSubjectX500Principal();
    public abstract byte[] getTBSCertificate() throws CertificateEncodingException;
    public abstract int getVersion();
    public void verify(PublicKey publicKey, Provider provider) throws CertificateException, NoSuchAlgorithmException, InvalidKeyException, SignatureException;
}
