// Package server answers the routes by RPC.
package server

import (
	"context"
	"fmt"
	"log/slog"
	"time"

	"larder-hollow.example/planner/gen/plannerv1"
	"larder-hollow.example/planner/internal/plan"
	"larder-hollow.example/planner/internal/rack"
)

// Store is where racks come from and where turns are noted.
type Store interface {
	Racks(ctx context.Context, cave string) ([]*rack.Rack, error)
	Done(ctx context.Context, cave string) (<-chan Done, error)
}

// Done is a turn that somebody has done.
type Done struct {
	Wheel int
	By    string
	At    time.Time
}

// Server plans for whoever asks.
type Server struct {
	store Store
	now   func() time.Time
	log   *slog.Logger
}

var _ plannerv1.PlannerServer = (*Server)(nil)

// New makes a server on a store.
func New(store Store, log *slog.Logger) *Server {
	return &Server{store: store, now: time.Now, log: log}
}

// PlanNight plans one cave for one night.
func (s *Server) PlanNight(ctx context.Context, ask *plannerv1.PlanNightRequest) (*plannerv1.NightPlan, error) {
	racks, err := s.store.Racks(ctx, ask.GetCave())
	if err != nil {
		return nil, fmt.Errorf("racks of %s: %w", ask.GetCave(), err)
	}
	night := plan.New(plan.WithWalk(walk(ask.Order))).Night(open(racks, ask.GetClosedRacks()), s.now())
	s.log.Info("planned", "cave", ask.GetCave(), "turns", len(night.Turns), "left over", len(night.LeftOver))
	return answer(night), nil
}

// Watch sends turns as they are done.
func (s *Server) Watch(ask *plannerv1.WatchRequest, to plannerv1.Planner_WatchServer) error {
	done, err := s.store.Done(to.Context(), ask.Cave)
	if err != nil {
		return err
	}
	for turn := range done {
		if err := to.Send(&plannerv1.TurnDone{Wheel: uint32(turn.Wheel), By: turn.By, At: turn.At}); err != nil {
			return err
		}
	}
	return to.Context().Err()
}

func walk(order plannerv1.Order) plan.Walk {
	if order == plannerv1.Order_ORDER_HEAVY_FIRST {
		return plan.HeavyFirst
	}
	return plan.RackByRack
}

// open leaves out the racks nobody can reach.
func open(racks []*rack.Rack, closed []uint32) []*rack.Rack {
	out := make([]*rack.Rack, 0, len(racks))
next:
	for _, r := range racks {
		for _, id := range closed {
			if r.ID == int(id) {
				continue next
			}
		}
		out = append(out, r)
	}
	return out
}

func answer(night *plan.Night) *plannerv1.NightPlan {
	out := &plannerv1.NightPlan{LeftOver: make(map[uint32]string)}
	for _, turn := range night.Turns {
		out.Turns = append(out.Turns, &plannerv1.PlannedTurn{
			Wheel:       uint32(turn.Wheel.ID),
			From:        slot(turn.From),
			To:          slot(turn.To),
			OverdueDays: uint32(turn.Overdue.Hours() / 24),
		})
	}
	for wheel, why := range night.LeftOver {
		out.LeftOver[uint32(wheel.ID)] = why.Error()
	}
	return out
}

func slot(s rack.Slot) *plannerv1.Slot {
	return &plannerv1.Slot{Rack: uint32(s.Rack), Row: uint32(s.Row), Column: uint32(s.Column)}
}
