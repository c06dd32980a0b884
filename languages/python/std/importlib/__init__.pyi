"""Imports at run time."""
import sys
from collections.abc import Mapping, Sequence
from importlib.abc import Loader
from types import ModuleType
def __import__(name, globals=None, locals=None, fromlist=(), level=0) -> ModuleType: ...
def import_module(name, package=None) -> ModuleType:
    """Loads a module by its name."""
def invalidate_caches() -> None: ...
def reload(module) -> ModuleType: ...
