// Package strconv: numbers and texts.
package strconv

const IntSize = strconv.IntSize

func ParseBool(str string) (bool, error)

func FormatBool(b bool) string

func AppendBool(dst []byte, b bool) []byte

func ParseComplex(s string, bitSize int) (complex128, error)

func ParseFloat(s string, bitSize int) (float64, error)

func ParseUint(s string, base int, bitSize int) (uint64, error)

func ParseInt(s string, base int, bitSize int) (i int64, err error)

func Atoi(s string) (int, error)

func FormatComplex(c complex128, fmt byte, prec, bitSize int) string

func FormatFloat(f float64, fmt byte, prec, bitSize int) string

func AppendFloat(dst []byte, f float64, fmt byte, prec, bitSize int) []byte

func FormatUint(i uint64, base int) string

func FormatInt(i int64, base int) string

func Itoa(i int) string

func AppendInt(dst []byte, i int64, base int) []byte

func AppendUint(dst []byte, i uint64, base int) []byte

var ErrRange error

var ErrSyntax error

type NumError struct {
	Func string
	Num  string
	Err  error
}

func (e *NumError) Error() string

func (e *NumError) Unwrap() error

func Quote(s string) string

func AppendQuote(dst []byte, s string) []byte

func QuoteToASCII(s string) string

func AppendQuoteToASCII(dst []byte, s string) []byte

func QuoteToGraphic(s string) string

func AppendQuoteToGraphic(dst []byte, s string) []byte

func QuoteRune(r rune) string

func AppendQuoteRune(dst []byte, r rune) []byte

func QuoteRuneToASCII(r rune) string

func AppendQuoteRuneToASCII(dst []byte, r rune) []byte

func QuoteRuneToGraphic(r rune) string

func AppendQuoteRuneToGraphic(dst []byte, r rune) []byte

func CanBackquote(s string) bool

func UnquoteChar(s string, quote byte) (value rune, multibyte bool, tail string, err error)

func QuotedPrefix(s string) (string, error)

func Unquote(s string) (string, error)

func IsPrint(r rune) bool

func IsGraphic(r rune) bool
