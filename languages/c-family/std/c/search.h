#pragma once
typedef struct entry { char *key; void *data; } ENTRY;
typedef enum { FIND, ENTER } ACTION;
/** Finds or adds in a tree. */
void *tsearch(const void *key, void **root, int (*compare)(const void *, const void *));
void *tfind(const void *key, void *const *root, int (*compare)(const void *, const void *));
void *tdelete(const void *key, void **root, int (*compare)(const void *, const void *));
ENTRY *hsearch(ENTRY item, ACTION action);
void insque(void *element, void *before);
void remque(void *element);
