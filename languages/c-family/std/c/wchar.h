#pragma once
#include <stddef.h>
#include <stdio.h>
typedef unsigned int wint_t;
typedef struct { int count; wint_t value; } mbstate_t;
#define WEOF (0xffffffffu)
/** The length of a wide text. */
size_t wcslen(const wchar_t *text);
wchar_t *wcscpy(wchar_t *to, const wchar_t *from);
wchar_t *wcsncpy(wchar_t *to, const wchar_t *from, size_t size);
wchar_t *wcscat(wchar_t *to, const wchar_t *from);
int wcscmp(const wchar_t *a, const wchar_t *b);
int wcsncmp(const wchar_t *a, const wchar_t *b, size_t size);
wchar_t *wcschr(const wchar_t *text, wchar_t c);
wchar_t *wcsrchr(const wchar_t *text, wchar_t c);
wchar_t *wcsstr(const wchar_t *text, const wchar_t *part);
wchar_t *wmemcpy(wchar_t *to, const wchar_t *from, size_t size);
wchar_t *wmemset(wchar_t *to, wchar_t c, size_t size);
size_t mbrtowc(wchar_t *to, const char *text, size_t size, mbstate_t *state);
size_t wcrtomb(char *to, wchar_t c, mbstate_t *state);
size_t mbsrtowcs(wchar_t *to, const char **text, size_t size, mbstate_t *state);
size_t wcsrtombs(char *to, const wchar_t **text, size_t size, mbstate_t *state);
long wcstol(const wchar_t *text, wchar_t **end, int base);
int wprintf(const wchar_t *format, ...);
int fwprintf(FILE *stream, const wchar_t *format, ...);
int swprintf(wchar_t *buffer, size_t size, const wchar_t *format, ...);
int wcwidth(wchar_t c);
int wcswidth(const wchar_t *text, size_t size);
wchar_t *wcsdup(const wchar_t *text);
size_t wcsnlen(const wchar_t *text, size_t size);
wint_t btowc(int c);
wint_t fgetwc(FILE *stream);
int fwide(FILE *stream, int mode);
