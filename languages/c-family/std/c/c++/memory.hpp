#pragma once
#include <utility>
#include <cstddef>
#include <functional>
namespace std {
/** Where containers get memory from. */
template <class T>
class allocator {
 public:
  using value_type = T;
  using size_type = size_t;
  using pointer = T*;
  allocator() noexcept;
  T* allocate(size_t count);
  void deallocate(T* memory, size_t count);
  template <class U> struct rebind { using other = allocator<U>; };
};
template <class Allocator>
struct allocator_traits {
  using allocator_type = Allocator;
  using value_type = typename Allocator::value_type;
  using pointer = value_type*;
  using size_type = size_t;
  static pointer allocate(Allocator& from, size_type count);
  static void deallocate(Allocator& from, pointer memory, size_type count);
  template <class T, class... Args> static void construct(Allocator& from, T* place, Args&&... args);
  template <class T> static void destroy(Allocator& from, T* object);
};
template <class T>
struct default_delete {
  void operator()(T* object) const;
};
/** Owns an object; nobody else does. */
template <class T, class Deleter = default_delete<T>>
class unique_ptr {
 public:
  using pointer = T*;
  using element_type = T;
  using deleter_type = Deleter;
  unique_ptr() noexcept;
  unique_ptr(nullptr_t) noexcept;
  explicit unique_ptr(pointer object) noexcept;
  unique_ptr(pointer object, Deleter deleter) noexcept;
  unique_ptr(unique_ptr&& other) noexcept;
  template <class U, class E> unique_ptr(unique_ptr<U, E>&& other) noexcept;
  unique_ptr(const unique_ptr&) = delete;
  ~unique_ptr();
  unique_ptr& operator=(unique_ptr&& other) noexcept;
  unique_ptr& operator=(nullptr_t) noexcept;
  T& operator*() const;
  pointer operator->() const noexcept;
  T& operator[](size_t index) const;
  /** The object; it stays owned. */
  pointer get() const noexcept;
  Deleter& get_deleter() noexcept;
  explicit operator bool() const noexcept;
  /** Gives the object away. */
  pointer release() noexcept;
  /** Destroys the object and takes another. */
  void reset(pointer object = pointer()) noexcept;
  void swap(unique_ptr& other) noexcept;
};
template <class T> class weak_ptr;
/** Owns an object together with others. */
template <class T>
class shared_ptr {
 public:
  using element_type = T;
  using weak_type = weak_ptr<T>;
  shared_ptr() noexcept;
  shared_ptr(nullptr_t) noexcept;
  template <class U> explicit shared_ptr(U* object);
  template <class U, class Deleter> shared_ptr(U* object, Deleter deleter);
  template <class U> shared_ptr(const shared_ptr<U>& owner, element_type* object) noexcept;
  shared_ptr(const shared_ptr& other) noexcept;
  shared_ptr(shared_ptr&& other) noexcept;
  template <class U> shared_ptr(const shared_ptr<U>& other) noexcept;
  template <class U> explicit shared_ptr(const weak_ptr<U>& other);
  template <class U, class D> shared_ptr(unique_ptr<U, D>&& other);
  ~shared_ptr();
  shared_ptr& operator=(const shared_ptr& other) noexcept;
  shared_ptr& operator=(shared_ptr&& other) noexcept;
  T& operator*() const noexcept;
  T* operator->() const noexcept;
  T& operator[](ptrdiff_t index) const;
  /** The object; it stays owned. */
  T* get() const noexcept;
  /** How many own it. */
  long use_count() const noexcept;
  bool unique() const noexcept;
  explicit operator bool() const noexcept;
  /** Lets go of the object, and takes another. */
  void reset() noexcept;
  template <class U> void reset(U* object);
  template <class U, class Deleter> void reset(U* object, Deleter deleter);
  void swap(shared_ptr& other) noexcept;
  template <class U> bool owner_before(const shared_ptr<U>& other) const noexcept;
};
/** Knows an object that others own. */
template <class T>
class weak_ptr {
 public:
  using element_type = T;
  weak_ptr() noexcept;
  weak_ptr(const weak_ptr& other) noexcept;
  template <class U> weak_ptr(const shared_ptr<U>& owner) noexcept;
  weak_ptr& operator=(const weak_ptr& other) noexcept;
  /** Does the object live no more? */
  bool expired() const noexcept;
  /** An owner of the object, if it lives. */
  shared_ptr<T> lock() const noexcept;
  long use_count() const noexcept;
  void reset() noexcept;
  void swap(weak_ptr& other) noexcept;
  template <class U> bool owner_before(const shared_ptr<U>& other) const noexcept;
};
/** A base of objects that give owners of themselves. */
template <class T>
class enable_shared_from_this {
 public:
  shared_ptr<T> shared_from_this();
  shared_ptr<const T> shared_from_this() const;
  weak_ptr<T> weak_from_this() noexcept;
};
template <class T> class auto_ptr;
/** Makes an object with one owner. */
template <class T, class... Args> unique_ptr<T> make_unique(Args&&... args);
/** Makes an object with owners that share it. */
template <class T, class... Args> shared_ptr<T> make_shared(Args&&... args);
template <class T, class Allocator, class... Args> shared_ptr<T> allocate_shared(const Allocator& from, Args&&... args);
template <class T, class U> shared_ptr<T> static_pointer_cast(const shared_ptr<U>& object) noexcept;
template <class T, class U> shared_ptr<T> dynamic_pointer_cast(const shared_ptr<U>& object) noexcept;
template <class T, class U> shared_ptr<T> const_pointer_cast(const shared_ptr<U>& object) noexcept;
template <class T, class U> shared_ptr<T> reinterpret_pointer_cast(const shared_ptr<U>& object) noexcept;
template <class T> T* addressof(T& object) noexcept;
void* align(size_t alignment, size_t size, void*& memory, size_t& space);
template <class Iterator, class Target> Target uninitialized_copy(Iterator first, Iterator last, Target to);
template <class Iterator, class T> void uninitialized_fill(Iterator first, Iterator last, const T& value);
template <class T> void destroy_at(T* object);
template <class Iterator> void destroy(Iterator first, Iterator last);
template <class T> struct pointer_traits { using pointer = T; using element_type = T; };
}  // namespace std
