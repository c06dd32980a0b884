// Package utf8: text in bytes.
package utf8

const (
	RuneError = '\uFFFD'
	RuneSelf  = 0x80
	MaxRune   = '\U0010FFFF'
	UTFMax    = 4
)

func FullRune(p []byte) bool

func FullRuneInString(s string) bool

func DecodeRune(p []byte) (r rune, size int)

func DecodeRuneInString(s string) (r rune, size int)

func DecodeLastRune(p []byte) (r rune, size int)

func DecodeLastRuneInString(s string) (r rune, size int)

func RuneLen(r rune) int

func EncodeRune(p []byte, r rune) int

func AppendRune(p []byte, r rune) []byte

func RuneCount(p []byte) int

func RuneCountInString(s string) (n int)

func RuneStart(b byte) bool

func Valid(p []byte) bool

func ValidString(s string) bool

func ValidRune(r rune) bool
