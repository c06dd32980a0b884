// Package hash: interfaces of digests.
package hash

import (
	"io"
)

type Hash interface {
	io.Writer

	Sum(b []byte) []byte

	Reset()

	Size() int

	BlockSize() int
}

type Hash32 interface {
	Hash
	Sum32() uint32
}

type Hash64 interface {
	Hash
	Sum64() uint64
}

type Cloner interface {
	Hash
	Clone() (Cloner, error)
}

type XOF interface {
	io.Writer

	io.Reader

	Reset()

	BlockSize() int
}
