#pragma once
#include <sys/types.h>
typedef int sig_atomic_t;
/** A set of signals. */
typedef struct { unsigned long bits[16]; } sigset_t;
union sigval { int sival_int; void *sival_ptr; };
/** What is known of a signal. */
typedef struct { int si_signo; int si_errno; int si_code; pid_t si_pid; uid_t si_uid; int si_status; void *si_addr; union sigval si_value; } siginfo_t;
/** What is done at a signal. */
struct sigaction { void (*sa_handler)(int); void (*sa_sigaction)(int, siginfo_t *, void *); sigset_t sa_mask; int sa_flags; };
typedef struct { void *ss_sp; int ss_flags; size_t ss_size; } stack_t;
#define SIG_DFL ((void (*)(int))0)
#define SIG_IGN ((void (*)(int))1)
#define SIG_ERR ((void (*)(int))-1)
#define SIGHUP 1
#define SIGINT 2
#define SIGQUIT 3
#define SIGILL 4
#define SIGTRAP 5
#define SIGABRT 6
#define SIGBUS 7
#define SIGFPE 8
#define SIGKILL 9
#define SIGUSR1 10
#define SIGSEGV 11
#define SIGUSR2 12
#define SIGPIPE 13
#define SIGALRM 14
#define SIGTERM 15
#define SIGCHLD 17
#define SIGCONT 18
#define SIGSTOP 19
#define SIGTSTP 20
#define SIGTTIN 21
#define SIGTTOU 22
#define SIGWINCH 28
#define SIGIO 29
#define SA_NOCLDSTOP 1
#define SA_SIGINFO 4
#define SA_ONSTACK 0x08000000
#define SA_RESTART 0x10000000
#define SA_NODEFER 0x40000000
#define SA_RESETHAND 0x80000000
#define SIG_BLOCK 0
#define SIG_UNBLOCK 1
#define SIG_SETMASK 2
/** Says what is done at a signal. */
void (*signal(int signum, void (*handler)(int)))(int);
/** Sends a signal to the program itself. */
int raise(int signum);
/** Sends a signal to a process. */
int kill(pid_t pid, int signum);
int killpg(pid_t group, int signum);
/** Says what is done at a signal. */
int sigaction(int signum, const struct sigaction *action, struct sigaction *old);
/** Empties a set of signals. */
int sigemptyset(sigset_t *set);
/** Puts all signals into a set. */
int sigfillset(sigset_t *set);
int sigaddset(sigset_t *set, int signum);
int sigdelset(sigset_t *set, int signum);
int sigismember(const sigset_t *set, int signum);
/** Holds signals back. */
int sigprocmask(int how, const sigset_t *set, sigset_t *old);
int sigpending(sigset_t *set);
int sigsuspend(const sigset_t *mask);
int sigwait(const sigset_t *set, int *signum);
int sigaltstack(const stack_t *stack, stack_t *old);
int pthread_sigmask(int how, const sigset_t *set, sigset_t *old);
int pthread_kill(pthread_t thread, int signum);
int sigwaitinfo(const sigset_t *set, siginfo_t *info);
int sigtimedwait(const sigset_t *set, siginfo_t *info, const struct timespec *timeout);
int siginterrupt(int signum, int flag);
void psignal(int signum, const char *text);
