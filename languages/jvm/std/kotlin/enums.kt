package kotlin.enums

sealed interface EnumEntries<E: Enum<E>>: List<E>
fun <reified T: Enum<T>> enumEntries(): EnumEntries<T>
