// Package template: templates of pages.
package template

import (
	"io"
	"io/fs"
	"text/template"
	"text/template/parse"
)

func (i attr) String() string

type (
	CSS string

	HTML string

	HTMLAttr string

	JS string

	JSStr string

	URL string

	Srcset string
)

func (c context) String() string

func (i delim) String() string

func (i element) String() string

type Error struct {
	ErrorCode ErrorCode

	Node parse.Node

	Name string

	Line int

	Description string
}

type ErrorCode int

const (
	OK ErrorCode = iota

	ErrAmbigContext

	ErrBadHTML

	ErrBranchEnd

	ErrEndContext

	ErrNoSuchTemplate

	ErrOutputContext

	ErrPartialCharset

	ErrPartialEscape

	ErrRangeLoopReentry

	ErrSlashAmbig

	ErrPredefinedEscaper

	ErrJSTemplate
)

func (e *Error) Error() string

func HTMLEscape(w io.Writer, b []byte)

func HTMLEscapeString(s string) string

func HTMLEscaper(args ...any) string

func JSEscape(w io.Writer, b []byte)

func JSEscapeString(s string) string

func JSEscaper(args ...any) string

func URLQueryEscaper(args ...any) string

func (i jsCtx) String() string

func (i state) String() string

type Template struct {
	Tree *parse.Tree
}

func (t *Template) Templates() []*Template

func (t *Template) Option(opt ...string) *Template

func (t *Template) Execute(wr io.Writer, data any) error

func (t *Template) ExecuteTemplate(wr io.Writer, name string, data any) error

func (t *Template) DefinedTemplates() string

func (t *Template) Parse(text string) (*Template, error)

func (t *Template) AddParseTree(name string, tree *parse.Tree) (*Template, error)

func (t *Template) Clone() (*Template, error)

func New(name string) *Template

func (t *Template) New(name string) *Template

func (t *Template) Name() string

type FuncMap = template.FuncMap

func (t *Template) Funcs(funcMap FuncMap) *Template

func (t *Template) Delims(left, right string) *Template

func (t *Template) Lookup(name string) *Template

func Must(t *Template, err error) *Template

func ParseFiles(filenames ...string) (*Template, error)

func (t *Template) ParseFiles(filenames ...string) (*Template, error)

func ParseGlob(pattern string) (*Template, error)

func (t *Template) ParseGlob(pattern string) (*Template, error)

func IsTrue(val any) (truth, ok bool)

func ParseFS(fs fs.FS, patterns ...string) (*Template, error)

func (t *Template) ParseFS(fs fs.FS, patterns ...string) (*Template, error)

func (i urlPart) String() string
