//! Go.

use super::{check, compiles};
use rstest::rstest;

const MODULE: (&str, &str) = ("go.mod", "module larder.example/caves\n\ngo 1.19\n");

#[rstest]
#[case::methods(&[MODULE, (
    "rack/rack.go",
    r#"package rack

type ⟦Wheel:Wheel⟧ struct {
	⟦Age:Age⟧ int
	*⟦Rim:Rim⟧
}

type Rim struct{ ⟦width:width⟧ int }

func (r *Rim) ⟦Wide:Wide⟧() bool { return r.«width=width» > 3 }

func (w «Wheel=Wheel») ⟦Turn:Turn⟧(by int) «Wheel=Wheel» {
	w.«Age=Age» += by
	return w
}

type ⟦Turner:Turner⟧ interface {
	⟦ITurn:Turn⟧(by int) «Wheel=Wheel»
}

func ⟦New:New⟧() *«Wheel=Wheel» { return &«Wheel=Wheel»{«Age=Age»: 1, «Rim=Rim»: &Rim{«width=width»: 2}} }

func ⟦All:All⟧(turners []«Turner=Turner») (n int) {
	for _, t := range turners {
		n += t.«ITurn=Turn»(1).«Age=Age»
	}
	return n
}
"#,
), (
    "main.go",
    r#"package main

import (
	"fmt"

	turned "larder.example/caves/rack"
)

func main() {
	w := turned.«New=New»()
	fmt.Println(w.«Turn=Turn»(2).«Turn=Turn»(3).«Age=Age», w.«Wide=Wide»(), w.«Rim=Rim».«Wide=Wide»())
	turned.«All=All»([]turned.«Turner=Turner»{w})
}
"#,
)])]
#[case::scopes(&[MODULE, (
    "scopes.go",
    r#"package caves

var ⟦outer:n⟧ = 1

const (
	⟦First:First⟧ = iota
	⟦Second:Second⟧
)

func ⟦f:f⟧(⟦param:n⟧ int) (⟦result:out⟧ int, err error) {
	if ⟦inner:n⟧ := «param=n» + 1; «inner=n» > 2 {
		«result=out» = «inner=n»
	}
	for ⟦i:i⟧, ⟦v:v⟧ := range []int{«First=First», «Second=Second»} {
		«result=out» += «i=i» * «v=v»
	}
	switch ⟦t:t⟧ := any(«param=n»).(type) {
	case int:
		«result=out» = «t=t»
	}
	func() { «result=out»++ }()
	return «result=out», nil
}

func g() int { a, _ := «f=f»(«outer=n»); return a }
"#,
)])]
#[case::generics(&[MODULE, (
    "generic.go",
    r#"package caves

type ⟦Number:Number⟧ interface{ ~int | ~float64 }

type ⟦Shelf:Shelf⟧[T any] struct{ ⟦items:items⟧ []T }

func (s *«Shelf=Shelf»[T]) ⟦Put:Put⟧(item T) *«Shelf=Shelf»[T] { s.«items=items» = append(s.«items=items», item); return s }
func (s *«Shelf=Shelf»[T]) ⟦First:First⟧() T           { return s.«items=items»[0] }

type cheese struct{ ⟦salt:salt⟧ int }

func ⟦Sum:Sum⟧[N «Number=Number»](ns ...N) (total N) {
	for _, n := range ns {
		total += n
	}
	return total
}

func use() int {
	s := &«Shelf=Shelf»[cheese]{}
	return «Sum=Sum»(s.«Put=Put»(cheese{«salt=salt»: 1}).«First=First»().«salt=salt», 2)
}
"#,
)])]
#[case::values_of_functions(&[MODULE, (
    "values.go",
    r#"package caves

type ⟦Step:Step⟧ func(int) int

func (s «Step=Step») ⟦Twice:Twice⟧(n int) int { return s(s(n)) }

type plan struct {
	⟦steps:steps⟧ map[string]«Step=Step»
	⟦done:done⟧  chan *plan
}

func ⟦half:half⟧(n int) int { return n / 2 }

func (p *plan) ⟦run:run⟧() int {
	p.«steps=steps»["half"] = «half=half»
	later := <-p.«done=done»
	go later.«run=run»()
	return p.«steps=steps»["half"].«Twice=Twice»(8) + «Step=Step»(«half=half»).«Twice=Twice»(4)
}
"#,
)])]
fn names_of_go_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["go", "vet", "./..."], &[]);
    check(files);
}
