def countdown(n):
    """Counts down."""
    while n > 0:
        yield n
        n -= 1
    return "done"


print(list(countdown(3)))
it = countdown(1)
print(next(it))
try:
    next(it)
except StopIteration as stop:
    print("value", stop.value)
