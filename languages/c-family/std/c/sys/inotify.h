#pragma once
#include <stdint.h>
struct inotify_event { int wd; uint32_t mask; uint32_t cookie; uint32_t len; char name[]; };
#define IN_MODIFY 0x2
#define IN_CREATE 0x100
#define IN_DELETE 0x200
/** A descriptor that tells of changes of files. */
int inotify_init(void);
int inotify_init1(int flags);
int inotify_add_watch(int descriptor, const char *path, uint32_t mask);
int inotify_rm_watch(int descriptor, int watch);
