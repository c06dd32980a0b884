#ifndef LARDER_BUS_H
#define LARDER_BUS_H

#include <stdint.h>

/* Errors of the bus; negative, so that they never look like data. */
enum bus_error {
    BUS_OK = 0,
    BUS_NO_ANSWER = -1,
    BUS_BAD_SUM = -2,
    BUS_CLOSED = -3,
};

struct bus;

/* What a bus can do; one table per kind of wire. */
struct bus_ops {
    int (*open)(struct bus *bus, const char *device);
    int (*exchange)(struct bus *bus, const uint8_t *out, int out_length, uint8_t *in, int in_length);
    void (*close)(struct bus *bus);
};

struct bus {
    const struct bus_ops *ops;
    const char *device;
    int handle;
    unsigned int errors;
};

int bus_open(struct bus *bus, const struct bus_ops *ops, const char *device);
int bus_read(struct bus *bus, uint8_t address, uint16_t *value);
void bus_close(struct bus *bus);

extern const struct bus_ops serial_ops;
extern const struct bus_ops fake_ops;

#endif
