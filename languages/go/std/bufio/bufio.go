// Package bufio: reads and writes through buffers.
package bufio

import (
	"io"
)

var (
	ErrInvalidUnreadByte error
	ErrInvalidUnreadRune error
	ErrBufferFull        error
	ErrNegativeCount     error
)

type Reader struct {
}

func NewReaderSize(rd io.Reader, size int) *Reader

func NewReader(rd io.Reader) *Reader

func (b *Reader) Size() int

func (b *Reader) Reset(r io.Reader)

func (b *Reader) Peek(n int) ([]byte, error)

func (b *Reader) Discard(n int) (discarded int, err error)

func (b *Reader) Read(p []byte) (n int, err error)

func (b *Reader) ReadByte() (byte, error)

func (b *Reader) UnreadByte() error

func (b *Reader) ReadRune() (r rune, size int, err error)

func (b *Reader) UnreadRune() error

func (b *Reader) Buffered() int

func (b *Reader) ReadSlice(delim byte) (line []byte, err error)

func (b *Reader) ReadLine() (line []byte, isPrefix bool, err error)

func (b *Reader) ReadBytes(delim byte) ([]byte, error)

func (b *Reader) ReadString(delim byte) (string, error)

func (b *Reader) WriteTo(w io.Writer) (n int64, err error)

type Writer struct {
}

func NewWriterSize(w io.Writer, size int) *Writer

func NewWriter(w io.Writer) *Writer

func (b *Writer) Size() int

func (b *Writer) Reset(w io.Writer)

func (b *Writer) Flush() error

func (b *Writer) Available() int

func (b *Writer) AvailableBuffer() []byte

func (b *Writer) Buffered() int

func (b *Writer) Write(p []byte) (nn int, err error)

func (b *Writer) WriteByte(c byte) error

func (b *Writer) WriteRune(r rune) (size int, err error)

func (b *Writer) WriteString(s string) (int, error)

func (b *Writer) ReadFrom(r io.Reader) (n int64, err error)

type ReadWriter struct {
	*Reader
	*Writer
}

func NewReadWriter(r *Reader, w *Writer) *ReadWriter

type Scanner struct {
}

type SplitFunc func(data []byte, atEOF bool) (advance int, token []byte, err error)

var (
	ErrTooLong         error
	ErrNegativeAdvance error
	ErrAdvanceTooFar   error
	ErrBadReadCount    error
)

const (
	MaxScanTokenSize = 64 * 1024
)

func NewScanner(r io.Reader) *Scanner

func (s *Scanner) Err() error

func (s *Scanner) Bytes() []byte

func (s *Scanner) Text() string

var ErrFinalToken error

func (s *Scanner) Scan() bool

func (s *Scanner) Buffer(buf []byte, max int)

func (s *Scanner) Split(split SplitFunc)

func ScanBytes(data []byte, atEOF bool) (advance int, token []byte, err error)

func ScanRunes(data []byte, atEOF bool) (advance int, token []byte, err error)

func ScanLines(data []byte, atEOF bool) (advance int, token []byte, err error)

func ScanWords(data []byte, atEOF bool) (advance int, token []byte, err error)
