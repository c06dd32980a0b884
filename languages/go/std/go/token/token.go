// Package token: tokens and places of Go.
package token

type Position struct {
	Filename string
	Offset   int
	Line     int
	Column   int
}

func (pos *Position) IsValid() bool

func (pos Position) String() string

type Pos int

const NoPos Pos = 0

func (p Pos) IsValid() bool

type File struct {
}

func (f *File) Name() string

func (f *File) Base() int

func (f *File) Size() int

func (f *File) End() Pos

func (f *File) LineCount() int

func (f *File) AddLine(offset int)

func (f *File) MergeLine(line int)

func (f *File) Lines() []int

func (f *File) SetLines(lines []int) bool

func (f *File) SetLinesForContent(content []byte)

func (f *File) LineStart(line int) Pos

func (f *File) AddLineInfo(offset int, filename string, line int)

func (f *File) AddLineColumnInfo(offset int, filename string, line, column int)

func (f *File) Pos(offset int) Pos

func (f *File) Offset(p Pos) int

func (f *File) Line(p Pos) int

func (f *File) PositionFor(p Pos, adjusted bool) (pos Position)

func (f *File) Position(p Pos) (pos Position)

type FileSet struct {
}

func NewFileSet() *FileSet

func (s *FileSet) Base() int

func (s *FileSet) AddFile(filename string, base, size int) *File

func (s *FileSet) AddExistingFiles(files ...*File)

func (s *FileSet) RemoveFile(file *File)

func (s *FileSet) Iterate(yield func(*File) bool)

func (s *FileSet) File(p Pos) (f *File)

func (s *FileSet) PositionFor(p Pos, adjusted bool) (pos Position)

func (s *FileSet) Position(p Pos) (pos Position)

func (s *FileSet) Read(decode func(any) error) error

func (s *FileSet) Write(encode func(any) error) error

type Token int

const (
	ILLEGAL Token = iota
	EOF
	COMMENT

	IDENT
	INT
	FLOAT
	IMAG
	CHAR
	STRING

	ADD
	SUB
	MUL
	QUO
	REM

	AND
	OR
	XOR
	SHL
	SHR
	AND_NOT

	ADD_ASSIGN
	SUB_ASSIGN
	MUL_ASSIGN
	QUO_ASSIGN
	REM_ASSIGN

	AND_ASSIGN
	OR_ASSIGN
	XOR_ASSIGN
	SHL_ASSIGN
	SHR_ASSIGN
	AND_NOT_ASSIGN

	LAND
	LOR
	ARROW
	INC
	DEC

	EQL
	LSS
	GTR
	ASSIGN
	NOT

	NEQ
	LEQ
	GEQ
	DEFINE
	ELLIPSIS

	LPAREN
	LBRACK
	LBRACE
	COMMA
	PERIOD

	RPAREN
	RBRACK
	RBRACE
	SEMICOLON
	COLON

	BREAK
	CASE
	CHAN
	CONST
	CONTINUE

	DEFAULT
	DEFER
	ELSE
	FALLTHROUGH
	FOR

	FUNC
	GO
	GOTO
	IF
	IMPORT

	INTERFACE
	MAP
	PACKAGE
	RANGE
	RETURN

	SELECT
	STRUCT
	SWITCH
	TYPE
	VAR

	TILDE
)

func (tok Token) String() string

const (
	LowestPrec  = 0
	UnaryPrec   = 6
	HighestPrec = 7
)

func (op Token) Precedence() int

func Lookup(ident string) Token

func (tok Token) IsLiteral() bool

func (tok Token) IsOperator() bool

func (tok Token) IsKeyword() bool

func IsExported(name string) bool

func IsKeyword(name string) bool

func IsIdentifier(name string) bool
