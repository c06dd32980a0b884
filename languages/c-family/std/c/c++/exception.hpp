#pragma once
#include <cstddef>
namespace std {
/** The base of what is thrown. */
class exception {
 public:
  exception() noexcept;
  exception(const exception& other) noexcept;
  virtual ~exception();
  /** What went wrong. */
  virtual const char* what() const noexcept;
};
class bad_exception : public exception {};
class exception_ptr {};
using terminate_handler = void (*)();
/** What is being handled, to be thrown again elsewhere. */
exception_ptr current_exception() noexcept;
[[noreturn]] void rethrow_exception(exception_ptr error);
template <class E> exception_ptr make_exception_ptr(E error) noexcept;
/** Ends the program. */
[[noreturn]] void terminate() noexcept;
terminate_handler set_terminate(terminate_handler handler) noexcept;
bool uncaught_exception() noexcept;
int uncaught_exceptions() noexcept;
class nested_exception {};
template <class T> [[noreturn]] void throw_with_nested(T&& error);
template <class E> void rethrow_if_nested(const E& error);
}  // namespace std
