#pragma once
#include <sys/types.h>
#define WNOHANG 1
#define WUNTRACED 2
/** What a process ended with. */
#define WEXITSTATUS(status) (((status) & 0xff00) >> 8)
#define WTERMSIG(status) ((status) & 0x7f)
/** Whether a process ended by itself. */
#define WIFEXITED(status) (WTERMSIG(status) == 0)
#define WIFSIGNALED(status) (((signed char)(((status) & 0x7f) + 1) >> 1) > 0)
#define WIFSTOPPED(status) (((status) & 0xff) == 0x7f)
#define WSTOPSIG(status) WEXITSTATUS(status)
/** Waits for any child. */
pid_t wait(int *status);
/** Waits for a child. */
pid_t waitpid(pid_t pid, int *status, int options);
pid_t wait3(int *status, int options, struct rusage *usage);
pid_t wait4(pid_t process, int *status, int options, struct rusage *usage);
