// Package fs: file systems.
package fs

import (
	"time"
)

func FormatFileInfo(info FileInfo) string

func FormatDirEntry(dir DirEntry) string

type FS interface {
	Open(name string) (File, error)
}

func ValidPath(name string) bool

type File interface {
	Stat() (FileInfo, error)
	Read([]byte) (int, error)
	Close() error
}

type DirEntry interface {
	Name() string

	IsDir() bool

	Type() FileMode

	Info() (FileInfo, error)
}

type ReadDirFile interface {
	File

	ReadDir(n int) ([]DirEntry, error)
}

var (
	ErrInvalid    = errInvalid()
	ErrPermission = errPermission()
	ErrExist      = errExist()
	ErrNotExist   = errNotExist()
	ErrClosed     = errClosed()
)

type FileInfo interface {
	Name() string
	Size() int64
	Mode() FileMode
	ModTime() time.Time
	IsDir() bool
	Sys() any
}

type FileMode uint32

const (
	ModeDir FileMode = 1 << (32 - 1 - iota)
	ModeAppend
	ModeExclusive
	ModeTemporary
	ModeSymlink
	ModeDevice
	ModeNamedPipe
	ModeSocket
	ModeSetuid
	ModeSetgid
	ModeCharDevice
	ModeSticky
	ModeIrregular

	ModeType = ModeDir | ModeSymlink | ModeNamedPipe | ModeSocket | ModeDevice | ModeCharDevice | ModeIrregular

	ModePerm FileMode = 0777
)

func (m FileMode) String() string

func (m FileMode) IsDir() bool

func (m FileMode) IsRegular() bool

func (m FileMode) Perm() FileMode

func (m FileMode) Type() FileMode

type PathError struct {
	Op   string
	Path string
	Err  error
}

func (e *PathError) Error() string

func (e *PathError) Unwrap() error

func (e *PathError) Timeout() bool

type GlobFS interface {
	FS

	Glob(pattern string) ([]string, error)
}

func Glob(fsys FS, pattern string) (matches []string, err error)

type ReadDirFS interface {
	FS

	ReadDir(name string) ([]DirEntry, error)
}

func ReadDir(fsys FS, name string) ([]DirEntry, error)

func (di dirInfo) IsDir() bool

func (di dirInfo) Type() FileMode

func (di dirInfo) Info() (FileInfo, error)

func (di dirInfo) Name() string

func (di dirInfo) String() string

func FileInfoToDirEntry(info FileInfo) DirEntry

type ReadFileFS interface {
	FS

	ReadFile(name string) ([]byte, error)
}

func ReadFile(fsys FS, name string) ([]byte, error)

type ReadLinkFS interface {
	FS

	ReadLink(name string) (string, error)

	Lstat(name string) (FileInfo, error)
}

func ReadLink(fsys FS, name string) (string, error)

func Lstat(fsys FS, name string) (FileInfo, error)

type StatFS interface {
	FS

	Stat(name string) (FileInfo, error)
}

func Stat(fsys FS, name string) (FileInfo, error)

type SubFS interface {
	FS

	Sub(dir string) (FS, error)
}

func Sub(fsys FS, dir string) (FS, error)

func (f *subFS) Open(name string) (File, error)

func (f *subFS) ReadDir(name string) ([]DirEntry, error)

func (f *subFS) ReadFile(name string) ([]byte, error)

func (f *subFS) ReadLink(name string) (string, error)

func (f *subFS) Lstat(name string) (FileInfo, error)

func (f *subFS) Glob(pattern string) ([]string, error)

func (f *subFS) Sub(dir string) (FS, error)

var SkipDir error

var SkipAll error

type WalkDirFunc func(path string, d DirEntry, err error) error

func WalkDir(fsys FS, root string, fn WalkDirFunc) error
