// Package cmp: compares ordered values.
package cmp

type Ordered interface {
}

func Less[T Ordered](x, y T) bool

func Compare[T Ordered](x, y T) int

func Or[T comparable](vals ...T) T
