"""Routes of wheels and racks."""

from __future__ import annotations

from flask import Blueprint, jsonify, request

from ..model import Rack, Wheel
from ..planner import Planner
from ..store.turns import Turn


def blueprint(planner: Planner) -> Blueprint:
    routes = Blueprint("wheels", __name__)

    @routes.get("/racks")
    def racks():
        return jsonify([rack_out(rack) for rack in planner.wheels.racks()])

    @routes.get("/racks/<int:rack_id>/wheels")
    def wheels_of_rack(rack_id: int):
        return jsonify([wheel_out(wheel) for wheel in planner.wheels.on_rack(rack_id)])

    @routes.post("/wheels/<int:wheel_id>/turn")
    def turn_wheel(wheel_id: int):
        order = request.get_json()
        turn = planner.plan_turn(wheel_id, order["by"])
        return jsonify(turn_out(turn, planner))

    @routes.post("/wheels/<int:wheel_id>/weight")
    def weigh(wheel_id: int):
        wheel = planner.wheels.find(wheel_id)
        wheel.weight_grams = int(request.get_json()["grams"])
        planner.wheels.save(wheel)
        return jsonify(wheel_out(wheel))

    return routes


def rack_out(rack: Rack) -> dict:
    return {"id": rack.id, "cave": rack.cave, "rows": rack.rows, "columns": rack.columns}


def wheel_out(wheel: Wheel) -> dict:
    return {
        "id": wheel.id,
        "cheese": {
            "id": wheel.cheese.id,
            "name": wheel.cheese.name,
            "turn_every_days": wheel.cheese.turn_every_days,
            "family": wheel.cheese.family,
        },
        "slot": wheel.slot.as_list() if wheel.slot else None,
        "turned_at": wheel.turned_at.isoformat(),
        "weight_grams": wheel.weight_grams,
    }


def turn_out(turn: Turn, planner: Planner) -> dict:
    wheel = planner.wheels.find(turn.wheel)
    return {"slot": turn.slot.as_list(), "dueAt": wheel.due_at.isoformat()}
