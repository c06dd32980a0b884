#pragma once
#include <chrono>
#include <functional>
namespace std {
/** A thread that runs. */
class thread {
 public:
  class id {};
  using native_handle_type = unsigned long;
  thread() noexcept;
  template <class F, class... Args> explicit thread(F&& function, Args&&... args);
  thread(thread&& other) noexcept;
  thread(const thread&) = delete;
  ~thread();
  thread& operator=(thread&& other) noexcept;
  void swap(thread& other) noexcept;
  bool joinable() const noexcept;
  /** Waits until it has ended. */
  void join();
  /** Lets it run by itself. */
  void detach();
  id get_id() const noexcept;
  native_handle_type native_handle();
  static unsigned hardware_concurrency() noexcept;
};
bool operator==(thread::id a, thread::id b) noexcept;
namespace this_thread {
thread::id get_id() noexcept;
void yield() noexcept;
template <class D> void sleep_for(const D& time);
template <class P> void sleep_until(const P& time);
}  // namespace this_thread
}  // namespace std
