"""Routes of Larder Hollow and the store behind them."""

from larder.model import Cheese, Rack, Slot, Wheel

__all__ = ["Cheese", "Rack", "Slot", "Wheel"]
