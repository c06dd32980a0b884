#pragma once
#include <string>
#include <vector>
namespace std {
class regex_error {};
namespace regex_constants {
enum syntax_option_type { icase = 1, nosubs = 2, optimize = 4, ECMAScript = 8, basic = 16, extended = 32 };
enum match_flag_type { match_default = 0, match_continuous = 1, format_default = 2 };
}  // namespace regex_constants
/** A pattern of a text. */
class regex {
 public:
  static constexpr int icase = 1, optimize = 4, ECMAScript = 8;
  regex();
  explicit regex(const char* pattern);
  explicit regex(const string& pattern);
  regex(const string& pattern, int flags);
};
class sub_match {
 public:
  bool matched;
  string str() const;
  size_t length() const;
  operator string() const;
};
class smatch {
 public:
  bool ready() const;
  bool empty() const;
  size_t size() const;
  size_t position(size_t group = 0) const;
  string str(size_t group = 0) const;
  const sub_match& operator[](size_t group) const;
  const sub_match& prefix() const;
  const sub_match& suffix() const;
};
class cmatch : public smatch {};
class sregex_iterator {
 public:
  sregex_iterator();
  sregex_iterator(const char* first, const char* last, const regex& pattern);
  const smatch& operator*() const;
  const smatch* operator->() const;
};
class sregex_token_iterator {};
/** Does the whole text match? */
bool regex_match(const string& text, const regex& pattern);
bool regex_match(const string& text, smatch& found, const regex& pattern);
/** Does a part of the text match? */
bool regex_search(const string& text, const regex& pattern);
bool regex_search(const string& text, smatch& found, const regex& pattern);
string regex_replace(const string& text, const regex& pattern, const string& by);
}  // namespace std
