#pragma once
#include <stddef.h>
/** Compares without regard to case. */
int strcasecmp(const char *a, const char *b);
int strncasecmp(const char *a, const char *b, size_t size);
void bzero(void *memory, size_t size);
void bcopy(const void *from, void *to, size_t size);
int ffs(int n);
char *index(const char *text, int c);
char *rindex(const char *text, int c);
