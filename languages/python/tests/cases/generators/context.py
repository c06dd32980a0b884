from contextlib import contextmanager


class Door:
    def __init__(self, name, swallow=False):
        self.name, self.swallow = name, swallow

    def __enter__(self):
        print("open", self.name)
        return self

    def __exit__(self, kind, error, trace):
        print("close", self.name, kind.__name__ if kind else None)
        return self.swallow


def through(names):
    for name in names:
        with Door(name) as door, Door(name + "'", swallow=True):
            if name == "b":
                raise ValueError(name)
            if name == "d":
                break
            yield door.name
        print("behind", name)
    print("out")


print(list(through("abcd")))


@contextmanager
def opened(name):
    print("enter", name)
    try:
        yield name.upper()
    finally:
        print("leave", name)


with opened("cave") as cave:
    print(cave)
