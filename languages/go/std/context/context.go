// Package context: deadlines, cancelling and values of requests.
package context

import (
	"time"
)

type Context interface {
	Deadline() (deadline time.Time, ok bool)

	Done() <-chan struct{}

	Err() error

	Value(key any) any
}

var Canceled error

var DeadlineExceeded error

func (deadlineExceededError) Error() string

func (deadlineExceededError) Timeout() bool

func (deadlineExceededError) Temporary() bool

func (emptyCtx) Deadline() (deadline time.Time, ok bool)

func (emptyCtx) Done() <-chan struct{}

func (emptyCtx) Err() error

func (emptyCtx) Value(key any) any

func (backgroundCtx) String() string

func (todoCtx) String() string

func Background() Context

func TODO() Context

type CancelFunc func()

func WithCancel(parent Context) (ctx Context, cancel CancelFunc)

type CancelCauseFunc func(cause error)

func WithCancelCause(parent Context) (ctx Context, cancel CancelCauseFunc)

func Cause(c Context) error

func AfterFunc(ctx Context, f func()) (stop func() bool)

func (c *cancelCtx) Value(key any) any

func (c *cancelCtx) Done() <-chan struct{}

func (c *cancelCtx) Err() error

func (c *cancelCtx) String() string

func WithoutCancel(parent Context) Context

func (withoutCancelCtx) Deadline() (deadline time.Time, ok bool)

func (withoutCancelCtx) Done() <-chan struct{}

func (withoutCancelCtx) Err() error

func (c withoutCancelCtx) Value(key any) any

func (c withoutCancelCtx) String() string

func WithDeadline(parent Context, d time.Time) (Context, CancelFunc)

func WithDeadlineCause(parent Context, d time.Time, cause error) (Context, CancelFunc)

func (c *timerCtx) Deadline() (deadline time.Time, ok bool)

func (c *timerCtx) String() string

func WithTimeout(parent Context, timeout time.Duration) (Context, CancelFunc)

func WithTimeoutCause(parent Context, timeout time.Duration, cause error) (Context, CancelFunc)

func WithValue(parent Context, key, val any) Context

func (c *valueCtx) String() string

func (c *valueCtx) Value(key any) any
