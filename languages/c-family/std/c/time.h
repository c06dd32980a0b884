#pragma once
#include <stddef.h>
#include <sys/types.h>
typedef void *timer_t;
/** A time in its parts. */
struct tm { int tm_sec; int tm_min; int tm_hour; int tm_mday; int tm_mon; int tm_year; int tm_wday; int tm_yday; int tm_isdst; long tm_gmtoff; const char *tm_zone; };
/** Seconds and nanoseconds. */
struct timespec { time_t tv_sec; long tv_nsec; };
struct itimerspec { struct timespec it_interval; struct timespec it_value; };
#define CLOCKS_PER_SEC 1000000
#define CLOCK_REALTIME 0
#define CLOCK_MONOTONIC 1
#define CLOCK_PROCESS_CPUTIME_ID 2
#define CLOCK_THREAD_CPUTIME_ID 3
#define CLOCK_MONOTONIC_RAW 4
/** Time of the processor. */
clock_t clock(void);
/** Seconds between two times. */
double difftime(time_t end, time_t start);
/** The time of its parts, as here. */
time_t mktime(struct tm *parts);
time_t timegm(struct tm *parts);
/** Seconds since 1970. */
time_t time(time_t *now);
char *asctime(const struct tm *parts);
char *ctime(const time_t *time);
/** The parts of a time in UTC. */
struct tm *gmtime(const time_t *time);
/** The parts of a time here. */
struct tm *localtime(const time_t *time);
struct tm *gmtime_r(const time_t *time, struct tm *parts);
struct tm *localtime_r(const time_t *time, struct tm *parts);
char *ctime_r(const time_t *time, char *buffer);
/** A time as text. */
size_t strftime(char *buffer, size_t size, const char *format, const struct tm *parts);
char *strptime(const char *text, const char *format, struct tm *parts);
/** Waits. */
int nanosleep(const struct timespec *time, struct timespec *left);
/** The time of a clock. */
int clock_gettime(clockid_t clock, struct timespec *time);
int clock_getres(clockid_t clock, struct timespec *resolution);
int clock_settime(clockid_t clock, const struct timespec *time);
void tzset(void);
char *asctime_r(const struct tm *time, char *buffer);
int timer_create(clockid_t clock, struct sigevent *event, timer_t *timer);
int timer_settime(timer_t timer, int flags, const struct itimerspec *value, struct itimerspec *old);
int timer_delete(timer_t timer);
