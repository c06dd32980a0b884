#pragma once
namespace std {
template <class T>
class complex {
 public:
  using value_type = T;
  complex(const T& real = T(), const T& imaginary = T());
  T real() const;
  T imag() const;
};
template <class T> T abs(const complex<T>& of);
template <class T> T arg(const complex<T>& of);
template <class T> complex<T> polar(const T& length, const T& angle);
}  // namespace std
