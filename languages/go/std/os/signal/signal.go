// Package signal: signals of the system.
package signal

import (
	"context"
	"os"
)

func Ignore(sig ...os.Signal)

func Ignored(sig os.Signal) bool

func Notify(c chan<- os.Signal, sig ...os.Signal)

func Reset(sig ...os.Signal)

func Stop(c chan<- os.Signal)

func NotifyContext(parent context.Context, signals ...os.Signal) (ctx context.Context, stop context.CancelFunc)

func (c *signalCtx) String() string

func (s signalError) Error() string

func (s signalError) Is(target error) bool
