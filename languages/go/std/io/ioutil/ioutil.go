// Package ioutil: old helpers of reading and writing.
package ioutil

import (
	"io"
	"io/fs"
	"os"
)

func ReadAll(r io.Reader) ([]byte, error)

func ReadFile(filename string) ([]byte, error)

func WriteFile(filename string, data []byte, perm fs.FileMode) error

func ReadDir(dirname string) ([]fs.FileInfo, error)

func NopCloser(r io.Reader) io.ReadCloser

var Discard io.Writer

func TempFile(dir, pattern string) (f *os.File, err error)

func TempDir(dir, pattern string) (name string, err error)
