#!/usr/bin/env bash
# Makes code of the messages, for the planner and for the routes.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/common.sh

need protoc
protoc -I messages --go_out=planner/gen --go-grpc_out=planner/gen larder/planner/v1/planner.proto
python -m grpc_tools.protoc -I messages --python_out=routes --grpc_python_out=routes larder/planner/v1/planner.proto
