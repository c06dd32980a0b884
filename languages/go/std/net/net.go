// Package net: connections.
package net

import (
	"context"
	"io"
	"net/netip"
	"os"
	"syscall"
	"time"
)

func (t policyTable) Classify(ip netip.Addr) policyTableEntry

func (eai addrinfoErrno) Error() string

func (eai addrinfoErrno) Temporary() bool

func (eai addrinfoErrno) Timeout() bool

type Dialer struct {
	Timeout time.Duration

	Deadline time.Time

	LocalAddr Addr

	DualStack bool

	FallbackDelay time.Duration

	KeepAlive time.Duration

	KeepAliveConfig KeepAliveConfig

	Resolver *Resolver

	Cancel <-chan struct{}

	Control func(network, address string, c syscall.RawConn) error

	ControlContext func(ctx context.Context, network, address string, c syscall.RawConn) error
}

func (d *Dialer) MultipathTCP() bool

func (d *Dialer) SetMultipathTCP(use bool)

func Dial(network, address string) (Conn, error)

func DialTimeout(network, address string, timeout time.Duration) (Conn, error)

func (d *Dialer) Dial(network, address string) (Conn, error)

func (d *Dialer) DialContext(ctx context.Context, network, address string) (Conn, error)

func (d *Dialer) DialTCP(ctx context.Context, network string, laddr netip.AddrPort, raddr netip.AddrPort) (*TCPConn, error)

func (d *Dialer) DialUDP(ctx context.Context, network string, laddr netip.AddrPort, raddr netip.AddrPort) (*UDPConn, error)

func (d *Dialer) DialIP(ctx context.Context, network string, laddr netip.Addr, raddr netip.Addr) (*IPConn, error)

func (d *Dialer) DialUnix(ctx context.Context, network string, laddr *UnixAddr, raddr *UnixAddr) (*UnixConn, error)

type ListenConfig struct {
	Control func(network, address string, c syscall.RawConn) error

	KeepAlive time.Duration

	KeepAliveConfig KeepAliveConfig
}

func (lc *ListenConfig) MultipathTCP() bool

func (lc *ListenConfig) SetMultipathTCP(use bool)

func (lc *ListenConfig) Listen(ctx context.Context, network, address string) (Listener, error)

func (lc *ListenConfig) ListenPacket(ctx context.Context, network, address string) (PacketConn, error)

func Listen(network, address string) (Listener, error)

func ListenPacket(network, address string) (PacketConn, error)

type SRV struct {
	Target   string
	Port     uint16
	Priority uint16
	Weight   uint16
}

type MX struct {
	Host string
	Pref uint16
}

type NS struct {
	Host string
}

func (o hostLookupOrder) String() string

func (fd *netFD) Close() error

func (fd *netFD) Read(p []byte) (n int, err error)

func (fd *netFD) Write(p []byte) (nn int, err error)

func (fd *netFD) SetDeadline(t time.Time) error

func (fd *netFD) SetReadDeadline(t time.Time) error

func (fd *netFD) SetWriteDeadline(t time.Time) error

func (fileAddr) Network() string

func (f fileAddr) String() string

func FileConn(f *os.File) (c Conn, err error)

func FileListener(f *os.File) (ln Listener, err error)

func FilePacketConn(f *os.File) (c PacketConn, err error)

type Interface struct {
	Index        int
	MTU          int
	Name         string
	HardwareAddr HardwareAddr
	Flags        Flags
}

type Flags uint

const (
	FlagUp Flags = 1 << iota
	FlagBroadcast
	FlagLoopback
	FlagPointToPoint
	FlagMulticast
	FlagRunning
)

func (f Flags) String() string

func (ifi *Interface) Addrs() ([]Addr, error)

func (ifi *Interface) MulticastAddrs() ([]Addr, error)

func Interfaces() ([]Interface, error)

func InterfaceAddrs() ([]Addr, error)

func InterfaceByIndex(index int) (*Interface, error)

func InterfaceByName(name string) (*Interface, error)

const (
	IPv4len = 4
	IPv6len = 16
)

type IP []byte

type IPMask []byte

type IPNet struct {
	IP   IP
	Mask IPMask
}

func IPv4(a, b, c, d byte) IP

func IPv4Mask(a, b, c, d byte) IPMask

func CIDRMask(ones, bits int) IPMask

var (
	IPv4bcast     = IPv4(255, 255, 255, 255)
	IPv4allsys    = IPv4(224, 0, 0, 1)
	IPv4allrouter = IPv4(224, 0, 0, 2)
	IPv4zero      = IPv4(0, 0, 0, 0)
)

var (
	IPv6zero                   = IP{0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0}
	IPv6unspecified            = IP{0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0}
	IPv6loopback               = IP{0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1}
	IPv6interfacelocalallnodes = IP{0xff, 0x01, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0x01}
	IPv6linklocalallnodes      = IP{0xff, 0x02, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0x01}
	IPv6linklocalallrouters    = IP{0xff, 0x02, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0x02}
)

func (ip IP) IsUnspecified() bool

func (ip IP) IsLoopback() bool

func (ip IP) IsPrivate() bool

func (ip IP) IsMulticast() bool

func (ip IP) IsInterfaceLocalMulticast() bool

func (ip IP) IsLinkLocalMulticast() bool

func (ip IP) IsLinkLocalUnicast() bool

func (ip IP) IsGlobalUnicast() bool

func (ip IP) To4() IP

func (ip IP) To16() IP

func (ip IP) DefaultMask() IPMask

func (ip IP) Mask(mask IPMask) IP

func (ip IP) String() string

func (ip IP) AppendText(b []byte) ([]byte, error)

func (ip IP) MarshalText() ([]byte, error)

func (ip *IP) UnmarshalText(text []byte) error

func (ip IP) Equal(x IP) bool

func (m IPMask) Size() (ones, bits int)

func (m IPMask) String() string

func (n *IPNet) Contains(ip IP) bool

func (n *IPNet) Network() string

func (n *IPNet) String() string

func ParseIP(s string) IP

func ParseCIDR(s string) (IP, *IPNet, error)

type IPAddr struct {
	IP   IP
	Zone string
}

func (a *IPAddr) Network() string

func (a *IPAddr) String() string

func ResolveIPAddr(network, address string) (*IPAddr, error)

type IPConn struct {
}

func (c *IPConn) SyscallConn() (syscall.RawConn, error)

func (c *IPConn) ReadFromIP(b []byte) (int, *IPAddr, error)

func (c *IPConn) ReadFrom(b []byte) (int, Addr, error)

func (c *IPConn) ReadMsgIP(b, oob []byte) (n, oobn, flags int, addr *IPAddr, err error)

func (c *IPConn) WriteToIP(b []byte, addr *IPAddr) (int, error)

func (c *IPConn) WriteTo(b []byte, addr Addr) (int, error)

func (c *IPConn) WriteMsgIP(b, oob []byte, addr *IPAddr) (n, oobn int, err error)

func DialIP(network string, laddr, raddr *IPAddr) (*IPConn, error)

func ListenIP(network string, laddr *IPAddr) (*IPConn, error)

func SplitHostPort(hostport string) (host, port string, err error)

func JoinHostPort(host, port string) string

var DefaultResolver = &Resolver{}

type Resolver struct {
	PreferGo bool

	StrictErrors bool

	Dial func(ctx context.Context, network, address string) (Conn, error)
}

func LookupHost(host string) (addrs []string, err error)

func (r *Resolver) LookupHost(ctx context.Context, host string) (addrs []string, err error)

func LookupIP(host string) ([]IP, error)

func (r *Resolver) LookupIPAddr(ctx context.Context, host string) ([]IPAddr, error)

func (r *Resolver) LookupIP(ctx context.Context, network, host string) ([]IP, error)

func (r *Resolver) LookupNetIP(ctx context.Context, network, host string) ([]netip.Addr, error)

func (ovc *onlyValuesCtx) Value(key any) any

func LookupPort(network, service string) (port int, err error)

func (r *Resolver) LookupPort(ctx context.Context, network, service string) (port int, err error)

func LookupCNAME(host string) (cname string, err error)

func (r *Resolver) LookupCNAME(ctx context.Context, host string) (string, error)

func LookupSRV(service, proto, name string) (cname string, addrs []*SRV, err error)

func (r *Resolver) LookupSRV(ctx context.Context, service, proto, name string) (string, []*SRV, error)

func LookupMX(name string) ([]*MX, error)

func (r *Resolver) LookupMX(ctx context.Context, name string) ([]*MX, error)

func LookupNS(name string) ([]*NS, error)

func (r *Resolver) LookupNS(ctx context.Context, name string) ([]*NS, error)

func LookupTXT(name string) ([]string, error)

func (r *Resolver) LookupTXT(ctx context.Context, name string) ([]string, error)

func LookupAddr(addr string) (names []string, err error)

func (r *Resolver) LookupAddr(ctx context.Context, addr string) ([]string, error)

type HardwareAddr []byte

func (a HardwareAddr) String() string

func ParseMAC(s string) (hw HardwareAddr, err error)

type Addr interface {
	Network() string
	String() string
}

type Conn interface {
	Read(b []byte) (n int, err error)

	Write(b []byte) (n int, err error)

	Close() error

	LocalAddr() Addr

	RemoteAddr() Addr

	SetDeadline(t time.Time) error

	SetReadDeadline(t time.Time) error

	SetWriteDeadline(t time.Time) error
}

func (c *conn) Read(b []byte) (int, error)

func (c *conn) Write(b []byte) (int, error)

func (c *conn) Close() error

func (c *conn) LocalAddr() Addr

func (c *conn) RemoteAddr() Addr

func (c *conn) SetDeadline(t time.Time) error

func (c *conn) SetReadDeadline(t time.Time) error

func (c *conn) SetWriteDeadline(t time.Time) error

func (c *conn) SetReadBuffer(bytes int) error

func (c *conn) SetWriteBuffer(bytes int) error

func (c *conn) File() (f *os.File, err error)

type PacketConn interface {
	ReadFrom(p []byte) (n int, addr Addr, err error)

	WriteTo(p []byte, addr Addr) (n int, err error)

	Close() error

	LocalAddr() Addr

	SetDeadline(t time.Time) error

	SetReadDeadline(t time.Time) error

	SetWriteDeadline(t time.Time) error
}

type Listener interface {
	Accept() (Conn, error)

	Close() error

	Addr() Addr
}

type Error interface {
	Timeout() bool

	Temporary() bool
}

var (
	ErrWriteToConnected error
)

func (canceledError) Error() string

func (canceledError) Is(err error) bool

type OpError struct {
	Op string

	Net string

	Source Addr

	Addr Addr

	Err error
}

func (e *OpError) Unwrap() error

func (e *OpError) Error() string

func (e *OpError) Timeout() bool

func (e *OpError) Temporary() bool

type ParseError struct {
	Type string

	Text string
}

func (e *ParseError) Error() string

func (e *ParseError) Timeout() bool

func (e *ParseError) Temporary() bool

type AddrError struct {
	Err  string
	Addr string
}

func (e *AddrError) Error() string

func (e *AddrError) Timeout() bool

func (e *AddrError) Temporary() bool

type UnknownNetworkError string

func (e UnknownNetworkError) Error() string

func (e UnknownNetworkError) Timeout() bool

func (e UnknownNetworkError) Temporary() bool

type InvalidAddrError string

func (e InvalidAddrError) Error() string

func (e InvalidAddrError) Timeout() bool

func (e InvalidAddrError) Temporary() bool

func (e *timeoutError) Error() string

func (e *timeoutError) Timeout() bool

func (e *timeoutError) Temporary() bool

func (e *timeoutError) Is(err error) bool

type DNSConfigError struct {
	Err error
}

func (e *DNSConfigError) Unwrap() error

func (e *DNSConfigError) Error() string

func (e *DNSConfigError) Timeout() bool

func (e *DNSConfigError) Temporary() bool

func (e *notFoundError) Error() string

func (e *temporaryError) Error() string

func (e *temporaryError) Temporary() bool

func (e *temporaryError) Timeout() bool

type DNSError struct {
	UnwrapErr   error
	Err         string
	Name        string
	Server      string
	IsTimeout   bool
	IsTemporary bool

	IsNotFound bool
}

func (e *DNSError) Unwrap() error

func (e *DNSError) Error() string

func (e *DNSError) Timeout() bool

func (e *DNSError) Temporary() bool

var ErrClosed error

func (noReadFrom) ReadFrom(io.Reader) (int64, error)

func (noWriteTo) WriteTo(io.Writer) (int64, error)

type Buffers [][]byte

func (v *Buffers) WriteTo(w io.Writer) (n int64, err error)

func (v *Buffers) Read(p []byte) (n int, err error)

func (pipeAddr) Network() string

func (pipeAddr) String() string

func Pipe() (Conn, Conn)

func (*pipe) LocalAddr() Addr

func (*pipe) RemoteAddr() Addr

func (p *pipe) Read(b []byte) (int, error)

func (p *pipe) Write(b []byte) (int, error)

func (p *pipe) SetDeadline(t time.Time) error

func (p *pipe) SetReadDeadline(t time.Time) error

func (p *pipe) SetWriteDeadline(t time.Time) error

func (p *pipe) Close() error

func (c *rawConn) Control(f func(uintptr)) error

func (c *rawConn) Read(f func(uintptr) bool) error

func (c *rawConn) Write(f func(uintptr) bool) error

func (c *rawConn) PollFD() *poll.FD

func (c *rawConn) Network() poll.String

func (l *rawListener) Read(func(uintptr) bool) error

func (l *rawListener) Write(func(uintptr) bool) error

type TCPAddr struct {
	IP   IP
	Port int
	Zone string
}

func (a *TCPAddr) AddrPort() netip.AddrPort

func (a *TCPAddr) Network() string

func (a *TCPAddr) String() string

func ResolveTCPAddr(network, address string) (*TCPAddr, error)

func TCPAddrFromAddrPort(addr netip.AddrPort) *TCPAddr

type TCPConn struct {
}

type KeepAliveConfig struct {
	Enable bool

	Idle time.Duration

	Interval time.Duration

	Count int
}

func (c *TCPConn) SyscallConn() (syscall.RawConn, error)

func (c *TCPConn) ReadFrom(r io.Reader) (int64, error)

func (c *TCPConn) WriteTo(w io.Writer) (int64, error)

func (c *TCPConn) CloseRead() error

func (c *TCPConn) CloseWrite() error

func (c *TCPConn) SetLinger(sec int) error

func (c *TCPConn) SetKeepAlive(keepalive bool) error

func (c *TCPConn) SetKeepAlivePeriod(d time.Duration) error

func (c *TCPConn) SetNoDelay(noDelay bool) error

func (c *TCPConn) MultipathTCP() (bool, error)

func DialTCP(network string, laddr, raddr *TCPAddr) (*TCPConn, error)

type TCPListener struct {
}

func (l *TCPListener) SyscallConn() (syscall.RawConn, error)

func (l *TCPListener) AcceptTCP() (*TCPConn, error)

func (l *TCPListener) Accept() (Conn, error)

func (l *TCPListener) Close() error

func (l *TCPListener) Addr() Addr

func (l *TCPListener) SetDeadline(t time.Time) error

func (l *TCPListener) File() (f *os.File, err error)

func ListenTCP(network string, laddr *TCPAddr) (*TCPListener, error)

func (c *TCPConn) SetKeepAliveConfig(config KeepAliveConfig) error

type UDPAddr struct {
	IP   IP
	Port int
	Zone string
}

func (a *UDPAddr) AddrPort() netip.AddrPort

func (a *UDPAddr) Network() string

func (a *UDPAddr) String() string

func ResolveUDPAddr(network, address string) (*UDPAddr, error)

func UDPAddrFromAddrPort(addr netip.AddrPort) *UDPAddr

func (addrPortUDPAddr) Network() string

type UDPConn struct {
}

func (c *UDPConn) SyscallConn() (syscall.RawConn, error)

func (c *UDPConn) ReadFromUDP(b []byte) (n int, addr *UDPAddr, err error)

func (c *UDPConn) ReadFrom(b []byte) (int, Addr, error)

func (c *UDPConn) ReadFromUDPAddrPort(b []byte) (n int, addr netip.AddrPort, err error)

func (c *UDPConn) ReadMsgUDP(b, oob []byte) (n, oobn, flags int, addr *UDPAddr, err error)

func (c *UDPConn) ReadMsgUDPAddrPort(b, oob []byte) (n, oobn, flags int, addr netip.AddrPort, err error)

func (c *UDPConn) WriteToUDP(b []byte, addr *UDPAddr) (int, error)

func (c *UDPConn) WriteToUDPAddrPort(b []byte, addr netip.AddrPort) (int, error)

func (c *UDPConn) WriteTo(b []byte, addr Addr) (int, error)

func (c *UDPConn) WriteMsgUDP(b, oob []byte, addr *UDPAddr) (n, oobn int, err error)

func (c *UDPConn) WriteMsgUDPAddrPort(b, oob []byte, addr netip.AddrPort) (n, oobn int, err error)

func DialUDP(network string, laddr, raddr *UDPAddr) (*UDPConn, error)

func ListenUDP(network string, laddr *UDPAddr) (*UDPConn, error)

func ListenMulticastUDP(network string, ifi *Interface, gaddr *UDPAddr) (*UDPConn, error)

type UnixAddr struct {
	Name string
	Net  string
}

func (a *UnixAddr) Network() string

func (a *UnixAddr) String() string

func ResolveUnixAddr(network, address string) (*UnixAddr, error)

type UnixConn struct {
}

func (c *UnixConn) SyscallConn() (syscall.RawConn, error)

func (c *UnixConn) CloseRead() error

func (c *UnixConn) CloseWrite() error

func (c *UnixConn) ReadFromUnix(b []byte) (int, *UnixAddr, error)

func (c *UnixConn) ReadFrom(b []byte) (int, Addr, error)

func (c *UnixConn) ReadMsgUnix(b, oob []byte) (n, oobn, flags int, addr *UnixAddr, err error)

func (c *UnixConn) WriteToUnix(b []byte, addr *UnixAddr) (int, error)

func (c *UnixConn) WriteTo(b []byte, addr Addr) (int, error)

func (c *UnixConn) WriteMsgUnix(b, oob []byte, addr *UnixAddr) (n, oobn int, err error)

func DialUnix(network string, laddr, raddr *UnixAddr) (*UnixConn, error)

type UnixListener struct {
}

func (l *UnixListener) SyscallConn() (syscall.RawConn, error)

func (l *UnixListener) AcceptUnix() (*UnixConn, error)

func (l *UnixListener) Accept() (Conn, error)

func (l *UnixListener) Close() error

func (l *UnixListener) Addr() Addr

func (l *UnixListener) SetDeadline(t time.Time) error

func (l *UnixListener) File() (f *os.File, err error)

func ListenUnix(network string, laddr *UnixAddr) (*UnixListener, error)

func ListenUnixgram(network string, laddr *UnixAddr) (*UnixConn, error)

func (l *UnixListener) SetUnlinkOnClose(unlink bool)
