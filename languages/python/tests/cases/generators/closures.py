def make(factor):
    total = 0

    def scaled(values):
        nonlocal total
        import math as m

        def scale(v):
            return m.floor(v * factor + offset)

        offset = 0.5
        for value in values:
            total += value
            yield scale(value), (lambda: value + total)(), [v * offset for v in values if v != value]
        yield total

    return scaled


print(list(make(3)([1, 2, 4])))
