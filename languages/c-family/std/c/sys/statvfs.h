#pragma once
#include <sys/types.h>
struct statvfs { unsigned long f_bsize; unsigned long f_frsize; unsigned long f_blocks; unsigned long f_bfree; unsigned long f_bavail; unsigned long f_files; unsigned long f_ffree; unsigned long f_flag; unsigned long f_namemax; };
/** What a file system holds. */
int statvfs(const char *path, struct statvfs *found);
int fstatvfs(int descriptor, struct statvfs *found);
