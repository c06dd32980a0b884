def talk():
    print("got", (yield 1))
    text = "x" + (yield 2)
    yield text
    if (yield 3):
        yield "yes"
    items = [(yield 4), (yield 5)]
    yield items
    while (yield "more?"):
        yield "again"
    return (yield "last")


t = talk()
print(next(t), t.send("a"), t.send("b"), next(t), t.send(True), next(t), next(t), t.send("p"), t.send("q"))
print(t.send(True), next(t), t.send(False))
try:
    t.send("end")
except StopIteration as stop:
    print(stop.value)
