#pragma once
#include <stdlib.h>
size_t malloc_usable_size(void *memory);
int malloc_trim(size_t keep);
