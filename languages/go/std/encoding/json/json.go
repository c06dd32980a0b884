// Package json: values as JSON.
package json

import (
	"bytes"
	"io"
	"reflect"
)

func Unmarshal(data []byte, v any) error

type Unmarshaler interface {
	UnmarshalJSON([]byte) error
}

type UnmarshalTypeError struct {
	Value  string
	Type   reflect.Type
	Offset int64
	Struct string
	Field  string
}

func (e *UnmarshalTypeError) Error() string

type UnmarshalFieldError struct {
	Key   string
	Type  reflect.Type
	Field reflect.StructField
}

func (e *UnmarshalFieldError) Error() string

type InvalidUnmarshalError struct {
	Type reflect.Type
}

func (e *InvalidUnmarshalError) Error() string

type Number string

func (n Number) String() string

func (n Number) Float64() (float64, error)

func (n Number) Int64() (int64, error)

func Marshal(v any) ([]byte, error)

func MarshalIndent(v any, prefix, indent string) ([]byte, error)

type Marshaler interface {
	MarshalJSON() ([]byte, error)
}

type UnsupportedTypeError struct {
	Type reflect.Type
}

func (e *UnsupportedTypeError) Error() string

type UnsupportedValueError struct {
	Value reflect.Value
	Str   string
}

func (e *UnsupportedValueError) Error() string

type InvalidUTF8Error struct {
	S string
}

func (e *InvalidUTF8Error) Error() string

type MarshalerError struct {
	Type reflect.Type
	Err  error
}

func (e *MarshalerError) Error() string

func (e *MarshalerError) Unwrap() error

func HTMLEscape(dst *bytes.Buffer, src []byte)

func Compact(dst *bytes.Buffer, src []byte) error

func Indent(dst *bytes.Buffer, src []byte, prefix, indent string) error

func Valid(data []byte) bool

type SyntaxError struct {
	Offset int64
}

func (e *SyntaxError) Error() string

type Decoder struct {
}

func NewDecoder(r io.Reader) *Decoder

func (dec *Decoder) UseNumber()

func (dec *Decoder) DisallowUnknownFields()

func (dec *Decoder) Decode(v any) error

func (dec *Decoder) Buffered() io.Reader

type Encoder struct {
}

func NewEncoder(w io.Writer) *Encoder

func (enc *Encoder) Encode(v any) error

func (enc *Encoder) SetIndent(prefix, indent string)

func (enc *Encoder) SetEscapeHTML(on bool)

type RawMessage []byte

func (m RawMessage) MarshalJSON() ([]byte, error)

func (m *RawMessage) UnmarshalJSON(data []byte) error

type Token any

type Delim rune

func (d Delim) String() string

func (dec *Decoder) Token() (Token, error)

func (dec *Decoder) More() bool

func (dec *Decoder) InputOffset() int64

func (o tagOptions) Contains(optionName string) bool
