// Package expvar: shows variables by HTTP.
package expvar

import (
	"net/http"
)

type Var interface {
	String() string
}

type Int struct {
}

func (v *Int) Value() int64

func (v *Int) String() string

func (v *Int) Add(delta int64)

func (v *Int) Set(value int64)

type Float struct {
}

func (v *Float) Value() float64

func (v *Float) String() string

func (v *Float) Add(delta float64)

func (v *Float) Set(value float64)

type Map struct {
}

type KeyValue struct {
	Key   string
	Value Var
}

func (v *Map) String() string

func (v *Map) Init() *Map

func (v *Map) Get(key string) Var

func (v *Map) Set(key string, av Var)

func (v *Map) Add(key string, delta int64)

func (v *Map) AddFloat(key string, delta float64)

func (v *Map) Delete(key string)

func (v *Map) Do(f func(KeyValue))

type String struct {
}

func (v *String) Value() string

func (v *String) String() string

func (v *String) Set(value string)

type Func func() any

func (f Func) Value() any

func (f Func) String() string

func Publish(name string, v Var)

func Get(name string) Var

func NewInt(name string) *Int

func NewFloat(name string) *Float

func NewMap(name string) *Map

func NewString(name string) *String

func Do(f func(KeyValue))

func Handler() http.Handler
