#pragma once
/** Stops the program where the expression is 0. */
#define assert(expression) ((void)0)
#define static_assert _Static_assert
