package plan

import (
	"cmp"
	"errors"

	"larder-hollow.example/planner/internal/rack"
)

// Why a wheel stays where it is.
var (
	ErrNoSlot = errors.New("no free slot on its rack")
	ErrNoTime = errors.New("more wheels than a night has time for")
)

// Rule ranks free slots for a wheel; the least wins.
type Rule interface {
	Rank(w *rack.Wheel, slot rack.Slot) int
}

// HeavyLow puts heavy wheels on the lower rows, and leaves these free of light ones.
type HeavyLow struct{}

// Rank is the row, or what it lacks to the top.
func (HeavyLow) Rank(w *rack.Wheel, slot rack.Slot) int {
	if w.IsHeavy() {
		return slot.Row
	}
	return -slot.Row
}

// Neighbours keeps a wheel near the slot it comes from.
type Neighbours struct{}

// Rank counts the columns between.
func (Neighbours) Rank(w *rack.Wheel, slot rack.Slot) int {
	return abs(w.Slot.Column - slot.Column)
}

func abs(n int) int {
	if n < 0 {
		return -n
	}
	return n
}

// Walk compares two turns by the order in which they are done.
type Walk func(a, b Turn) int

// RackByRack goes along the racks.
func RackByRack(a, b Turn) int {
	return cmp.Or(cmp.Compare(a.From.Rack, b.From.Rack), cmp.Compare(a.From.Row, b.From.Row))
}

// HeavyFirst does the heavy ones while the keeper is fresh.
func HeavyFirst(a, b Turn) int {
	return cmp.Or(cmp.Compare(b.Wheel.Weight, a.Wheel.Weight), RackByRack(a, b))
}
