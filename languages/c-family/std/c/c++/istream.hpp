#pragma once
#include <ios>
#include <ostream>
#include <streambuf>
namespace std {
/** A stream to read from. */
class istream : public virtual ios {
 public:
  explicit istream(streambuf* buffer);
  istream& operator>>(bool& value);
  istream& operator>>(short& value);
  istream& operator>>(int& value);
  istream& operator>>(long& value);
  istream& operator>>(long long& value);
  istream& operator>>(unsigned& value);
  istream& operator>>(unsigned long& value);
  istream& operator>>(unsigned long long& value);
  istream& operator>>(float& value);
  istream& operator>>(double& value);
  istream& operator>>(long double& value);

  streamsize gcount() const;
  int get();
  istream& get(char& letter);
  istream& get(char* to, streamsize count);
  istream& getline(char* to, streamsize count);
  istream& getline(char* to, streamsize count, char end);
  istream& ignore(streamsize count = 1, int end = -1);
  int peek();
  istream& read(char* to, streamsize count);
  streamsize readsome(char* to, streamsize count);
  istream& putback(char letter);
  istream& unget();
  streampos tellg();
  istream& seekg(streampos to);
  istream& seekg(streamoff by, ios_base::seekdir from);
};
istream& operator>>(istream& from, char& letter);
istream& operator>>(istream& from, char* text);
istream& ws(istream& from);
class iostream : public istream, public ostream {
 public:
  explicit iostream(streambuf* buffer);
};
class wistream;
}  // namespace std
