"""The planner over a store in memory."""

from datetime import datetime, timedelta

import pytest

from larder.errors import RackFull, TooSoon
from larder.model import Cheese, Rack, Slot, Wheel
from larder.planner import HeavyLow, LowestFirst

NOW = datetime(2025, 3, 1, 8, 0)
TOMME = Cheese(1, "Tomme", 3, "washed")


def wheel(weight: int = 4000) -> Wheel:
    return Wheel(7, TOMME, NOW - timedelta(days=4), weight, Slot(1, 0, 0))


def test_a_wheel_is_due_after_its_days():
    assert wheel().is_due(NOW)
    assert not wheel().is_due(NOW - timedelta(days=2))


def test_heavy_wheels_go_low():
    rule = HeavyLow()
    assert rule.rank(wheel(9500), Slot(1, 0, 0)) < rule.rank(wheel(9500), Slot(1, 3, 0))
    assert rule.rank(wheel(1000), Slot(1, 3, 0)) < rule.rank(wheel(1000), Slot(1, 0, 0))


def test_a_full_rack_has_no_free_slot():
    rack = Rack(1, "north", 1, 2)
    for slot in list(rack.slots()):
        rack.take(slot)
    assert rack.is_full
    assert list(rack.free_slots()) == []


def test_slots_are_counted_from_the_bottom():
    ranks = [LowestFirst().rank(wheel(), slot) for slot in Rack(1, "north", 2, 2).slots()]
    assert ranks == sorted(ranks)


def test_errors_know_their_status():
    assert RackFull(3).status == TooSoon("x").status == 409
    with pytest.raises(RackFull):
        raise RackFull(1)
