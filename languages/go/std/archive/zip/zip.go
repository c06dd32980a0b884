// Package zip: reads and writes zip archives.
package zip

import (
	"io"
	"io/fs"
	"time"
)

var (
	ErrFormat       error
	ErrAlgorithm    error
	ErrChecksum     error
	ErrInsecurePath error
)

type Reader struct {
	File    []*File
	Comment string
}

type ReadCloser struct {
	Reader
}

type File struct {
	FileHeader
}

func OpenReader(name string) (*ReadCloser, error)

func NewReader(r io.ReaderAt, size int64) (*Reader, error)

func (r *Reader) RegisterDecompressor(method uint16, dcomp Decompressor)

func (rc *ReadCloser) Close() error

func (f *File) DataOffset() (offset int64, err error)

func (f *File) Open() (io.ReadCloser, error)

func (f *File) OpenRaw() (io.Reader, error)

func (r *dirReader) Read([]byte) (int, error)

func (r *dirReader) Close() error

func (r *checksumReader) Stat() (fs.FileInfo, error)

func (r *checksumReader) Read(b []byte) (n int, err error)

func (r *checksumReader) Close() error

func (f *fileListEntry) Name() string

func (f *fileListEntry) Size() int64

func (f *fileListEntry) Mode() fs.FileMode

func (f *fileListEntry) Type() fs.FileMode

func (f *fileListEntry) IsDir() bool

func (f *fileListEntry) Sys() any

func (f *fileListEntry) ModTime() time.Time

func (f *fileListEntry) Info() (fs.FileInfo, error)

func (f *fileListEntry) String() string

func (r *Reader) Open(name string) (fs.File, error)

func (d *openDir) Close() error

func (d *openDir) Stat() (fs.FileInfo, error)

func (d *openDir) Read([]byte) (int, error)

func (d *openDir) ReadDir(count int) ([]fs.DirEntry, error)

type Compressor func(w io.Writer) (io.WriteCloser, error)

type Decompressor func(r io.Reader) io.ReadCloser

func (w *pooledFlateWriter) Write(p []byte) (n int, err error)

func (w *pooledFlateWriter) Close() error

func (r *pooledFlateReader) Read(p []byte) (n int, err error)

func (r *pooledFlateReader) Close() error

func RegisterDecompressor(method uint16, dcomp Decompressor)

func RegisterCompressor(method uint16, comp Compressor)

const (
	Store   uint16 = 0
	Deflate uint16 = 8
)

type FileHeader struct {
	Name string

	Comment string

	NonUTF8 bool

	CreatorVersion uint16
	ReaderVersion  uint16
	Flags          uint16

	Method uint16

	Modified time.Time

	ModifiedTime uint16

	ModifiedDate uint16

	CRC32 uint32

	CompressedSize uint32

	UncompressedSize uint32

	CompressedSize64 uint64

	UncompressedSize64 uint64

	Extra         []byte
	ExternalAttrs uint32
}

func (h *FileHeader) FileInfo() fs.FileInfo

func (fi headerFileInfo) Name() string

func (fi headerFileInfo) Size() int64

func (fi headerFileInfo) IsDir() bool

func (fi headerFileInfo) ModTime() time.Time

func (fi headerFileInfo) Mode() fs.FileMode

func (fi headerFileInfo) Type() fs.FileMode

func (fi headerFileInfo) Sys() any

func (fi headerFileInfo) Info() (fs.FileInfo, error)

func (fi headerFileInfo) String() string

func FileInfoHeader(fi fs.FileInfo) (*FileHeader, error)

func (h *FileHeader) ModTime() time.Time

func (h *FileHeader) SetModTime(t time.Time)

func (h *FileHeader) Mode() (mode fs.FileMode)

func (h *FileHeader) SetMode(mode fs.FileMode)

type Writer struct {
}

func NewWriter(w io.Writer) *Writer

func (w *Writer) SetOffset(n int64)

func (w *Writer) Flush() error

func (w *Writer) SetComment(comment string) error

func (w *Writer) Close() error

func (w *Writer) Create(name string) (io.Writer, error)

func (w *Writer) CreateHeader(fh *FileHeader) (io.Writer, error)

func (w *Writer) CreateRaw(fh *FileHeader) (io.Writer, error)

func (w *Writer) Copy(f *File) error

func (w *Writer) RegisterCompressor(method uint16, comp Compressor)

func (w *Writer) AddFS(fsys fs.FS) error

func (dirWriter) Write(b []byte) (int, error)

func (w *fileWriter) Write(p []byte) (int, error)

func (w *countWriter) Write(p []byte) (int, error)

func (w nopCloser) Close() error
