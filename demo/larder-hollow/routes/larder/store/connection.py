"""A small layer over the database driver."""

from __future__ import annotations

import sqlite3
from contextlib import contextmanager
from typing import Any, Iterator, Sequence


class Connection:
    """One connection, with rows as dictionaries."""

    def __init__(self, raw: sqlite3.Connection) -> None:
        self._raw = raw
        self._raw.row_factory = sqlite3.Row

    def all(self, sql: str, values: Sequence[Any] = ()) -> list[dict[str, Any]]:
        return [dict(row) for row in self._raw.execute(sql, values)]

    def one(self, sql: str, values: Sequence[Any] = ()) -> dict[str, Any] | None:
        rows = self.all(sql, values)
        return rows[0] if rows else None

    def run(self, sql: str, values: Sequence[Any] = ()) -> int:
        return self._raw.execute(sql, values).rowcount

    @contextmanager
    def transaction(self) -> Iterator["Connection"]:
        with self._raw:
            yield self


def open_store(path: str) -> Connection:
    """Opens the database at a path; it must have the tables of `schema/`."""
    return Connection(sqlite3.connect(path))
