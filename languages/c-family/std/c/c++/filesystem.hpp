#pragma once
#include <string>
#include <system_error>
#include <chrono>
#include <cstdint>
namespace std {
namespace filesystem {
/** A path of a file. */
class path {
 public:
  using value_type = char;
  using string_type = std::string;
  path() noexcept;
  path(const path& other);
  path(path&& other) noexcept;
  template <class Source> path(const Source& text);
  path& operator=(const path& other);
  template <class Source> path& operator/=(const Source& part);
  template <class Source> path& operator+=(const Source& text);
  template <class Source> path& append(const Source& part);
  void clear() noexcept;
  path& make_preferred();
  path& remove_filename();
  path& replace_filename(const path& name);
  path& replace_extension(const path& extension = path());
  const char* c_str() const noexcept;
  const std::string& native() const noexcept;
  std::string string() const;
  std::string u8string() const;
  std::string generic_string() const;
  int compare(const path& other) const noexcept;
  path root_path() const;
  path relative_path() const;
  path parent_path() const;
  path filename() const;
  path stem() const;
  path extension() const;
  bool empty() const noexcept;
  bool has_extension() const;
  bool has_filename() const;
  bool has_parent_path() const;
  bool is_absolute() const;
  bool is_relative() const;
  path lexically_normal() const;
  path lexically_relative(const path& base) const;
};
path operator/(const path& a, const path& b);
enum class file_type { none, not_found, regular, directory, symlink, block, character, fifo, socket, unknown };
enum class perms : unsigned { none = 0, owner_all = 0700, all = 0777 };
enum class copy_options { none = 0, skip_existing = 1, overwrite_existing = 2, update_existing = 4, recursive = 8 };
using file_time_type = chrono::system_clock::time_point;
class filesystem_error : public system_error { public: const path& path1() const noexcept; };
class file_status { public: file_type type() const noexcept; perms permissions() const noexcept; };
class directory_entry {
 public:
  const filesystem::path& path() const noexcept;
  bool exists() const;
  bool is_directory() const;
  bool is_regular_file() const;
  bool is_symlink() const;
  uintmax_t file_size() const;
  file_time_type last_write_time() const;
};
/** What stands in a folder. */
class directory_iterator {
 public:
  directory_iterator() noexcept;
  explicit directory_iterator(const path& folder);
  directory_iterator(const path& folder, error_code& error);
  const directory_entry& operator*() const;
  const directory_entry* operator->() const;
};
class recursive_directory_iterator : public directory_iterator { public: using directory_iterator::directory_iterator; };
/** Is there something at a path? */
bool exists(const path& at);
bool exists(const path& at, error_code& error) noexcept;
bool is_directory(const path& at);
bool is_regular_file(const path& at);
bool is_symlink(const path& at);
bool is_empty(const path& at);
bool create_directory(const path& at);
bool create_directories(const path& at);
bool create_directories(const path& at, error_code& error);
bool remove(const path& at);
bool remove(const path& at, error_code& error) noexcept;
uintmax_t remove_all(const path& at);
void rename(const path& from, const path& to);
void copy(const path& from, const path& to);
bool copy_file(const path& from, const path& to);
path current_path();
path temp_directory_path();
path absolute(const path& of);
path canonical(const path& of);
path weakly_canonical(const path& of);
path relative(const path& of, const path& base = current_path());
uintmax_t file_size(const path& at);
file_time_type last_write_time(const path& at);
file_status status(const path& at);
bool equivalent(const path& a, const path& b);
void permissions(const path& at, perms to);
}  // namespace filesystem
}  // namespace std
