// Package tabwriter: aligns columns.
package tabwriter

import (
	"io"
)

type Writer struct {
}

const (
	FilterHTML uint = 1 << iota

	StripEscape

	AlignRight

	DiscardEmptyColumns

	TabIndent

	Debug
)

func (b *Writer) Init(output io.Writer, minwidth, tabwidth, padding int, padchar byte, flags uint) *Writer

const Escape = '\xff'

func (b *Writer) Flush() error

func (b *Writer) Write(buf []byte) (n int, err error)

func NewWriter(output io.Writer, minwidth, tabwidth, padding int, padchar byte, flags uint) *Writer
