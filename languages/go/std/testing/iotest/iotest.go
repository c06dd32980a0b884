// Package iotest: readers and writers that fail.
package iotest

import (
	"io"
)

func (l *writeLogger) Write(p []byte) (n int, err error)

func NewWriteLogger(prefix string, w io.Writer) io.Writer

func (l *readLogger) Read(p []byte) (n int, err error)

func NewReadLogger(prefix string, r io.Reader) io.Reader

func OneByteReader(r io.Reader) io.Reader

func (r *oneByteReader) Read(p []byte) (int, error)

func HalfReader(r io.Reader) io.Reader

func (r *halfReader) Read(p []byte) (int, error)

func DataErrReader(r io.Reader) io.Reader

func (r *dataErrReader) Read(p []byte) (n int, err error)

var ErrTimeout error

func TimeoutReader(r io.Reader) io.Reader

func (r *timeoutReader) Read(p []byte) (int, error)

func ErrReader(err error) io.Reader

func (r *errReader) Read(p []byte) (int, error)

func (r *smallByteReader) Read(p []byte) (int, error)

func TestReader(r io.Reader, content []byte) error

func TruncateWriter(w io.Writer, n int64) io.Writer

func (t *truncateWriter) Write(p []byte) (n int, err error)
