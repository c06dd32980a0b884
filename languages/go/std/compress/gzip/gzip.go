// Package gzip: reads and writes gzip.
package gzip

import (
	"compress/flate"
	"io"
	"time"
)

var (
	ErrChecksum error

	ErrHeader error
)

type Header struct {
	Comment string
	Extra   []byte
	ModTime time.Time
	Name    string
	OS      byte
}

type Reader struct {
	Header
}

func NewReader(r io.Reader) (*Reader, error)

func (z *Reader) Reset(r io.Reader) error

func (z *Reader) Multistream(ok bool)

func (z *Reader) Read(p []byte) (n int, err error)

func (z *Reader) Close() error

const (
	NoCompression      = flate.NoCompression
	BestSpeed          = flate.BestSpeed
	BestCompression    = flate.BestCompression
	DefaultCompression = flate.DefaultCompression
	HuffmanOnly        = flate.HuffmanOnly
)

type Writer struct {
	Header
}

func NewWriter(w io.Writer) *Writer

func NewWriterLevel(w io.Writer, level int) (*Writer, error)

func (z *Writer) Reset(w io.Writer)

func (z *Writer) Write(p []byte) (int, error)

func (z *Writer) Flush() error

func (z *Writer) Close() error
