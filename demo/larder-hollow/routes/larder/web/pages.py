"""Pages for those without the board: lists of racks and wheels, and forms to turn and to plan."""

from __future__ import annotations

from datetime import datetime

from flask import Blueprint, redirect, render_template, request, url_for

from ..planner import Planner
from ..rpc.planner import NightPlanner


def blueprint(planner: Planner, nights: NightPlanner) -> Blueprint:
    pages = Blueprint("pages", __name__)

    @pages.get("/")
    def start():
        return render_template("racks.html", racks=planner.wheels.racks(), now=datetime.now())

    @pages.get("/racks/<int:rack_id>")
    def rack_page(rack_id: int):
        rack = planner.wheels.rack(rack_id)
        return render_template("rack.html", rack=rack, wheels=planner.wheels.on_rack(rack_id), now=datetime.now())

    @pages.post("/wheels/<int:wheel_id>/turned")
    def turned(wheel_id: int):
        turn = planner.plan_turn(wheel_id, request.form["by"])
        return redirect(url_for("pages.rack_page", rack_id=turn.slot.rack))

    @pages.post("/caves/<cave>/night")
    def night(cave: str):
        closed = [int(rack) for rack in request.form.getlist("closed")]
        return render_template("night.html", cave=cave, turns=nights.plan(cave, datetime.now(), closed))

    return pages
