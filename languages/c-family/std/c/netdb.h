#pragma once
#include <netinet/in.h>
struct hostent { char *h_name; char **h_aliases; int h_addrtype; int h_length; char **h_addr_list; };
struct servent { char *s_name; char **s_aliases; int s_port; char *s_proto; };
/** An address that was found. */
struct addrinfo { int ai_flags; int ai_family; int ai_socktype; int ai_protocol; socklen_t ai_addrlen; struct sockaddr *ai_addr; char *ai_canonname; struct addrinfo *ai_next; };
#define AI_PASSIVE 1
#define AI_CANONNAME 2
#define AI_NUMERICHOST 4
#define NI_MAXHOST 1025
#define NI_NUMERICHOST 1
#define EAI_AGAIN (-3)
/** The addresses of a name. */
int getaddrinfo(const char *node, const char *service, const struct addrinfo *hints, struct addrinfo **found);
void freeaddrinfo(struct addrinfo *found);
const char *gai_strerror(int error);
int getnameinfo(const struct sockaddr *address, socklen_t size, char *host, socklen_t host_size, char *service, socklen_t service_size, int flags);
struct hostent *gethostbyname(const char *name);
struct servent *getservbyname(const char *name, const char *protocol);
struct hostent *gethostbyname2(const char *name, int family);
int gethostbyname_r(const char *name, struct hostent *found, char *buffer, size_t size, struct hostent **result, int *error);
int gethostbyaddr_r(const void *address, socklen_t length, int family, struct hostent *found, char *buffer, size_t size, struct hostent **result, int *error);
int getservbyname_r(const char *name, const char *protocol, struct servent *found, char *buffer, size_t size, struct servent **result);
int getservbyport_r(int port, const char *protocol, struct servent *found, char *buffer, size_t size, struct servent **result);
struct protoent { char *p_name; char **p_aliases; int p_proto; };
struct protoent *getprotobyname(const char *name);
const char *hstrerror(int error);
void herror(const char *text);
