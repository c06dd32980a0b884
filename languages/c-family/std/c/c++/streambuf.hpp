#pragma once
#include <iosfwd>
namespace std {
class streambuf {
 public:
  virtual ~streambuf();
  int sgetc();
  int sbumpc();
  int sputc(char letter);
  streamsize sgetn(char* to, streamsize count);
  streamsize sputn(const char* from, streamsize count);
  int pubsync();
 protected:
  virtual int overflow(int letter);
  virtual int underflow();
  virtual int sync();
  virtual streamsize xsputn(const char* from, streamsize count);
  virtual streamsize xsgetn(char* to, streamsize count);
  char* pbase() const;
  char* pptr() const;
  char* epptr() const;
  void setp(char* from, char* to);
  void pbump(int count);
  char* eback() const;
  char* gptr() const;
  char* egptr() const;
  void setg(char* from, char* at, char* to);
};
template <class Letter, class Traits> class basic_streambuf;
}  // namespace std
