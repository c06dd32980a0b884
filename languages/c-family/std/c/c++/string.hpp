#pragma once
#include <cstddef>
#include <initializer_list>
#include <iosfwd>
#include <string_view>
#include <memory>
namespace std {
template <class Letter>
struct char_traits {
  using char_type = Letter;
  using int_type = int;
  static size_t length(const Letter* text);
  static int compare(const Letter* a, const Letter* b, size_t count);
  static Letter* copy(Letter* to, const Letter* from, size_t count);
  static Letter* move(Letter* to, const Letter* from, size_t count);
  static Letter* assign(Letter* to, size_t count, Letter letter);
  static void assign(Letter& to, const Letter& from);
  static const Letter* find(const Letter* text, size_t count, const Letter& letter);
  static constexpr int_type eof() noexcept;
};

/** A text that can be changed. */
class string {
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

  string() noexcept;
  string(const string& other);
  string(string&& other) noexcept;
  string(const char* text);
  string(const char* text, size_type count);
  string(size_type count, char letter);
  string(const string& other, size_type from, size_type count = npos);
  template <class Iterator> string(Iterator first, Iterator last);
  string(initializer_list<char> letters);
  ~string();
  string& operator=(const string& other);
  string& operator=(string&& other) noexcept;
  string& operator=(const char* text);
  string& operator=(char letter);
  string& assign(const string& other);
  string& assign(const char* text);
  string& assign(const char* text, size_type count);
  string& assign(size_type count, char letter);
  template <class Iterator> string& assign(Iterator first, Iterator last);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** The last element's place, for walking backwards. */
  reverse_iterator rbegin() noexcept;
  const_reverse_iterator rbegin() const noexcept;
  reverse_iterator rend() noexcept;
  const_reverse_iterator rend() const noexcept;
  const_reverse_iterator crbegin() const noexcept;
  const_reverse_iterator crend() const noexcept;

  /** How many elements it holds. */
  size_type size() const noexcept;
  size_type max_size() const noexcept;
  /** Does it hold nothing? */
  bool empty() const noexcept;

  /** How many letters it has. */
  size_type length() const noexcept;
  void resize(size_type count);
  void resize(size_type count, char letter);
  size_type capacity() const noexcept;
  void reserve(size_type count = 0);
  void shrink_to_fit();
  void clear() noexcept;
  reference operator[](size_type index);
  const_reference operator[](size_type index) const;
  /** The element there; throws out_of_range if there is none. */
  reference at(size_type index);
  const_reference at(size_type index) const;

  /** The first element. */
  reference front();
  const_reference front() const;
  /** The last element. */
  reference back();
  const_reference back() const;

  string& operator+=(const string& text);
  string& operator+=(const char* text);
  string& operator+=(char letter);
  /** Adds a text at the end. */
  string& append(const string& text);
  string& append(const string& text, size_type from, size_type count = npos);
  string& append(const char* text);
  string& append(const char* text, size_type count);
  string& append(size_type count, char letter);
  template <class Iterator> string& append(Iterator first, Iterator last);
  void push_back(char letter);
  void pop_back();
  /** Puts a text in. */
  string& insert(size_type at, const string& text);
  string& insert(size_type at, const char* text);
  string& insert(size_type at, size_type count, char letter);
  iterator insert(const_iterator at, char letter);
  template <class Iterator> iterator insert(const_iterator at, Iterator first, Iterator last);
  /** Takes letters out. */
  string& erase(size_type from = 0, size_type count = npos);
  iterator erase(const_iterator at);
  iterator erase(const_iterator first, const_iterator last);
  /** Puts a text in the place of another. */
  string& replace(size_type from, size_type count, const string& text);
  string& replace(size_type from, size_type count, const char* text);
  string& replace(const_iterator first, const_iterator last, const string& text);
  size_type copy(char* to, size_type count, size_type from = 0) const;
  void swap(string& other) noexcept;
  /** The text with a zero behind it, for C. */
  const char* c_str() const noexcept;
  /** The letters in memory. */
  const char* data() const noexcept;
  char* data() noexcept;
  /** Where a text stands; npos if it does not. */
  size_type find(const string& text, size_type from = 0) const noexcept;
  size_type find(const char* text, size_type from = 0) const;
  size_type find(char letter, size_type from = 0) const noexcept;
  /** Where a text stands for the last time. */
  size_type rfind(const string& text, size_type from = npos) const noexcept;
  size_type rfind(const char* text, size_type from = npos) const;
  size_type rfind(char letter, size_type from = npos) const noexcept;
  /** Where one of some letters stands. */
  size_type find_first_of(const string& text, size_type from = 0) const noexcept;
  size_type find_first_of(const char* text, size_type from = 0) const;
  size_type find_first_of(char letter, size_type from = 0) const noexcept;
  /** Where one of some letters stands for the last time. */
  size_type find_last_of(const string& text, size_type from = npos) const noexcept;
  size_type find_last_of(const char* text, size_type from = npos) const;
  size_type find_last_of(char letter, size_type from = npos) const noexcept;
  /** Where another letter stands than these. */
  size_type find_first_not_of(const string& text, size_type from = 0) const noexcept;
  size_type find_first_not_of(const char* text, size_type from = 0) const;
  size_type find_first_not_of(char letter, size_type from = 0) const noexcept;
  /** Where another letter stands for the last time. */
  size_type find_last_not_of(const string& text, size_type from = npos) const noexcept;
  size_type find_last_not_of(const char* text, size_type from = npos) const;
  size_type find_last_not_of(char letter, size_type from = npos) const noexcept;
  /** A part of the text. */
  string substr(size_type from = 0, size_type count = npos) const;
  /** Less than 0 if it comes before, 0 if it is the same. */
  int compare(const string& other) const noexcept;
  int compare(size_type from, size_type count, const string& other) const;
  int compare(const char* text) const;
  int compare(size_type from, size_type count, const char* text) const;
};
string operator+(const string& a, const string& b);
string operator+(const string& a, const char* b);
string operator+(const char* a, const string& b);
string operator+(const string& a, char b);
bool operator==(const string& a, const string& b);
bool operator==(const string& a, const char* b);
bool operator!=(const string& a, const string& b);
bool operator<(const string& a, const string& b);

/** A text of letters of another kind. */
template <class Letter, class Traits = char_traits<Letter>, class Allocator = allocator<Letter>>
class basic_string {
 public:
  static constexpr size_t npos = static_cast<size_t>(-1);
  using value_type = Letter;
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

  basic_string() noexcept;
  basic_string(const basic_string& other);
  basic_string(basic_string&& other) noexcept;
  basic_string(const Letter* text);
  basic_string(const Letter* text, size_type count);
  basic_string(size_type count, Letter letter);
  basic_string(const basic_string& other, size_type from, size_type count = npos);
  template <class Iterator> basic_string(Iterator first, Iterator last);
  basic_string(initializer_list<Letter> letters);
  ~basic_string();
  basic_string& operator=(const basic_string& other);
  basic_string& operator=(basic_string&& other) noexcept;
  basic_string& operator=(const Letter* text);
  basic_string& operator=(Letter letter);
  basic_string& assign(const basic_string& other);
  basic_string& assign(const Letter* text);
  basic_string& assign(const Letter* text, size_type count);
  basic_string& assign(size_type count, Letter letter);
  template <class Iterator> basic_string& assign(Iterator first, Iterator last);
  /** The first element's place. */
  iterator begin() noexcept;
  const_iterator begin() const noexcept;
  /** Behind the last element. */
  iterator end() noexcept;
  const_iterator end() const noexcept;
  const_iterator cbegin() const noexcept;
  const_iterator cend() const noexcept;

  /** The last element's place, for walking backwards. */
  reverse_iterator rbegin() noexcept;
  const_reverse_iterator rbegin() const noexcept;
  reverse_iterator rend() noexcept;
  const_reverse_iterator rend() const noexcept;
  const_reverse_iterator crbegin() const noexcept;
  const_reverse_iterator crend() const noexcept;

  /** How many elements it holds. */
  size_type size() const noexcept;
  size_type max_size() const noexcept;
  /** Does it hold nothing? */
  bool empty() const noexcept;

  /** How many letters it has. */
  size_type length() const noexcept;
  void resize(size_type count);
  void resize(size_type count, Letter letter);
  size_type capacity() const noexcept;
  void reserve(size_type count = 0);
  void shrink_to_fit();
  void clear() noexcept;
  reference operator[](size_type index);
  const_reference operator[](size_type index) const;
  /** The element there; throws out_of_range if there is none. */
  reference at(size_type index);
  const_reference at(size_type index) const;

  /** The first element. */
  reference front();
  const_reference front() const;
  /** The last element. */
  reference back();
  const_reference back() const;

  basic_string& operator+=(const basic_string& text);
  basic_string& operator+=(const Letter* text);
  basic_string& operator+=(Letter letter);
  /** Adds a text at the end. */
  basic_string& append(const basic_string& text);
  basic_string& append(const basic_string& text, size_type from, size_type count = npos);
  basic_string& append(const Letter* text);
  basic_string& append(const Letter* text, size_type count);
  basic_string& append(size_type count, Letter letter);
  template <class Iterator> basic_string& append(Iterator first, Iterator last);
  void push_back(Letter letter);
  void pop_back();
  /** Puts a text in. */
  basic_string& insert(size_type at, const basic_string& text);
  basic_string& insert(size_type at, const Letter* text);
  basic_string& insert(size_type at, size_type count, Letter letter);
  iterator insert(const_iterator at, Letter letter);
  template <class Iterator> iterator insert(const_iterator at, Iterator first, Iterator last);
  /** Takes letters out. */
  basic_string& erase(size_type from = 0, size_type count = npos);
  iterator erase(const_iterator at);
  iterator erase(const_iterator first, const_iterator last);
  /** Puts a text in the place of another. */
  basic_string& replace(size_type from, size_type count, const basic_string& text);
  basic_string& replace(size_type from, size_type count, const Letter* text);
  basic_string& replace(const_iterator first, const_iterator last, const basic_string& text);
  size_type copy(Letter* to, size_type count, size_type from = 0) const;
  void swap(basic_string& other) noexcept;
  /** The text with a zero behind it, for C. */
  const Letter* c_str() const noexcept;
  /** The letters in memory. */
  const Letter* data() const noexcept;
  Letter* data() noexcept;
  /** Where a text stands; npos if it does not. */
  size_type find(const basic_string& text, size_type from = 0) const noexcept;
  size_type find(const Letter* text, size_type from = 0) const;
  size_type find(Letter letter, size_type from = 0) const noexcept;
  /** Where a text stands for the last time. */
  size_type rfind(const basic_string& text, size_type from = npos) const noexcept;
  size_type rfind(const Letter* text, size_type from = npos) const;
  size_type rfind(Letter letter, size_type from = npos) const noexcept;
  /** Where one of some letters stands. */
  size_type find_first_of(const basic_string& text, size_type from = 0) const noexcept;
  size_type find_first_of(const Letter* text, size_type from = 0) const;
  size_type find_first_of(Letter letter, size_type from = 0) const noexcept;
  /** Where one of some letters stands for the last time. */
  size_type find_last_of(const basic_string& text, size_type from = npos) const noexcept;
  size_type find_last_of(const Letter* text, size_type from = npos) const;
  size_type find_last_of(Letter letter, size_type from = npos) const noexcept;
  /** Where another letter stands than these. */
  size_type find_first_not_of(const basic_string& text, size_type from = 0) const noexcept;
  size_type find_first_not_of(const Letter* text, size_type from = 0) const;
  size_type find_first_not_of(Letter letter, size_type from = 0) const noexcept;
  /** Where another letter stands for the last time. */
  size_type find_last_not_of(const basic_string& text, size_type from = npos) const noexcept;
  size_type find_last_not_of(const Letter* text, size_type from = npos) const;
  size_type find_last_not_of(Letter letter, size_type from = npos) const noexcept;
  /** A part of the text. */
  basic_string substr(size_type from = 0, size_type count = npos) const;
  /** Less than 0 if it comes before, 0 if it is the same. */
  int compare(const basic_string& other) const noexcept;
  int compare(size_type from, size_type count, const basic_string& other) const;
  int compare(const Letter* text) const;
  int compare(size_type from, size_type count, const Letter* text) const;
};
using wstring = basic_string<wchar_t>;
using u16string = basic_string<char16_t>;
using u32string = basic_string<char32_t>;
/** Reads a line. */
istream& getline(istream& from, string& line);
istream& getline(istream& from, string& line, char end);
ostream& operator<<(ostream& to, const string& text);
istream& operator>>(istream& from, string& text);
string to_string(int value);
string to_string(long value);
string to_string(long long value);
string to_string(unsigned value);
string to_string(unsigned long value);
string to_string(unsigned long long value);
string to_string(float value);
string to_string(double value);

/** The number that a text begins with. */
int stoi(const string& text, size_t* end = nullptr, int base = 10);
long stol(const string& text, size_t* end = nullptr, int base = 10);
long long stoll(const string& text, size_t* end = nullptr, int base = 10);
unsigned long stoul(const string& text, size_t* end = nullptr, int base = 10);
unsigned long long stoull(const string& text, size_t* end = nullptr, int base = 10);
float stof(const string& text, size_t* end = nullptr);
double stod(const string& text, size_t* end = nullptr);
wstring to_wstring(int value);
}  // namespace std
