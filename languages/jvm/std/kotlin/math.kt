package kotlin.math

import java.lang.Math as nativeMath
import kotlin.math.Constants.LN2
import kotlin.math.Constants.taylor_2_bound
import kotlin.math.Constants.taylor_n_bound
import kotlin.math.Constants.upper_taylor_2_bound
import kotlin.math.Constants.upper_taylor_n_bound

fun sin(x: Double): Double
fun cos(x: Double): Double
fun tan(x: Double): Double
fun asin(x: Double): Double
fun acos(x: Double): Double
fun atan(x: Double): Double
fun atan2(y: Double, x: Double): Double
fun sinh(x: Double): Double
fun cosh(x: Double): Double
fun tanh(x: Double): Double
fun asinh(x: Double): Double
fun acosh(x: Double): Double
fun atanh(x: Double): Double
fun hypot(x: Double, y: Double): Double
fun sqrt(x: Double): Double
fun exp(x: Double): Double
fun expm1(x: Double): Double
fun log(x: Double, base: Double): Double
fun ln(x: Double): Double
fun log10(x: Double): Double
fun log2(x: Double): Double
fun ln1p(x: Double): Double
fun ceil(x: Double): Double
fun floor(x: Double): Double
fun truncate(x: Double): Double
fun round(x: Double): Double
fun abs(x: Double): Double
fun sign(x: Double): Double
fun min(a: Double, b: Double): Double
fun max(a: Double, b: Double): Double
fun cbrt(x: Double): Double
fun Double.pow(x: Double): Double
fun Double.pow(n: Int): Double
fun Double.IEEErem(divisor: Double): Double
val Double.absoluteValue: Double
val Double.sign: Double
fun Double.withSign(sign: Double): Double
fun Double.withSign(sign: Int): Double
val Double.ulp: Double
fun Double.nextUp(): Double
fun Double.nextDown(): Double
fun Double.nextTowards(to: Double): Double
fun Double.roundToInt(): Int
fun Double.roundToLong(): Long
fun sin(x: Float): Float
fun cos(x: Float): Float
fun tan(x: Float): Float
fun asin(x: Float): Float
fun acos(x: Float): Float
fun atan(x: Float): Float
fun atan2(y: Float, x: Float): Float
fun sinh(x: Float): Float
fun cosh(x: Float): Float
fun tanh(x: Float): Float
fun asinh(x: Float): Float
fun acosh(x: Float): Float
fun atanh(x: Float): Float
fun hypot(x: Float, y: Float): Float
fun sqrt(x: Float): Float
fun exp(x: Float): Float
fun expm1(x: Float): Float
fun log(x: Float, base: Float): Float
fun ln(x: Float): Float
fun log10(x: Float): Float
fun log2(x: Float): Float
fun ln1p(x: Float): Float
fun ceil(x: Float): Float
fun floor(x: Float): Float
fun truncate(x: Float): Float
fun round(x: Float): Float
fun abs(x: Float): Float
fun sign(x: Float): Float
fun min(a: Float, b: Float): Float
fun max(a: Float, b: Float): Float
fun cbrt(x: Float): Float
fun Float.pow(x: Float): Float
fun Float.pow(n: Int): Float
fun Float.IEEErem(divisor: Float): Float
val Float.absoluteValue: Float
val Float.sign: Float
fun Float.withSign(sign: Float): Float
fun Float.withSign(sign: Int): Float
val Float.ulp: Float
fun Float.nextUp(): Float
fun Float.nextDown(): Float
fun Float.nextTowards(to: Float): Float
fun Float.roundToInt(): Int
fun Float.roundToLong(): Long
fun abs(n: Int): Int
fun min(a: Int, b: Int): Int
fun max(a: Int, b: Int): Int
val Int.absoluteValue: Int
val Int.sign: Int
fun abs(n: Long): Long
fun min(a: Long, b: Long): Long
fun max(a: Long, b: Long): Long
val Long.absoluteValue: Long
val Long.sign: Int
const val PI: Double
const val E: Double
fun min(a: UInt, b: UInt): UInt
fun min(a: ULong, b: ULong): ULong
fun max(a: UInt, b: UInt): UInt
fun max(a: ULong, b: ULong): ULong
