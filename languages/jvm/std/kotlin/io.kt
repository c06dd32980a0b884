package kotlin.io

import java.io.*
import java.io.Closeable
import java.io.File
import java.io.IOException
import java.io.InputStream
import java.net.URL
import java.nio.ByteBuffer
import java.nio.CharBuffer
import java.nio.charset.Charset
import java.nio.charset.CharsetDecoder
import java.nio.charset.CoderResult
import java.util.*
import java.util.ArrayDeque
import java.util.NoSuchElementException

fun <T: Closeable?, R> T.use(block: (T) -> R): R
fun print(message: Any?)
fun print(message: Int)
fun print(message: Long)
fun print(message: Byte)
fun print(message: Short)
fun print(message: Char)
fun print(message: Boolean)
fun print(message: Float)
fun print(message: Double)
fun print(message: CharArray)
/** Prints a line. */
fun println(message: Any?)
/** Prints a line. */
fun println(message: Int)
/** Prints a line. */
fun println(message: Long)
/** Prints a line. */
fun println(message: Byte)
/** Prints a line. */
fun println(message: Short)
/** Prints a line. */
fun println(message: Char)
/** Prints a line. */
fun println(message: Boolean)
/** Prints a line. */
fun println(message: Float)
/** Prints a line. */
fun println(message: Double)
/** Prints a line. */
fun println(message: CharArray)
/** Prints a line. */
fun println()
fun readln(): String
fun readlnOrNull(): String?
fun readLine(): String?
const val DEFAULT_BUFFER_SIZE: Int
open class FileSystemException(val file: File, val other: File? = null, val reason: String? = null): IOException(constructMessage(file, other, reason))
class FileAlreadyExistsException(file: File, other: File? = null, reason: String? = null): FileSystemException(file, other, reason)
class AccessDeniedException(file: File, other: File? = null, reason: String? = null): FileSystemException(file, other, reason)
class NoSuchFileException(file: File, other: File? = null, reason: String? = null): FileSystemException(file, other, reason)
fun File.reader(charset: Charset = null): InputStreamReader
/** Reads text with a buffer. */
fun File.bufferedReader(charset: Charset = null, bufferSize: Int = null): BufferedReader
fun File.writer(charset: Charset = null): OutputStreamWriter
fun File.bufferedWriter(charset: Charset = null, bufferSize: Int = null): BufferedWriter
fun File.printWriter(charset: Charset = null): PrintWriter
fun File.readBytes(): ByteArray
fun File.writeBytes(array: ByteArray): Unit
fun File.appendBytes(array: ByteArray): Unit
/** All of a file as text. */
fun File.readText(charset: Charset = null): String
fun File.writeText(text: String, charset: Charset = null): Unit
fun File.appendText(text: String, charset: Charset = null): Unit
fun File.forEachBlock(action: (buffer: ByteArray, bytesRead: Int) -> Unit): Unit
fun File.forEachBlock(blockSize: Int, action: (buffer: ByteArray, bytesRead: Int) -> Unit): Unit
fun File.forEachLine(charset: Charset = null, action: (line: String) -> Unit): Unit
fun File.inputStream(): FileInputStream
fun File.outputStream(): FileOutputStream
fun File.readLines(charset: Charset = null): List<String>
fun <T> File.useLines(charset: Charset = null, block: (Sequence<String>) -> T): T
operator fun BufferedInputStream.iterator(): ByteIterator
fun String.byteInputStream(charset: Charset = null): ByteArrayInputStream
fun ByteArray.inputStream(): ByteArrayInputStream
fun ByteArray.inputStream(offset: Int, length: Int): ByteArrayInputStream
fun InputStream.buffered(bufferSize: Int = null): BufferedInputStream
fun InputStream.reader(charset: Charset = null): InputStreamReader
/** Reads text with a buffer. */
fun InputStream.bufferedReader(charset: Charset = null): BufferedReader
fun OutputStream.buffered(bufferSize: Int = null): BufferedOutputStream
fun OutputStream.writer(charset: Charset = null): OutputStreamWriter
fun OutputStream.bufferedWriter(charset: Charset = null): BufferedWriter
fun InputStream.copyTo(out: OutputStream, bufferSize: Int = null): Long
fun InputStream.readBytes(): ByteArray
fun Reader.buffered(bufferSize: Int = null): BufferedReader
fun Writer.buffered(bufferSize: Int = null): BufferedWriter
fun Reader.forEachLine(action: (String) -> Unit): Unit
fun Reader.readLines(): List<String>
fun <T> Reader.useLines(block: (Sequence<String>) -> T): T
fun String.reader(): StringReader
fun BufferedReader.lineSequence(): Sequence<String>
/** All of a file as text. */
fun Reader.readText(): String
fun Reader.copyTo(out: Writer, bufferSize: Int = null): Long
/** All of a file as text. */
fun URL.readText(charset: Charset = null): String
fun URL.readBytes(): ByteArray
val File.isRooted: Boolean
enum class FileWalkDirection {
    TOP_DOWN,
    BOTTOM_UP
}
class FileTreeWalk private constructor(private val start: File, private val direction: FileWalkDirection = null, private val onEnter: ((File) -> Boolean)?, private val onLeave: ((File) -> Unit)?, private val onFail: ((f: File, e: IOException) -> Unit)?, private val maxDepth: Int = null): Sequence<File> {
    override fun iterator(): Iterator<File>
    fun onEnter(function: (File) -> Boolean): FileTreeWalk
    fun onLeave(function: (File) -> Unit): FileTreeWalk
    fun onFail(function: (File, IOException) -> Unit): FileTreeWalk
    fun maxDepth(depth: Int): FileTreeWalk
}
fun File.walk(direction: FileWalkDirection = null): FileTreeWalk
fun File.walkTopDown(): FileTreeWalk
fun File.walkBottomUp(): FileTreeWalk
val File.extension: String
val File.invariantSeparatorsPath: String
val File.nameWithoutExtension: String
fun File.toRelativeString(base: File): String
fun File.relativeTo(base: File): File
fun File.relativeToOrSelf(base: File): File
fun File.relativeToOrNull(base: File): File?
fun File.copyTo(target: File, overwrite: Boolean = false, bufferSize: Int = null): File
enum class OnErrorAction {
    SKIP,
    TERMINATE
}
fun File.copyRecursively(target: File, overwrite: Boolean = false, onError: (File, IOException) -> OnErrorAction = null): Boolean
fun File.deleteRecursively(): Boolean
fun File.startsWith(other: File): Boolean
fun File.startsWith(other: String): Boolean
fun File.endsWith(other: File): Boolean
fun File.endsWith(other: String): Boolean
fun File.normalize(): File
fun File.resolve(relative: File): File
fun File.resolve(relative: String): File
fun File.resolveSibling(relative: File): File
fun File.resolveSibling(relative: String): File
