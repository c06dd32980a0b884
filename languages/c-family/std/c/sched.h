#pragma once
#include <sys/types.h>
typedef struct { unsigned long bits[16]; } cpu_set_t;
int sched_yield(void);
int sched_setaffinity(pid_t process, size_t size, const cpu_set_t *mask);
int sched_getaffinity(pid_t process, size_t size, cpu_set_t *mask);
