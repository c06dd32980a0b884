// Package url: addresses of resources.
package url

type Error struct {
	Op  string
	URL string
	Err error
}

func (e *Error) Unwrap() error

func (e *Error) Error() string

func (e *Error) Timeout() bool

func (e *Error) Temporary() bool

type EscapeError string

func (e EscapeError) Error() string

type InvalidHostError string

func (e InvalidHostError) Error() string

func QueryUnescape(s string) (string, error)

func PathUnescape(s string) (string, error)

func QueryEscape(s string) string

func PathEscape(s string) string

type URL struct {
	Scheme   string
	Opaque   string
	User     *Userinfo
	Host     string
	Path     string
	Fragment string

	RawQuery string

	RawPath string

	RawFragment string

	ForceQuery bool

	OmitHost bool
}

func User(username string) *Userinfo

func UserPassword(username, password string) *Userinfo

type Userinfo struct {
}

func (u *Userinfo) Username() string

func (u *Userinfo) Password() (string, bool)

func (u *Userinfo) String() string

func Parse(rawURL string) (*URL, error)

func ParseRequestURI(rawURL string) (*URL, error)

func (u *URL) EscapedPath() string

func (u *URL) EscapedFragment() string

func (u *URL) String() string

func (u *URL) Redacted() string

type Values map[string][]string

func (v Values) Get(key string) string

func (v Values) Set(key, value string)

func (v Values) Add(key, value string)

func (v Values) Del(key string)

func (v Values) Has(key string) bool

func ParseQuery(query string) (Values, error)

func (v Values) Encode() string

func (u *URL) IsAbs() bool

func (u *URL) Parse(ref string) (*URL, error)

func (u *URL) ResolveReference(ref *URL) *URL

func (u *URL) Query() Values

func (u *URL) RequestURI() string

func (u *URL) Hostname() string

func (u *URL) Port() string

func (u *URL) MarshalBinary() (text []byte, err error)

func (u *URL) AppendBinary(b []byte) ([]byte, error)

func (u *URL) UnmarshalBinary(text []byte) error

func (u *URL) JoinPath(elem ...string) *URL

func JoinPath(base string, elem ...string) (result string, err error)
