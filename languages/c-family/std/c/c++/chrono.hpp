#pragma once
#include <ratio>
#include <cstdint>
#include <ctime>
namespace std {
namespace chrono {
/** A span of time. */
template <class Rep, class Period = ratio<1>>
class duration {
 public:
  using rep = Rep;
  using period = Period;
  duration() = default;
  template <class R> explicit duration(const R& count);
  template <class R, class P> duration(const duration<R, P>& other);
  /** How many units. */
  Rep count() const;
  duration operator+() const;
  duration operator-() const;
  duration& operator+=(const duration& by);
  duration& operator-=(const duration& by);
  static constexpr duration zero() noexcept;
  static constexpr duration min() noexcept;
  static constexpr duration max() noexcept;
};
using nanoseconds = duration<int64_t, nano>;
using microseconds = duration<int64_t, micro>;
using milliseconds = duration<int64_t, milli>;
using seconds = duration<int64_t>;
using minutes = duration<int64_t, ratio<60>>;
using hours = duration<int64_t, ratio<3600>>;
/** The span in another unit. */
template <class To, class R, class P> constexpr To duration_cast(const duration<R, P>& span);
/** A moment of a clock. */
template <class Clock, class Duration = seconds>
class time_point {
 public:
  using clock = Clock;
  using duration = Duration;
  time_point();
  explicit time_point(const Duration& since);
  Duration time_since_epoch() const;
  time_point& operator+=(const Duration& by);
  time_point& operator-=(const Duration& by);
  static constexpr time_point min() noexcept;
  static constexpr time_point max() noexcept;
};
template <class To, class C, class D> time_point<C, To> time_point_cast(const time_point<C, D>& moment);
struct system_clock {
  using duration = nanoseconds;
  using rep = int64_t;
  using time_point = chrono::time_point<system_clock, nanoseconds>;
  static constexpr bool is_steady = false;
  static time_point now() noexcept;
  static time_t to_time_t(const time_point& moment) noexcept;
  static time_point from_time_t(time_t moment) noexcept;
};
struct steady_clock {
  using duration = nanoseconds;
  using rep = int64_t;
  using time_point = chrono::time_point<steady_clock, nanoseconds>;
  static constexpr bool is_steady = true;
  static time_point now() noexcept;
};
struct high_resolution_clock {
  using duration = nanoseconds;
  using rep = int64_t;
  using time_point = chrono::time_point<high_resolution_clock, nanoseconds>;
  static constexpr bool is_steady = true;
  static time_point now() noexcept;
};
}  // namespace chrono
}  // namespace std
