// Package netip: addresses of the internet.
package netip

type Addr struct {
}

func IPv6LinkLocalAllNodes() Addr

func IPv6LinkLocalAllRouters() Addr

func IPv6Loopback() Addr

func IPv6Unspecified() Addr

func IPv4Unspecified() Addr

func AddrFrom4(addr [4]byte) Addr

func AddrFrom16(addr [16]byte) Addr

func ParseAddr(s string) (Addr, error)

func MustParseAddr(s string) Addr

func (err parseAddrError) Error() string

func AddrFromSlice(slice []byte) (ip Addr, ok bool)

func (ip Addr) IsValid() bool

func (ip Addr) BitLen() int

func (ip Addr) Zone() string

func (ip Addr) Compare(ip2 Addr) int

func (ip Addr) Less(ip2 Addr) bool

func (ip Addr) Is4() bool

func (ip Addr) Is4In6() bool

func (ip Addr) Is6() bool

func (ip Addr) Unmap() Addr

func (ip Addr) WithZone(zone string) Addr

func (ip Addr) IsLinkLocalUnicast() bool

func (ip Addr) IsLoopback() bool

func (ip Addr) IsMulticast() bool

func (ip Addr) IsInterfaceLocalMulticast() bool

func (ip Addr) IsLinkLocalMulticast() bool

func (ip Addr) IsGlobalUnicast() bool

func (ip Addr) IsPrivate() bool

func (ip Addr) IsUnspecified() bool

func (ip Addr) Prefix(b int) (Prefix, error)

func (ip Addr) As16() (a16 [16]byte)

func (ip Addr) As4() (a4 [4]byte)

func (ip Addr) AsSlice() []byte

func (ip Addr) Next() Addr

func (ip Addr) Prev() Addr

func (ip Addr) String() string

func (ip Addr) AppendTo(b []byte) []byte

func (ip Addr) StringExpanded() string

func (ip Addr) AppendText(b []byte) ([]byte, error)

func (ip Addr) MarshalText() ([]byte, error)

func (ip *Addr) UnmarshalText(text []byte) error

func (ip Addr) AppendBinary(b []byte) ([]byte, error)

func (ip Addr) MarshalBinary() ([]byte, error)

func (ip *Addr) UnmarshalBinary(b []byte) error

type AddrPort struct {
}

func AddrPortFrom(ip Addr, port uint16) AddrPort

func (p AddrPort) Addr() Addr

func (p AddrPort) Port() uint16

func ParseAddrPort(s string) (AddrPort, error)

func MustParseAddrPort(s string) AddrPort

func (p AddrPort) IsValid() bool

func (p AddrPort) Compare(p2 AddrPort) int

func (p AddrPort) String() string

func (p AddrPort) AppendTo(b []byte) []byte

func (p AddrPort) AppendText(b []byte) ([]byte, error)

func (p AddrPort) MarshalText() ([]byte, error)

func (p *AddrPort) UnmarshalText(text []byte) error

func (p AddrPort) AppendBinary(b []byte) ([]byte, error)

func (p AddrPort) MarshalBinary() ([]byte, error)

func (p *AddrPort) UnmarshalBinary(b []byte) error

type Prefix struct {
}

func PrefixFrom(ip Addr, bits int) Prefix

func (p Prefix) Addr() Addr

func (p Prefix) Bits() int

func (p Prefix) IsValid() bool

func (p Prefix) IsSingleIP() bool

func (p Prefix) Compare(p2 Prefix) int

func (err parsePrefixError) Error() string

func ParsePrefix(s string) (Prefix, error)

func MustParsePrefix(s string) Prefix

func (p Prefix) Masked() Prefix

func (p Prefix) Contains(ip Addr) bool

func (p Prefix) Overlaps(o Prefix) bool

func (p Prefix) AppendTo(b []byte) []byte

func (p Prefix) AppendText(b []byte) ([]byte, error)

func (p Prefix) MarshalText() ([]byte, error)

func (p *Prefix) UnmarshalText(text []byte) error

func (p Prefix) AppendBinary(b []byte) ([]byte, error)

func (p Prefix) MarshalBinary() ([]byte, error)

func (p *Prefix) UnmarshalBinary(b []byte) error

func (p Prefix) String() string
