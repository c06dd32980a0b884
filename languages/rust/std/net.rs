//! Connections.

/// An address of the internet.
pub enum IpAddr {
    /// Of version 4.
    V4(Ipv4Addr),
    /// Of version 6.
    V6(Ipv6Addr),
}
/// An address of version 4.
pub struct Ipv4Addr {}
impl Ipv4Addr {
    /// The machine itself.
    pub const LOCALHOST: Ipv4Addr;
    /// Of four numbers.
    pub const fn new(a: u8, b: u8, c: u8, d: u8) -> Ipv4Addr;
}
/// An address of version 6.
pub struct Ipv6Addr {}
/// An address with a port.
pub enum SocketAddr {
    /// Of version 4.
    V4(SocketAddrV4),
    /// Of version 6.
    V6(SocketAddrV6),
}
impl SocketAddr {
    /// Of an address and a port.
    pub const fn new(ip: IpAddr, port: u16) -> SocketAddr;
    /// The address.
    pub const fn ip(&self) -> IpAddr;
    /// The port.
    pub const fn port(&self) -> u16;
}
/// An address of version 4 with a port.
pub struct SocketAddrV4 {}
/// An address of version 6 with a port.
pub struct SocketAddrV6 {}
/// Stands for addresses.
pub trait ToSocketAddrs {
    /// The addresses.
    type Iter: Iterator<Item = SocketAddr>;
    /// Looks them up.
    fn to_socket_addrs(&self) -> io::Result<Self::Iter>;
}
/// A connection.
pub struct TcpStream {}
impl TcpStream {
    /// Connects.
    pub fn connect<A: ToSocketAddrs>(addr: A) -> io::Result<TcpStream>;
    /// The address of the other side.
    pub fn peer_addr(&self) -> io::Result<SocketAddr>;
    /// The address of this side.
    pub fn local_addr(&self) -> io::Result<SocketAddr>;
    /// Ends reading or writing.
    pub fn shutdown(&self, how: Shutdown) -> io::Result<()>;
    /// A second handle on it.
    pub fn try_clone(&self) -> io::Result<TcpStream>;
    /// How long reading waits.
    pub fn set_read_timeout(&self, dur: Option<Duration>) -> io::Result<()>;
    /// How long writing waits.
    pub fn set_write_timeout(&self, dur: Option<Duration>) -> io::Result<()>;
    /// Sends small pieces at once?
    pub fn set_nodelay(&self, nodelay: bool) -> io::Result<()>;
    /// Waits for nothing?
    pub fn set_nonblocking(&self, nonblocking: bool) -> io::Result<()>;
}
/// Accepts connections.
pub struct TcpListener {}
impl TcpListener {
    /// Takes an address.
    pub fn bind<A: ToSocketAddrs>(addr: A) -> io::Result<TcpListener>;
    /// Waits for a connection.
    pub fn accept(&self) -> io::Result<(TcpStream, SocketAddr)>;
    /// Connections, one after the other.
    pub fn incoming(&self) -> Incoming<'_>;
    /// Its address.
    pub fn local_addr(&self) -> io::Result<SocketAddr>;
}
/// Connections of a listener.
pub struct Incoming<'a> {}
/// Sends and receives packets.
pub struct UdpSocket {}
impl UdpSocket {
    /// Takes an address.
    pub fn bind<A: ToSocketAddrs>(addr: A) -> io::Result<UdpSocket>;
    /// Sends a packet.
    pub fn send_to<A: ToSocketAddrs>(&self, buf: &[u8], addr: A) -> io::Result<usize>;
    /// Waits for a packet.
    pub fn recv_from(&self, buf: &mut [u8]) -> io::Result<(usize, SocketAddr)>;
}
/// What is ended of a connection.
pub enum Shutdown { Read, Write, Both }
/// A text that is no address.
pub struct AddrParseError {}
