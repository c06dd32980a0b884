// Package rpc: calls to other processes.
package rpc

import (
	"io"
	"net"
	"net/http"
)

type ServerError string

func (e ServerError) Error() string

var ErrShutdown error

type Call struct {
	ServiceMethod string
	Args          any
	Reply         any
	Error         error
	Done          chan *Call
}

type Client struct {
}

type ClientCodec interface {
	WriteRequest(*Request, any) error
	ReadResponseHeader(*Response) error
	ReadResponseBody(any) error

	Close() error
}

func NewClient(conn io.ReadWriteCloser) *Client

func NewClientWithCodec(codec ClientCodec) *Client

func (c *gobClientCodec) WriteRequest(r *Request, body any) (err error)

func (c *gobClientCodec) ReadResponseHeader(r *Response) error

func (c *gobClientCodec) ReadResponseBody(body any) error

func (c *gobClientCodec) Close() error

func DialHTTP(network, address string) (*Client, error)

func DialHTTPPath(network, address, path string) (*Client, error)

func Dial(network, address string) (*Client, error)

func (client *Client) Close() error

func (client *Client) Go(serviceMethod string, args any, reply any, done chan *Call) *Call

func (client *Client) Call(serviceMethod string, args any, reply any) error

func (s serviceArray) Len() int

func (s serviceArray) Less(i, j int) bool

func (s serviceArray) Swap(i, j int)

func (m methodArray) Len() int

func (m methodArray) Less(i, j int) bool

func (m methodArray) Swap(i, j int)

func (server debugHTTP) ServeHTTP(w http.ResponseWriter, req *http.Request)

const (
	DefaultRPCPath   = "/_goRPC_"
	DefaultDebugPath = "/debug/rpc"
)

type Request struct {
	ServiceMethod string
	Seq           uint64
}

type Response struct {
	ServiceMethod string
	Seq           uint64
	Error         string
}

type Server struct {
}

func NewServer() *Server

var DefaultServer = NewServer()

func (server *Server) Register(rcvr any) error

func (server *Server) RegisterName(name string, rcvr any) error

func (m *methodType) NumCalls() (n uint)

func (c *gobServerCodec) ReadRequestHeader(r *Request) error

func (c *gobServerCodec) ReadRequestBody(body any) error

func (c *gobServerCodec) WriteResponse(r *Response, body any) (err error)

func (c *gobServerCodec) Close() error

func (server *Server) ServeConn(conn io.ReadWriteCloser)

func (server *Server) ServeCodec(codec ServerCodec)

func (server *Server) ServeRequest(codec ServerCodec) error

func (server *Server) Accept(lis net.Listener)

func Register(rcvr any) error

func RegisterName(name string, rcvr any) error

type ServerCodec interface {
	ReadRequestHeader(*Request) error
	ReadRequestBody(any) error
	WriteResponse(*Response, any) error

	Close() error
}

func ServeConn(conn io.ReadWriteCloser)

func ServeCodec(codec ServerCodec)

func ServeRequest(codec ServerCodec) error

func Accept(lis net.Listener)

func (server *Server) ServeHTTP(w http.ResponseWriter, req *http.Request)

func (server *Server) HandleHTTP(rpcPath, debugPath string)

func HandleHTTP()
