// Package io: interfaces of reading and writing.
package io

const (
	SeekStart   = 0
	SeekCurrent = 1
	SeekEnd     = 2
)

var ErrShortWrite error

var ErrShortBuffer error

var EOF error

var ErrUnexpectedEOF error

var ErrNoProgress error

type Reader interface {
	Read(p []byte) (n int, err error)
}

type Writer interface {
	Write(p []byte) (n int, err error)
}

type Closer interface {
	Close() error
}

type Seeker interface {
	Seek(offset int64, whence int) (int64, error)
}

type ReadWriter interface {
	Reader
	Writer
}

type ReadCloser interface {
	Reader
	Closer
}

type WriteCloser interface {
	Writer
	Closer
}

type ReadWriteCloser interface {
	Reader
	Writer
	Closer
}

type ReadSeeker interface {
	Reader
	Seeker
}

type ReadSeekCloser interface {
	Reader
	Seeker
	Closer
}

type WriteSeeker interface {
	Writer
	Seeker
}

type ReadWriteSeeker interface {
	Reader
	Writer
	Seeker
}

type ReaderFrom interface {
	ReadFrom(r Reader) (n int64, err error)
}

type WriterTo interface {
	WriteTo(w Writer) (n int64, err error)
}

type ReaderAt interface {
	ReadAt(p []byte, off int64) (n int, err error)
}

type WriterAt interface {
	WriteAt(p []byte, off int64) (n int, err error)
}

type ByteReader interface {
	ReadByte() (byte, error)
}

type ByteScanner interface {
	ByteReader
	UnreadByte() error
}

type ByteWriter interface {
	WriteByte(c byte) error
}

type RuneReader interface {
	ReadRune() (r rune, size int, err error)
}

type RuneScanner interface {
	RuneReader
	UnreadRune() error
}

type StringWriter interface {
	WriteString(s string) (n int, err error)
}

func WriteString(w Writer, s string) (n int, err error)

func ReadAtLeast(r Reader, buf []byte, min int) (n int, err error)

func ReadFull(r Reader, buf []byte) (n int, err error)

func CopyN(dst Writer, src Reader, n int64) (written int64, err error)

func Copy(dst Writer, src Reader) (written int64, err error)

func CopyBuffer(dst Writer, src Reader, buf []byte) (written int64, err error)

func LimitReader(r Reader, n int64) Reader

type LimitedReader struct {
	R Reader
	N int64
}

func (l *LimitedReader) Read(p []byte) (n int, err error)

func NewSectionReader(r ReaderAt, off int64, n int64) *SectionReader

type SectionReader struct {
}

func (s *SectionReader) Read(p []byte) (n int, err error)

func (s *SectionReader) Seek(offset int64, whence int) (int64, error)

func (s *SectionReader) ReadAt(p []byte, off int64) (n int, err error)

func (s *SectionReader) Size() int64

func (s *SectionReader) Outer() (r ReaderAt, off int64, n int64)

type OffsetWriter struct {
}

func NewOffsetWriter(w WriterAt, off int64) *OffsetWriter

func (o *OffsetWriter) Write(p []byte) (n int, err error)

func (o *OffsetWriter) WriteAt(p []byte, off int64) (n int, err error)

func (o *OffsetWriter) Seek(offset int64, whence int) (int64, error)

func TeeReader(r Reader, w Writer) Reader

func (t *teeReader) Read(p []byte) (n int, err error)

var Discard Writer

func (discard) Write(p []byte) (int, error)

func (discard) WriteString(s string) (int, error)

func (discard) ReadFrom(r Reader) (n int64, err error)

func NopCloser(r Reader) ReadCloser

func (nopCloser) Close() error

func (nopCloserWriterTo) Close() error

func (c nopCloserWriterTo) WriteTo(w Writer) (n int64, err error)

func ReadAll(r Reader) ([]byte, error)

func (eofReader) Read([]byte) (int, error)

func (mr *multiReader) Read(p []byte) (n int, err error)

func (mr *multiReader) WriteTo(w Writer) (sum int64, err error)

func MultiReader(readers ...Reader) Reader

func (t *multiWriter) Write(p []byte) (n int, err error)

func (t *multiWriter) WriteString(s string) (n int, err error)

func MultiWriter(writers ...Writer) Writer

func (a *onceError) Store(err error)

func (a *onceError) Load() error

var ErrClosedPipe error

type PipeReader struct{}

func (r *PipeReader) Read(data []byte) (n int, err error)

func (r *PipeReader) Close() error

func (r *PipeReader) CloseWithError(err error) error

type PipeWriter struct{}

func (w *PipeWriter) Write(data []byte) (n int, err error)

func (w *PipeWriter) Close() error

func (w *PipeWriter) CloseWithError(err error) error

func Pipe() (*PipeReader, *PipeWriter)
