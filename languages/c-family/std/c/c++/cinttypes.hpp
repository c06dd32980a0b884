#pragma once
#include <inttypes.h>
