// Package heap: a heap over any type.
package heap

import (
	"sort"
)

type Interface interface {
	sort.Interface
	Push(x any)
	Pop() any
}

func Init(h Interface)

func Push(h Interface, x any)

func Pop(h Interface) any

func Remove(h Interface, i int) any

func Fix(h Interface, i int)
