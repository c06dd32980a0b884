// Package sha256: a digest.
package sha256

import (
	"hash"
)

const Size = 32

const Size224 = 28

const BlockSize = 64

func New() hash.Hash

func New224() hash.Hash

func Sum256(data []byte) [Size]byte

func Sum224(data []byte) [Size224]byte
