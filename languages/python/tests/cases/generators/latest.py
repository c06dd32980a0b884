def last_of_each(readings):
    """The latest reading of each probe, in the order probes first spoke."""
    latest: dict[int, dict] = {}
    for reading in readings:
        latest[reading["probe"]] = reading
    for probe in latest:
        yield latest[probe]


print(list(last_of_each([{"probe": 1, "v": 2}, {"probe": 2, "v": 3}, {"probe": 1, "v": 4}])))
