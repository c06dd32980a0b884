// Package utf16: text in units of 16 bits.
package utf16

func IsSurrogate(r rune) bool

func DecodeRune(r1, r2 rune) rune

func EncodeRune(r rune) (r1, r2 rune)

func RuneLen(r rune) int

func Encode(s []rune) []uint16

func AppendRune(a []uint16, r rune) []uint16

func Decode(s []uint16) []rune
