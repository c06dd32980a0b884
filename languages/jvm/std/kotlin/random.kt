package kotlin.random

import kotlin.math.nextDown

fun Random.asJavaRandom(): java.util.Random
fun java.util.Random.asKotlinRandom(): Random
abstract class Random {
    abstract fun nextBits(bitCount: Int): Int
    open fun nextInt(): Int
    open fun nextInt(until: Int): Int
    open fun nextInt(from: Int, until: Int): Int
    open fun nextLong(): Long
    open fun nextLong(until: Long): Long
    open fun nextLong(from: Long, until: Long): Long
    open fun nextBoolean(): Boolean
    open fun nextDouble(): Double
    open fun nextDouble(until: Double): Double
    open fun nextDouble(from: Double, until: Double): Double
    open fun nextFloat(): Float
    open fun nextBytes(array: ByteArray, fromIndex: Int = 0, toIndex: Int = null): ByteArray
    open fun nextBytes(array: ByteArray): ByteArray
    open fun nextBytes(size: Int): ByteArray
    companion object Default: Random() {
        override fun nextBits(bitCount: Int): Int
        override fun nextInt(): Int
        override fun nextInt(until: Int): Int
        override fun nextInt(from: Int, until: Int): Int
        override fun nextLong(): Long
        override fun nextLong(until: Long): Long
        override fun nextLong(from: Long, until: Long): Long
        override fun nextBoolean(): Boolean
        override fun nextDouble(): Double
        override fun nextDouble(until: Double): Double
        override fun nextDouble(from: Double, until: Double): Double
        override fun nextFloat(): Float
        override fun nextBytes(array: ByteArray): ByteArray
        override fun nextBytes(size: Int): ByteArray
        override fun nextBytes(array: ByteArray, fromIndex: Int, toIndex: Int): ByteArray
    }
}
fun Random(seed: Int): Random
fun Random(seed: Long): Random
fun Random.nextInt(range: IntRange): Int
fun Random.nextLong(range: LongRange): Long
fun Random.nextUInt(): UInt
fun Random.nextUInt(until: UInt): UInt
fun Random.nextUInt(from: UInt, until: UInt): UInt
fun Random.nextUInt(range: UIntRange): UInt
fun Random.nextULong(): ULong
fun Random.nextULong(until: ULong): ULong
fun Random.nextULong(from: ULong, until: ULong): ULong
fun Random.nextULong(range: ULongRange): ULong
