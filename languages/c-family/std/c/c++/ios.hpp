#pragma once
#include <iosfwd>
#include <system_error>
#include <locale>
namespace std {
class ios_base {
 public:
  using fmtflags = int;
  using iostate = int;
  using openmode = int;
  enum seekdir { beg, cur, end };
  static constexpr fmtflags dec = 1, hex = 2, oct = 4, fixed = 8, scientific = 16, left = 32, right = 64, boolalpha = 128, showbase = 256, uppercase = 512, skipws = 1024, basefield = 7, floatfield = 24, adjustfield = 96;
  static constexpr iostate goodbit = 0, badbit = 1, eofbit = 2, failbit = 4;
  static constexpr openmode app = 1, ate = 2, binary = 4, in = 8, out = 16, trunc = 32;
  class failure : public system_error {};
  fmtflags flags() const;
  fmtflags flags(fmtflags flags);
  fmtflags setf(fmtflags flags);
  void unsetf(fmtflags flags);
  streamsize precision() const;
  streamsize precision(streamsize digits);
  streamsize width() const;
  streamsize width(streamsize letters);
  static bool sync_with_stdio(bool sync = true);
  locale imbue(const locale& to);
  locale getloc() const;
};
class ios : public ios_base {
 public:
  explicit operator bool() const;
  bool operator!() const;
  /** Is nothing wrong? */
  bool good() const;
  /** Is the end reached? */
  bool eof() const;
  /** Did something go wrong? */
  bool fail() const;
  bool bad() const;
  iostate rdstate() const;
  void clear(iostate state = goodbit);
  void setstate(iostate state);
  void exceptions(iostate state);
  char fill() const;
  char fill(char letter);
  streambuf* rdbuf() const;
  streambuf* rdbuf(streambuf* buffer);
  ostream* tie(ostream* to);
};
ios_base& boolalpha(ios_base& stream);
ios_base& noboolalpha(ios_base& stream);
ios_base& showbase(ios_base& stream);
ios_base& noshowbase(ios_base& stream);
ios_base& skipws(ios_base& stream);
ios_base& noskipws(ios_base& stream);
ios_base& uppercase(ios_base& stream);
ios_base& dec(ios_base& stream);
ios_base& hex(ios_base& stream);
ios_base& oct(ios_base& stream);
ios_base& fixed(ios_base& stream);
ios_base& scientific(ios_base& stream);
ios_base& defaultfloat(ios_base& stream);
ios_base& left(ios_base& stream);
ios_base& right(ios_base& stream);
ios_base& internal(ios_base& stream);
}  // namespace std
