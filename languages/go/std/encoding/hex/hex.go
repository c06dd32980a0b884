// Package hex: bytes as hexadecimal text.
package hex

import (
	"io"
)

func EncodedLen(n int) int

func Encode(dst, src []byte) int

func AppendEncode(dst, src []byte) []byte

var ErrLength error

type InvalidByteError byte

func (e InvalidByteError) Error() string

func DecodedLen(x int) int

func Decode(dst, src []byte) (int, error)

func AppendDecode(dst, src []byte) ([]byte, error)

func EncodeToString(src []byte) string

func DecodeString(s string) ([]byte, error)

func Dump(data []byte) string

func NewEncoder(w io.Writer) io.Writer

func (e *encoder) Write(p []byte) (n int, err error)

func NewDecoder(r io.Reader) io.Reader

func (d *decoder) Read(p []byte) (n int, err error)

func Dumper(w io.Writer) io.WriteCloser

func (h *dumper) Write(data []byte) (n int, err error)

func (h *dumper) Close() (err error)
