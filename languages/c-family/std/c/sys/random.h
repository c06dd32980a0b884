#pragma once
#include <sys/types.h>
/** Random bytes of the system. */
ssize_t getrandom(void *buffer, size_t size, unsigned int flags);
int getentropy(void *buffer, size_t size);
#define GRND_NONBLOCK 1
#define GRND_RANDOM 2
