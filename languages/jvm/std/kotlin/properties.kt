package kotlin.properties

import kotlin.reflect.KProperty

/** Usual delegates of properties. */
object Delegates {
    fun <T: Any> notNull(): ReadWriteProperty<Any?, T>
    fun <T> observable(initialValue: T, onChange: (property: KProperty<*>, oldValue: T, newValue: T) -> Unit): ReadWriteProperty<Any?, T>
    fun <T> vetoable(initialValue: T, onChange: (property: KProperty<*>, oldValue: T, newValue: T) -> Boolean): ReadWriteProperty<Any?, T>
}
/** What a `val` may be delegated to. */
fun interface ReadOnlyProperty<in T, out V> {
    operator fun getValue(thisRef: T, property: KProperty<*>): V
}
/** What a `var` may be delegated to. */
interface ReadWriteProperty<in T, V>: ReadOnlyProperty<T, V> {
    override operator fun getValue(thisRef: T, property: KProperty<*>): V
    operator fun setValue(thisRef: T, property: KProperty<*>, value: V)
}
fun interface PropertyDelegateProvider<in T, out D> {
    operator fun provideDelegate(thisRef: T, property: KProperty<*>): D
}
abstract class ObservableProperty<V>(initialValue: V): ReadWriteProperty<Any?, V> {
    protected open fun beforeChange(property: KProperty<*>, oldValue: V, newValue: V): Boolean
    protected open fun afterChange(property: KProperty<*>, oldValue: V, newValue: V): Unit
    override fun getValue(thisRef: Any?, property: KProperty<*>): V
    override fun setValue(thisRef: Any?, property: KProperty<*>, value: V)
    override fun toString(): String
}
