// Package fmt: formatted text.
package fmt

import (
	"io"
)

func Errorf(format string, a ...any) (err error)

func (e *wrapError) Error() string

func (e *wrapError) Unwrap() error

func (e *wrapErrors) Error() string

func (e *wrapErrors) Unwrap() []error

type State interface {
	Write(b []byte) (n int, err error)

	Width() (wid int, ok bool)

	Precision() (prec int, ok bool)

	Flag(c int) bool
}

type Formatter interface {
	Format(f State, verb rune)
}

type Stringer interface {
	String() string
}

type GoStringer interface {
	GoString() string
}

func FormatString(state State, verb rune) string

func (p *pp) Width() (wid int, ok bool)

func (p *pp) Precision() (prec int, ok bool)

func (p *pp) Flag(b int) bool

func (p *pp) Write(b []byte) (ret int, err error)

func (p *pp) WriteString(s string) (ret int, err error)

func Fprintf(w io.Writer, format string, a ...any) (n int, err error)

func Printf(format string, a ...any) (n int, err error)

func Sprintf(format string, a ...any) string

func Appendf(b []byte, format string, a ...any) []byte

func Fprint(w io.Writer, a ...any) (n int, err error)

func Print(a ...any) (n int, err error)

func Sprint(a ...any) string

func Append(b []byte, a ...any) []byte

func Fprintln(w io.Writer, a ...any) (n int, err error)

func Println(a ...any) (n int, err error)

func Sprintln(a ...any) string

func Appendln(b []byte, a ...any) []byte

type ScanState interface {
	ReadRune() (r rune, size int, err error)

	UnreadRune() error

	SkipSpace()

	Token(skipSpace bool, f func(rune) bool) (token []byte, err error)

	Width() (wid int, ok bool)

	Read(buf []byte) (n int, err error)
}

type Scanner interface {
	Scan(state ScanState, verb rune) error
}

func Scan(a ...any) (n int, err error)

func Scanln(a ...any) (n int, err error)

func Scanf(format string, a ...any) (n int, err error)

func (r *stringReader) Read(b []byte) (n int, err error)

func Sscan(str string, a ...any) (n int, err error)

func Sscanln(str string, a ...any) (n int, err error)

func Sscanf(str string, format string, a ...any) (n int, err error)

func Fscan(r io.Reader, a ...any) (n int, err error)

func Fscanln(r io.Reader, a ...any) (n int, err error)

func Fscanf(r io.Reader, format string, a ...any) (n int, err error)

func (s *ss) Read(buf []byte) (n int, err error)

func (s *ss) ReadRune() (r rune, size int, err error)

func (s *ss) Width() (wid int, ok bool)

func (s *ss) UnreadRune() error

func (s *ss) Token(skipSpace bool, f func(rune) bool) (tok []byte, err error)

func (r *readRune) ReadRune() (rr rune, size int, err error)

func (r *readRune) UnreadRune() error

func (s *ss) SkipSpace()
