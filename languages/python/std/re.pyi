"""Regular expressions."""
import enum
import sre_compile
import sre_constants
import sys
from collections.abc import Callable, Iterator, Mapping
from sre_constants import error as error
from typing import Any, Generic, Literal, final, overload
from types import GenericAlias
class Match:
    """What was matched."""
    @property
    def pos(self) -> int: ...
    @property
    def endpos(self) -> int: ...
    @property
    def lastindex(self) -> int | None: ...
    @property
    def lastgroup(self) -> str | None: ...
    @property
    def string(self) -> str: ...
    @property
    def re(self) -> Pattern[str]: ...
    def expand(self, template) -> str: ...
    def group(self, group1, group2, *groups) -> str:
        """The text of a group."""
    def groups[T](self, default: T) -> tuple[str | Any, ...]:
        """The texts of all groups."""
    def groupdict[T](self, default: T) -> dict[str, str | Any]: ...
    def start(self, group=0) -> int: ...
    def end(self, group=0) -> int: ...
    def span(self, group=0) -> tuple[int, int]: ...
    @property
    def regs(self) -> tuple[tuple[int, int], ...]: ...
    def __getitem__(self, key) -> str: ...
class Pattern:
    """A regular expression."""
    @property
    def flags(self) -> int: ...
    @property
    def groupindex(self) -> Mapping[str, int]: ...
    @property
    def groups(self) -> int: ...
    @property
    def pattern(self) -> str: ...
    def search(self, string, pos=0, endpos=sys.maxsize) -> Match[str] | None: ...
    def match(self, string, pos=0, endpos=sys.maxsize) -> Match[str] | None: ...
    def fullmatch(self, string, pos=0, endpos=sys.maxsize) -> Match[str] | None: ...
    def split(self, string, maxsplit=0) -> list[str | Any]: ...
    def findall(self, string, pos=0, endpos=sys.maxsize) -> list[Any]: ...
    def finditer(self, string, pos=0, endpos=sys.maxsize) -> Iterator[Match[str]]: ...
    def sub(self, repl, string, count=0) -> str: ...
    def subn(self, repl, string, count=0) -> tuple[str, int]: ...
class RegexFlag(enum.IntFlag):
    A = sre_compile.SRE_FLAG_ASCII
    ASCII = A
    DEBUG = sre_compile.SRE_FLAG_DEBUG
    I = sre_compile.SRE_FLAG_IGNORECASE
    IGNORECASE = I
    L = sre_compile.SRE_FLAG_LOCALE
    LOCALE = L
    M = sre_compile.SRE_FLAG_MULTILINE
    MULTILINE = M
    S = sre_compile.SRE_FLAG_DOTALL
    DOTALL = S
    X = sre_compile.SRE_FLAG_VERBOSE
    VERBOSE = X
    U = sre_compile.SRE_FLAG_UNICODE
    UNICODE = U
    T = sre_compile.SRE_FLAG_TEMPLATE
    TEMPLATE = T
    NOFLAG = 0
A = RegexFlag.A
ASCII = RegexFlag.ASCII
DEBUG = RegexFlag.DEBUG
I = RegexFlag.I
IGNORECASE = RegexFlag.IGNORECASE
L = RegexFlag.L
LOCALE = RegexFlag.LOCALE
M = RegexFlag.M
MULTILINE = RegexFlag.MULTILINE
S = RegexFlag.S
DOTALL = RegexFlag.DOTALL
X = RegexFlag.X
VERBOSE = RegexFlag.VERBOSE
U = RegexFlag.U
UNICODE = RegexFlag.UNICODE
T = RegexFlag.T
TEMPLATE = RegexFlag.TEMPLATE
NOFLAG = RegexFlag.NOFLAG
def compile(pattern, flags=0) -> Pattern[str]:
    """Makes a pattern."""
def search(pattern, string, flags=0) -> Match[str] | None:
    """Matches anywhere."""
def match(pattern, string, flags=0) -> Match[str] | None:
    """Matches at the beginning."""
def fullmatch(pattern, string, flags=0) -> Match[str] | None:
    """Matches as a whole."""
def split(pattern, string, maxsplit=0, flags=0) -> list[str | Any]:
    """The parts between matches."""
def findall(pattern, string, flags=0) -> list[Any]:
    """All matches."""
def finditer(pattern, string, flags=0) -> Iterator[Match[str]]:
    """All matches, one after another."""
def sub(pattern, repl, string, count=0, flags=0) -> str:
    """With the matches replaced."""
def subn(pattern, repl, string, count=0, flags=0) -> tuple[str, int]: ...
def escape(pattern) -> str:
    """A pattern that matches the text itself."""
def purge() -> None: ...
def template(pattern, flags=0) -> Pattern[str]: ...
