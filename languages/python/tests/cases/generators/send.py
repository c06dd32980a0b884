def averager():
    total, count, average = 0.0, 0, None
    while True:
        value = yield average
        if value is None:
            return total, count
        total += value
        count += 1
        average = total / count


a = averager()
print(next(a), a.send(10), a.send(20), a.send(30))
try:
    a.send(None)
except StopIteration as stop:
    print(stop.value)
b = averager()
try:
    b.send(1)
except TypeError as error:
    print(error)
