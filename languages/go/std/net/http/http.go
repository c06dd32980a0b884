// Package http: requests and answers by HTTP.
package http

import (
	"bufio"
	"bytes"
	"context"
	"crypto/tls"
	"golang.org/x/net/http2/hpack"
	"io"
	"io/fs"
	"log"
	"mime/multipart"
	"net"
	"net/url"
	"time"
)

type Client struct {
	Transport RoundTripper

	CheckRedirect func(req *Request, via []*Request) error

	Jar CookieJar

	Timeout time.Duration
}

var DefaultClient = &Client{}

type RoundTripper interface {
	RoundTrip(*Request) (*Response, error)
}

var ErrSchemeMismatch error

func Get(url string) (resp *Response, err error)

func (c *Client) Get(url string) (resp *Response, err error)

var ErrUseLastResponse error

func (c *Client) Do(req *Request) (*Response, error)

func Post(url, contentType string, body io.Reader) (resp *Response, err error)

func (c *Client) Post(url, contentType string, body io.Reader) (resp *Response, err error)

func PostForm(url string, data url.Values) (resp *Response, err error)

func (c *Client) PostForm(url string, data url.Values) (resp *Response, err error)

func Head(url string) (resp *Response, err error)

func (c *Client) Head(url string) (resp *Response, err error)

func (c *Client) CloseIdleConnections()

func (b *cancelTimerBody) Read(p []byte) (n int, err error)

func (b *cancelTimerBody) Close() error

type ClientConn struct {
}

func (t *Transport) NewClientConn(ctx context.Context, scheme, address string) (*ClientConn, error)

func (cc *ClientConn) Close() error

func (cc *ClientConn) Err() error

func (cc *ClientConn) RoundTrip(req *Request) (*Response, error)

func (cc *ClientConn) Available() int

func (cc *ClientConn) InFlight() int

func (cc *ClientConn) Reserve() error

func (cc *ClientConn) Release()

func (cc *ClientConn) SetStateHook(f func(*ClientConn))

func (cc http1ClientConn) RoundTrip(req *Request) (*Response, error)

func (cc http1ClientConn) Close() error

func (cc http1ClientConn) Err() error

func (cc http1ClientConn) Available() int

func (cc http1ClientConn) InFlight() int

func (cc http1ClientConn) Reserve() error

func (cc http1ClientConn) Release()

type Cookie struct {
	Name   string
	Value  string
	Quoted bool

	Path       string
	Domain     string
	Expires    time.Time
	RawExpires string

	MaxAge      int
	Secure      bool
	HttpOnly    bool
	SameSite    SameSite
	Partitioned bool
	Raw         string
	Unparsed    []string
}

type SameSite int

const (
	SameSiteDefaultMode SameSite = iota + 1
	SameSiteLaxMode
	SameSiteStrictMode
	SameSiteNoneMode
)

func ParseCookie(line string) ([]*Cookie, error)

func ParseSetCookie(line string) (*Cookie, error)

func SetCookie(w ResponseWriter, cookie *Cookie)

func (c *Cookie) String() string

func (c *Cookie) Valid() error

type CrossOriginProtection struct {
}

func NewCrossOriginProtection() *CrossOriginProtection

func (c *CrossOriginProtection) AddTrustedOrigin(origin string) error

func (noopHandler) ServeHTTP(ResponseWriter, *Request)

func (c *CrossOriginProtection) AddInsecureBypassPattern(pattern string)

func (c *CrossOriginProtection) SetDenyHandler(h Handler)

func (c *CrossOriginProtection) Check(req *Request) error

func (c *CrossOriginProtection) Handler(h Handler) Handler

func NewFileTransport(fs FileSystem) RoundTripper

func NewFileTransportFS(fsys fs.FS) RoundTripper

func (t fileTransport) RoundTrip(req *Request) (resp *Response, err error)

func (pr *populateResponse) Header() Header

func (pr *populateResponse) WriteHeader(code int)

func (pr *populateResponse) Write(p []byte) (n int, err error)

type Dir string

func (d Dir) Open(name string) (File, error)

type FileSystem interface {
	Open(name string) (File, error)
}

type File interface {
	io.Closer
	io.Reader
	io.Seeker
	Readdir(count int) ([]fs.FileInfo, error)
	Stat() (fs.FileInfo, error)
}

func ServeContent(w ResponseWriter, req *Request, name string, modtime time.Time, content io.ReadSeeker)

func ServeFile(w ResponseWriter, r *Request, name string)

func ServeFileFS(w ResponseWriter, r *Request, fsys fs.FS, name string)

func (f ioFS) Open(name string) (File, error)

func (f ioFile) Close() error

func (f ioFile) Read(b []byte) (int, error)

func (f ioFile) Stat() (fs.FileInfo, error)

func (f ioFile) Seek(offset int64, whence int) (int64, error)

func (f ioFile) ReadDir(count int) ([]fs.DirEntry, error)

func (f ioFile) Readdir(count int) ([]fs.FileInfo, error)

func FS(fsys fs.FS) FileSystem

func FileServer(root FileSystem) Handler

func FileServerFS(root fs.FS) Handler

func (f *fileHandler) ServeHTTP(w ResponseWriter, r *Request)

func (w *countingWriter) Write(p []byte) (n int, err error)

func (p *http2clientConnPool) GetClientConn(req *Request, addr string) (*http2ClientConn, error)

func (p *http2clientConnPool) MarkDead(cc *http2ClientConn)

func (p http2noDialClientConnPool) GetClientConn(req *Request, addr string) (*http2ClientConn, error)

func (b *http2dataBuffer) Read(p []byte) (int, error)

func (b *http2dataBuffer) Len() int

func (b *http2dataBuffer) Write(p []byte) (int, error)

func (e http2ErrCode) String() string

func (e http2ConnectionError) Error() string

func (e http2StreamError) Error() string

func (http2goAwayFlowError) Error() string

func (e http2connError) Error() string

func (e http2pseudoHeaderError) Error() string

func (e http2duplicatePseudoHeaderError) Error() string

func (e http2headerFieldNameError) Error() string

func (e http2headerFieldValueError) Error() string

func (t http2FrameType) String() string

func (f http2Flags) Has(v http2Flags) bool

func (h http2FrameHeader) Header() http2FrameHeader

func (h http2FrameHeader) String() string

func (fr *http2Framer) SetReuseFrames()

func (fr *http2Framer) SetMaxReadFrameSize(v uint32)

func (fr *http2Framer) ErrorDetail() error

func (fr *http2Framer) ReadFrameHeader() (http2FrameHeader, error)

func (fr *http2Framer) ReadFrameForHeader(fh http2FrameHeader) (http2Frame, error)

func (fr *http2Framer) ReadFrame() (http2Frame, error)

func (f *http2DataFrame) StreamEnded() bool

func (f *http2DataFrame) Data() []byte

func (f *http2Framer) WriteData(streamID uint32, endStream bool, data []byte) error

func (f *http2Framer) WriteDataPadded(streamID uint32, endStream bool, data, pad []byte) error

func (f *http2SettingsFrame) IsAck() bool

func (f *http2SettingsFrame) Value(id http2SettingID) (v uint32, ok bool)

func (f *http2SettingsFrame) Setting(i int) http2Setting

func (f *http2SettingsFrame) NumSettings() int

func (f *http2SettingsFrame) HasDuplicates() bool

func (f *http2SettingsFrame) ForeachSetting(fn func(http2Setting) error) error

func (f *http2Framer) WriteSettings(settings ...http2Setting) error

func (f *http2Framer) WriteSettingsAck() error

func (f *http2PingFrame) IsAck() bool

func (f *http2Framer) WritePing(ack bool, data [8]byte) error

func (f *http2GoAwayFrame) DebugData() []byte

func (f *http2Framer) WriteGoAway(maxStreamID uint32, code http2ErrCode, debugData []byte) error

func (f *http2UnknownFrame) Payload() []byte

func (f *http2Framer) WriteWindowUpdate(streamID, incr uint32) error

func (f *http2HeadersFrame) HeaderBlockFragment() []byte

func (f *http2HeadersFrame) HeadersEnded() bool

func (f *http2HeadersFrame) StreamEnded() bool

func (f *http2HeadersFrame) HasPriority() bool

func (f *http2Framer) WriteHeaders(p http2HeadersFrameParam) error

func (p http2PriorityParam) IsZero() bool

func (f *http2Framer) WritePriority(streamID uint32, p http2PriorityParam) error

func (f *http2Framer) WriteRSTStream(streamID uint32, code http2ErrCode) error

func (f *http2ContinuationFrame) HeaderBlockFragment() []byte

func (f *http2ContinuationFrame) HeadersEnded() bool

func (f *http2Framer) WriteContinuation(streamID uint32, endHeaders bool, headerBlockFragment []byte) error

func (f *http2PushPromiseFrame) HeaderBlockFragment() []byte

func (f *http2PushPromiseFrame) HeadersEnded() bool

func (f *http2Framer) WritePushPromise(p http2PushPromiseParam) error

func (f *http2Framer) WriteRawFrame(t http2FrameType, flags http2Flags, streamID uint32, payload []byte) error

func (mh *http2MetaHeadersFrame) PseudoValue(pseudo string) string

func (mh *http2MetaHeadersFrame) RegularFields() []hpack.HeaderField

func (mh *http2MetaHeadersFrame) PseudoFields() []hpack.HeaderField

func (st http2streamState) String() string

func (s http2Setting) String() string

func (s http2Setting) Valid() error

func (s http2SettingID) String() string

func (cw *http2closeWaiter) Init()

func (cw http2closeWaiter) Close()

func (cw http2closeWaiter) Wait()

func (w *http2bufferedWriter) Available() int

func (w *http2bufferedWriter) Write(p []byte) (n int, err error)

func (w *http2bufferedWriter) Flush() error

func (w *http2bufferedWriterTimeoutWriter) Write(p []byte) (n int, err error)

func (e *http2httpError) Error() string

func (e *http2httpError) Timeout() bool

func (e *http2httpError) Temporary() bool

func (s *http2sorter) Len() int

func (s *http2sorter) Swap(i, j int)

func (s *http2sorter) Less(i, j int) bool

func (s *http2sorter) Keys(h Header) []string

func (s *http2sorter) SortStrings(ss []string)

func (p *http2pipe) Len() int

func (p *http2pipe) Read(d []byte) (n int, err error)

func (p *http2pipe) Write(d []byte) (n int, err error)

func (p *http2pipe) CloseWithError(err error)

func (p *http2pipe) BreakWithError(err error)

func (p *http2pipe) Err() error

func (p *http2pipe) Done() <-chan struct{}

func (s *http2Server) ServeConn(c net.Conn, opts *http2ServeConnOpts)

func (sc *http2serverConn) Framer() *http2Framer

func (sc *http2serverConn) CloseConn() error

func (sc *http2serverConn) Flush() error

func (sc *http2serverConn) HeaderEncoder() (*hpack.Encoder, *bytes.Buffer)

func (b *http2requestBody) Close() error

func (b *http2requestBody) Read(p []byte) (n int, err error)

func (cw http2chunkWriter) Write(p []byte) (n int, err error)

func (w *http2responseWriter) SetReadDeadline(deadline time.Time) error

func (w *http2responseWriter) SetWriteDeadline(deadline time.Time) error

func (w *http2responseWriter) EnableFullDuplex() error

func (w *http2responseWriter) Flush()

func (w *http2responseWriter) FlushError() error

func (w *http2responseWriter) CloseNotify() <-chan bool

func (w *http2responseWriter) Header() Header

func (w *http2responseWriter) WriteHeader(code int)

func (w *http2responseWriter) Write(p []byte) (n int, err error)

func (w *http2responseWriter) WriteString(s string) (n int, err error)

func (w *http2responseWriter) Push(target string, opts *PushOptions) error

func (t *http2unencryptedTransport) RoundTrip(req *Request) (*Response, error)

func (sew http2stickyErrWriter) Write(p []byte) (n int, err error)

func (http2noCachedConnError) IsHTTP2NoCachedConnError()

func (http2noCachedConnError) Error() string

func (t *http2Transport) RoundTrip(req *Request) (*Response, error)

func (t *http2Transport) RoundTripOpt(req *Request, opt http2RoundTripOpt) (*Response, error)

func (t *http2Transport) CloseIdleConnections()

func (t *http2Transport) NewClientConn(c net.Conn) (*http2ClientConn, error)

func (cc *http2ClientConn) SetDoNotReuse()

func (cc *http2ClientConn) CanTakeNewRequest() bool

func (cc *http2ClientConn) ReserveNewRequest() bool

func (cc *http2ClientConn) State() http2ClientConnState

func (cc *http2ClientConn) Shutdown(ctx context.Context) error

func (cc *http2ClientConn) Close() error

func (cc *http2ClientConn) RoundTrip(req *Request) (*Response, error)

func (e http2GoAwayError) Error() string

func (b http2transportResponseBody) Read(p []byte) (n int, err error)

func (b http2transportResponseBody) Close() error

func (cc *http2ClientConn) Ping(ctx context.Context) error

func (http2noBodyReader) Close() error

func (http2noBodyReader) Read([]byte) (int, error)

func (http2missingBody) Close() error

func (http2missingBody) Read([]byte) (int, error)

func (rt http2erringRoundTripper) RoundTripErr() error

func (rt http2erringRoundTripper) RoundTrip(*Request) (*Response, error)

func (http2eofReader) Read([]byte) (int, error)

func (http2eofReader) ReadByte() (byte, error)

func (gz *http2gzipReader) Read(p []byte) (n int, err error)

func (gz *http2gzipReader) Close() error

func (r http2errorReader) Read(p []byte) (int, error)

func (rt http2noDialH2RoundTripper) RoundTrip(req *Request) (*Response, error)

func (rt http2noDialH2RoundTripper) NewClientConn(conn net.Conn, internalStateHook func()) (RoundTripper, error)

func (cc http2netHTTPClientConn) RoundTrip(req *Request) (*Response, error)

func (cc http2netHTTPClientConn) Close() error

func (cc http2netHTTPClientConn) Err() error

func (cc http2netHTTPClientConn) Reserve() error

func (cc http2netHTTPClientConn) Release()

func (cc http2netHTTPClientConn) Available() int

func (cc http2netHTTPClientConn) InFlight() int

func (w *http2writeData) String() string

func (wr http2FrameWriteRequest) StreamID() uint32

func (wr http2FrameWriteRequest) DataSize() int

func (wr http2FrameWriteRequest) Consume(n int32) (http2FrameWriteRequest, http2FrameWriteRequest, int)

func (wr http2FrameWriteRequest) String() string

func (z http2sortPriorityNodeSiblingsRFC7540) Len() int

func (z http2sortPriorityNodeSiblingsRFC7540) Swap(i, k int)

func (z http2sortPriorityNodeSiblingsRFC7540) Less(i, k int) bool

func (ws *http2priorityWriteSchedulerRFC7540) OpenStream(streamID uint32, options http2OpenStreamOptions)

func (ws *http2priorityWriteSchedulerRFC7540) CloseStream(streamID uint32)

func (ws *http2priorityWriteSchedulerRFC7540) AdjustStream(streamID uint32, priority http2PriorityParam)

func (ws *http2priorityWriteSchedulerRFC7540) Push(wr http2FrameWriteRequest)

func (ws *http2priorityWriteSchedulerRFC7540) Pop() (wr http2FrameWriteRequest, ok bool)

func (ws *http2priorityWriteSchedulerRFC9218) OpenStream(streamID uint32, opt http2OpenStreamOptions)

func (ws *http2priorityWriteSchedulerRFC9218) CloseStream(streamID uint32)

func (ws *http2priorityWriteSchedulerRFC9218) AdjustStream(streamID uint32, priority http2PriorityParam)

func (ws *http2priorityWriteSchedulerRFC9218) Push(wr http2FrameWriteRequest)

func (ws *http2priorityWriteSchedulerRFC9218) Pop() (http2FrameWriteRequest, bool)

func (ws *http2randomWriteScheduler) OpenStream(streamID uint32, options http2OpenStreamOptions)

func (ws *http2randomWriteScheduler) CloseStream(streamID uint32)

func (ws *http2randomWriteScheduler) AdjustStream(streamID uint32, priority http2PriorityParam)

func (ws *http2randomWriteScheduler) Push(wr http2FrameWriteRequest)

func (ws *http2randomWriteScheduler) Pop() (http2FrameWriteRequest, bool)

func (ws *http2roundRobinWriteScheduler) OpenStream(streamID uint32, options http2OpenStreamOptions)

func (ws *http2roundRobinWriteScheduler) CloseStream(streamID uint32)

func (ws *http2roundRobinWriteScheduler) AdjustStream(streamID uint32, priority http2PriorityParam)

func (ws *http2roundRobinWriteScheduler) Push(wr http2FrameWriteRequest)

func (ws *http2roundRobinWriteScheduler) Pop() (http2FrameWriteRequest, bool)

func (e http2StreamError) As(target any) bool

type Header map[string][]string

func (h Header) Add(key, value string)

func (h Header) Set(key, value string)

func (h Header) Get(key string) string

func (h Header) Values(key string) []string

func (h Header) Del(key string)

func (h Header) Write(w io.Writer) error

func (h Header) Clone() Header

func ParseTime(text string) (t time.Time, err error)

func (w stringWriter) WriteString(s string) (n int, err error)

func (h Header) WriteSubset(w io.Writer, exclude map[string]bool) error

func CanonicalHeaderKey(s string) string

type Protocols struct {
}

func (p Protocols) HTTP1() bool

func (p *Protocols) SetHTTP1(ok bool)

func (p Protocols) HTTP2() bool

func (p *Protocols) SetHTTP2(ok bool)

func (p Protocols) UnencryptedHTTP2() bool

func (p *Protocols) SetUnencryptedHTTP2(ok bool)

func (p Protocols) String() string

func (k *contextKey) String() string

var NoBody = noBody{}

func (noBody) Read([]byte) (int, error)

func (noBody) Close() error

func (noBody) WriteTo(io.Writer) (int64, error)

type PushOptions struct {
	Method string

	Header Header
}

type Pusher interface {
	Push(target string, opts *PushOptions) error
}

type HTTP2Config struct {
	MaxConcurrentStreams int

	StrictMaxConcurrentRequests bool

	MaxDecoderHeaderTableSize int

	MaxEncoderHeaderTableSize int

	MaxReadFrameSize int

	MaxReceiveBufferPerConnection int

	MaxReceiveBufferPerStream int

	SendPingTimeout time.Duration

	PingTimeout time.Duration

	WriteByteTimeout time.Duration

	PermitProhibitedCipherSuites bool

	CountError func(errType string)
}

type CookieJar interface {
	SetCookies(u *url.URL, cookies []*Cookie)

	Cookies(u *url.URL) []*Cookie
}

const (
	MethodGet     = "GET"
	MethodHead    = "HEAD"
	MethodPost    = "POST"
	MethodPut     = "PUT"
	MethodPatch   = "PATCH"
	MethodDelete  = "DELETE"
	MethodConnect = "CONNECT"
	MethodOptions = "OPTIONS"
	MethodTrace   = "TRACE"
)

func (p *pattern) String() string

var ErrMissingFile error

type ProtocolError struct {
	ErrorString string
}

func (pe *ProtocolError) Error() string

func (pe *ProtocolError) Is(err error) bool

var (
	ErrNotSupported = &ProtocolError{"feature not supported"}

	ErrUnexpectedTrailer = &ProtocolError{"trailer header without chunked transfer encoding"}

	ErrMissingBoundary = &ProtocolError{"no multipart boundary param in Content-Type"}

	ErrNotMultipart = &ProtocolError{"request Content-Type isn't multipart/form-data"}

	ErrHeaderTooLong = &ProtocolError{"header too long"}

	ErrShortBody = &ProtocolError{"entity body too short"}

	ErrMissingContentLength = &ProtocolError{"missing ContentLength in HEAD response"}
)

type Request struct {
	Method string

	URL *url.URL

	Proto      string
	ProtoMajor int
	ProtoMinor int

	Header Header

	Body io.ReadCloser

	GetBody func() (io.ReadCloser, error)

	ContentLength int64

	TransferEncoding []string

	Close bool

	Host string

	Form url.Values

	PostForm url.Values

	MultipartForm *multipart.Form

	Trailer Header

	RemoteAddr string

	RequestURI string

	TLS *tls.ConnectionState

	Cancel <-chan struct{}

	Response *Response

	Pattern string
}

func (r *Request) Context() context.Context

func (r *Request) WithContext(ctx context.Context) *Request

func (r *Request) Clone(ctx context.Context) *Request

func (r *Request) ProtoAtLeast(major, minor int) bool

func (r *Request) UserAgent() string

func (r *Request) Cookies() []*Cookie

func (r *Request) CookiesNamed(name string) []*Cookie

var ErrNoCookie error

func (r *Request) Cookie(name string) (*Cookie, error)

func (r *Request) AddCookie(c *Cookie)

func (r *Request) Referer() string

func (r *Request) MultipartReader() (*multipart.Reader, error)

func (r *Request) Write(w io.Writer) error

func (r *Request) WriteProxy(w io.Writer) error

func ParseHTTPVersion(vers string) (major, minor int, ok bool)

func NewRequest(method, url string, body io.Reader) (*Request, error)

func NewRequestWithContext(ctx context.Context, method, url string, body io.Reader) (*Request, error)

func (r *Request) BasicAuth() (username, password string, ok bool)

func (r *Request) SetBasicAuth(username, password string)

func ReadRequest(b *bufio.Reader) (*Request, error)

func MaxBytesReader(w ResponseWriter, r io.ReadCloser, n int64) io.ReadCloser

type MaxBytesError struct {
	Limit int64
}

func (e *MaxBytesError) Error() string

func (l *maxBytesReader) Read(p []byte) (n int, err error)

func (l *maxBytesReader) Close() error

func (r *Request) ParseForm() error

func (r *Request) ParseMultipartForm(maxMemory int64) error

func (r *Request) FormValue(key string) string

func (r *Request) PostFormValue(key string) string

func (r *Request) FormFile(key string) (multipart.File, *multipart.FileHeader, error)

func (r *Request) PathValue(name string) string

func (r *Request) SetPathValue(name, value string)

type Response struct {
	Status     string
	StatusCode int
	Proto      string
	ProtoMajor int
	ProtoMinor int

	Header Header

	Body io.ReadCloser

	ContentLength int64

	TransferEncoding []string

	Close bool

	Uncompressed bool

	Trailer Header

	Request *Request

	TLS *tls.ConnectionState
}

func (r *Response) Cookies() []*Cookie

var ErrNoLocation error

func (r *Response) Location() (*url.URL, error)

func ReadResponse(r *bufio.Reader, req *Request) (*Response, error)

func (r *Response) ProtoAtLeast(major, minor int) bool

func (r *Response) Write(w io.Writer) error

type ResponseController struct {
}

func NewResponseController(rw ResponseWriter) *ResponseController

func (c *ResponseController) Flush() error

func (c *ResponseController) Hijack() (net.Conn, *bufio.ReadWriter, error)

func (c *ResponseController) SetReadDeadline(deadline time.Time) error

func (c *ResponseController) SetWriteDeadline(deadline time.Time) error

func (c *ResponseController) EnableFullDuplex() error

func (t *Transport) RoundTrip(req *Request) (*Response, error)

var (
	ErrBodyNotAllowed error

	ErrHijacked error

	ErrContentLength error

	ErrWriteAfterFlush error
)

type Handler interface {
	ServeHTTP(ResponseWriter, *Request)
}

type ResponseWriter interface {
	Header() Header

	Write([]byte) (int, error)

	WriteHeader(statusCode int)
}

type Flusher interface {
	Flush()
}

type Hijacker interface {
	Hijack() (net.Conn, *bufio.ReadWriter, error)
}

type CloseNotifier interface {
	CloseNotify() <-chan bool
}

var (
	ServerContextKey = &contextKey{"http-server"}

	LocalAddrContextKey = &contextKey{"local-addr"}
)

func (cw *chunkWriter) Write(p []byte) (n int, err error)

func (c *response) SetReadDeadline(deadline time.Time) error

func (c *response) SetWriteDeadline(deadline time.Time) error

func (c *response) EnableFullDuplex() error

const TrailerPrefix = "Trailer:"

func (w *response) ReadFrom(src io.Reader) (n int64, err error)

func (cr *connReader) Read(p []byte) (n int, err error)

const DefaultMaxHeaderBytes = 1 << 20

func (ecr *expectContinueReader) Read(p []byte) (n int, err error)

func (ecr *expectContinueReader) Close() error

const TimeFormat = "Mon, 02 Jan 2006 15:04:05 GMT"

func (w *response) Header() Header

func (w *response) WriteHeader(code int)

func (h extraHeader) Write(w *bufio.Writer)

func (w *response) Write(data []byte) (n int, err error)

func (w *response) WriteString(data string) (n int, err error)

func (w *response) Flush()

func (w *response) FlushError() error

func (e statusError) Error() string

var ErrAbortHandler error

func (h unencryptedHTTP2Request) BaseContext() context.Context

func (h unencryptedHTTP2Request) ServeHTTP(rw ResponseWriter, req *Request)

func (c unencryptedNetConnInTLSConn) UnencryptedNetConn() net.Conn

func (w *response) Hijack() (rwc net.Conn, buf *bufio.ReadWriter, err error)

func (w *response) CloseNotify() <-chan bool

type HandlerFunc func(ResponseWriter, *Request)

func (f HandlerFunc) ServeHTTP(w ResponseWriter, r *Request)

func Error(w ResponseWriter, error string, code int)

func NotFound(w ResponseWriter, r *Request)

func NotFoundHandler() Handler

func StripPrefix(prefix string, h Handler) Handler

func Redirect(w ResponseWriter, r *Request, url string, code int)

func (rh *redirectHandler) ServeHTTP(w ResponseWriter, r *Request)

func RedirectHandler(url string, code int) Handler

type ServeMux struct {
}

func NewServeMux() *ServeMux

var DefaultServeMux = &defaultServeMux

func (mux *ServeMux) Handler(r *Request) (h Handler, pattern string)

func (mux *ServeMux) ServeHTTP(w ResponseWriter, r *Request)

func (mux *ServeMux) Handle(pattern string, handler Handler)

func (mux *ServeMux) HandleFunc(pattern string, handler func(ResponseWriter, *Request))

func Handle(pattern string, handler Handler)

func HandleFunc(pattern string, handler func(ResponseWriter, *Request))

func Serve(l net.Listener, handler Handler) error

func ServeTLS(l net.Listener, handler Handler, certFile, keyFile string) error

type Server struct {
	Addr string

	Handler Handler

	DisableGeneralOptionsHandler bool

	TLSConfig *tls.Config

	ReadTimeout time.Duration

	ReadHeaderTimeout time.Duration

	WriteTimeout time.Duration

	IdleTimeout time.Duration

	MaxHeaderBytes int

	TLSNextProto map[string]func(*Server, *tls.Conn, Handler)

	ConnState func(net.Conn, ConnState)

	ErrorLog *log.Logger

	BaseContext func(net.Listener) context.Context

	ConnContext func(ctx context.Context, c net.Conn) context.Context

	HTTP2 *HTTP2Config

	Protocols *Protocols
}

func (s *Server) Close() error

func (s *Server) Shutdown(ctx context.Context) error

func (s *Server) RegisterOnShutdown(f func())

type ConnState int

const (
	StateNew ConnState = iota

	StateActive

	StateIdle

	StateHijacked

	StateClosed
)

func (c ConnState) String() string

func (sh serverHandler) ServeHTTP(rw ResponseWriter, req *Request)

func AllowQuerySemicolons(h Handler) Handler

func (s *Server) ListenAndServe() error

var ErrServerClosed error

func (s *Server) Serve(l net.Listener) error

func (s *Server) ServeTLS(l net.Listener, certFile, keyFile string) error

func (s *Server) SetKeepAlivesEnabled(v bool)

func ListenAndServe(addr string, handler Handler) error

func ListenAndServeTLS(addr, certFile, keyFile string, handler Handler) error

func (s *Server) ListenAndServeTLS(certFile, keyFile string) error

func TimeoutHandler(h Handler, dt time.Duration, msg string) Handler

var ErrHandlerTimeout error

func (h *timeoutHandler) ServeHTTP(w ResponseWriter, r *Request)

func (tw *timeoutWriter) Push(target string, opts *PushOptions) error

func (tw *timeoutWriter) Header() Header

func (tw *timeoutWriter) Write(p []byte) (int, error)

func (tw *timeoutWriter) WriteHeader(code int)

func (oc *onceCloseListener) Close() error

func (globalOptionsHandler) ServeHTTP(w ResponseWriter, r *Request)

func (h initALPNRequest) BaseContext() context.Context

func (h initALPNRequest) ServeHTTP(rw ResponseWriter, req *Request)

func (c *loggingConn) Write(p []byte) (n int, err error)

func (c *loggingConn) Read(p []byte) (n int, err error)

func (c *loggingConn) Close() (err error)

func (w checkConnErrorWriter) Write(p []byte) (n int, err error)

func MaxBytesHandler(h Handler, n int64) Handler

func DetectContentType(data []byte) string

func (cmd socksCommand) String() string

func (code socksReply) String() string

func (a *socksAddr) Network() string

func (a *socksAddr) String() string

func (c *socksConn) BoundAddr() net.Addr

func (d *socksDialer) DialContext(ctx context.Context, network, address string) (net.Conn, error)

func (d *socksDialer) DialWithConn(ctx context.Context, c net.Conn, network, address string) (net.Addr, error)

func (d *socksDialer) Dial(network, address string) (net.Conn, error)

func (up *socksUsernamePassword) Authenticate(ctx context.Context, rw io.ReadWriter, auth socksAuthMethod) error

const (
	StatusContinue           = 100
	StatusSwitchingProtocols = 101
	StatusProcessing         = 102
	StatusEarlyHints         = 103

	StatusOK                   = 200
	StatusCreated              = 201
	StatusAccepted             = 202
	StatusNonAuthoritativeInfo = 203
	StatusNoContent            = 204
	StatusResetContent         = 205
	StatusPartialContent       = 206
	StatusMultiStatus          = 207
	StatusAlreadyReported      = 208
	StatusIMUsed               = 226

	StatusMultipleChoices  = 300
	StatusMovedPermanently = 301
	StatusFound            = 302
	StatusSeeOther         = 303
	StatusNotModified      = 304
	StatusUseProxy         = 305

	StatusTemporaryRedirect = 307
	StatusPermanentRedirect = 308

	StatusBadRequest                   = 400
	StatusUnauthorized                 = 401
	StatusPaymentRequired              = 402
	StatusForbidden                    = 403
	StatusNotFound                     = 404
	StatusMethodNotAllowed             = 405
	StatusNotAcceptable                = 406
	StatusProxyAuthRequired            = 407
	StatusRequestTimeout               = 408
	StatusConflict                     = 409
	StatusGone                         = 410
	StatusLengthRequired               = 411
	StatusPreconditionFailed           = 412
	StatusRequestEntityTooLarge        = 413
	StatusRequestURITooLong            = 414
	StatusUnsupportedMediaType         = 415
	StatusRequestedRangeNotSatisfiable = 416
	StatusExpectationFailed            = 417
	StatusTeapot                       = 418
	StatusMisdirectedRequest           = 421
	StatusUnprocessableEntity          = 422
	StatusLocked                       = 423
	StatusFailedDependency             = 424
	StatusTooEarly                     = 425
	StatusUpgradeRequired              = 426
	StatusPreconditionRequired         = 428
	StatusTooManyRequests              = 429
	StatusRequestHeaderFieldsTooLarge  = 431
	StatusUnavailableForLegalReasons   = 451

	StatusInternalServerError           = 500
	StatusNotImplemented                = 501
	StatusBadGateway                    = 502
	StatusServiceUnavailable            = 503
	StatusGatewayTimeout                = 504
	StatusHTTPVersionNotSupported       = 505
	StatusVariantAlsoNegotiates         = 506
	StatusInsufficientStorage           = 507
	StatusLoopDetected                  = 508
	StatusNotExtended                   = 510
	StatusNetworkAuthenticationRequired = 511
)

func StatusText(code int) string

var ErrLineTooLong = internal.ErrLineTooLong

func (r errorReader) Read(p []byte) (n int, err error)

func (br *byteReader) Read(p []byte) (n int, err error)

func (uste *unsupportedTEError) Error() string

var ErrBodyReadAfterClose error

func (b *body) Read(p []byte) (n int, err error)

func (b *body) Close() error

func (bl bodyLocked) Read(p []byte) (n int, err error)

func (fr finishAsyncByteRead) Read(p []byte) (n int, err error)

func (fw bufioFlushWriter) Write(p []byte) (n int, err error)

var DefaultTransport RoundTripper

const DefaultMaxIdleConnsPerHost = 2

type Transport struct {
	Proxy func(*Request) (*url.URL, error)

	OnProxyConnectResponse func(ctx context.Context, proxyURL *url.URL, connectReq *Request, connectRes *Response) error

	DialContext func(ctx context.Context, network, addr string) (net.Conn, error)

	Dial func(network, addr string) (net.Conn, error)

	DialTLSContext func(ctx context.Context, network, addr string) (net.Conn, error)

	DialTLS func(network, addr string) (net.Conn, error)

	TLSClientConfig *tls.Config

	TLSHandshakeTimeout time.Duration

	DisableKeepAlives bool

	DisableCompression bool

	MaxIdleConns int

	MaxIdleConnsPerHost int

	MaxConnsPerHost int

	IdleConnTimeout time.Duration

	ResponseHeaderTimeout time.Duration

	ExpectContinueTimeout time.Duration

	TLSNextProto map[string]func(authority string, c *tls.Conn) RoundTripper

	ProxyConnectHeader Header

	GetProxyConnectHeader func(ctx context.Context, proxyURL *url.URL, target string) (Header, error)

	MaxResponseHeaderBytes int64

	WriteBufferSize int

	ReadBufferSize int

	ForceAttemptHTTP2 bool

	HTTP2 *HTTP2Config

	Protocols *Protocols
}

func (t *Transport) Clone() *Transport

func ProxyFromEnvironment(req *Request) (*url.URL, error)

func ProxyURL(fixedURL *url.URL) func(*Request) (*url.URL, error)

func (r *readTrackingBody) Read(data []byte) (int, error)

func (r *readTrackingBody) Close() error

var ErrSkipAltProtocol error

func (t *Transport) RegisterProtocol(scheme string, rt RoundTripper)

func (t *Transport) CloseIdleConnections()

func (t *Transport) CancelRequest(req *Request)

func (e transportReadFromServerError) Unwrap() error

func (e transportReadFromServerError) Error() string

func (w persistConnWriter) Write(p []byte) (n int, err error)

func (w persistConnWriter) ReadFrom(r io.Reader) (n int64, err error)

func (k connectMethodKey) String() string

func (pc *persistConn) Read(p []byte) (n int, err error)

func (b *readWriteCloserBody) Read(p []byte) (n int, err error)

func (b *readWriteCloserBody) CloseWrite() error

func (nwe nothingWrittenError) Unwrap() error

func (e *timeoutError) Error() string

func (e *timeoutError) Timeout() bool

func (e *timeoutError) Temporary() bool

func (e *timeoutError) Is(err error) bool

func (es *bodyEOFSignal) Read(p []byte) (n int, err error)

func (es *bodyEOFSignal) Close() error

func (eofReader) Read([]byte) (int, error)

func (eofReader) ReadByte() (byte, error)

func (gz *gzipReader) Read(p []byte) (n int, err error)

func (gz *gzipReader) Close() error

func (tlsHandshakeTimeoutError) Timeout() bool

func (tlsHandshakeTimeoutError) Temporary() bool

func (tlsHandshakeTimeoutError) Error() string

func (fakeLocker) Lock()

func (fakeLocker) Unlock()
