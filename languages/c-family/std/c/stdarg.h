#pragma once
/** Arguments without names. */
typedef __builtin_va_list va_list;
/** Begins with the arguments behind the last named one. */
#define va_start(list, last) __builtin_va_start(list, last)
/** The next argument. */
#define va_arg(list, type) __builtin_va_arg(list, type)
/** Ends with them. */
#define va_end(list) __builtin_va_end(list)
/** A copy, from where the other stands. */
#define va_copy(to, from) __builtin_va_copy(to, from)
