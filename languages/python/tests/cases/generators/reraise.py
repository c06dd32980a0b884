def guarded(work):
    try:
        yield work()
    except ValueError:
        print("again")
        yield "pause"
        raise
    except Exception as error:
        print("other", error)
    yield "end"


def bad():
    raise ValueError("v")


def worse():
    raise KeyError("k")


print(list(guarded(lambda: 1)), list(guarded(worse)))
g = guarded(bad)
print(next(g))
try:
    next(g)
except ValueError as error:
    print("out", error)


def nested():
    for i in range(3):
        try:
            try:
                yield i
            finally:
                print("f1")
                if i == 1:
                    continue
        finally:
            print("f2")


print(list(nested()))
