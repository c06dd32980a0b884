import sys
from typing import Any, overload
_defaultaction: str
_onceregistry: dict[Any, Any]
filters: list[tuple[str, str | None, type[Warning], str | None, int]]
def warn(message, category=None, stacklevel=1, source=None, *, skip_file_prefixes=()) -> None: ...
def warn_explicit(message, category, filename, lineno, module=..., registry=..., module_globals=..., source=...) -> None: ...
