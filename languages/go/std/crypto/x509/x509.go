// Package x509: certificates.
package x509

import (
	"crypto"
	"crypto/ecdsa"
	"crypto/rsa"
	"crypto/x509/pkix"
	"encoding/asn1"
	"encoding/pem"
	"golang.org/x/crypto/cryptobyte/asn1"
	"io"
	"math/big"
	"net"
	"net/url"
	"time"
)

type CertPool struct {
}

func NewCertPool() *CertPool

func (s *CertPool) Clone() *CertPool

func SystemCertPool() (*CertPool, error)

func (s *CertPool) AddCert(cert *Certificate)

func (s *CertPool) AppendCertsFromPEM(pemCerts []byte) (ok bool)

func (s *CertPool) Subjects() [][]byte

func (s *CertPool) Equal(other *CertPool) bool

func (s *CertPool) AddCertWithConstraint(cert *Certificate, constraint func([]*Certificate) error)

func (u parsedURI) String() string

type OID struct {
}

func ParseOID(oid string) (OID, error)

func OIDFromInts(oid []uint64) (OID, error)

func (o OID) AppendText(b []byte) ([]byte, error)

func (o OID) MarshalText() ([]byte, error)

func (o *OID) UnmarshalText(text []byte) error

func (o OID) AppendBinary(b []byte) ([]byte, error)

func (o OID) MarshalBinary() ([]byte, error)

func (o *OID) UnmarshalBinary(b []byte) error

func (oid OID) Equal(other OID) bool

func (oid OID) EqualASN1OID(other asn1.ObjectIdentifier) bool

func (oid OID) String() string

func OIDFromASN1OID(asn1OID asn1.ObjectIdentifier) (OID, error)

func ParseCertificate(der []byte) (*Certificate, error)

func ParseCertificates(der []byte) ([]*Certificate, error)

func ParseRevocationList(der []byte) (*RevocationList, error)

type PEMCipher int

const (
	PEMCipherDES
	PEMCipher3DES
	PEMCipherAES128
	PEMCipherAES192
	PEMCipherAES256
)

func IsEncryptedPEMBlock(b *pem.Block) bool

var IncorrectPasswordError error

func DecryptPEMBlock(b *pem.Block, password []byte) ([]byte, error)

func EncryptPEMBlock(rand io.Reader, blockType string, data, password []byte, alg PEMCipher) (*pem.Block, error)

func ParsePKCS1PrivateKey(der []byte) (*rsa.PrivateKey, error)

func MarshalPKCS1PrivateKey(key *rsa.PrivateKey) []byte

func ParsePKCS1PublicKey(der []byte) (*rsa.PublicKey, error)

func MarshalPKCS1PublicKey(key *rsa.PublicKey) []byte

func ParsePKCS8PrivateKey(der []byte) (key any, err error)

func MarshalPKCS8PrivateKey(key any) ([]byte, error)

func SetFallbackRoots(roots *CertPool)

func ParseECPrivateKey(der []byte) (*ecdsa.PrivateKey, error)

func MarshalECPrivateKey(key *ecdsa.PrivateKey) ([]byte, error)

type InvalidReason int

const (
	NotAuthorizedToSign InvalidReason = iota

	Expired

	CANotAuthorizedForThisName

	TooManyIntermediates

	IncompatibleUsage

	NameMismatch

	NameConstraintsWithoutSANs

	UnconstrainedName

	TooManyConstraints

	CANotAuthorizedForExtKeyUsage

	NoValidChains
)

type CertificateInvalidError struct {
	Cert   *Certificate
	Reason InvalidReason
	Detail string
}

func (e CertificateInvalidError) Error() string

type HostnameError struct {
	Certificate *Certificate
	Host        string
}

func (h HostnameError) Error() string

type UnknownAuthorityError struct {
	Cert *Certificate
}

func (e UnknownAuthorityError) Error() string

type SystemRootsError struct {
	Err error
}

func (se SystemRootsError) Error() string

func (se SystemRootsError) Unwrap() error

type VerifyOptions struct {
	DNSName string

	Intermediates *CertPool

	Roots *CertPool

	CurrentTime time.Time

	KeyUsages []ExtKeyUsage

	MaxConstraintComparisions int

	CertificatePolicies []OID
}

func (s rfc2821Mailbox) String() string

func (c *Certificate) Verify(opts VerifyOptions) ([][]*Certificate, error)

func (c *Certificate) VerifyHostname(h string) error

func ParsePKIXPublicKey(derBytes []byte) (pub any, err error)

func MarshalPKIXPublicKey(pub any) ([]byte, error)

type SignatureAlgorithm int

const (
	UnknownSignatureAlgorithm SignatureAlgorithm = iota

	MD2WithRSA
	MD5WithRSA
	SHA1WithRSA
	SHA256WithRSA
	SHA384WithRSA
	SHA512WithRSA
	DSAWithSHA1
	DSAWithSHA256
	ECDSAWithSHA1
	ECDSAWithSHA256
	ECDSAWithSHA384
	ECDSAWithSHA512
	SHA256WithRSAPSS
	SHA384WithRSAPSS
	SHA512WithRSAPSS
	PureEd25519
)

func (algo SignatureAlgorithm) String() string

type PublicKeyAlgorithm int

const (
	UnknownPublicKeyAlgorithm PublicKeyAlgorithm = iota
	RSA
	DSA
	ECDSA
	Ed25519
)

func (algo PublicKeyAlgorithm) String() string

type KeyUsage int

const (
	KeyUsageDigitalSignature KeyUsage = 1 << iota
	KeyUsageContentCommitment
	KeyUsageKeyEncipherment
	KeyUsageDataEncipherment
	KeyUsageKeyAgreement
	KeyUsageCertSign
	KeyUsageCRLSign
	KeyUsageEncipherOnly
	KeyUsageDecipherOnly
)

type ExtKeyUsage int

const (
	ExtKeyUsageAny ExtKeyUsage = iota
	ExtKeyUsageServerAuth
	ExtKeyUsageClientAuth
	ExtKeyUsageCodeSigning
	ExtKeyUsageEmailProtection
	ExtKeyUsageIPSECEndSystem
	ExtKeyUsageIPSECTunnel
	ExtKeyUsageIPSECUser
	ExtKeyUsageTimeStamping
	ExtKeyUsageOCSPSigning
	ExtKeyUsageMicrosoftServerGatedCrypto
	ExtKeyUsageNetscapeServerGatedCrypto
	ExtKeyUsageMicrosoftCommercialCodeSigning
	ExtKeyUsageMicrosoftKernelCodeSigning
)

func (eku ExtKeyUsage) OID() OID

type Certificate struct {
	Raw                     []byte
	RawTBSCertificate       []byte
	RawSubjectPublicKeyInfo []byte
	RawSubject              []byte
	RawIssuer               []byte

	Signature          []byte
	SignatureAlgorithm SignatureAlgorithm

	PublicKeyAlgorithm PublicKeyAlgorithm
	PublicKey          any

	Version             int
	SerialNumber        *big.Int
	Issuer              pkix.Name
	Subject             pkix.Name
	NotBefore, NotAfter time.Time
	KeyUsage            KeyUsage

	Extensions []pkix.Extension

	ExtraExtensions []pkix.Extension

	UnhandledCriticalExtensions []asn1.ObjectIdentifier

	ExtKeyUsage        []ExtKeyUsage
	UnknownExtKeyUsage []asn1.ObjectIdentifier

	BasicConstraintsValid bool
	IsCA                  bool

	MaxPathLen int

	MaxPathLenZero bool

	SubjectKeyId   []byte
	AuthorityKeyId []byte

	OCSPServer            []string
	IssuingCertificateURL []string

	DNSNames       []string
	EmailAddresses []string
	IPAddresses    []net.IP
	URIs           []*url.URL

	PermittedDNSDomainsCritical bool
	PermittedDNSDomains         []string
	ExcludedDNSDomains          []string
	PermittedIPRanges           []*net.IPNet
	ExcludedIPRanges            []*net.IPNet
	PermittedEmailAddresses     []string
	ExcludedEmailAddresses      []string
	PermittedURIDomains         []string
	ExcludedURIDomains          []string

	CRLDistributionPoints []string

	PolicyIdentifiers []asn1.ObjectIdentifier

	Policies []OID

	InhibitAnyPolicy int

	InhibitAnyPolicyZero bool

	InhibitPolicyMapping int

	InhibitPolicyMappingZero bool

	RequireExplicitPolicy int

	RequireExplicitPolicyZero bool

	PolicyMappings []PolicyMapping
}

type PolicyMapping struct {
	IssuerDomainPolicy OID

	SubjectDomainPolicy OID
}

var ErrUnsupportedAlgorithm error

type InsecureAlgorithmError SignatureAlgorithm

func (e InsecureAlgorithmError) Error() string

type ConstraintViolationError struct{}

func (ConstraintViolationError) Error() string

func (c *Certificate) Equal(other *Certificate) bool

func (c *Certificate) CheckSignatureFrom(parent *Certificate) error

func (c *Certificate) CheckSignature(algo SignatureAlgorithm, signed, signature []byte) error

func (c *Certificate) CheckCRLSignature(crl *pkix.CertificateList) error

type UnhandledCriticalExtension struct{}

func (h UnhandledCriticalExtension) Error() string

func CreateCertificate(rand io.Reader, template, parent *Certificate, pub, priv any) ([]byte, error)

func ParseCRL(crlBytes []byte) (*pkix.CertificateList, error)

func ParseDERCRL(derBytes []byte) (*pkix.CertificateList, error)

func (c *Certificate) CreateCRL(rand io.Reader, priv any, revokedCerts []pkix.RevokedCertificate, now, expiry time.Time) (crlBytes []byte, err error)

type CertificateRequest struct {
	Raw                      []byte
	RawTBSCertificateRequest []byte
	RawSubjectPublicKeyInfo  []byte
	RawSubject               []byte

	Version            int
	Signature          []byte
	SignatureAlgorithm SignatureAlgorithm

	PublicKeyAlgorithm PublicKeyAlgorithm
	PublicKey          any

	Subject pkix.Name

	Attributes []pkix.AttributeTypeAndValueSET

	Extensions []pkix.Extension

	ExtraExtensions []pkix.Extension

	DNSNames       []string
	EmailAddresses []string
	IPAddresses    []net.IP
	URIs           []*url.URL
}

func CreateCertificateRequest(rand io.Reader, template *CertificateRequest, priv any) (csr []byte, err error)

func ParseCertificateRequest(asn1Data []byte) (*CertificateRequest, error)

func (c *CertificateRequest) CheckSignature() error

type RevocationListEntry struct {
	Raw []byte

	SerialNumber *big.Int

	RevocationTime time.Time

	ReasonCode int

	Extensions []pkix.Extension

	ExtraExtensions []pkix.Extension
}

type RevocationList struct {
	Raw []byte

	RawTBSRevocationList []byte

	RawIssuer []byte

	Issuer pkix.Name

	AuthorityKeyId []byte

	Signature []byte

	SignatureAlgorithm SignatureAlgorithm

	RevokedCertificateEntries []RevocationListEntry

	RevokedCertificates []pkix.RevokedCertificate

	Number *big.Int

	ThisUpdate time.Time

	NextUpdate time.Time

	Extensions []pkix.Extension

	ExtraExtensions []pkix.Extension
}

func CreateRevocationList(rand io.Reader, template *RevocationList, issuer *Certificate, priv crypto.Signer) ([]byte, error)

func (rl *RevocationList) CheckSignatureFrom(parent *Certificate) error

func (i KeyUsage) String() string

func (i ExtKeyUsage) String() string
