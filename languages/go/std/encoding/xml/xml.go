// Package xml: values as XML.
package xml

import (
	"io"
	"reflect"
)

const (
	Header = `<?xml version="1.0" encoding="UTF-8"?>` + "\n"
)

func Marshal(v any) ([]byte, error)

type Marshaler interface {
	MarshalXML(e *Encoder, start StartElement) error
}

type MarshalerAttr interface {
	MarshalXMLAttr(name Name) (Attr, error)
}

func MarshalIndent(v any, prefix, indent string) ([]byte, error)

type Encoder struct {
}

func NewEncoder(w io.Writer) *Encoder

func (enc *Encoder) Indent(prefix, indent string)

func (enc *Encoder) Encode(v any) error

func (enc *Encoder) EncodeElement(v any, start StartElement) error

func (enc *Encoder) EncodeToken(t Token) error

func (enc *Encoder) Flush() error

func (enc *Encoder) Close() error

func (p *printer) Write(b []byte) (n int, err error)

func (p *printer) WriteString(s string) (n int, err error)

func (p *printer) WriteByte(c byte) error

func (p *printer) Close() error

type UnsupportedTypeError struct {
	Type reflect.Type
}

func (e *UnsupportedTypeError) Error() string

func Unmarshal(data []byte, v any) error

func (d *Decoder) Decode(v any) error

func (d *Decoder) DecodeElement(v any, start *StartElement) error

type UnmarshalError string

func (e UnmarshalError) Error() string

type Unmarshaler interface {
	UnmarshalXML(d *Decoder, start StartElement) error
}

type UnmarshalerAttr interface {
	UnmarshalXMLAttr(attr Attr) error
}

func (d *Decoder) Skip() error

type TagPathError struct {
	Struct       reflect.Type
	Field1, Tag1 string
	Field2, Tag2 string
}

func (e *TagPathError) Error() string

type SyntaxError struct {
	Msg  string
	Line int
}

func (e *SyntaxError) Error() string

type Name struct {
	Space, Local string
}

type Attr struct {
	Name  Name
	Value string
}

type Token any

type StartElement struct {
	Name Name
	Attr []Attr
}

func (e StartElement) Copy() StartElement

func (e StartElement) End() EndElement

type EndElement struct {
	Name Name
}

type CharData []byte

func (c CharData) Copy() CharData

type Comment []byte

func (c Comment) Copy() Comment

type ProcInst struct {
	Target string
	Inst   []byte
}

func (p ProcInst) Copy() ProcInst

type Directive []byte

func (d Directive) Copy() Directive

func CopyToken(t Token) Token

type TokenReader interface {
	Token() (Token, error)
}

type Decoder struct {
	Strict bool

	AutoClose []string

	Entity map[string]string

	CharsetReader func(charset string, input io.Reader) (io.Reader, error)

	DefaultSpace string
}

func NewDecoder(r io.Reader) *Decoder

func NewTokenDecoder(t TokenReader) *Decoder

func (d *Decoder) Token() (Token, error)

func (d *Decoder) RawToken() (Token, error)

func (d *Decoder) InputOffset() int64

func (d *Decoder) InputPos() (line, column int)

var HTMLEntity map[string]string

var HTMLAutoClose []string

func EscapeText(w io.Writer, s []byte) error

func (p *printer) EscapeString(s string)

func Escape(w io.Writer, s []byte)
