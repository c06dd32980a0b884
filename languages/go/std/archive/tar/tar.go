// Package tar: reads and writes tar archives.
package tar

import (
	"io"
	"io/fs"
	"time"
)

var (
	ErrHeader          error
	ErrWriteTooLong    error
	ErrFieldTooLong    error
	ErrWriteAfterClose error
	ErrInsecurePath    error
)

func (he headerError) Error() string

const (
	TypeReg = '0'

	TypeRegA = '\x00'

	TypeLink    = '1'
	TypeSymlink = '2'
	TypeChar    = '3'
	TypeBlock   = '4'
	TypeDir     = '5'
	TypeFifo    = '6'

	TypeCont = '7'

	TypeXHeader = 'x'

	TypeXGlobalHeader = 'g'

	TypeGNUSparse = 'S'

	TypeGNULongName = 'L'
	TypeGNULongLink = 'K'
)

type Header struct {
	Typeflag byte

	Name     string
	Linkname string

	Size  int64
	Mode  int64
	Uid   int
	Gid   int
	Uname string
	Gname string

	ModTime    time.Time
	AccessTime time.Time
	ChangeTime time.Time

	Devmajor int64
	Devminor int64

	Xattrs map[string]string

	PAXRecords map[string]string

	Format Format
}

func (h *Header) FileInfo() fs.FileInfo

func (fi headerFileInfo) Size() int64

func (fi headerFileInfo) IsDir() bool

func (fi headerFileInfo) ModTime() time.Time

func (fi headerFileInfo) Sys() any

func (fi headerFileInfo) Name() string

func (fi headerFileInfo) Mode() (mode fs.FileMode)

func (fi headerFileInfo) String() string

func FileInfoHeader(fi fs.FileInfo, link string) (*Header, error)

type FileInfoNames interface {
	fs.FileInfo

	Uname() (string, error)

	Gname() (string, error)
}

type Format int

const (
	FormatUnknown

	FormatUSTAR

	FormatPAX

	FormatGNU
)

func (f Format) String() string

type Reader struct {
}

func NewReader(r io.Reader) *Reader

func (tr *Reader) Next() (*Header, error)

func (tr *Reader) Read(b []byte) (int, error)

func (fr *regFileReader) Read(b []byte) (n int, err error)

func (fr *regFileReader) WriteTo(w io.Writer) (int64, error)

func (sr *sparseFileReader) Read(b []byte) (n int, err error)

func (sr *sparseFileReader) WriteTo(w io.Writer) (n int64, err error)

func (zeroReader) Read(b []byte) (int, error)

type Writer struct {
}

func NewWriter(w io.Writer) *Writer

func (tw *Writer) Flush() error

func (tw *Writer) WriteHeader(hdr *Header) error

func (tw *Writer) AddFS(fsys fs.FS) error

func (tw *Writer) Write(b []byte) (int, error)

func (tw *Writer) Close() error

func (fw *regFileWriter) Write(b []byte) (n int, err error)

func (fw *regFileWriter) ReadFrom(r io.Reader) (int64, error)

func (sw *sparseFileWriter) Write(b []byte) (n int, err error)

func (sw *sparseFileWriter) ReadFrom(r io.Reader) (n int64, err error)

func (zeroWriter) Write(b []byte) (int, error)
