#pragma once
#include <sys/types.h>
/** An open folder. */
typedef struct __dirstream DIR;
/** A name in a folder. */
struct dirent { ino_t d_ino; off_t d_off; unsigned short d_reclen; unsigned char d_type; char d_name[256]; };
#define DT_UNKNOWN 0
#define DT_DIR 4
#define DT_REG 8
#define DT_LNK 10
/** Opens a folder. */
DIR *opendir(const char *path);
DIR *fdopendir(int descriptor);
/** The next name. */
struct dirent *readdir(DIR *folder);
/** Closes it. */
int closedir(DIR *folder);
void rewinddir(DIR *folder);
int dirfd(DIR *folder);
int scandir(const char *path, struct dirent ***names, int (*takes)(const struct dirent *), int (*compare)(const struct dirent **, const struct dirent **));
int alphasort(const struct dirent **a, const struct dirent **b);
int readdir_r(DIR *folder, struct dirent *entry, struct dirent **result);
