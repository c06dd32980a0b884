#pragma once
#include <mutex>
#include <chrono>
namespace std {
enum class cv_status { no_timeout, timeout };
/** Waits until another thread says so. */
class condition_variable {
 public:
  condition_variable();
  condition_variable(const condition_variable&) = delete;
  void notify_one() noexcept;
  void notify_all() noexcept;
  void wait(unique_lock<mutex>& lock);
  template <class Test> void wait(unique_lock<mutex>& lock, Test test);
  template <class D> cv_status wait_for(unique_lock<mutex>& lock, const D& time);
  template <class D, class Test> bool wait_for(unique_lock<mutex>& lock, const D& time, Test test);
  template <class P> cv_status wait_until(unique_lock<mutex>& lock, const P& time);
  template <class P, class Test> bool wait_until(unique_lock<mutex>& lock, const P& time, Test test);
};
class condition_variable_any {
 public:
  void notify_one() noexcept;
  void notify_all() noexcept;
  template <class Lock> void wait(Lock& lock);
  template <class Lock, class Test> void wait(Lock& lock, Test test);
};
}  // namespace std
