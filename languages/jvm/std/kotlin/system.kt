package kotlin.system

fun exitProcess(status: Int): Nothing
fun measureTimeMillis(block: () -> Unit): Long
fun measureNanoTime(block: () -> Unit): Long
