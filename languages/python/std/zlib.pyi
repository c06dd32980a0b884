"""Compression."""
import sys
from typing import Literal
DEFLATED: int
DEF_MEM_LEVEL: int
DEF_BUF_SIZE: int
MAX_WBITS: int
ZLIB_VERSION: str
ZLIB_RUNTIME_VERSION: str
Z_NO_COMPRESSION: int
Z_PARTIAL_FLUSH: int
Z_BEST_COMPRESSION: int
Z_BEST_SPEED: int
Z_BLOCK: int
Z_DEFAULT_COMPRESSION: int
Z_DEFAULT_STRATEGY: int
Z_FILTERED: int
Z_FINISH: int
Z_FIXED: int
Z_FULL_FLUSH: int
Z_HUFFMAN_ONLY: int
Z_NO_FLUSH: int
Z_RLE: int
Z_SYNC_FLUSH: int
Z_TREES: int
class error(Exception):
    ...
class _Compress:
    def compress(self, data) -> bytes: ...
    def flush(self, mode=...) -> bytes: ...
    def copy(self) -> _Compress: ...
class _Decompress:
    unused_data: bytes
    unconsumed_tail: bytes
    eof: bool
    def decompress(self, data, max_length=...) -> bytes: ...
    def flush(self, length=...) -> bytes: ...
    def copy(self) -> _Decompress: ...
def adler32(data, value=1) -> int: ...
def compress(data, level=-1, wbits=15) -> bytes: ...
def compressobj(level=-1, method=8, wbits=15, memLevel=8, strategy=0, zdict=None) -> _Compress: ...
def crc32(data, value=0) -> int: ...
def decompress(data, wbits=15, bufsize=16384) -> bytes: ...
def decompressobj(wbits=15, zdict=b'') -> _Decompress: ...
