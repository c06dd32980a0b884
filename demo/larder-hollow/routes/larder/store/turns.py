"""The book of turns: who turned which wheel, when and where to."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime

from ..model import Slot, Wheel
from .connection import Connection


@dataclass(frozen=True)
class Turn:
    wheel: int
    by: str
    at: datetime
    slot: Slot


class TurnStore:
    def __init__(self, connection: Connection) -> None:
        self.connection = connection

    def insert(self, turn: Turn) -> None:
        self.connection.run(
            "INSERT INTO turns (wheel_id, turned_by, at, rack_id, slot_row, slot_column) VALUES (?, ?, ?, ?, ?, ?)",
            [turn.wheel, turn.by, turn.at.isoformat(), turn.slot.rack, turn.slot.row, turn.slot.column],
        )

    def last(self, wheel: Wheel) -> Turn | None:
        row = self.connection.one("SELECT * FROM turns WHERE wheel_id = ? ORDER BY at DESC LIMIT 1", [wheel.id])
        if row is None:
            return None
        slot = Slot(row["rack_id"], row["slot_row"], row["slot_column"])
        return Turn(row["wheel_id"], row["turned_by"], datetime.fromisoformat(row["at"]), slot)

    def count_since(self, since: datetime) -> int:
        row = self.connection.one("SELECT count(*) AS n FROM turns WHERE at >= ?", [since.isoformat()])
        return int(row["n"]) if row else 0
