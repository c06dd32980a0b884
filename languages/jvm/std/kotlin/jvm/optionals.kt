package kotlin.jvm.optionals

import java.util.Optional

fun <T: Any> Optional<T>.getOrNull(): T?
fun <T> Optional<out T & Any>.getOrDefault(defaultValue: T): T
fun <T> Optional<out T & Any>.getOrElse(defaultValue: () -> T): T
fun <T: Any, C: MutableCollection<in T>> Optional<T>.toCollection(destination: C): C
fun <T: Any> Optional<out T>.toList(): List<T>
fun <T: Any> Optional<out T>.toSet(): Set<T>
fun <T: Any> Optional<out T>.asSequence(): Sequence<T>
