#pragma once
#include <sys/types.h>
/** A user. */
struct passwd { char *pw_name; char *pw_passwd; uid_t pw_uid; gid_t pw_gid; char *pw_gecos; char *pw_dir; char *pw_shell; };
struct passwd *getpwnam(const char *name);
struct passwd *getpwuid(uid_t user);
int getpwnam_r(const char *name, struct passwd *found, char *buffer, size_t size, struct passwd **result);
int getpwuid_r(uid_t user, struct passwd *found, char *buffer, size_t size, struct passwd **result);
