// Package base64: bytes as text in 64 letters.
package base64

import (
	"io"
)

type Encoding struct {
}

const (
	StdPadding rune = '='
	NoPadding  rune = -1
)

func NewEncoding(encoder string) *Encoding

func (enc Encoding) WithPadding(padding rune) *Encoding

func (enc Encoding) Strict() *Encoding

var StdEncoding = NewEncoding("ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/")

var URLEncoding = NewEncoding("ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_")

var RawStdEncoding = StdEncoding.WithPadding(NoPadding)

var RawURLEncoding = URLEncoding.WithPadding(NoPadding)

func (enc *Encoding) Encode(dst, src []byte)

func (enc *Encoding) AppendEncode(dst, src []byte) []byte

func (enc *Encoding) EncodeToString(src []byte) string

func (e *encoder) Write(p []byte) (n int, err error)

func (e *encoder) Close() error

func NewEncoder(enc *Encoding, w io.Writer) io.WriteCloser

func (enc *Encoding) EncodedLen(n int) int

type CorruptInputError int64

func (e CorruptInputError) Error() string

func (enc *Encoding) AppendDecode(dst, src []byte) ([]byte, error)

func (enc *Encoding) DecodeString(s string) ([]byte, error)

func (d *decoder) Read(p []byte) (n int, err error)

func (enc *Encoding) Decode(dst, src []byte) (n int, err error)

func (r *newlineFilteringReader) Read(p []byte) (int, error)

func NewDecoder(enc *Encoding, r io.Reader) io.Reader

func (enc *Encoding) DecodedLen(n int) int
