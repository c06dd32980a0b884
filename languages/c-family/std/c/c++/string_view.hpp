#pragma once
#include <cstddef>
namespace std {
class string;
/** A text that somebody else holds. */
class string_view {
 public:
  static constexpr size_t npos = static_cast<size_t>(-1);
  using value_type = char;
  using size_type = size_t;
  using difference_type = ptrdiff_t;
  using reference = value_type&;
  using const_reference = const value_type&;
  using pointer = value_type*;
  using const_pointer = const value_type*;
  using iterator = value_type*;
  using const_iterator = const value_type*;
  using reverse_iterator = value_type*;
  using const_reverse_iterator = const value_type*;

  constexpr string_view() noexcept;
  constexpr string_view(const char* text);
  constexpr string_view(const char* text, size_type count);
  string_view(const string& text) noexcept;
  const_iterator begin() const noexcept;
  const_iterator end() const noexcept;

  /** How many elements it holds. */
  size_type size() const noexcept;
  size_type max_size() const noexcept;
  /** Does it hold nothing? */
  bool empty() const noexcept;

  size_type length() const noexcept;
  const char& operator[](size_type index) const;
  const char& at(size_type index) const;
  const char& front() const;
  const char& back() const;
  const char* data() const noexcept;
  /** Makes the view shorter at its beginning. */
  void remove_prefix(size_type count);
  /** Makes the view shorter at its end. */
  void remove_suffix(size_type count);
  void swap(string_view& other) noexcept;
  size_type copy(char* to, size_type count, size_type from = 0) const;
  string_view substr(size_type from = 0, size_type count = npos) const;
  int compare(string_view other) const noexcept;
  int compare(size_type from, size_type count, string_view other) const;
  size_type find(string_view text, size_type from = 0) const noexcept;
  size_type find(char letter, size_type from = 0) const noexcept;
  size_type rfind(string_view text, size_type from = npos) const noexcept;
  size_type rfind(char letter, size_type from = npos) const noexcept;
  size_type find_first_of(string_view text, size_type from = 0) const noexcept;
  size_type find_first_of(char letter, size_type from = 0) const noexcept;
  size_type find_last_of(string_view text, size_type from = npos) const noexcept;
  size_type find_last_of(char letter, size_type from = npos) const noexcept;
  size_type find_first_not_of(string_view text, size_type from = 0) const noexcept;
  size_type find_first_not_of(char letter, size_type from = 0) const noexcept;
  size_type find_last_not_of(string_view text, size_type from = npos) const noexcept;
  size_type find_last_not_of(char letter, size_type from = npos) const noexcept;
};
class wstring_view;
template <class Letter, class Traits> class basic_string_view;
bool operator==(string_view a, string_view b) noexcept;
bool operator!=(string_view a, string_view b) noexcept;
bool operator<(string_view a, string_view b) noexcept;
}  // namespace std
