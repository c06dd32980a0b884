#pragma once
#include <chrono>
#include <cstddef>
namespace std {
class mutex {
 public:
  mutex() noexcept;
  mutex(const mutex&) = delete;
  /** Waits until it is free, and takes it. */
  void lock();
  /** Takes it if it is free. */
  bool try_lock();
  void unlock();
};

class recursive_mutex {
 public:
  recursive_mutex() noexcept;
  recursive_mutex(const recursive_mutex&) = delete;
  /** Waits until it is free, and takes it. */
  void lock();
  /** Takes it if it is free. */
  bool try_lock();
  void unlock();
};

class timed_mutex {
 public:
  timed_mutex() noexcept;
  timed_mutex(const timed_mutex&) = delete;
  /** Waits until it is free, and takes it. */
  void lock();
  /** Takes it if it is free. */
  bool try_lock();
  void unlock();
  template <class D> bool try_lock_for(const D& time);
};

struct defer_lock_t { explicit defer_lock_t() = default; };
struct try_to_lock_t { explicit try_to_lock_t() = default; };
struct adopt_lock_t { explicit adopt_lock_t() = default; };
inline constexpr defer_lock_t defer_lock{};
inline constexpr try_to_lock_t try_to_lock{};
inline constexpr adopt_lock_t adopt_lock{};
/** Holds a lock as long as it lives. */
template <class Mutex>
class lock_guard {
 public:
  using mutex_type = Mutex;
  explicit lock_guard(Mutex& mutex);
  lock_guard(Mutex& mutex, adopt_lock_t);
  lock_guard(const lock_guard&) = delete;
  ~lock_guard();
};
template <class... Mutex>
class scoped_lock {
 public:
  explicit scoped_lock(Mutex&... mutexes);
  ~scoped_lock();
};
/** Holds a lock that can be let go and taken again. */
template <class Mutex>
class unique_lock {
 public:
  using mutex_type = Mutex;
  unique_lock() noexcept;
  explicit unique_lock(Mutex& mutex);
  unique_lock(Mutex& mutex, defer_lock_t) noexcept;
  unique_lock(Mutex& mutex, try_to_lock_t);
  unique_lock(Mutex& mutex, adopt_lock_t);
  unique_lock(unique_lock&& other) noexcept;
  ~unique_lock();
  void lock();
  bool try_lock();
  void unlock();
  Mutex* release() noexcept;
  bool owns_lock() const noexcept;
  explicit operator bool() const noexcept;
  Mutex* mutex() const noexcept;
};
struct once_flag { once_flag() noexcept; };
/** Calls a function the first time only. */
template <class F, class... Args> void call_once(once_flag& flag, F&& function, Args&&... args);
template <class A, class B, class... More> void lock(A& a, B& b, More&... more);
template <class A, class B, class... More> int try_lock(A& a, B& b, More&... more);
}  // namespace std
