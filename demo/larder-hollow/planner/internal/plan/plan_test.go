package plan

import (
	"testing"
	"time"

	"larder-hollow.example/planner/internal/rack"
)

var night = time.Date(2025, time.March, 6, 22, 0, 0, 0, time.UTC)

func cave(t *testing.T, wheels ...*rack.Wheel) []*rack.Rack {
	t.Helper()
	r := rack.New(1, "north", 4, 2)
	for i, w := range wheels {
		w.Slot = rack.Slot{Rack: 1, Row: i / 2, Column: i % 2}
		if err := r.Put(w); err != nil {
			t.Fatal(err)
		}
	}
	return []*rack.Rack{r}
}

func wheel(id int, weight rack.Grams, waits time.Duration) *rack.Wheel {
	return &rack.Wheel{ID: id, Weight: weight, Every: 48 * time.Hour, TurnedAt: night.Add(-48*time.Hour - waits)}
}

func TestNightTurnsWhatIsDue(t *testing.T) {
	got := New().Night(cave(t, wheel(1, 4000, time.Hour), wheel(2, 4000, -time.Hour)), night)
	if len(got.Turns) != 1 || got.Turns[0].Wheel.ID != 1 {
		t.Fatalf("turns = %v", got.Turns)
	}
}

func TestHeavyWheelsGoLow(t *testing.T) {
	got := New().Night(cave(t, wheel(1, 9500, time.Hour), wheel(2, 4000, 2*time.Hour)), night)
	for _, turn := range got.Turns {
		if turn.Wheel.IsHeavy() && turn.To.Row > 1 {
			t.Errorf("wheel %d goes to %v", turn.Wheel.ID, turn.To)
		}
	}
}

func TestBudget(t *testing.T) {
	got := New(WithBudget(1)).Night(cave(t, wheel(1, 1, time.Hour), wheel(2, 1, 2*time.Hour)), night)
	if len(got.Turns) != 1 || len(got.LeftOver) != 1 {
		t.Fatalf("turns = %v, left over = %v", got.Turns, got.LeftOver)
	}
	for w, err := range got.LeftOver {
		if w.ID != 1 || err != ErrNoTime {
			t.Errorf("wheel %d: %v", w.ID, err)
		}
	}
}
