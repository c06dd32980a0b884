// Package testing: tests and benchmarks.
package testing

import (
	"context"
	"io"
	"reflect"
	"time"
)

func AllocsPerRun(runs int, f func()) (avg float64)

func (f *durationOrCountFlag) String() string

func (f *durationOrCountFlag) Set(s string) error

type InternalBenchmark struct {
	Name string
	F    func(b *B)
}

type B struct {
	N int
}

func (b *B) StartTimer()

func (b *B) StopTimer()

func (b *B) ResetTimer()

func (b *B) SetBytes(n int64)

func (b *B) ReportAllocs()

func (b *B) Elapsed() time.Duration

func (b *B) ReportMetric(n float64, unit string)

func (b *B) Loop() bool

type BenchmarkResult struct {
	N         int
	T         time.Duration
	Bytes     int64
	MemAllocs uint64
	MemBytes  uint64

	Extra map[string]float64
}

func (r BenchmarkResult) NsPerOp() int64

func (r BenchmarkResult) AllocsPerOp() int64

func (r BenchmarkResult) AllocedBytesPerOp() int64

func (r BenchmarkResult) String() string

func (r BenchmarkResult) MemString() string

func RunBenchmarks(matchString func(pat, str string) (bool, error), benchmarks []InternalBenchmark)

func (b *B) Run(name string, f func(b *B)) bool

type PB struct {
}

func (pb *PB) Next() bool

func (b *B) RunParallel(body func(*PB))

func (b *B) SetParallelism(p int)

func Benchmark(f func(b *B)) BenchmarkResult

func (discard) Write(b []byte) (n int, err error)

type CoverBlock struct {
	Line0 uint32
	Col0  uint16
	Line1 uint32
	Col1  uint16
	Stmts uint16
}

type Cover struct {
	Mode            string
	Counters        map[string][]uint32
	Blocks          map[string][]CoverBlock
	CoveredPackages string
}

func RegisterCover(c Cover)

type InternalExample struct {
	Name      string
	F         func()
	Output    string
	Unordered bool
}

func RunExamples(matchString func(pat, str string) (bool, error), examples []InternalExample) (ok bool)

type InternalFuzzTarget struct {
	Name string
	Fn   func(f *F)
}

type F struct {
}

func (f *F) Helper()

func (f *F) Fail()

func (f *F) Skipped() bool

func (f *F) Add(args ...any)

func (f *F) Fuzz(ff any)

func (r fuzzResult) String() string

func Coverage() float64

func Init()

func (*chattyFlag) IsBoolFlag() bool

func (f *chattyFlag) Set(arg string) error

func (f *chattyFlag) String() string

func (f *chattyFlag) Get() any

func (p *chattyPrinter) Updatef(testName, format string, args ...any)

func (p *chattyPrinter) Printf(testName, format string, args ...any)

func Short() bool

func Testing() bool

func CoverMode() string

func Verbose() bool

func (w indenter) Write(b []byte) (n int, err error)

type TB interface {
	ArtifactDir() string
	Attr(key, value string)
	Cleanup(func())
	Error(args ...any)
	Errorf(format string, args ...any)
	Fail()
	FailNow()
	Failed() bool
	Fatal(args ...any)
	Fatalf(format string, args ...any)
	Helper()
	Log(args ...any)
	Logf(format string, args ...any)
	Name() string
	Setenv(key, value string)
	Chdir(dir string)
	Skip(args ...any)
	SkipNow()
	Skipf(format string, args ...any)
	Skipped() bool
	TempDir() string
	Context() context.Context
	Output() io.Writer
}

type T struct {
}

func (c *common) Name() string

func (c *common) Fail()

func (c *common) Failed() bool

func (c *common) FailNow()

func (c *common) Output() io.Writer

func (o *outputWriter) Write(p []byte) (int, error)

func (c *common) Log(args ...any)

func (c *common) Logf(format string, args ...any)

func (c *common) Error(args ...any)

func (c *common) Errorf(format string, args ...any)

func (c *common) Fatal(args ...any)

func (c *common) Fatalf(format string, args ...any)

func (c *common) Skip(args ...any)

func (c *common) Skipf(format string, args ...any)

func (c *common) SkipNow()

func (c *common) Skipped() bool

func (c *common) Helper()

func (c *common) Cleanup(f func())

func (c *common) ArtifactDir() string

func (c *common) TempDir() string

func (c *common) Setenv(key, value string)

func (c *common) Chdir(dir string)

func (c *common) Context() context.Context

func (c *common) Attr(key, value string)

func (t *T) Parallel()

func (t *T) Setenv(key, value string)

func (t *T) Chdir(dir string)

type InternalTest struct {
	Name string
	F    func(*T)
}

func (t *T) Run(name string, f func(t *T)) bool

func (t *T) Deadline() (deadline time.Time, ok bool)

func (f matchStringOnly) MatchString(pat, str string) (bool, error)

func (f matchStringOnly) StartCPUProfile(w io.Writer) error

func (f matchStringOnly) StopCPUProfile()

func (f matchStringOnly) WriteProfileTo(string, io.Writer, int) error

func (f matchStringOnly) ModulePath() string

func (f matchStringOnly) ImportPath() string

func (f matchStringOnly) StartTestLog(io.Writer)

func (f matchStringOnly) StopTestLog() error

func (f matchStringOnly) SetPanicOnExit0(bool)

func (f matchStringOnly) CoordinateFuzzing(time.Duration, int64, time.Duration, int64, int, []corpusEntry, []reflect.Type, string, string) error

func (f matchStringOnly) RunFuzzWorker(func(corpusEntry) error) error

func (f matchStringOnly) ReadCorpus(string, []reflect.Type) ([]corpusEntry, error)

func (f matchStringOnly) CheckCorpus([]any, []reflect.Type) error

func (f matchStringOnly) ResetCoverage()

func (f matchStringOnly) SnapshotCoverage()

func (f matchStringOnly) InitRuntimeCoverage() (mode string, tearDown func(string, string) (string, error), snapcov func() float64)

func Main(matchString func(pat, str string) (bool, error), tests []InternalTest, benchmarks []InternalBenchmark, examples []InternalExample)

type M struct {
}

func MainStart(deps testDeps, tests []InternalTest, benchmarks []InternalBenchmark, fuzzTargets []InternalFuzzTarget, examples []InternalExample) *M

func (m *M) Run() (code int)

func RunTests(matchString func(pat, str string) (bool, error), tests []InternalTest) (ok bool)
