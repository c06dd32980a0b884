def numbers(limit):
    n = 0
    while n < limit:
        yield n
        n += 1


def even(source):
    for n in source:
        if n % 2:
            continue
        yield n


def window(source, size):
    kept = []
    for item in source:
        kept.append(item)
        if len(kept) > size:
            del kept[0]
        if len(kept) == size:
            yield tuple(kept)
    assert len(kept) <= size, "never"


print(list(window(even(numbers(12)), 3)))
for w in window(numbers(100), 2):
    if w[0] > 3:
        break
    print(w)
