#pragma once
#include <sys/types.h>
/** Copies from one descriptor to another within the system. */
ssize_t sendfile(int to, int from, off_t *offset, size_t count);
