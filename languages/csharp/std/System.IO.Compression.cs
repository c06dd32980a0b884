using System;
using System.IO;
using System.Threading;
using System.Threading.Tasks;

namespace System.IO.Compression
{
    /// <summary>Compresses or decompresses.</summary>
    public enum CompressionMode
    {
        Decompress,
        Compress,
    }

    /// <summary>Compressed bytes.</summary>
    public class DeflateStream : Stream
    {
        public DeflateStream(Stream stream, CompressionLevel compressionLevel) { }
        public DeflateStream(Stream stream, CompressionMode mode) { }
        public DeflateStream(Stream stream, CompressionLevel compressionLevel, bool leaveOpen) { }
        public DeflateStream(Stream stream, CompressionMode mode, bool leaveOpen) { }
        public Stream BaseStream { get; }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public override long Length { get; }
        public override long Position { get; set; }
        public override IAsyncResult BeginRead(byte[] array, int offset, int count, AsyncCallback asyncCallback, object asyncState);
        public override IAsyncResult BeginWrite(byte[] array, int offset, int count, AsyncCallback asyncCallback, object asyncState);
        protected override void Dispose(bool disposing);
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public override int Read(byte[] array, int offset, int count);
        public override long Seek(long offset, SeekOrigin origin);
        public override void SetLength(long value);
        public override void Write(byte[] array, int offset, int count);
    }

    /// <summary>Compressed bytes.</summary>
    public class GZipStream : Stream
    {
        public GZipStream(Stream stream, CompressionLevel compressionLevel) { }
        public GZipStream(Stream stream, CompressionMode mode) { }
        public GZipStream(Stream stream, CompressionLevel compressionLevel, bool leaveOpen) { }
        public GZipStream(Stream stream, CompressionMode mode, bool leaveOpen) { }
        public Stream BaseStream { get; }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public override long Length { get; }
        public override long Position { get; set; }
        public override IAsyncResult BeginRead(byte[] array, int offset, int count, AsyncCallback asyncCallback, object asyncState);
        public override IAsyncResult BeginWrite(byte[] array, int offset, int count, AsyncCallback asyncCallback, object asyncState);
        public override void CopyTo(Stream destination, int bufferSize);
        public override Task CopyToAsync(Stream destination, int bufferSize, CancellationToken cancellationToken);
        protected override void Dispose(bool disposing);
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public override Task FlushAsync(CancellationToken cancellationToken);
        public override int Read(System.Span<byte> buffer);
        public override int Read(byte[] array, int offset, int count);
        public override System.Threading.Tasks.ValueTask<int> ReadAsync(System.Memory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task<int> ReadAsync(byte[] array, int offset, int count, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin origin);
        public override void SetLength(long value);
        public override void Write(System.ReadOnlySpan<byte> buffer);
        public override void Write(byte[] array, int offset, int count);
        public override System.Threading.Tasks.ValueTask WriteAsync(System.ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default(CancellationToken));
        public override Task WriteAsync(byte[] array, int offset, int count, CancellationToken cancellationToken);
    }
}
