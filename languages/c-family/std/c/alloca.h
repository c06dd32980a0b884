#pragma once
/** Memory that goes with the function. */
#define alloca(size) __builtin_alloca(size)
