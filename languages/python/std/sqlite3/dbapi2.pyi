"""Databases in a file, by the common interface."""
import sqlite3
import sys
from collections.abc import Callable, Generator, Iterable, Iterator, Mapping
from datetime import date, datetime, time
from types import TracebackType
from typing import Any, Literal, Protocol, SupportsIndex, final, overload
paramstyle: str
threadsafety: int
apilevel: str
Date = date
Time = time
Timestamp = datetime
def DateFromTicks(ticks) -> Date: ...
def TimeFromTicks(ticks) -> Time: ...
def TimestampFromTicks(ticks) -> Timestamp: ...
version_info: tuple[int, int, int]
sqlite_version_info: tuple[int, int, int]
Binary = memoryview
PARSE_COLNAMES: int
PARSE_DECLTYPES: int
SQLITE_ALTER_TABLE: int
SQLITE_ANALYZE: int
SQLITE_ATTACH: int
SQLITE_CREATE_INDEX: int
SQLITE_CREATE_TABLE: int
SQLITE_CREATE_TEMP_INDEX: int
SQLITE_CREATE_TEMP_TABLE: int
SQLITE_CREATE_TEMP_TRIGGER: int
SQLITE_CREATE_TEMP_VIEW: int
SQLITE_CREATE_TRIGGER: int
SQLITE_CREATE_VIEW: int
SQLITE_CREATE_VTABLE: int
SQLITE_DELETE: int
SQLITE_DENY: int
SQLITE_DETACH: int
SQLITE_DONE: int
SQLITE_DROP_INDEX: int
SQLITE_DROP_TABLE: int
SQLITE_DROP_TEMP_INDEX: int
SQLITE_DROP_TEMP_TABLE: int
SQLITE_DROP_TEMP_TRIGGER: int
SQLITE_DROP_TEMP_VIEW: int
SQLITE_DROP_TRIGGER: int
SQLITE_DROP_VIEW: int
SQLITE_DROP_VTABLE: int
SQLITE_FUNCTION: int
SQLITE_IGNORE: int
SQLITE_INSERT: int
SQLITE_OK: int
SQLITE_LIMIT_LENGTH: int
SQLITE_LIMIT_SQL_LENGTH: int
SQLITE_LIMIT_COLUMN: int
SQLITE_LIMIT_EXPR_DEPTH: int
SQLITE_LIMIT_COMPOUND_SELECT: int
SQLITE_LIMIT_VDBE_OP: int
SQLITE_LIMIT_FUNCTION_ARG: int
SQLITE_LIMIT_ATTACHED: int
SQLITE_LIMIT_LIKE_PATTERN_LENGTH: int
SQLITE_LIMIT_VARIABLE_NUMBER: int
SQLITE_LIMIT_TRIGGER_DEPTH: int
SQLITE_LIMIT_WORKER_THREADS: int
SQLITE_PRAGMA: int
SQLITE_READ: int
SQLITE_REINDEX: int
SQLITE_RECURSIVE: int
SQLITE_SAVEPOINT: int
SQLITE_SELECT: int
SQLITE_TRANSACTION: int
SQLITE_UPDATE: int
adapters: dict[tuple[type[Any], type[Any]], Any[Any]]
converters: dict[str, Any]
sqlite_version: str
version: str
SQLITE_ABORT: int
SQLITE_ABORT_ROLLBACK: int
SQLITE_AUTH: int
SQLITE_AUTH_USER: int
SQLITE_BUSY: int
SQLITE_BUSY_RECOVERY: int
SQLITE_BUSY_SNAPSHOT: int
SQLITE_BUSY_TIMEOUT: int
SQLITE_CANTOPEN: int
SQLITE_CANTOPEN_CONVPATH: int
SQLITE_CANTOPEN_DIRTYWAL: int
SQLITE_CANTOPEN_FULLPATH: int
SQLITE_CANTOPEN_ISDIR: int
SQLITE_CANTOPEN_NOTEMPDIR: int
SQLITE_CANTOPEN_SYMLINK: int
SQLITE_CONSTRAINT: int
SQLITE_CONSTRAINT_CHECK: int
SQLITE_CONSTRAINT_COMMITHOOK: int
SQLITE_CONSTRAINT_FOREIGNKEY: int
SQLITE_CONSTRAINT_FUNCTION: int
SQLITE_CONSTRAINT_NOTNULL: int
SQLITE_CONSTRAINT_PINNED: int
SQLITE_CONSTRAINT_PRIMARYKEY: int
SQLITE_CONSTRAINT_ROWID: int
SQLITE_CONSTRAINT_TRIGGER: int
SQLITE_CONSTRAINT_UNIQUE: int
SQLITE_CONSTRAINT_VTAB: int
SQLITE_CORRUPT: int
SQLITE_CORRUPT_INDEX: int
SQLITE_CORRUPT_SEQUENCE: int
SQLITE_CORRUPT_VTAB: int
SQLITE_EMPTY: int
SQLITE_ERROR: int
SQLITE_ERROR_MISSING_COLLSEQ: int
SQLITE_ERROR_RETRY: int
SQLITE_ERROR_SNAPSHOT: int
SQLITE_FORMAT: int
SQLITE_FULL: int
SQLITE_INTERNAL: int
SQLITE_INTERRUPT: int
SQLITE_IOERR: int
SQLITE_IOERR_ACCESS: int
SQLITE_IOERR_AUTH: int
SQLITE_IOERR_BEGIN_ATOMIC: int
SQLITE_IOERR_BLOCKED: int
SQLITE_IOERR_CHECKRESERVEDLOCK: int
SQLITE_IOERR_CLOSE: int
SQLITE_IOERR_COMMIT_ATOMIC: int
SQLITE_IOERR_CONVPATH: int
SQLITE_IOERR_CORRUPTFS: int
SQLITE_IOERR_DATA: int
SQLITE_IOERR_DELETE: int
SQLITE_IOERR_DELETE_NOENT: int
SQLITE_IOERR_DIR_CLOSE: int
SQLITE_IOERR_DIR_FSYNC: int
SQLITE_IOERR_FSTAT: int
SQLITE_IOERR_FSYNC: int
SQLITE_IOERR_GETTEMPPATH: int
SQLITE_IOERR_LOCK: int
SQLITE_IOERR_MMAP: int
SQLITE_IOERR_NOMEM: int
SQLITE_IOERR_RDLOCK: int
SQLITE_IOERR_READ: int
SQLITE_IOERR_ROLLBACK_ATOMIC: int
SQLITE_IOERR_SEEK: int
SQLITE_IOERR_SHMLOCK: int
SQLITE_IOERR_SHMMAP: int
SQLITE_IOERR_SHMOPEN: int
SQLITE_IOERR_SHMSIZE: int
SQLITE_IOERR_SHORT_READ: int
SQLITE_IOERR_TRUNCATE: int
SQLITE_IOERR_UNLOCK: int
SQLITE_IOERR_VNODE: int
SQLITE_IOERR_WRITE: int
SQLITE_LOCKED: int
SQLITE_LOCKED_SHAREDCACHE: int
SQLITE_LOCKED_VTAB: int
SQLITE_MISMATCH: int
SQLITE_MISUSE: int
SQLITE_NOLFS: int
SQLITE_NOMEM: int
SQLITE_NOTADB: int
SQLITE_NOTFOUND: int
SQLITE_NOTICE: int
SQLITE_NOTICE_RECOVER_ROLLBACK: int
SQLITE_NOTICE_RECOVER_WAL: int
SQLITE_OK_LOAD_PERMANENTLY: int
SQLITE_OK_SYMLINK: int
SQLITE_PERM: int
SQLITE_PROTOCOL: int
SQLITE_RANGE: int
SQLITE_READONLY: int
SQLITE_READONLY_CANTINIT: int
SQLITE_READONLY_CANTLOCK: int
SQLITE_READONLY_DBMOVED: int
SQLITE_READONLY_DIRECTORY: int
SQLITE_READONLY_RECOVERY: int
SQLITE_READONLY_ROLLBACK: int
SQLITE_ROW: int
SQLITE_SCHEMA: int
SQLITE_TOOBIG: int
SQLITE_WARNING: int
SQLITE_WARNING_AUTOINDEX: int
LEGACY_TRANSACTION_CONTROL: int
SQLITE_DBCONFIG_DEFENSIVE: int
SQLITE_DBCONFIG_DQS_DDL: int
SQLITE_DBCONFIG_DQS_DML: int
SQLITE_DBCONFIG_ENABLE_FKEY: int
SQLITE_DBCONFIG_ENABLE_FTS3_TOKENIZER: int
SQLITE_DBCONFIG_ENABLE_LOAD_EXTENSION: int
SQLITE_DBCONFIG_ENABLE_QPSG: int
SQLITE_DBCONFIG_ENABLE_TRIGGER: int
SQLITE_DBCONFIG_ENABLE_VIEW: int
SQLITE_DBCONFIG_LEGACY_ALTER_TABLE: int
SQLITE_DBCONFIG_LEGACY_FILE_FORMAT: int
SQLITE_DBCONFIG_NO_CKPT_ON_CLOSE: int
SQLITE_DBCONFIG_RESET_DATABASE: int
SQLITE_DBCONFIG_TRIGGER_EQP: int
SQLITE_DBCONFIG_TRUSTED_SCHEMA: int
SQLITE_DBCONFIG_WRITABLE_SCHEMA: int
def adapt[T](obj, proto, alt: T) -> Any: ...
def complete_statement(statement) -> bool: ...
def connect[ConnectionT](database, timeout, detect_types, isolation_level, check_same_thread, factory: type[ConnectionT], cached_statements=128, uri=False, *, autocommit=...) -> Connection:
    """Opens a database."""
def enable_callback_tracebacks(enable) -> None: ...
def register_adapter[T](type: type[T], adapter) -> None: ...
def register_converter(typename, converter) -> None: ...
class Connection:
    @property
    def DataError(self) -> type[sqlite3.DataError]: ...
    @property
    def DatabaseError(self) -> type[sqlite3.DatabaseError]: ...
    @property
    def Error(self) -> type[sqlite3.Error]: ...
    @property
    def IntegrityError(self) -> type[sqlite3.IntegrityError]: ...
    @property
    def InterfaceError(self) -> type[sqlite3.InterfaceError]: ...
    @property
    def InternalError(self) -> type[sqlite3.InternalError]: ...
    @property
    def NotSupportedError(self) -> type[sqlite3.NotSupportedError]: ...
    @property
    def OperationalError(self) -> type[sqlite3.OperationalError]: ...
    @property
    def ProgrammingError(self) -> type[sqlite3.ProgrammingError]: ...
    @property
    def Warning(self) -> type[sqlite3.Warning]: ...
    @property
    def in_transaction(self) -> bool: ...
    isolation_level: str | None
    @property
    def total_changes(self) -> int: ...
    @property
    def autocommit(self) -> int: ...
    @autocommit.setter
    def autocommit(self, val) -> None: ...
    row_factory: Any
    text_factory: Any
    def __init__(self, database, timeout=..., detect_types=..., isolation_level=..., check_same_thread=..., factory=..., cached_statements=..., uri=..., autocommit=...) -> None: ...
    def close(self) -> None: ...
    def blobopen(self, table, column, row, *, readonly=False, name='main') -> Blob: ...
    def commit(self) -> None:
        """Makes changes last."""
    def create_aggregate(self, name, n_arg, aggregate_class) -> None: ...
    def create_window_function(self, name, num_params, aggregate_class) -> None: ...
    def create_collation(self, name, callback) -> None: ...
    def create_function(self, name, narg, func, *, deterministic=False) -> None: ...
    def cursor(self, factory=None) -> Cursor: ...
    def execute(self, sql, parameters=...) -> Cursor:
        """Runs a statement."""
    def executemany(self, sql, parameters) -> Cursor: ...
    def executescript(self, sql_script) -> Cursor: ...
    def interrupt(self) -> None: ...
    def iterdump(self) -> Generator[str, None, None]: ...
    def rollback(self) -> None: ...
    def set_authorizer(self, authorizer_callback) -> None: ...
    def set_progress_handler(self, progress_handler, n) -> None: ...
    def set_trace_callback(self, trace_callback) -> None: ...
    def enable_load_extension(self, enable) -> None: ...
    def load_extension(self, name) -> None: ...
    def backup(self, target, *, pages=-1, progress=None, name='main', sleep=0.25) -> None: ...
    def setlimit(self, category, limit) -> int: ...
    def getlimit(self, category) -> int: ...
    def serialize(self, *, name='main') -> bytes: ...
    def deserialize(self, data, *, name='main') -> None: ...
    def getconfig(self, op) -> bool: ...
    def setconfig(self, op, enable=True) -> bool: ...
    def __call__(self, sql) -> _Statement: ...
    def __enter__(self) -> Connection: ...
class Cursor(Iterator[Any]):
    arraysize: int
    @property
    def connection(self) -> Connection: ...
    @property
    def description(self) -> tuple[tuple[str, None, None, None, None, None, None], ...] | Any: ...
    @property
    def lastrowid(self) -> int | None: ...
    row_factory: Callable[[Cursor, Row], object] | None
    @property
    def rowcount(self) -> int: ...
    def __init__(self, cursor) -> None: ...
    def close(self) -> None: ...
    def execute(self, sql, parameters=()) -> Cursor:
        """Runs a statement."""
    def executemany(self, sql, seq_of_parameters) -> Cursor: ...
    def executescript(self, sql_script) -> Cursor: ...
    def fetchall(self) -> list[Any]:
        """All rows."""
    def fetchmany(self, size=1) -> list[Any]: ...
    def fetchone(self) -> Any:
        """The next row."""
    def setinputsizes(self, sizes) -> None: ...
    def setoutputsize(self, size, column=None) -> None: ...
    def __iter__(self) -> Cursor: ...
    def __next__(self) -> Any: ...
class Error(Exception):
    sqlite_errorcode: int
    sqlite_errorname: str
class DatabaseError(Error):
    ...
class DataError(DatabaseError):
    ...
class IntegrityError(DatabaseError):
    ...
class InterfaceError(Error):
    ...
class InternalError(DatabaseError):
    ...
class NotSupportedError(DatabaseError):
    ...
class OperationalError(DatabaseError):
    ...
class PrepareProtocol:
    def __init__(self, *args, **kwargs) -> None: ...
class ProgrammingError(DatabaseError):
    ...
class Row:
    def __init__(self, cursor, data) -> None: ...
    def keys(self) -> list[str]: ...
    def __getitem__(self, key) -> Any: ...
    def __iter__(self) -> Iterator[Any]: ...
class _Statement:
    ...
class Warning(Exception):
    ...
class Blob:
    def close(self) -> None: ...
    def read(self, length=-1) -> bytes: ...
    def write(self, data) -> None: ...
    def tell(self) -> int: ...
    def seek(self, offset, origin=0) -> None: ...
    def __enter__(self) -> Blob: ...
    def __getitem__(self, key) -> int: ...
