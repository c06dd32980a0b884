"""The application: wires stores, planner and routes."""

from __future__ import annotations

import os
from datetime import datetime

from flask import Flask, jsonify

from ..errors import LarderError
from ..native.ripening import Climate, Ripening
from ..planner import Planner
from ..rpc.planner import NightPlanner
from ..store import TurnStore, WheelStore, open_store
from . import caves, pages, wheels


def make_planner(path: str, climate: Climate) -> Planner:
    connection = open_store(path)
    return Planner(WheelStore(connection), TurnStore(connection), Ripening(climate), datetime.now)


def make_app(path: str | None = None) -> Flask:
    app = Flask("larder")
    climate = Climate()
    planner = make_planner(path or os.environ["LARDER_DB"], climate)
    app.register_blueprint(wheels.blueprint(planner), url_prefix="/api")
    app.register_blueprint(caves.blueprint(planner, climate), url_prefix="/api")
    app.register_blueprint(pages.blueprint(planner, NightPlanner(os.environ.get("PLANNER", "planner:9090"))))

    @app.errorhandler(LarderError)
    def on_error(error: LarderError):
        return jsonify(error.as_dict()), error.status

    return app


def main() -> None:
    make_app().run(port=8088)


if __name__ == "__main__":
    main()
