using System;
using System.Globalization;

namespace System.Numerics
{
    /// <summary>A whole number of any size.</summary>
    public struct BigInteger : IComparable, IComparable<BigInteger>, IEquatable<BigInteger>, IFormattable
    {
        public BigInteger(byte[] value) { }
        public BigInteger(double value) { }
        public BigInteger(int value) { }
        public BigInteger(long value) { }
        public BigInteger(float value) { }
        public BigInteger(decimal value) { }
        public BigInteger(uint value) { }
        public BigInteger(ulong value) { }
        public BigInteger(System.ReadOnlySpan<byte> value, bool isUnsigned = default(bool), bool isBigEndian = default(bool)) { }
        public bool IsEven { get; }
        public bool IsOne { get; }
        public bool IsPowerOfTwo { get; }
        public bool IsZero { get; }
        public static BigInteger MinusOne { get; }
        public static BigInteger One { get; }
        public int Sign { get; }
        public static BigInteger Zero { get; }
        public static BigInteger Abs(BigInteger value);
        public static BigInteger Add(BigInteger left, BigInteger right);
        public static int Compare(BigInteger left, BigInteger right);
        public int CompareTo(long other);
        public int CompareTo(BigInteger other);
        public int CompareTo(object obj);
        public int CompareTo(ulong other);
        public static BigInteger DivRem(BigInteger dividend, BigInteger divisor, out BigInteger remainder);
        public static BigInteger Divide(BigInteger dividend, BigInteger divisor);
        public bool Equals(long other);
        public bool Equals(BigInteger other);
        public bool Equals(ulong other);
        public int GetByteCount(bool isUnsigned = default(bool));
        public static BigInteger GreatestCommonDivisor(BigInteger left, BigInteger right);
        public static double Log(BigInteger value);
        public static double Log(BigInteger value, double baseValue);
        public static double Log10(BigInteger value);
        public static BigInteger Max(BigInteger left, BigInteger right);
        public static BigInteger Min(BigInteger left, BigInteger right);
        public static BigInteger ModPow(BigInteger value, BigInteger exponent, BigInteger modulus);
        public static BigInteger Multiply(BigInteger left, BigInteger right);
        public static BigInteger Negate(BigInteger value);
        public static BigInteger Parse(string value);
        public static BigInteger Parse(string value, NumberStyles style);
        public static BigInteger Parse(string value, IFormatProvider provider);
        public static BigInteger Parse(System.ReadOnlySpan<char> value, NumberStyles style = default(NumberStyles), IFormatProvider provider = default(IFormatProvider));
        public static BigInteger Parse(string value, NumberStyles style, IFormatProvider provider);
        public static BigInteger Pow(BigInteger value, int exponent);
        public static BigInteger Remainder(BigInteger dividend, BigInteger divisor);
        public static BigInteger Subtract(BigInteger left, BigInteger right);
        public byte[] ToByteArray();
        public byte[] ToByteArray(bool isUnsigned = default(bool), bool isBigEndian = default(bool));
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
        public bool TryFormat(System.Span<char> destination, out int charsWritten, System.ReadOnlySpan<char> format = default(System.ReadOnlySpan<char>), IFormatProvider provider = default(IFormatProvider));
        public static bool TryParse(System.ReadOnlySpan<char> value, out BigInteger result);
        public static bool TryParse(string value, out BigInteger result);
        public static bool TryParse(System.ReadOnlySpan<char> value, NumberStyles style, IFormatProvider provider, out BigInteger result);
        public static bool TryParse(string value, NumberStyles style, IFormatProvider provider, out BigInteger result);
        public bool TryWriteBytes(System.Span<byte> destination, out int bytesWritten, bool isUnsigned = default(bool), bool isBigEndian = default(bool));
    }

    /// <summary>A complex number.</summary>
    public struct Complex : IEquatable<Complex>, IFormattable
    {
        public static Complex ImaginaryOne;
        public static Complex One;
        public static Complex Zero;
        public Complex(double real, double imaginary) { }
        public double Imaginary { get; }
        public double Magnitude { get; }
        public double Phase { get; }
        public double Real { get; }
        public static double Abs(Complex value);
        public static Complex Acos(Complex value);
        public static Complex Add(Complex left, Complex right);
        public static Complex Asin(Complex value);
        public static Complex Atan(Complex value);
        public static Complex Conjugate(Complex value);
        public static Complex Cos(Complex value);
        public static Complex Cosh(Complex value);
        public static Complex Divide(Complex dividend, Complex divisor);
        public bool Equals(Complex value);
        public static Complex Exp(Complex value);
        public static Complex FromPolarCoordinates(double magnitude, double phase);
        public static Complex Log(Complex value);
        public static Complex Log(Complex value, double baseValue);
        public static Complex Log10(Complex value);
        public static Complex Multiply(Complex left, Complex right);
        public static Complex Negate(Complex value);
        public static Complex Pow(Complex value, double power);
        public static Complex Pow(Complex value, Complex power);
        public static Complex Reciprocal(Complex value);
        public static Complex Sin(Complex value);
        public static Complex Sinh(Complex value);
        public static Complex Sqrt(Complex value);
        public static Complex Subtract(Complex left, Complex right);
        public static Complex Tan(Complex value);
        public static Complex Tanh(Complex value);
        public string ToString(IFormatProvider provider);
        public string ToString(string format);
        public string ToString(string format, IFormatProvider provider);
    }
}
