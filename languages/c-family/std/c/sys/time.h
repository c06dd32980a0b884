#pragma once
#include <sys/types.h>
/** Seconds and microseconds. */
struct timeval { time_t tv_sec; suseconds_t tv_usec; };
struct timezone { int tz_minuteswest; int tz_dsttime; };
struct itimerval { struct timeval it_interval; struct timeval it_value; };
/** The time now. */
int gettimeofday(struct timeval *now, void *zone);
int settimeofday(const struct timeval *now, const struct timezone *zone);
int setitimer(int which, const struct itimerval *value, struct itimerval *old);
int utimes(const char *path, const struct timeval times[2]);
int futimes(int descriptor, const struct timeval times[2]);
int futimesat(int folder, const char *path, const struct timeval times[2]);
int lutimes(const char *path, const struct timeval times[2]);
