def pairs(rows):
    r = 0
    while r < len(rows):
        c = 0
        while True:
            if c >= len(rows[r]):
                break
            if rows[r][c] is None:
                c += 1
                continue
            yield r, c, rows[r][c]
            c += 1
        else:
            print("never")
        r += 1
    else:
        yield "all rows"


print(list(pairs([[1, None, 2], [], [None], [3]])))
