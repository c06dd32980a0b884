// Package embed: files built into the program.
package embed

import (
	"io/fs"
	"time"
)

type FS struct {
}

func (f *file) Name() string

func (f *file) Size() int64

func (f *file) ModTime() time.Time

func (f *file) IsDir() bool

func (f *file) Sys() any

func (f *file) Type() fs.FileMode

func (f *file) Info() (fs.FileInfo, error)

func (f *file) Mode() fs.FileMode

func (f *file) String() string

func (f FS) Open(name string) (fs.File, error)

func (f FS) ReadDir(name string) ([]fs.DirEntry, error)

func (f FS) ReadFile(name string) ([]byte, error)

func (f *openFile) Close() error

func (f *openFile) Stat() (fs.FileInfo, error)

func (f *openFile) Read(b []byte) (int, error)

func (f *openFile) Seek(offset int64, whence int) (int64, error)

func (f *openFile) ReadAt(b []byte, offset int64) (int, error)

func (d *openDir) Close() error

func (d *openDir) Stat() (fs.FileInfo, error)

func (d *openDir) Read([]byte) (int, error)

func (d *openDir) ReadDir(count int) ([]fs.DirEntry, error)
