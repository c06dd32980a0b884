// Package zlib: reads and writes zlib.
package zlib

import (
	"compress/flate"
	"io"
)

var (
	ErrChecksum error

	ErrDictionary error

	ErrHeader error
)

type Resetter interface {
	Reset(r io.Reader, dict []byte) error
}

func NewReader(r io.Reader) (io.ReadCloser, error)

func NewReaderDict(r io.Reader, dict []byte) (io.ReadCloser, error)

func (z *reader) Read(p []byte) (int, error)

func (z *reader) Close() error

func (z *reader) Reset(r io.Reader, dict []byte) error

const (
	NoCompression      = flate.NoCompression
	BestSpeed          = flate.BestSpeed
	BestCompression    = flate.BestCompression
	DefaultCompression = flate.DefaultCompression
	HuffmanOnly        = flate.HuffmanOnly
)

type Writer struct {
}

func NewWriter(w io.Writer) *Writer

func NewWriterLevel(w io.Writer, level int) (*Writer, error)

func NewWriterLevelDict(w io.Writer, level int, dict []byte) (*Writer, error)

func (z *Writer) Reset(w io.Writer)

func (z *Writer) Write(p []byte) (n int, err error)

func (z *Writer) Flush() error

func (z *Writer) Close() error
