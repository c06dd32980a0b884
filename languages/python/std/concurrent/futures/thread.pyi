"""Work in threads."""
import queue
import sys
from collections.abc import Callable, Iterable, Mapping, Set as AbstractSet
from threading import Lock, Semaphore, Thread
from typing import Any, Generic, overload
from weakref import ref
from ._base import BrokenExecutor, Executor, Future
_threads_queues: Mapping[Any, Any]
_shutdown: bool
_global_shutdown_lock: Lock
def _python_exit() -> None: ...
from types import GenericAlias
class _WorkItem[S]:
    future: Future[S]
    fn: Callable[..., S]
    args: Iterable[Any]
    kwargs: Mapping[str, Any]
    def __init__(self, future, fn, args, kwargs) -> None: ...
    def run(self) -> None: ...
def _worker[Ts](executor_reference, work_queue, initializer: Callable[[Unpack[Ts]], object], initargs: tuple[Unpack[Ts]]) -> None: ...
class BrokenThreadPool(BrokenExecutor):
    ...
class ThreadPoolExecutor(Executor):
    _max_workers: int
    _idle_semaphore: Semaphore
    _threads: AbstractSet[Thread]
    _broken: bool
    _shutdown: bool
    _shutdown_lock: Lock
    _thread_name_prefix: str | None
    _initializer: Callable[..., None] | None
    _initargs: tuple[Any, ...]
    _work_queue: queue.SimpleQueue[_WorkItem[Any]]
    def __init__(self, max_workers=None, thread_name_prefix='', initializer=None, initargs=()) -> None: ...
    def _adjust_thread_count(self) -> None: ...
    def _initializer_failed(self) -> None: ...
