#pragma once
#include <sys/types.h>
#include <time.h>
/** What the system knows of a file. */
struct stat { dev_t st_dev; ino_t st_ino; nlink_t st_nlink; mode_t st_mode; uid_t st_uid; gid_t st_gid; dev_t st_rdev; off_t st_size; blksize_t st_blksize; blkcnt_t st_blocks; struct timespec st_atim; struct timespec st_mtim; struct timespec st_ctim; };
#define st_atime st_atim.tv_sec
#define st_mtime st_mtim.tv_sec
#define st_ctime st_ctim.tv_sec
#define S_IFMT 0170000
#define S_IFDIR 0040000
#define S_IFREG 0100000
#define S_IFLNK 0120000
/** Whether it is a folder. */
#define S_ISDIR(mode) (((mode) & S_IFMT) == S_IFDIR)
/** Whether it is a file. */
#define S_ISREG(mode) (((mode) & S_IFMT) == S_IFREG)
#define S_ISLNK(mode) (((mode) & S_IFMT) == S_IFLNK)
#define S_ISFIFO(mode) (((mode) & S_IFMT) == 0010000)
#define S_ISSOCK(mode) (((mode) & S_IFMT) == 0140000)
#define S_ISCHR(mode) (((mode) & S_IFMT) == 0020000)
#define S_ISBLK(mode) (((mode) & S_IFMT) == 0060000)
#define S_IRWXU 0700
#define S_IRUSR 0400
#define S_IWUSR 0200
#define S_IXUSR 0100
#define S_IRWXG 0070
#define S_IRGRP 0040
#define S_IWGRP 0020
#define S_IXGRP 0010
#define S_IRWXO 0007
#define S_IROTH 0004
#define S_IWOTH 0002
#define S_IXOTH 0001
/** What the system knows of a file. */
int stat(const char *path, struct stat *known);
/** What the system knows of an open file. */
int fstat(int descriptor, struct stat *known);
/** The same, of a link itself. */
int lstat(const char *path, struct stat *known);
int fstatat(int folder, const char *path, struct stat *known, int flags);
/** Changes permissions. */
int chmod(const char *path, mode_t mode);
int fchmod(int descriptor, mode_t mode);
/** Makes a folder. */
int mkdir(const char *path, mode_t mode);
int mkdirat(int folder, const char *path, mode_t mode);
int mkfifo(const char *path, mode_t mode);
int mknod(const char *path, mode_t mode, dev_t device);
mode_t umask(mode_t mask);
int utimensat(int folder, const char *path, const struct timespec times[2], int flags);
int futimens(int descriptor, const struct timespec times[2]);
int fchmodat(int folder, const char *path, mode_t mode, int flags);
int mkfifoat(int folder, const char *path, mode_t mode);
int mknodat(int folder, const char *path, mode_t mode, dev_t device);
