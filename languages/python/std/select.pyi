"""Waits for files and connections."""
import sys
from collections.abc import Iterable
from types import TracebackType
from typing import Any, final
PIPE_BUF: int
POLLERR: int
POLLHUP: int
POLLIN: int
POLLMSG: int
POLLNVAL: int
POLLOUT: int
POLLPRI: int
POLLRDBAND: int
POLLRDHUP: int
POLLRDNORM: int
POLLWRBAND: int
POLLWRNORM: int
class poll:
    def register(self, fd, eventmask=...) -> None: ...
    def modify(self, fd, eventmask) -> None: ...
    def unregister(self, fd) -> None: ...
    def poll(self, timeout=...) -> list[tuple[int, int]]: ...
def select(rlist, wlist, xlist, timeout=None) -> tuple[list[Any], list[Any], list[Any]]: ...
error = OSError
class epoll:
    def __init__(self, sizehint=..., flags=...) -> None: ...
    def __enter__(self) -> epoll: ...
    def close(self) -> None: ...
    closed: bool
    def fileno(self) -> int: ...
    def register(self, fd, eventmask=...) -> None: ...
    def modify(self, fd, eventmask) -> None: ...
    def unregister(self, fd) -> None: ...
    def poll(self, timeout=None, maxevents=-1) -> list[tuple[int, int]]: ...
    @classmethod
    def fromfd(cls, fd) -> epoll: ...
EPOLLERR: int
EPOLLEXCLUSIVE: int
EPOLLET: int
EPOLLHUP: int
EPOLLIN: int
EPOLLMSG: int
EPOLLONESHOT: int
EPOLLOUT: int
EPOLLPRI: int
EPOLLRDBAND: int
EPOLLRDHUP: int
EPOLLRDNORM: int
EPOLLWRBAND: int
EPOLLWRNORM: int
EPOLL_CLOEXEC: int
