#pragma once
#include <signal.h>
#include <sys/time.h>
/** A set of descriptors. */
typedef struct { long bits[16]; } fd_set;
#define FD_SETSIZE 1024
#define FD_ZERO(set) ((void)(set))
#define FD_SET(descriptor, set) ((void)(set))
#define FD_CLR(descriptor, set) ((void)(set))
#define FD_ISSET(descriptor, set) (0)
/** Waits until files can be read or written. */
int select(int count, fd_set *readable, fd_set *writable, fd_set *failed, struct timeval *timeout);
int pselect(int count, fd_set *read, fd_set *write, fd_set *failed, const struct timespec *timeout, const sigset_t *mask);
