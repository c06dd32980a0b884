#pragma once
#include <istream>
#include <ostream>
#include <string>
namespace std {
/** What the program is given. */
extern istream cin;
/** What the program says. */
extern ostream cout;
/** What the program says of errors. */
extern ostream cerr;
extern ostream clog;
extern wostream wcout;
extern wostream wcerr;
extern wistream wcin;
}  // namespace std
