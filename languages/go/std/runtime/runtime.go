// Package runtime: the run-time system.
package runtime

import (
	"unsafe"
)

const Compiler = "gc"

func SetCPUProfileRate(hz int)

func CPUProfile() []byte

func GOMAXPROCS(n int) int

func SetDefaultGOMAXPROCS()

func NumCPU() int

func NumCgoCall() int64

func NumGoroutine() int

type Error interface {
	RuntimeError()
}

type TypeAssertionError struct {
}

func (*TypeAssertionError) RuntimeError()

func (e *TypeAssertionError) Error() string

func (e errorString) RuntimeError()

func (e errorString) Error() string

func (e errorAddressString) RuntimeError()

func (e errorAddressString) Error() string

func (e errorAddressString) Addr() uintptr

func (e plainError) RuntimeError()

func (e plainError) Error() string

func (e boundsError) RuntimeError()

func (e boundsError) Error() string

func Caller(skip int) (pc uintptr, file string, line int, ok bool)

func Callers(skip int, pc []uintptr) int

func GOROOT() string

func Version() string

const GOOS string = goos.GOOS

const GOARCH string = goarch.GOARCH

func (rank lockRank) String() string

func AddCleanup[T, S any](ptr *T, cleanup func(S), arg S) Cleanup

type Cleanup struct {
}

func (c Cleanup) Stop()

func SetFinalizer(obj any, finalizer any)

func KeepAlive(x any)

func GC()

func SetBlockProfileRate(rate int)

func SetMutexProfileFraction(rate int) int

type StackRecord struct {
	Stack0 [32]uintptr
}

func (r *StackRecord) Stack() []uintptr

var MemProfileRate int

type MemProfileRecord struct {
	AllocBytes, FreeBytes     int64
	AllocObjects, FreeObjects int64
	Stack0                    [32]uintptr
}

func (r *MemProfileRecord) InUseBytes() int64

func (r *MemProfileRecord) InUseObjects() int64

func (r *MemProfileRecord) Stack() []uintptr

func MemProfile(p []MemProfileRecord, inuseZero bool) (n int, ok bool)

type BlockProfileRecord struct {
	Count  int64
	Cycles int64
	StackRecord
}

func BlockProfile(p []BlockProfileRecord) (n int, ok bool)

func MutexProfile(p []BlockProfileRecord) (n int, ok bool)

func ThreadCreateProfile(p []StackRecord) (n int, ok bool)

func (p *goroutineProfileStateHolder) Load() goroutineProfileState

func (p *goroutineProfileStateHolder) Store(value goroutineProfileState)

func (p *goroutineProfileStateHolder) CompareAndSwap(old, new goroutineProfileState) bool

func GoroutineProfile(p []StackRecord) (n int, ok bool)

func Stack(buf []byte, all bool) int

func (b *atomicOffAddr) Clear()

func (b *atomicOffAddr) StoreMin(addr uintptr)

func (b *atomicOffAddr) StoreUnmark(markedAddr, newAddr uintptr)

func (b *atomicOffAddr) StoreMarked(addr uintptr)

func (b *atomicOffAddr) Load() (uintptr, bool)

func (s *atomicSpanSetSpinePointer) Load() spanSetSpinePointer

func (s *atomicSpanSetSpinePointer) StoreNoWB(p spanSetSpinePointer)

func (p *atomicMSpanPointer) Load() *mspan

func (p *atomicMSpanPointer) StoreNoWB(s *mspan)

type MemStats struct {
	Alloc uint64

	TotalAlloc uint64

	Sys uint64

	Lookups uint64

	Mallocs uint64

	Frees uint64

	HeapAlloc uint64

	HeapSys uint64

	HeapIdle uint64

	HeapInuse uint64

	HeapReleased uint64

	HeapObjects uint64

	StackInuse uint64

	StackSys uint64

	MSpanInuse uint64

	MSpanSys uint64

	MCacheInuse uint64

	MCacheSys uint64

	BuckHashSys uint64

	GCSys uint64

	OtherSys uint64

	NextGC uint64

	LastGC uint64

	PauseTotalNs uint64

	PauseNs [256]uint64

	PauseEnd [256]uint64

	NumGC uint32

	NumForcedGC uint32

	GCCPUFraction float64

	EnableGC bool

	DebugGC bool

	BySize [61]struct {
		Size uint32

		Mallocs uint64

		Frees uint64
	}
}

func ReadMemStats(m *MemStats)

func (kv kernelVersion) GE(x, y int) bool

func Goexit()

type PanicNilError struct {
}

func (*PanicNilError) Error() string

func (*PanicNilError) RuntimeError()

type Pinner struct {
}

func (p *Pinner) Pin(pointer any)

func (p *Pinner) Unpin()

func Gosched()

func (r stwReason) String() string

func Breakpoint()

func LockOSThread()

func UnlockOSThread()

func (g *godebugInc) IncNonDefault()

func (w waitReason) String() string

type Frames struct {
}

type Frame struct {
	PC uintptr

	Func *Func

	Function string

	File string
	Line int

	Entry uintptr
}

func CallersFrames(callers []uintptr) *Frames

func (ci *Frames) Next() (frame Frame, more bool)

type Func struct {
}

func FuncForPC(pc uintptr) *Func

func (f *Func) Name() string

func (f *Func) Entry() uintptr

func (f *Func) FileLine(pc uintptr) (file string, line int)

func (e synctestDeadlockError) Error() string

func StartTrace() error

func StopTrace()

func ReadTrace() (buf []byte)

func (tl traceLocker) SpanExists(s *mspan)

func (tl traceLocker) SpanAlloc(s *mspan)

func (tl traceLocker) SpanFree(s *mspan)

func (tl traceLocker) HeapObjectExists(addr uintptr, typ *abi.Type)

func (tl traceLocker) HeapObjectAlloc(addr uintptr, typ *abi.Type)

func (tl traceLocker) HeapObjectFree(addr uintptr)

func (tl traceLocker) GoroutineStackExists(base, size uintptr)

func (tl traceLocker) GoroutineStackAlloc(base, size uintptr)

func (tl traceLocker) GoroutineStackFree(base uintptr)

func SetCgoTraceback(version int, traceback, context, symbolizer unsafe.Pointer)

func (tl traceLocker) Gomaxprocs(procs int32)

func (tl traceLocker) ProcStart()

func (tl traceLocker) ProcStop(pp *p)

func (tl traceLocker) GCActive()

func (tl traceLocker) GCStart()

func (tl traceLocker) GCDone()

func (tl traceLocker) STWStart(reason stwReason)

func (tl traceLocker) STWDone()

func (tl traceLocker) GCSweepStart()

func (tl traceLocker) GCSweepSpan(bytesSwept uintptr)

func (tl traceLocker) GCSweepDone()

func (tl traceLocker) GCMarkAssistStart()

func (tl traceLocker) GCMarkAssistDone()

func (tl traceLocker) GoCreate(newg *g, pc uintptr, blocked bool)

func (tl traceLocker) GoStart()

func (tl traceLocker) GoEnd()

func (tl traceLocker) GoSched()

func (tl traceLocker) GoPreempt()

func (tl traceLocker) GoStop(reason traceGoStopReason)

func (tl traceLocker) GoPark(reason traceBlockReason, skip int)

func (tl traceLocker) GoUnpark(gp *g, skip int)

func (tl traceLocker) GoSwitch(nextg *g, destroy bool)

func (tl traceLocker) GoSysCall()

func (tl traceLocker) GoSysExit(lostP bool)

func (tl traceLocker) ProcSteal(pp *p)

func (tl traceLocker) HeapAlloc(live uint64)

func (tl traceLocker) HeapGoal()

func (tl traceLocker) GoCreateSyscall(gp *g)

func (tl traceLocker) GoDestroySyscall()
