"""Routes of caves: readings come in from the sensors and go out to the board."""

from __future__ import annotations

from flask import Blueprint, jsonify, request

from ..native.ripening import Climate
from ..planner import Planner


def blueprint(planner: Planner, climate: Climate) -> Blueprint:
    routes = Blueprint("caves", __name__)
    readings: dict[str, list[dict]] = {}

    @routes.post("/caves/<cave>/readings")
    def add_reading(cave: str):
        reading = request.get_json()
        climate.note(cave, reading["celsius"], reading["humidity"])
        readings.setdefault(cave, []).append(reading)
        return jsonify(len(readings[cave]))

    @routes.get("/caves/<cave>/readings")
    def latest(cave: str):
        return jsonify(list(last_of_each(readings.get(cave, []))))

    return routes


def last_of_each(readings: list[dict]):
    """The latest reading of each probe, in the order probes first spoke."""
    latest: dict[int, dict] = {}
    for reading in readings:
        latest[reading["probe"]] = reading
    for probe in latest:
        yield latest[probe]
