// Package tls: secure connections.
package tls

import (
	"context"
	"crypto"
	"crypto/x509"
	"golang.org/x/crypto/cryptobyte"
	"io"
	"net"
	"time"
)

type AlertError uint8

func (e AlertError) Error() string

func (e alert) String() string

func (e alert) Error() string

type CipherSuite struct {
	ID   uint16
	Name string

	SupportedVersions []uint16

	Insecure bool
}

func CipherSuites() []*CipherSuite

func InsecureCipherSuites() []*CipherSuite

func CipherSuiteName(id uint16) string

func (f *prefixNonceAEAD) NonceSize() int

func (f *prefixNonceAEAD) Overhead() int

func (f *prefixNonceAEAD) Seal(out, nonce, plaintext, additionalData []byte) []byte

func (f *prefixNonceAEAD) Open(out, nonce, ciphertext, additionalData []byte) ([]byte, error)

func (f *xorNonceAEAD) NonceSize() int

func (f *xorNonceAEAD) Overhead() int

func (f *xorNonceAEAD) Seal(out, nonce, plaintext, additionalData []byte) []byte

func (f *xorNonceAEAD) Open(out, nonce, ciphertext, additionalData []byte) ([]byte, error)

func (c *cthWrapper) Size() int

func (c *cthWrapper) BlockSize() int

func (c *cthWrapper) Reset()

func (c *cthWrapper) Write(p []byte) (int, error)

func (c *cthWrapper) Sum(b []byte) []byte

const (
	TLS_RSA_WITH_RC4_128_SHA                      uint16 = 0x0005
	TLS_RSA_WITH_3DES_EDE_CBC_SHA                 uint16 = 0x000a
	TLS_RSA_WITH_AES_128_CBC_SHA                  uint16 = 0x002f
	TLS_RSA_WITH_AES_256_CBC_SHA                  uint16 = 0x0035
	TLS_RSA_WITH_AES_128_CBC_SHA256               uint16 = 0x003c
	TLS_RSA_WITH_AES_128_GCM_SHA256               uint16 = 0x009c
	TLS_RSA_WITH_AES_256_GCM_SHA384               uint16 = 0x009d
	TLS_ECDHE_ECDSA_WITH_RC4_128_SHA              uint16 = 0xc007
	TLS_ECDHE_ECDSA_WITH_AES_128_CBC_SHA          uint16 = 0xc009
	TLS_ECDHE_ECDSA_WITH_AES_256_CBC_SHA          uint16 = 0xc00a
	TLS_ECDHE_RSA_WITH_RC4_128_SHA                uint16 = 0xc011
	TLS_ECDHE_RSA_WITH_3DES_EDE_CBC_SHA           uint16 = 0xc012
	TLS_ECDHE_RSA_WITH_AES_128_CBC_SHA            uint16 = 0xc013
	TLS_ECDHE_RSA_WITH_AES_256_CBC_SHA            uint16 = 0xc014
	TLS_ECDHE_ECDSA_WITH_AES_128_CBC_SHA256       uint16 = 0xc023
	TLS_ECDHE_RSA_WITH_AES_128_CBC_SHA256         uint16 = 0xc027
	TLS_ECDHE_RSA_WITH_AES_128_GCM_SHA256         uint16 = 0xc02f
	TLS_ECDHE_ECDSA_WITH_AES_128_GCM_SHA256       uint16 = 0xc02b
	TLS_ECDHE_RSA_WITH_AES_256_GCM_SHA384         uint16 = 0xc030
	TLS_ECDHE_ECDSA_WITH_AES_256_GCM_SHA384       uint16 = 0xc02c
	TLS_ECDHE_RSA_WITH_CHACHA20_POLY1305_SHA256   uint16 = 0xcca8
	TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256 uint16 = 0xcca9

	TLS_AES_128_GCM_SHA256       uint16 = 0x1301
	TLS_AES_256_GCM_SHA384       uint16 = 0x1302
	TLS_CHACHA20_POLY1305_SHA256 uint16 = 0x1303

	TLS_FALLBACK_SCSV uint16 = 0x5600

	TLS_ECDHE_RSA_WITH_CHACHA20_POLY1305   = TLS_ECDHE_RSA_WITH_CHACHA20_POLY1305_SHA256
	TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305 = TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256
)

const (
	VersionTLS10 = 0x0301
	VersionTLS11 = 0x0302
	VersionTLS12 = 0x0303
	VersionTLS13 = 0x0304

	VersionSSL30 = 0x0300
)

func VersionName(version uint16) string

type CurveID uint16

const (
	CurveP256          CurveID = 23
	CurveP384          CurveID = 24
	CurveP521          CurveID = 25
	X25519             CurveID = 29
	X25519MLKEM768     CurveID = 4588
	SecP256r1MLKEM768  CurveID = 4587
	SecP384r1MLKEM1024 CurveID = 4589
)

type ConnectionState struct {
	Version uint16

	HandshakeComplete bool

	DidResume bool

	CipherSuite uint16

	CurveID CurveID

	NegotiatedProtocol string

	NegotiatedProtocolIsMutual bool

	ServerName string

	PeerCertificates []*x509.Certificate

	VerifiedChains [][]*x509.Certificate

	SignedCertificateTimestamps [][]byte

	OCSPResponse []byte

	TLSUnique []byte

	ECHAccepted bool

	HelloRetryRequest bool
}

func (cs *ConnectionState) ExportKeyingMaterial(label string, context []byte, length int) ([]byte, error)

type ClientAuthType int

const (
	NoClientCert ClientAuthType = iota

	RequestClientCert

	RequireAnyClientCert

	VerifyClientCertIfGiven

	RequireAndVerifyClientCert
)

type ClientSessionCache interface {
	Get(sessionKey string) (session *ClientSessionState, ok bool)

	Put(sessionKey string, cs *ClientSessionState)
}

type SignatureScheme uint16

const (
	PKCS1WithSHA256 SignatureScheme = 0x0401
	PKCS1WithSHA384 SignatureScheme = 0x0501
	PKCS1WithSHA512 SignatureScheme = 0x0601

	PSSWithSHA256 SignatureScheme = 0x0804
	PSSWithSHA384 SignatureScheme = 0x0805
	PSSWithSHA512 SignatureScheme = 0x0806

	ECDSAWithP256AndSHA256 SignatureScheme = 0x0403
	ECDSAWithP384AndSHA384 SignatureScheme = 0x0503
	ECDSAWithP521AndSHA512 SignatureScheme = 0x0603

	Ed25519 SignatureScheme = 0x0807

	PKCS1WithSHA1 SignatureScheme = 0x0201
	ECDSAWithSHA1 SignatureScheme = 0x0203
)

type ClientHelloInfo struct {
	CipherSuites []uint16

	ServerName string

	SupportedCurves []CurveID

	SupportedPoints []uint8

	SignatureSchemes []SignatureScheme

	SupportedProtos []string

	SupportedVersions []uint16

	Extensions []uint16

	Conn net.Conn

	HelloRetryRequest bool
}

func (c *ClientHelloInfo) Context() context.Context

type CertificateRequestInfo struct {
	AcceptableCAs [][]byte

	SignatureSchemes []SignatureScheme

	Version uint16
}

func (c *CertificateRequestInfo) Context() context.Context

type RenegotiationSupport int

const (
	RenegotiateNever RenegotiationSupport = iota

	RenegotiateOnceAsClient

	RenegotiateFreelyAsClient
)

type Config struct {
	Rand io.Reader

	Time func() time.Time

	Certificates []Certificate

	NameToCertificate map[string]*Certificate

	GetCertificate func(*ClientHelloInfo) (*Certificate, error)

	GetClientCertificate func(*CertificateRequestInfo) (*Certificate, error)

	GetConfigForClient func(*ClientHelloInfo) (*Config, error)

	VerifyPeerCertificate func(rawCerts [][]byte, verifiedChains [][]*x509.Certificate) error

	VerifyConnection func(ConnectionState) error

	RootCAs *x509.CertPool

	NextProtos []string

	ServerName string

	ClientAuth ClientAuthType

	ClientCAs *x509.CertPool

	InsecureSkipVerify bool

	CipherSuites []uint16

	PreferServerCipherSuites bool

	SessionTicketsDisabled bool

	SessionTicketKey [32]byte

	ClientSessionCache ClientSessionCache

	UnwrapSession func(identity []byte, cs ConnectionState) (*SessionState, error)

	WrapSession func(ConnectionState, *SessionState) ([]byte, error)

	MinVersion uint16

	MaxVersion uint16

	CurvePreferences []CurveID

	DynamicRecordSizingDisabled bool

	Renegotiation RenegotiationSupport

	KeyLogWriter io.Writer

	EncryptedClientHelloConfigList []byte

	EncryptedClientHelloRejectionVerify func(ConnectionState) error

	GetEncryptedClientHelloKeys func(*ClientHelloInfo) ([]EncryptedClientHelloKey, error)

	EncryptedClientHelloKeys []EncryptedClientHelloKey
}

type EncryptedClientHelloKey struct {
	Config []byte

	PrivateKey []byte

	SendAsRetry bool
}

func (c *Config) Clone() *Config

func (c *Config) SetSessionTicketKeys(keys [][32]byte)

func (chi *ClientHelloInfo) SupportsCertificate(c *Certificate) error

func (cri *CertificateRequestInfo) SupportsCertificate(c *Certificate) error

func (c *Config) BuildNameToCertificate()

type Certificate struct {
	Certificate [][]byte

	PrivateKey crypto.PrivateKey

	SupportedSignatureAlgorithms []SignatureScheme

	OCSPStaple []byte

	SignedCertificateTimestamps [][]byte

	Leaf *x509.Certificate
}

func NewLRUClientSessionCache(capacity int) ClientSessionCache

func (c *lruSessionCache) Put(sessionKey string, cs *ClientSessionState)

func (c *lruSessionCache) Get(sessionKey string) (*ClientSessionState, bool)

type CertificateVerificationError struct {
	UnverifiedCertificates []*x509.Certificate
	Err                    error
}

func (e *CertificateVerificationError) Error() string

func (e *CertificateVerificationError) Unwrap() error

func (i SignatureScheme) String() string

func (i CurveID) String() string

func (i ClientAuthType) String() string

type Conn struct {
}

func (c *Conn) LocalAddr() net.Addr

func (c *Conn) RemoteAddr() net.Addr

func (c *Conn) SetDeadline(t time.Time) error

func (c *Conn) SetReadDeadline(t time.Time) error

func (c *Conn) SetWriteDeadline(t time.Time) error

func (c *Conn) NetConn() net.Conn

func (e *permanentError) Error() string

func (e *permanentError) Unwrap() error

func (e *permanentError) Timeout() bool

func (e *permanentError) Temporary() bool

type RecordHeaderError struct {
	Msg string

	RecordHeader [5]byte

	Conn net.Conn
}

func (e RecordHeaderError) Error() string

func (r *atLeastReader) Read(p []byte) (int, error)

func (c *Conn) Write(b []byte) (int, error)

func (c *Conn) Read(b []byte) (int, error)

func (c *Conn) Close() error

func (c *Conn) CloseWrite() error

func (c *Conn) Handshake() error

func (c *Conn) HandshakeContext(ctx context.Context) error

func (c *Conn) ConnectionState() ConnectionState

func (c *Conn) OCSPResponse() []byte

func (c *Conn) VerifyHostname(host string) error

func (e *echConfigErr) Error() string

type ECHRejectionError struct {
	RetryConfigList []byte
}

func (e *ECHRejectionError) Error() string

func (f marshalingFunction) Marshal(b *cryptobyte.Builder) error

func (h *finishedHash) Write(msg []byte) (n int, err error)

func (h finishedHash) Sum() []byte

type QUICEncryptionLevel int

const (
	QUICEncryptionLevelInitial = QUICEncryptionLevel(iota)
	QUICEncryptionLevelEarly
	QUICEncryptionLevelHandshake
	QUICEncryptionLevelApplication
)

func (l QUICEncryptionLevel) String() string

type QUICConn struct {
}

type QUICConfig struct {
	TLSConfig *Config

	EnableSessionEvents bool
}

type QUICEventKind int

const (
	QUICNoEvent QUICEventKind = iota

	QUICSetReadSecret
	QUICSetWriteSecret

	QUICWriteData

	QUICTransportParameters

	QUICTransportParametersRequired

	QUICRejectedEarlyData

	QUICHandshakeDone

	QUICResumeSession

	QUICStoreSession

	QUICErrorEvent
)

type QUICEvent struct {
	Kind QUICEventKind

	Level QUICEncryptionLevel

	Data []byte

	Suite uint16

	SessionState *SessionState

	Err error
}

func QUICClient(config *QUICConfig) *QUICConn

func QUICServer(config *QUICConfig) *QUICConn

func (q *QUICConn) Start(ctx context.Context) error

func (q *QUICConn) NextEvent() QUICEvent

func (q *QUICConn) Close() error

func (q *QUICConn) HandleData(level QUICEncryptionLevel, data []byte) error

type QUICSessionTicketOptions struct {
	EarlyData bool
	Extra     [][]byte
}

func (q *QUICConn) SendSessionTicket(opts QUICSessionTicketOptions) error

func (q *QUICConn) StoreSession(session *SessionState) error

func (q *QUICConn) ConnectionState() ConnectionState

func (q *QUICConn) SetTransportParameters(params []byte)

type SessionState struct {
	Extra [][]byte

	EarlyData bool
}

func (s *SessionState) Bytes() ([]byte, error)

func ParseSessionState(data []byte) (*SessionState, error)

func (c *Config) EncryptTicket(cs ConnectionState, ss *SessionState) ([]byte, error)

func (c *Config) DecryptTicket(identity []byte, cs ConnectionState) (*SessionState, error)

type ClientSessionState struct {
}

func (cs *ClientSessionState) ResumptionState() (ticket []byte, state *SessionState, err error)

func NewResumptionState(ticket []byte, state *SessionState) (*ClientSessionState, error)

func Server(conn net.Conn, config *Config) *Conn

func Client(conn net.Conn, config *Config) *Conn

func (l *listener) Accept() (net.Conn, error)

func NewListener(inner net.Listener, config *Config) net.Listener

func Listen(network, laddr string, config *Config) (net.Listener, error)

func (timeoutError) Error() string

func (timeoutError) Timeout() bool

func (timeoutError) Temporary() bool

func DialWithDialer(dialer *net.Dialer, network, addr string, config *Config) (*Conn, error)

func Dial(network, addr string, config *Config) (*Conn, error)

type Dialer struct {
	NetDialer *net.Dialer

	Config *Config
}

func (d *Dialer) Dial(network, addr string) (net.Conn, error)

func (d *Dialer) DialContext(ctx context.Context, network, addr string) (net.Conn, error)

func LoadX509KeyPair(certFile, keyFile string) (Certificate, error)

func X509KeyPair(certPEMBlock, keyPEMBlock []byte) (Certificate, error)
