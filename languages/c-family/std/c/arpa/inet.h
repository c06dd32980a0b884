#pragma once
#include <netinet/in.h>
in_addr_t inet_addr(const char *text);
char *inet_ntoa(struct in_addr address);
int inet_aton(const char *text, struct in_addr *address);
/** An address as text. */
const char *inet_ntop(int family, const void *address, char *buffer, socklen_t size);
/** The address that a text says. */
int inet_pton(int family, const char *text, void *address);
