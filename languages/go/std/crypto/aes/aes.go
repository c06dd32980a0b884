// Package aes: a block cipher.
package aes

import (
	"crypto/cipher"
)

const BlockSize = 16

type KeySizeError int

func (k KeySizeError) Error() string

func NewCipher(key []byte) (cipher.Block, error)
