// Package multipart: messages of several parts.
package multipart

import (
	"io"
	"net/textproto"
)

var ErrMessageTooLarge error

func (r *Reader) ReadForm(maxMemory int64) (*Form, error)

type Form struct {
	Value map[string][]string
	File  map[string][]*FileHeader
}

func (f *Form) RemoveAll() error

type FileHeader struct {
	Filename string
	Header   textproto.MIMEHeader
	Size     int64
}

func (fh *FileHeader) Open() (File, error)

type File interface {
	io.Reader
	io.ReaderAt
	io.Seeker
	io.Closer
}

func (rc sectionReadCloser) Close() error

type Part struct {
	Header textproto.MIMEHeader
}

func (p *Part) FormName() string

func (p *Part) FileName() string

func NewReader(r io.Reader, boundary string) *Reader

func (r *stickyErrorReader) Read(p []byte) (n int, _ error)

func (p *Part) Read(d []byte) (n int, err error)

func (pr partReader) Read(d []byte) (int, error)

func (p *Part) Close() error

type Reader struct {
}

func (r *Reader) NextPart() (*Part, error)

func (r *Reader) NextRawPart() (*Part, error)

type Writer struct {
}

func NewWriter(w io.Writer) *Writer

func (w *Writer) Boundary() string

func (w *Writer) SetBoundary(boundary string) error

func (w *Writer) FormDataContentType() string

func (w *Writer) CreatePart(header textproto.MIMEHeader) (io.Writer, error)

func (w *Writer) CreateFormFile(fieldname, filename string) (io.Writer, error)

func (w *Writer) CreateFormField(fieldname string) (io.Writer, error)

func FileContentDisposition(fieldname, filename string) string

func (w *Writer) WriteField(fieldname, value string) error

func (w *Writer) Close() error

func (p *part) Write(d []byte) (n int, err error)
