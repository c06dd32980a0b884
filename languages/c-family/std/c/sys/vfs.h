#pragma once
#include <sys/statfs.h>
