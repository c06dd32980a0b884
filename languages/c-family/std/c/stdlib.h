#pragma once
#include <stddef.h>
#include <sys/types.h>
typedef struct { int quot; int rem; } div_t;
typedef struct { long quot; long rem; } ldiv_t;
/** The program did what it should. */
#define EXIT_SUCCESS 0
/** The program failed. */
#define EXIT_FAILURE 1
#define RAND_MAX 2147483647
#define MB_CUR_MAX 1
/** The number that a text says. */
double atof(const char *text);
/** The whole number that a text says. */
int atoi(const char *text);
long atol(const char *text);
long long atoll(const char *text);
/** The number that a text begins with. */
double strtod(const char *text, char **end);
float strtof(const char *text, char **end);
long double strtold(const char *text, char **end);
/** The whole number that a text begins with. */
long strtol(const char *text, char **end, int base);
long long strtoll(const char *text, char **end, int base);
unsigned long strtoul(const char *text, char **end, int base);
unsigned long long strtoull(const char *text, char **end, int base);
/** A random number. */
int rand(void);
/** Where random numbers begin. */
void srand(unsigned seed);
long random(void);
void srandom(unsigned seed);
/** A random number that nobody can foresee. */
unsigned arc4random(void);
/** Fills a stretch with random bytes that nobody can foresee. */
void arc4random_buf(void *to, size_t size);
/** A random number below a bound. */
unsigned arc4random_uniform(unsigned bound);
double drand48(void);
/** Memory of that size. */
void *malloc(size_t size);
/** Memory for so many elements, all zero. */
void *calloc(size_t count, size_t size);
/** The same memory in another size, perhaps elsewhere. */
void *realloc(void *memory, size_t size);
void *reallocarray(void *memory, size_t count, size_t size);
/** Gives memory back. */
void free(void *memory);
void *aligned_alloc(size_t alignment, size_t size);
int posix_memalign(void **memory, size_t alignment, size_t size);
/** Stops the program at once. */
void abort(void);
/** Has a function called at the end. */
int atexit(void (*function)(void));
/** Ends the program. */
void exit(int status);
void _Exit(int status);
void quick_exit(int status);
/** A variable of the environment. */
char *getenv(const char *name);
/** Sets a variable of the environment. */
int setenv(const char *name, const char *value, int overwrite);
int unsetenv(const char *name);
int putenv(char *text);
/** Runs a command in a shell. */
int system(const char *command);
/** Searches in sorted elements. */
void *bsearch(const void *key, const void *base, size_t count, size_t size, int (*compare)(const void *, const void *));
/** Sorts elements. */
void qsort(void *base, size_t count, size_t size, int (*compare)(const void *, const void *));
/** The absolute value. */
int abs(int n);
long labs(long n);
long long llabs(long long n);
div_t div(int numerator, int denominator);
ldiv_t ldiv(long numerator, long denominator);
int mblen(const char *text, size_t size);
int mbtowc(wchar_t *to, const char *text, size_t size);
int wctomb(char *text, wchar_t c);
size_t mbstowcs(wchar_t *to, const char *text, size_t size);
size_t wcstombs(char *to, const wchar_t *text, size_t size);
/** The whole path, without links. */
char *realpath(const char *path, char *buffer);
/** Makes a file with a name of its own. */
int mkstemp(char *name);
char *mkdtemp(char *name);
char *mktemp(char *name);
int posix_openpt(int flags);
int grantpt(int descriptor);
int unlockpt(int descriptor);
char *ptsname(int descriptor);
/** Sorts with a value that is handed to the comparison. */
void qsort_r(void *base, size_t count, size_t size, int (*compare)(const void *, const void *, void *), void *handed);
int rand_r(unsigned int *seed);
long lrand48(void);
/** The variable of the environment, or none in programs with rights of others. */
char *secure_getenv(const char *name);
int clearenv(void);
int mkostemp(char *pattern, int flags);
