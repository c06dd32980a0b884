#pragma once
#include <cstddef>
namespace std {
class ios_base;
class ios;
class streambuf;
class istream;
class ostream;
class iostream;
class ifstream;
class ofstream;
class fstream;
class istringstream;
class ostringstream;
class stringstream;
using streamoff = long;
using streampos = long;
using streamsize = long;
template <class Letter, class Traits> class basic_istream;
template <class Letter, class Traits> class basic_ostream;
}  // namespace std
