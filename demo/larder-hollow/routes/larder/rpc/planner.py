"""The planner of nights, asked by RPC."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime
from typing import Iterator

import grpc
from larder.planner.v1 import planner_pb2, planner_pb2_grpc

from ..model import Slot


@dataclass(frozen=True)
class NightTurn:
    wheel: int
    start: Slot
    end: Slot
    overdue_days: int


class NightPlanner:
    """Speaks with the service `Planner` of `messages/`."""

    def __init__(self, address: str) -> None:
        self._stub = planner_pb2_grpc.PlannerStub(grpc.insecure_channel(address))

    def plan(self, cave: str, night: datetime, closed: list[int] | None = None) -> list[NightTurn]:
        request = planner_pb2.PlanNightRequest(cave=cave, closed_racks=closed or [], order=planner_pb2.ORDER_RACK_BY_RACK)
        request.night.FromDatetime(night)
        answer = self._stub.PlanNight(request, timeout=5)
        return [self._turn(turn) for turn in answer.turns]

    def done(self, cave: str) -> Iterator[tuple[int, str]]:
        for turn in self._stub.Watch(planner_pb2.WatchRequest(cave=cave)):
            yield turn.wheel, turn.by

    @staticmethod
    def _turn(turn: planner_pb2.PlannedTurn) -> NightTurn:
        return NightTurn(turn.wheel, _slot(turn, "from"), _slot(turn, "to"), turn.overdue_days)


def _slot(turn: planner_pb2.PlannedTurn, end: str) -> Slot:
    slot = getattr(turn, end)
    return Slot(slot.rack, slot.row, slot.column)
