#pragma once
#include <cstdint>
#include <initializer_list>
namespace std {
class mt19937 {
 public:
  using result_type = uint_fast32_t;
  mt19937();
  explicit mt19937(result_type seed);
  void seed(result_type seed);
  result_type operator()();
  static constexpr result_type min();
  static constexpr result_type max();
  void discard(unsigned long long count);
};

class mt19937_64 {
 public:
  using result_type = uint_fast32_t;
  mt19937_64();
  explicit mt19937_64(result_type seed);
  void seed(result_type seed);
  result_type operator()();
  static constexpr result_type min();
  static constexpr result_type max();
  void discard(unsigned long long count);
};

class default_random_engine {
 public:
  using result_type = uint_fast32_t;
  default_random_engine();
  explicit default_random_engine(result_type seed);
  void seed(result_type seed);
  result_type operator()();
  static constexpr result_type min();
  static constexpr result_type max();
  void discard(unsigned long long count);
};

class minstd_rand {
 public:
  using result_type = uint_fast32_t;
  minstd_rand();
  explicit minstd_rand(result_type seed);
  void seed(result_type seed);
  result_type operator()();
  static constexpr result_type min();
  static constexpr result_type max();
  void discard(unsigned long long count);
};

class random_device {
 public:
  using result_type = unsigned;
  random_device();
  result_type operator()();
  double entropy() const noexcept;
};

template <class T = int>
class uniform_int_distribution {
 public:
  using result_type = T;
  explicit uniform_int_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = double>
class uniform_real_distribution {
 public:
  using result_type = T;
  explicit uniform_real_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = double>
class normal_distribution {
 public:
  using result_type = T;
  explicit normal_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = double>
class exponential_distribution {
 public:
  using result_type = T;
  explicit exponential_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = int>
class poisson_distribution {
 public:
  using result_type = T;
  explicit poisson_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = int>
class geometric_distribution {
 public:
  using result_type = T;
  explicit geometric_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

template <class T = int>
class discrete_distribution {
 public:
  using result_type = T;
  explicit discrete_distribution(T a = T(), T b = T());
  template <class Random> T operator()(Random& random);
  void reset();
  T min() const;
  T max() const;
};

class bernoulli_distribution {
 public:
  explicit bernoulli_distribution(double chance = 0.5);
  template <class Random> bool operator()(Random& random);
};
class seed_seq {
 public:
  seed_seq(initializer_list<unsigned> seeds);
};
}  // namespace std
