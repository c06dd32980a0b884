def sort_out(wheels, limit=3):
    count = 0
    for name, weight in wheels:
        if weight > 9:
            yield "heavy", name
        elif weight < 2:
            yield "light", name
            continue
        else:
            count += 1
        if count == limit:
            break
    else:
        yield "all", count
    yield "end", count


print(list(sort_out([("a", 10), ("b", 1), ("c", 5)])))
print(list(sort_out([("a", 5), ("b", 5), ("c", 5), ("d", 99)], limit=2)))
