<?php

const POSIX_F_OK = 0;
const POSIX_X_OK = 1;
const POSIX_W_OK = 2;
const POSIX_R_OK = 4;
const POSIX_S_IFREG = 32768;
const POSIX_S_IFCHR = 8192;
const POSIX_S_IFBLK = 24576;
const POSIX_S_IFIFO = 4096;
const POSIX_S_IFSOCK = 49152;
const POSIX_RLIMIT_AS = 9;
const POSIX_RLIMIT_CORE = 4;
const POSIX_RLIMIT_CPU = 0;
const POSIX_RLIMIT_DATA = 2;
const POSIX_RLIMIT_FSIZE = 1;
const POSIX_RLIMIT_LOCKS = 10;
const POSIX_RLIMIT_MEMLOCK = 8;
const POSIX_RLIMIT_MSGQUEUE = 12;
const POSIX_RLIMIT_NICE = 13;
const POSIX_RLIMIT_NOFILE = 7;
const POSIX_RLIMIT_NPROC = 6;
const POSIX_RLIMIT_RSS = 5;
const POSIX_RLIMIT_RTPRIO = 14;
const POSIX_RLIMIT_RTTIME = 15;
const POSIX_RLIMIT_SIGPENDING = 11;
const POSIX_RLIMIT_STACK = 3;
const POSIX_RLIMIT_INFINITY = -1;
function posix_kill(int $process_id, int $signal): bool {}
function posix_getpid(): int {}
function posix_getppid(): int {}
function posix_getuid(): int {}
function posix_setuid(int $user_id): bool {}
function posix_geteuid(): int {}
function posix_seteuid(int $user_id): bool {}
function posix_getgid(): int {}
function posix_setgid(int $group_id): bool {}
function posix_getegid(): int {}
function posix_setegid(int $group_id): bool {}
function posix_getgroups(): array|false {}
function posix_getlogin(): string|false {}
function posix_getpgrp(): int {}
function posix_setsid(): int {}
function posix_setpgid(int $process_id, int $process_group_id): bool {}
function posix_getpgid(int $process_id): int|false {}
function posix_getsid(int $process_id): int|false {}
function posix_uname(): array|false {}
function posix_times(): array|false {}
function posix_ctermid(): string|false {}
function posix_ttyname($file_descriptor): string|false {}
function posix_isatty($file_descriptor): bool {}
function posix_getcwd(): string|false {}
function posix_mkfifo(string $filename, int $permissions): bool {}
function posix_mknod(string $filename, int $flags, int $major = 0, int $minor = 0): bool {}
function posix_access(string $filename, int $flags = 0): bool {}
function posix_getgrnam(string $name): array|false {}
function posix_getgrgid(int $group_id): array|false {}
function posix_getpwnam(string $username): array|false {}
function posix_getpwuid(int $user_id): array|false {}
function posix_getrlimit(): array|false {}
function posix_setrlimit(int $resource, int $soft_limit, int $hard_limit): bool {}
function posix_get_last_error(): int {}
function posix_errno(): int {}
function posix_strerror(int $error_code): string {}
function posix_initgroups(string $username, int $group_id): bool {}
