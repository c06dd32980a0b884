// Package csv: tables as text.
package csv

import (
	"io"
)

type ParseError struct {
	StartLine int
	Line      int
	Column    int
	Err       error
}

func (e *ParseError) Error() string

func (e *ParseError) Unwrap() error

var (
	ErrBareQuote  error
	ErrQuote      error
	ErrFieldCount error

	ErrTrailingComma error
)

type Reader struct {
	Comma rune

	Comment rune

	FieldsPerRecord int

	LazyQuotes bool

	TrimLeadingSpace bool

	ReuseRecord bool

	TrailingComma bool
}

func NewReader(r io.Reader) *Reader

func (r *Reader) Read() (record []string, err error)

func (r *Reader) FieldPos(field int) (line, column int)

func (r *Reader) InputOffset() int64

func (r *Reader) ReadAll() (records [][]string, err error)

type Writer struct {
	Comma   rune
	UseCRLF bool
}

func NewWriter(w io.Writer) *Writer

func (w *Writer) Write(record []string) error

func (w *Writer) Flush()

func (w *Writer) Error() error

func (w *Writer) WriteAll(records [][]string) error
