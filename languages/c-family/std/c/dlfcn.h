#pragma once
#define RTLD_LAZY 1
#define RTLD_NOW 2
#define RTLD_GLOBAL 0x100
#define RTLD_LOCAL 0
#define RTLD_DEFAULT ((void *)0)
#define RTLD_NEXT ((void *)-1l)
typedef struct { const char *dli_fname; void *dli_fbase; const char *dli_sname; void *dli_saddr; } Dl_info;
/** Opens a library. */
void *dlopen(const char *path, int flags);
/** A function or variable of a library, by its name. */
void *dlsym(void *library, const char *name);
int dlclose(void *library);
char *dlerror(void);
int dladdr(const void *address, Dl_info *found);
