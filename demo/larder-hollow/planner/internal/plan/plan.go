// Package plan chooses what is turned in a night, and where it goes.
package plan

import (
	"cmp"
	"slices"
	"time"

	"larder-hollow.example/planner/internal/rack"
)

// Turn moves one wheel.
type Turn struct {
	Wheel    *rack.Wheel
	From, To rack.Slot
	Overdue  time.Duration
}

// Night is a plan for one cave.
type Night struct {
	Turns    []Turn
	LeftOver map[*rack.Wheel]error
}

// Planner plans nights by its rules.
type Planner struct {
	rules  []Rule
	walk   Walk
	budget int
}

// Option changes how a planner plans.
type Option func(*Planner)

// WithRules replaces the rules of slots.
func WithRules(rules ...Rule) Option {
	return func(p *Planner) { p.rules = rules }
}

// WithWalk sets the order in which a keeper walks.
func WithWalk(walk Walk) Option {
	return func(p *Planner) { p.walk = walk }
}

// WithBudget says how many wheels a keeper turns in a night.
func WithBudget(turns int) Option {
	return func(p *Planner) { p.budget = turns }
}

// New makes a planner.
func New(options ...Option) *Planner {
	p := &Planner{rules: []Rule{HeavyLow{}, Neighbours{}}, walk: RackByRack, budget: 120}
	for _, option := range options {
		option(p)
	}
	return p
}

// Night plans a cave: the wheels that have waited longest come first.
func (p *Planner) Night(racks []*rack.Rack, now time.Time) *Night {
	night := &Night{LeftOver: make(map[*rack.Wheel]error)}
	for _, due := range p.due(racks, now) {
		if len(night.Turns) == p.budget {
			night.LeftOver[due.wheel] = ErrNoTime
			continue
		}
		turn, err := p.turn(due, now)
		if err != nil {
			night.LeftOver[due.wheel] = err
			continue
		}
		night.Turns = append(night.Turns, turn)
	}
	slices.SortStableFunc(night.Turns, p.walk)
	return night
}

type candidate struct {
	wheel *rack.Wheel
	on    *rack.Rack
}

func (p *Planner) due(racks []*rack.Rack, now time.Time) []candidate {
	var out []candidate
	for _, r := range racks {
		for _, w := range r.Wheels() {
			if w.Overdue(now) > 0 {
				out = append(out, candidate{w, r})
			}
		}
	}
	slices.SortFunc(out, func(a, b candidate) int {
		return cmp.Or(cmp.Compare(b.wheel.Overdue(now), a.wheel.Overdue(now)), cmp.Compare(a.wheel.ID, b.wheel.ID))
	})
	return out
}

// turn chooses the best free slot by all rules; the first that disagrees decides.
func (p *Planner) turn(of candidate, now time.Time) (Turn, error) {
	var best rack.Slot
	var found bool
	of.on.Free(func(slot rack.Slot) bool {
		if !found || p.better(of, slot, best) {
			best, found = slot, true
		}
		return true
	})
	if !found {
		return Turn{}, ErrNoSlot
	}
	turn := Turn{Wheel: of.wheel, From: of.wheel.Slot, To: best, Overdue: of.wheel.Overdue(now)}
	if err := of.on.Move(of.wheel, best); err != nil {
		return Turn{}, err
	}
	return turn, nil
}

func (p *Planner) better(of candidate, a, b rack.Slot) bool {
	for _, rule := range p.rules {
		if c := cmp.Compare(rule.Rank(of.wheel, a), rule.Rank(of.wheel, b)); c != 0 {
			return c < 0
		}
	}
	return false
}
