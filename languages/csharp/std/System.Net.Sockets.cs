using System;
using System.Collections;
using System.Collections.Generic;
using System.ComponentModel;
using System.IO;
using System.Net;
using System.Runtime.Serialization;
using System.Threading;
using System.Threading.Tasks;

namespace System.Net.Sockets
{
    /// <summary>Kinds of addresses.</summary>
    public enum AddressFamily
    {
        Unspecified,
        Unix,
        InterNetwork,
        ImpLink,
        Pup,
        Chaos,
        NS,
        Ipx,
        Iso,
        Osi,
        Ecma,
        DataKit,
        Ccitt,
        Sna,
        DecNet,
        DataLink,
        Lat,
        HyperChannel,
        AppleTalk,
        NetBios,
        VoiceView,
        FireFox,
        Banyan,
        Atm,
        InterNetworkV6,
        Cluster,
        Ieee12844,
        Irda,
        NetworkDesigners,
        Max,
        Unknown,
    }

    /// <summary>Bytes of a connection.</summary>
    public class NetworkStream : Stream
    {
        public NetworkStream(Socket socket) { }
        public NetworkStream(Socket socket, bool ownsSocket) { }
        public NetworkStream(Socket socket, FileAccess access) { }
        public NetworkStream(Socket socket, FileAccess access, bool ownsSocket) { }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanTimeout { get; }
        public override bool CanWrite { get; }
        public virtual bool DataAvailable { get; }
        public override long Length { get; }
        public override long Position { get; set; }
        public override int ReadTimeout { get; set; }
        protected bool Readable { get; set; }
        protected Socket Socket { get; }
        public override int WriteTimeout { get; set; }
        protected bool Writeable { get; set; }
        public override IAsyncResult BeginRead(byte[] buffer, int offset, int size, AsyncCallback callback, object state);
        public override IAsyncResult BeginWrite(byte[] buffer, int offset, int size, AsyncCallback callback, object state);
        public void Close(int timeout);
        protected override void Dispose(bool disposing);
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public override Task FlushAsync(CancellationToken cancellationToken);
        public override int Read(System.Span<byte> destination);
        public override int Read(byte[] buffer, int offset, int size);
        public override System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<byte> buffer, CancellationToken cancellationToken);
        public override Task<int> ReadAsync(byte[] buffer, int offset, int size, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin origin);
        public override void SetLength(long value);
        public override void Write(System.ReadOnlySpan<byte> source);
        public override void Write(byte[] buffer, int offset, int size);
        public override System.Threading.Tasks.ValueTask WriteAsync(System.ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken);
        public override Task WriteAsync(byte[] buffer, int offset, int size, CancellationToken cancellationToken);
        public override void WriteByte(byte value);
    }

    /// <summary>Protocols.</summary>
    public enum ProtocolType
    {
        IP,
        IPv6HopByHopOptions,
        Unspecified,
        Icmp,
        Igmp,
        Ggp,
        IPv4,
        Tcp,
        Pup,
        Udp,
        Idp,
        IPv6,
        IPv6RoutingHeader,
        IPv6FragmentHeader,
        IPSecEncapsulatingSecurityPayload,
        IPSecAuthenticationHeader,
        IcmpV6,
        IPv6NoNextHeader,
        IPv6DestinationOptions,
        ND,
        Raw,
        Ipx,
        Spx,
        SpxII,
        Unknown,
    }

    /// <summary>A connection.</summary>
    public class Socket : IDisposable
    {
        public Socket(SocketInformation socketInformation) { }
        public Socket(SocketType socketType, ProtocolType protocolType) { }
        public Socket(AddressFamily addressFamily, SocketType socketType, ProtocolType protocolType) { }
        public AddressFamily AddressFamily { get; }
        public int Available { get; }
        public bool Blocking { get; set; }
        public bool Connected { get; }
        public bool DontFragment { get; set; }
        public bool DualMode { get; set; }
        public bool EnableBroadcast { get; set; }
        public bool ExclusiveAddressUse { get; set; }
        public IntPtr Handle { get; }
        public bool IsBound { get; }
        public LingerOption LingerState { get; set; }
        public EndPoint LocalEndPoint { get; }
        public bool MulticastLoopback { get; set; }
        public bool NoDelay { get; set; }
        public static bool OSSupportsIPv4 { get; }
        public static bool OSSupportsIPv6 { get; }
        public ProtocolType ProtocolType { get; }
        public int ReceiveBufferSize { get; set; }
        public int ReceiveTimeout { get; set; }
        public EndPoint RemoteEndPoint { get; }
        public int SendBufferSize { get; set; }
        public int SendTimeout { get; set; }
        public SocketType SocketType { get; }
        public static bool SupportsIPv4 { get; }
        public static bool SupportsIPv6 { get; }
        public short Ttl { get; set; }
        public bool UseOnlyOverlappedIO { get; set; }
        public Socket Accept();
        public bool AcceptAsync(SocketAsyncEventArgs e);
        public IAsyncResult BeginAccept(AsyncCallback callback, object state);
        public IAsyncResult BeginAccept(int receiveSize, AsyncCallback callback, object state);
        public IAsyncResult BeginAccept(Socket acceptSocket, int receiveSize, AsyncCallback callback, object state);
        public IAsyncResult BeginConnect(EndPoint remoteEP, AsyncCallback callback, object state);
        public IAsyncResult BeginConnect(IPAddress address, int port, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginConnect(IPAddress[] addresses, int port, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginConnect(string host, int port, AsyncCallback callback, object state);
        public IAsyncResult BeginDisconnect(bool reuseSocket, AsyncCallback callback, object state);
        public IAsyncResult BeginReceive(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, AsyncCallback callback, object state);
        public IAsyncResult BeginReceive(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, out SocketError errorCode, AsyncCallback callback, object state);
        public IAsyncResult BeginReceive(byte[] buffer, int offset, int size, SocketFlags socketFlags, AsyncCallback callback, object state);
        public IAsyncResult BeginReceive(byte[] buffer, int offset, int size, SocketFlags socketFlags, out SocketError errorCode, AsyncCallback callback, object state);
        public IAsyncResult BeginReceiveFrom(byte[] buffer, int offset, int size, SocketFlags socketFlags, ref EndPoint remoteEP, AsyncCallback callback, object state);
        public IAsyncResult BeginReceiveMessageFrom(byte[] buffer, int offset, int size, SocketFlags socketFlags, ref EndPoint remoteEP, AsyncCallback callback, object state);
        public IAsyncResult BeginSend(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, AsyncCallback callback, object state);
        public IAsyncResult BeginSend(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, out SocketError errorCode, AsyncCallback callback, object state);
        public IAsyncResult BeginSend(byte[] buffer, int offset, int size, SocketFlags socketFlags, AsyncCallback callback, object state);
        public IAsyncResult BeginSend(byte[] buffer, int offset, int size, SocketFlags socketFlags, out SocketError errorCode, AsyncCallback callback, object state);
        public IAsyncResult BeginSendFile(string fileName, AsyncCallback callback, object state);
        public IAsyncResult BeginSendFile(string fileName, byte[] preBuffer, byte[] postBuffer, TransmitFileOptions flags, AsyncCallback callback, object state);
        public IAsyncResult BeginSendTo(byte[] buffer, int offset, int size, SocketFlags socketFlags, EndPoint remoteEP, AsyncCallback callback, object state);
        public void Bind(EndPoint localEP);
        public static void CancelConnectAsync(SocketAsyncEventArgs e);
        public void Close();
        public void Close(int timeout);
        public void Connect(EndPoint remoteEP);
        public void Connect(IPAddress address, int port);
        public void Connect(IPAddress[] addresses, int port);
        public void Connect(string host, int port);
        public bool ConnectAsync(SocketAsyncEventArgs e);
        public static bool ConnectAsync(SocketType socketType, ProtocolType protocolType, SocketAsyncEventArgs e);
        public void Disconnect(bool reuseSocket);
        public bool DisconnectAsync(SocketAsyncEventArgs e);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public SocketInformation DuplicateAndClose(int targetProcessId);
        public Socket EndAccept(IAsyncResult asyncResult);
        public Socket EndAccept(out byte[] buffer, IAsyncResult asyncResult);
        public Socket EndAccept(out byte[] buffer, out int bytesTransferred, IAsyncResult asyncResult);
        public void EndConnect(IAsyncResult asyncResult);
        public void EndDisconnect(IAsyncResult asyncResult);
        public int EndReceive(IAsyncResult asyncResult);
        public int EndReceive(IAsyncResult asyncResult, out SocketError errorCode);
        public int EndReceiveFrom(IAsyncResult asyncResult, ref EndPoint endPoint);
        public int EndReceiveMessageFrom(IAsyncResult asyncResult, ref SocketFlags socketFlags, ref EndPoint endPoint, out IPPacketInformation ipPacketInformation);
        public int EndSend(IAsyncResult asyncResult);
        public int EndSend(IAsyncResult asyncResult, out SocketError errorCode);
        public void EndSendFile(IAsyncResult asyncResult);
        public int EndSendTo(IAsyncResult asyncResult);
        public object GetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName);
        public byte[] GetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, int optionLength);
        public void GetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, byte[] optionValue);
        public int IOControl(int ioControlCode, byte[] optionInValue, byte[] optionOutValue);
        public int IOControl(IOControlCode ioControlCode, byte[] optionInValue, byte[] optionOutValue);
        public void Listen(int backlog);
        public bool Poll(int microSeconds, SelectMode mode);
        public int Receive(byte[] buffer);
        public int Receive(IList<ArraySegment<byte>> buffers);
        public int Receive(System.Span<byte> buffer);
        public int Receive(byte[] buffer, SocketFlags socketFlags);
        public int Receive(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags);
        public int Receive(System.Span<byte> buffer, SocketFlags socketFlags);
        public int Receive(byte[] buffer, int size, SocketFlags socketFlags);
        public int Receive(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, out SocketError errorCode);
        public int Receive(System.Span<byte> buffer, SocketFlags socketFlags, out SocketError errorCode);
        public int Receive(byte[] buffer, int offset, int size, SocketFlags socketFlags);
        public int Receive(byte[] buffer, int offset, int size, SocketFlags socketFlags, out SocketError errorCode);
        public bool ReceiveAsync(SocketAsyncEventArgs e);
        public int ReceiveFrom(byte[] buffer, ref EndPoint remoteEP);
        public int ReceiveFrom(byte[] buffer, SocketFlags socketFlags, ref EndPoint remoteEP);
        public int ReceiveFrom(byte[] buffer, int size, SocketFlags socketFlags, ref EndPoint remoteEP);
        public int ReceiveFrom(byte[] buffer, int offset, int size, SocketFlags socketFlags, ref EndPoint remoteEP);
        public bool ReceiveFromAsync(SocketAsyncEventArgs e);
        public int ReceiveMessageFrom(byte[] buffer, int offset, int size, ref SocketFlags socketFlags, ref EndPoint remoteEP, out IPPacketInformation ipPacketInformation);
        public bool ReceiveMessageFromAsync(SocketAsyncEventArgs e);
        public static void Select(IList checkRead, IList checkWrite, IList checkError, int microSeconds);
        public int Send(byte[] buffer);
        public int Send(IList<ArraySegment<byte>> buffers);
        public int Send(System.ReadOnlySpan<byte> buffer);
        public int Send(byte[] buffer, SocketFlags socketFlags);
        public int Send(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags);
        public int Send(System.ReadOnlySpan<byte> buffer, SocketFlags socketFlags);
        public int Send(byte[] buffer, int size, SocketFlags socketFlags);
        public int Send(IList<ArraySegment<byte>> buffers, SocketFlags socketFlags, out SocketError errorCode);
        public int Send(System.ReadOnlySpan<byte> buffer, SocketFlags socketFlags, out SocketError errorCode);
        public int Send(byte[] buffer, int offset, int size, SocketFlags socketFlags);
        public int Send(byte[] buffer, int offset, int size, SocketFlags socketFlags, out SocketError errorCode);
        public bool SendAsync(SocketAsyncEventArgs e);
        public void SendFile(string fileName);
        public void SendFile(string fileName, byte[] preBuffer, byte[] postBuffer, TransmitFileOptions flags);
        public bool SendPacketsAsync(SocketAsyncEventArgs e);
        public int SendTo(byte[] buffer, EndPoint remoteEP);
        public int SendTo(byte[] buffer, SocketFlags socketFlags, EndPoint remoteEP);
        public int SendTo(byte[] buffer, int size, SocketFlags socketFlags, EndPoint remoteEP);
        public int SendTo(byte[] buffer, int offset, int size, SocketFlags socketFlags, EndPoint remoteEP);
        public bool SendToAsync(SocketAsyncEventArgs e);
        public void SetIPProtectionLevel(IPProtectionLevel level);
        public void SetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, bool optionValue);
        public void SetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, byte[] optionValue);
        public void SetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, int optionValue);
        public void SetSocketOption(SocketOptionLevel optionLevel, SocketOptionName optionName, object optionValue);
        public void Shutdown(SocketShutdown how);
    }

    /// <summary>A connection failed.</summary>
    public class SocketException : Win32Exception
    {
        public SocketException() { }
        public SocketException(int errorCode) { }
        protected SocketException(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public override int ErrorCode { get; }
        public override string Message { get; }
        public SocketError SocketErrorCode { get; }
    }

    /// <summary>How bytes are sent.</summary>
    public enum SocketFlags
    {
        None,
        OutOfBand,
        Peek,
        DontRoute,
        MaxIOVectorLength,
        Truncated,
        ControlDataTruncated,
        Broadcast,
        Multicast,
        Partial,
    }

    /// <summary>Kinds of connections.</summary>
    public enum SocketType
    {
        Stream,
        Dgram,
        Raw,
        Rdm,
        Seqpacket,
        Unknown,
    }

    /// <summary>A connection.</summary>
    public class TcpClient : IDisposable
    {
        public TcpClient() { }
        public TcpClient(IPEndPoint localEP) { }
        public TcpClient(AddressFamily family) { }
        public TcpClient(string hostname, int port) { }
        protected bool Active { get; set; }
        public int Available { get; }
        public Socket Client { get; set; }
        public bool Connected { get; }
        public bool ExclusiveAddressUse { get; set; }
        public LingerOption LingerState { get; set; }
        public bool NoDelay { get; set; }
        public int ReceiveBufferSize { get; set; }
        public int ReceiveTimeout { get; set; }
        public int SendBufferSize { get; set; }
        public int SendTimeout { get; set; }
        public IAsyncResult BeginConnect(IPAddress address, int port, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginConnect(IPAddress[] addresses, int port, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginConnect(string host, int port, AsyncCallback requestCallback, object state);
        public void Close();
        public void Connect(IPEndPoint remoteEP);
        public void Connect(IPAddress address, int port);
        public void Connect(IPAddress[] ipAddresses, int port);
        public void Connect(string hostname, int port);
        public Task ConnectAsync(IPAddress address, int port);
        public Task ConnectAsync(IPAddress[] addresses, int port);
        public Task ConnectAsync(string host, int port);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public void EndConnect(IAsyncResult asyncResult);
        public NetworkStream GetStream();
    }

    /// <summary>Accepts connections.</summary>
    public class TcpListener
    {
        public TcpListener(int port) { }
        public TcpListener(IPEndPoint localEP) { }
        public TcpListener(IPAddress localaddr, int port) { }
        protected bool Active { get; }
        public bool ExclusiveAddressUse { get; set; }
        public EndPoint LocalEndpoint { get; }
        public Socket Server { get; }
        public Socket AcceptSocket();
        public Task<Socket> AcceptSocketAsync();
        public TcpClient AcceptTcpClient();
        public Task<TcpClient> AcceptTcpClientAsync();
        public void AllowNatTraversal(bool allowed);
        public IAsyncResult BeginAcceptSocket(AsyncCallback callback, object state);
        public IAsyncResult BeginAcceptTcpClient(AsyncCallback callback, object state);
        public static TcpListener Create(int port);
        public Socket EndAcceptSocket(IAsyncResult asyncResult);
        public TcpClient EndAcceptTcpClient(IAsyncResult asyncResult);
        public bool Pending();
        public void Start();
        public void Start(int backlog);
        public void Stop();
    }

    /// <summary>Sends and receives packets.</summary>
    public class UdpClient : IDisposable
    {
        public UdpClient() { }
        public UdpClient(int port) { }
        public UdpClient(IPEndPoint localEP) { }
        public UdpClient(AddressFamily family) { }
        public UdpClient(int port, AddressFamily family) { }
        public UdpClient(string hostname, int port) { }
        protected bool Active { get; set; }
        public int Available { get; }
        public Socket Client { get; set; }
        public bool DontFragment { get; set; }
        public bool EnableBroadcast { get; set; }
        public bool ExclusiveAddressUse { get; set; }
        public bool MulticastLoopback { get; set; }
        public short Ttl { get; set; }
        public void AllowNatTraversal(bool allowed);
        public IAsyncResult BeginReceive(AsyncCallback requestCallback, object state);
        public IAsyncResult BeginSend(byte[] datagram, int bytes, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginSend(byte[] datagram, int bytes, IPEndPoint endPoint, AsyncCallback requestCallback, object state);
        public IAsyncResult BeginSend(byte[] datagram, int bytes, string hostname, int port, AsyncCallback requestCallback, object state);
        public void Close();
        public void Connect(IPEndPoint endPoint);
        public void Connect(IPAddress addr, int port);
        public void Connect(string hostname, int port);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public void DropMulticastGroup(IPAddress multicastAddr);
        public void DropMulticastGroup(IPAddress multicastAddr, int ifindex);
        public byte[] EndReceive(IAsyncResult asyncResult, ref IPEndPoint remoteEP);
        public int EndSend(IAsyncResult asyncResult);
        public void JoinMulticastGroup(IPAddress multicastAddr);
        public void JoinMulticastGroup(int ifindex, IPAddress multicastAddr);
        public void JoinMulticastGroup(IPAddress multicastAddr, int timeToLive);
        public void JoinMulticastGroup(IPAddress multicastAddr, IPAddress localAddress);
        public byte[] Receive(ref IPEndPoint remoteEP);
        public Task<UdpReceiveResult> ReceiveAsync();
        public int Send(byte[] dgram, int bytes);
        public int Send(byte[] dgram, int bytes, IPEndPoint endPoint);
        public int Send(byte[] dgram, int bytes, string hostname, int port);
        public Task<int> SendAsync(byte[] datagram, int bytes);
        public Task<int> SendAsync(byte[] datagram, int bytes, IPEndPoint endPoint);
        public Task<int> SendAsync(byte[] datagram, int bytes, string hostname, int port);
    }
}
