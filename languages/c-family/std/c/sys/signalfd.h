#pragma once
#include <signal.h>
/** A descriptor that tells of signals. */
int signalfd(int descriptor, const sigset_t *mask, int flags);
