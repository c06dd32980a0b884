#pragma once
#include <sys/socket.h>
#define IF_NAMESIZE 16
#define IFNAMSIZ 16
#define IFF_UP 1
#define IFF_LOOPBACK 8
/** The number of a network interface. */
unsigned int if_nametoindex(const char *name);
char *if_indextoname(unsigned int index, char *name);
