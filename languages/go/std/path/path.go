// Package path: paths with slashes.
package path

var ErrBadPattern error

func Match(pattern, name string) (matched bool, err error)

func Clean(path string) string

func Split(path string) (dir, file string)

func Join(elem ...string) string

func Ext(path string) string

func Base(path string) string

func IsAbs(path string) bool

func Dir(path string) string
