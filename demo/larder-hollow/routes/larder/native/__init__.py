"""Doors to code that is not Python."""
