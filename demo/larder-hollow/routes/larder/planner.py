"""Chooses where a wheel goes when it is turned."""

from __future__ import annotations

from datetime import datetime, timedelta
from typing import Callable, Iterable, Protocol

from .errors import RackFull, TooSoon
from .model import Rack, Slot, Wheel
from .native.ripening import Ripening
from .store import TurnStore, WheelStore
from .store.turns import Turn

Clock = Callable[[], datetime]

#: Turning again sooner than this is a slip of the finger.
LEAST_REST = timedelta(hours=6)


class SlotRule(Protocol):
    """Ranks free slots; the least wins."""

    def rank(self, wheel: Wheel, slot: Slot) -> float: ...


class LowestFirst:
    def rank(self, wheel: Wheel, slot: Slot) -> float:
        return slot.row * 100 + slot.column


class HeavyLow:
    """Heavy wheels go to the lower rows."""

    def __init__(self, heavy_grams: int = 9000) -> None:
        self.heavy_grams = heavy_grams

    def rank(self, wheel: Wheel, slot: Slot) -> float:
        heavy = wheel.weight_grams / 1000 >= self.heavy_grams
        return slot.row if heavy else -slot.row


class Planner:
    def __init__(self, wheels: WheelStore, turns: TurnStore, ripening: Ripening, clock: Clock, rules: Iterable[SlotRule] = ()) -> None:
        self.wheels = wheels
        self.turns = turns
        self.ripening = ripening
        self.clock = clock
        self.rules = list(rules) or [HeavyLow(), LowestFirst()]

    def plan_turn(self, wheel_id: int, by: str) -> Turn:
        """Turns a wheel: chooses a slot, saves the wheel, notes it in the book.

        Raises RackFull when the wheel's rack has no free slot, and TooSoon when it was turned a moment ago.
        """
        wheel = self.wheels.find(wheel_id)
        now = self.clock()
        self._check_rest(wheel, now)
        slot = self.slot_for(wheel)
        with self.wheels.connection.transaction():
            wheel.turn(now)
            wheel.slot = slot
            self.wheels.save(wheel)
            turn = Turn(wheel.id, by, now, slot)
            self.turns.insert(turn)
        self.ripening.note_turn(wheel.id, slot.rack)
        return turn

    def slot_for(self, wheel: Wheel) -> Slot:
        """The best free slot on the wheel's rack."""
        if wheel.slot is None:
            raise RackFull(0)
        rack = self.wheels.rack(wheel.slot.rack)
        free = list(self._fitting(rack, wheel))
        if not free:
            raise RackFull(rack.id)
        return min(free, key=lambda slot: self._rank(wheel, slot))

    def due(self, rack: Rack, now: datetime) -> list[Wheel]:
        return [wheel for wheel in self.wheels.on_rack(rack.id) if wheel.is_due(now)]

    def _fitting(self, rack: Rack, wheel: Wheel):
        """Free slots whose climate suits the cheese."""
        for slot in rack.free_slots():
            if self.ripening.suits(wheel.cheese, rack.cave, slot.row):
                yield slot

    def _rank(self, wheel: Wheel, slot: Slot) -> tuple[float, ...]:
        return tuple(rule.rank(wheel, slot) for rule in self.rules)

    def _check_rest(self, wheel: Wheel, now: datetime) -> None:
        last = self.turns.last(wheel)
        if last is not None and now - last.at < LEAST_REST:
            raise TooSoon(f"wheel {wheel.id} was turned at {last.at}")
