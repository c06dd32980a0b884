// Package mime: kinds of content.
package mime

import (
	"io"
)

type WordEncoder byte

const (
	BEncoding = WordEncoder('b')

	QEncoding = WordEncoder('q')
)

func (e WordEncoder) Encode(charset, s string) string

type WordDecoder struct {
	CharsetReader func(charset string, input io.Reader) (io.Reader, error)
}

func (d *WordDecoder) Decode(word string) (string, error)

func (d *WordDecoder) DecodeHeader(header string) (string, error)

func FormatMediaType(t string, param map[string]string) string

var ErrInvalidMediaParameter error

func ParseMediaType(v string) (mediatype string, params map[string]string, err error)

func TypeByExtension(ext string) string

func ExtensionsByType(typ string) ([]string, error)

func AddExtensionType(ext, typ string) error
