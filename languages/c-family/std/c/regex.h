#pragma once
#include <sys/types.h>
/** A regular expression. */
typedef struct { size_t re_nsub; void *buffer; } regex_t;
typedef long regoff_t;
typedef struct { regoff_t rm_so; regoff_t rm_eo; } regmatch_t;
#define REG_EXTENDED 1
#define REG_ICASE 2
#define REG_NOSUB 8
#define REG_NOMATCH 1
int regcomp(regex_t *compiled, const char *pattern, int flags);
int regexec(const regex_t *compiled, const char *text, size_t count, regmatch_t matches[], int flags);
size_t regerror(int error, const regex_t *compiled, char *buffer, size_t size);
void regfree(regex_t *compiled);
