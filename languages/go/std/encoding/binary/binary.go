// Package binary: numbers as bytes.
package binary

import (
	"io"
)

type ByteOrder interface {
	Uint16([]byte) uint16
	Uint32([]byte) uint32
	Uint64([]byte) uint64
	PutUint16([]byte, uint16)
	PutUint32([]byte, uint32)
	PutUint64([]byte, uint64)
	String() string
}

type AppendByteOrder interface {
	AppendUint16([]byte, uint16) []byte
	AppendUint32([]byte, uint32) []byte
	AppendUint64([]byte, uint64) []byte
	String() string
}

var LittleEndian littleEndian

var BigEndian bigEndian

func (littleEndian) Uint16(b []byte) uint16

func (littleEndian) PutUint16(b []byte, v uint16)

func (littleEndian) AppendUint16(b []byte, v uint16) []byte

func (littleEndian) Uint32(b []byte) uint32

func (littleEndian) PutUint32(b []byte, v uint32)

func (littleEndian) AppendUint32(b []byte, v uint32) []byte

func (littleEndian) Uint64(b []byte) uint64

func (littleEndian) PutUint64(b []byte, v uint64)

func (littleEndian) AppendUint64(b []byte, v uint64) []byte

func (littleEndian) String() string

func (littleEndian) GoString() string

func (bigEndian) Uint16(b []byte) uint16

func (bigEndian) PutUint16(b []byte, v uint16)

func (bigEndian) AppendUint16(b []byte, v uint16) []byte

func (bigEndian) Uint32(b []byte) uint32

func (bigEndian) PutUint32(b []byte, v uint32)

func (bigEndian) AppendUint32(b []byte, v uint32) []byte

func (bigEndian) Uint64(b []byte) uint64

func (bigEndian) PutUint64(b []byte, v uint64)

func (bigEndian) AppendUint64(b []byte, v uint64) []byte

func (bigEndian) String() string

func (bigEndian) GoString() string

func (nativeEndian) String() string

func (nativeEndian) GoString() string

func Read(r io.Reader, order ByteOrder, data any) error

func Decode(buf []byte, order ByteOrder, data any) (int, error)

func Write(w io.Writer, order ByteOrder, data any) error

func Encode(buf []byte, order ByteOrder, data any) (int, error)

func Append(buf []byte, order ByteOrder, data any) ([]byte, error)

func Size(v any) int

var NativeEndian nativeEndian

const (
	MaxVarintLen16 = 3
	MaxVarintLen32 = 5
	MaxVarintLen64 = 10
)

func AppendUvarint(buf []byte, x uint64) []byte

func PutUvarint(buf []byte, x uint64) int

func Uvarint(buf []byte) (uint64, int)

func AppendVarint(buf []byte, x int64) []byte

func PutVarint(buf []byte, x int64) int

func Varint(buf []byte) (int64, int)

func ReadUvarint(r io.ByteReader) (uint64, error)

func ReadVarint(r io.ByteReader) (int64, error)
