#pragma once
#include <system_error>
namespace std {
enum class chars_format { scientific = 1, fixed = 2, hex = 4, general = 3 };
struct to_chars_result { char* ptr; errc ec; };
struct from_chars_result { const char* ptr; errc ec; };
template <class T> to_chars_result to_chars(char* first, char* last, T value, int base = 10);
template <class T> from_chars_result from_chars(const char* first, const char* last, T& value, int base = 10);
}  // namespace std
