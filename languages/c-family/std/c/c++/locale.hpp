#pragma once
#include <iosfwd>
namespace std {
class locale {
 public:
  class facet {};
  class id {};
  locale() noexcept;
  explicit locale(const char* name);
  static const locale& classic();
  static locale global(const locale& to);
};
template <class Facet> const Facet& use_facet(const locale& of);
template <class Facet> bool has_facet(const locale& of) noexcept;
}  // namespace std
