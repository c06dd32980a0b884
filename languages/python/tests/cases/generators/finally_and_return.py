def early(stop):
    for i in range(5):
        try:
            if i == stop:
                return "at " + str(i)
            if i == 1:
                continue
            yield i
        finally:
            print("left", i)
    print("loop done")


def run(stop):
    print((yield from early(stop)))


list(run(3))
list(run(9))
g = early(9)
next(g)
g.close()
print("closed")
