using System;
using System.Collections.Generic;
using System.Runtime.Serialization;

namespace System.Text
{
    /// <summary>Text in 7 bits.</summary>
    public class ASCIIEncoding : Encoding
    {
        public ASCIIEncoding() { }
        public override bool IsSingleByte { get; }
        public override int GetByteCount(string chars);
        public override int GetByteCount(char* chars, int count);
        public override int GetByteCount(char[] chars, int index, int count);
        public override int GetBytes(char* chars, int charCount, byte* bytes, int byteCount);
        public override int GetBytes(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetBytes(string chars, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetCharCount(byte* bytes, int count);
        public override int GetCharCount(byte[] bytes, int index, int count);
        public override int GetChars(byte* bytes, int byteCount, char* chars, int charCount);
        public override int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex);
        public override Decoder GetDecoder();
        public override Encoder GetEncoder();
        public override int GetMaxByteCount(int charCount);
        public override int GetMaxCharCount(int byteCount);
        public override string GetString(byte[] bytes, int byteIndex, int byteCount);
    }

    /// <summary>Makes text of bytes.</summary>
    public abstract class Decoder
    {
        protected Decoder() { }
        public DecoderFallback Fallback { get; set; }
        public DecoderFallbackBuffer FallbackBuffer { get; }
        public virtual void Convert(System.ReadOnlySpan<byte> bytes, System.Span<char> chars, bool flush, out int bytesUsed, out int charsUsed, out bool completed);
        public virtual void Convert(byte* bytes, int byteCount, char* chars, int charCount, bool flush, out int bytesUsed, out int charsUsed, out bool completed);
        public virtual void Convert(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex, int charCount, bool flush, out int bytesUsed, out int charsUsed, out bool completed);
        public virtual int GetCharCount(System.ReadOnlySpan<byte> bytes, bool flush);
        public virtual int GetCharCount(byte* bytes, int count, bool flush);
        public abstract int GetCharCount(byte[] bytes, int index, int count);
        public virtual int GetCharCount(byte[] bytes, int index, int count, bool flush);
        public virtual int GetChars(System.ReadOnlySpan<byte> bytes, System.Span<char> chars, bool flush);
        public virtual int GetChars(byte* bytes, int byteCount, char* chars, int charCount, bool flush);
        public abstract int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex);
        public virtual int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex, bool flush);
        public virtual void Reset();
    }

    /// <summary>Makes bytes of text.</summary>
    public abstract class Encoder
    {
        protected Encoder() { }
        public EncoderFallback Fallback { get; set; }
        public EncoderFallbackBuffer FallbackBuffer { get; }
        public virtual void Convert(System.ReadOnlySpan<char> chars, System.Span<byte> bytes, bool flush, out int charsUsed, out int bytesUsed, out bool completed);
        public virtual void Convert(char* chars, int charCount, byte* bytes, int byteCount, bool flush, out int charsUsed, out int bytesUsed, out bool completed);
        public virtual void Convert(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex, int byteCount, bool flush, out int charsUsed, out int bytesUsed, out bool completed);
        public virtual int GetByteCount(System.ReadOnlySpan<char> chars, bool flush);
        public virtual int GetByteCount(char* chars, int count, bool flush);
        public abstract int GetByteCount(char[] chars, int index, int count, bool flush);
        public virtual int GetBytes(System.ReadOnlySpan<char> chars, System.Span<byte> bytes, bool flush);
        public virtual int GetBytes(char* chars, int charCount, byte* bytes, int byteCount, bool flush);
        public abstract int GetBytes(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex, bool flush);
        public virtual void Reset();
    }

    /// <summary>A coding of text.</summary>
    public abstract class Encoding : ICloneable
    {
        protected Encoding() { }
        protected Encoding(int codePage) { }
        protected Encoding(int codePage, EncoderFallback encoderFallback, DecoderFallback decoderFallback) { }
        public static Encoding ASCII { get; }
        public static Encoding BigEndianUnicode { get; }
        public virtual string BodyName { get; }
        public virtual int CodePage { get; }
        public DecoderFallback DecoderFallback { get; set; }
        public static Encoding Default { get; }
        public EncoderFallback EncoderFallback { get; set; }
        public virtual string EncodingName { get; }
        public virtual string HeaderName { get; }
        public virtual bool IsBrowserDisplay { get; }
        public virtual bool IsBrowserSave { get; }
        public virtual bool IsMailNewsDisplay { get; }
        public virtual bool IsMailNewsSave { get; }
        public bool IsReadOnly { get; }
        public virtual bool IsSingleByte { get; }
        public virtual System.ReadOnlySpan<byte> Preamble { get; }
        public static Encoding UTF32 { get; }
        public static Encoding UTF7 { get; }
        public static Encoding UTF8 { get; }
        public static Encoding Unicode { get; }
        public virtual string WebName { get; }
        public virtual int WindowsCodePage { get; }
        public virtual object Clone();
        public static byte[] Convert(Encoding srcEncoding, Encoding dstEncoding, byte[] bytes);
        public static byte[] Convert(Encoding srcEncoding, Encoding dstEncoding, byte[] bytes, int index, int count);
        public virtual int GetByteCount(char[] chars);
        public virtual int GetByteCount(System.ReadOnlySpan<char> chars);
        public virtual int GetByteCount(string s);
        public virtual int GetByteCount(char* chars, int count);
        public abstract int GetByteCount(char[] chars, int index, int count);
        public int GetByteCount(string str, int index, int count);
        public virtual byte[] GetBytes(char[] chars);
        public virtual byte[] GetBytes(string s);
        public virtual int GetBytes(System.ReadOnlySpan<char> chars, System.Span<byte> bytes);
        public virtual byte[] GetBytes(char[] chars, int index, int count);
        public byte[] GetBytes(string s, int index, int count);
        public virtual int GetBytes(char* chars, int charCount, byte* bytes, int byteCount);
        public abstract int GetBytes(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public virtual int GetBytes(string s, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public virtual int GetCharCount(byte[] bytes);
        public virtual int GetCharCount(System.ReadOnlySpan<byte> bytes);
        public virtual int GetCharCount(byte* bytes, int count);
        public abstract int GetCharCount(byte[] bytes, int index, int count);
        public virtual char[] GetChars(byte[] bytes);
        public virtual int GetChars(System.ReadOnlySpan<byte> bytes, System.Span<char> chars);
        public virtual char[] GetChars(byte[] bytes, int index, int count);
        public virtual int GetChars(byte* bytes, int byteCount, char* chars, int charCount);
        public abstract int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex);
        public virtual Decoder GetDecoder();
        public virtual Encoder GetEncoder();
        public static Encoding GetEncoding(int codepage);
        public static Encoding GetEncoding(string name);
        public static Encoding GetEncoding(int codepage, EncoderFallback encoderFallback, DecoderFallback decoderFallback);
        public static Encoding GetEncoding(string name, EncoderFallback encoderFallback, DecoderFallback decoderFallback);
        public static EncodingInfo[] GetEncodings();
        public abstract int GetMaxByteCount(int charCount);
        public abstract int GetMaxCharCount(int byteCount);
        public virtual byte[] GetPreamble();
        public virtual string GetString(byte[] bytes);
        public string GetString(System.ReadOnlySpan<byte> bytes);
        public string GetString(byte* bytes, int byteCount);
        public virtual string GetString(byte[] bytes, int index, int count);
        public bool IsAlwaysNormalized();
        public virtual bool IsAlwaysNormalized(NormalizationForm form);
        public static void RegisterProvider(EncodingProvider provider);
    }

    /// <summary>Forms of text.</summary>
    public enum NormalizationForm
    {
        FormC,
        FormD,
        FormKC,
        FormKD,
    }

    /// <summary>A text that is put together.</summary>
    public sealed class StringBuilder : ISerializable
    {
        public StringBuilder() { }
        public StringBuilder(int capacity) { }
        public StringBuilder(string value) { }
        public StringBuilder(int capacity, int maxCapacity) { }
        public StringBuilder(string value, int capacity) { }
        public StringBuilder(string value, int startIndex, int length, int capacity) { }
        public int Capacity { get; set; }
        public char this[int index] { get; set; }
        public int Length { get; set; }
        public int MaxCapacity { get; }
        /// <summary>Adds something at the end.</summary>
        public StringBuilder Append(bool value);
        public StringBuilder Append(byte value);
        public StringBuilder Append(char value);
        public StringBuilder Append(char[] value);
        public StringBuilder Append(double value);
        public StringBuilder Append(short value);
        public StringBuilder Append(int value);
        public StringBuilder Append(long value);
        public StringBuilder Append(sbyte value);
        public StringBuilder Append(float value);
        public StringBuilder Append(decimal value);
        public StringBuilder Append(object value);
        public StringBuilder Append(System.ReadOnlySpan<char> value);
        public StringBuilder Append(string value);
        public StringBuilder Append(StringBuilder value);
        public StringBuilder Append(ushort value);
        public StringBuilder Append(uint value);
        public StringBuilder Append(ulong value);
        public StringBuilder Append(char* value, int valueCount);
        public StringBuilder Append(char value, int repeatCount);
        public StringBuilder Append(char[] value, int startIndex, int charCount);
        public StringBuilder Append(string value, int startIndex, int count);
        public StringBuilder Append(StringBuilder value, int startIndex, int count);
        /// <summary>Adds values put into a pattern.</summary>
        public StringBuilder AppendFormat(string format, object arg0);
        public StringBuilder AppendFormat(string format, params object[] args);
        public StringBuilder AppendFormat(IFormatProvider provider, string format, object arg0);
        public StringBuilder AppendFormat(IFormatProvider provider, string format, params object[] args);
        public StringBuilder AppendFormat(string format, object arg0, object arg1);
        public StringBuilder AppendFormat(IFormatProvider provider, string format, object arg0, object arg1);
        public StringBuilder AppendFormat(string format, object arg0, object arg1, object arg2);
        public StringBuilder AppendFormat(IFormatProvider provider, string format, object arg0, object arg1, object arg2);
        public StringBuilder AppendJoin(char separator, params object[] values);
        public StringBuilder AppendJoin(char separator, params string[] values);
        public StringBuilder AppendJoin(string separator, params object[] values);
        public StringBuilder AppendJoin(string separator, params string[] values);
        public StringBuilder AppendJoin<T>(char separator, IEnumerable<T> values);
        public StringBuilder AppendJoin<T>(string separator, IEnumerable<T> values);
        /// <summary>Adds a line.</summary>
        public StringBuilder AppendLine();
        public StringBuilder AppendLine(string value);
        public StringBuilder Clear();
        public void CopyTo(int sourceIndex, System.Span<char> destination, int count);
        public void CopyTo(int sourceIndex, char[] destination, int destinationIndex, int count);
        public int EnsureCapacity(int capacity);
        public bool Equals(System.ReadOnlySpan<char> span);
        public bool Equals(StringBuilder sb);
        /// <summary>Puts something in.</summary>
        public StringBuilder Insert(int index, bool value);
        public StringBuilder Insert(int index, byte value);
        public StringBuilder Insert(int index, char value);
        public StringBuilder Insert(int index, char[] value);
        public StringBuilder Insert(int index, double value);
        public StringBuilder Insert(int index, short value);
        public StringBuilder Insert(int index, int value);
        public StringBuilder Insert(int index, long value);
        public StringBuilder Insert(int index, sbyte value);
        public StringBuilder Insert(int index, float value);
        public StringBuilder Insert(int index, decimal value);
        public StringBuilder Insert(int index, object value);
        public StringBuilder Insert(int index, System.ReadOnlySpan<char> value);
        public StringBuilder Insert(int index, string value);
        public StringBuilder Insert(int index, ushort value);
        public StringBuilder Insert(int index, uint value);
        public StringBuilder Insert(int index, ulong value);
        public StringBuilder Insert(int index, string value, int count);
        public StringBuilder Insert(int index, char[] value, int startIndex, int charCount);
        public StringBuilder Remove(int startIndex, int length);
        public StringBuilder Replace(char oldChar, char newChar);
        public StringBuilder Replace(string oldValue, string newValue);
        public StringBuilder Replace(char oldChar, char newChar, int startIndex, int count);
        public StringBuilder Replace(string oldValue, string newValue, int startIndex, int count);
        public string ToString(int startIndex, int length);
    }

    /// <summary>Text in units of 16 bits.</summary>
    public class UnicodeEncoding : Encoding
    {
        public static int CharSize;
        public UnicodeEncoding() { }
        public UnicodeEncoding(bool bigEndian, bool byteOrderMark) { }
        public UnicodeEncoding(bool bigEndian, bool byteOrderMark, bool throwOnInvalidBytes) { }
        public override System.ReadOnlySpan<byte> Preamble { get; }
        public override int GetByteCount(string s);
        public override int GetByteCount(char* chars, int count);
        public override int GetByteCount(char[] chars, int index, int count);
        public override int GetBytes(char* chars, int charCount, byte* bytes, int byteCount);
        public override int GetBytes(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetBytes(string s, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetCharCount(byte* bytes, int count);
        public override int GetCharCount(byte[] bytes, int index, int count);
        public override int GetChars(byte* bytes, int byteCount, char* chars, int charCount);
        public override int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex);
        public override Decoder GetDecoder();
        public override Encoder GetEncoder();
        public override int GetMaxByteCount(int charCount);
        public override int GetMaxCharCount(int byteCount);
        public override byte[] GetPreamble();
        public override string GetString(byte[] bytes, int index, int count);
    }

    /// <summary>Text in units of 8 bits.</summary>
    public class UTF8Encoding : Encoding
    {
        public UTF8Encoding() { }
        public UTF8Encoding(bool encoderShouldEmitUTF8Identifier) { }
        public UTF8Encoding(bool encoderShouldEmitUTF8Identifier, bool throwOnInvalidBytes) { }
        public override System.ReadOnlySpan<byte> Preamble { get; }
        public override int GetByteCount(string chars);
        public override int GetByteCount(char* chars, int count);
        public override int GetByteCount(char[] chars, int index, int count);
        public override int GetBytes(char* chars, int charCount, byte* bytes, int byteCount);
        public override int GetBytes(char[] chars, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetBytes(string s, int charIndex, int charCount, byte[] bytes, int byteIndex);
        public override int GetCharCount(byte* bytes, int count);
        public override int GetCharCount(byte[] bytes, int index, int count);
        public override int GetChars(byte* bytes, int byteCount, char* chars, int charCount);
        public override int GetChars(byte[] bytes, int byteIndex, int byteCount, char[] chars, int charIndex);
        public override Decoder GetDecoder();
        public override Encoder GetEncoder();
        public override int GetMaxByteCount(int charCount);
        public override int GetMaxCharCount(int byteCount);
        public override byte[] GetPreamble();
        public override string GetString(byte[] bytes, int index, int count);
    }
}
