#pragma once
#include <cstddef>
#include <type_traits>
namespace std {
struct input_iterator_tag {};
struct output_iterator_tag {};
struct forward_iterator_tag : input_iterator_tag {};
struct bidirectional_iterator_tag : forward_iterator_tag {};
struct random_access_iterator_tag : bidirectional_iterator_tag {};
template <class Category, class T, class Distance = ptrdiff_t, class Pointer = T*, class Reference = T&>
struct iterator {
  using value_type = T;
  using difference_type = Distance;
  using pointer = Pointer;
  using reference = Reference;
  using iterator_category = Category;
};
template <class Iterator>
struct iterator_traits {
  using difference_type = typename Iterator::difference_type;
  using value_type = typename Iterator::value_type;
  using pointer = typename Iterator::pointer;
  using reference = typename Iterator::reference;
  using iterator_category = typename Iterator::iterator_category;
};
template <class Iterator> class reverse_iterator { public: explicit reverse_iterator(Iterator at); Iterator base() const; };
template <class Iterator> class move_iterator { public: explicit move_iterator(Iterator at); Iterator base() const; };
template <class Container> class back_insert_iterator { public: explicit back_insert_iterator(Container& to); using container_type = Container; };
template <class Container> class insert_iterator { public: insert_iterator(Container& to, typename Container::iterator at); };
template <class Container> class front_insert_iterator { public: explicit front_insert_iterator(Container& to); };
template <class T, class Letter = char> class istream_iterator { public: istream_iterator(); };
template <class T, class Letter = char> class ostream_iterator { public: ostream_iterator(); };
template <class Letter, class Traits = void> class istreambuf_iterator { public: istreambuf_iterator() noexcept; };
template <class Letter, class Traits = void> class ostreambuf_iterator { public: ostreambuf_iterator() noexcept; };
/** Adds what is assigned at the end of a container. */
template <class Container> back_insert_iterator<Container> back_inserter(Container& to);
template <class Container> front_insert_iterator<Container> front_inserter(Container& to);
template <class Container> insert_iterator<Container> inserter(Container& to, typename Container::iterator at);
template <class Iterator> move_iterator<Iterator> make_move_iterator(Iterator at);
template <class Iterator> reverse_iterator<Iterator> make_reverse_iterator(Iterator at);
template <class Iterator, class Distance> void advance(Iterator& at, Distance count);
template <class Iterator> ptrdiff_t distance(Iterator first, Iterator last);
template <class Iterator> Iterator next(Iterator at, ptrdiff_t count = 1);
template <class Iterator> Iterator prev(Iterator at, ptrdiff_t count = 1);
template <class Container> auto begin(Container& of);
template <class Container> auto end(Container& of);
template <class Container> auto cbegin(Container& of);
template <class Container> auto cend(Container& of);
template <class Container> auto rbegin(Container& of);
template <class Container> auto rend(Container& of);

template <class Container> auto size(const Container& of);
template <class Container> auto data(Container& of);
template <class Container> bool empty(const Container& of);
}  // namespace std
