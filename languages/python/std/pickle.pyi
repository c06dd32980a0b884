"""Objects as bytes."""
from collections.abc import Callable, Iterable, Iterator, Mapping
from typing import Any, ClassVar, Protocol, SupportsBytes, SupportsIndex, final
HIGHEST_PROTOCOL: int
DEFAULT_PROTOCOL: int
bytes_types: tuple[type[Any], ...]
class PickleBuffer:
    def __init__(self, buffer) -> None: ...
    def raw(self) -> memoryview: ...
    def release(self) -> None: ...
def dump(obj, file, protocol=None, *, fix_imports=True, buffer_callback=None) -> None: ...
def dumps(obj, protocol=None, *, fix_imports=True, buffer_callback=None) -> bytes: ...
def load(file, *, fix_imports=True, encoding='ASCII', errors='strict', buffers=()) -> Any: ...
def loads(data, *, fix_imports=True, encoding='ASCII', errors='strict', buffers=()) -> Any: ...
class PickleError(Exception):
    ...
class PicklingError(PickleError):
    ...
class UnpicklingError(PickleError):
    ...
class Pickler:
    fast: bool
    dispatch_table: Mapping[type, Callable[[Any], Any]]
    bin: bool
    dispatch: ClassVar[dict[type, Callable[[Unpickler, Any], None]]]
    def __init__(self, file, protocol=..., *, fix_imports=..., buffer_callback=...) -> None: ...
    def reducer_override(self, obj) -> Any: ...
    def dump(self, obj) -> None: ...
    def clear_memo(self) -> None: ...
    def persistent_id(self, obj) -> Any: ...
class Unpickler:
    dispatch: ClassVar[dict[int, Callable[[Unpickler], None]]]
    def __init__(self, file, *, fix_imports=..., encoding=..., errors=..., buffers=...) -> None: ...
    def load(self) -> Any: ...
    def find_class(self, module_name, global_name) -> Any: ...
    def persistent_load(self, pid) -> Any: ...
MARK: bytes
STOP: bytes
POP: bytes
POP_MARK: bytes
DUP: bytes
FLOAT: bytes
INT: bytes
BININT: bytes
BININT1: bytes
LONG: bytes
BININT2: bytes
NONE: bytes
PERSID: bytes
BINPERSID: bytes
REDUCE: bytes
STRING: bytes
BINSTRING: bytes
SHORT_BINSTRING: bytes
UNICODE: bytes
BINUNICODE: bytes
APPEND: bytes
BUILD: bytes
GLOBAL: bytes
DICT: bytes
EMPTY_DICT: bytes
APPENDS: bytes
GET: bytes
BINGET: bytes
INST: bytes
LONG_BINGET: bytes
LIST: bytes
EMPTY_LIST: bytes
OBJ: bytes
PUT: bytes
BINPUT: bytes
LONG_BINPUT: bytes
SETITEM: bytes
TUPLE: bytes
EMPTY_TUPLE: bytes
SETITEMS: bytes
BINFLOAT: bytes
TRUE: bytes
FALSE: bytes
PROTO: bytes
NEWOBJ: bytes
EXT1: bytes
EXT2: bytes
EXT4: bytes
TUPLE1: bytes
TUPLE2: bytes
TUPLE3: bytes
NEWTRUE: bytes
NEWFALSE: bytes
LONG1: bytes
LONG4: bytes
BINBYTES: bytes
SHORT_BINBYTES: bytes
SHORT_BINUNICODE: bytes
BINUNICODE8: bytes
BINBYTES8: bytes
EMPTY_SET: bytes
ADDITEMS: bytes
FROZENSET: bytes
NEWOBJ_EX: bytes
STACK_GLOBAL: bytes
MEMOIZE: bytes
FRAME: bytes
BYTEARRAY8: bytes
NEXT_BUFFER: bytes
READONLY_BUFFER: bytes
def encode_long(x) -> bytes: ...
def decode_long(data) -> int: ...
