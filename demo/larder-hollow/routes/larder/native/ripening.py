"""The ripening model, reached through its C interface."""

from __future__ import annotations

import ctypes
from functools import lru_cache
from pathlib import Path

from ..model import Cheese

FAMILIES = {"washed": 0, "blue": 1, "hard": 2, "bloomy": 3}


@lru_cache(maxsize=1)
def _library() -> ctypes.CDLL:
    path = Path(__file__).with_name("libripening.so")
    library = ctypes.CDLL(str(path))
    library.ripening_suits.argtypes = [ctypes.c_int, ctypes.c_double, ctypes.c_double]
    library.ripening_suits.restype = ctypes.c_int
    library.ripening_days_left.restype = ctypes.c_int
    return library


class Ripening:
    """Asks the model, with the climate of a cave."""

    def __init__(self, climate: "Climate") -> None:
        self.climate = climate

    def suits(self, cheese: Cheese, cave: str, row: int) -> bool:
        celsius, humidity = self.climate.at(cave, row)
        return bool(_library().ripening_suits(FAMILIES[cheese.family], celsius, humidity))

    def note_turn(self, wheel_id: int, rack_id: int) -> bool:
        """Has the air written down that a wheel is turned in; a silent probe is no reason not to turn."""
        return _library().ripening_note_turn(wheel_id, rack_id) == 0


class Climate:
    """The latest readings by cave; warm air is above."""

    #: Degrees a row is warmer than the one below.
    STEP = 0.15

    def __init__(self) -> None:
        self._latest: dict[str, tuple[float, float]] = {}

    def note(self, cave: str, celsius: float, humidity: float) -> None:
        self._latest[cave] = (celsius, humidity)

    def at(self, cave: str, row: int) -> tuple[float, float]:
        celsius, humidity = self._latest.get(cave, (11.0, 92.0))
        return celsius + row * self.STEP, humidity
