// Package parse: trees of templates.
package parse

func (i item) String() string

type Node interface {
	Type() NodeType
	String() string

	Copy() Node
	Position() Pos
}

type NodeType int

type Pos int

func (p Pos) Position() Pos

func (t NodeType) Type() NodeType

const (
	NodeText NodeType = iota
	NodeAction
	NodeBool
	NodeChain
	NodeCommand
	NodeDot

	NodeField
	NodeIdentifier
	NodeIf
	NodeList
	NodeNil
	NodeNumber
	NodePipe
	NodeRange
	NodeString
	NodeTemplate
	NodeVariable
	NodeWith
	NodeComment
	NodeBreak
	NodeContinue
)

type ListNode struct {
	NodeType
	Pos

	Nodes []Node
}

func (l *ListNode) String() string

func (l *ListNode) CopyList() *ListNode

func (l *ListNode) Copy() Node

type TextNode struct {
	NodeType
	Pos

	Text []byte
}

func (t *TextNode) String() string

func (t *TextNode) Copy() Node

type CommentNode struct {
	NodeType
	Pos

	Text string
}

func (c *CommentNode) String() string

func (c *CommentNode) Copy() Node

type PipeNode struct {
	NodeType
	Pos

	Line     int
	IsAssign bool
	Decl     []*VariableNode
	Cmds     []*CommandNode
}

func (p *PipeNode) String() string

func (p *PipeNode) CopyPipe() *PipeNode

func (p *PipeNode) Copy() Node

type ActionNode struct {
	NodeType
	Pos

	Line int
	Pipe *PipeNode
}

func (a *ActionNode) String() string

func (a *ActionNode) Copy() Node

type CommandNode struct {
	NodeType
	Pos

	Args []Node
}

func (c *CommandNode) String() string

func (c *CommandNode) Copy() Node

type IdentifierNode struct {
	NodeType
	Pos

	Ident string
}

func NewIdentifier(ident string) *IdentifierNode

func (i *IdentifierNode) SetPos(pos Pos) *IdentifierNode

func (i *IdentifierNode) SetTree(t *Tree) *IdentifierNode

func (i *IdentifierNode) String() string

func (i *IdentifierNode) Copy() Node

type VariableNode struct {
	NodeType
	Pos

	Ident []string
}

func (v *VariableNode) String() string

func (v *VariableNode) Copy() Node

type DotNode struct {
	NodeType
	Pos
}

func (d *DotNode) Type() NodeType

func (d *DotNode) String() string

func (d *DotNode) Copy() Node

type NilNode struct {
	NodeType
	Pos
}

func (n *NilNode) Type() NodeType

func (n *NilNode) String() string

func (n *NilNode) Copy() Node

type FieldNode struct {
	NodeType
	Pos

	Ident []string
}

func (f *FieldNode) String() string

func (f *FieldNode) Copy() Node

type ChainNode struct {
	NodeType
	Pos

	Node  Node
	Field []string
}

func (c *ChainNode) Add(field string)

func (c *ChainNode) String() string

func (c *ChainNode) Copy() Node

type BoolNode struct {
	NodeType
	Pos

	True bool
}

func (b *BoolNode) String() string

func (b *BoolNode) Copy() Node

type NumberNode struct {
	NodeType
	Pos

	IsInt      bool
	IsUint     bool
	IsFloat    bool
	IsComplex  bool
	Int64      int64
	Uint64     uint64
	Float64    float64
	Complex128 complex128
	Text       string
}

func (n *NumberNode) String() string

func (n *NumberNode) Copy() Node

type StringNode struct {
	NodeType
	Pos

	Quoted string
	Text   string
}

func (s *StringNode) String() string

func (s *StringNode) Copy() Node

func (e *endNode) String() string

func (e *endNode) Copy() Node

func (e *elseNode) Type() NodeType

func (e *elseNode) String() string

func (e *elseNode) Copy() Node

type BranchNode struct {
	NodeType
	Pos

	Line     int
	Pipe     *PipeNode
	List     *ListNode
	ElseList *ListNode
}

func (b *BranchNode) String() string

func (b *BranchNode) Copy() Node

type IfNode struct {
	BranchNode
}

func (i *IfNode) Copy() Node

type BreakNode struct {
	NodeType
	Pos
	Line int
}

func (b *BreakNode) Copy() Node

func (b *BreakNode) String() string

type ContinueNode struct {
	NodeType
	Pos
	Line int
}

func (c *ContinueNode) Copy() Node

func (c *ContinueNode) String() string

type RangeNode struct {
	BranchNode
}

func (r *RangeNode) Copy() Node

type WithNode struct {
	BranchNode
}

func (w *WithNode) Copy() Node

type TemplateNode struct {
	NodeType
	Pos

	Line int
	Name string
	Pipe *PipeNode
}

func (t *TemplateNode) String() string

func (t *TemplateNode) Copy() Node

type Tree struct {
	Name      string
	ParseName string
	Root      *ListNode
	Mode      Mode
}

type Mode uint

const (
	ParseComments Mode = 1 << iota
	SkipFuncCheck
)

func (t *Tree) Copy() *Tree

func Parse(name, text, leftDelim, rightDelim string, funcs ...map[string]any) (map[string]*Tree, error)

func New(name string, funcs ...map[string]any) *Tree

func (t *Tree) ErrorContext(n Node) (location, context string)

func (t *Tree) Parse(text, leftDelim, rightDelim string, treeSet map[string]*Tree, funcs ...map[string]any) (tree *Tree, err error)

func IsEmptyTree(n Node) bool
