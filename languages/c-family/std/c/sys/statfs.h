#pragma once
#include <sys/types.h>
struct statfs { long f_type; long f_bsize; unsigned long f_blocks; unsigned long f_bfree; unsigned long f_bavail; unsigned long f_files; unsigned long f_ffree; long f_namelen; };
/** What a file system holds. */
int statfs(const char *path, struct statfs *found);
int fstatfs(int descriptor, struct statfs *found);
