"""Further places for messages."""
import datetime
import http.client
import ssl
import sys
from collections.abc import Callable
from logging import FileHandler, Handler, LogRecord
from re import Pattern
from socket import SocketKind, socket
from threading import Thread
from typing import Any, ClassVar, Protocol
DEFAULT_TCP_LOGGING_PORT: int
DEFAULT_UDP_LOGGING_PORT: int
DEFAULT_HTTP_LOGGING_PORT: int
DEFAULT_SOAP_LOGGING_PORT: int
SYSLOG_UDP_PORT: int
SYSLOG_TCP_PORT: int
class WatchedFileHandler(FileHandler):
    dev: int
    ino: int
    def __init__(self, filename, mode='a', encoding=None, delay=False, errors=None) -> None: ...
    def _statstream(self) -> None: ...
    def reopenIfNeeded(self) -> None: ...
class BaseRotatingHandler(FileHandler):
    namer: Callable[[str], str] | None
    rotator: Callable[[str, str], None] | None
    def __init__(self, filename, mode, encoding=None, delay=False, errors=None) -> None: ...
    def rotation_filename(self, default_name) -> str: ...
    def rotate(self, source, dest) -> None: ...
class RotatingFileHandler(BaseRotatingHandler):
    maxBytes: int
    backupCount: int
    def __init__(self, filename, mode='a', maxBytes=0, backupCount=0, encoding=None, delay=False, errors=None) -> None: ...
    def doRollover(self) -> None: ...
    def shouldRollover(self, record) -> int: ...
class TimedRotatingFileHandler(BaseRotatingHandler):
    when: str
    backupCount: int
    utc: bool
    atTime: datetime.time | None
    interval: int
    suffix: str
    dayOfWeek: int
    rolloverAt: int
    extMatch: Pattern[str]
    def __init__(self, filename, when='h', interval=1, backupCount=0, encoding=None, delay=False, utc=False, atTime=None, errors=None) -> None: ...
    def doRollover(self) -> None: ...
    def shouldRollover(self, record) -> int: ...
    def computeRollover(self, currentTime) -> int: ...
    def getFilesToDelete(self) -> list[str]: ...
class SocketHandler(Handler):
    host: str
    port: int | None
    address: tuple[str, int] | str
    sock: socket | None
    closeOnError: bool
    retryTime: float | None
    retryStart: float
    retryFactor: float
    retryMax: float
    def __init__(self, host, port) -> None: ...
    def makeSocket(self, timeout=1) -> socket: ...
    def makePickle(self, record) -> bytes: ...
    def send(self, s) -> None: ...
    def createSocket(self) -> None: ...
class DatagramHandler(SocketHandler):
    def makeSocket(self) -> socket: ...
class SysLogHandler(Handler):
    LOG_EMERG: int
    LOG_ALERT: int
    LOG_CRIT: int
    LOG_ERR: int
    LOG_WARNING: int
    LOG_NOTICE: int
    LOG_INFO: int
    LOG_DEBUG: int
    LOG_KERN: int
    LOG_USER: int
    LOG_MAIL: int
    LOG_DAEMON: int
    LOG_AUTH: int
    LOG_SYSLOG: int
    LOG_LPR: int
    LOG_NEWS: int
    LOG_UUCP: int
    LOG_CRON: int
    LOG_AUTHPRIV: int
    LOG_FTP: int
    LOG_NTP: int
    LOG_SECURITY: int
    LOG_CONSOLE: int
    LOG_SOLCRON: int
    LOG_LOCAL0: int
    LOG_LOCAL1: int
    LOG_LOCAL2: int
    LOG_LOCAL3: int
    LOG_LOCAL4: int
    LOG_LOCAL5: int
    LOG_LOCAL6: int
    LOG_LOCAL7: int
    address: tuple[str, int] | str
    unixsocket: bool
    socktype: SocketKind
    ident: str
    append_nul: bool
    facility: int
    priority_names: ClassVar[dict[str, int]]
    facility_names: ClassVar[dict[str, int]]
    priority_map: ClassVar[dict[str, str]]
    def __init__(self, address=('localhost', 514), facility=1, socktype=None) -> None: ...
    def createSocket(self) -> None: ...
    def encodePriority(self, facility, priority) -> int: ...
    def mapPriority(self, levelName) -> str: ...
class NTEventLogHandler(Handler):
    def __init__(self, appname, dllname=None, logtype='Application') -> None: ...
    def getEventCategory(self, record) -> int: ...
    def getEventType(self, record) -> int: ...
    def getMessageID(self, record) -> int: ...
class SMTPHandler(Handler):
    mailhost: str
    mailport: int | None
    username: str | None
    password: str
    fromaddr: str
    toaddrs: list[str]
    subject: str
    secure: tuple[()] | tuple[str] | tuple[str, str] | None
    timeout: float
    def __init__(self, mailhost, fromaddr, toaddrs, subject, credentials=None, secure=None, timeout=5.0) -> None: ...
    def getSubject(self, record) -> str: ...
class BufferingHandler(Handler):
    capacity: int
    buffer: list[LogRecord]
    def __init__(self, capacity) -> None: ...
    def shouldFlush(self, record) -> bool: ...
class MemoryHandler(BufferingHandler):
    flushLevel: int
    target: Handler | None
    flushOnClose: bool
    def __init__(self, capacity, flushLevel=40, target=None, flushOnClose=True) -> None: ...
    def setTarget(self, target) -> None: ...
class HTTPHandler(Handler):
    host: str
    url: str
    method: str
    secure: bool
    credentials: tuple[str, str] | None
    context: ssl.SSLContext | None
    def __init__(self, host, url, method='GET', secure=False, credentials=None, context=None) -> None: ...
    def mapLogRecord(self, record) -> dict[str, Any]: ...
    def getConnection(self, host, secure) -> http.client.HTTPConnection: ...
class QueueHandler(Handler):
    queue: Any[Any]
    def __init__(self, queue) -> None: ...
    def prepare(self, record) -> Any: ...
    def enqueue(self, record) -> None: ...
class QueueListener:
    handlers: tuple[Handler, ...]
    respect_handler_level: bool
    queue: Any[Any]
    _thread: Thread | None
    def __init__(self, queue, *handlers, respect_handler_level=False) -> None: ...
    def dequeue(self, block) -> LogRecord: ...
    def prepare(self, record) -> Any: ...
    def start(self) -> None: ...
    def stop(self) -> None: ...
    def enqueue_sentinel(self) -> None: ...
    def handle(self, record) -> None: ...
