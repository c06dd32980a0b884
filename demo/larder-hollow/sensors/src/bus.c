#include "bus.h"
#include "util.h"

#define FRAME_LENGTH 4
#define READ_COMMAND 0x51

/* Sum of all bytes, low byte. */
static uint8_t checksum(const uint8_t *bytes, int length)
{
    unsigned int sum = 0;
    for (int i = 0; i < length; i++)
        sum += bytes[i];
    return (uint8_t)(sum & 0xFF);
}

int bus_open(struct bus *bus, const struct bus_ops *ops, const char *device)
{
    bus->ops = ops;
    bus->device = device;
    bus->errors = 0;
    return ops->open(bus, device);
}

/* Reads one register; the answer carries its own sum. */
int bus_read(struct bus *bus, uint8_t address, uint16_t *value)
{
    uint8_t out[FRAME_LENGTH] = { READ_COMMAND, address, 0, 0 };
    uint8_t in[FRAME_LENGTH];
    int status;

    if (!bus->ops)
        return BUS_CLOSED;
    out[3] = checksum(out, FRAME_LENGTH - 1);
    status = bus->ops->exchange(bus, out, FRAME_LENGTH, in, FRAME_LENGTH);
    if (status != BUS_OK) {
        bus->errors++;
        TRACE("no answer from %d", address);
        return status;
    }
    if (in[3] != checksum(in, FRAME_LENGTH - 1)) {
        bus->errors++;
        return BUS_BAD_SUM;
    }
    *value = (uint16_t)(in[1] << 8 | in[2]);
    return BUS_OK;
}

void bus_close(struct bus *bus)
{
    if (bus->ops)
        bus->ops->close(bus);
    bus->ops = NULL;
}
