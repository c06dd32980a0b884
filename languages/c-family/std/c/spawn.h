#pragma once
#include <sys/types.h>
typedef struct { int flags; } posix_spawnattr_t;
typedef struct { int used; } posix_spawn_file_actions_t;
/** Starts a program. */
int posix_spawn(pid_t *process, const char *path, const posix_spawn_file_actions_t *actions, const posix_spawnattr_t *attributes, char *const arguments[], char *const environment[]);
int posix_spawnp(pid_t *process, const char *file, const posix_spawn_file_actions_t *actions, const posix_spawnattr_t *attributes, char *const arguments[], char *const environment[]);
int posix_spawn_file_actions_init(posix_spawn_file_actions_t *actions);
int posix_spawn_file_actions_adddup2(posix_spawn_file_actions_t *actions, int from, int to);
int posix_spawn_file_actions_destroy(posix_spawn_file_actions_t *actions);
