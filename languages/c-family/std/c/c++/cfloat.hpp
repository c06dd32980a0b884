#pragma once
#include <float.h>
