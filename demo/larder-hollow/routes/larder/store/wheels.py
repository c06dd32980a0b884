"""Wheels and racks in the database."""

from __future__ import annotations

from datetime import datetime
from typing import Any

from ..errors import NotFound
from ..model import Cheese, Rack, Slot, Wheel
from .connection import Connection

WHEEL = """
    SELECT w.id, w.turned_at, w.weight_grams, w.rack_id, w.slot_row, w.slot_column,
           c.id AS cheese_id, c.name, c.turn_every_days, c.family
      FROM wheels w JOIN cheeses c ON c.id = w.cheese_id
"""


class WheelStore:
    def __init__(self, connection: Connection) -> None:
        self.connection = connection

    def find(self, wheel_id: int) -> Wheel:
        row = self.connection.one(WHEEL + " WHERE w.id = ?", [wheel_id])
        if row is None:
            raise NotFound("wheel", wheel_id)
        return self._wheel(row)

    def on_rack(self, rack_id: int) -> list[Wheel]:
        rows = self.connection.all(WHEEL + " WHERE w.rack_id = ? ORDER BY w.id", [rack_id])
        return [self._wheel(row) for row in rows]

    def racks(self) -> list[Rack]:
        return [self._rack(row) for row in self.connection.all("SELECT id, cave, slot_rows, slot_columns FROM racks")]

    def rack(self, rack_id: int) -> Rack:
        row = self.connection.one("SELECT id, cave, slot_rows, slot_columns FROM racks WHERE id = ?", [rack_id])
        if row is None:
            raise NotFound("rack", rack_id)
        rack = self._rack(row)
        for wheel in self.on_rack(rack_id):
            if wheel.slot is not None:
                rack.take(wheel.slot)
        return rack

    def save(self, wheel: Wheel) -> None:
        slot = wheel.slot
        self.connection.run(
            "UPDATE wheels SET turned_at = ?, weight_grams = ?, rack_id = ?, slot_row = ?, slot_column = ? WHERE id = ?",
            [
                wheel.turned_at.isoformat(),
                wheel.weight_grams,
                slot.rack if slot else None,
                slot.row if slot else None,
                slot.column if slot else None,
                wheel.id,
            ],
        )

    def _wheel(self, row: dict[str, Any]) -> Wheel:
        cheese = Cheese(row["cheese_id"], row["name"], row["turn_every_days"], row["family"])
        slot = None
        if row["slot_row"] is not None:
            slot = Slot(row["rack_id"], row["slot_row"], row["slot_column"])
        return Wheel(row["id"], cheese, datetime.fromisoformat(row["turned_at"]), row["weight_grams"], slot)

    def _rack(self, row: dict[str, Any]) -> Rack:
        return Rack(row["id"], row["cave"], row["slot_rows"], row["slot_columns"])
