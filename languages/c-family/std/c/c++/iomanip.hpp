#pragma once
#include <ios>
namespace std {
struct manipulator {};
manipulator setw(int letters);
manipulator setprecision(int digits);
manipulator setbase(int base);
manipulator setiosflags(ios_base::fmtflags flags);
manipulator resetiosflags(ios_base::fmtflags flags);
template <class Letter> manipulator setfill(Letter letter);
template <class T> manipulator quoted(const T& text);
template <class T> manipulator put_time(const T* time, const char* format);
template <class T> manipulator get_time(T* time, const char* format);
ostream& operator<<(ostream& to, manipulator how);
istream& operator>>(istream& from, manipulator how);
}  // namespace std
