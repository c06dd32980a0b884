// Package parser: reads Go.
package parser

import (
	"go/ast"
	"go/token"
	"io/fs"
)

type Mode uint

const (
	PackageClauseOnly Mode = 1 << iota
	ImportsOnly
	ParseComments
	Trace
	DeclarationErrors
	SpuriousErrors
	SkipObjectResolution
	AllErrors = SpuriousErrors
)

func ParseFile(fset *token.FileSet, filename string, src any, mode Mode) (f *ast.File, err error)

func ParseDir(fset *token.FileSet, path string, filter func(fs.FileInfo) bool, mode Mode) (pkgs map[string]*ast.Package, first error)

func ParseExprFrom(fset *token.FileSet, filename string, src any, mode Mode) (expr ast.Expr, err error)

func ParseExpr(x string) (ast.Expr, error)

func (r *resolver) Visit(node ast.Node) ast.Visitor
