#pragma once
#include <cstddef>
namespace std {
/** The sum of elements. */
template <class Iterator, class T> T accumulate(Iterator first, Iterator last, T start);
template <class Iterator, class T, class F> T accumulate(Iterator first, Iterator last, T start, F function);
template <class A, class B, class T> T inner_product(A first, A last, B other, T start);
template <class Iterator, class Target> Target partial_sum(Iterator first, Iterator last, Target to);
template <class Iterator, class Target> Target adjacent_difference(Iterator first, Iterator last, Target to);
/** Fills with numbers that count up. */
template <class Iterator, class T> void iota(Iterator first, Iterator last, T start);
template <class Iterator, class T> T reduce(Iterator first, Iterator last, T start);
template <class A, class B> A gcd(A a, B b);
template <class A, class B> A lcm(A a, B b);
}  // namespace std
