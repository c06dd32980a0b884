//! Go.

use rstest::rstest;
use testkit::marked::{check, compiles};

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

#[rstest]
#[case::embedding(&[MODULE, (
    "embed.go",
    r#"package caves

type ⟦Opener:Opener⟧ interface{ ⟦Open:Open⟧() error }
type ⟦Shutter:Shutter⟧ interface{ ⟦Shut:Shut⟧() }
type ⟦Door:Door⟧ interface {
	«Opener=Opener»
	«Shutter=Shutter»
}

type base struct{ ⟦id:id⟧ int }

func (b *base) ⟦ID:ID⟧() int   { return b.«id=id» }
func (b *base) ⟦base_shut:Shut⟧() {}

type gate struct {
	*base
	⟦inner:inner⟧ struct{ ⟦deep:deep⟧ int }
}

func (g gate) ⟦gate_open:Open⟧() error { g.«base_shut=Shut»(); return nil }

func use(d «Door=Door», g gate) int {
	d.«Open=Open»()
	d.«Shut=Shut»()
	f := g.«ID=ID»
	h := (*base).«ID=ID»
	return f() + h(g.base) + g.«id=id» + g.base.«id=id» + g.«inner=inner».«deep=deep»
}
"#,
)])]
#[case::constants_and_labels(&[MODULE, (
    "const.go",
    r#"package caves

type ⟦Level:Level⟧ int

const (
	⟦Low:Low⟧ «Level=Level» = iota + 1
	⟦Mid:Mid⟧
	_
	⟦Top:Top⟧
)

var ⟦names:names⟧ = map[«Level=Level»]string{«Low=Low»: "low", «Top=Top»: "top"}

func (l «Level=Level») ⟦String:String⟧() string { return «names=names»[l] }

func walk(levels ...«Level=Level») (n int) {
	for i, l := range levels {
		switch l {
		case «Low=Low», «Mid=Mid»:
			continue
		case «Top=Top»:
			n += len(l.«String=String»()) + i
		}
	}
	defer func(⟦k:k⟧ int) { n += «k=k» }(n)
	return
}
"#,
)])]
#[case::packages(&[
    MODULE,
    ("rack/rack.go", "// Package rack keeps wheels.\npackage rack\n\nvar ⟦Default:Default⟧ = &Rack{}\n\ntype Rack struct{ ⟦Slots:Slots⟧ []Slot }\ntype ⟦Slot:Slot⟧ struct{ ⟦Wheel:Wheel⟧ string }\n\nfunc (r *Rack) ⟦Add:Add⟧(s «Slot=Slot») *Rack { r.«Slots=Slots» = append(r.«Slots=Slots», s); return r }\n"),
    ("rack/more.go", "package rack\n\nfunc ⟦helper:helper⟧() int { return len(«Default=Default».«Slots=Slots») }\n\nfunc ⟦Count:Count⟧() int { return «helper=helper»() }\n"),
    ("inner/rack/rack.go", "package rack\n\nfunc ⟦Other:Other⟧() int { return 2 }\n"),
    (
        "main.go",
        "package main\n\nimport (\n\t. \"larder.example/caves/rack\"\n\tinner \"larder.example/caves/inner/rack\"\n)\n\nfunc main() {\n\t«Default=Default».«Add=Add»(«Slot=Slot»{«Wheel=Wheel»: \"a\"}).«Add=Add»(«Slot=Slot»{})\n\tprintln(«Count=Count»() + inner.«Other=Other»())\n\tprintln(«Default=Default».«Slots=Slots»[0].«Wheel=Wheel»)\n}\n",
    ),
])]
fn more_names_of_go(#[case] files: &[(&str, &str)]) {
    compiles(files, &["go", "vet", "./..."], &[]);
    check(files);
}

#[rstest]
#[case::closures_and_selects(&[MODULE, (
    "later.go",
    r#"package caves

import "time"

type ⟦Job:Job⟧ struct {
	⟦id:id⟧   int
	⟦done:done⟧ chan error
	⟦opts:opts⟧ struct{ ⟦Retries:Retries⟧ int }
}

type ⟦Option:Option⟧ func(*«Job=Job»)

func ⟦WithID:WithID⟧(⟦n:n⟧ int) «Option=Option» { return func(⟦j:j⟧ *«Job=Job») { «j=j».«id=id» = «n=n» } }

func ⟦NewJob:NewJob⟧(opts ...«Option=Option») *«Job=Job» {
	j := &«Job=Job»{«done=done»: make(chan error, 1)}
	for _, ⟦o:o⟧ := range opts {
		«o=o»(j)
	}
	j.«opts=opts».«Retries=Retries» = 3
	return j
}

func ⟦wait:wait⟧(j *«Job=Job») (⟦err:err⟧ error) {
	select {
	case «err=err» = <-j.«done=done»:
	case ⟦t:t⟧, ⟦ok:ok⟧ := <-time.After(1):
		_, _ = «t=t», «ok=ok»
	}
	if ⟦e:err⟧ := «NewJob=NewJob»(«WithID=WithID»(2)).«done=done»; «e=err» != nil {
		return nil
	}
	return «err=err»
}
"#,
)])]
#[case::switches_on_types(&[MODULE, (
    "types.go",
    r#"package caves

type ⟦Shape:Shape⟧ interface{ ⟦Area:Area⟧() int }
type ⟦Round:Round⟧ struct{ ⟦R:R⟧ int }
type ⟦Flat:Flat⟧ []int

func (r «Round=Round») ⟦round_area:Area⟧() int  { return r.«R=R» }
func (f «Flat=Flat») ⟦flat_area:Area⟧() int   { return len(f) }
func (f *«Flat=Flat») ⟦Grow:Grow⟧(n int) { *f = append(*f, n) }

func area(s «Shape=Shape») int {
	switch v := s.(type) {
	case «Round=Round»:
		return v.«R=R» + v.«round_area=Area»()
	case *«Round=Round»:
		return v.«R=R»
	case «Flat=Flat»:
		v.«Grow=Grow»(1)
		return v.«flat_area=Area»()
	}
	if r, ok := s.(«Round=Round»); ok {
		return r.«R=R»
	}
	all := map[string][]«Shape=Shape»{"a": {«Round=Round»{«R=R»: 1}, «Flat=Flat»{1, 2}}}
	return all["a"][0].«Area=Area»() + s.«Area=Area»()
}
"#,
)])]
fn names_of_go_in_harder_places(#[case] files: &[(&str, &str)]) {
    compiles(files, &["go", "vet", "./..."], &[]);
    check(files);
}
