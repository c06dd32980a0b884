// Package rand: random numbers.
package rand

type ChaCha8 struct {
}

func NewChaCha8(seed [32]byte) *ChaCha8

func (c *ChaCha8) Seed(seed [32]byte)

func (c *ChaCha8) Uint64() uint64

func (c *ChaCha8) Read(p []byte) (n int, err error)

func (c *ChaCha8) UnmarshalBinary(data []byte) error

func (c *ChaCha8) AppendBinary(b []byte) ([]byte, error)

func (c *ChaCha8) MarshalBinary() ([]byte, error)

func (r *Rand) ExpFloat64() float64

func (r *Rand) NormFloat64() float64

type PCG struct {
}

func NewPCG(seed1, seed2 uint64) *PCG

func (p *PCG) Seed(seed1, seed2 uint64)

func (p *PCG) AppendBinary(b []byte) ([]byte, error)

func (p *PCG) MarshalBinary() ([]byte, error)

func (p *PCG) UnmarshalBinary(data []byte) error

func (p *PCG) Uint64() uint64

type Source interface {
	Uint64() uint64
}

type Rand struct {
}

func New(src Source) *Rand

func (r *Rand) Int64() int64

func (r *Rand) Uint32() uint32

func (r *Rand) Uint64() uint64

func (r *Rand) Int32() int32

func (r *Rand) Int() int

func (r *Rand) Uint() uint

func (r *Rand) Int64N(n int64) int64

func (r *Rand) Uint64N(n uint64) uint64

func (r *Rand) Int32N(n int32) int32

func (r *Rand) Uint32N(n uint32) uint32

func (r *Rand) IntN(n int) int

func (r *Rand) UintN(n uint) uint

func (r *Rand) Float64() float64

func (r *Rand) Float32() float32

func (r *Rand) Perm(n int) []int

func (r *Rand) Shuffle(n int, swap func(i, j int))

func (runtimeSource) Uint64() uint64

func Int64() int64

func Uint32() uint32

func Uint64N(n uint64) uint64

func Uint32N(n uint32) uint32

func Uint64() uint64

func Int32() int32

func Int() int

func Uint() uint

func Int64N(n int64) int64

func Int32N(n int32) int32

func IntN(n int) int

func UintN(n uint) uint

func N[Int intType](n Int) Int

func Float64() float64

func Float32() float32

func Perm(n int) []int

func Shuffle(n int, swap func(i, j int))

func NormFloat64() float64

func ExpFloat64() float64

type Zipf struct {
}

func NewZipf(r *Rand, s float64, v float64, imax uint64) *Zipf

func (z *Zipf) Uint64() uint64
