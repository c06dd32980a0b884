#pragma once
/** Stops the program where the expression is 0. */
#define assert(expression) ((void)0)
