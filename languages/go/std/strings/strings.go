// Package strings: functions on texts.
package strings

import (
	"io"
	"iter"
	"unicode"
)

type Builder struct {
}

func (b *Builder) String() string

func (b *Builder) Len() int

func (b *Builder) Cap() int

func (b *Builder) Reset()

func (b *Builder) Grow(n int)

func (b *Builder) Write(p []byte) (int, error)

func (b *Builder) WriteByte(c byte) error

func (b *Builder) WriteRune(r rune) (int, error)

func (b *Builder) WriteString(s string) (int, error)

func Clone(s string) string

func Compare(a, b string) int

func Lines(s string) iter.Seq[string]

func SplitSeq(s, sep string) iter.Seq[string]

func SplitAfterSeq(s, sep string) iter.Seq[string]

func FieldsSeq(s string) iter.Seq[string]

func FieldsFuncSeq(s string, f func(rune) bool) iter.Seq[string]

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

func (r *Reader) Reset(s string)

func NewReader(s string) *Reader

type Replacer struct {
}

func NewReplacer(oldnew ...string) *Replacer

func (r *Replacer) Replace(s string) string

func (r *Replacer) WriteString(w io.Writer, s string) (n int, err error)

func (w *appendSliceWriter) Write(p []byte) (int, error)

func (w *appendSliceWriter) WriteString(s string) (int, error)

func (w stringWriter) WriteString(s string) (int, error)

func (r *genericReplacer) Replace(s string) string

func (r *genericReplacer) WriteString(w io.Writer, s string) (n int, err error)

func (r *singleStringReplacer) Replace(s string) string

func (r *singleStringReplacer) WriteString(w io.Writer, s string) (n int, err error)

func (r *byteReplacer) Replace(s string) string

func (r *byteReplacer) WriteString(w io.Writer, s string) (n int, err error)

func (r *byteStringReplacer) Replace(s string) string

func (r *byteStringReplacer) WriteString(w io.Writer, s string) (n int, err error)

func Count(s, substr string) int

func Contains(s, substr string) bool

func ContainsAny(s, chars string) bool

func ContainsRune(s string, r rune) bool

func ContainsFunc(s string, f func(rune) bool) bool

func LastIndex(s, substr string) int

func IndexByte(s string, c byte) int

func IndexRune(s string, r rune) int

func IndexAny(s, chars string) int

func LastIndexAny(s, chars string) int

func LastIndexByte(s string, c byte) int

func SplitN(s, sep string, n int) []string

func SplitAfterN(s, sep string, n int) []string

func Split(s, sep string) []string

func SplitAfter(s, sep string) []string

func Fields(s string) []string

func FieldsFunc(s string, f func(rune) bool) []string

func Join(elems []string, sep string) string

func HasPrefix(s, prefix string) bool

func HasSuffix(s, suffix string) bool

func Map(mapping func(rune) rune, s string) string

func Repeat(s string, count int) string

func ToUpper(s string) string

func ToLower(s string) string

func ToTitle(s string) string

func ToUpperSpecial(c unicode.SpecialCase, s string) string

func ToLowerSpecial(c unicode.SpecialCase, s string) string

func ToTitleSpecial(c unicode.SpecialCase, s string) string

func ToValidUTF8(s, replacement string) string

func Title(s string) string

func TrimLeftFunc(s string, f func(rune) bool) string

func TrimRightFunc(s string, f func(rune) bool) string

func TrimFunc(s string, f func(rune) bool) string

func IndexFunc(s string, f func(rune) bool) int

func LastIndexFunc(s string, f func(rune) bool) int

func Trim(s, cutset string) string

func TrimLeft(s, cutset string) string

func TrimRight(s, cutset string) string

func TrimSpace(s string) string

func TrimPrefix(s, prefix string) string

func TrimSuffix(s, suffix string) string

func Replace(s, old, new string, n int) string

func ReplaceAll(s, old, new string) string

func EqualFold(s, t string) bool

func Index(s, substr string) int

func Cut(s, sep string) (before, after string, found bool)

func CutPrefix(s, prefix string) (after string, found bool)

func CutSuffix(s, suffix string) (before string, found bool)
