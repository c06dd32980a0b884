// Package format: formats Go.
package format

import (
	"go/token"
	"io"
)

func Node(dst io.Writer, fset *token.FileSet, node any) error

func Source(src []byte) ([]byte, error)
