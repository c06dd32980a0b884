// Code generated from larder/planner/v1/planner.proto. DO NOT EDIT.

package plannerv1

import "time"

type Order int32

const (
	Order_ORDER_UNSPECIFIED  Order = 0
	Order_ORDER_RACK_BY_RACK Order = 1
	Order_ORDER_HEAVY_FIRST  Order = 2
)

type Slot struct {
	Rack   uint32
	Row    uint32
	Column uint32
}

func (x *Slot) GetRack() uint32 {
	if x != nil {
		return x.Rack
	}
	return 0
}

type PlanNightRequest struct {
	Cave        string
	Night       time.Time
	ClosedRacks []uint32
	Order       Order
}

func (x *PlanNightRequest) GetCave() string {
	if x != nil {
		return x.Cave
	}
	return ""
}

func (x *PlanNightRequest) GetClosedRacks() []uint32 {
	if x != nil {
		return x.ClosedRacks
	}
	return nil
}

type PlannedTurn struct {
	Wheel uint32
	From  *Slot
	To    *Slot
	// Days since it was due.
	OverdueDays uint32
}

type NightPlan struct {
	Turns    []*PlannedTurn
	LeftOver map[uint32]string
}

type WatchRequest struct {
	Cave string
}

type TurnDone struct {
	Wheel uint32
	By    string
	At    time.Time
}
