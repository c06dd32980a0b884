using System;
using System.Collections.Generic;
using System.IO;
using System.Net;
using System.Text;
using System.Threading;
using System.Threading.Tasks;

namespace System.Net.Http
{
    /// <summary>Asks servers by HTTP.</summary>
    public class HttpClient : HttpMessageInvoker
    {
        public HttpClient() { }
        public HttpClient(HttpMessageHandler handler) { }
        public HttpClient(HttpMessageHandler handler, bool disposeHandler) { }
        public Uri BaseAddress { get; set; }
        public System.Net.Http.Headers.HttpRequestHeaders DefaultRequestHeaders { get; }
        public long MaxResponseContentBufferSize { get; set; }
        public TimeSpan Timeout { get; set; }
        public void CancelPendingRequests();
        public Task<HttpResponseMessage> DeleteAsync(string requestUri);
        public Task<HttpResponseMessage> DeleteAsync(Uri requestUri);
        public Task<HttpResponseMessage> DeleteAsync(string requestUri, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> DeleteAsync(Uri requestUri, CancellationToken cancellationToken);
        protected override void Dispose(bool disposing);
        public Task<HttpResponseMessage> GetAsync(string requestUri);
        public Task<HttpResponseMessage> GetAsync(Uri requestUri);
        public Task<HttpResponseMessage> GetAsync(string requestUri, HttpCompletionOption completionOption);
        public Task<HttpResponseMessage> GetAsync(string requestUri, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> GetAsync(Uri requestUri, HttpCompletionOption completionOption);
        public Task<HttpResponseMessage> GetAsync(Uri requestUri, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> GetAsync(string requestUri, HttpCompletionOption completionOption, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> GetAsync(Uri requestUri, HttpCompletionOption completionOption, CancellationToken cancellationToken);
        public Task<byte[]> GetByteArrayAsync(string requestUri);
        public Task<byte[]> GetByteArrayAsync(Uri requestUri);
        public Task<Stream> GetStreamAsync(string requestUri);
        public Task<Stream> GetStreamAsync(Uri requestUri);
        public Task<string> GetStringAsync(string requestUri);
        public Task<string> GetStringAsync(Uri requestUri);
        public Task<HttpResponseMessage> PatchAsync(string requestUri, HttpContent content);
        public Task<HttpResponseMessage> PatchAsync(Uri requestUri, HttpContent content);
        public Task<HttpResponseMessage> PatchAsync(string requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> PatchAsync(Uri requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> PostAsync(string requestUri, HttpContent content);
        public Task<HttpResponseMessage> PostAsync(Uri requestUri, HttpContent content);
        public Task<HttpResponseMessage> PostAsync(string requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> PostAsync(Uri requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> PutAsync(string requestUri, HttpContent content);
        public Task<HttpResponseMessage> PutAsync(Uri requestUri, HttpContent content);
        public Task<HttpResponseMessage> PutAsync(string requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> PutAsync(Uri requestUri, HttpContent content, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> SendAsync(HttpRequestMessage request);
        public Task<HttpResponseMessage> SendAsync(HttpRequestMessage request, HttpCompletionOption completionOption);
        public override Task<HttpResponseMessage> SendAsync(HttpRequestMessage request, CancellationToken cancellationToken);
        public Task<HttpResponseMessage> SendAsync(HttpRequestMessage request, HttpCompletionOption completionOption, CancellationToken cancellationToken);
    }

    /// <summary>What a message holds.</summary>
    public abstract class HttpContent : IDisposable
    {
        protected HttpContent() { }
        public System.Net.Http.Headers.HttpContentHeaders Headers { get; }
        public Task CopyToAsync(Stream stream);
        public Task CopyToAsync(Stream stream, System.Net.TransportContext context);
        protected virtual Task<Stream> CreateContentReadStreamAsync();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public Task LoadIntoBufferAsync();
        public Task LoadIntoBufferAsync(long maxBufferSize);
        public Task<byte[]> ReadAsByteArrayAsync();
        public Task<Stream> ReadAsStreamAsync();
        public Task<string> ReadAsStringAsync();
        protected abstract Task SerializeToStreamAsync(Stream stream, System.Net.TransportContext context);
    }

    /// <summary>Passes messages on.</summary>
    public abstract class HttpMessageHandler : IDisposable
    {
        protected HttpMessageHandler() { }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
    }

    /// <summary>What is done with a resource.</summary>
    public class HttpMethod : IEquatable<HttpMethod>
    {
        public HttpMethod(string method) { }
        public static HttpMethod Delete { get; }
        public static HttpMethod Get { get; }
        public static HttpMethod Head { get; }
        public string Method { get; }
        public static HttpMethod Options { get; }
        public static HttpMethod Patch { get; }
        public static HttpMethod Post { get; }
        public static HttpMethod Put { get; }
        public static HttpMethod Trace { get; }
        public bool Equals(HttpMethod other);
    }

    /// <summary>Asking failed.</summary>
    public class HttpRequestException : Exception
    {
        public HttpRequestException() { }
        public HttpRequestException(string message) { }
        public HttpRequestException(string message, Exception inner) { }
    }

    /// <summary>What a server is asked.</summary>
    public class HttpRequestMessage : IDisposable
    {
        public HttpRequestMessage() { }
        public HttpRequestMessage(HttpMethod method, string requestUri) { }
        public HttpRequestMessage(HttpMethod method, Uri requestUri) { }
        public HttpContent Content { get; set; }
        public System.Net.Http.Headers.HttpRequestHeaders Headers { get; }
        public HttpMethod Method { get; set; }
        public IDictionary<string, object> Properties { get; }
        public Uri RequestUri { get; set; }
        public Version Version { get; set; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
    }

    /// <summary>What a server answers.</summary>
    public class HttpResponseMessage : IDisposable
    {
        public HttpResponseMessage() { }
        public HttpResponseMessage(HttpStatusCode statusCode) { }
        public HttpContent Content { get; set; }
        public System.Net.Http.Headers.HttpResponseHeaders Headers { get; }
        public bool IsSuccessStatusCode { get; }
        public string ReasonPhrase { get; set; }
        public HttpRequestMessage RequestMessage { get; set; }
        public HttpStatusCode StatusCode { get; set; }
        public System.Net.Http.Headers.HttpResponseHeaders TrailingHeaders { get; }
        public Version Version { get; set; }
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public HttpResponseMessage EnsureSuccessStatusCode();
    }

    /// <summary>A text in a message.</summary>
    public class StringContent : ByteArrayContent
    {
        public StringContent(string content) { }
        public StringContent(string content, Encoding encoding) { }
        public StringContent(string content, Encoding encoding, string mediaType) { }
    }
}
