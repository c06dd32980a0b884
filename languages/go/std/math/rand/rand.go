// Package rand: random numbers.
package rand

func (r *Rand) ExpFloat64() float64

func (r *Rand) NormFloat64() float64

type Source interface {
	Int63() int64
	Seed(seed int64)
}

type Source64 interface {
	Source
	Uint64() uint64
}

func NewSource(seed int64) Source

type Rand struct {
}

func New(src Source) *Rand

func (r *Rand) Seed(seed int64)

func (r *Rand) Int63() int64

func (r *Rand) Uint32() uint32

func (r *Rand) Uint64() uint64

func (r *Rand) Int31() int32

func (r *Rand) Int() int

func (r *Rand) Int63n(n int64) int64

func (r *Rand) Int31n(n int32) int32

func (r *Rand) Intn(n int) int

func (r *Rand) Float64() float64

func (r *Rand) Float32() float32

func (r *Rand) Perm(n int) []int

func (r *Rand) Shuffle(n int, swap func(i, j int))

func (r *Rand) Read(p []byte) (n int, err error)

func (*runtimeSource) Int63() int64

func (*runtimeSource) Seed(int64)

func (*runtimeSource) Uint64() uint64

func Seed(seed int64)

func Int63() int64

func Uint32() uint32

func Uint64() uint64

func Int31() int32

func Int() int

func Int63n(n int64) int64

func Int31n(n int32) int32

func Intn(n int) int

func Float64() float64

func Float32() float32

func Perm(n int) []int

func Shuffle(n int, swap func(i, j int))

func Read(p []byte) (n int, err error)

func NormFloat64() float64

func ExpFloat64() float64

func (r *lockedSource) Int63() (n int64)

func (r *lockedSource) Uint64() (n uint64)

func (r *lockedSource) Seed(seed int64)

func (rng *rngSource) Seed(seed int64)

func (rng *rngSource) Int63() int64

func (rng *rngSource) Uint64() uint64

type Zipf struct {
}

func NewZipf(r *Rand, s float64, v float64, imax uint64) *Zipf

func (z *Zipf) Uint64() uint64
