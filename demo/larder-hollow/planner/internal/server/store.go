package server

import (
	"context"
	"database/sql"
	"time"

	"larder-hollow.example/planner/internal/rack"
)

const selectWheels = `
	SELECT w.id, c.name, w.weight_grams, w.turned_at, c.turn_every_days, w.rack_id, w.slot_row, w.slot_column
	  FROM wheels w JOIN cheeses c ON c.id = w.cheese_id
	 WHERE w.rack_id = ?`

// Tables is a store on the tables of schema/.
type Tables struct {
	db   *sql.DB
	poll time.Duration
}

// Open opens the database.
func Open(driver, source string) (*Tables, error) {
	db, err := sql.Open(driver, source)
	if err != nil {
		return nil, err
	}
	return &Tables{db: db, poll: 5 * time.Second}, nil
}

// Racks reads the racks of a cave with their wheels.
func (t *Tables) Racks(ctx context.Context, cave string) ([]*rack.Rack, error) {
	rows, err := t.db.QueryContext(ctx, "SELECT id, slot_rows, slot_columns FROM racks WHERE cave = ?", cave)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []*rack.Rack
	for rows.Next() {
		var id, height, width int
		if err := rows.Scan(&id, &height, &width); err != nil {
			return nil, err
		}
		r := rack.New(id, cave, height, width)
		if err := t.fill(ctx, r); err != nil {
			return nil, err
		}
		out = append(out, r)
	}
	return out, rows.Err()
}

func (t *Tables) fill(ctx context.Context, r *rack.Rack) error {
	rows, err := t.db.QueryContext(ctx, selectWheels, r.ID)
	if err != nil {
		return err
	}
	defer rows.Close()
	for rows.Next() {
		var w rack.Wheel
		var days int
		if err := rows.Scan(&w.ID, &w.Cheese, &w.Weight, &w.TurnedAt, &days, &w.Slot.Rack, &w.Slot.Row, &w.Slot.Column); err != nil {
			return err
		}
		w.Every = time.Duration(days) * 24 * time.Hour
		if err := r.Put(&w); err != nil {
			return err
		}
	}
	return rows.Err()
}

// Done looks into the book of turns again and again, until nobody asks any more.
func (t *Tables) Done(ctx context.Context, cave string) (<-chan Done, error) {
	out := make(chan Done)
	go func() {
		defer close(out)
		since := time.Now()
		for {
			select {
			case <-ctx.Done():
				return
			case <-time.After(t.poll):
				since = t.send(ctx, cave, since, out)
			}
		}
	}()
	return out, nil
}

func (t *Tables) send(ctx context.Context, cave string, since time.Time, out chan<- Done) time.Time {
	rows, err := t.db.QueryContext(ctx, `
		SELECT t.wheel_id, t.turned_by, t.at FROM turns t JOIN racks r ON r.id = t.rack_id
		 WHERE r.cave = ? AND t.at > ? ORDER BY t.at`, cave, since)
	if err != nil {
		return since
	}
	defer rows.Close()
	for rows.Next() {
		var done Done
		if rows.Scan(&done.Wheel, &done.By, &done.At) == nil {
			out <- done
			since = done.At
		}
	}
	return since
}
