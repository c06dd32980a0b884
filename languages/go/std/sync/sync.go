// Package sync: locks and the like.
package sync

type Cond struct {
	L Locker
}

func NewCond(l Locker) *Cond

func (c *Cond) Wait()

func (c *Cond) Signal()

func (c *Cond) Broadcast()

func (*noCopy) Lock()

func (*noCopy) Unlock()

type Map struct {
}

func (m *Map) Load(key any) (value any, ok bool)

func (m *Map) Store(key, value any)

func (m *Map) Clear()

func (m *Map) LoadOrStore(key, value any) (actual any, loaded bool)

func (m *Map) LoadAndDelete(key any) (value any, loaded bool)

func (m *Map) Delete(key any)

func (m *Map) Swap(key, value any) (previous any, loaded bool)

func (m *Map) CompareAndSwap(key, old, new any) (swapped bool)

func (m *Map) CompareAndDelete(key, old any) (deleted bool)

func (m *Map) Range(f func(key, value any) bool)

type Mutex struct {
}

type Locker interface {
	Lock()
	Unlock()
}

func (m *Mutex) Lock()

func (m *Mutex) TryLock() bool

func (m *Mutex) Unlock()

type Once struct {
}

func (o *Once) Do(f func())

func OnceFunc(f func()) func()

func OnceValue[T any](f func() T) func() T

func OnceValues[T1, T2 any](f func() (T1, T2)) func() (T1, T2)

type Pool struct {
	New func() any
}

func (p *Pool) Put(x any)

func (p *Pool) Get() any

type RWMutex struct {
}

func (rw *RWMutex) RLock()

func (rw *RWMutex) TryRLock() bool

func (rw *RWMutex) RUnlock()

func (rw *RWMutex) Lock()

func (rw *RWMutex) TryLock() bool

func (rw *RWMutex) Unlock()

func (rw *RWMutex) RLocker() Locker

func (r *rlocker) Lock()

func (r *rlocker) Unlock()

type WaitGroup struct {
}

func (wg *WaitGroup) Add(delta int)

func (wg *WaitGroup) Done()

func (wg *WaitGroup) Wait()

func (wg *WaitGroup) Go(f func())
