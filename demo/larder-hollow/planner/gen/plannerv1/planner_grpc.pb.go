// Code generated from larder/planner/v1/planner.proto. DO NOT EDIT.

package plannerv1

import (
	"context"

	"google.golang.org/grpc"
)

const (
	Planner_PlanNight_FullMethodName = "/larder.planner.v1.Planner/PlanNight"
	Planner_Watch_FullMethodName     = "/larder.planner.v1.Planner/Watch"
)

// PlannerServer is the server API for the service Planner.
type PlannerServer interface {
	PlanNight(context.Context, *PlanNightRequest) (*NightPlan, error)
	Watch(*WatchRequest, Planner_WatchServer) error
}

// Planner_WatchServer sends what became of the turns.
type Planner_WatchServer interface {
	Send(*TurnDone) error
	Context() context.Context
}

// RegisterPlannerServer makes a server known under the name of its service.
func RegisterPlannerServer(s grpc.ServiceRegistrar, srv PlannerServer) {
	s.RegisterService(&Planner_ServiceDesc, srv)
}

// Planner_ServiceDesc describes the service.
var Planner_ServiceDesc = grpc.ServiceDesc{
	ServiceName: "larder.planner.v1.Planner",
	HandlerType: (*PlannerServer)(nil),
}
