"""What can go wrong, and how the routes say it."""


class LarderError(Exception):
    """Something a keeper can do something about."""

    status = 400

    def as_dict(self) -> dict[str, str]:
        return {"error": type(self).__name__, "text": str(self)}


class NotFound(LarderError):
    status = 404

    def __init__(self, kind: str, key: object) -> None:
        super().__init__(f"no {kind} {key}")
        self.kind = kind
        self.key = key


class RackFull(LarderError):
    status = 409

    def __init__(self, rack: int) -> None:
        super().__init__(f"rack {rack} is full")
        self.rack = rack


class TooSoon(LarderError):
    status = 409
