#pragma once
#include <setjmp.h>
namespace std {
using ::jmp_buf;
using ::longjmp;
}  // namespace std
