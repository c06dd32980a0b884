#pragma once
#include <errno.h>
