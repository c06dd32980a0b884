#pragma once
#include <ios>
#include <streambuf>
namespace std {
/** A stream to write to. */
class ostream : public virtual ios {
 public:
  explicit ostream(streambuf* buffer);
  ostream& operator<<(bool value);
  ostream& operator<<(short value);
  ostream& operator<<(int value);
  ostream& operator<<(long value);
  ostream& operator<<(long long value);
  ostream& operator<<(unsigned value);
  ostream& operator<<(unsigned long value);
  ostream& operator<<(unsigned long long value);
  ostream& operator<<(float value);
  ostream& operator<<(double value);
  ostream& operator<<(long double value);
  ostream& operator<<(const void* value);
  ostream& operator<<(streambuf* value);
  ostream& operator<<(ostream& (*value)(ostream&));
  ostream& operator<<(ios_base& (*value)(ios_base&));

  ostream& put(char letter);
  ostream& write(const char* text, streamsize count);
  ostream& flush();
  streampos tellp();
  ostream& seekp(streampos to);
};
ostream& operator<<(ostream& to, char letter);
ostream& operator<<(ostream& to, const char* text);
/** Ends the line and writes everything out. */
ostream& endl(ostream& to);
ostream& ends(ostream& to);
ostream& flush(ostream& to);
class wostream;
}  // namespace std
