#pragma once
#include <signal.h>
namespace std {
using ::signal;
using ::raise;
using ::sig_atomic_t;
}  // namespace std
