#pragma once
#include <time.h>
namespace std {
using ::time_t;
using ::tm;
using ::clock_t;
using ::time;
using ::clock;
using ::mktime;
using ::localtime;
using ::gmtime;
using ::strftime;
using ::difftime;
using ::asctime;
using ::ctime;
}  // namespace std
