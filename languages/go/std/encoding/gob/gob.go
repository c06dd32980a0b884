// Package gob: values as bytes between Go programs.
package gob

import (
	"io"
	"reflect"
)

func (d *decBuffer) Read(p []byte) (int, error)

func (d *decBuffer) Drop(n int)

func (d *decBuffer) ReadByte() (byte, error)

func (d *decBuffer) Len() int

func (d *decBuffer) Bytes() []byte

func (d *decBuffer) SetBytes(data []byte)

func (d *decBuffer) Reset()

type Decoder struct {
}

func NewDecoder(r io.Reader) *Decoder

func (dec *Decoder) Decode(e any) error

func (dec *Decoder) DecodeValue(v reflect.Value) error

func (e *encBuffer) Write(p []byte) (int, error)

func (e *encBuffer) WriteString(s string)

func (e *encBuffer) Len() int

func (e *encBuffer) Bytes() []byte

func (e *encBuffer) Reset()

type Encoder struct {
}

func NewEncoder(w io.Writer) *Encoder

func (enc *Encoder) Encode(e any) error

func (enc *Encoder) EncodeValue(value reflect.Value) error

type CommonType struct {
	Name string
	Id   typeId
}

type GobEncoder interface {
	GobEncode() ([]byte, error)
}

type GobDecoder interface {
	GobDecode([]byte) error
}

func RegisterName(name string, value any)

func Register(value any)
