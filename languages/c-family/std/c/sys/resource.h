#pragma once
#include <sys/time.h>
typedef unsigned long rlim_t;
struct rlimit { rlim_t rlim_cur; rlim_t rlim_max; };
struct rusage { struct timeval ru_utime; struct timeval ru_stime; long ru_maxrss; long ru_minflt; long ru_majflt; };
#define RLIMIT_CORE 4
#define RLIMIT_NOFILE 7
#define RLIMIT_STACK 3
#define RUSAGE_SELF 0
int getrlimit(int resource, struct rlimit *limit);
int setrlimit(int resource, const struct rlimit *limit);
int getrusage(int who, struct rusage *usage);
int getpriority(int which, id_t who);
int setpriority(int which, id_t who, int priority);
