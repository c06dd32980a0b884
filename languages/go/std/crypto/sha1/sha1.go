// Package sha1: a digest that is no longer safe.
package sha1

import (
	"hash"
)

const Size = 20

const BlockSize = 64

func (d *digest) MarshalBinary() ([]byte, error)

func (d *digest) AppendBinary(b []byte) ([]byte, error)

func (d *digest) UnmarshalBinary(b []byte) error

func (d *digest) Clone() (hash.Cloner, error)

func (d *digest) Reset()

func New() hash.Hash

func (d *digest) Size() int

func (d *digest) BlockSize() int

func (d *digest) Write(p []byte) (nn int, err error)

func (d *digest) Sum(in []byte) []byte

func (d *digest) ConstantTimeSum(in []byte) []byte

func Sum(data []byte) [Size]byte
