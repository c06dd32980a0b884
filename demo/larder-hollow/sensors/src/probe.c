#include "probe.h"

/* All probes of the caves, north to south. */
#define PROBE(n, at) { .bus = &cave_bus, .number = (n), .address = (at) }

static struct bus cave_bus;

static struct probe probes[] = {
    PROBE(1, 0x10),
    PROBE(2, 0x12),
    PROBE(3, 0x14),
    PROBE(4, 0x16),
};

static struct probe *find_probe(uint32_t number)
{
    EACH(probes, i) {
        if (probes[i].number == number)
            return &probes[i];
    }
    return NULL;
}

/* Opens the bus on the first call; later calls only look the probe up. */
int probe_open(uint32_t number)
{
    struct probe *probe = find_probe(number);

    if (!probe)
        return BUS_NO_ANSWER;
    if (!cave_bus.ops)
        return bus_open(&cave_bus, &serial_ops, "/dev/ttyS1");
    return BUS_OK;
}

/* Reads both registers of every probe. */
void probe_refresh_all(void)
{
    READ_ALL(probes, centi_celsius);
    READ_ALL(probes, per_mille);
}

int probe_level(uint32_t number, level_t *level)
{
    struct probe *probe = find_probe(number);

    if (!probe)
        return BUS_NO_ANSWER;
    READ_FIELD(probe, centi_celsius);
    READ_FIELD(probe, per_mille);
    *level = probe->level;
    return probe->silent ? BUS_NO_ANSWER : BUS_OK;
}
