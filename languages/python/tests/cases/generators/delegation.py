def inner(n):
    got = []
    try:
        for i in range(n):
            got.append((yield i))
    except ValueError as error:
        yield "caught " + str(error)
    finally:
        print("inner left")
    return got


def outer():
    first = yield from inner(2)
    print("first", first)
    second = yield from inner(3)
    print("second", second)
    yield from [7, 8]
    yield from "ab"


print(list(outer()))
o = outer()
print(next(o), o.send("x"), o.send("y"), o.throw(ValueError("bad")), next(o))
o.close()
print("closed")
