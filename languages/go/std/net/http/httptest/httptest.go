// Package httptest: tests what answers requests.
package httptest

import (
	"bytes"
	"context"
	"crypto/tls"
	"crypto/x509"
	"io"
	"net"
	"net/http"
)

func NewRequest(method, target string, body io.Reader) *http.Request

func NewRequestWithContext(ctx context.Context, method, target string, body io.Reader) *http.Request

type ResponseRecorder struct {
	Code int

	HeaderMap http.Header

	Body *bytes.Buffer

	Flushed bool
}

func NewRecorder() *ResponseRecorder

const DefaultRemoteAddr = "1.2.3.4"

func (rw *ResponseRecorder) Header() http.Header

func (rw *ResponseRecorder) Write(buf []byte) (int, error)

func (rw *ResponseRecorder) WriteString(str string) (int, error)

func (rw *ResponseRecorder) WriteHeader(code int)

func (rw *ResponseRecorder) Flush()

func (rw *ResponseRecorder) Result() *http.Response

type Server struct {
	URL      string
	Listener net.Listener

	EnableHTTP2 bool

	TLS *tls.Config

	Config *http.Server
}

func NewServer(handler http.Handler) *Server

func NewUnstartedServer(handler http.Handler) *Server

func (s *Server) Start()

func (s *Server) StartTLS()

func NewTLSServer(handler http.Handler) *Server

func (s *Server) Close()

func (s *Server) CloseClientConnections()

func (s *Server) Certificate() *x509.Certificate

func (s *Server) Client() *http.Client
