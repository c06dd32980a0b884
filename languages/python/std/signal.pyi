"""Signals of the system."""
import sys
from collections.abc import Callable, Iterable
from enum import IntEnum
from types import FrameType
from typing import Any, Final, final
NSIG: int
class Signals(IntEnum):
    SIGABRT = 6
    SIGFPE = 8
    SIGILL = 4
    SIGINT = 2
    SIGSEGV = 11
    SIGTERM = 15
    SIGALRM = 14
    SIGBUS = 7
    SIGCHLD = 17
    SIGCONT = 18
    SIGHUP = 1
    SIGIO = 29
    SIGIOT = 6
    SIGKILL = 9
    SIGPIPE = 13
    SIGPROF = 27
    SIGQUIT = 3
    SIGSTOP = 19
    SIGSYS = 31
    SIGTRAP = 5
    SIGTSTP = 20
    SIGTTIN = 21
    SIGTTOU = 22
    SIGURG = 23
    SIGUSR1 = 10
    SIGUSR2 = 12
    SIGVTALRM = 26
    SIGWINCH = 28
    SIGXCPU = 24
    SIGXFSZ = 25
    SIGCLD = 17
    SIGPOLL = 29
    SIGPWR = 30
    SIGRTMAX = 64
    SIGRTMIN = 34
    SIGSTKFLT = 16
class Handlers(IntEnum):
    SIG_DFL = 0
    SIG_IGN = 1
SIG_DFL: Handlers
SIG_IGN: Handlers
def default_int_handler(signalnum, frame) -> Never: ...
def getsignal(signalnum) -> Any: ...
def signal(signalnum, handler) -> Any: ...
SIGABRT: Signals
SIGFPE: Signals
SIGILL: Signals
SIGINT: Signals
SIGSEGV: Signals
SIGTERM: Signals
SIGALRM: Signals
SIGBUS: Signals
SIGCHLD: Signals
SIGCONT: Signals
SIGHUP: Signals
SIGIO: Signals
SIGIOT: Signals
SIGKILL: Signals
SIGPIPE: Signals
SIGPROF: Signals
SIGQUIT: Signals
SIGSTOP: Signals
SIGSYS: Signals
SIGTRAP: Signals
SIGTSTP: Signals
SIGTTIN: Signals
SIGTTOU: Signals
SIGURG: Signals
SIGUSR1: Signals
SIGUSR2: Signals
SIGVTALRM: Signals
SIGWINCH: Signals
SIGXCPU: Signals
SIGXFSZ: Signals
class ItimerError(OSError):
    ...
ITIMER_PROF: int
ITIMER_REAL: int
ITIMER_VIRTUAL: int
class Sigmasks(IntEnum):
    SIG_BLOCK = 0
    SIG_UNBLOCK = 1
    SIG_SETMASK = 2
SIG_BLOCK = Sigmasks.SIG_BLOCK
SIG_UNBLOCK = Sigmasks.SIG_UNBLOCK
SIG_SETMASK = Sigmasks.SIG_SETMASK
def alarm(seconds) -> int: ...
def getitimer(which) -> tuple[float, float]: ...
def pause() -> None: ...
def pthread_kill(thread_id, signalnum) -> None: ...
def pthread_sigmask(how, mask) -> set[Any]: ...
def setitimer(which, seconds, interval=0.0) -> tuple[float, float]: ...
def siginterrupt(signalnum, flag) -> None: ...
def sigpending() -> Any: ...
def sigwait(sigset) -> Any: ...
SIGCLD: Signals
SIGPOLL: Signals
SIGPWR: Signals
SIGRTMAX: Signals
SIGRTMIN: Signals
SIGSTKFLT: Signals
class struct_siginfo(Any[int], tuple[int, int, int, int, int, int, int]):
    __match_args__: Final
    @property
    def si_signo(self) -> int: ...
    @property
    def si_code(self) -> int: ...
    @property
    def si_errno(self) -> int: ...
    @property
    def si_pid(self) -> int: ...
    @property
    def si_uid(self) -> int: ...
    @property
    def si_status(self) -> int: ...
    @property
    def si_band(self) -> int: ...
def sigtimedwait(sigset, timeout) -> struct_siginfo | None: ...
def sigwaitinfo(sigset) -> struct_siginfo: ...
def strsignal(signalnum) -> str | None: ...
def valid_signals() -> set[Signals]: ...
def raise_signal(signalnum) -> None: ...
def set_wakeup_fd(fd, *, warn_on_full_buffer=...) -> int: ...
def pidfd_send_signal(pidfd, sig, siginfo=None, flags=...) -> None: ...
