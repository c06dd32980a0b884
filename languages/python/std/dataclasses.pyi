"""Classes made of fields."""
import enum
import sys
import types
from builtins import type as Type
from collections.abc import Callable, Iterable, Mapping
from typing import Any, Generic, Literal, Protocol, overload
from types import GenericAlias
class _MISSING_TYPE(enum.Enum):
    MISSING = ...
MISSING = _MISSING_TYPE.MISSING
class KW_ONLY:
    ...
def asdict[T](obj, *, dict_factory) -> dict[str, Any]:
    """The fields as a dictionary."""
def astuple[T](obj, *, tuple_factory) -> tuple[Any, ...]: ...
def dataclass[T](*, init=True, repr=True, eq=True, order=False, unsafe_hash=False, frozen=False, match_args=True, kw_only=False, slots=False, weakref_slot=False) -> Callable[[type[T]], type[T]]:
    """Adds what follows from the fields: __init__, __repr__, __eq__."""
class Field[T]:
    name: str
    type: Type[T]
    default: T | _MISSING_TYPE
    default_factory: Any[T] | _MISSING_TYPE
    repr: bool
    hash: bool | None
    init: bool
    compare: bool
    metadata: types.MappingProxyType[Any, Any]
    kw_only: bool | _MISSING_TYPE
    def __init__(self, default, default_factory, init, repr, hash, compare, metadata, kw_only) -> None: ...
def field[T](*, default: T, init=True, repr=True, hash=None, compare=True, metadata=None, kw_only=...) -> T:
    """Says more of a field."""
def fields(class_or_instance) -> tuple[Field[Any], ...]: ...
def is_dataclass(obj) -> TypeIs[type[Any]]: ...
class FrozenInstanceError(AttributeError):
    ...
class InitVar[T]:
    type: Type[T]
    def __init__(self, type) -> None: ...
def make_dataclass(cls_name, fields, *, bases=(), namespace=None, init=True, repr=True, eq=True, order=False, unsafe_hash=False, frozen=False, match_args=True, kw_only=False, slots=False, weakref_slot=False, module=None) -> type: ...
def replace[DataclassT](obj: DataclassT, **changes) -> DataclassT:
    """A copy with some fields changed."""
