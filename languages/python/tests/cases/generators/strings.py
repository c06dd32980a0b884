def letter(name, days):
    body = f"""Dear {name},
    in {days} days
  turn it."""
    for line in body.splitlines():
        # a comment
        yield line.upper() if "turn" in line else f"{line!r:>20}"
    yield (
        "one",
        "two"
        "three",
    )
    x: int = 5; yield x


print(list(letter("Ansa", 3)))
