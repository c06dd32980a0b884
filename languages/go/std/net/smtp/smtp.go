// Package smtp: sends messages.
package smtp

import (
	"crypto/tls"
	"io"
	"net"
	"net/textproto"
)

type Auth interface {
	Start(server *ServerInfo) (proto string, toServer []byte, err error)

	Next(fromServer []byte, more bool) (toServer []byte, err error)
}

type ServerInfo struct {
	Name string
	TLS  bool
	Auth []string
}

func PlainAuth(identity, username, password, host string) Auth

func (a *plainAuth) Start(server *ServerInfo) (string, []byte, error)

func (a *plainAuth) Next(fromServer []byte, more bool) ([]byte, error)

func CRAMMD5Auth(username, secret string) Auth

func (a *cramMD5Auth) Start(server *ServerInfo) (string, []byte, error)

func (a *cramMD5Auth) Next(fromServer []byte, more bool) ([]byte, error)

type Client struct {
	Text *textproto.Conn
}

func Dial(addr string) (*Client, error)

func NewClient(conn net.Conn, host string) (*Client, error)

func (c *Client) Close() error

func (c *Client) Hello(localName string) error

func (c *Client) StartTLS(config *tls.Config) error

func (c *Client) TLSConnectionState() (state tls.ConnectionState, ok bool)

func (c *Client) Verify(addr string) error

func (c *Client) Auth(a Auth) error

func (c *Client) Mail(from string) error

func (c *Client) Rcpt(to string) error

func (d *dataCloser) Close() error

func (c *Client) Data() (io.WriteCloser, error)

func SendMail(addr string, a Auth, from string, to []string, msg []byte) error

func (c *Client) Extension(ext string) (bool, string)

func (c *Client) Reset() error

func (c *Client) Noop() error

func (c *Client) Quit() error
