// Package reflect: values and types at run time.
package reflect

import (
	"iter"
	"unsafe"
)

func DeepEqual(x, y any) bool

func (v Value) Seq() iter.Seq[Value]

func (v Value) Seq2() iter.Seq2[Value, Value]

func MakeFunc(typ Type, fn func(args []Value) (results []Value)) Value

func (t *rtype) Key() Type

func MapOf(key, elem Type) Type

func (v Value) MapIndex(key Value) Value

func (v Value) MapKeys() []Value

type MapIter struct {
}

func (iter *MapIter) Key() Value

func (v Value) SetIterKey(iter *MapIter)

func (iter *MapIter) Value() Value

func (v Value) SetIterValue(iter *MapIter)

func (iter *MapIter) Next() bool

func (iter *MapIter) Reset(v Value)

func (v Value) MapRange() *MapIter

func (v Value) SetMapIndex(key, elem Value)

func Swapper(slice any) func(i, j int)

type Type interface {
	Align() int

	FieldAlign() int

	Method(int) Method

	Methods() iter.Seq[Method]

	MethodByName(string) (Method, bool)

	NumMethod() int

	Name() string

	PkgPath() string

	Size() uintptr

	String() string

	Kind() Kind

	Implements(u Type) bool

	AssignableTo(u Type) bool

	ConvertibleTo(u Type) bool

	Comparable() bool

	Bits() int

	ChanDir() ChanDir

	IsVariadic() bool

	Elem() Type

	Field(i int) StructField

	Fields() iter.Seq[StructField]

	FieldByIndex(index []int) StructField

	FieldByName(name string) (StructField, bool)

	FieldByNameFunc(match func(string) bool) (StructField, bool)

	In(i int) Type

	Ins() iter.Seq[Type]

	Key() Type

	Len() int

	NumField() int

	NumIn() int

	NumOut() int

	Out(i int) Type

	Outs() iter.Seq[Type]

	OverflowComplex(x complex128) bool

	OverflowFloat(x float64) bool

	OverflowInt(x int64) bool

	OverflowUint(x uint64) bool

	CanSeq() bool

	CanSeq2() bool
}

type Kind uint

const (
	Invalid Kind = iota
	Bool
	Int
	Int8
	Int16
	Int32
	Int64
	Uint
	Uint8
	Uint16
	Uint32
	Uint64
	Uintptr
	Float32
	Float64
	Complex64
	Complex128
	Array
	Chan
	Func
	Interface
	Map
	Pointer
	Slice
	String
	Struct
	UnsafePointer
)

const Ptr = Pointer

type ChanDir int

const (
	RecvDir ChanDir = 1 << iota
	SendDir
	BothDir = RecvDir | SendDir
)

type Method struct {
	Name string

	PkgPath string

	Type  Type
	Func  Value
	Index int
}

func (m Method) IsExported() bool

func (k Kind) String() string

func (t *rtype) String() string

func (t *rtype) Size() uintptr

func (t *rtype) Bits() int

func (t *rtype) Align() int

func (t *rtype) FieldAlign() int

func (t *rtype) Kind() Kind

func (t *rtype) NumMethod() int

func (t *rtype) Method(i int) (m Method)

func (t *rtype) MethodByName(name string) (m Method, ok bool)

func (t *rtype) PkgPath() string

func (t *rtype) Name() string

func (t *rtype) ChanDir() ChanDir

func (t *rtype) Elem() Type

func (t *rtype) Field(i int) StructField

func (t *rtype) FieldByIndex(index []int) StructField

func (t *rtype) FieldByName(name string) (StructField, bool)

func (t *rtype) FieldByNameFunc(match func(string) bool) (StructField, bool)

func (t *rtype) Len() int

func (t *rtype) NumField() int

func (t *rtype) In(i int) Type

func (t *rtype) NumIn() int

func (t *rtype) NumOut() int

func (t *rtype) Out(i int) Type

func (t *rtype) IsVariadic() bool

func (t *rtype) OverflowComplex(x complex128) bool

func (t *rtype) OverflowFloat(x float64) bool

func (t *rtype) OverflowInt(x int64) bool

func (t *rtype) OverflowUint(x uint64) bool

func (t *rtype) CanSeq() bool

func (t *rtype) CanSeq2() bool

func (t *rtype) Fields() iter.Seq[StructField]

func (t *rtype) Methods() iter.Seq[Method]

func (t *rtype) Ins() iter.Seq[Type]

func (t *rtype) Outs() iter.Seq[Type]

func (d ChanDir) String() string

func (t *interfaceType) Method(i int) (m Method)

func (t *interfaceType) NumMethod() int

func (t *interfaceType) MethodByName(name string) (m Method, ok bool)

type StructField struct {
	Name string

	PkgPath string

	Type      Type
	Tag       StructTag
	Offset    uintptr
	Index     []int
	Anonymous bool
}

func (f StructField) IsExported() bool

type StructTag string

func (tag StructTag) Get(key string) string

func (tag StructTag) Lookup(key string) (value string, ok bool)

func (t *structType) Field(i int) (f StructField)

func (t *structType) FieldByIndex(index []int) (f StructField)

func (t *structType) FieldByNameFunc(match func(string) bool) (result StructField, ok bool)

func (t *structType) FieldByName(name string) (f StructField, present bool)

func TypeOf(i any) Type

func TypeFor[T any]() Type

func PtrTo(t Type) Type

func PointerTo(t Type) Type

func (t *rtype) Implements(u Type) bool

func (t *rtype) AssignableTo(u Type) bool

func (t *rtype) ConvertibleTo(u Type) bool

func (t *rtype) Comparable() bool

func ChanOf(dir ChanDir, t Type) Type

func FuncOf(in, out []Type, variadic bool) Type

func SliceOf(t Type) Type

func StructOf(fields []StructField) Type

func ArrayOf(length int, elem Type) Type

type Value struct {
}

type ValueError struct {
	Method string
	Kind   Kind
}

func (e *ValueError) Error() string

func (v Value) Addr() Value

func (v Value) Bool() bool

func (v Value) Bytes() []byte

func (v Value) CanAddr() bool

func (v Value) CanSet() bool

func (v Value) Call(in []Value) []Value

func (v Value) CallSlice(in []Value) []Value

func (v Value) Cap() int

func (v Value) Close()

func (v Value) CanComplex() bool

func (v Value) Complex() complex128

func (v Value) Elem() Value

func (v Value) Field(i int) Value

func (v Value) FieldByIndex(index []int) Value

func (v Value) FieldByIndexErr(index []int) (Value, error)

func (v Value) FieldByName(name string) Value

func (v Value) FieldByNameFunc(match func(string) bool) Value

func (v Value) CanFloat() bool

func (v Value) Float() float64

func (v Value) Index(i int) Value

func (v Value) CanInt() bool

func (v Value) Int() int64

func (v Value) CanInterface() bool

func (v Value) Interface() (i any)

func TypeAssert[T any](v Value) (T, bool)

func (v Value) InterfaceData() [2]uintptr

func (v Value) IsNil() bool

func (v Value) IsValid() bool

func (v Value) IsZero() bool

func (v Value) SetZero()

func (v Value) Kind() Kind

func (v Value) Len() int

func (v Value) Method(i int) Value

func (v Value) NumMethod() int

func (v Value) MethodByName(name string) Value

func (v Value) NumField() int

func (v Value) OverflowComplex(x complex128) bool

func (v Value) OverflowFloat(x float64) bool

func (v Value) OverflowInt(x int64) bool

func (v Value) OverflowUint(x uint64) bool

func (v Value) Pointer() uintptr

func (v Value) Recv() (x Value, ok bool)

func (v Value) Send(x Value)

func (v Value) Set(x Value)

func (v Value) SetBool(x bool)

func (v Value) SetBytes(x []byte)

func (v Value) SetComplex(x complex128)

func (v Value) SetFloat(x float64)

func (v Value) SetInt(x int64)

func (v Value) SetLen(n int)

func (v Value) SetCap(n int)

func (v Value) SetUint(x uint64)

func (v Value) SetPointer(x unsafe.Pointer)

func (v Value) SetString(x string)

func (v Value) Slice(i, j int) Value

func (v Value) Slice3(i, j, k int) Value

func (v Value) String() string

func (v Value) TryRecv() (x Value, ok bool)

func (v Value) TrySend(x Value) bool

func (v Value) Type() Type

func (v Value) CanUint() bool

func (v Value) Uint() uint64

func (v Value) UnsafeAddr() uintptr

func (v Value) UnsafePointer() unsafe.Pointer

func (v Value) Fields() iter.Seq2[StructField, Value]

func (v Value) Methods() iter.Seq2[Method, Value]

type StringHeader struct {
	Data uintptr
	Len  int
}

type SliceHeader struct {
	Data uintptr
	Len  int
	Cap  int
}

func (v Value) Grow(n int)

func (v Value) Clear()

func Append(s Value, x ...Value) Value

func AppendSlice(s, t Value) Value

func Copy(dst, src Value) int

type SelectDir int

const (
	SelectSend
	SelectRecv
	SelectDefault
)

type SelectCase struct {
	Dir  SelectDir
	Chan Value
	Send Value
}

func Select(cases []SelectCase) (chosen int, recv Value, recvOK bool)

func MakeSlice(typ Type, len, cap int) Value

func SliceAt(typ Type, p unsafe.Pointer, n int) Value

func MakeChan(typ Type, buffer int) Value

func MakeMap(typ Type) Value

func MakeMapWithSize(typ Type, n int) Value

func Indirect(v Value) Value

func ValueOf(i any) Value

func Zero(typ Type) Value

func New(typ Type) Value

func NewAt(typ Type, p unsafe.Pointer) Value

func (v Value) Convert(t Type) Value

func (v Value) CanConvert(t Type) bool

func (v Value) Comparable() bool

func (v Value) Equal(u Value) bool

func VisibleFields(t Type) []StructField
