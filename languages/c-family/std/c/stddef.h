#pragma once
/** The size of an object. */
typedef unsigned long size_t;
/** The distance of two pointers. */
typedef long ptrdiff_t;
#ifndef __cplusplus
/** A wide character. */
typedef int wchar_t;
#endif
typedef struct { long long most; long double aligned; } max_align_t;
/** A pointer to nothing. */
#define NULL ((void *)0)
/** Where a member stands in its structure. */
#define offsetof(type, member) __builtin_offsetof(type, member)
