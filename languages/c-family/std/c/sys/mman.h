#pragma once
#include <sys/types.h>
#define PROT_NONE 0
#define PROT_READ 1
#define PROT_WRITE 2
#define PROT_EXEC 4
#define MAP_SHARED 1
#define MAP_PRIVATE 2
#define MAP_FIXED 0x10
#define MAP_ANONYMOUS 0x20
#define MAP_ANON MAP_ANONYMOUS
#define MAP_FAILED ((void *)-1)
#define MS_SYNC 4
/** A file, or new memory, among the addresses. */
void *mmap(void *address, size_t length, int protection, int flags, int descriptor, off_t offset);
/** Takes it away again. */
int munmap(void *address, size_t length);
int mprotect(void *address, size_t length, int protection);
int msync(void *address, size_t length, int flags);
int madvise(void *address, size_t length, int advice);
int mlock(const void *address, size_t length);
int munlock(const void *address, size_t length);
int shm_open(const char *name, int flags, mode_t mode);
int shm_unlink(const char *name);
/** A file in memory alone. */
int memfd_create(const char *name, unsigned int flags);
void *mremap(void *address, size_t old_size, size_t size, int flags, ...);
int mlockall(int flags);
int munlockall(void);
