#pragma once
#include <sys/types.h>
#define STDIN_FILENO 0
#define STDOUT_FILENO 1
#define STDERR_FILENO 2
#define F_OK 0
#define R_OK 4
#define W_OK 2
#define X_OK 1
#define SEEK_SET 0
#define SEEK_CUR 1
#define SEEK_END 2
#define _SC_PAGESIZE 30
#define _SC_OPEN_MAX 4
#define _SC_CLK_TCK 2
#define _SC_NPROCESSORS_ONLN 84
extern char *optarg;
extern int optind;
extern int opterr;
extern int optopt;
/** The variables of the environment. */
extern char **environ;
/** Whether a file may be read, written or run. */
int access(const char *path, int mode);
unsigned alarm(unsigned seconds);
/** Goes to another folder. */
int chdir(const char *path);
int fchdir(int descriptor);
int chown(const char *path, uid_t owner, gid_t group);
int fchown(int descriptor, uid_t owner, gid_t group);
int lchown(const char *path, uid_t owner, gid_t group);
int chroot(const char *path);
/** Closes a file. */
int close(int descriptor);
/** Another descriptor of the same file. */
int dup(int descriptor);
/** The same file under another descriptor. */
int dup2(int descriptor, int other);
int execl(const char *path, const char *argument, ...);
int execlp(const char *file, const char *argument, ...);
int execle(const char *path, const char *argument, ...);
/** Becomes another program. */
int execv(const char *path, char *const arguments[]);
/** Becomes another program. */
int execve(const char *path, char *const arguments[], char *const environment[]);
/** Becomes another program, found on the search path. */
int execvp(const char *file, char *const arguments[]);
/** Ends the process at once. */
void _exit(int status);
/** Makes a copy of the process. */
pid_t fork(void);
pid_t vfork(void);
/** Waits until all is on the disk. */
int fsync(int descriptor);
int fdatasync(int descriptor);
/** Cuts a file to a length. */
int ftruncate(int descriptor, off_t length);
int truncate(const char *path, off_t length);
/** The folder the process is in. */
char *getcwd(char *buffer, size_t size);
uid_t getuid(void);
uid_t geteuid(void);
gid_t getgid(void);
gid_t getegid(void);
int getgroups(int size, gid_t list[]);
int setuid(uid_t user);
int seteuid(uid_t user);
int setgid(gid_t group);
int setegid(gid_t group);
int setreuid(uid_t real, uid_t effective);
/** The name of the machine. */
int gethostname(char *name, size_t size);
char *getlogin(void);
/** The next option of the arguments. */
int getopt(int argc, char *const argv[], const char *options);
int getpagesize(void);
/** The process itself. */
pid_t getpid(void);
/** The process that made it. */
pid_t getppid(void);
pid_t getpgrp(void);
pid_t getpgid(pid_t pid);
int setpgid(pid_t pid, pid_t group);
pid_t setsid(void);
/** Whether it is a terminal. */
int isatty(int descriptor);
int link(const char *from, const char *to);
int symlink(const char *target, const char *path);
/** Goes to a place in a file. */
off_t lseek(int descriptor, off_t offset, int whence);
int nice(int increment);
int pause(void);
/** A pipe: what is written at one end is read at the other. */
int pipe(int descriptors[2]);
int pipe2(int descriptors[2], int flags);
ssize_t pread(int descriptor, void *buffer, size_t size, off_t offset);
ssize_t pwrite(int descriptor, const void *buffer, size_t size, off_t offset);
/** Reads bytes. */
ssize_t read(int descriptor, void *buffer, size_t size);
/** Where a link leads. */
ssize_t readlink(const char *path, char *buffer, size_t size);
/** Removes an empty folder. */
int rmdir(const char *path);
/** Waits for some seconds. */
unsigned sleep(unsigned seconds);
int usleep(useconds_t microseconds);
/** What the system says of itself. */
long sysconf(int name);
long pathconf(const char *path, int name);
long syscall(long number, ...);
void sync(void);
pid_t tcgetpgrp(int descriptor);
int tcsetpgrp(int descriptor, pid_t group);
char *ttyname(int descriptor);
/** Removes a file. */
int unlink(const char *path);
/** Writes bytes. */
ssize_t write(int descriptor, const void *buffer, size_t size);
int daemon(int keep_folder, int keep_output);
int brk(void *end);
void *sbrk(long increment);
char *crypt(const char *key, const char *salt);
int getentropy(void *buffer, size_t size);
int linkat(int from_folder, const char *from, int to_folder, const char *to, int flags);
int unlinkat(int folder, const char *path, int flags);
int faccessat(int folder, const char *path, int mode, int flags);
/** Closes all descriptors from one on. */
void closefrom(int lowest);
int dup3(int from, int to, int flags);
int getresuid(uid_t *real, uid_t *effective, uid_t *saved);
int getresgid(gid_t *real, gid_t *effective, gid_t *saved);
int setresuid(uid_t real, uid_t effective, uid_t saved);
int setresgid(gid_t real, gid_t effective, gid_t saved);
/** Sets the further groups of the process. */
int setgroups(size_t size, const gid_t *list);
long fpathconf(int descriptor, int name);
size_t confstr(int name, char *buffer, size_t size);
int execvpe(const char *file, char *const arguments[], char *const environment[]);
int fexecve(int descriptor, char *const arguments[], char *const environment[]);
ssize_t readlinkat(int folder, const char *path, char *buffer, size_t size);
int sethostname(const char *name, size_t length);
int getdomainname(char *name, size_t length);
long gethostid(void);
int ttyname_r(int descriptor, char *buffer, size_t size);
int getlogin_r(char *buffer, size_t size);
char *getpass(const char *prompt);
int lockf(int descriptor, int command, off_t length);
int syncfs(int descriptor);
ssize_t copy_file_range(int from, off_t *from_at, int to, off_t *to_at, size_t length, unsigned int flags);
useconds_t ualarm(useconds_t first, useconds_t interval);
#define _POSIX_VERSION 200809L
#define _POSIX_THREADS 200809L
#define _POSIX_THREAD_SAFE_FUNCTIONS 200809L
#define _POSIX_TIMERS 200809L
#define _POSIX_MONOTONIC_CLOCK 0
#define _POSIX_MAPPED_FILES 200809L
#define _POSIX_FSYNC 200809L
#define _POSIX_SEMAPHORES 200809L
#define _POSIX_SPAWN 200809L
#define _XOPEN_VERSION 700
