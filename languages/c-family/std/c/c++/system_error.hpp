#pragma once
#include <stdexcept>
#include <string>
namespace std {
class error_category {
 public:
  virtual ~error_category();
  virtual const char* name() const noexcept = 0;
  virtual string message(int code) const = 0;
};
/** A number that says what went wrong. */
class error_code {
 public:
  error_code() noexcept;
  error_code(int value, const error_category& category) noexcept;
  void assign(int value, const error_category& category) noexcept;
  void clear() noexcept;
  int value() const noexcept;
  const error_category& category() const noexcept;
  string message() const;
  explicit operator bool() const noexcept;
};
class error_condition {
 public:
  int value() const noexcept;
  string message() const;
};
enum class errc { no_such_file_or_directory, permission_denied, invalid_argument, not_enough_memory, file_exists, timed_out, operation_canceled, interrupted, io_error };
class system_error : public runtime_error {
 public:
  explicit system_error(error_code code);
  system_error(error_code code, const string& what);
  system_error(error_code code, const char* what);
  system_error(int value, const error_category& category, const string& what);
  const error_code& code() const noexcept;
};
const error_category& generic_category() noexcept;
const error_category& system_category() noexcept;
error_code make_error_code(errc code) noexcept;
template <class T> struct is_error_code_enum {};
}  // namespace std
