#pragma once
#include <sys/types.h>
struct group { char *gr_name; char *gr_passwd; gid_t gr_gid; char **gr_mem; };
struct group *getgrnam(const char *name);
struct group *getgrgid(gid_t group);
int initgroups(const char *user, gid_t group);
int getgrgid_r(gid_t group, struct group *found, char *buffer, size_t size, struct group **result);
int getgrnam_r(const char *name, struct group *found, char *buffer, size_t size, struct group **result);
