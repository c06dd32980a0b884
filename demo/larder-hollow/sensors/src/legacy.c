/* The driver of the first cave, kept until its probes are gone. */
#include "probe.h"
#include "oldwire.h"

int oldwire_level(number, level)
    uint32_t number;
    level_t *level;
{
    return probe_level(number, level);
}

/* A planted gap: this never compiled. */
static int unfinished(int a
{
    return a +* ;
}
