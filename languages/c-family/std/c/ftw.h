#pragma once
#include <sys/stat.h>
struct FTW { int base; int level; };
/** Goes through a tree of folders. */
int ftw(const char *path, int (*visit)(const char *, const struct stat *, int), int open);
int nftw(const char *path, int (*visit)(const char *, const struct stat *, int, struct FTW *), int open, int flags);
