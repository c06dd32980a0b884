package java.math;

import java.io.Serializable;
import java.util.Random;

/** A decimal number of any size. */
public class BigDecimal extends Number implements Comparable<BigDecimal> {
    public static final BigDecimal ZERO;
    public static final BigDecimal ONE;
    public static final BigDecimal TEN;
    public static final int ROUND_UP;
    public static final int ROUND_DOWN;
    public static final int ROUND_CEILING;
    public static final int ROUND_FLOOR;
    public static final int ROUND_HALF_UP;
    public static final int ROUND_HALF_DOWN;
    public static final int ROUND_HALF_EVEN;
    public static final int ROUND_UNNECESSARY;
    public BigDecimal(char[] items) { }
    public BigDecimal(double number) { }
    public BigDecimal(int number) { }
    public BigDecimal(String text) { }
    public BigDecimal(BigInteger bigInteger) { }
    public BigDecimal(long number) { }
    public BigDecimal(char[] items, MathContext mathContext) { }
    public BigDecimal(double number, MathContext mathContext) { }
    public BigDecimal(int number, MathContext mathContext) { }
    public BigDecimal(String text, MathContext mathContext) { }
    public BigDecimal(BigInteger bigInteger, int number) { }
    public BigDecimal(BigInteger bigInteger, MathContext mathContext) { }
    public BigDecimal(long number, MathContext mathContext) { }
    public BigDecimal(char[] items, int number, int number2) { }
    public BigDecimal(BigInteger bigInteger, int number, MathContext mathContext) { }
    public BigDecimal(char[] items, int number, int number2, MathContext mathContext) { }
    public BigDecimal abs();
    public BigDecimal abs(MathContext mathContext);
    public BigDecimal add(BigDecimal bigDecimal);
    public BigDecimal add(BigDecimal bigDecimal, MathContext mathContext);
    public byte byteValueExact();
    public int compareTo(BigDecimal bigDecimal);
    public BigDecimal divide(BigDecimal bigDecimal);
    public BigDecimal divide(BigDecimal bigDecimal, int number);
    public BigDecimal divide(BigDecimal bigDecimal, MathContext mathContext);
    public BigDecimal divide(BigDecimal bigDecimal, RoundingMode roundingMode);
    public BigDecimal divide(BigDecimal bigDecimal, int number, int number2);
    public BigDecimal divide(BigDecimal bigDecimal, int number, RoundingMode roundingMode);
    public BigDecimal[] divideAndRemainder(BigDecimal bigDecimal);
    public BigDecimal[] divideAndRemainder(BigDecimal bigDecimal, MathContext mathContext);
    public BigDecimal divideToIntegralValue(BigDecimal bigDecimal);
    public BigDecimal divideToIntegralValue(BigDecimal bigDecimal, MathContext mathContext);
    public double doubleValue();
    public float floatValue();
    public int intValue();
    public int intValueExact();
    public long longValue();
    public long longValueExact();
    public BigDecimal max(BigDecimal bigDecimal);
    public BigDecimal min(BigDecimal bigDecimal);
    public BigDecimal movePointLeft(int number);
    public BigDecimal movePointRight(int number);
    public BigDecimal multiply(BigDecimal bigDecimal);
    public BigDecimal multiply(BigDecimal bigDecimal, MathContext mathContext);
    public BigDecimal negate();
    public BigDecimal negate(MathContext mathContext);
    public BigDecimal plus();
    public BigDecimal plus(MathContext mathContext);
    public BigDecimal pow(int number);
    public BigDecimal pow(int number, MathContext mathContext);
    public int precision();
    public BigDecimal remainder(BigDecimal bigDecimal);
    public BigDecimal remainder(BigDecimal bigDecimal, MathContext mathContext);
    public BigDecimal round(MathContext mathContext);
    public int scale();
    public BigDecimal scaleByPowerOfTen(int number);
    public BigDecimal setScale(int number);
    public BigDecimal setScale(int number, int number2);
    public BigDecimal setScale(int number, RoundingMode roundingMode);
    public short shortValueExact();
    public int signum();
    public BigDecimal sqrt(MathContext mathContext);
    public BigDecimal stripTrailingZeros();
    public BigDecimal subtract(BigDecimal bigDecimal);
    public BigDecimal subtract(BigDecimal bigDecimal, MathContext mathContext);
    public BigInteger toBigInteger();
    public BigInteger toBigIntegerExact();
    public String toEngineeringString();
    public String toPlainString();
    public BigDecimal ulp();
    public BigInteger unscaledValue();
    public static BigDecimal valueOf(double number);
    public static BigDecimal valueOf(long number);
    public static BigDecimal valueOf(long number, int number2);
}

/** A whole number of any size. */
public class BigInteger extends Number implements Comparable<BigInteger> {
    public static final BigInteger ZERO;
    public static final BigInteger ONE;
    public static final BigInteger TWO;
    public static final BigInteger TEN;
    public BigInteger(byte[] items) { }
    public BigInteger(String text) { }
    public BigInteger(int number, byte[] items) { }
    public BigInteger(int number, Random random) { }
    public BigInteger(String text, int number) { }
    public BigInteger(byte[] items, int number, int number2) { }
    public BigInteger(int number, int number2, Random random) { }
    public BigInteger(int number, byte[] items, int number2, int number3) { }
    public BigInteger abs();
    public BigInteger add(BigInteger bigInteger);
    public BigInteger and(BigInteger bigInteger);
    public BigInteger andNot(BigInteger bigInteger);
    public int bitCount();
    public int bitLength();
    public byte byteValueExact();
    public BigInteger clearBit(int number);
    public int compareTo(BigInteger bigInteger);
    public BigInteger divide(BigInteger bigInteger);
    public BigInteger[] divideAndRemainder(BigInteger bigInteger);
    public double doubleValue();
    public BigInteger flipBit(int number);
    public float floatValue();
    public BigInteger gcd(BigInteger bigInteger);
    public int getLowestSetBit();
    public int intValue();
    public int intValueExact();
    public boolean isProbablePrime(int number);
    public long longValue();
    public long longValueExact();
    public BigInteger max(BigInteger bigInteger);
    public BigInteger min(BigInteger bigInteger);
    public BigInteger mod(BigInteger bigInteger);
    public BigInteger modInverse(BigInteger bigInteger);
    public BigInteger modPow(BigInteger bigInteger, BigInteger bigInteger2);
    public BigInteger multiply(BigInteger bigInteger);
    public BigInteger negate();
    public BigInteger nextProbablePrime();
    public BigInteger not();
    public BigInteger or(BigInteger bigInteger);
    public BigInteger pow(int number);
    public static BigInteger probablePrime(int number, Random random);
    public BigInteger remainder(BigInteger bigInteger);
    public BigInteger setBit(int number);
    public BigInteger shiftLeft(int number);
    public BigInteger shiftRight(int number);
    public short shortValueExact();
    public int signum();
    public BigInteger sqrt();
    public BigInteger[] sqrtAndRemainder();
    public BigInteger subtract(BigInteger bigInteger);
    public boolean testBit(int number);
    public byte[] toByteArray();
    public String toString(int number);
    public static BigInteger valueOf(long number);
    public BigInteger xor(BigInteger bigInteger);
}

/** Precision and rounding. */
public final class MathContext implements Serializable {
    public static final MathContext UNLIMITED;
    public static final MathContext DECIMAL32;
    public static final MathContext DECIMAL64;
    public static final MathContext DECIMAL128;
    public MathContext(int number) { }
    public MathContext(String text) { }
    public MathContext(int number, RoundingMode roundingMode) { }
    public int getPrecision();
    public RoundingMode getRoundingMode();
}

/** How numbers are rounded. */
public enum RoundingMode {
    UP, DOWN, CEILING, FLOOR, HALF_UP, HALF_DOWN, HALF_EVEN, UNNECESSARY;
}
