// Package slog: logs with fields.
package slog

import (
	"context"
	"io"
	"log"
	"time"
)

type Attr struct {
	Key   string
	Value Value
}

func String(key, value string) Attr

func Int64(key string, value int64) Attr

func Int(key string, value int) Attr

func Uint64(key string, v uint64) Attr

func Float64(key string, v float64) Attr

func Bool(key string, v bool) Attr

func Time(key string, v time.Time) Attr

func Duration(key string, v time.Duration) Attr

func Group(key string, args ...any) Attr

func GroupAttrs(key string, attrs ...Attr) Attr

func Any(key string, value any) Attr

func (a Attr) Equal(b Attr) bool

func (a Attr) String() string

type Handler interface {
	Enabled(context.Context, Level) bool

	Handle(context.Context, Record) error

	WithAttrs(attrs []Attr) Handler

	WithGroup(name string) Handler
}

func (*defaultHandler) Enabled(_ context.Context, l Level) bool

func (h *defaultHandler) Handle(ctx context.Context, r Record) error

func (h *defaultHandler) WithAttrs(as []Attr) Handler

func (h *defaultHandler) WithGroup(name string) Handler

type HandlerOptions struct {
	AddSource bool

	Level Leveler

	ReplaceAttr func(groups []string, a Attr) Attr
}

const (
	TimeKey = "time"

	LevelKey = "level"

	MessageKey = "msg"

	SourceKey = "source"
)

var DiscardHandler Handler

func (dh discardHandler) Enabled(context.Context, Level) bool

func (dh discardHandler) Handle(context.Context, Record) error

func (dh discardHandler) WithAttrs(attrs []Attr) Handler

func (dh discardHandler) WithGroup(name string) Handler

type JSONHandler struct {
}

func NewJSONHandler(w io.Writer, opts *HandlerOptions) *JSONHandler

func (h *JSONHandler) Enabled(_ context.Context, level Level) bool

func (h *JSONHandler) WithAttrs(attrs []Attr) Handler

func (h *JSONHandler) WithGroup(name string) Handler

func (h *JSONHandler) Handle(_ context.Context, r Record) error

type Level int

const (
	LevelDebug Level = -4
	LevelInfo  Level = 0
	LevelWarn  Level = 4
	LevelError Level = 8
)

func (l Level) String() string

func (l Level) MarshalJSON() ([]byte, error)

func (l *Level) UnmarshalJSON(data []byte) error

func (l Level) AppendText(b []byte) ([]byte, error)

func (l Level) MarshalText() ([]byte, error)

func (l *Level) UnmarshalText(data []byte) error

func (l Level) Level() Level

type LevelVar struct {
}

func (v *LevelVar) Level() Level

func (v *LevelVar) Set(l Level)

func (v *LevelVar) String() string

func (v *LevelVar) AppendText(b []byte) ([]byte, error)

func (v *LevelVar) MarshalText() ([]byte, error)

func (v *LevelVar) UnmarshalText(data []byte) error

type Leveler interface {
	Level() Level
}

func SetLogLoggerLevel(level Level) (oldLevel Level)

func Default() *Logger

func SetDefault(l *Logger)

func (w *handlerWriter) Write(buf []byte) (int, error)

type Logger struct {
}

func (l *Logger) Handler() Handler

func (l *Logger) With(args ...any) *Logger

func (l *Logger) WithGroup(name string) *Logger

func New(h Handler) *Logger

func With(args ...any) *Logger

func (l *Logger) Enabled(ctx context.Context, level Level) bool

func NewLogLogger(h Handler, level Level) *log.Logger

func (l *Logger) Log(ctx context.Context, level Level, msg string, args ...any)

func (l *Logger) LogAttrs(ctx context.Context, level Level, msg string, attrs ...Attr)

func (l *Logger) Debug(msg string, args ...any)

func (l *Logger) DebugContext(ctx context.Context, msg string, args ...any)

func (l *Logger) Info(msg string, args ...any)

func (l *Logger) InfoContext(ctx context.Context, msg string, args ...any)

func (l *Logger) Warn(msg string, args ...any)

func (l *Logger) WarnContext(ctx context.Context, msg string, args ...any)

func (l *Logger) Error(msg string, args ...any)

func (l *Logger) ErrorContext(ctx context.Context, msg string, args ...any)

func Debug(msg string, args ...any)

func DebugContext(ctx context.Context, msg string, args ...any)

func Info(msg string, args ...any)

func InfoContext(ctx context.Context, msg string, args ...any)

func Warn(msg string, args ...any)

func WarnContext(ctx context.Context, msg string, args ...any)

func Error(msg string, args ...any)

func ErrorContext(ctx context.Context, msg string, args ...any)

func Log(ctx context.Context, level Level, msg string, args ...any)

func LogAttrs(ctx context.Context, level Level, msg string, attrs ...Attr)

func NewMultiHandler(handlers ...Handler) *MultiHandler

type MultiHandler struct {
}

func (h *MultiHandler) Enabled(ctx context.Context, l Level) bool

func (h *MultiHandler) Handle(ctx context.Context, r Record) error

func (h *MultiHandler) WithAttrs(attrs []Attr) Handler

func (h *MultiHandler) WithGroup(name string) Handler

type Record struct {
	Time time.Time

	Message string

	Level Level

	PC uintptr
}

func NewRecord(t time.Time, level Level, msg string, pc uintptr) Record

func (r Record) Clone() Record

func (r Record) NumAttrs() int

func (r Record) Attrs(f func(Attr) bool)

func (r *Record) AddAttrs(attrs ...Attr)

func (r *Record) Add(args ...any)

type Source struct {
	Function string `json:"function"`

	File string `json:"file"`
	Line int    `json:"line"`
}

func (r Record) Source() *Source

type TextHandler struct {
}

func NewTextHandler(w io.Writer, opts *HandlerOptions) *TextHandler

func (h *TextHandler) Enabled(_ context.Context, level Level) bool

func (h *TextHandler) WithAttrs(attrs []Attr) Handler

func (h *TextHandler) WithGroup(name string) Handler

func (h *TextHandler) Handle(_ context.Context, r Record) error

type Value struct {
}

type Kind int

const (
	KindAny Kind = iota
	KindBool
	KindDuration
	KindFloat64
	KindInt64
	KindString
	KindTime
	KindUint64
	KindGroup
	KindLogValuer
)

func (k Kind) String() string

func (v Value) Kind() Kind

func StringValue(value string) Value

func IntValue(v int) Value

func Int64Value(v int64) Value

func Uint64Value(v uint64) Value

func Float64Value(v float64) Value

func BoolValue(v bool) Value

func TimeValue(v time.Time) Value

func DurationValue(v time.Duration) Value

func GroupValue(as ...Attr) Value

func AnyValue(v any) Value

func (v Value) Any() any

func (v Value) String() string

func (v Value) Int64() int64

func (v Value) Uint64() uint64

func (v Value) Bool() bool

func (v Value) Duration() time.Duration

func (v Value) Float64() float64

func (v Value) Time() time.Time

func (v Value) LogValuer() LogValuer

func (v Value) Group() []Attr

func (v Value) Equal(w Value) bool

type LogValuer interface {
	LogValue() Value
}

func (v Value) Resolve() (rv Value)
