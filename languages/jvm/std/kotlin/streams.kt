package kotlin.streams

import java.util.*
import java.util.stream.*

fun <T> Stream<T>.asSequence(): Sequence<T>
fun IntStream.asSequence(): Sequence<Int>
fun LongStream.asSequence(): Sequence<Long>
fun DoubleStream.asSequence(): Sequence<Double>
fun <T> Sequence<T>.asStream(): Stream<T>
fun <T> Stream<T>.toList(): List<T>
fun IntStream.toList(): List<Int>
fun LongStream.toList(): List<Long>
fun DoubleStream.toList(): List<Double>
