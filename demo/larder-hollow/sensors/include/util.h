#ifndef LARDER_UTIL_H
#define LARDER_UTIL_H

#include <stddef.h>

/* Number of elements of an array. */
#define COUNT(a) (sizeof(a) / sizeof((a)[0]))

#define MIN(a, b) ((a) < (b) ? (a) : (b))
#define MAX(a, b) ((a) > (b) ? (a) : (b))
#define CLAMP(x, low, high) MIN(MAX((x), (low)), (high))

#ifdef LARDER_TRACE
#define TRACE(...) trace_line(__FILE__, __LINE__, __VA_ARGS__)
void trace_line(const char *file, int line, const char *format, ...);
#else
#define TRACE(...) ((void)0)
#endif

#endif
