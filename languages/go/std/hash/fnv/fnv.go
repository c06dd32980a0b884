// Package fnv: a simple hash.
package fnv

import (
	"hash"
)

func New32() hash.Hash32

func New32a() hash.Hash32

func New64() hash.Hash64

func New64a() hash.Hash64

func New128() hash.Hash

func New128a() hash.Hash

func (s *sum32) Reset()

func (s *sum32a) Reset()

func (s *sum64) Reset()

func (s *sum64a) Reset()

func (s *sum128) Reset()

func (s *sum128a) Reset()

func (s *sum32) Sum32() uint32

func (s *sum32a) Sum32() uint32

func (s *sum64) Sum64() uint64

func (s *sum64a) Sum64() uint64

func (s *sum32) Write(data []byte) (int, error)

func (s *sum32a) Write(data []byte) (int, error)

func (s *sum64) Write(data []byte) (int, error)

func (s *sum64a) Write(data []byte) (int, error)

func (s *sum128) Write(data []byte) (int, error)

func (s *sum128a) Write(data []byte) (int, error)

func (s *sum32) Size() int

func (s *sum32a) Size() int

func (s *sum64) Size() int

func (s *sum64a) Size() int

func (s *sum128) Size() int

func (s *sum128a) Size() int

func (s *sum32) BlockSize() int

func (s *sum32a) BlockSize() int

func (s *sum64) BlockSize() int

func (s *sum64a) BlockSize() int

func (s *sum128) BlockSize() int

func (s *sum128a) BlockSize() int

func (s *sum32) Sum(in []byte) []byte

func (s *sum32a) Sum(in []byte) []byte

func (s *sum64) Sum(in []byte) []byte

func (s *sum64a) Sum(in []byte) []byte

func (s *sum128) Sum(in []byte) []byte

func (s *sum128a) Sum(in []byte) []byte

func (s *sum32) AppendBinary(b []byte) ([]byte, error)

func (s *sum32) MarshalBinary() ([]byte, error)

func (s *sum32a) AppendBinary(b []byte) ([]byte, error)

func (s *sum32a) MarshalBinary() ([]byte, error)

func (s *sum64) AppendBinary(b []byte) ([]byte, error)

func (s *sum64) MarshalBinary() ([]byte, error)

func (s *sum64a) AppendBinary(b []byte) ([]byte, error)

func (s *sum64a) MarshalBinary() ([]byte, error)

func (s *sum128) AppendBinary(b []byte) ([]byte, error)

func (s *sum128) MarshalBinary() ([]byte, error)

func (s *sum128a) AppendBinary(b []byte) ([]byte, error)

func (s *sum128a) MarshalBinary() ([]byte, error)

func (s *sum32) UnmarshalBinary(b []byte) error

func (s *sum32a) UnmarshalBinary(b []byte) error

func (s *sum64) UnmarshalBinary(b []byte) error

func (s *sum64a) UnmarshalBinary(b []byte) error

func (s *sum128) UnmarshalBinary(b []byte) error

func (s *sum128a) UnmarshalBinary(b []byte) error

func (d *sum32) Clone() (hash.Cloner, error)

func (d *sum32a) Clone() (hash.Cloner, error)

func (d *sum64) Clone() (hash.Cloner, error)

func (d *sum64a) Clone() (hash.Cloner, error)

func (d *sum128) Clone() (hash.Cloner, error)

func (d *sum128a) Clone() (hash.Cloner, error)
