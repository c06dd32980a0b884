"""Where wheels and turns are kept."""

from .connection import Connection, open_store
from .turns import TurnStore
from .wheels import WheelStore

__all__ = ["Connection", "TurnStore", "WheelStore", "open_store"]
