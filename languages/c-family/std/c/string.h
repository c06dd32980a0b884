#pragma once
#include <stddef.h>
typedef struct __locale_struct *locale_t;
/** Copies bytes; the two may not overlap. */
void *memcpy(void *to, const void *from, size_t size);
/** Copies bytes, also where the two overlap. */
void *memmove(void *to, const void *from, size_t size);
void *mempcpy(void *to, const void *from, size_t size);
/** Sets bytes. */
void *memset(void *memory, int c, size_t size);
/** Compares bytes. */
int memcmp(const void *a, const void *b, size_t size);
/** Where a byte is first found. */
void *memchr(const void *memory, int c, size_t size);
void *memrchr(const void *memory, int c, size_t size);
void *memmem(const void *in, size_t in_size, const void *part, size_t part_size);
/** Copies a text, whatever room there is. */
char *strcpy(char *to, const char *from);
/** Copies so many bytes of a text; there may be no end. */
char *strncpy(char *to, const char *from, size_t size);
char *stpcpy(char *to, const char *from);
/** Adds a text at the end. */
char *strcat(char *to, const char *from);
/** Adds so many bytes of a text. */
char *strncat(char *to, const char *from, size_t size);
size_t strlcpy(char *to, const char *from, size_t size);
size_t strlcat(char *to, const char *from, size_t size);
/** Compares texts. */
int strcmp(const char *a, const char *b);
/** Compares so many bytes of texts. */
int strncmp(const char *a, const char *b, size_t size);
int strcoll(const char *a, const char *b);
size_t strxfrm(char *to, const char *from, size_t size);
/** Where a character is first found. */
char *strchr(const char *text, int c);
/** Where a character is last found. */
char *strrchr(const char *text, int c);
char *strchrnul(const char *text, int c);
/** How many characters at the beginning are of these. */
size_t strspn(const char *text, const char *accepted);
/** How many characters at the beginning are none of these. */
size_t strcspn(const char *text, const char *rejected);
/** Where one of these characters is first found. */
char *strpbrk(const char *text, const char *accepted);
/** Where a part is first found. */
char *strstr(const char *text, const char *part);
char *strcasestr(const char *text, const char *part);
/** The next part between delimiters. */
char *strtok(char *text, const char *delimiters);
/** The next part between delimiters; where it stands is kept by the caller. */
char *strtok_r(char *text, const char *delimiters, char **kept);
char *strsep(char **text, const char *delimiters);
/** The length, without the end. */
size_t strlen(const char *text);
size_t strnlen(const char *text, size_t size);
/** A copy in memory of its own. */
char *strdup(const char *text);
char *strndup(const char *text, size_t size);
/** What an error means. */
char *strerror(int error);
int strerror_r(int error, char *buffer, size_t size);
char *strsignal(int signum);
char *strerror_l(int error, locale_t locale);
int strcoll_l(const char *left, const char *right, locale_t locale);
size_t strxfrm_l(char *to, const char *from, size_t size, locale_t locale);
/** Compares texts with the numbers in them by value. */
int strverscmp(const char *left, const char *right);
char *stpncpy(char *to, const char *from, size_t size);
/** Clears memory, even where nobody reads it any more. */
void explicit_bzero(void *memory, size_t size);
