// Package crc32: a checksum.
package crc32

import (
	"hash"
)

const Size = 4

const (
	IEEE = 0xedb88320

	Castagnoli = 0x82f63b78

	Koopman = 0xeb31d82e
)

type Table [256]uint32

var IEEETable = simpleMakeTable(IEEE)

func MakeTable(poly uint32) *Table

func New(tab *Table) hash.Hash32

func NewIEEE() hash.Hash32

func (d *digest) Size() int

func (d *digest) BlockSize() int

func (d *digest) Reset()

func (d *digest) AppendBinary(b []byte) ([]byte, error)

func (d *digest) MarshalBinary() ([]byte, error)

func (d *digest) UnmarshalBinary(b []byte) error

func (d *digest) Clone() (hash.Cloner, error)

func Update(crc uint32, tab *Table, p []byte) uint32

func (d *digest) Write(p []byte) (n int, err error)

func (d *digest) Sum32() uint32

func (d *digest) Sum(in []byte) []byte

func Checksum(data []byte, tab *Table) uint32

func ChecksumIEEE(data []byte) uint32
