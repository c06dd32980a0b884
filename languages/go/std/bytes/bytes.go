// Package bytes: functions on slices of bytes.
package bytes

import (
	"io"
	"iter"
	"unicode"
)

type Buffer struct {
}

var ErrTooLarge error

func (b *Buffer) Bytes() []byte

func (b *Buffer) AvailableBuffer() []byte

func (b *Buffer) String() string

func (b *Buffer) Peek(n int) ([]byte, error)

func (b *Buffer) Len() int

func (b *Buffer) Cap() int

func (b *Buffer) Available() int

func (b *Buffer) Truncate(n int)

func (b *Buffer) Reset()

func (b *Buffer) Grow(n int)

func (b *Buffer) Write(p []byte) (n int, err error)

func (b *Buffer) WriteString(s string) (n int, err error)

const MinRead = 512

func (b *Buffer) ReadFrom(r io.Reader) (n int64, err error)

func (b *Buffer) WriteTo(w io.Writer) (n int64, err error)

func (b *Buffer) WriteByte(c byte) error

func (b *Buffer) WriteRune(r rune) (n int, err error)

func (b *Buffer) Read(p []byte) (n int, err error)

func (b *Buffer) Next(n int) []byte

func (b *Buffer) ReadByte() (byte, error)

func (b *Buffer) ReadRune() (r rune, size int, err error)

func (b *Buffer) UnreadRune() error

func (b *Buffer) UnreadByte() error

func (b *Buffer) ReadBytes(delim byte) (line []byte, err error)

func (b *Buffer) ReadString(delim byte) (line string, err error)

func NewBuffer(buf []byte) *Buffer

func NewBufferString(s string) *Buffer

func Equal(a, b []byte) bool

func Compare(a, b []byte) int

func Count(s, sep []byte) int

func Contains(b, subslice []byte) bool

func ContainsAny(b []byte, chars string) bool

func ContainsRune(b []byte, r rune) bool

func ContainsFunc(b []byte, f func(rune) bool) bool

func IndexByte(b []byte, c byte) int

func LastIndex(s, sep []byte) int

func LastIndexByte(s []byte, c byte) int

func IndexRune(s []byte, r rune) int

func IndexAny(s []byte, chars string) int

func LastIndexAny(s []byte, chars string) int

func SplitN(s, sep []byte, n int) [][]byte

func SplitAfterN(s, sep []byte, n int) [][]byte

func Split(s, sep []byte) [][]byte

func SplitAfter(s, sep []byte) [][]byte

func Fields(s []byte) [][]byte

func FieldsFunc(s []byte, f func(rune) bool) [][]byte

func Join(s [][]byte, sep []byte) []byte

func HasPrefix(s, prefix []byte) bool

func HasSuffix(s, suffix []byte) bool

func Map(mapping func(r rune) rune, s []byte) []byte

func Repeat(b []byte, count int) []byte

func ToUpper(s []byte) []byte

func ToLower(s []byte) []byte

func ToTitle(s []byte) []byte

func ToUpperSpecial(c unicode.SpecialCase, s []byte) []byte

func ToLowerSpecial(c unicode.SpecialCase, s []byte) []byte

func ToTitleSpecial(c unicode.SpecialCase, s []byte) []byte

func ToValidUTF8(s, replacement []byte) []byte

func Title(s []byte) []byte

func TrimLeftFunc(s []byte, f func(r rune) bool) []byte

func TrimRightFunc(s []byte, f func(r rune) bool) []byte

func TrimFunc(s []byte, f func(r rune) bool) []byte

func TrimPrefix(s, prefix []byte) []byte

func TrimSuffix(s, suffix []byte) []byte

func IndexFunc(s []byte, f func(r rune) bool) int

func LastIndexFunc(s []byte, f func(r rune) bool) int

func Trim(s []byte, cutset string) []byte

func TrimLeft(s []byte, cutset string) []byte

func TrimRight(s []byte, cutset string) []byte

func TrimSpace(s []byte) []byte

func Runes(s []byte) []rune

func Replace(s, old, new []byte, n int) []byte

func ReplaceAll(s, old, new []byte) []byte

func EqualFold(s, t []byte) bool

func Index(s, sep []byte) int

func Cut(s, sep []byte) (before, after []byte, found bool)

func Clone(b []byte) []byte

func CutPrefix(s, prefix []byte) (after []byte, found bool)

func CutSuffix(s, suffix []byte) (before []byte, found bool)

func Lines(s []byte) iter.Seq[[]byte]

func SplitSeq(s, sep []byte) iter.Seq[[]byte]

func SplitAfterSeq(s, sep []byte) iter.Seq[[]byte]

func FieldsSeq(s []byte) iter.Seq[[]byte]

func FieldsFuncSeq(s []byte, f func(rune) bool) iter.Seq[[]byte]

type Reader struct {
}

func (r *Reader) Len() int

func (r *Reader) Size() int64

func (r *Reader) Read(b []byte) (n int, err error)

func (r *Reader) ReadAt(b []byte, off int64) (n int, err error)

func (r *Reader) ReadByte() (byte, error)

func (r *Reader) UnreadByte() error

func (r *Reader) ReadRune() (ch rune, size int, err error)

func (r *Reader) UnreadRune() error

func (r *Reader) Seek(offset int64, whence int) (int64, error)

func (r *Reader) WriteTo(w io.Writer) (n int64, err error)

func (r *Reader) Reset(b []byte)

func NewReader(b []byte) *Reader
