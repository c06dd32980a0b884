"""Reads JSON."""
from collections.abc import Callable
from typing import Any
class JSONDecodeError(ValueError):
    msg: str
    doc: str
    pos: int
    lineno: int
    colno: int
    def __init__(self, msg, doc, pos) -> None: ...
class JSONDecoder:
    object_hook: Callable[[dict[str, Any]], Any]
    parse_float: Callable[[str], Any]
    parse_int: Callable[[str], Any]
    parse_constant: Callable[[str], Any]
    strict: bool
    object_pairs_hook: Callable[[list[tuple[str, Any]]], Any]
    def __init__(self, *, object_hook=None, parse_float=None, parse_int=None, parse_constant=None, strict=True, object_pairs_hook=None) -> None: ...
    def decode(self, s, _w=...) -> Any: ...
    def raw_decode(self, s, idx=0) -> tuple[Any, int]: ...
