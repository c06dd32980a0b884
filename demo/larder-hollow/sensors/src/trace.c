/* Lines for the bench: where in the driver one is, and what it says. */
#include <stdarg.h>
#include <stdio.h>
#include <time.h>
#include "util.h"

#define STAMP_LENGTH 20
#define RING_LINES 64
#define LINE_LENGTH 120

struct ring {
    char lines[RING_LINES][LINE_LENGTH];
    unsigned int next;
    unsigned int count;
};

static struct ring recent;

static char *ring_slot(struct ring *ring)
{
    char *slot = ring->lines[ring->next];

    ring->next = (ring->next + 1) % RING_LINES;
    ring->count = MIN(ring->count + 1, RING_LINES);
    return slot;
}

static void stamp(char *out, size_t length)
{
    time_t now = time(NULL);

    strftime(out, length, "%H:%M:%S", localtime(&now));
}

void trace_line(const char *file, int line, const char *format, ...)
{
    char when[STAMP_LENGTH];
    char *slot = ring_slot(&recent);
    va_list args;
    int used;

    stamp(when, sizeof(when));
    used = snprintf(slot, LINE_LENGTH, "%s %s:%d ", when, file, line);
    va_start(args, format);
    vsnprintf(slot + used, (size_t)MAX(0, LINE_LENGTH - used), format, args);
    va_end(args);
}

/* Prints what was traced last, the oldest line first. */
void trace_dump(void)
{
    unsigned int first = (recent.next + RING_LINES - recent.count) % RING_LINES;

    for (unsigned int i = 0; i < recent.count; i++)
        fprintf(stderr, "%s\n", recent.lines[(first + i) % RING_LINES]);
}
