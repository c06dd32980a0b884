// Package filepath: paths of files.
package filepath

import (
	"io/fs"
	"os"
)

var ErrBadPattern error

func Match(pattern, name string) (matched bool, err error)

func Glob(pattern string) (matches []string, err error)

const (
	Separator     = os.PathSeparator
	ListSeparator = os.PathListSeparator
)

func Clean(path string) string

func IsLocal(path string) bool

func Localize(path string) (string, error)

func ToSlash(path string) string

func FromSlash(path string) string

func SplitList(path string) []string

func Split(path string) (dir, file string)

func Join(elem ...string) string

func Ext(path string) string

func EvalSymlinks(path string) (string, error)

func IsAbs(path string) bool

func Abs(path string) (string, error)

func Rel(basePath, targPath string) (string, error)

var SkipDir error

var SkipAll error

type WalkFunc func(path string, info fs.FileInfo, err error) error

func WalkDir(root string, fn fs.WalkDirFunc) error

func Walk(root string, fn WalkFunc) error

func Base(path string) string

func Dir(path string) string

func VolumeName(path string) string

func HasPrefix(p, prefix string) bool
