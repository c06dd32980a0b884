// Package rand: random bytes that cannot be guessed.
package rand

import (
	"io"
	"math/big"
)

var Reader io.Reader

func Read(b []byte) (n int, err error)

func Text() string

func Prime(r io.Reader, bits int) (*big.Int, error)

func Int(rand io.Reader, max *big.Int) (n *big.Int, err error)
