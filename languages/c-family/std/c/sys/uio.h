#pragma once
#include <sys/types.h>
/** A stretch of memory. */
struct iovec { void *iov_base; size_t iov_len; };
ssize_t readv(int descriptor, const struct iovec *parts, int count);
ssize_t writev(int descriptor, const struct iovec *parts, int count);
ssize_t preadv(int descriptor, const struct iovec *parts, int count, off_t offset);
ssize_t pwritev(int descriptor, const struct iovec *parts, int count, off_t offset);
