#pragma once
#include <stddef.h>
typedef struct { size_t we_wordc; char **we_wordv; size_t we_offs; } wordexp_t;
/** Words of a text as a shell splits it. */
int wordexp(const char *text, wordexp_t *found, int flags);
void wordfree(wordexp_t *found);
