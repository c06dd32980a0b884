#pragma once
#include <stdint.h>
#define PRId64 "ld"
#define PRIi64 "li"
#define PRIu64 "lu"
#define PRIx64 "lx"
#define PRIX64 "lX"
#define PRId32 "d"
#define PRIu32 "u"
#define PRIx32 "x"
#define PRIuPTR "lu"
#define PRIxPTR "lx"
#define SCNd64 "ld"
#define SCNu64 "lu"
#define SCNx64 "lx"
intmax_t strtoimax(const char *text, char **end, int base);
uintmax_t strtoumax(const char *text, char **end, int base);
intmax_t imaxabs(intmax_t n);
