#pragma once
#include <stdint.h>
typedef union epoll_data { void *ptr; int fd; uint32_t u32; uint64_t u64; } epoll_data_t;
struct epoll_event { uint32_t events; epoll_data_t data; };
#define EPOLLIN 1
#define EPOLLOUT 4
#define EPOLLERR 8
#define EPOLLHUP 16
#define EPOLLET (1u << 31)
#define EPOLL_CTL_ADD 1
#define EPOLL_CTL_DEL 2
#define EPOLL_CTL_MOD 3
int epoll_create(int size);
int epoll_create1(int flags);
int epoll_ctl(int queue, int operation, int descriptor, struct epoll_event *event);
int epoll_wait(int queue, struct epoll_event *events, int count, int timeout);
