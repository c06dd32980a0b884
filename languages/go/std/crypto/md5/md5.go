// Package md5: a digest that is no longer safe.
package md5

import (
	"hash"
)

const Size = 16

const BlockSize = 64

func (d *digest) Reset()

func (d *digest) MarshalBinary() ([]byte, error)

func (d *digest) AppendBinary(b []byte) ([]byte, error)

func (d *digest) UnmarshalBinary(b []byte) error

func (d *digest) Clone() (hash.Cloner, error)

func New() hash.Hash

func (d *digest) Size() int

func (d *digest) BlockSize() int

func (d *digest) Write(p []byte) (nn int, err error)

func (d *digest) Sum(in []byte) []byte

func Sum(data []byte) [Size]byte
