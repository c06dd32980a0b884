// Package httputil: helpers of HTTP.
package httputil

import (
	"bufio"
	"io"
	"log"
	"net"
	"net/http"
	"net/url"
	"time"
)

func (c *dumpConn) Close() error

func (c *dumpConn) LocalAddr() net.Addr

func (c *dumpConn) RemoteAddr() net.Addr

func (c *dumpConn) SetDeadline(t time.Time) error

func (c *dumpConn) SetReadDeadline(t time.Time) error

func (c *dumpConn) SetWriteDeadline(t time.Time) error

func (b neverEnding) Read(p []byte) (n int, err error)

func DumpRequestOut(req *http.Request, body bool) ([]byte, error)

func (r *delegateReader) Read(p []byte) (int, error)

func DumpRequest(req *http.Request, body bool) ([]byte, error)

func (failureToReadBody) Read([]byte) (int, error)

func (failureToReadBody) Close() error

func DumpResponse(resp *http.Response, body bool) ([]byte, error)

func NewChunkedReader(r io.Reader) io.Reader

func NewChunkedWriter(w io.Writer) io.WriteCloser

var ErrLineTooLong = internal.ErrLineTooLong

var (
	ErrPersistEOF = &http.ProtocolError{ErrorString: "persistent connection closed"}

	ErrClosed = &http.ProtocolError{ErrorString: "connection closed by user"}

	ErrPipeline = &http.ProtocolError{ErrorString: "pipeline error"}
)

type ServerConn struct {
}

func NewServerConn(c net.Conn, r *bufio.Reader) *ServerConn

func (sc *ServerConn) Hijack() (net.Conn, *bufio.Reader)

func (sc *ServerConn) Close() error

func (sc *ServerConn) Read() (*http.Request, error)

func (sc *ServerConn) Pending() int

func (sc *ServerConn) Write(req *http.Request, resp *http.Response) error

type ClientConn struct {
}

func NewClientConn(c net.Conn, r *bufio.Reader) *ClientConn

func NewProxyClientConn(c net.Conn, r *bufio.Reader) *ClientConn

func (cc *ClientConn) Hijack() (c net.Conn, r *bufio.Reader)

func (cc *ClientConn) Close() error

func (cc *ClientConn) Write(req *http.Request) error

func (cc *ClientConn) Pending() int

func (cc *ClientConn) Read(req *http.Request) (resp *http.Response, err error)

func (cc *ClientConn) Do(req *http.Request) (*http.Response, error)

type ProxyRequest struct {
	In *http.Request

	Out *http.Request
}

func (r *ProxyRequest) SetURL(target *url.URL)

func (r *ProxyRequest) SetXForwarded()

type ReverseProxy struct {
	Rewrite func(*ProxyRequest)

	Transport http.RoundTripper

	FlushInterval time.Duration

	ErrorLog *log.Logger

	BufferPool BufferPool

	ModifyResponse func(*http.Response) error

	ErrorHandler func(http.ResponseWriter, *http.Request, error)

	Director func(*http.Request)
}

type BufferPool interface {
	Get() []byte
	Put([]byte)
}

func NewSingleHostReverseProxy(target *url.URL) *ReverseProxy

func (p *ReverseProxy) ServeHTTP(rw http.ResponseWriter, req *http.Request)

func (m *maxLatencyWriter) Write(p []byte) (n int, err error)

func (ncr *noopCloseReader) Close() error

func (ncr *noopCloseReader) Read(p []byte) (int, error)
