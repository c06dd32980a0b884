// Package debug: the run-time system while searching for mistakes.
package debug

import (
	"os"
	"time"
)

type GCStats struct {
	LastGC         time.Time
	NumGC          int64
	PauseTotal     time.Duration
	Pause          []time.Duration
	PauseEnd       []time.Time
	PauseQuantiles []time.Duration
}

func ReadGCStats(stats *GCStats)

func SetGCPercent(percent int) int

func FreeOSMemory()

func SetMaxStack(bytes int) int

func SetMaxThreads(threads int) int

func SetPanicOnFault(enabled bool) bool

func WriteHeapDump(fd uintptr)

func SetTraceback(level string)

func SetMemoryLimit(limit int64) int64

func ReadBuildInfo() (info *BuildInfo, ok bool)

type BuildInfo struct {
	GoVersion string `json:",omitempty"`

	Path string `json:",omitempty"`

	Main Module `json:""`

	Deps []*Module `json:",omitempty"`

	Settings []BuildSetting `json:",omitempty"`
}

type Module struct {
	Path    string  `json:",omitempty"`
	Version string  `json:",omitempty"`
	Sum     string  `json:",omitempty"`
	Replace *Module `json:",omitempty"`
}

type BuildSetting struct {
	Key string `json:",omitempty"`

	Value string `json:",omitempty"`
}

func (bi *BuildInfo) String() string

func ParseBuildInfo(data string) (bi *BuildInfo, err error)

func PrintStack()

func Stack() []byte

type CrashOptions struct {
}

func SetCrashOutput(f *os.File, opts CrashOptions) error
