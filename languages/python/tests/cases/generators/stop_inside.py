def wrong():
    yield 1
    raise StopIteration("no")


w = wrong()
print(next(w))
try:
    next(w)
except RuntimeError as error:
    print(error, type(error.__cause__).__name__)
print(list(w))


def empty():
    return
    yield


print(list(empty()), next(empty(), "nothing"))
