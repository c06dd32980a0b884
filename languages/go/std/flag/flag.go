// Package flag: flags of the command line.
package flag

import (
	"encoding"
	"fmt"
	"io"
	"os"
	"time"
)

var ErrHelp error

func (b *boolValue) Set(s string) error

func (b *boolValue) Get() any

func (b *boolValue) String() string

func (b *boolValue) IsBoolFlag() bool

func (i *intValue) Set(s string) error

func (i *intValue) Get() any

func (i *intValue) String() string

func (i *int64Value) Set(s string) error

func (i *int64Value) Get() any

func (i *int64Value) String() string

func (i *uintValue) Set(s string) error

func (i *uintValue) Get() any

func (i *uintValue) String() string

func (i *uint64Value) Set(s string) error

func (i *uint64Value) Get() any

func (i *uint64Value) String() string

func (s *stringValue) Set(val string) error

func (s *stringValue) Get() any

func (s *stringValue) String() string

func (f *float64Value) Set(s string) error

func (f *float64Value) Get() any

func (f *float64Value) String() string

func (d *durationValue) Set(s string) error

func (d *durationValue) Get() any

func (d *durationValue) String() string

func (v textValue) Set(s string) error

func (v textValue) Get() any

func (v textValue) String() string

func (f funcValue) Set(s string) error

func (f funcValue) String() string

func (f boolFuncValue) Set(s string) error

func (f boolFuncValue) String() string

func (f boolFuncValue) IsBoolFlag() bool

type Value interface {
	String() string
	Set(string) error
}

type Getter interface {
	Value
	Get() any
}

type ErrorHandling int

const (
	ContinueOnError ErrorHandling = iota
	ExitOnError
	PanicOnError
)

type FlagSet struct {
	Usage func()
}

type Flag struct {
	Name     string
	Usage    string
	Value    Value
	DefValue string
}

func (f *FlagSet) Output() io.Writer

func (f *FlagSet) Name() string

func (f *FlagSet) ErrorHandling() ErrorHandling

func (f *FlagSet) SetOutput(output io.Writer)

func (f *FlagSet) VisitAll(fn func(*Flag))

func VisitAll(fn func(*Flag))

func (f *FlagSet) Visit(fn func(*Flag))

func Visit(fn func(*Flag))

func (f *FlagSet) Lookup(name string) *Flag

func Lookup(name string) *Flag

func (f *FlagSet) Set(name, value string) error

func Set(name, value string) error

func UnquoteUsage(flag *Flag) (name string, usage string)

func (f *FlagSet) PrintDefaults()

func PrintDefaults()

var Usage = func() {
	fmt.Fprintf(CommandLine.Output(), "Usage of %s:\n", os.Args[0])
	PrintDefaults()
}

func (f *FlagSet) NFlag() int

func NFlag() int

func (f *FlagSet) Arg(i int) string

func Arg(i int) string

func (f *FlagSet) NArg() int

func NArg() int

func (f *FlagSet) Args() []string

func Args() []string

func (f *FlagSet) BoolVar(p *bool, name string, value bool, usage string)

func BoolVar(p *bool, name string, value bool, usage string)

func (f *FlagSet) Bool(name string, value bool, usage string) *bool

func Bool(name string, value bool, usage string) *bool

func (f *FlagSet) IntVar(p *int, name string, value int, usage string)

func IntVar(p *int, name string, value int, usage string)

func (f *FlagSet) Int(name string, value int, usage string) *int

func Int(name string, value int, usage string) *int

func (f *FlagSet) Int64Var(p *int64, name string, value int64, usage string)

func Int64Var(p *int64, name string, value int64, usage string)

func (f *FlagSet) Int64(name string, value int64, usage string) *int64

func Int64(name string, value int64, usage string) *int64

func (f *FlagSet) UintVar(p *uint, name string, value uint, usage string)

func UintVar(p *uint, name string, value uint, usage string)

func (f *FlagSet) Uint(name string, value uint, usage string) *uint

func Uint(name string, value uint, usage string) *uint

func (f *FlagSet) Uint64Var(p *uint64, name string, value uint64, usage string)

func Uint64Var(p *uint64, name string, value uint64, usage string)

func (f *FlagSet) Uint64(name string, value uint64, usage string) *uint64

func Uint64(name string, value uint64, usage string) *uint64

func (f *FlagSet) StringVar(p *string, name string, value string, usage string)

func StringVar(p *string, name string, value string, usage string)

func (f *FlagSet) String(name string, value string, usage string) *string

func String(name string, value string, usage string) *string

func (f *FlagSet) Float64Var(p *float64, name string, value float64, usage string)

func Float64Var(p *float64, name string, value float64, usage string)

func (f *FlagSet) Float64(name string, value float64, usage string) *float64

func Float64(name string, value float64, usage string) *float64

func (f *FlagSet) DurationVar(p *time.Duration, name string, value time.Duration, usage string)

func DurationVar(p *time.Duration, name string, value time.Duration, usage string)

func (f *FlagSet) Duration(name string, value time.Duration, usage string) *time.Duration

func Duration(name string, value time.Duration, usage string) *time.Duration

func (f *FlagSet) TextVar(p encoding.TextUnmarshaler, name string, value encoding.TextMarshaler, usage string)

func TextVar(p encoding.TextUnmarshaler, name string, value encoding.TextMarshaler, usage string)

func (f *FlagSet) Func(name, usage string, fn func(string) error)

func Func(name, usage string, fn func(string) error)

func (f *FlagSet) BoolFunc(name, usage string, fn func(string) error)

func BoolFunc(name, usage string, fn func(string) error)

func (f *FlagSet) Var(value Value, name string, usage string)

func Var(value Value, name string, usage string)

func (f *FlagSet) Parse(arguments []string) error

func (f *FlagSet) Parsed() bool

func Parse()

func Parsed() bool

var CommandLine *FlagSet

func NewFlagSet(name string, errorHandling ErrorHandling) *FlagSet

func (f *FlagSet) Init(name string, errorHandling ErrorHandling)
