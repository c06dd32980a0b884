// Package pprof: profiles.
package pprof

import (
	"context"
	"io"
)

type LabelSet struct {
}

func (l *labelMap) String() string

func WithLabels(ctx context.Context, labels LabelSet) context.Context

func Labels(args ...string) LabelSet

func Label(ctx context.Context, key string) (string, bool)

func ForLabels(ctx context.Context, f func(key, value string) bool)

type Profile struct {
}

func NewProfile(name string) *Profile

func Lookup(name string) *Profile

func Profiles() []*Profile

func (p *Profile) Name() string

func (p *Profile) Count() int

func (p *Profile) Add(value any, skip int)

func (p *Profile) Remove(value any)

func (p *Profile) WriteTo(w io.Writer, debug int) error

func (x stackProfile) Len() int

func (x stackProfile) Stack(i int) []uintptr

func (x stackProfile) Label(i int) *labelMap

func (x *keysByCount) Len() int

func (x *keysByCount) Swap(i, j int)

func (x *keysByCount) Less(i, j int) bool

func WriteHeapProfile(w io.Writer) error

func (p *runtimeProfile) Len() int

func (p *runtimeProfile) Stack(i int) []uintptr

func (p *runtimeProfile) Label(i int) *labelMap

func StartCPUProfile(w io.Writer) error

func StopCPUProfile()

func SetGoroutineLabels(ctx context.Context)

func Do(ctx context.Context, labels LabelSet, f func(context.Context))
