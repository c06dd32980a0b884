package kotlin.jvm

import java.lang.Boolean as JavaLangBoolean
import java.lang.Byte as JavaLangByte
import java.lang.Character as JavaLangCharacter
import java.lang.Double as JavaLangDouble
import java.lang.Error
import java.lang.Float as JavaLangFloat
import java.lang.Integer as JavaLangInteger
import java.lang.Long as JavaLangLong
import java.lang.Short as JavaLangShort
import kotlin.annotation.AnnotationTarget.*
import kotlin.jvm.internal.ClassBasedDeclarationContainer
import kotlin.jvm.internal.Reflection
import kotlin.reflect.KClass

typealias JvmRepeatable = java.lang.annotation.Repeatable
val <T> KClass<T>.java: Class<T>
val <T: Any> KClass<T>.javaPrimitiveType: Class<T>?
val <T: Any> KClass<T>.javaObjectType: Class<T>
val <T: Any> Class<T>.kotlin: KClass<T>
val <T: Any> T.javaClass: Class<T>
fun <reified T: Any> Array<*>.isArrayOf(): Boolean
val <T: Annotation> T.annotationClass: KClass<out T>
val <E: Enum<E>> Enum<E>.declaringJavaClass: Class<E>
annotation class JvmDefaultWithoutCompatibility
annotation class JvmDefaultWithCompatibility
open class KotlinReflectionNotSupportedError: Error {
    constructor(): super("Kotlin reflection implementation is not found at runtime. Make sure you have kotlin-reflect.jar in the classpath")
    constructor(message: String?): super(message)
    constructor(message: String?, cause: Throwable?): super(message, cause)
    constructor(cause: Throwable?): super(cause)
}
annotation class PurelyImplements(val value: String)
annotation class Volatile
annotation class Transient
annotation class Strictfp
annotation class Synchronized
annotation class JvmSerializableLambda
annotation class JvmOverloads
annotation class JvmStatic
annotation class JvmName(actual val name: String)
annotation class JvmMultifileClass
annotation class JvmSynthetic
annotation class Throws(vararg val exceptionClasses: KClass<out Throwable>)
annotation class ImplicitlyActualizedByJvmDeclaration
annotation class JvmField
annotation class JvmSuppressWildcards(actual val suppress: Boolean = true)
annotation class JvmWildcard
annotation class JvmInline
annotation class JvmRecord
