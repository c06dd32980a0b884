// Package subtle: comparison that takes the same time for all.
package subtle

func ConstantTimeCompare(x, y []byte) int

func ConstantTimeSelect(v, x, y int) int

func ConstantTimeByteEq(x, y uint8) int

func ConstantTimeEq(x, y int32) int

func ConstantTimeCopy(v int, x, y []byte)

func ConstantTimeLessOrEq(x, y int) int

func WithDataIndependentTiming(f func())

func XORBytes(dst, x, y []byte) int
