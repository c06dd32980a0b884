"""Wheels, racks and cheeses, as the routes know them."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime, timedelta
from typing import Iterator, Optional


@dataclass(frozen=True)
class Cheese:
    """A cheese and how it wants to be treated."""

    id: int
    name: str
    turn_every_days: int
    family: str

    def due_after(self, turned_at: datetime) -> datetime:
        """When a wheel turned then is due again."""
        return turned_at + timedelta(days=self.turn_every_days)


@dataclass(frozen=True, order=True)
class Slot:
    rack: int
    row: int
    column: int

    def as_list(self) -> list[int]:
        return [self.rack, self.row, self.column]


@dataclass
class Wheel:
    id: int
    cheese: Cheese
    turned_at: datetime
    weight_grams: int
    slot: Optional[Slot] = None

    @property
    def due_at(self) -> datetime:
        return self.cheese.due_after(self.turned_at)

    def is_due(self, now: datetime) -> bool:
        return self.due_at <= now

    def turn(self, now: datetime) -> None:
        self.turned_at = now


@dataclass
class Rack:
    id: int
    cave: str
    rows: int
    columns: int
    taken: set[Slot] = field(default_factory=set)

    def slots(self) -> Iterator[Slot]:
        """All slots, from the bottom left."""
        for row in range(self.rows):
            for column in range(self.columns):
                yield Slot(self.id, row, column)

    def free_slots(self) -> Iterator[Slot]:
        for slot in self.slots():
            if slot not in self.taken:
                yield slot

    def take(self, slot: Slot) -> None:
        self.taken.add(slot)

    @property
    def is_full(self) -> bool:
        return len(self.taken) >= self.rows * self.columns
