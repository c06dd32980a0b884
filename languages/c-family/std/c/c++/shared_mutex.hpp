#pragma once
#include <mutex>
namespace std {
class shared_mutex {
 public:
  shared_mutex();
  void lock();
  bool try_lock();
  void unlock();
  void lock_shared();
  bool try_lock_shared();
  void unlock_shared();
};
class shared_timed_mutex : public shared_mutex {};
template <class Mutex>
class shared_lock {
 public:
  explicit shared_lock(Mutex& mutex);
  ~shared_lock();
  void lock();
  void unlock();
  bool owns_lock() const noexcept;
};
}  // namespace std
