"""Copies."""
from typing import Any
PyStringMap: Any
def deepcopy[T](x: T, memo=None, _nil=[]) -> T:
    """A copy of everything within."""
def copy[T](x: T) -> T:
    """A copy of the outermost object."""
class Error(Exception):
    ...
error = Error
