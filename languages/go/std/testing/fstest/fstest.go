// Package fstest: tests of file systems.
package fstest

import (
	"io/fs"
	"time"
)

type MapFS map[string]*MapFile

type MapFile struct {
	Data    []byte
	Mode    fs.FileMode
	ModTime time.Time
	Sys     any
}

func (fsys MapFS) Open(name string) (fs.File, error)

func (fsys MapFS) ReadLink(name string) (string, error)

func (fsys MapFS) Lstat(name string) (fs.FileInfo, error)

func (fsys MapFS) ReadFile(name string) ([]byte, error)

func (fsys MapFS) Stat(name string) (fs.FileInfo, error)

func (fsys MapFS) ReadDir(name string) ([]fs.DirEntry, error)

func (fsys MapFS) Glob(pattern string) ([]string, error)

func (noSub) Sub()

func (fsys MapFS) Sub(dir string) (fs.FS, error)

func (i *mapFileInfo) Name() string

func (i *mapFileInfo) Size() int64

func (i *mapFileInfo) Mode() fs.FileMode

func (i *mapFileInfo) Type() fs.FileMode

func (i *mapFileInfo) ModTime() time.Time

func (i *mapFileInfo) IsDir() bool

func (i *mapFileInfo) Sys() any

func (i *mapFileInfo) Info() (fs.FileInfo, error)

func (i *mapFileInfo) String() string

func (f *openMapFile) Stat() (fs.FileInfo, error)

func (f *openMapFile) Close() error

func (f *openMapFile) Read(b []byte) (int, error)

func (f *openMapFile) Seek(offset int64, whence int) (int64, error)

func (f *openMapFile) ReadAt(b []byte, offset int64) (int, error)

func (d *mapDir) Stat() (fs.FileInfo, error)

func (d *mapDir) Close() error

func (d *mapDir) Read(b []byte) (int, error)

func (d *mapDir) ReadDir(count int) ([]fs.DirEntry, error)

func TestFS(fsys fs.FS, expected ...string) error
