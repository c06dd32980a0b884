// Package log: simple logs.
package log

import (
	"io"
)

const (
	Ldate = 1 << iota
	Ltime
	Lmicroseconds
	Llongfile
	Lshortfile
	LUTC
	Lmsgprefix
	LstdFlags = Ldate | Ltime
)

type Logger struct {
}

func New(out io.Writer, prefix string, flag int) *Logger

func (l *Logger) SetOutput(w io.Writer)

func Default() *Logger

func (l *Logger) Output(calldepth int, s string) error

func (l *Logger) Print(v ...any)

func (l *Logger) Printf(format string, v ...any)

func (l *Logger) Println(v ...any)

func (l *Logger) Fatal(v ...any)

func (l *Logger) Fatalf(format string, v ...any)

func (l *Logger) Fatalln(v ...any)

func (l *Logger) Panic(v ...any)

func (l *Logger) Panicf(format string, v ...any)

func (l *Logger) Panicln(v ...any)

func (l *Logger) Flags() int

func (l *Logger) SetFlags(flag int)

func (l *Logger) Prefix() string

func (l *Logger) SetPrefix(prefix string)

func (l *Logger) Writer() io.Writer

func SetOutput(w io.Writer)

func Flags() int

func SetFlags(flag int)

func Prefix() string

func SetPrefix(prefix string)

func Writer() io.Writer

func Print(v ...any)

func Printf(format string, v ...any)

func Println(v ...any)

func Fatal(v ...any)

func Fatalf(format string, v ...any)

func Fatalln(v ...any)

func Panic(v ...any)

func Panicf(format string, v ...any)

func Panicln(v ...any)

func Output(calldepth int, s string) error
