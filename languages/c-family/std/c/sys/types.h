#pragma once
#include <stddef.h>
#include <stdint.h>
/** A size, or -1. */
typedef long ssize_t;
/** A place in a file. */
typedef long off_t;
/** A process. */
typedef int pid_t;
/** A user. */
typedef unsigned int uid_t;
/** A group. */
typedef unsigned int gid_t;
/** Kind and permissions of a file. */
typedef unsigned int mode_t;
typedef unsigned long dev_t;
typedef unsigned long ino_t;
typedef unsigned long nlink_t;
typedef long blksize_t;
typedef long blkcnt_t;
/** Seconds since 1970. */
typedef long time_t;
typedef long clock_t;
typedef int clockid_t;
typedef long suseconds_t;
typedef unsigned int useconds_t;
typedef unsigned int id_t;
typedef int key_t;
typedef unsigned long fsblkcnt_t;
/** A thread. */
typedef unsigned long pthread_t;
typedef unsigned int pthread_key_t;
typedef int pthread_once_t;
typedef union { char size[56]; long align; } pthread_attr_t;
/** What only one thread has. */
typedef union { char size[40]; long align; } pthread_mutex_t;
typedef union { char size[4]; int align; } pthread_mutexattr_t;
/** What threads wait for. */
typedef union { char size[48]; long long align; } pthread_cond_t;
typedef union { char size[4]; int align; } pthread_condattr_t;
typedef union { char size[56]; long align; } pthread_rwlock_t;
typedef volatile int pthread_spinlock_t;
typedef unsigned char u_char;
typedef unsigned short u_short;
typedef unsigned int u_int;
typedef unsigned long u_long;
typedef unsigned char u_int8_t;
typedef unsigned short u_int16_t;
typedef unsigned int u_int32_t;
typedef unsigned long u_int64_t;
