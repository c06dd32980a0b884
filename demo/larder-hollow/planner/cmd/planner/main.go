// Command planner serves plans for the night by RPC.
package main

import (
	"flag"
	"log/slog"
	"net"
	"os"

	"google.golang.org/grpc"

	"larder-hollow.example/planner/gen/plannerv1"
	"larder-hollow.example/planner/internal/server"
)

func main() {
	listen := flag.String("listen", ":9090", "address to listen on")
	source := flag.String("db", os.Getenv("LARDER_DB"), "database of the larder")
	flag.Parse()
	log := slog.New(slog.NewTextHandler(os.Stderr, nil))
	if err := serve(*listen, *source, log); err != nil {
		log.Error("planner ends", "why", err)
		os.Exit(1)
	}
}

func serve(listen, source string, log *slog.Logger) error {
	store, err := server.Open("sqlite", source)
	if err != nil {
		return err
	}
	at, err := net.Listen("tcp", listen)
	if err != nil {
		return err
	}
	rpc := grpc.NewServer()
	plannerv1.RegisterPlannerServer(rpc, server.New(store, log))
	log.Info("planner listens", "at", at.Addr())
	return rpc.Serve(at)
}
