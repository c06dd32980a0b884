// Command declare writes the exported declarations of packages of the installed standard library, without bodies, one file a package.
//
// Arguments: a list of packages with a line of documentation each, and the folder to write to.
package main

import (
	"bufio"
	"bytes"
	"fmt"
	"go/ast"
	"go/build"
	"go/format"
	"go/parser"
	"go/token"
	"os"
	"path/filepath"
	"sort"
	"strings"
)

func main() {
	list, err := os.Open(os.Args[1])
	check(err)
	lines := bufio.NewScanner(list)
	for lines.Scan() {
		path, doc, ok := strings.Cut(lines.Text(), "\t")
		if ok {
			declare(path, doc, os.Args[2])
		}
	}
}

func check(err error) {
	if err != nil {
		panic(err)
	}
}

// makesError tells whether a value is a new error.
func makesError(value ast.Expr) bool {
	call, ok := value.(*ast.CallExpr)
	if !ok {
		return false
	}
	of, ok := call.Fun.(*ast.SelectorExpr)
	return ok && of.Sel.Name == "New"
}

func declare(path, doc, out string) {
	pkg, err := build.Import(path, "", 0)
	check(err)
	set := token.NewFileSet()
	var body bytes.Buffer
	imports := map[string]bool{}
	used := map[string]bool{}
	for _, name := range pkg.GoFiles {
		file, err := parser.ParseFile(set, filepath.Join(pkg.Dir, name), nil, 0)
		check(err)
		for _, i := range file.Imports {
			imports[i.Path.Value] = true
		}
		ast.FileExports(file)
		for _, decl := range file.Decls {
			switch d := decl.(type) {
			case *ast.FuncDecl:
				d.Body = nil
			case *ast.GenDecl:
				if d.Tok == token.IMPORT {
					continue
				}
				if d.Tok == token.VAR {
					for _, s := range d.Specs {
						// A value says the type of a variable only where it makes one.
						v := s.(*ast.ValueSpec)
						if v.Type != nil {
							v.Values = nil
						} else if len(v.Values) > 0 && makesError(v.Values[0]) {
							v.Type, v.Values = ast.NewIdent("error"), nil
						}
					}
				}
			}
			ast.Inspect(decl, func(n ast.Node) bool {
				switch s := n.(type) {
				case *ast.StructType:
					s.Incomplete = false
				case *ast.InterfaceType:
					s.Incomplete = false
				}
				if s, ok := n.(*ast.SelectorExpr); ok {
					if x, ok := s.X.(*ast.Ident); ok {
						used[x.Name] = true
					}
				}
				return true
			})
			check(format.Node(&body, set, decl))
			body.WriteString("\n\n")
		}
	}
	var needed []string
	for i := range imports {
		word := strings.Trim(i, "\"")
		if !strings.Contains(word, "internal") && used[word[strings.LastIndex(word, "/")+1:]] {
			needed = append(needed, i)
		}
	}
	sort.Strings(needed)
	var text bytes.Buffer
	fmt.Fprintf(&text, "// Package %s: %s\npackage %s\n\n", pkg.Name, doc, pkg.Name)
	if len(needed) > 0 {
		fmt.Fprintf(&text, "import (\n\t%s\n)\n\n", strings.Join(needed, "\n\t"))
	}
	text.Write(body.Bytes())
	done, err := format.Source(text.Bytes())
	check(err)
	place := filepath.Join(out, path, pkg.Name+".go")
	check(os.MkdirAll(filepath.Dir(place), 0o755))
	check(os.WriteFile(place, done, 0o644))
}
