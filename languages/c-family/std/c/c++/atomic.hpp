#pragma once
#include <cstddef>
#include <cstdint>
namespace std {
enum memory_order { memory_order_relaxed, memory_order_consume, memory_order_acquire, memory_order_release, memory_order_acq_rel, memory_order_seq_cst };
/** A value that threads may change together. */
template <class T>
struct atomic {
  using value_type = T;
  atomic() noexcept = default;
  constexpr atomic(T value) noexcept;
  atomic(const atomic&) = delete;
  T operator=(T value) noexcept;
  operator T() const noexcept;
  bool is_lock_free() const noexcept;
  void store(T value, memory_order order = memory_order_seq_cst) noexcept;
  T load(memory_order order = memory_order_seq_cst) const noexcept;
  /** Puts a value in and gives the old one. */
  T exchange(T value, memory_order order = memory_order_seq_cst) noexcept;
  bool compare_exchange_weak(T& expected, T value, memory_order order = memory_order_seq_cst) noexcept;
  bool compare_exchange_weak(T& expected, T value, memory_order success, memory_order failure) noexcept;
  bool compare_exchange_strong(T& expected, T value, memory_order order = memory_order_seq_cst) noexcept;
  bool compare_exchange_strong(T& expected, T value, memory_order success, memory_order failure) noexcept;
  T fetch_add(T by, memory_order order = memory_order_seq_cst) noexcept;
  T fetch_sub(T by, memory_order order = memory_order_seq_cst) noexcept;
  T fetch_and(T by, memory_order order = memory_order_seq_cst) noexcept;
  T fetch_or(T by, memory_order order = memory_order_seq_cst) noexcept;
  T fetch_xor(T by, memory_order order = memory_order_seq_cst) noexcept;
  T operator++() noexcept;
  T operator++(int) noexcept;
  T operator--() noexcept;
  T operator--(int) noexcept;
  T operator+=(T by) noexcept;
  T operator-=(T by) noexcept;
};
struct atomic_flag {
  atomic_flag() noexcept = default;
  bool test_and_set(memory_order order = memory_order_seq_cst) noexcept;
  void clear(memory_order order = memory_order_seq_cst) noexcept;
};
using atomic_bool = atomic<bool>;
using atomic_int = atomic<int>;
using atomic_uint = atomic<unsigned>;
using atomic_long = atomic<long>;
using atomic_size_t = atomic<size_t>;
using atomic_uint64_t = atomic<uint64_t>;
using atomic_int64_t = atomic<int64_t>;
using atomic_uint32_t = atomic<uint32_t>;
void atomic_thread_fence(memory_order order) noexcept;
void atomic_signal_fence(memory_order order) noexcept;
template <class T> T atomic_load(const atomic<T>* from) noexcept;
template <class T> void atomic_store(atomic<T>* to, T value) noexcept;
}  // namespace std
