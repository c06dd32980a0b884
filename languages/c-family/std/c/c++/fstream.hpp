#pragma once
#include <istream>
#include <ostream>
#include <string>
namespace std {
/** A stream over a file. */
class ifstream : public istream {
 public:
  ifstream();
  explicit ifstream(const char* path, ios_base::openmode mode = ios_base::in);
  explicit ifstream(const string& path, ios_base::openmode mode = ios_base::in);
  bool is_open() const;
  void open(const char* path, ios_base::openmode mode = ios_base::in);
  void open(const string& path, ios_base::openmode mode = ios_base::in);
  void close();
  void swap(ifstream& other);
};

/** A stream over a file. */
class ofstream : public ostream {
 public:
  ofstream();
  explicit ofstream(const char* path, ios_base::openmode mode = ios_base::in);
  explicit ofstream(const string& path, ios_base::openmode mode = ios_base::in);
  bool is_open() const;
  void open(const char* path, ios_base::openmode mode = ios_base::in);
  void open(const string& path, ios_base::openmode mode = ios_base::in);
  void close();
  void swap(ofstream& other);
};

/** A stream over a file. */
class fstream : public iostream {
 public:
  fstream();
  explicit fstream(const char* path, ios_base::openmode mode = ios_base::in);
  explicit fstream(const string& path, ios_base::openmode mode = ios_base::in);
  bool is_open() const;
  void open(const char* path, ios_base::openmode mode = ios_base::in);
  void open(const string& path, ios_base::openmode mode = ios_base::in);
  void close();
  void swap(fstream& other);
};
class filebuf : public streambuf {};
}  // namespace std
