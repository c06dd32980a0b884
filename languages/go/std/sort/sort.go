// Package sort: sorts.
package sort

func Search(n int, f func(int) bool) int

func Find(n int, cmp func(int) int) (i int, found bool)

func SearchInts(a []int, x int) int

func SearchFloat64s(a []float64, x float64) int

func SearchStrings(a []string, x string) int

func (p IntSlice) Search(x int) int

func (p Float64Slice) Search(x float64) int

func (p StringSlice) Search(x string) int

func Slice(x any, less func(i, j int) bool)

func SliceStable(x any, less func(i, j int) bool)

func SliceIsSorted(x any, less func(i, j int) bool) bool

type Interface interface {
	Len() int

	Less(i, j int) bool

	Swap(i, j int)
}

func Sort(data Interface)

func (r *xorshift) Next() uint64

func (r reverse) Less(i, j int) bool

func Reverse(data Interface) Interface

func IsSorted(data Interface) bool

type IntSlice []int

func (x IntSlice) Len() int

func (x IntSlice) Less(i, j int) bool

func (x IntSlice) Swap(i, j int)

func (x IntSlice) Sort()

type Float64Slice []float64

func (x Float64Slice) Len() int

func (x Float64Slice) Less(i, j int) bool

func (x Float64Slice) Swap(i, j int)

func (x Float64Slice) Sort()

type StringSlice []string

func (x StringSlice) Len() int

func (x StringSlice) Less(i, j int) bool

func (x StringSlice) Swap(i, j int)

func (x StringSlice) Sort()

func Ints(x []int)

func Float64s(x []float64)

func Strings(x []string)

func IntsAreSorted(x []int) bool

func Float64sAreSorted(x []float64) bool

func StringsAreSorted(x []string) bool

func Stable(data Interface)
