#pragma once
#include <sys/types.h>
#include <sys/uio.h>
typedef unsigned int socklen_t;
typedef unsigned short sa_family_t;
/** An address of any family. */
struct sockaddr { sa_family_t sa_family; char sa_data[14]; };
/** Room for an address of any family. */
struct sockaddr_storage { sa_family_t ss_family; char ss_padding[126]; };
struct msghdr { void *msg_name; socklen_t msg_namelen; struct iovec *msg_iov; size_t msg_iovlen; void *msg_control; size_t msg_controllen; int msg_flags; };
struct cmsghdr { size_t cmsg_len; int cmsg_level; int cmsg_type; };
struct linger { int l_onoff; int l_linger; };
#define SOCK_STREAM 1
#define SOCK_DGRAM 2
#define SOCK_RAW 3
#define SOCK_NONBLOCK 04000
#define SOCK_CLOEXEC 02000000
#define AF_UNSPEC 0
#define AF_UNIX 1
#define AF_INET 2
#define AF_INET6 10
#define PF_UNIX AF_UNIX
#define PF_INET AF_INET
#define SOL_SOCKET 1
#define SO_REUSEADDR 2
#define SO_TYPE 3
#define SO_ERROR 4
#define SO_BROADCAST 6
#define SO_SNDBUF 7
#define SO_RCVBUF 8
#define SO_KEEPALIVE 9
#define SO_LINGER 13
#define SO_REUSEPORT 15
#define SO_RCVTIMEO 20
#define SO_SNDTIMEO 21
#define SOMAXCONN 4096
#define MSG_PEEK 2
#define MSG_WAITALL 0x100
#define MSG_DONTWAIT 0x40
#define MSG_NOSIGNAL 0x4000
#define SHUT_RD 0
#define SHUT_WR 1
#define SHUT_RDWR 2
/** An end of a connection. */
int socket(int domain, int type, int protocol);
int socketpair(int domain, int type, int protocol, int descriptors[2]);
/** Gives it an address. */
int bind(int descriptor, const struct sockaddr *address, socklen_t size);
/** Lets others connect. */
int listen(int descriptor, int backlog);
/** Takes the next who connects. */
int accept(int descriptor, struct sockaddr *address, socklen_t *size);
int accept4(int descriptor, struct sockaddr *address, socklen_t *size, int flags);
/** Connects to an address. */
int connect(int descriptor, const struct sockaddr *address, socklen_t size);
int getsockname(int descriptor, struct sockaddr *address, socklen_t *size);
int getpeername(int descriptor, struct sockaddr *address, socklen_t *size);
int getsockopt(int descriptor, int level, int name, void *value, socklen_t *size);
int setsockopt(int descriptor, int level, int name, const void *value, socklen_t size);
/** Takes what was sent. */
ssize_t recv(int descriptor, void *buffer, size_t size, int flags);
ssize_t recvfrom(int descriptor, void *buffer, size_t size, int flags, struct sockaddr *from, socklen_t *from_size);
ssize_t recvmsg(int descriptor, struct msghdr *message, int flags);
/** Sends bytes. */
ssize_t send(int descriptor, const void *buffer, size_t size, int flags);
ssize_t sendto(int descriptor, const void *buffer, size_t size, int flags, const struct sockaddr *to, socklen_t to_size);
ssize_t sendmsg(int descriptor, const struct msghdr *message, int flags);
/** Ends one direction. */
int shutdown(int descriptor, int how);
int recvmmsg(int socket, struct mmsghdr *messages, unsigned int count, int flags, struct timespec *timeout);
int sendmmsg(int socket, struct mmsghdr *messages, unsigned int count, int flags);
