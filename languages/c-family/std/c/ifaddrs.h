#pragma once
#include <sys/socket.h>
struct ifaddrs { struct ifaddrs *ifa_next; char *ifa_name; unsigned int ifa_flags; struct sockaddr *ifa_addr; struct sockaddr *ifa_netmask; void *ifa_data; };
/** The addresses of the machine. */
int getifaddrs(struct ifaddrs **found);
void freeifaddrs(struct ifaddrs *found);
