package kotlin.concurrent

import java.util.Date
import java.util.Timer
import java.util.TimerTask
import java.util.concurrent.locks.Lock
import java.util.concurrent.locks.ReentrantReadWriteLock

fun <T> Lock.withLock(action: () -> T): T
fun <T> ReentrantReadWriteLock.read(action: () -> T): T
fun <T> ReentrantReadWriteLock.write(action: () -> T): T
fun thread(start: Boolean = true, isDaemon: Boolean = false, contextClassLoader: ClassLoader? = null, name: String? = null, priority: Int = null, block: () -> Unit): Thread
fun <T: Any> ThreadLocal<T>.getOrSet(default: () -> T): T
fun Timer.schedule(delay: Long, action: TimerTask.() -> Unit): TimerTask
fun Timer.schedule(time: Date, action: TimerTask.() -> Unit): TimerTask
fun Timer.schedule(delay: Long, period: Long, action: TimerTask.() -> Unit): TimerTask
fun Timer.schedule(time: Date, period: Long, action: TimerTask.() -> Unit): TimerTask
fun Timer.scheduleAtFixedRate(delay: Long, period: Long, action: TimerTask.() -> Unit): TimerTask
fun Timer.scheduleAtFixedRate(time: Date, period: Long, action: TimerTask.() -> Unit): TimerTask
fun timer(name: String? = null, daemon: Boolean = false, initialDelay: Long = null, period: Long, action: TimerTask.() -> Unit): Timer
fun timer(name: String? = null, daemon: Boolean = false, startAt: Date, period: Long, action: TimerTask.() -> Unit): Timer
fun fixedRateTimer(name: String? = null, daemon: Boolean = false, initialDelay: Long = null, period: Long, action: TimerTask.() -> Unit): Timer
fun fixedRateTimer(name: String? = null, daemon: Boolean = false, startAt: Date, period: Long, action: TimerTask.() -> Unit): Timer
fun timerTask(action: TimerTask.() -> Unit): TimerTask
typealias Volatile = kotlin.jvm.Volatile
