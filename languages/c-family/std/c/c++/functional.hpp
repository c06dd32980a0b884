#pragma once
#include <type_traits>
namespace std {
/** A number that stands for a value. */
template <class T>
struct hash {
  size_t operator()(const T& value) const noexcept;
};
/** Anything that can be called. */
template <class F> class function;
template <class R, class... Args>
class function<R(Args...)> {
 public:
  using result_type = R;
  function() noexcept;
  function(nullptr_t) noexcept;
  function(const function& other);
  function(function&& other) noexcept;
  template <class F> function(F callable);
  ~function();
  function& operator=(const function& other);
  /** Is there something to be called? */
  explicit operator bool() const noexcept;
  R operator()(Args... args) const;
  void swap(function& other) noexcept;
  template <class T> T* target() noexcept;
};
template <class T>
class reference_wrapper {
 public:
  using type = T;
  reference_wrapper(T& object) noexcept;
  operator T&() const noexcept;
  T& get() const noexcept;
};
/** A reference that can be copied. */
template <class T> reference_wrapper<T> ref(T& object) noexcept;
template <class T> reference_wrapper<const T> cref(const T& object) noexcept;
/** A call with some of its arguments given beforehand. */
template <class F, class... Args> function<void()> bind(F&& callable, Args&&... args);
template <class F, class... Args> invoke_result_t<F, Args...> invoke(F&& callable, Args&&... args);
template <class M, class T> function<void()> mem_fn(M T::*member) noexcept;
template <class F> F not_fn(F&& callable);
class bad_function_call {};
namespace placeholders {
struct placeholder {};
extern const placeholder _1, _2, _3, _4, _5, _6;
}  // namespace placeholders
template <class T = void> struct plus { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct minus { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct multiplies { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct divides { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct modulus { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct equal_to { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct not_equal_to { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct greater { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct less { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct greater_equal { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct less_equal { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct logical_and { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct logical_or { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct bit_and { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct bit_or { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct bit_xor { constexpr auto operator()(const T& a, const T& b) const; };
template <class T = void> struct negate { constexpr T operator()(const T& a) const; };
template <class T = void> struct logical_not { constexpr bool operator()(const T& a) const; };
}  // namespace std
