package kotlin.annotation

import kotlin.annotation.AnnotationTarget.*

enum class AnnotationTarget {
    CLASS,
    ANNOTATION_CLASS,
    TYPE_PARAMETER,
    PROPERTY,
    FIELD,
    LOCAL_VARIABLE,
    VALUE_PARAMETER,
    CONSTRUCTOR,
    FUNCTION,
    PROPERTY_GETTER,
    PROPERTY_SETTER,
    TYPE,
    EXPRESSION,
    FILE,
    TYPEALIAS
}
enum class AnnotationRetention {
    SOURCE,
    BINARY,
    RUNTIME
}
annotation class Target(vararg val allowedTargets: AnnotationTarget)
annotation class Retention(val value: AnnotationRetention = null)
annotation class Repeatable
annotation class MustBeDocumented
