#ifndef LARDER_PROBE_H
#define LARDER_PROBE_H

#include <stdint.h>
#include "bus.h"
#include "util.h"

/* Goes through an array of probes. */
#define EACH(probes, i) for (int i = 0; i < (int)COUNT(probes); i++)

/* Reads a field of all probes; probes that do not answer keep their value. */
#define READ_ALL(probes, field)                                              \
    EACH(probes, i_)                                                         \
        READ_FIELD(&(probes)[i_], field)

#define READ_FIELD(probe, field)                                             \
    do {                                                                     \
        uint16_t raw_;                                                       \
        if (bus_read((probe)->bus, (probe)->address + offset_##field, &raw_) == BUS_OK) \
            (probe)->level.field = scale_##field(raw_);                      \
    } while (0)

/* Registers of a probe, from its address on. */
enum { offset_centi_celsius = 0, offset_per_mille = 1 };

static inline int32_t scale_centi_celsius(uint16_t raw)
{
    return (int32_t)raw - 4000;
}

static inline int32_t scale_per_mille(uint16_t raw)
{
    return CLAMP((int32_t)raw, 0, 1000);
}

/* One reading. */
typedef struct level {
    int32_t centi_celsius;
    int32_t per_mille;
} level_t;

struct probe {
    struct bus *bus;
    uint32_t number;
    uint8_t address;
    level_t level;
    unsigned int silent : 1;
};

int probe_open(uint32_t number);
int probe_level(uint32_t number, level_t *level);
void probe_refresh_all(void);

#endif
