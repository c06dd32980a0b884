// Package template: templates of text.
package template

import (
	"io"
	"io/fs"
	"text/template/parse"
)

type ExecError struct {
	Name string
	Err  error
}

func (e ExecError) Error() string

func (e ExecError) Unwrap() error

func (t *Template) ExecuteTemplate(wr io.Writer, name string, data any) error

func (t *Template) Execute(wr io.Writer, data any) error

func (t *Template) DefinedTemplates() string

func IsTrue(val any) (truth, ok bool)

type FuncMap map[string]any

func HTMLEscape(w io.Writer, b []byte)

func HTMLEscapeString(s string) string

func HTMLEscaper(args ...any) string

func JSEscape(w io.Writer, b []byte)

func JSEscapeString(s string) string

func JSEscaper(args ...any) string

func URLQueryEscaper(args ...any) string

func Must(t *Template, err error) *Template

func ParseFiles(filenames ...string) (*Template, error)

func (t *Template) ParseFiles(filenames ...string) (*Template, error)

func ParseGlob(pattern string) (*Template, error)

func (t *Template) ParseGlob(pattern string) (*Template, error)

func ParseFS(fsys fs.FS, patterns ...string) (*Template, error)

func (t *Template) ParseFS(fsys fs.FS, patterns ...string) (*Template, error)

func (t *Template) Option(opt ...string) *Template

type Template struct {
	*parse.Tree
}

func New(name string) *Template

func (t *Template) Name() string

func (t *Template) New(name string) *Template

func (t *Template) Clone() (*Template, error)

func (t *Template) AddParseTree(name string, tree *parse.Tree) (*Template, error)

func (t *Template) Templates() []*Template

func (t *Template) Delims(left, right string) *Template

func (t *Template) Funcs(funcMap FuncMap) *Template

func (t *Template) Lookup(name string) *Template

func (t *Template) Parse(text string) (*Template, error)
