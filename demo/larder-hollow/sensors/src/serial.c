#include <fcntl.h>
#include <unistd.h>
#include "bus.h"

static int serial_open(struct bus *bus, const char *device)
{
    bus->handle = open(device, O_RDWR | O_NOCTTY);
    return bus->handle < 0 ? BUS_CLOSED : BUS_OK;
}

static int serial_exchange(struct bus *bus, const uint8_t *out, int out_length, uint8_t *in, int in_length)
{
    if (write(bus->handle, out, out_length) != out_length)
        return BUS_NO_ANSWER;
    for (int got = 0; got < in_length;) {
        int count = read(bus->handle, in + got, in_length - got);
        if (count <= 0)
            return BUS_NO_ANSWER;
        got += count;
    }
    return BUS_OK;
}

static void serial_close(struct bus *bus)
{
    close(bus->handle);
}

const struct bus_ops serial_ops = {
    .open = serial_open,
    .exchange = serial_exchange,
    .close = serial_close,
};
