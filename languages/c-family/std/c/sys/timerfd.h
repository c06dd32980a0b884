#pragma once
#include <time.h>
/** A descriptor that tells when a time is over. */
int timerfd_create(int clock, int flags);
int timerfd_settime(int descriptor, int flags, const struct itimerspec *value, struct itimerspec *old);
