"""The morning report: what is due, what is full, who turned what."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, field
from datetime import datetime, timedelta
from typing import Iterator

from .model import Rack, Wheel
from .planner import Planner


@dataclass
class RackReport:
    rack: Rack
    due: list[Wheel] = field(default_factory=list)

    @property
    def share_taken(self) -> float:
        slots = self.rack.rows * self.rack.columns
        return len(self.rack.taken) / slots if slots else 1.0

    def lines(self) -> Iterator[str]:
        yield f"rack {self.rack.id} ({self.rack.cave}): {self.share_taken:.0%} taken"
        for wheel in sorted(self.due, key=lambda wheel: wheel.due_at):
            yield f"  turn {wheel.id}, {wheel.cheese.name}, due {wheel.due_at:%d %b}"


@dataclass
class Report:
    at: datetime
    racks: list[RackReport] = field(default_factory=list)
    turns_yesterday: int = 0

    def by_family(self) -> Counter[str]:
        families: Counter[str] = Counter()
        for rack in self.racks:
            families.update(wheel.cheese.family for wheel in rack.due)
        return families

    def lines(self) -> Iterator[str]:
        yield f"{self.at:%A %d %B}: {self.turns_yesterday} turns yesterday"
        for family, count in self.by_family().most_common():
            yield f"{count} {family} due"
        for rack in self.racks:
            yield from rack.lines()


class Reporter:
    """Writes reports with what the planner knows."""

    def __init__(self, planner: Planner) -> None:
        self.planner = planner

    def make(self, now: datetime) -> Report:
        report = Report(now, turns_yesterday=self.planner.turns.count_since(now - timedelta(days=1)))
        for bare in self.planner.wheels.racks():
            rack = self.planner.wheels.rack(bare.id)
            report.racks.append(RackReport(rack, self.planner.due(rack, now)))
        return report

    def text(self, now: datetime) -> str:
        return "\n".join(self.make(now).lines())
