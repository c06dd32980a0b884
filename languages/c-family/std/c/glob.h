#pragma once
#include <stddef.h>
typedef struct { size_t gl_pathc; char **gl_pathv; size_t gl_offs; } glob_t;
int glob(const char *pattern, int flags, int (*failed)(const char *, int), glob_t *found);
void globfree(glob_t *found);
