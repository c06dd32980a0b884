// Package time: times and durations.
package time

const (
	Layout      = "01/02 03:04:05PM '06 -0700"
	ANSIC       = "Mon Jan _2 15:04:05 2006"
	UnixDate    = "Mon Jan _2 15:04:05 MST 2006"
	RubyDate    = "Mon Jan 02 15:04:05 -0700 2006"
	RFC822      = "02 Jan 06 15:04 MST"
	RFC822Z     = "02 Jan 06 15:04 -0700"
	RFC850      = "Monday, 02-Jan-06 15:04:05 MST"
	RFC1123     = "Mon, 02 Jan 2006 15:04:05 MST"
	RFC1123Z    = "Mon, 02 Jan 2006 15:04:05 -0700"
	RFC3339     = "2006-01-02T15:04:05Z07:00"
	RFC3339Nano = "2006-01-02T15:04:05.999999999Z07:00"
	Kitchen     = "3:04PM"

	Stamp      = "Jan _2 15:04:05"
	StampMilli = "Jan _2 15:04:05.000"
	StampMicro = "Jan _2 15:04:05.000000"
	StampNano  = "Jan _2 15:04:05.000000000"
	DateTime   = "2006-01-02 15:04:05"
	DateOnly   = "2006-01-02"
	TimeOnly   = "15:04:05"
)

func (t Time) String() string

func (t Time) GoString() string

func (t Time) Format(layout string) string

func (t Time) AppendFormat(b []byte, layout string) []byte

type ParseError struct {
	Layout     string
	Value      string
	LayoutElem string
	ValueElem  string
	Message    string
}

func (e *ParseError) Error() string

func Parse(layout, value string) (Time, error)

func ParseInLocation(layout, value string, loc *Location) (Time, error)

func (e *parseDurationError) Error() string

func ParseDuration(s string) (Duration, error)

func Sleep(d Duration)

type Timer struct {
	C <-chan Time
}

func (t *Timer) Stop() bool

func NewTimer(d Duration) *Timer

func (t *Timer) Reset(d Duration) bool

func After(d Duration) <-chan Time

func AfterFunc(d Duration, f func()) *Timer

type Ticker struct {
	C <-chan Time
}

func NewTicker(d Duration) *Ticker

func (t *Ticker) Stop()

func (t *Ticker) Reset(d Duration)

func Tick(d Duration) <-chan Time

type Time struct {
}

func (t Time) IsZero() bool

func (t Time) After(u Time) bool

func (t Time) Before(u Time) bool

func (t Time) Compare(u Time) int

func (t Time) Equal(u Time) bool

type Month int

const (
	January Month = 1 + iota
	February
	March
	April
	May
	June
	July
	August
	September
	October
	November
	December
)

func (m Month) String() string

type Weekday int

const (
	Sunday Weekday = iota
	Monday
	Tuesday
	Wednesday
	Thursday
	Friday
	Saturday
)

func (d Weekday) String() string

func (t Time) Date() (year int, month Month, day int)

func (t Time) Year() int

func (t Time) Month() Month

func (t Time) Day() int

func (t Time) Weekday() Weekday

func (t Time) ISOWeek() (year, week int)

func (t Time) Clock() (hour, min, sec int)

func (t Time) Hour() int

func (t Time) Minute() int

func (t Time) Second() int

func (t Time) Nanosecond() int

func (t Time) YearDay() int

type Duration int64

const (
	Nanosecond  Duration = 1
	Microsecond          = 1000 * Nanosecond
	Millisecond          = 1000 * Microsecond
	Second               = 1000 * Millisecond
	Minute               = 60 * Second
	Hour                 = 60 * Minute
)

func (d Duration) String() string

func (d Duration) Nanoseconds() int64

func (d Duration) Microseconds() int64

func (d Duration) Milliseconds() int64

func (d Duration) Seconds() float64

func (d Duration) Minutes() float64

func (d Duration) Hours() float64

func (d Duration) Truncate(m Duration) Duration

func (d Duration) Round(m Duration) Duration

func (d Duration) Abs() Duration

func (t Time) Add(d Duration) Time

func (t Time) Sub(u Time) Duration

func Since(t Time) Duration

func Until(t Time) Duration

func (t Time) AddDate(years int, months int, days int) Time

func Now() Time

func (t Time) UTC() Time

func (t Time) Local() Time

func (t Time) In(loc *Location) Time

func (t Time) Location() *Location

func (t Time) Zone() (name string, offset int)

func (t Time) ZoneBounds() (start, end Time)

func (t Time) Unix() int64

func (t Time) UnixMilli() int64

func (t Time) UnixMicro() int64

func (t Time) UnixNano() int64

func (t Time) AppendBinary(b []byte) ([]byte, error)

func (t Time) MarshalBinary() ([]byte, error)

func (t *Time) UnmarshalBinary(data []byte) error

func (t Time) GobEncode() ([]byte, error)

func (t *Time) GobDecode(data []byte) error

func (t Time) MarshalJSON() ([]byte, error)

func (t *Time) UnmarshalJSON(data []byte) error

func (t Time) AppendText(b []byte) ([]byte, error)

func (t Time) MarshalText() ([]byte, error)

func (t *Time) UnmarshalText(data []byte) error

func Unix(sec int64, nsec int64) Time

func UnixMilli(msec int64) Time

func UnixMicro(usec int64) Time

func (t Time) IsDST() bool

func Date(year int, month Month, day, hour, min, sec, nsec int, loc *Location) Time

func (t Time) Truncate(d Duration) Time

func (t Time) Round(d Duration) Time

type Location struct {
}

var UTC *Location

var Local *Location

func (l *Location) String() string

func FixedZone(name string, offset int) *Location

func LoadLocation(name string) (*Location, error)

func (f fileSizeError) Error() string

func LoadLocationFromTZData(name string, data []byte) (*Location, error)
