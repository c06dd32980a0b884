#pragma once
#include <istream>
#include <ostream>
#include <string>
namespace std {
/** A stream over a text. */
class istringstream : public istream {
 public:
  istringstream();
  explicit istringstream(const string& text);
  istringstream(const string& text, ios_base::openmode mode);
  explicit istringstream(ios_base::openmode mode);
  /** The text. */
  string str() const;
  void str(const string& text);
  void swap(istringstream& other);
};

/** A stream over a text. */
class ostringstream : public ostream {
 public:
  ostringstream();
  explicit ostringstream(const string& text);
  ostringstream(const string& text, ios_base::openmode mode);
  explicit ostringstream(ios_base::openmode mode);
  /** The text. */
  string str() const;
  void str(const string& text);
  void swap(ostringstream& other);
};

/** A stream over a text. */
class stringstream : public iostream {
 public:
  stringstream();
  explicit stringstream(const string& text);
  stringstream(const string& text, ios_base::openmode mode);
  explicit stringstream(ios_base::openmode mode);
  /** The text. */
  string str() const;
  void str(const string& text);
  void swap(stringstream& other);
};
class stringbuf : public streambuf {
 public:
  string str() const;
  void str(const string& text);
};
class wstringstream;
class wostringstream;
}  // namespace std
