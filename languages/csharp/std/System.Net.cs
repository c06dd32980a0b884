using System;
using System.Collections;
using System.Collections.Specialized;
using System.ComponentModel;
using System.IO;
using System.Net.Sockets;
using System.Runtime.Serialization;
using System.Security;
using System.Text;
using System.Threading.Tasks;

namespace System.Net
{
    /// <summary>A cookie.</summary>
    public sealed class Cookie
    {
        public Cookie() { }
        public Cookie(string name, string value) { }
        public Cookie(string name, string value, string path) { }
        public Cookie(string name, string value, string path, string domain) { }
        public string Comment { get; set; }
        public Uri CommentUri { get; set; }
        public bool Discard { get; set; }
        public string Domain { get; set; }
        public bool Expired { get; set; }
        public DateTime Expires { get; set; }
        public bool HttpOnly { get; set; }
        public string Name { get; set; }
        public string Path { get; set; }
        public string Port { get; set; }
        public bool Secure { get; set; }
        public DateTime TimeStamp { get; }
        public string Value { get; set; }
        public int Version { get; set; }
    }

    /// <summary>Cookies.</summary>
    public class CookieContainer
    {
        public static int DefaultCookieLengthLimit;
        public static int DefaultCookieLimit;
        public static int DefaultPerDomainCookieLimit;
        public CookieContainer() { }
        public CookieContainer(int capacity) { }
        public CookieContainer(int capacity, int perDomainCapacity, int maxCookieSize) { }
        public int Capacity { get; set; }
        public int Count { get; }
        public int MaxCookieSize { get; set; }
        public int PerDomainCapacity { get; set; }
        public void Add(Cookie cookie);
        public void Add(CookieCollection cookies);
        public void Add(Uri uri, Cookie cookie);
        public void Add(Uri uri, CookieCollection cookies);
        public string GetCookieHeader(Uri uri);
        public CookieCollection GetCookies(Uri uri);
        public void SetCookies(Uri uri, string cookieHeader);
    }

    /// <summary>Looks up names.</summary>
    public static class Dns
    {
        public static IAsyncResult BeginGetHostAddresses(string hostNameOrAddress, AsyncCallback requestCallback, object state);
        public static IAsyncResult BeginGetHostByName(string hostName, AsyncCallback requestCallback, object stateObject);
        public static IAsyncResult BeginGetHostEntry(IPAddress address, AsyncCallback requestCallback, object stateObject);
        public static IAsyncResult BeginGetHostEntry(string hostNameOrAddress, AsyncCallback requestCallback, object stateObject);
        public static IAsyncResult BeginResolve(string hostName, AsyncCallback requestCallback, object stateObject);
        public static IPAddress[] EndGetHostAddresses(IAsyncResult asyncResult);
        public static IPHostEntry EndGetHostByName(IAsyncResult asyncResult);
        public static IPHostEntry EndGetHostEntry(IAsyncResult asyncResult);
        public static IPHostEntry EndResolve(IAsyncResult asyncResult);
        public static IPAddress[] GetHostAddresses(string hostNameOrAddress);
        public static Task<IPAddress[]> GetHostAddressesAsync(string hostNameOrAddress);
        public static IPHostEntry GetHostByAddress(IPAddress address);
        public static IPHostEntry GetHostByAddress(string address);
        public static IPHostEntry GetHostByName(string hostName);
        public static IPHostEntry GetHostEntry(IPAddress address);
        public static IPHostEntry GetHostEntry(string hostNameOrAddress);
        public static Task<IPHostEntry> GetHostEntryAsync(IPAddress address);
        public static Task<IPHostEntry> GetHostEntryAsync(string hostNameOrAddress);
        public static string GetHostName();
        public static IPHostEntry Resolve(string hostName);
    }

    /// <summary>An end of a connection.</summary>
    public abstract class EndPoint
    {
        protected EndPoint() { }
        public virtual AddressFamily AddressFamily { get; }
        public virtual EndPoint Create(SocketAddress socketAddress);
        public virtual SocketAddress Serialize();
    }

    /// <summary>How a server answers.</summary>
    public enum HttpStatusCode
    {
        Continue,
        SwitchingProtocols,
        Processing,
        EarlyHints,
        OK,
        Created,
        Accepted,
        NonAuthoritativeInformation,
        NoContent,
        ResetContent,
        PartialContent,
        MultiStatus,
        AlreadyReported,
        IMUsed,
        MultipleChoices,
        Ambiguous,
        MovedPermanently,
        Moved,
        Found,
        Redirect,
        SeeOther,
        RedirectMethod,
        NotModified,
        UseProxy,
        Unused,
        TemporaryRedirect,
        RedirectKeepVerb,
        PermanentRedirect,
        BadRequest,
        Unauthorized,
        PaymentRequired,
        Forbidden,
        NotFound,
        MethodNotAllowed,
        NotAcceptable,
        ProxyAuthenticationRequired,
        RequestTimeout,
        Conflict,
        Gone,
        LengthRequired,
        PreconditionFailed,
        RequestEntityTooLarge,
        RequestUriTooLong,
        UnsupportedMediaType,
        RequestedRangeNotSatisfiable,
        ExpectationFailed,
        MisdirectedRequest,
        UnprocessableEntity,
        Locked,
        FailedDependency,
        UpgradeRequired,
        PreconditionRequired,
        TooManyRequests,
        RequestHeaderFieldsTooLarge,
        UnavailableForLegalReasons,
        InternalServerError,
        NotImplemented,
        BadGateway,
        ServiceUnavailable,
        GatewayTimeout,
        HttpVersionNotSupported,
        VariantAlsoNegotiates,
        InsufficientStorage,
        LoopDetected,
        NotExtended,
        NetworkAuthenticationRequired,
    }

    /// <summary>What a server is asked by HTTP.</summary>
    public class HttpWebRequest : WebRequest
    {
        protected HttpWebRequest(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public string Accept { get; set; }
        public Uri Address { get; }
        public virtual bool AllowAutoRedirect { get; set; }
        public virtual bool AllowReadStreamBuffering { get; set; }
        public virtual bool AllowWriteStreamBuffering { get; set; }
        public DecompressionMethods AutomaticDecompression { get; set; }
        public System.Security.Cryptography.X509Certificates.X509CertificateCollection ClientCertificates { get; set; }
        public string Connection { get; set; }
        public override string ConnectionGroupName { get; set; }
        public override long ContentLength { get; set; }
        public override string ContentType { get; set; }
        public HttpContinueDelegate ContinueDelegate { get; set; }
        public int ContinueTimeout { get; set; }
        public virtual CookieContainer CookieContainer { get; set; }
        public override ICredentials Credentials { get; set; }
        public DateTime Date { get; set; }
        public static System.Net.Cache.RequestCachePolicy DefaultCachePolicy { get; set; }
        public static int DefaultMaximumErrorResponseLength { get; set; }
        public static int DefaultMaximumResponseHeadersLength { get; set; }
        public string Expect { get; set; }
        public virtual bool HaveResponse { get; }
        public override WebHeaderCollection Headers { get; set; }
        public string Host { get; set; }
        public DateTime IfModifiedSince { get; set; }
        public bool KeepAlive { get; set; }
        public int MaximumAutomaticRedirections { get; set; }
        public int MaximumResponseHeadersLength { get; set; }
        public string MediaType { get; set; }
        public override string Method { get; set; }
        public bool Pipelined { get; set; }
        public override bool PreAuthenticate { get; set; }
        public Version ProtocolVersion { get; set; }
        public override IWebProxy Proxy { get; set; }
        public int ReadWriteTimeout { get; set; }
        public string Referer { get; set; }
        public override Uri RequestUri { get; }
        public bool SendChunked { get; set; }
        public System.Net.Security.RemoteCertificateValidationCallback ServerCertificateValidationCallback { get; set; }
        public ServicePoint ServicePoint { get; }
        public virtual bool SupportsCookieContainer { get; }
        public override int Timeout { get; set; }
        public string TransferEncoding { get; set; }
        public bool UnsafeAuthenticatedConnectionSharing { get; set; }
        public override bool UseDefaultCredentials { get; set; }
        public string UserAgent { get; set; }
        public override void Abort();
        public void AddRange(int range);
        public void AddRange(long range);
        public void AddRange(int from, int to);
        public void AddRange(long from, long to);
        public void AddRange(string rangeSpecifier, int range);
        public void AddRange(string rangeSpecifier, long range);
        public void AddRange(string rangeSpecifier, int from, int to);
        public void AddRange(string rangeSpecifier, long from, long to);
        public override IAsyncResult BeginGetRequestStream(AsyncCallback callback, object state);
        public override IAsyncResult BeginGetResponse(AsyncCallback callback, object state);
        public override Stream EndGetRequestStream(IAsyncResult asyncResult);
        public Stream EndGetRequestStream(IAsyncResult asyncResult, out TransportContext context);
        public override WebResponse EndGetResponse(IAsyncResult asyncResult);
        protected override void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public override Stream GetRequestStream();
        public Stream GetRequestStream(out TransportContext context);
        public override Task<Stream> GetRequestStreamAsync();
        public override WebResponse GetResponse();
    }

    /// <summary>What a server answers by HTTP.</summary>
    public class HttpWebResponse : WebResponse
    {
        public HttpWebResponse() { }
        protected HttpWebResponse(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public string CharacterSet { get; }
        public string ContentEncoding { get; }
        public override long ContentLength { get; }
        public override string ContentType { get; }
        public virtual CookieCollection Cookies { get; set; }
        public override WebHeaderCollection Headers { get; }
        public override bool IsMutuallyAuthenticated { get; }
        public DateTime LastModified { get; }
        public virtual string Method { get; }
        public Version ProtocolVersion { get; }
        public override Uri ResponseUri { get; }
        public string Server { get; }
        public virtual HttpStatusCode StatusCode { get; }
        public virtual string StatusDescription { get; }
        public override bool SupportsHeaders { get; }
        public override void Close();
        protected override void Dispose(bool disposing);
        protected override void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public string GetResponseHeader(string headerName);
        public override Stream GetResponseStream();
    }

    /// <summary>Names and passwords.</summary>
    public interface ICredentials
    {
        NetworkCredential GetCredential(Uri uri, string authType);
    }

    /// <summary>An address of the internet.</summary>
    public class IPAddress
    {
        public static IPAddress Any;
        public static IPAddress Broadcast;
        public static IPAddress IPv6Any;
        public static IPAddress IPv6Loopback;
        public static IPAddress IPv6None;
        public static IPAddress Loopback;
        public static IPAddress None;
        public IPAddress(byte[] address) { }
        public IPAddress(long newAddress) { }
        public IPAddress(System.ReadOnlySpan<byte> address) { }
        public IPAddress(byte[] address, long scopeid) { }
        public IPAddress(System.ReadOnlySpan<byte> address, long scopeid) { }
        public long Address { get; set; }
        public AddressFamily AddressFamily { get; }
        public bool IsIPv4MappedToIPv6 { get; }
        public bool IsIPv6LinkLocal { get; }
        public bool IsIPv6Multicast { get; }
        public bool IsIPv6SiteLocal { get; }
        public bool IsIPv6Teredo { get; }
        public long ScopeId { get; set; }
        public byte[] GetAddressBytes();
        public static short HostToNetworkOrder(short host);
        public static int HostToNetworkOrder(int host);
        public static long HostToNetworkOrder(long host);
        public static bool IsLoopback(IPAddress address);
        public IPAddress MapToIPv4();
        public IPAddress MapToIPv6();
        public static short NetworkToHostOrder(short network);
        public static int NetworkToHostOrder(int network);
        public static long NetworkToHostOrder(long network);
        public static IPAddress Parse(System.ReadOnlySpan<char> ipSpan);
        public static IPAddress Parse(string ipString);
        public bool TryFormat(System.Span<char> destination, out int charsWritten);
        public static bool TryParse(System.ReadOnlySpan<char> ipSpan, out IPAddress address);
        public static bool TryParse(string ipString, out IPAddress address);
        public bool TryWriteBytes(System.Span<byte> destination, out int bytesWritten);
    }

    /// <summary>An address with a port.</summary>
    public class IPEndPoint : EndPoint
    {
        public static int MaxPort;
        public static int MinPort;
        public IPEndPoint(long address, int port) { }
        public IPEndPoint(IPAddress address, int port) { }
        public IPAddress Address { get; set; }
        public override AddressFamily AddressFamily { get; }
        public int Port { get; set; }
        public override EndPoint Create(SocketAddress socketAddress);
        public override SocketAddress Serialize();
    }

    /// <summary>Addresses of a name.</summary>
    public class IPHostEntry
    {
        public IPHostEntry() { }
        public IPAddress[] AddressList { get; set; }
        public string[] Aliases { get; set; }
        public string HostName { get; set; }
    }

    /// <summary>A name and a password.</summary>
    public class NetworkCredential : ICredentials, ICredentialsByHost
    {
        public NetworkCredential() { }
        public NetworkCredential(string userName, SecureString password) { }
        public NetworkCredential(string userName, string password) { }
        public NetworkCredential(string userName, SecureString password, string domain) { }
        public NetworkCredential(string userName, string password, string domain) { }
        public string Domain { get; set; }
        public string Password { get; set; }
        public SecureString SecurePassword { get; set; }
        public string UserName { get; set; }
        public NetworkCredential GetCredential(Uri uri, string authType);
        public NetworkCredential GetCredential(string host, int port, string authenticationType);
    }

    /// <summary>Asks servers.</summary>
    public class WebClient : Component
    {
        public WebClient() { }
        public bool AllowReadStreamBuffering { get; set; }
        public bool AllowWriteStreamBuffering { get; set; }
        public string BaseAddress { get; set; }
        public System.Net.Cache.RequestCachePolicy CachePolicy { get; set; }
        public ICredentials Credentials { get; set; }
        public Encoding Encoding { get; set; }
        public WebHeaderCollection Headers { get; set; }
        public bool IsBusy { get; }
        public IWebProxy Proxy { get; set; }
        public NameValueCollection QueryString { get; set; }
        public WebHeaderCollection ResponseHeaders { get; }
        public bool UseDefaultCredentials { get; set; }
        public event DownloadDataCompletedEventHandler DownloadDataCompleted;
        public event System.ComponentModel.AsyncCompletedEventHandler DownloadFileCompleted;
        public event DownloadProgressChangedEventHandler DownloadProgressChanged;
        public event DownloadStringCompletedEventHandler DownloadStringCompleted;
        public event OpenReadCompletedEventHandler OpenReadCompleted;
        public event OpenWriteCompletedEventHandler OpenWriteCompleted;
        public event UploadDataCompletedEventHandler UploadDataCompleted;
        public event UploadFileCompletedEventHandler UploadFileCompleted;
        public event UploadProgressChangedEventHandler UploadProgressChanged;
        public event UploadStringCompletedEventHandler UploadStringCompleted;
        public event UploadValuesCompletedEventHandler UploadValuesCompleted;
        public event WriteStreamClosedEventHandler WriteStreamClosed;
        public void CancelAsync();
        public byte[] DownloadData(string address);
        public byte[] DownloadData(Uri address);
        public void DownloadDataAsync(Uri address);
        public void DownloadDataAsync(Uri address, object userToken);
        public Task<byte[]> DownloadDataTaskAsync(string address);
        public Task<byte[]> DownloadDataTaskAsync(Uri address);
        public void DownloadFile(string address, string fileName);
        public void DownloadFile(Uri address, string fileName);
        public void DownloadFileAsync(Uri address, string fileName);
        public void DownloadFileAsync(Uri address, string fileName, object userToken);
        public Task DownloadFileTaskAsync(string address, string fileName);
        public Task DownloadFileTaskAsync(Uri address, string fileName);
        public string DownloadString(string address);
        public string DownloadString(Uri address);
        public void DownloadStringAsync(Uri address);
        public void DownloadStringAsync(Uri address, object userToken);
        public Task<string> DownloadStringTaskAsync(string address);
        public Task<string> DownloadStringTaskAsync(Uri address);
        protected virtual WebRequest GetWebRequest(Uri address);
        protected virtual WebResponse GetWebResponse(WebRequest request);
        protected virtual WebResponse GetWebResponse(WebRequest request, IAsyncResult result);
        protected virtual void OnDownloadDataCompleted(DownloadDataCompletedEventArgs e);
        protected virtual void OnDownloadFileCompleted(AsyncCompletedEventArgs e);
        protected virtual void OnDownloadProgressChanged(DownloadProgressChangedEventArgs e);
        protected virtual void OnDownloadStringCompleted(DownloadStringCompletedEventArgs e);
        protected virtual void OnOpenReadCompleted(OpenReadCompletedEventArgs e);
        protected virtual void OnOpenWriteCompleted(OpenWriteCompletedEventArgs e);
        protected virtual void OnUploadDataCompleted(UploadDataCompletedEventArgs e);
        protected virtual void OnUploadFileCompleted(UploadFileCompletedEventArgs e);
        protected virtual void OnUploadProgressChanged(UploadProgressChangedEventArgs e);
        protected virtual void OnUploadStringCompleted(UploadStringCompletedEventArgs e);
        protected virtual void OnUploadValuesCompleted(UploadValuesCompletedEventArgs e);
        protected virtual void OnWriteStreamClosed(WriteStreamClosedEventArgs e);
        public Stream OpenRead(string address);
        public Stream OpenRead(Uri address);
        public void OpenReadAsync(Uri address);
        public void OpenReadAsync(Uri address, object userToken);
        public Task<Stream> OpenReadTaskAsync(string address);
        public Task<Stream> OpenReadTaskAsync(Uri address);
        public Stream OpenWrite(string address);
        public Stream OpenWrite(Uri address);
        public Stream OpenWrite(string address, string method);
        public Stream OpenWrite(Uri address, string method);
        public void OpenWriteAsync(Uri address);
        public void OpenWriteAsync(Uri address, string method);
        public void OpenWriteAsync(Uri address, string method, object userToken);
        public Task<Stream> OpenWriteTaskAsync(string address);
        public Task<Stream> OpenWriteTaskAsync(Uri address);
        public Task<Stream> OpenWriteTaskAsync(string address, string method);
        public Task<Stream> OpenWriteTaskAsync(Uri address, string method);
        public byte[] UploadData(string address, byte[] data);
        public byte[] UploadData(Uri address, byte[] data);
        public byte[] UploadData(string address, string method, byte[] data);
        public byte[] UploadData(Uri address, string method, byte[] data);
        public void UploadDataAsync(Uri address, byte[] data);
        public void UploadDataAsync(Uri address, string method, byte[] data);
        public void UploadDataAsync(Uri address, string method, byte[] data, object userToken);
        public Task<byte[]> UploadDataTaskAsync(string address, byte[] data);
        public Task<byte[]> UploadDataTaskAsync(Uri address, byte[] data);
        public Task<byte[]> UploadDataTaskAsync(string address, string method, byte[] data);
        public Task<byte[]> UploadDataTaskAsync(Uri address, string method, byte[] data);
        public byte[] UploadFile(string address, string fileName);
        public byte[] UploadFile(Uri address, string fileName);
        public byte[] UploadFile(string address, string method, string fileName);
        public byte[] UploadFile(Uri address, string method, string fileName);
        public void UploadFileAsync(Uri address, string fileName);
        public void UploadFileAsync(Uri address, string method, string fileName);
        public void UploadFileAsync(Uri address, string method, string fileName, object userToken);
        public Task<byte[]> UploadFileTaskAsync(string address, string fileName);
        public Task<byte[]> UploadFileTaskAsync(Uri address, string fileName);
        public Task<byte[]> UploadFileTaskAsync(string address, string method, string fileName);
        public Task<byte[]> UploadFileTaskAsync(Uri address, string method, string fileName);
        public string UploadString(string address, string data);
        public string UploadString(Uri address, string data);
        public string UploadString(string address, string method, string data);
        public string UploadString(Uri address, string method, string data);
        public void UploadStringAsync(Uri address, string data);
        public void UploadStringAsync(Uri address, string method, string data);
        public void UploadStringAsync(Uri address, string method, string data, object userToken);
        public Task<string> UploadStringTaskAsync(string address, string data);
        public Task<string> UploadStringTaskAsync(Uri address, string data);
        public Task<string> UploadStringTaskAsync(string address, string method, string data);
        public Task<string> UploadStringTaskAsync(Uri address, string method, string data);
        public byte[] UploadValues(string address, NameValueCollection data);
        public byte[] UploadValues(Uri address, NameValueCollection data);
        public byte[] UploadValues(string address, string method, NameValueCollection data);
        public byte[] UploadValues(Uri address, string method, NameValueCollection data);
        public void UploadValuesAsync(Uri address, NameValueCollection data);
        public void UploadValuesAsync(Uri address, string method, NameValueCollection data);
        public void UploadValuesAsync(Uri address, string method, NameValueCollection data, object userToken);
        public Task<byte[]> UploadValuesTaskAsync(string address, NameValueCollection data);
        public Task<byte[]> UploadValuesTaskAsync(Uri address, NameValueCollection data);
        public Task<byte[]> UploadValuesTaskAsync(string address, string method, NameValueCollection data);
        public Task<byte[]> UploadValuesTaskAsync(Uri address, string method, NameValueCollection data);
    }

    /// <summary>Asking failed.</summary>
    public class WebException : InvalidOperationException
    {
        public WebException() { }
        public WebException(string message) { }
        protected WebException(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public WebException(string message, Exception innerException) { }
        public WebException(string message, WebExceptionStatus status) { }
        public WebException(string message, Exception innerException, WebExceptionStatus status, WebResponse response) { }
        public WebResponse Response { get; }
        public WebExceptionStatus Status { get; }
        public override void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
    }

    /// <summary>Headers of a message.</summary>
    public class WebHeaderCollection : NameValueCollection
    {
        public WebHeaderCollection() { }
        protected WebHeaderCollection(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public override string[] AllKeys { get; }
        public override int Count { get; }
        public string this[HttpRequestHeader header] { get; set; }
        public string this[HttpResponseHeader header] { get; set; }
        public override System.Collections.Specialized.NameObjectCollectionBase.KeysCollection Keys { get; }
        public void Add(string header);
        public void Add(HttpRequestHeader header, string value);
        public void Add(HttpResponseHeader header, string value);
        public override void Add(string name, string value);
        protected void AddWithoutValidate(string headerName, string headerValue);
        public override void Clear();
        public override string Get(int index);
        public override string Get(string name);
        public override IEnumerator GetEnumerator();
        public override string GetKey(int index);
        public override void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public override string[] GetValues(int index);
        public override string[] GetValues(string header);
        public static bool IsRestricted(string headerName);
        public static bool IsRestricted(string headerName, bool response);
        public override void OnDeserialization(object sender);
        public void Remove(HttpRequestHeader header);
        public void Remove(HttpResponseHeader header);
        public override void Remove(string name);
        public void Set(HttpRequestHeader header, string value);
        public void Set(HttpResponseHeader header, string value);
        public override void Set(string name, string value);
        public byte[] ToByteArray();
    }

    /// <summary>What a server is asked.</summary>
    public abstract class WebRequest : System.MarshalByRefObject, ISerializable
    {
        protected WebRequest() { }
        protected WebRequest(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public System.Net.Security.AuthenticationLevel AuthenticationLevel { get; set; }
        public virtual System.Net.Cache.RequestCachePolicy CachePolicy { get; set; }
        public virtual string ConnectionGroupName { get; set; }
        public virtual long ContentLength { get; set; }
        public virtual string ContentType { get; set; }
        public virtual IWebRequestCreate CreatorInstance { get; }
        public virtual ICredentials Credentials { get; set; }
        public static System.Net.Cache.RequestCachePolicy DefaultCachePolicy { get; set; }
        public static IWebProxy DefaultWebProxy { get; set; }
        public virtual WebHeaderCollection Headers { get; set; }
        public System.Security.Principal.TokenImpersonationLevel ImpersonationLevel { get; set; }
        public virtual string Method { get; set; }
        public virtual bool PreAuthenticate { get; set; }
        public virtual IWebProxy Proxy { get; set; }
        public virtual Uri RequestUri { get; }
        public virtual int Timeout { get; set; }
        public virtual bool UseDefaultCredentials { get; set; }
        public virtual void Abort();
        public virtual IAsyncResult BeginGetRequestStream(AsyncCallback callback, object state);
        public virtual IAsyncResult BeginGetResponse(AsyncCallback callback, object state);
        public static WebRequest Create(string requestUriString);
        public static WebRequest Create(Uri requestUri);
        public static WebRequest CreateDefault(Uri requestUri);
        public static HttpWebRequest CreateHttp(string requestUriString);
        public static HttpWebRequest CreateHttp(Uri requestUri);
        public virtual Stream EndGetRequestStream(IAsyncResult asyncResult);
        public virtual WebResponse EndGetResponse(IAsyncResult asyncResult);
        protected virtual void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public virtual Stream GetRequestStream();
        public virtual Task<Stream> GetRequestStreamAsync();
        public virtual WebResponse GetResponse();
        public virtual Task<WebResponse> GetResponseAsync();
        public static IWebProxy GetSystemWebProxy();
        public static void RegisterPortableWebRequestCreator(IWebRequestCreate creator);
        public static bool RegisterPrefix(string prefix, IWebRequestCreate creator);
    }

    /// <summary>What a server answers.</summary>
    public abstract class WebResponse : System.MarshalByRefObject, IDisposable, ISerializable
    {
        protected WebResponse() { }
        protected WebResponse(SerializationInfo serializationInfo, StreamingContext streamingContext) { }
        public virtual long ContentLength { get; set; }
        public virtual string ContentType { get; set; }
        public virtual WebHeaderCollection Headers { get; }
        public virtual bool IsFromCache { get; }
        public virtual bool IsMutuallyAuthenticated { get; }
        public virtual Uri ResponseUri { get; }
        public virtual bool SupportsHeaders { get; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected virtual void GetObjectData(SerializationInfo serializationInfo, StreamingContext streamingContext);
        public virtual Stream GetResponseStream();
    }

    /// <summary>Codes text for pages.</summary>
    public static class WebUtility
    {
        public static string HtmlDecode(string value);
        public static void HtmlDecode(string value, TextWriter output);
        public static string HtmlEncode(string value);
        public static void HtmlEncode(string value, TextWriter output);
        public static string UrlDecode(string encodedValue);
        public static byte[] UrlDecodeToBytes(byte[] encodedValue, int offset, int count);
        public static string UrlEncode(string value);
        public static byte[] UrlEncodeToBytes(byte[] value, int offset, int count);
    }
}
