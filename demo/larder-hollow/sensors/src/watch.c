/* Prints the levels of all probes, once or for ever. */
#include <stdio.h>
#include <string.h>
#include <unistd.h>
#include "probe.h"

#define LAST_PROBE 4

static void print_level(uint32_t number, const level_t *level)
{
    printf("%u %d.%02d %d.%d\n", number, level->centi_celsius / 100, level->centi_celsius % 100, level->per_mille / 10, level->per_mille % 10);
}

static int print_all(void)
{
    int failed = 0;

    for (uint32_t number = 1; number <= LAST_PROBE; number++) {
        level_t level;
        if (probe_open(number) == BUS_OK && probe_level(number, &level) == BUS_OK)
            print_level(number, &level);
        else
            failed++;
    }
    return failed;
}

int main(int argc, char **argv)
{
    int forever = argc > 1 && strcmp(argv[1], "--forever") == 0;

    do {
        int failed = print_all();
        if (failed)
            fprintf(stderr, "%d probes do not answer\n", failed);
        if (forever)
            sleep(60);
    } while (forever);
    return 0;
}
