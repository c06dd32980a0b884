#pragma once
typedef _Atomic(int) atomic_int;
typedef _Atomic(unsigned) atomic_uint;
typedef _Atomic(_Bool) atomic_bool;
typedef _Atomic(long) atomic_long;
typedef _Atomic(unsigned long) atomic_size_t;
typedef enum { memory_order_relaxed, memory_order_consume, memory_order_acquire, memory_order_release, memory_order_acq_rel, memory_order_seq_cst } memory_order;
#define atomic_load(object) __atomic_load_n(object, 5)
#define atomic_store(object, value) __atomic_store_n(object, value, 5)
#define atomic_fetch_add(object, value) __atomic_fetch_add(object, value, 5)
#define atomic_fetch_sub(object, value) __atomic_fetch_sub(object, value, 5)
#define atomic_exchange(object, value) __atomic_exchange_n(object, value, 5)
