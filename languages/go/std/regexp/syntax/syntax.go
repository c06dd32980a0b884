// Package syntax: the syntax of regular expressions.
package syntax

func Compile(re *Regexp) (*Prog, error)

func (i Op) String() string

type Error struct {
	Code ErrorCode
	Expr string
}

func (e *Error) Error() string

type ErrorCode string

const (
	ErrInternalError ErrorCode = "regexp/syntax: internal error"

	ErrInvalidCharClass      ErrorCode = "invalid character class"
	ErrInvalidCharRange      ErrorCode = "invalid character class range"
	ErrInvalidEscape         ErrorCode = "invalid escape sequence"
	ErrInvalidNamedCapture   ErrorCode = "invalid named capture"
	ErrInvalidPerlOp         ErrorCode = "invalid or unsupported Perl syntax"
	ErrInvalidRepeatOp       ErrorCode = "invalid nested repetition operator"
	ErrInvalidRepeatSize     ErrorCode = "invalid repeat count"
	ErrInvalidUTF8           ErrorCode = "invalid UTF-8"
	ErrMissingBracket        ErrorCode = "missing closing ]"
	ErrMissingParen          ErrorCode = "missing closing )"
	ErrMissingRepeatArgument ErrorCode = "missing argument to repetition operator"
	ErrTrailingBackslash     ErrorCode = "trailing backslash at end of expression"
	ErrUnexpectedParen       ErrorCode = "unexpected )"
	ErrNestingDepth          ErrorCode = "expression nests too deeply"
	ErrLarge                 ErrorCode = "expression too large"
)

func (e ErrorCode) String() string

type Flags uint16

const (
	FoldCase Flags = 1 << iota
	Literal
	ClassNL
	DotNL
	OneLine
	NonGreedy
	PerlX
	UnicodeGroups
	WasDollar
	Simple

	MatchNL = ClassNL | DotNL

	Perl        = ClassNL | OneLine | PerlX | UnicodeGroups
	POSIX Flags = 0
)

func Parse(s string, flags Flags) (*Regexp, error)

func (ra ranges) Less(i, j int) bool

func (ra ranges) Len() int

func (ra ranges) Swap(i, j int)

type Prog struct {
	Inst   []Inst
	Start  int
	NumCap int
}

type InstOp uint8

const (
	InstAlt InstOp = iota
	InstAltMatch
	InstCapture
	InstEmptyWidth
	InstMatch
	InstFail
	InstNop
	InstRune
	InstRune1
	InstRuneAny
	InstRuneAnyNotNL
)

func (i InstOp) String() string

type EmptyOp uint8

const (
	EmptyBeginLine EmptyOp = 1 << iota
	EmptyEndLine
	EmptyBeginText
	EmptyEndText
	EmptyWordBoundary
	EmptyNoWordBoundary
)

func EmptyOpContext(r1, r2 rune) EmptyOp

func IsWordChar(r rune) bool

type Inst struct {
	Op   InstOp
	Out  uint32
	Arg  uint32
	Rune []rune
}

func (p *Prog) String() string

func (p *Prog) Prefix() (prefix string, complete bool)

func (p *Prog) StartCond() EmptyOp

func (i *Inst) MatchRune(r rune) bool

func (i *Inst) MatchRunePos(r rune) int

func (i *Inst) MatchEmptyWidth(before rune, after rune) bool

func (i *Inst) String() string

type Regexp struct {
	Op       Op
	Flags    Flags
	Sub      []*Regexp
	Sub0     [1]*Regexp
	Rune     []rune
	Rune0    [2]rune
	Min, Max int
	Cap      int
	Name     string
}

type Op uint8

const (
	OpNoMatch Op = 1 + iota
	OpEmptyMatch
	OpLiteral
	OpCharClass
	OpAnyCharNotNL
	OpAnyChar
	OpBeginLine
	OpEndLine
	OpBeginText
	OpEndText
	OpWordBoundary
	OpNoWordBoundary
	OpCapture
	OpStar
	OpPlus
	OpQuest
	OpRepeat
	OpConcat
	OpAlternate
)

func (x *Regexp) Equal(y *Regexp) bool

func (re *Regexp) String() string

func (re *Regexp) MaxCap() int

func (re *Regexp) CapNames() []string

func (re *Regexp) Simplify() *Regexp
