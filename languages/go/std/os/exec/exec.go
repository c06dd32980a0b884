// Package exec: runs programs.
package exec

import (
	"context"
	"io"
	"os"
	"syscall"
	"time"
)

type Error struct {
	Name string

	Err error
}

func (e *Error) Error() string

func (e *Error) Unwrap() error

var ErrWaitDelay error

func (w wrappedError) Error() string

func (w wrappedError) Unwrap() error

type Cmd struct {
	Path string

	Args []string

	Env []string

	Dir string

	Stdin io.Reader

	Stdout io.Writer
	Stderr io.Writer

	ExtraFiles []*os.File

	SysProcAttr *syscall.SysProcAttr

	Process *os.Process

	ProcessState *os.ProcessState

	Err error

	Cancel func() error

	WaitDelay time.Duration
}

func Command(name string, arg ...string) *Cmd

func CommandContext(ctx context.Context, name string, arg ...string) *Cmd

func (c *Cmd) String() string

func (c *Cmd) Run() error

func (c *Cmd) Start() error

type ExitError struct {
	*os.ProcessState

	Stderr []byte
}

func (e *ExitError) Error() string

func (c *Cmd) Wait() error

func (c *Cmd) Output() ([]byte, error)

func (c *Cmd) CombinedOutput() ([]byte, error)

func (c *Cmd) StdinPipe() (io.WriteCloser, error)

func (c *Cmd) StdoutPipe() (io.ReadCloser, error)

func (c *Cmd) StderrPipe() (io.ReadCloser, error)

func (w *prefixSuffixSaver) Write(p []byte) (n int, err error)

func (w *prefixSuffixSaver) Bytes() []byte

func (c *Cmd) Environ() []string

var ErrDot error

func LookPath(file string) (string, error)

var ErrNotFound error
