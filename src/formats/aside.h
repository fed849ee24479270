#pragma once
#include <filesystem>

#include "core/finding/error.h"

namespace distanz::formats {

/// A place beside a target where a file or folder is built, out of sight, until it is whole. Then publish()
/// gives it its name in one step: whoever looks sees the old, the new, or nothing. A program killed meanwhile
/// leaves only a hidden folder, which no one takes for the target and which the next one to build or write
/// there sweeps away.
class Aside {
 public:
  /// @param target in a folder that exists; where it is a link to a file, that file @throws InputError where that cannot be written to
  explicit Aside(const std::filesystem::path& target);
  Aside(const Aside&) = delete;
  Aside& operator=(const Aside&) = delete;
  /// Whatever was not published goes.
  ~Aside();

  /// Where to build; nothing is there yet. Other files may be made beside it.
  std::filesystem::path place() const { return m_folder / "it"; }

  enum class Existing { Keep, Replace };
  /// Syncs what was built, gives it the permissions of the file that it replaces (every file of a folder), renames it to the target and syncs the target's folder.
  /// @param existing Keep: @throws InputError where the target is there already; an empty folder does not
  /// count
  void publish(Existing existing) { publishAs(m_target, existing); }
  /// The same under another name in the same folder.
  void publishAs(const std::filesystem::path& target, Existing existing);

  /// Removes what killed programs left in a folder. Never throws.
  static void sweep(const std::filesystem::path& folder);

 private:
  std::filesystem::path m_target, m_folder;
  int m_lock = -1;
};

/// The folder a path lies in; the working folder for a bare name.
std::filesystem::path folderOf(const std::filesystem::path& path);

/// Forces a file's bytes, or a folder's entries, to the disk. @throws InputError with the reason
void sync(const std::filesystem::path& path);

/// Forces to the disk that a file has just come, gone or been renamed. Tried twice: the change itself is made
/// already.
/// @throws Unconfirmed where the disk will not say so
struct Unconfirmed : InputError {
  using InputError::InputError;
};
void syncEntry(const std::filesystem::path& path);

}  // namespace distanz::formats
