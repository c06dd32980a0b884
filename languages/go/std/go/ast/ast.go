// Package ast: syntax trees of Go.
package ast

import (
	"go/token"
	"io"
	"iter"
	"reflect"
)

type Node interface {
	Pos() token.Pos
	End() token.Pos
}

type Expr interface {
	Node
}

type Stmt interface {
	Node
}

type Decl interface {
	Node
}

type Comment struct {
	Slash token.Pos
	Text  string
}

func (c *Comment) Pos() token.Pos

func (c *Comment) End() token.Pos

type CommentGroup struct {
	List []*Comment
}

func (g *CommentGroup) Pos() token.Pos

func (g *CommentGroup) End() token.Pos

func (g *CommentGroup) Text() string

type Field struct {
	Doc     *CommentGroup
	Names   []*Ident
	Type    Expr
	Tag     *BasicLit
	Comment *CommentGroup
}

func (f *Field) Pos() token.Pos

func (f *Field) End() token.Pos

type FieldList struct {
	Opening token.Pos
	List    []*Field
	Closing token.Pos
}

func (f *FieldList) Pos() token.Pos

func (f *FieldList) End() token.Pos

func (f *FieldList) NumFields() int

type (
	BadExpr struct {
		From, To token.Pos
	}

	Ident struct {
		NamePos token.Pos
		Name    string
		Obj     *Object
	}

	Ellipsis struct {
		Ellipsis token.Pos
		Elt      Expr
	}

	BasicLit struct {
		ValuePos token.Pos
		ValueEnd token.Pos
		Kind     token.Token
		Value    string
	}

	FuncLit struct {
		Type *FuncType
		Body *BlockStmt
	}

	CompositeLit struct {
		Type       Expr
		Lbrace     token.Pos
		Elts       []Expr
		Rbrace     token.Pos
		Incomplete bool
	}

	ParenExpr struct {
		Lparen token.Pos
		X      Expr
		Rparen token.Pos
	}

	SelectorExpr struct {
		X   Expr
		Sel *Ident
	}

	IndexExpr struct {
		X      Expr
		Lbrack token.Pos
		Index  Expr
		Rbrack token.Pos
	}

	IndexListExpr struct {
		X       Expr
		Lbrack  token.Pos
		Indices []Expr
		Rbrack  token.Pos
	}

	SliceExpr struct {
		X      Expr
		Lbrack token.Pos
		Low    Expr
		High   Expr
		Max    Expr
		Slice3 bool
		Rbrack token.Pos
	}

	TypeAssertExpr struct {
		X      Expr
		Lparen token.Pos
		Type   Expr
		Rparen token.Pos
	}

	CallExpr struct {
		Fun      Expr
		Lparen   token.Pos
		Args     []Expr
		Ellipsis token.Pos
		Rparen   token.Pos
	}

	StarExpr struct {
		Star token.Pos
		X    Expr
	}

	UnaryExpr struct {
		OpPos token.Pos
		Op    token.Token
		X     Expr
	}

	BinaryExpr struct {
		X     Expr
		OpPos token.Pos
		Op    token.Token
		Y     Expr
	}

	KeyValueExpr struct {
		Key   Expr
		Colon token.Pos
		Value Expr
	}
)

type ChanDir int

const (
	SEND ChanDir = 1 << iota
	RECV
)

type (
	ArrayType struct {
		Lbrack token.Pos
		Len    Expr
		Elt    Expr
	}

	StructType struct {
		Struct     token.Pos
		Fields     *FieldList
		Incomplete bool
	}

	FuncType struct {
		Func       token.Pos
		TypeParams *FieldList
		Params     *FieldList
		Results    *FieldList
	}

	InterfaceType struct {
		Interface  token.Pos
		Methods    *FieldList
		Incomplete bool
	}

	MapType struct {
		Map   token.Pos
		Key   Expr
		Value Expr
	}

	ChanType struct {
		Begin token.Pos
		Arrow token.Pos
		Dir   ChanDir
		Value Expr
	}
)

func (x *BadExpr) Pos() token.Pos

func (x *Ident) Pos() token.Pos

func (x *Ellipsis) Pos() token.Pos

func (x *BasicLit) Pos() token.Pos

func (x *FuncLit) Pos() token.Pos

func (x *CompositeLit) Pos() token.Pos

func (x *ParenExpr) Pos() token.Pos

func (x *SelectorExpr) Pos() token.Pos

func (x *IndexExpr) Pos() token.Pos

func (x *IndexListExpr) Pos() token.Pos

func (x *SliceExpr) Pos() token.Pos

func (x *TypeAssertExpr) Pos() token.Pos

func (x *CallExpr) Pos() token.Pos

func (x *StarExpr) Pos() token.Pos

func (x *UnaryExpr) Pos() token.Pos

func (x *BinaryExpr) Pos() token.Pos

func (x *KeyValueExpr) Pos() token.Pos

func (x *ArrayType) Pos() token.Pos

func (x *StructType) Pos() token.Pos

func (x *FuncType) Pos() token.Pos

func (x *InterfaceType) Pos() token.Pos

func (x *MapType) Pos() token.Pos

func (x *ChanType) Pos() token.Pos

func (x *BadExpr) End() token.Pos

func (x *Ident) End() token.Pos

func (x *Ellipsis) End() token.Pos

func (x *BasicLit) End() token.Pos

func (x *FuncLit) End() token.Pos

func (x *CompositeLit) End() token.Pos

func (x *ParenExpr) End() token.Pos

func (x *SelectorExpr) End() token.Pos

func (x *IndexExpr) End() token.Pos

func (x *IndexListExpr) End() token.Pos

func (x *SliceExpr) End() token.Pos

func (x *TypeAssertExpr) End() token.Pos

func (x *CallExpr) End() token.Pos

func (x *StarExpr) End() token.Pos

func (x *UnaryExpr) End() token.Pos

func (x *BinaryExpr) End() token.Pos

func (x *KeyValueExpr) End() token.Pos

func (x *ArrayType) End() token.Pos

func (x *StructType) End() token.Pos

func (x *FuncType) End() token.Pos

func (x *InterfaceType) End() token.Pos

func (x *MapType) End() token.Pos

func (x *ChanType) End() token.Pos

func NewIdent(name string) *Ident

func IsExported(name string) bool

func (id *Ident) IsExported() bool

func (id *Ident) String() string

type (
	BadStmt struct {
		From, To token.Pos
	}

	DeclStmt struct {
		Decl Decl
	}

	EmptyStmt struct {
		Semicolon token.Pos
		Implicit  bool
	}

	LabeledStmt struct {
		Label *Ident
		Colon token.Pos
		Stmt  Stmt
	}

	ExprStmt struct {
		X Expr
	}

	SendStmt struct {
		Chan  Expr
		Arrow token.Pos
		Value Expr
	}

	IncDecStmt struct {
		X      Expr
		TokPos token.Pos
		Tok    token.Token
	}

	AssignStmt struct {
		Lhs    []Expr
		TokPos token.Pos
		Tok    token.Token
		Rhs    []Expr
	}

	GoStmt struct {
		Go   token.Pos
		Call *CallExpr
	}

	DeferStmt struct {
		Defer token.Pos
		Call  *CallExpr
	}

	ReturnStmt struct {
		Return  token.Pos
		Results []Expr
	}

	BranchStmt struct {
		TokPos token.Pos
		Tok    token.Token
		Label  *Ident
	}

	BlockStmt struct {
		Lbrace token.Pos
		List   []Stmt
		Rbrace token.Pos
	}

	IfStmt struct {
		If   token.Pos
		Init Stmt
		Cond Expr
		Body *BlockStmt
		Else Stmt
	}

	CaseClause struct {
		Case  token.Pos
		List  []Expr
		Colon token.Pos
		Body  []Stmt
	}

	SwitchStmt struct {
		Switch token.Pos
		Init   Stmt
		Tag    Expr
		Body   *BlockStmt
	}

	TypeSwitchStmt struct {
		Switch token.Pos
		Init   Stmt
		Assign Stmt
		Body   *BlockStmt
	}

	CommClause struct {
		Case  token.Pos
		Comm  Stmt
		Colon token.Pos
		Body  []Stmt
	}

	SelectStmt struct {
		Select token.Pos
		Body   *BlockStmt
	}

	ForStmt struct {
		For  token.Pos
		Init Stmt
		Cond Expr
		Post Stmt
		Body *BlockStmt
	}

	RangeStmt struct {
		For        token.Pos
		Key, Value Expr
		TokPos     token.Pos
		Tok        token.Token
		Range      token.Pos
		X          Expr
		Body       *BlockStmt
	}
)

func (s *BadStmt) Pos() token.Pos

func (s *DeclStmt) Pos() token.Pos

func (s *EmptyStmt) Pos() token.Pos

func (s *LabeledStmt) Pos() token.Pos

func (s *ExprStmt) Pos() token.Pos

func (s *SendStmt) Pos() token.Pos

func (s *IncDecStmt) Pos() token.Pos

func (s *AssignStmt) Pos() token.Pos

func (s *GoStmt) Pos() token.Pos

func (s *DeferStmt) Pos() token.Pos

func (s *ReturnStmt) Pos() token.Pos

func (s *BranchStmt) Pos() token.Pos

func (s *BlockStmt) Pos() token.Pos

func (s *IfStmt) Pos() token.Pos

func (s *CaseClause) Pos() token.Pos

func (s *SwitchStmt) Pos() token.Pos

func (s *TypeSwitchStmt) Pos() token.Pos

func (s *CommClause) Pos() token.Pos

func (s *SelectStmt) Pos() token.Pos

func (s *ForStmt) Pos() token.Pos

func (s *RangeStmt) Pos() token.Pos

func (s *BadStmt) End() token.Pos

func (s *DeclStmt) End() token.Pos

func (s *EmptyStmt) End() token.Pos

func (s *LabeledStmt) End() token.Pos

func (s *ExprStmt) End() token.Pos

func (s *SendStmt) End() token.Pos

func (s *IncDecStmt) End() token.Pos

func (s *AssignStmt) End() token.Pos

func (s *GoStmt) End() token.Pos

func (s *DeferStmt) End() token.Pos

func (s *ReturnStmt) End() token.Pos

func (s *BranchStmt) End() token.Pos

func (s *BlockStmt) End() token.Pos

func (s *IfStmt) End() token.Pos

func (s *CaseClause) End() token.Pos

func (s *SwitchStmt) End() token.Pos

func (s *TypeSwitchStmt) End() token.Pos

func (s *CommClause) End() token.Pos

func (s *SelectStmt) End() token.Pos

func (s *ForStmt) End() token.Pos

func (s *RangeStmt) End() token.Pos

type (
	Spec interface {
		Node
	}

	ImportSpec struct {
		Doc     *CommentGroup
		Name    *Ident
		Path    *BasicLit
		Comment *CommentGroup
		EndPos  token.Pos
	}

	ValueSpec struct {
		Doc     *CommentGroup
		Names   []*Ident
		Type    Expr
		Values  []Expr
		Comment *CommentGroup
	}

	TypeSpec struct {
		Doc        *CommentGroup
		Name       *Ident
		TypeParams *FieldList
		Assign     token.Pos
		Type       Expr
		Comment    *CommentGroup
	}
)

func (s *ImportSpec) Pos() token.Pos

func (s *ValueSpec) Pos() token.Pos

func (s *TypeSpec) Pos() token.Pos

func (s *ImportSpec) End() token.Pos

func (s *ValueSpec) End() token.Pos

func (s *TypeSpec) End() token.Pos

type (
	BadDecl struct {
		From, To token.Pos
	}

	GenDecl struct {
		Doc    *CommentGroup
		TokPos token.Pos
		Tok    token.Token
		Lparen token.Pos
		Specs  []Spec
		Rparen token.Pos
	}

	FuncDecl struct {
		Doc  *CommentGroup
		Recv *FieldList
		Name *Ident
		Type *FuncType
		Body *BlockStmt
	}
)

func (d *BadDecl) Pos() token.Pos

func (d *GenDecl) Pos() token.Pos

func (d *FuncDecl) Pos() token.Pos

func (d *BadDecl) End() token.Pos

func (d *GenDecl) End() token.Pos

func (d *FuncDecl) End() token.Pos

type File struct {
	Doc     *CommentGroup
	Package token.Pos
	Name    *Ident
	Decls   []Decl

	FileStart, FileEnd token.Pos
	Scope              *Scope
	Imports            []*ImportSpec
	Unresolved         []*Ident
	Comments           []*CommentGroup
	GoVersion          string
}

func (f *File) Pos() token.Pos

func (f *File) End() token.Pos

type Package struct {
	Name    string
	Scope   *Scope
	Imports map[string]*Object
	Files   map[string]*File
}

func (p *Package) Pos() token.Pos

func (p *Package) End() token.Pos

func IsGenerated(file *File) bool

func Unparen(e Expr) Expr

type CommentMap map[Node][]*CommentGroup

func NewCommentMap(fset *token.FileSet, node Node, comments []*CommentGroup) CommentMap

func (cmap CommentMap) Update(old, new Node) Node

func (cmap CommentMap) Filter(node Node) CommentMap

func (cmap CommentMap) Comments() []*CommentGroup

func (cmap CommentMap) String() string

type Directive struct {
	Tool string
	Name string
	Args string

	Slash token.Pos

	ArgsPos token.Pos
}

func ParseDirective(pos token.Pos, c string) (Directive, bool)

func (d *Directive) Pos() token.Pos

func (d *Directive) End() token.Pos

type DirectiveArg struct {
	Arg string

	Pos token.Pos
}

func (d *Directive) ParseArgs() ([]DirectiveArg, error)

func FileExports(src *File) bool

func PackageExports(pkg *Package) bool

type Filter func(string) bool

func FilterDecl(decl Decl, f Filter) bool

func FilterFile(src *File, f Filter) bool

func FilterPackage(pkg *Package, f Filter) bool

type MergeMode uint

const (
	FilterFuncDuplicates MergeMode = 1 << iota

	FilterUnassociatedComments

	FilterImportDuplicates
)

func MergePackageFiles(pkg *Package, mode MergeMode) *File

func SortImports(fset *token.FileSet, f *File)

type FieldFilter func(name string, value reflect.Value) bool

func NotNilFilter(_ string, v reflect.Value) bool

func Fprint(w io.Writer, fset *token.FileSet, x any, f FieldFilter) error

func Print(fset *token.FileSet, x any) error

func (p *printer) Write(data []byte) (n int, err error)

type Importer func(imports map[string]*Object, path string) (pkg *Object, err error)

func NewPackage(fset *token.FileSet, files map[string]*File, importer Importer, universe *Scope) (*Package, error)

type Scope struct {
	Outer   *Scope
	Objects map[string]*Object
}

func NewScope(outer *Scope) *Scope

func (s *Scope) Lookup(name string) *Object

func (s *Scope) Insert(obj *Object) (alt *Object)

func (s *Scope) String() string

type Object struct {
	Kind ObjKind
	Name string
	Decl any
	Data any
	Type any
}

func NewObj(kind ObjKind, name string) *Object

func (obj *Object) Pos() token.Pos

type ObjKind int

const (
	Bad ObjKind = iota
	Pkg
	Con
	Typ
	Var
	Fun
	Lbl
)

func (kind ObjKind) String() string

type Visitor interface {
	Visit(node Node) (w Visitor)
}

func Walk(v Visitor, node Node)

func (f inspector) Visit(node Node) Visitor

func Inspect(node Node, f func(Node) bool)

func Preorder(root Node) iter.Seq[Node]

func PreorderStack(root Node, stack []Node, f func(n Node, stack []Node) bool)
