#pragma once
#include <stdarg.h>
#define LOG_EMERG 0
#define LOG_ERR 3
#define LOG_WARNING 4
#define LOG_NOTICE 5
#define LOG_INFO 6
#define LOG_DEBUG 7
#define LOG_PID 1
#define LOG_DAEMON (3 << 3)
void openlog(const char *name, int options, int facility);
/** A message for the log of the system. */
void syslog(int priority, const char *format, ...);
void vsyslog(int priority, const char *format, va_list arguments);
void closelog(void);
