module larder-hollow.example/planner

go 1.22

require google.golang.org/grpc v1.65.0
