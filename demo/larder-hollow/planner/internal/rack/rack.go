// Package rack knows the racks of a cave and what lies on them.
//
// A [Rack] counts its rows from the floor. Wheels are kept with the slot they
// lie in, so that a plan can move them without asking the database again.
package rack

import (
	"errors"
	"fmt"
	"time"
)

// ErrTaken says that a slot is not free.
var ErrTaken = errors.New("slot is taken")

// Grams is a weight.
type Grams int

// Heavy is what one keeper does not lift above the third row.
const Heavy Grams = 9000

// Slot is a place on a rack, counted from the bottom left.
type Slot struct {
	Rack, Row, Column int
}

func (s Slot) String() string {
	return fmt.Sprintf("%d/%d/%d", s.Rack, s.Row, s.Column)
}

// Wheel is a wheel of cheese as the planner sees it.
type Wheel struct {
	ID       int
	Cheese   string
	Weight   Grams
	TurnedAt time.Time
	Every    time.Duration
	Slot     Slot
}

// Overdue says for how long a wheel has been waiting.
func (w *Wheel) Overdue(now time.Time) time.Duration {
	return max(0, now.Sub(w.TurnedAt.Add(w.Every)))
}

// IsHeavy reports whether the wheel belongs on a low row.
func (w *Wheel) IsHeavy() bool { return w.Weight >= Heavy }

// Rack holds wheels in rows and columns.
type Rack struct {
	ID            int
	Cave          string
	Rows, Columns int
	wheels        map[Slot]*Wheel
}

// New makes an empty rack.
func New(id int, cave string, rows, columns int) *Rack {
	return &Rack{ID: id, Cave: cave, Rows: rows, Columns: columns, wheels: make(map[Slot]*Wheel)}
}

// Put lays a wheel into its slot.
func (r *Rack) Put(w *Wheel) error {
	if other, taken := r.wheels[w.Slot]; taken && other != w {
		return fmt.Errorf("wheel %d at %v: %w", w.ID, w.Slot, ErrTaken)
	}
	r.wheels[w.Slot] = w
	return nil
}

// Move takes a wheel from its slot to another one.
func (r *Rack) Move(w *Wheel, to Slot) error {
	from := w.Slot
	delete(r.wheels, from)
	w.Slot = to
	if err := r.Put(w); err != nil {
		w.Slot = from
		r.wheels[from] = w
		return err
	}
	return nil
}

// Free yields the free slots, lowest row first.
func (r *Rack) Free(yield func(Slot) bool) {
	for row := range r.Rows {
		for column := range r.Columns {
			slot := Slot{r.ID, row, column}
			if _, taken := r.wheels[slot]; !taken && !yield(slot) {
				return
			}
		}
	}
}

// Wheels lists what lies on the rack.
func (r *Rack) Wheels() []*Wheel {
	out := make([]*Wheel, 0, len(r.wheels))
	for _, w := range r.wheels {
		out = append(out, w)
	}
	return out
}
