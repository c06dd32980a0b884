#pragma once
#include <thread>
#include <memory>
#include <exception>
namespace std {
enum class future_status { ready, timeout, deferred };
enum class launch { async = 1, deferred = 2 };
class future_error : public exception {};
template <class T> class shared_future;
/** A value that comes later. */
template <class T>
class future {
 public:
  future() noexcept;
  future(future&& other) noexcept;
  /** Waits for the value. */
  T get();
  bool valid() const noexcept;
  void wait() const;
  template <class D> future_status wait_for(const D& time) const;
  shared_future<T> share() noexcept;
};
template <class T>
class shared_future {
 public:
  const T& get() const;
  bool valid() const noexcept;
  void wait() const;
};
/** Where the value of a future is put. */
template <class T>
class promise {
 public:
  promise();
  future<T> get_future();
  void set_value(const T& value);
  void set_value();
  void set_exception(exception_ptr error);
};
template <class F> class packaged_task;
template <class R, class... Args>
class packaged_task<R(Args...)> {
 public:
  template <class F> explicit packaged_task(F&& function);
  future<R> get_future();
  void operator()(Args... args);
  bool valid() const noexcept;
};
template <class F, class... Args> future<invoke_result_t<F, Args...>> async(F&& function, Args&&... args);
template <class F, class... Args> future<invoke_result_t<F, Args...>> async(launch how, F&& function, Args&&... args);
}  // namespace std
