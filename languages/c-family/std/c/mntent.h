#pragma once
#include <stdio.h>
struct mntent { char *mnt_fsname; char *mnt_dir; char *mnt_type; char *mnt_opts; int mnt_freq; int mnt_passno; };
/** The next file system of a list. */
struct mntent *getmntent(FILE *stream);
FILE *setmntent(const char *path, const char *mode);
int endmntent(FILE *stream);
char *hasmntopt(const struct mntent *entry, const char *option);
