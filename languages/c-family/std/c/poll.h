#pragma once
#include <signal.h>
typedef unsigned long nfds_t;
/** What is waited for. */
struct pollfd { int fd; short events; short revents; };
#define POLLIN 1
#define POLLPRI 2
#define POLLOUT 4
#define POLLERR 8
#define POLLHUP 16
#define POLLNVAL 32
/** Waits until files can be read or written. */
int poll(struct pollfd *descriptors, nfds_t count, int timeout);
int ppoll(struct pollfd *polled, nfds_t count, const struct timespec *timeout, const sigset_t *mask);
