// Package os: the operating system.
package os

import (
	"io"
	"io/fs"
	"syscall"
	"time"
)

func (f *File) Readdir(n int) ([]FileInfo, error)

func (f *File) Readdirnames(n int) (names []string, err error)

type DirEntry = fs.DirEntry

func (f *File) ReadDir(n int) ([]DirEntry, error)

func ReadDir(name string) ([]DirEntry, error)

func CopyFS(dir string, fsys fs.FS) error

func Expand(s string, mapping func(string) string) string

func ExpandEnv(s string) string

func Getenv(key string) string

func LookupEnv(key string) (string, bool)

func Setenv(key, value string) error

func Unsetenv(key string) error

func Clearenv()

func Environ() []string

var (
	ErrInvalid = fs.ErrInvalid

	ErrPermission = fs.ErrPermission
	ErrExist      = fs.ErrExist
	ErrNotExist   = fs.ErrNotExist
	ErrClosed     = fs.ErrClosed

	ErrNoDeadline       = errNoDeadline()
	ErrDeadlineExceeded = errDeadlineExceeded()
)

type PathError = fs.PathError

type SyscallError struct {
	Syscall string
	Err     error
}

func (e *SyscallError) Error() string

func (e *SyscallError) Unwrap() error

func (e *SyscallError) Timeout() bool

func NewSyscallError(syscall string, err error) error

func IsExist(err error) bool

func IsNotExist(err error) bool

func IsPermission(err error) bool

func IsTimeout(err error) bool

var (
	ErrProcessDone error

	ErrNoHandle error
)

type Process struct {
	Pid int
}

type ProcAttr struct {
	Dir string

	Env []string

	Files []*File

	Sys *syscall.SysProcAttr
}

type Signal interface {
	String() string
	Signal()
}

func Getpid() int

func Getppid() int

func FindProcess(pid int) (*Process, error)

func StartProcess(name string, argv []string, attr *ProcAttr) (*Process, error)

func (p *Process) Release() error

func (p *Process) Kill() error

func (p *Process) Wait() (*ProcessState, error)

func (p *Process) Signal(sig Signal) error

func (p *Process) WithHandle(f func(handle uintptr)) error

func (p *ProcessState) UserTime() time.Duration

func (p *ProcessState) SystemTime() time.Duration

func (p *ProcessState) Exited() bool

func (p *ProcessState) Success() bool

func (p *ProcessState) Sys() any

func (p *ProcessState) SysUsage() any

var (
	Interrupt Signal
	Kill      Signal
)

type ProcessState struct {
}

func (p *ProcessState) Pid() int

func (p *ProcessState) String() string

func (p *ProcessState) ExitCode() int

func Executable() (string, error)

func (f *File) Name() string

var (
	Stdin  = NewFile(uintptr(syscall.Stdin), "/dev/stdin")
	Stdout = NewFile(uintptr(syscall.Stdout), "/dev/stdout")
	Stderr = NewFile(uintptr(syscall.Stderr), "/dev/stderr")
)

const (
	O_RDONLY int = syscall.O_RDONLY
	O_WRONLY int = syscall.O_WRONLY
	O_RDWR   int = syscall.O_RDWR

	O_APPEND int = syscall.O_APPEND
	O_CREATE int = syscall.O_CREAT
	O_EXCL   int = syscall.O_EXCL
	O_SYNC   int = syscall.O_SYNC
	O_TRUNC  int = syscall.O_TRUNC
)

const (
	SEEK_SET int = 0
	SEEK_CUR int = 1
	SEEK_END int = 2
)

type LinkError struct {
	Op  string
	Old string
	New string
	Err error
}

func (e *LinkError) Error() string

func (e *LinkError) Unwrap() error

func NewFile(fd uintptr, name string) *File

func (f *File) Read(b []byte) (n int, err error)

func (f *File) ReadAt(b []byte, off int64) (n int, err error)

func (f *File) ReadFrom(r io.Reader) (n int64, err error)

func (noReadFrom) ReadFrom(io.Reader) (int64, error)

func (f *File) Write(b []byte) (n int, err error)

func (f *File) WriteAt(b []byte, off int64) (n int, err error)

func (f *File) WriteTo(w io.Writer) (n int64, err error)

func (noWriteTo) WriteTo(io.Writer) (int64, error)

func (f *File) Seek(offset int64, whence int) (ret int64, err error)

func (f *File) WriteString(s string) (n int, err error)

func Mkdir(name string, perm FileMode) error

func Chdir(dir string) error

func Open(name string) (*File, error)

func Create(name string) (*File, error)

func OpenFile(name string, flag int, perm FileMode) (*File, error)

func Rename(oldpath, newpath string) error

func Readlink(name string) (string, error)

func TempDir() string

func UserCacheDir() (string, error)

func UserConfigDir() (string, error)

func UserHomeDir() (string, error)

func Chmod(name string, mode FileMode) error

func (f *File) Chmod(mode FileMode) error

func (f *File) SetDeadline(t time.Time) error

func (f *File) SetReadDeadline(t time.Time) error

func (f *File) SetWriteDeadline(t time.Time) error

func (f *File) SyscallConn() (syscall.RawConn, error)

func (f *File) Fd() uintptr

func DirFS(dir string) fs.FS

func (dir dirFS) Open(name string) (fs.File, error)

func (dir dirFS) ReadFile(name string) ([]byte, error)

func (dir dirFS) ReadDir(name string) ([]DirEntry, error)

func (dir dirFS) Stat(name string) (fs.FileInfo, error)

func (dir dirFS) Lstat(name string) (fs.FileInfo, error)

func (dir dirFS) ReadLink(name string) (string, error)

func ReadFile(name string) ([]byte, error)

func WriteFile(name string, data []byte, perm FileMode) error

func (f *File) Close() error

func Chown(name string, uid, gid int) error

func Lchown(name string, uid, gid int) error

func (f *File) Chown(uid, gid int) error

func (f *File) Truncate(size int64) error

func (f *File) Sync() error

func Chtimes(name string, atime time.Time, mtime time.Time) error

func (f *File) Chdir() error

const DevNull = "/dev/null"

func Truncate(name string, size int64) error

func Remove(name string) error

func Link(oldname, newname string) error

func Symlink(oldname, newname string) error

func (d *unixDirent) Name() string

func (d *unixDirent) IsDir() bool

func (d *unixDirent) Type() FileMode

func (d *unixDirent) Info() (FileInfo, error)

func (d *unixDirent) String() string

func Getwd() (dir string, err error)

func MkdirAll(path string, perm FileMode) error

func RemoveAll(path string) error

const (
	PathSeparator     = '/'
	PathListSeparator = ':'
)

func IsPathSeparator(c uint8) bool

func Pipe() (r *File, w *File, err error)

var Args []string

func Getuid() int

func Geteuid() int

func Getgid() int

func Getegid() int

func Getgroups() ([]int, error)

func Exit(code int)

func (c *rawConn) Control(f func(uintptr)) error

func (c *rawConn) Read(f func(uintptr) bool) error

func (c *rawConn) Write(f func(uintptr) bool) error

func OpenInRoot(dir, name string) (*File, error)

type Root struct {
}

func OpenRoot(name string) (*Root, error)

func (r *Root) Name() string

func (r *Root) Close() error

func (r *Root) Open(name string) (*File, error)

func (r *Root) Create(name string) (*File, error)

func (r *Root) OpenFile(name string, flag int, perm FileMode) (*File, error)

func (r *Root) OpenRoot(name string) (*Root, error)

func (r *Root) Chmod(name string, mode FileMode) error

func (r *Root) Mkdir(name string, perm FileMode) error

func (r *Root) MkdirAll(name string, perm FileMode) error

func (r *Root) Chown(name string, uid, gid int) error

func (r *Root) Lchown(name string, uid, gid int) error

func (r *Root) Chtimes(name string, atime time.Time, mtime time.Time) error

func (r *Root) Remove(name string) error

func (r *Root) RemoveAll(name string) error

func (r *Root) Stat(name string) (FileInfo, error)

func (r *Root) Lstat(name string) (FileInfo, error)

func (r *Root) Readlink(name string) (string, error)

func (r *Root) Rename(oldname, newname string) error

func (r *Root) Link(oldname, newname string) error

func (r *Root) Symlink(oldname, newname string) error

func (r *Root) ReadFile(name string) ([]byte, error)

func (r *Root) WriteFile(name string, data []byte, perm FileMode) error

func (r *Root) FS() fs.FS

func (rfs *rootFS) Open(name string) (fs.File, error)

func (rfs *rootFS) ReadDir(name string) ([]DirEntry, error)

func (rfs *rootFS) ReadFile(name string) ([]byte, error)

func (rfs *rootFS) ReadLink(name string) (string, error)

func (rfs *rootFS) Stat(name string) (FileInfo, error)

func (rfs *rootFS) Lstat(name string) (FileInfo, error)

func (r *root) Close() error

func (r *root) Name() string

func (errSymlink) Error() string

func Stat(name string) (FileInfo, error)

func Lstat(name string) (FileInfo, error)

func (f *File) Stat() (FileInfo, error)

func Hostname() (name string, err error)

func CreateTemp(dir, pattern string) (*File, error)

func MkdirTemp(dir, pattern string) (string, error)

func Getpagesize() int

type File struct {
}

type FileInfo = fs.FileInfo

type FileMode = fs.FileMode

const (
	ModeDir        = fs.ModeDir
	ModeAppend     = fs.ModeAppend
	ModeExclusive  = fs.ModeExclusive
	ModeTemporary  = fs.ModeTemporary
	ModeSymlink    = fs.ModeSymlink
	ModeDevice     = fs.ModeDevice
	ModeNamedPipe  = fs.ModeNamedPipe
	ModeSocket     = fs.ModeSocket
	ModeSetuid     = fs.ModeSetuid
	ModeSetgid     = fs.ModeSetgid
	ModeCharDevice = fs.ModeCharDevice
	ModeSticky     = fs.ModeSticky
	ModeIrregular  = fs.ModeIrregular

	ModeType = fs.ModeType

	ModePerm = fs.ModePerm
)

func (fs *fileStat) Name() string

func (fs *fileStat) IsDir() bool

func SameFile(fi1, fi2 FileInfo) bool

func (fs *fileStat) Size() int64

func (fs *fileStat) Mode() FileMode

func (fs *fileStat) ModTime() time.Time

func (fs *fileStat) Sys() any
