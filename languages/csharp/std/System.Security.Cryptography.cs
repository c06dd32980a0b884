using System;
using System.IO;
using System.Runtime.Serialization;
using System.Threading;
using System.Threading.Tasks;

namespace System.Security.Cryptography
{
    /// <summary>A cipher.</summary>
    public abstract class Aes : SymmetricAlgorithm
    {
        protected Aes() { }
        public static Aes Create();
        public static Aes Create(string algorithmName);
    }

    /// <summary>A cipher failed.</summary>
    public class CryptographicException : SystemException
    {
        public CryptographicException() { }
        public CryptographicException(int hr) { }
        public CryptographicException(string message) { }
        protected CryptographicException(SerializationInfo info, StreamingContext context) { }
        public CryptographicException(string message, Exception inner) { }
        public CryptographicException(string format, string insert) { }
    }

    /// <summary>Bytes through a cipher.</summary>
    public class CryptoStream : Stream
    {
        public CryptoStream(Stream stream, ICryptoTransform transform, CryptoStreamMode mode) { }
        public CryptoStream(Stream stream, ICryptoTransform transform, CryptoStreamMode mode, bool leaveOpen) { }
        public override bool CanRead { get; }
        public override bool CanSeek { get; }
        public override bool CanWrite { get; }
        public bool HasFlushedFinalBlock { get; }
        public override long Length { get; }
        public override long Position { get; set; }
        public override IAsyncResult BeginRead(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public override IAsyncResult BeginWrite(byte[] buffer, int offset, int count, AsyncCallback callback, object state);
        public void Clear();
        protected override void Dispose(bool disposing);
        public override int EndRead(IAsyncResult asyncResult);
        public override void EndWrite(IAsyncResult asyncResult);
        public override void Flush();
        public override Task FlushAsync(CancellationToken cancellationToken);
        public void FlushFinalBlock();
        public override int Read(byte[] buffer, int offset, int count);
        public override Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override int ReadByte();
        public override long Seek(long offset, SeekOrigin origin);
        public override void SetLength(long value);
        public override void Write(byte[] buffer, int offset, int count);
        public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken);
        public override void WriteByte(byte value);
    }

    /// <summary>A digest.</summary>
    public abstract class HashAlgorithm : ICryptoTransform
    {
        protected int HashSizeValue;
        protected int State;
        protected HashAlgorithm() { }
        public virtual bool CanReuseTransform { get; }
        public virtual bool CanTransformMultipleBlocks { get; }
        public virtual byte[] Hash { get; }
        public virtual int HashSize { get; }
        public virtual int InputBlockSize { get; }
        public virtual int OutputBlockSize { get; }
        public void Clear();
        public byte[] ComputeHash(byte[] buffer);
        public byte[] ComputeHash(Stream inputStream);
        public byte[] ComputeHash(byte[] buffer, int offset, int count);
        public static HashAlgorithm Create();
        public static HashAlgorithm Create(string hashName);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected virtual void HashCore(System.ReadOnlySpan<byte> source);
        protected abstract void HashCore(byte[] array, int ibStart, int cbSize);
        protected abstract byte[] HashFinal();
        public abstract void Initialize();
        public int TransformBlock(byte[] inputBuffer, int inputOffset, int inputCount, byte[] outputBuffer, int outputOffset);
        public byte[] TransformFinalBlock(byte[] inputBuffer, int inputOffset, int inputCount);
        public bool TryComputeHash(System.ReadOnlySpan<byte> source, System.Span<byte> destination, out int bytesWritten);
        protected virtual bool TryHashFinal(System.Span<byte> destination, out int bytesWritten);
    }

    /// <summary>A digest with a key.</summary>
    public class HMACSHA256 : HMAC
    {
        public HMACSHA256() { }
        public HMACSHA256(byte[] key) { }
    }

    /// <summary>A step of a cipher.</summary>
    public interface ICryptoTransform : IDisposable
    {
        bool CanReuseTransform { get; }
        bool CanTransformMultipleBlocks { get; }
        int InputBlockSize { get; }
        int OutputBlockSize { get; }
        int TransformBlock(byte[] inputBuffer, int inputOffset, int inputCount, byte[] outputBuffer, int outputOffset);
        byte[] TransformFinalBlock(byte[] inputBuffer, int inputOffset, int inputCount);
    }

    /// <summary>A digest that is no longer safe.</summary>
    public abstract class MD5 : HashAlgorithm
    {
        protected MD5() { }
        public static MD5 Create();
        public static MD5 Create(string algName);
    }

    /// <summary>Random numbers that cannot be guessed.</summary>
    public abstract class RandomNumberGenerator : IDisposable
    {
        protected RandomNumberGenerator() { }
        public static RandomNumberGenerator Create();
        public static RandomNumberGenerator Create(string rngName);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public static void Fill(System.Span<byte> data);
        public abstract void GetBytes(byte[] data);
        public virtual void GetBytes(System.Span<byte> data);
        public virtual void GetBytes(byte[] data, int offset, int count);
        public static int GetInt32(int toExclusive);
        public static int GetInt32(int fromInclusive, int toExclusive);
        public virtual void GetNonZeroBytes(byte[] data);
        public virtual void GetNonZeroBytes(System.Span<byte> data);
    }

    /// <summary>A cipher of two keys.</summary>
    public abstract class RSA : AsymmetricAlgorithm
    {
        protected RSA() { }
        public override string KeyExchangeAlgorithm { get; }
        public override string SignatureAlgorithm { get; }
        public static RSA Create();
        public static RSA Create(int keySizeInBits);
        public static RSA Create(RSAParameters parameters);
        public static RSA Create(string algName);
        public virtual byte[] Decrypt(byte[] data, RSAEncryptionPadding padding);
        public virtual byte[] DecryptValue(byte[] rgb);
        public virtual byte[] Encrypt(byte[] data, RSAEncryptionPadding padding);
        public virtual byte[] EncryptValue(byte[] rgb);
        public abstract RSAParameters ExportParameters(bool includePrivateParameters);
        public virtual byte[] ExportRSAPrivateKey();
        public virtual byte[] ExportRSAPublicKey();
        public override void FromXmlString(string xmlString);
        protected virtual byte[] HashData(Stream data, HashAlgorithmName hashAlgorithm);
        protected virtual byte[] HashData(byte[] data, int offset, int count, HashAlgorithmName hashAlgorithm);
        public abstract void ImportParameters(RSAParameters parameters);
        public virtual void ImportRSAPrivateKey(System.ReadOnlySpan<byte> source, out int bytesRead);
        public virtual void ImportRSAPublicKey(System.ReadOnlySpan<byte> source, out int bytesRead);
        public byte[] SignData(byte[] data, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual byte[] SignData(Stream data, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual byte[] SignData(byte[] data, int offset, int count, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual byte[] SignHash(byte[] hash, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public override string ToXmlString(bool includePrivateParameters);
        public virtual bool TryDecrypt(System.ReadOnlySpan<byte> data, System.Span<byte> destination, RSAEncryptionPadding padding, out int bytesWritten);
        public virtual bool TryEncrypt(System.ReadOnlySpan<byte> data, System.Span<byte> destination, RSAEncryptionPadding padding, out int bytesWritten);
        public virtual bool TryExportRSAPrivateKey(System.Span<byte> destination, out int bytesWritten);
        public virtual bool TryExportRSAPublicKey(System.Span<byte> destination, out int bytesWritten);
        protected virtual bool TryHashData(System.ReadOnlySpan<byte> data, System.Span<byte> destination, HashAlgorithmName hashAlgorithm, out int bytesWritten);
        public virtual bool TrySignData(System.ReadOnlySpan<byte> data, System.Span<byte> destination, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding, out int bytesWritten);
        public virtual bool TrySignHash(System.ReadOnlySpan<byte> hash, System.Span<byte> destination, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding, out int bytesWritten);
        public bool VerifyData(byte[] data, byte[] signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public bool VerifyData(Stream data, byte[] signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual bool VerifyData(System.ReadOnlySpan<byte> data, System.ReadOnlySpan<byte> signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual bool VerifyData(byte[] data, int offset, int count, byte[] signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual bool VerifyHash(byte[] hash, byte[] signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
        public virtual bool VerifyHash(System.ReadOnlySpan<byte> hash, System.ReadOnlySpan<byte> signature, HashAlgorithmName hashAlgorithm, RSASignaturePadding padding);
    }

    /// <summary>A digest that is no longer safe.</summary>
    public abstract class SHA1 : HashAlgorithm
    {
        protected SHA1() { }
        public static SHA1 Create();
        public static SHA1 Create(string hashName);
    }

    /// <summary>A digest.</summary>
    public abstract class SHA256 : HashAlgorithm
    {
        protected SHA256() { }
        public static SHA256 Create();
        public static SHA256 Create(string hashName);
    }
}
