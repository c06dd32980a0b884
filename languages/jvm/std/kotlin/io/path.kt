package kotlin.io.path

import java.io.*
import java.io.IOException
import java.net.URI
import java.nio.charset.Charset
import java.nio.file.*
import java.nio.file.FileAlreadyExistsException
import java.nio.file.FileSystemException
import java.nio.file.FileVisitResult
import java.nio.file.FileVisitor
import java.nio.file.Files
import java.nio.file.NoSuchFileException
import java.nio.file.OpenOption
import java.nio.file.Path
import java.nio.file.SimpleFileVisitor
import java.nio.file.StandardOpenOption
import java.nio.file.attribute.*
import java.nio.file.attribute.BasicFileAttributeView
import java.nio.file.attribute.BasicFileAttributes
import kotlin.annotation.AnnotationTarget.*
import kotlin.jvm.Throws

interface CopyActionContext {
    fun Path.copyToIgnoringExistingDirectory(target: Path, followLinks: Boolean): CopyActionResult
}
enum class CopyActionResult {
    CONTINUE,
    SKIP_SUBTREE,
    TERMINATE
}
annotation class ExperimentalPathApi
sealed interface FileVisitorBuilder {
    fun onPreVisitDirectory(function: (directory: Path, attributes: BasicFileAttributes) -> FileVisitResult): Unit
    fun onVisitFile(function: (file: Path, attributes: BasicFileAttributes) -> FileVisitResult): Unit
    fun onVisitFileFailed(function: (file: Path, exception: IOException) -> FileVisitResult): Unit
    fun onPostVisitDirectory(function: (directory: Path, exception: IOException?) -> FileVisitResult): Unit
}
enum class OnErrorResult {
    SKIP_SUBTREE,
    TERMINATE
}
fun Path.reader(charset: Charset = null, vararg options: OpenOption): InputStreamReader
fun Path.bufferedReader(charset: Charset = null, bufferSize: Int = null, vararg options: OpenOption): BufferedReader
fun Path.writer(charset: Charset = null, vararg options: OpenOption): OutputStreamWriter
fun Path.bufferedWriter(charset: Charset = null, bufferSize: Int = null, vararg options: OpenOption): BufferedWriter
fun Path.readBytes(): ByteArray
fun Path.writeBytes(array: ByteArray, vararg options: OpenOption): Unit
fun Path.appendBytes(array: ByteArray)
fun Path.readText(charset: Charset = null): String
fun Path.writeText(text: CharSequence, charset: Charset = null, vararg options: OpenOption)
fun Path.appendText(text: CharSequence, charset: Charset = null)
fun Path.forEachLine(charset: Charset = null, action: (line: String) -> Unit): Unit
fun Path.inputStream(vararg options: OpenOption): InputStream
fun Path.outputStream(vararg options: OpenOption): OutputStream
fun Path.readLines(charset: Charset = null): List<String>
fun <T> Path.useLines(charset: Charset = null, block: (Sequence<String>) -> T): T
fun Path.writeLines(lines: Iterable<CharSequence>, charset: Charset = null, vararg options: OpenOption): Path
fun Path.writeLines(lines: Sequence<CharSequence>, charset: Charset = null, vararg options: OpenOption): Path
fun Path.appendLines(lines: Iterable<CharSequence>, charset: Charset = null): Path
fun Path.appendLines(lines: Sequence<CharSequence>, charset: Charset = null): Path
fun Path.copyToRecursively(target: Path, onError: (source: Path, target: Path, exception: Exception) -> OnErrorResult = null, followLinks: Boolean, overwrite: Boolean): Path
fun Path.copyToRecursively(target: Path, onError: (source: Path, target: Path, exception: Exception) -> OnErrorResult = null, followLinks: Boolean, copyAction: CopyActionContext.(source: Path, target: Path) -> CopyActionResult = null): Path
fun Path.deleteRecursively(): Unit
val Path.name: String
val Path.nameWithoutExtension: String
val Path.extension: String
val Path.pathString: String
val Path.invariantSeparatorsPathString: String
fun Path.absolute(): Path
fun Path.absolutePathString(): String
fun Path.relativeTo(base: Path): Path
fun Path.relativeToOrSelf(base: Path): Path
fun Path.relativeToOrNull(base: Path): Path?
fun Path.copyTo(target: Path, overwrite: Boolean = false): Path
fun Path.copyTo(target: Path, vararg options: CopyOption): Path
fun Path.exists(vararg options: LinkOption): Boolean
fun Path.notExists(vararg options: LinkOption): Boolean
fun Path.isRegularFile(vararg options: LinkOption): Boolean
fun Path.isDirectory(vararg options: LinkOption): Boolean
fun Path.isSymbolicLink(): Boolean
fun Path.isExecutable(): Boolean
fun Path.isHidden(): Boolean
fun Path.isReadable(): Boolean
fun Path.isWritable(): Boolean
fun Path.isSameFileAs(other: Path): Boolean
fun Path.listDirectoryEntries(glob: String = "*"): List<Path>
fun <T> Path.useDirectoryEntries(glob: String = "*", block: (Sequence<Path>) -> T): T
fun Path.forEachDirectoryEntry(glob: String = "*", action: (Path) -> Unit)
fun Path.fileSize(): Long
fun Path.deleteExisting()
fun Path.deleteIfExists()
fun Path.createDirectory(vararg attributes: FileAttribute<*>): Path
fun Path.createDirectories(vararg attributes: FileAttribute<*>): Path
fun Path.createParentDirectories(vararg attributes: FileAttribute<*>): Path
fun Path.moveTo(target: Path, vararg options: CopyOption): Path
fun Path.moveTo(target: Path, overwrite: Boolean = false): Path
fun Path.fileStore(): FileStore
fun Path.getAttribute(attribute: String, vararg options: LinkOption): Any?
fun Path.setAttribute(attribute: String, value: Any?, vararg options: LinkOption): Path
fun <reified V: FileAttributeView> Path.fileAttributesViewOrNull(vararg options: LinkOption): V?
fun <reified V: FileAttributeView> Path.fileAttributesView(vararg options: LinkOption): V
fun <reified A: BasicFileAttributes> Path.readAttributes(vararg options: LinkOption): A
fun Path.readAttributes(attributes: String, vararg options: LinkOption): Map<String, Any?>
fun Path.getLastModifiedTime(vararg options: LinkOption): FileTime
fun Path.setLastModifiedTime(value: FileTime): Path
fun Path.getOwner(vararg options: LinkOption): UserPrincipal?
fun Path.setOwner(value: UserPrincipal): Path
fun Path.getPosixFilePermissions(vararg options: LinkOption): Set<PosixFilePermission>
fun Path.setPosixFilePermissions(value: Set<PosixFilePermission>): Path
fun Path.createLinkPointingTo(target: Path): Path
fun Path.createSymbolicLinkPointingTo(target: Path, vararg attributes: FileAttribute<*>): Path
fun Path.readSymbolicLink(): Path
fun Path.createFile(vararg attributes: FileAttribute<*>): Path
fun createTempFile(prefix: String? = null, suffix: String? = null, vararg attributes: FileAttribute<*>): Path
fun createTempFile(directory: Path?, prefix: String? = null, suffix: String? = null, vararg attributes: FileAttribute<*>): Path
fun createTempDirectory(prefix: String? = null, vararg attributes: FileAttribute<*>): Path
fun createTempDirectory(directory: Path?, prefix: String? = null, vararg attributes: FileAttribute<*>): Path
operator fun Path.div(other: Path): Path
operator fun Path.div(other: String): Path
fun Path(path: String): Path
fun Path(base: String, vararg subpaths: String): Path
fun URI.toPath(): Path
fun Path.walk(vararg options: PathWalkOption): Sequence<Path>
fun Path.visitFileTree(visitor: FileVisitor<Path>, maxDepth: Int = null, followLinks: Boolean = false): Unit
fun Path.visitFileTree(maxDepth: Int = null, followLinks: Boolean = false, builderAction: FileVisitorBuilder.() -> Unit): Unit
fun fileVisitor(builderAction: FileVisitorBuilder.() -> Unit): FileVisitor<Path>
enum class PathWalkOption {
    INCLUDE_DIRECTORIES,
    BREADTH_FIRST,
    FOLLOW_LINKS
}
