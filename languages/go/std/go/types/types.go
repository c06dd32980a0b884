// Package types: types of Go.
package types

import (
	"bytes"
	"go/ast"
	"go/constant"
	"go/token"
	"io"
	"iter"
)

type Alias struct {
}

func NewAlias(obj *TypeName, rhs Type) *Alias

func (a *Alias) Obj() *TypeName

func (a *Alias) String() string

func (a *Alias) Underlying() Type

func (a *Alias) Origin() *Alias

func (a *Alias) TypeParams() *TypeParamList

func (a *Alias) SetTypeParams(tparams []*TypeParam)

func (a *Alias) TypeArgs() *TypeList

func (a *Alias) Rhs() Type

func Unalias(t Type) Type

type Error struct {
	Fset *token.FileSet
	Pos  token.Pos
	Msg  string
	Soft bool
}

func (err Error) Error() string

type ArgumentError struct {
	Index int
	Err   error
}

func (e *ArgumentError) Error() string

func (e *ArgumentError) Unwrap() error

type Importer interface {
	Import(path string) (*Package, error)
}

type ImportMode int

type ImporterFrom interface {
	Importer

	ImportFrom(path, dir string, mode ImportMode) (*Package, error)
}

type Config struct {
	Context *Context

	GoVersion string

	IgnoreFuncBodies bool

	FakeImportC bool

	Error func(err error)

	Importer Importer

	Sizes Sizes

	DisableUnusedImportCheck bool
}

type Info struct {
	Types map[ast.Expr]TypeAndValue

	Instances map[*ast.Ident]Instance

	Defs map[*ast.Ident]Object

	Uses map[*ast.Ident]Object

	Implicits map[ast.Node]Object

	Selections map[*ast.SelectorExpr]*Selection

	Scopes map[ast.Node]*Scope

	InitOrder []*Initializer

	FileVersions map[*ast.File]string
}

func (info *Info) TypeOf(e ast.Expr) Type

func (info *Info) ObjectOf(id *ast.Ident) Object

func (info *Info) PkgNameOf(imp *ast.ImportSpec) *PkgName

type TypeAndValue struct {
	Type  Type
	Value constant.Value
}

func (tv TypeAndValue) IsVoid() bool

func (tv TypeAndValue) IsType() bool

func (tv TypeAndValue) IsBuiltin() bool

func (tv TypeAndValue) IsValue() bool

func (tv TypeAndValue) IsNil() bool

func (tv TypeAndValue) Addressable() bool

func (tv TypeAndValue) Assignable() bool

func (tv TypeAndValue) HasOk() bool

type Instance struct {
	TypeArgs *TypeList
	Type     Type
}

type Initializer struct {
	Lhs []*Var
	Rhs ast.Expr
}

func (init *Initializer) String() string

func (conf *Config) Check(path string, fset *token.FileSet, files []*ast.File, info *Info) (*Package, error)

func AssertableTo(V *Interface, T Type) bool

func AssignableTo(V, T Type) bool

func ConvertibleTo(V, T Type) bool

func Implements(V Type, T *Interface) bool

func Satisfies(V Type, T *Interface) bool

func Identical(x, y Type) bool

func IdenticalIgnoreTags(x, y Type) bool

type Array struct {
}

func NewArray(elem Type, len int64) *Array

func (a *Array) Len() int64

func (a *Array) Elem() Type

func (a *Array) Underlying() Type

func (a *Array) String() string

type BasicKind int

const (
	Invalid BasicKind = iota

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
	String
	UnsafePointer

	UntypedBool
	UntypedInt
	UntypedRune
	UntypedFloat
	UntypedComplex
	UntypedString
	UntypedNil

	Byte = Uint8
	Rune = Int32
)

type BasicInfo int

const (
	IsBoolean BasicInfo = 1 << iota
	IsInteger
	IsUnsigned
	IsFloat
	IsComplex
	IsString
	IsUntyped

	IsOrdered   = IsInteger | IsFloat | IsString
	IsNumeric   = IsInteger | IsFloat | IsComplex
	IsConstType = IsBoolean | IsNumeric | IsString
)

type Basic struct {
}

func (b *Basic) Kind() BasicKind

func (b *Basic) Info() BasicInfo

func (b *Basic) Name() string

func (b *Basic) Underlying() Type

func (b *Basic) String() string

type Chan struct {
}

type ChanDir int

const (
	SendRecv ChanDir = iota
	SendOnly
	RecvOnly
)

func NewChan(dir ChanDir, elem Type) *Chan

func (c *Chan) Dir() ChanDir

func (c *Chan) Elem() Type

func (c *Chan) Underlying() Type

func (c *Chan) String() string

type Checker struct {
	*Info
}

func NewChecker(conf *Config, fset *token.FileSet, pkg *Package, info *Info) *Checker

func (check *Checker) Files(files []*ast.File) (err error)

type Context struct {
}

func NewContext() *Context

func (s atPos) Pos() token.Pos

func (e posSpan) Pos() token.Pos

func Eval(fset *token.FileSet, pkg *Package, pos token.Pos, expr string) (_ TypeAndValue, err error)

func CheckExpr(fset *token.FileSet, pkg *Package, pos token.Pos, expr ast.Expr, info *Info) (err error)

func ExprString(x ast.Expr) string

func WriteExpr(buf *bytes.Buffer, x ast.Expr)

func (s *gcSizes) Alignof(T Type) (result int64)

func (s *gcSizes) Offsetsof(fields []*Var) []int64

func (s *gcSizes) Sizeof(T Type) int64

func (x *indexedExpr) Pos() token.Pos

func (a nodeQueue) Len() int

func (a nodeQueue) Swap(i, j int)

func (a nodeQueue) Less(i, j int) bool

func (a *nodeQueue) Push(x any)

func (a *nodeQueue) Pop() any

func Instantiate(ctxt *Context, orig Type, targs []Type, validate bool) (Type, error)

type Interface struct {
}

func NewInterface(methods []*Func, embeddeds []*Named) *Interface

func NewInterfaceType(methods []*Func, embeddeds []Type) *Interface

func (t *Interface) MarkImplicit()

func (t *Interface) NumExplicitMethods() int

func (t *Interface) ExplicitMethod(i int) *Func

func (t *Interface) NumEmbeddeds() int

func (t *Interface) Embedded(i int) *Named

func (t *Interface) EmbeddedType(i int) Type

func (t *Interface) NumMethods() int

func (t *Interface) Method(i int) *Func

func (t *Interface) Empty() bool

func (t *Interface) IsComparable() bool

func (t *Interface) IsMethodSet() bool

func (t *Interface) IsImplicit() bool

func (t *Interface) Complete() *Interface

func (t *Interface) Underlying() Type

func (t *Interface) String() string

func (t *Interface) Methods() iter.Seq[*Func]

func (t *Interface) ExplicitMethods() iter.Seq[*Func]

func (t *Interface) EmbeddedTypes() iter.Seq[Type]

func (t *Named) Methods() iter.Seq[*Func]

func (s *Scope) Children() iter.Seq[*Scope]

func (s *Struct) Fields() iter.Seq[*Var]

func (t *Tuple) Variables() iter.Seq[*Var]

func (s *MethodSet) Methods() iter.Seq[*Selection]

func (u *Union) Terms() iter.Seq[*Term]

func (l *TypeParamList) TypeParams() iter.Seq[*TypeParam]

func (l *TypeList) Types() iter.Seq[Type]

func LookupSelection(T Type, addressable bool, pkg *Package, name string) (Selection, bool)

func LookupFieldOrMethod(T Type, addressable bool, pkg *Package, name string) (obj Object, index []int, indirect bool)

func MissingMethod(V Type, T *Interface, static bool) (method *Func, wrongType bool)

type Map struct {
}

func NewMap(key, elem Type) *Map

func (m *Map) Key() Type

func (m *Map) Elem() Type

func (t *Map) Underlying() Type

func (t *Map) String() string

type MethodSet struct {
}

func (s *MethodSet) String() string

func (s *MethodSet) Len() int

func (s *MethodSet) At(i int) *Selection

func (s *MethodSet) Lookup(pkg *Package, name string) *Selection

func NewMethodSet(T Type) *MethodSet

type Named struct {
}

func NewNamed(obj *TypeName, underlying Type, methods []*Func) *Named

func (t *Named) Obj() *TypeName

func (t *Named) Origin() *Named

func (t *Named) TypeParams() *TypeParamList

func (t *Named) SetTypeParams(tparams []*TypeParam)

func (t *Named) TypeArgs() *TypeList

func (t *Named) NumMethods() int

func (t *Named) Method(i int) *Func

func (t *Named) SetUnderlying(u Type)

func (t *Named) AddMethod(m *Func)

func (n *Named) Underlying() Type

func (t *Named) String() string

type Object interface {
	Parent() *Scope
	Pos() token.Pos
	Pkg() *Package
	Name() string
	Type() Type
	Exported() bool
	Id() string

	String() string
}

func Id(pkg *Package, name string) string

func (obj *object) Parent() *Scope

func (obj *object) Pos() token.Pos

func (obj *object) Pkg() *Package

func (obj *object) Name() string

func (obj *object) Type() Type

func (obj *object) Exported() bool

func (obj *object) Id() string

func (obj *object) String() string

type PkgName struct {
}

func NewPkgName(pos token.Pos, pkg *Package, name string, imported *Package) *PkgName

func (obj *PkgName) Imported() *Package

type Const struct {
}

func NewConst(pos token.Pos, pkg *Package, name string, typ Type, val constant.Value) *Const

func (obj *Const) Val() constant.Value

type TypeName struct {
}

func NewTypeName(pos token.Pos, pkg *Package, name string, typ Type) *TypeName

func (obj *TypeName) IsAlias() bool

type Var struct {
}

type VarKind uint8

const (
	PackageVar
	LocalVar
	RecvVar
	ParamVar
	ResultVar
	FieldVar
)

func (kind VarKind) String() string

func (v *Var) Kind() VarKind

func (v *Var) SetKind(kind VarKind)

func NewVar(pos token.Pos, pkg *Package, name string, typ Type) *Var

func NewParam(pos token.Pos, pkg *Package, name string, typ Type) *Var

func NewField(pos token.Pos, pkg *Package, name string, typ Type, embedded bool) *Var

func (obj *Var) Anonymous() bool

func (obj *Var) Embedded() bool

func (obj *Var) IsField() bool

func (obj *Var) Origin() *Var

type Func struct {
}

func NewFunc(pos token.Pos, pkg *Package, name string, sig *Signature) *Func

func (obj *Func) Signature() *Signature

func (obj *Func) FullName() string

func (obj *Func) Scope() *Scope

func (obj *Func) Origin() *Func

func (obj *Func) Pkg() *Package

type Label struct {
}

func NewLabel(pos token.Pos, pkg *Package, name string) *Label

type Builtin struct {
}

type Nil struct {
}

func ObjectString(obj Object, qf Qualifier) string

func (obj *PkgName) String() string

func (obj *Const) String() string

func (obj *TypeName) String() string

func (obj *Var) String() string

func (obj *Func) String() string

func (obj *Label) String() string

func (obj *Builtin) String() string

func (obj *Nil) String() string

func (x *operand) Pos() token.Pos

func (x *operand) String() string

type Package struct {
}

func NewPackage(path, name string) *Package

func (pkg *Package) Path() string

func (pkg *Package) Name() string

func (pkg *Package) SetName(name string)

func (pkg *Package) GoVersion() string

func (pkg *Package) Scope() *Scope

func (pkg *Package) Complete() bool

func (pkg *Package) MarkComplete()

func (pkg *Package) Imports() []*Package

func (pkg *Package) SetImports(list []*Package)

func (pkg *Package) String() string

type Pointer struct {
}

func NewPointer(elem Type) *Pointer

func (p *Pointer) Elem() Type

func (p *Pointer) Underlying() Type

func (p *Pointer) String() string

func IsInterface(t Type) bool

func Comparable(T Type) bool

func Default(t Type) Type

type Scope struct {
}

func NewScope(parent *Scope, pos, end token.Pos, comment string) *Scope

func (s *Scope) Parent() *Scope

func (s *Scope) Len() int

func (s *Scope) Names() []string

func (s *Scope) NumChildren() int

func (s *Scope) Child(i int) *Scope

func (s *Scope) Lookup(name string) Object

func (s *Scope) Insert(obj Object) Object

func (s *Scope) WriteTo(w io.Writer, n int, recurse bool)

func (s *Scope) String() string

func (*lazyObject) Parent() *Scope

func (*lazyObject) Pos() token.Pos

func (*lazyObject) Pkg() *Package

func (*lazyObject) Name() string

func (*lazyObject) Type() Type

func (*lazyObject) Exported() bool

func (*lazyObject) Id() string

func (*lazyObject) String() string

func (s *Scope) LookupParent(name string, pos token.Pos) (*Scope, Object)

func (s *Scope) Pos() token.Pos

func (s *Scope) End() token.Pos

func (s *Scope) Contains(pos token.Pos) bool

func (s *Scope) Innermost(pos token.Pos) *Scope

type SelectionKind int

const (
	FieldVal SelectionKind = iota
	MethodVal
	MethodExpr
)

type Selection struct {
}

func (s *Selection) Kind() SelectionKind

func (s *Selection) Recv() Type

func (s *Selection) Obj() Object

func (s *Selection) Type() Type

func (s *Selection) Index() []int

func (s *Selection) Indirect() bool

func (s *Selection) String() string

func SelectionString(s *Selection, qf Qualifier) string

type Signature struct {
}

func NewSignature(recv *Var, params, results *Tuple, variadic bool) *Signature

func NewSignatureType(recv *Var, recvTypeParams, typeParams []*TypeParam, params, results *Tuple, variadic bool) *Signature

func (s *Signature) Recv() *Var

func (s *Signature) TypeParams() *TypeParamList

func (s *Signature) RecvTypeParams() *TypeParamList

func (s *Signature) Params() *Tuple

func (s *Signature) Results() *Tuple

func (s *Signature) Variadic() bool

func (s *Signature) Underlying() Type

func (s *Signature) String() string

type Sizes interface {
	Alignof(T Type) int64

	Offsetsof(fields []*Var) []int64

	Sizeof(T Type) int64
}

type StdSizes struct {
	WordSize int64
	MaxAlign int64
}

func (s *StdSizes) Alignof(T Type) (result int64)

func (s *StdSizes) Offsetsof(fields []*Var) []int64

func (s *StdSizes) Sizeof(T Type) int64

func SizesFor(compiler, arch string) Sizes

type Slice struct {
}

func NewSlice(elem Type) *Slice

func (s *Slice) Elem() Type

func (s *Slice) Underlying() Type

func (s *Slice) String() string

type Struct struct {
}

func NewStruct(fields []*Var, tags []string) *Struct

func (s *Struct) NumFields() int

func (s *Struct) Field(i int) *Var

func (s *Struct) Tag(i int) string

func (t *Struct) Underlying() Type

func (t *Struct) String() string

func (xl termlist) String() string

type Tuple struct {
}

func NewTuple(x ...*Var) *Tuple

func (t *Tuple) Len() int

func (t *Tuple) At(i int) *Var

func (t *Tuple) Underlying() Type

func (t *Tuple) String() string

type Type interface {
	Underlying() Type

	String() string
}

type TypeParamList struct{}

func (l *TypeParamList) Len() int

func (l *TypeParamList) At(i int) *TypeParam

type TypeList struct{}

func (l *TypeList) Len() int

func (l *TypeList) At(i int) Type

type TypeParam struct {
}

func NewTypeParam(obj *TypeName, constraint Type) *TypeParam

func (t *TypeParam) Obj() *TypeName

func (t *TypeParam) Index() int

func (t *TypeParam) Constraint() Type

func (t *TypeParam) SetConstraint(bound Type)

func (t *TypeParam) Underlying() Type

func (t *TypeParam) String() string

func (s *_TypeSet) IsEmpty() bool

func (s *_TypeSet) IsAll() bool

func (s *_TypeSet) IsMethodSet() bool

func (s *_TypeSet) IsComparable(seen map[Type]bool) bool

func (s *_TypeSet) NumMethods() int

func (s *_TypeSet) Method(i int) *Func

func (s *_TypeSet) LookupMethod(pkg *Package, name string, foldCase bool) (int, *Func)

func (s *_TypeSet) String() string

type Qualifier func(*Package) string

func RelativeTo(pkg *Package) Qualifier

func TypeString(typ Type, qf Qualifier) string

func WriteType(buf *bytes.Buffer, typ Type, qf Qualifier)

func WriteSignature(buf *bytes.Buffer, sig *Signature, qf Qualifier)

func (x *term) String() string

func (m unifyMode) String() string

func (u *unifier) String() string

func (s typeParamsById) Len() int

func (s typeParamsById) Less(i, j int) bool

func (s typeParamsById) Swap(i, j int)

type Union struct {
}

func NewUnion(terms []*Term) *Union

func (u *Union) Len() int

func (u *Union) Term(i int) *Term

func (u *Union) Underlying() Type

func (u *Union) String() string

type Term term

func NewTerm(tilde bool, typ Type) *Term

func (t *Term) Tilde() bool

func (t *Term) Type() Type

func (t *Term) String() string

var Universe *Scope

var Unsafe *Package

var Typ = []*Basic{
	Invalid: {Invalid, 0, "invalid type"},

	Bool:          {Bool, IsBoolean, "bool"},
	Int:           {Int, IsInteger, "int"},
	Int8:          {Int8, IsInteger, "int8"},
	Int16:         {Int16, IsInteger, "int16"},
	Int32:         {Int32, IsInteger, "int32"},
	Int64:         {Int64, IsInteger, "int64"},
	Uint:          {Uint, IsInteger | IsUnsigned, "uint"},
	Uint8:         {Uint8, IsInteger | IsUnsigned, "uint8"},
	Uint16:        {Uint16, IsInteger | IsUnsigned, "uint16"},
	Uint32:        {Uint32, IsInteger | IsUnsigned, "uint32"},
	Uint64:        {Uint64, IsInteger | IsUnsigned, "uint64"},
	Uintptr:       {Uintptr, IsInteger | IsUnsigned, "uintptr"},
	Float32:       {Float32, IsFloat, "float32"},
	Float64:       {Float64, IsFloat, "float64"},
	Complex64:     {Complex64, IsComplex, "complex64"},
	Complex128:    {Complex128, IsComplex, "complex128"},
	String:        {String, IsString, "string"},
	UnsafePointer: {UnsafePointer, 0, "Pointer"},

	UntypedBool:    {UntypedBool, IsBoolean | IsUntyped, "untyped bool"},
	UntypedInt:     {UntypedInt, IsInteger | IsUntyped, "untyped int"},
	UntypedRune:    {UntypedRune, IsInteger | IsUntyped, "untyped rune"},
	UntypedFloat:   {UntypedFloat, IsFloat | IsUntyped, "untyped float"},
	UntypedComplex: {UntypedComplex, IsComplex | IsUntyped, "untyped complex"},
	UntypedString:  {UntypedString, IsString | IsUntyped, "untyped string"},
	UntypedNil:     {UntypedNil, IsUntyped, "untyped nil"},
}

func DefPredeclaredTestFuncs()
