#pragma once
#include <string.h>
namespace std {
using ::memcpy;
using ::memmove;
using ::memset;
using ::memcmp;
using ::memchr;
using ::strlen;
using ::strcpy;
using ::strncpy;
using ::strcat;
using ::strncat;
using ::strcmp;
using ::strncmp;
using ::strcoll;
using ::strchr;
using ::strrchr;
using ::strstr;
using ::strspn;
using ::strcspn;
using ::strpbrk;
using ::strtok;
using ::strerror;
}  // namespace std
