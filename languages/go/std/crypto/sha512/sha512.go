// Package sha512: a digest.
package sha512

import (
	"hash"
)

const (
	Size = 64

	Size224 = 28

	Size256 = 32

	Size384 = 48

	BlockSize = 128
)

func New() hash.Hash

func New512_224() hash.Hash

func New512_256() hash.Hash

func New384() hash.Hash

func Sum512(data []byte) [Size]byte

func Sum384(data []byte) [Size384]byte

func Sum512_224(data []byte) [Size224]byte

func Sum512_256(data []byte) [Size256]byte
