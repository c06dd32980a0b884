// Package ring: a ring of values.
package ring

type Ring struct {
	Value any
}

func (r *Ring) Next() *Ring

func (r *Ring) Prev() *Ring

func (r *Ring) Move(n int) *Ring

func New(n int) *Ring

func (r *Ring) Link(s *Ring) *Ring

func (r *Ring) Unlink(n int) *Ring

func (r *Ring) Len() int

func (r *Ring) Do(f func(any))
