"""Other programs."""
import sys
from collections.abc import Callable, Collection, Iterable, Mapping, Sequence
from types import TracebackType
from typing import IO, Any, Generic, Literal, overload
from types import GenericAlias
_USE_VFORK: bool
_USE_POSIX_SPAWN: bool
class CompletedProcess[T]:
    """A program that has ended."""
    args: Any
    returncode: int
    stdout: T
    stderr: T
    def __init__(self, args, returncode, stdout=None, stderr=None) -> None: ...
    def check_returncode(self) -> None: ...
def run(args, bufsize=-1, executable=None, stdin=None, stdout=None, stderr=None, preexec_fn=None, close_fds=True, shell=False, cwd=None, env=None, universal_newlines=None, startupinfo=None, creationflags=0, restore_signals=True, start_new_session=False, pass_fds=..., *, capture_output=False, check=False, encoding=None, errors=None, input=None, text, timeout=None, user=None, group=None, extra_groups=None, umask=-1, pipesize=-1, process_group=None) -> CompletedProcess[str]:
    """Runs a program and waits for it."""
def call(args, bufsize=-1, executable=None, stdin=None, stdout=None, stderr=None, preexec_fn=None, close_fds=True, shell=False, cwd=None, env=None, universal_newlines=None, startupinfo=None, creationflags=0, restore_signals=True, start_new_session=False, pass_fds=..., *, timeout=None, text=None, user=None, group=None, extra_groups=None, umask=-1, pipesize=-1, process_group=None) -> int: ...
def check_call(args, bufsize=-1, executable=None, stdin=None, stdout=None, stderr=None, preexec_fn=None, close_fds=True, shell=False, cwd=None, env=None, universal_newlines=None, startupinfo=None, creationflags=0, restore_signals=True, start_new_session=False, pass_fds=..., timeout=..., *, text=None, user=None, group=None, extra_groups=None, umask=-1, pipesize=-1, process_group=None) -> int: ...
def check_output(args, bufsize=-1, executable=None, stdin=None, stderr=None, preexec_fn=None, close_fds=True, shell=False, cwd=None, env=None, universal_newlines=None, startupinfo=None, creationflags=0, restore_signals=True, start_new_session=False, pass_fds=..., *, timeout=None, input=..., encoding=None, errors=None, text, user=None, group=None, extra_groups=None, umask=-1, pipesize=-1, process_group=None) -> str:
    """What a program writes."""
PIPE: int
STDOUT: int
DEVNULL: int
class SubprocessError(Exception):
    ...
class TimeoutExpired(SubprocessError):
    def __init__(self, cmd, timeout, output=None, stderr=None) -> None: ...
    cmd: Any
    timeout: float
    output: Any
    stdout: bytes | None
    stderr: bytes | None
class CalledProcessError(SubprocessError):
    returncode: int
    cmd: Any
    output: Any
    stdout: Any
    stderr: Any
    def __init__(self, returncode, cmd, output=None, stderr=None) -> None: ...
class Popen:
    """A program that is running."""
    args: Any
    stdin: IO[str] | None
    stdout: IO[str] | None
    stderr: IO[str] | None
    pid: int
    returncode: int | Any
    universal_newlines: bool
    def __init__(self, args, bufsize=-1, executable=None, stdin=None, stdout=None, stderr=None, preexec_fn=None, close_fds=True, shell=False, cwd=None, env=None, universal_newlines=None, startupinfo=None, creationflags=0, restore_signals=True, start_new_session=False, pass_fds=(), *, text=None, encoding, errors=None, user=None, group=None, extra_groups=None, umask=-1, pipesize=-1, process_group=None) -> None: ...
    def poll(self) -> int | None: ...
    def wait(self, timeout=None) -> int:
        """Waits for the end."""
    def communicate(self, input=None, timeout=None) -> tuple[str, str]:
        """Sends input, and waits for all output."""
    def send_signal(self, sig) -> None: ...
    def terminate(self) -> None: ...
    def kill(self) -> None: ...
    def __enter__(self) -> Popen: ...
def getstatusoutput(cmd, *, encoding=None, errors=None) -> tuple[int, str]: ...
def getoutput(cmd, *, encoding=None, errors=None) -> str: ...
def list2cmdline(seq) -> str: ...
