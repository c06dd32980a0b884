// Package textproto: protocols of text.
package textproto

import (
	"bufio"
	"io"
)

type MIMEHeader map[string][]string

func (h MIMEHeader) Add(key, value string)

func (h MIMEHeader) Set(key, value string)

func (h MIMEHeader) Get(key string) string

func (h MIMEHeader) Values(key string) []string

func (h MIMEHeader) Del(key string)

type Pipeline struct {
}

func (p *Pipeline) Next() uint

func (p *Pipeline) StartRequest(id uint)

func (p *Pipeline) EndRequest(id uint)

func (p *Pipeline) StartResponse(id uint)

func (p *Pipeline) EndResponse(id uint)

func (s *sequencer) Start(id uint)

func (s *sequencer) End(id uint)

type Reader struct {
	R *bufio.Reader
}

func NewReader(r *bufio.Reader) *Reader

func (r *Reader) ReadLine() (string, error)

func (r *Reader) ReadLineBytes() ([]byte, error)

func (r *Reader) ReadContinuedLine() (string, error)

func (r *Reader) ReadContinuedLineBytes() ([]byte, error)

func (r *Reader) ReadCodeLine(expectCode int) (code int, message string, err error)

func (r *Reader) ReadResponse(expectCode int) (code int, message string, err error)

func (r *Reader) DotReader() io.Reader

func (d *dotReader) Read(b []byte) (n int, err error)

func (r *Reader) ReadDotBytes() ([]byte, error)

func (r *Reader) ReadDotLines() ([]string, error)

func (r *Reader) ReadMIMEHeader() (MIMEHeader, error)

func CanonicalMIMEHeaderKey(s string) string

type Error struct {
	Code int
	Msg  string
}

func (e *Error) Error() string

type ProtocolError string

func (p ProtocolError) Error() string

type Conn struct {
	Reader
	Writer
	Pipeline
}

func NewConn(conn io.ReadWriteCloser) *Conn

func (c *Conn) Close() error

func Dial(network, addr string) (*Conn, error)

func (c *Conn) Cmd(format string, args ...any) (id uint, err error)

func TrimString(s string) string

func TrimBytes(b []byte) []byte

type Writer struct {
	W *bufio.Writer
}

func NewWriter(w *bufio.Writer) *Writer

func (w *Writer) PrintfLine(format string, args ...any) error

func (w *Writer) DotWriter() io.WriteCloser

func (d *dotWriter) Write(b []byte) (n int, err error)

func (d *dotWriter) Close() error
