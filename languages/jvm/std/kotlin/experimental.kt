package kotlin.experimental

import kotlin.annotation.AnnotationTarget.*

annotation class ExperimentalNativeApi
annotation class ExperimentalObjCName
annotation class ExperimentalObjCRefinement
infix fun Byte.and(other: Byte): Byte
infix fun Byte.or(other: Byte): Byte
infix fun Byte.xor(other: Byte): Byte
fun Byte.inv(): Byte
infix fun Short.and(other: Short): Short
infix fun Short.or(other: Short): Short
infix fun Short.xor(other: Short): Short
fun Short.inv(): Short
annotation class ExperimentalTypeInference
