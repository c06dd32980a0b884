class Rack:
    """A rack."""

    def __init__(self, wheels):
        self.wheels = wheels
        self.seen = 0

    def free(self, *skip, step=1, **more):
        for i, wheel in enumerate(self.wheels):
            if wheel is None and i not in skip:
                self.seen += step
                yield i, more.get("name")

    @property
    def names(self):
        for wheel in self.wheels:
            if wheel:
                yield wheel

    @staticmethod
    def numbers(n):
        yield from range(n)

    @classmethod
    def made(cls, n):
        for i in range(n):
            yield cls([i])


r = Rack(["a", None, "b", None, None])
print(list(r.free(3, step=2, name="x")), r.seen, list(r.names))
print(list(Rack.numbers(3)), [m.wheels for m in Rack.made(2)])
