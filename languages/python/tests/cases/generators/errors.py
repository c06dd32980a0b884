def careful(items):
    for item in items:
        try:
            yield 10 // item
        except ZeroDivisionError as error:
            print("zero:", error)
            yield -1
        except (TypeError, ValueError) as error:
            print(type(error).__name__)
            raise RuntimeError("stop") from error
        else:
            print("fine", item)
        finally:
            print("after", item)


print(list(careful([1, 0, 5])))
try:
    for value in careful([2, "x"]):
        print(value)
except RuntimeError as error:
    print(error, repr(error.__cause__)[:12])
c = careful([1])
print(next(c))
try:
    c.throw(KeyError("k"))
except KeyError as error:
    print("key", error)
