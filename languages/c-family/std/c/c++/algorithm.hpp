#pragma once
#include <utility>
#include <initializer_list>
#include <cstddef>
namespace std {
template <class Iterator, class Test> bool all_of(Iterator first, Iterator last, Test test);
template <class Iterator, class Test> bool any_of(Iterator first, Iterator last, Test test);
template <class Iterator, class Test> bool none_of(Iterator first, Iterator last, Test test);
/** Calls a function with each element. */
template <class Iterator, class F> F for_each(Iterator first, Iterator last, F function);
/** The first element that is equal. */
template <class Iterator, class T> Iterator find(Iterator first, Iterator last, const T& value);
/** The first element that a test takes. */
template <class Iterator, class Test> Iterator find_if(Iterator first, Iterator last, Test test);
template <class Iterator, class Test> Iterator find_if_not(Iterator first, Iterator last, Test test);
template <class Iterator, class T> ptrdiff_t count(Iterator first, Iterator last, const T& value);
template <class Iterator, class Test> ptrdiff_t count_if(Iterator first, Iterator last, Test test);
template <class Iterator, class Other> bool equal(Iterator first, Iterator last, Other other);
template <class Iterator, class Other> Iterator search(Iterator first, Iterator last, Other from, Other to);
template <class Iterator> Iterator adjacent_find(Iterator first, Iterator last);
/** Copies elements. */
template <class Iterator, class Target> Target copy(Iterator first, Iterator last, Target to);
template <class Iterator, class Target, class Test> Target copy_if(Iterator first, Iterator last, Target to, Test test);
template <class Iterator, class Size, class Target> Target copy_n(Iterator first, Size count, Target to);
template <class Iterator, class Target> Target copy_backward(Iterator first, Iterator last, Target to);
template <class Iterator, class Target> Target move(Iterator first, Iterator last, Target to);
template <class Iterator, class Target> Target move_backward(Iterator first, Iterator last, Target to);
template <class Iterator, class T> void fill(Iterator first, Iterator last, const T& value);
template <class Iterator, class Size, class T> Iterator fill_n(Iterator first, Size count, const T& value);
/** Puts what a function makes of each element into another range. */
template <class Iterator, class Target, class F> Target transform(Iterator first, Iterator last, Target to, F function);
template <class Iterator, class Other, class Target, class F> Target transform(Iterator first, Iterator last, Other other, Target to, F function);
template <class Iterator, class F> void generate(Iterator first, Iterator last, F function);
template <class Iterator, class T> Iterator remove(Iterator first, Iterator last, const T& value);
template <class Iterator, class Test> Iterator remove_if(Iterator first, Iterator last, Test test);
template <class Iterator, class T> void replace(Iterator first, Iterator last, const T& old, const T& value);
template <class Iterator, class Test, class T> void replace_if(Iterator first, Iterator last, Test test, const T& value);
template <class A, class B> void iter_swap(A a, B b);
template <class A, class B> B swap_ranges(A first, A last, B other);
template <class Iterator> void reverse(Iterator first, Iterator last);
template <class Iterator> Iterator rotate(Iterator first, Iterator middle, Iterator last);
template <class Iterator, class Random> void shuffle(Iterator first, Iterator last, Random&& random);
template <class Iterator> void random_shuffle(Iterator first, Iterator last);
template <class Iterator> Iterator unique(Iterator first, Iterator last);
template <class Iterator, class Equal> Iterator unique(Iterator first, Iterator last, Equal equal);
template <class Iterator, class Test> Iterator partition(Iterator first, Iterator last, Test test);
template <class Iterator, class Test> Iterator stable_partition(Iterator first, Iterator last, Test test);
/** Puts elements in order. */
template <class Iterator> void sort(Iterator first, Iterator last);
template <class Iterator, class Less> void sort(Iterator first, Iterator last, Less less);
template <class Iterator> void stable_sort(Iterator first, Iterator last);
template <class Iterator, class Less> void stable_sort(Iterator first, Iterator last, Less less);
template <class Iterator> void partial_sort(Iterator first, Iterator middle, Iterator last);
template <class Iterator> void nth_element(Iterator first, Iterator nth, Iterator last);
template <class Iterator> bool is_sorted(Iterator first, Iterator last);
template <class Iterator, class Less> bool is_sorted(Iterator first, Iterator last, Less less);
/** The first element that does not come before a value, in what is in order. */
template <class Iterator, class T> Iterator lower_bound(Iterator first, Iterator last, const T& value);
template <class Iterator, class T, class Less> Iterator lower_bound(Iterator first, Iterator last, const T& value, Less less);
template <class Iterator, class T> Iterator upper_bound(Iterator first, Iterator last, const T& value);
template <class Iterator, class T, class Less> Iterator upper_bound(Iterator first, Iterator last, const T& value, Less less);
template <class Iterator, class T> bool binary_search(Iterator first, Iterator last, const T& value);
template <class A, class B, class Target> Target merge(A first, A last, B from, B to, Target target);
template <class A, class B, class Target> Target set_union(A first, A last, B from, B to, Target target);
template <class A, class B, class Target> Target set_intersection(A first, A last, B from, B to, Target target);
template <class A, class B, class Target> Target set_difference(A first, A last, B from, B to, Target target);
template <class A, class B, class Target> Target set_symmetric_difference(A first, A last, B from, B to, Target target);
template <class A, class B> bool includes(A first, A last, B from, B to);
template <class Iterator> void push_heap(Iterator first, Iterator last);
template <class Iterator> void pop_heap(Iterator first, Iterator last);
template <class Iterator> void make_heap(Iterator first, Iterator last);
template <class Iterator> void sort_heap(Iterator first, Iterator last);
/** The greater of two. */
template <class T> constexpr const T& max(const T& a, const T& b);
template <class T> constexpr T max(initializer_list<T> values);
template <class T, class Less> constexpr const T& max(const T& a, const T& b, Less less);
/** The smaller of two. */
template <class T> constexpr const T& min(const T& a, const T& b);
template <class T> constexpr T min(initializer_list<T> values);
template <class T, class Less> constexpr const T& min(const T& a, const T& b, Less less);
template <class T> pair<const T&, const T&> minmax(const T& a, const T& b);
/** The value, kept between two others. */
template <class T> constexpr const T& clamp(const T& value, const T& low, const T& high);
template <class Iterator> Iterator max_element(Iterator first, Iterator last);
template <class Iterator, class Less> Iterator max_element(Iterator first, Iterator last, Less less);
template <class Iterator> Iterator min_element(Iterator first, Iterator last);
template <class Iterator, class Less> Iterator min_element(Iterator first, Iterator last, Less less);
template <class A, class B> bool lexicographical_compare(A first, A last, B from, B to);
template <class Iterator> bool next_permutation(Iterator first, Iterator last);
template <class Iterator> bool prev_permutation(Iterator first, Iterator last);
template <class Iterator, class Other> bool is_permutation(Iterator first, Iterator last, Other other);
template <class A, class B> pair<A, B> mismatch(A first, A last, B other);
template <class Iterator, class T> pair<Iterator, Iterator> equal_range(Iterator first, Iterator last, const T& value);
}  // namespace std
