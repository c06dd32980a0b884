package kotlin.reflect

import java.lang.reflect.*
import kotlin.jvm.JvmField
import kotlin.jvm.JvmStatic
import kotlin.jvm.internal.KTypeBase

interface KAnnotatedElement {
    val annotations: List<Annotation>
}
interface KCallable<out R>: KAnnotatedElement {
    val name: String
    val parameters: List<KParameter>
    val returnType: KType
    val typeParameters: List<KTypeParameter>
    fun call(vararg args: Any?): R
    fun callBy(args: Map<KParameter, Any?>): R
    val visibility: KVisibility?
    val isFinal: Boolean
    val isOpen: Boolean
    val isAbstract: Boolean
    val isSuspend: Boolean
}
/** A class of the running program. */
interface KClass<T: Any>: KDeclarationContainer, KAnnotatedElement, KClassifier {
    val simpleName: String?
    val qualifiedName: String?
    override val members: Collection<KCallable<*>>
    val constructors: Collection<KFunction<T>>
    val nestedClasses: Collection<KClass<*>>
    val objectInstance: T?
    fun isInstance(value: Any?): Boolean
    val typeParameters: List<KTypeParameter>
    val supertypes: List<KType>
    val sealedSubclasses: List<KClass<out T>>
    val visibility: KVisibility?
    val isFinal: Boolean
    val isOpen: Boolean
    val isAbstract: Boolean
    val isSealed: Boolean
    val isData: Boolean
    val isInner: Boolean
    val isCompanion: Boolean
    val isFun: Boolean
    val isValue: Boolean
    override fun equals(other: Any?): Boolean
    override fun hashCode(): Int
}
interface KDeclarationContainer {
    val members: Collection<KCallable<*>>
}
/** A function of the running program. */
interface KFunction<out R>: KCallable<R>, Function<R> {
    val isInline: Boolean
    val isExternal: Boolean
    val isOperator: Boolean
    val isInfix: Boolean
    override val isSuspend: Boolean
}
interface KParameter: KAnnotatedElement {
    val index: Int
    val name: String?
    val type: KType
    val kind: Kind
    enum class Kind {
        INSTANCE,
        EXTENSION_RECEIVER,
        VALUE,
    }
    val isOptional: Boolean
    val isVararg: Boolean
}
/** A property of the running program. */
interface KProperty<out V>: KCallable<V> {
    val isLateinit: Boolean
    val isConst: Boolean
    val getter: Getter<V>
    interface Accessor<out V> {
        val property: KProperty<V>
    }
    interface Getter<out V>: Accessor<V>, KFunction<V>
}
interface KMutableProperty<V>: KProperty<V> {
    val setter: Setter<V>
    interface Setter<V>: KProperty.Accessor<V>, KFunction<Unit>
}
interface KProperty0<out V>: KProperty<V>, () -> V {
    fun get(): V
    fun getDelegate(): Any?
    override val getter: Getter<V>
    interface Getter<out V>: KProperty.Getter<V>, () -> V
}
interface KMutableProperty0<V>: KProperty0<V>, KMutableProperty<V> {
    fun set(value: V)
    override val setter: Setter<V>
    interface Setter<V>: KMutableProperty.Setter<V>, (V) -> Unit
}
interface KProperty1<T, out V>: KProperty<V>, (T) -> V {
    fun get(receiver: T): V
    fun getDelegate(receiver: T): Any?
    override val getter: Getter<T, V>
    interface Getter<T, out V>: KProperty.Getter<V>, (T) -> V
}
interface KMutableProperty1<T, V>: KProperty1<T, V>, KMutableProperty<V> {
    fun set(receiver: T, value: V)
    override val setter: Setter<T, V>
    interface Setter<T, V>: KMutableProperty.Setter<V>, (T, V) -> Unit
}
interface KProperty2<D, E, out V>: KProperty<V>, (D, E) -> V {
    fun get(receiver1: D, receiver2: E): V
    fun getDelegate(receiver1: D, receiver2: E): Any?
    override val getter: Getter<D, E, V>
    interface Getter<D, E, out V>: KProperty.Getter<V>, (D, E) -> V
}
interface KMutableProperty2<D, E, V>: KProperty2<D, E, V>, KMutableProperty<V> {
    fun set(receiver1: D, receiver2: E, value: V)
    override val setter: Setter<D, E, V>
    interface Setter<D, E, V>: KMutableProperty.Setter<V>, (D, E, V) -> Unit
}
interface KType: KAnnotatedElement {
    val classifier: KClassifier?
    val arguments: List<KTypeProjection>
    val isMarkedNullable: Boolean
}
enum class KVisibility {
    PUBLIC,
    PROTECTED,
    INTERNAL,
    PRIVATE,
}
val KType.javaType: Type
fun <T: Any> KClass<T>.cast(value: Any?): T
fun <T: Any> KClass<T>.safeCast(value: Any?): T?
interface KClassifier
interface KTypeParameter: KClassifier {
    val name: String
    val upperBounds: List<KType>
    val variance: KVariance
    val isReified: Boolean
}
data class KTypeProjection constructor(val variance: KVariance?, val type: KType?) {
    override fun toString(): String
    companion object {
        val STAR: KTypeProjection
        fun invariant(type: KType): KTypeProjection
        fun contravariant(type: KType): KTypeProjection
        fun covariant(type: KType): KTypeProjection
    }
}
enum class KVariance {
    INVARIANT,
    IN,
    OUT,
}
fun <reified T> typeOf(): KType
