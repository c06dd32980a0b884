#pragma once
#include <ctype.h>
namespace std {
using ::isalpha;
using ::isdigit;
using ::isalnum;
using ::isspace;
using ::isupper;
using ::islower;
using ::isxdigit;
using ::isprint;
using ::ispunct;
using ::iscntrl;
using ::isgraph;
using ::toupper;
using ::tolower;
}  // namespace std
