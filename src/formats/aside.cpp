#include "formats/aside.h"

#include <dirent.h>
#include <fcntl.h>
#include <fmt/format.h>
#include <signal.h>
#include <stdlib.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <charconv>
#include <cstring>

#include "core/finding/error.h"
#include "formats/files.h"

namespace distanz::formats {

namespace fs = std::filesystem;

namespace {

constexpr std::string_view kPrefix = ".distanz-part-";

/// The process that made a folder of ours; 0 where the name is not one of ours.
long makerOf(std::string_view name) {
  if (!name.starts_with(kPrefix)) return 0;
  name.remove_prefix(kPrefix.size());
  long pid = 0;
  const auto [end, status] = std::from_chars(name.data(), name.data() + name.size(), pid);
  return status == std::errc() && end != name.data() + name.size() && *end == '-' && pid > 0 ? pid : 0;
}

bool alive(long pid) {
  return ::kill(static_cast<pid_t>(pid), 0) == 0 || errno != ESRCH;
}

/// Left by a program that is gone: its maker does not run here, and nobody (on another machine, say) holds
/// the lock.
bool abandoned(const fs::path& folder) {
  if (alive(makerOf(folder.filename().string()))) return false;
  const int fd = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC | O_NOFOLLOW);
  if (fd < 0) return false;
  const bool free = ::flock(fd, LOCK_EX | LOCK_NB) == 0;
  ::close(fd);
  return free;
}

void syncAll(const fs::path& built) {
  std::error_code error;
  if (fs::is_directory(built, error))
    for (const auto& entry : fs::recursive_directory_iterator(built, error)) sync(entry.path());
  sync(built);
}

/// @return 0, or errno
int renameTo(const fs::path& from, const fs::path& to, bool replace) {
  if (!replace) {
    if (::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0) return 0;
    if (errno != EINVAL && errno != ENOSYS && errno != ENOTSUP) return errno;
    struct stat about {};
    if (::lstat(to.c_str(), &about) == 0)
      return EEXIST;  // a file system without the flag: as good as it gets
  }
  return ::rename(from.c_str(), to.c_str()) == 0 ? 0 : errno;
}

/// A file that a link leads to is written where it lies, and the link stays.
fs::path meant(const fs::path& target) {
  std::error_code ignored;
  if (!fs::is_symlink(target, ignored)) return target;
  const fs::path there = fs::weakly_canonical(target, ignored);
  return ignored || there.empty() ? target : there;
}

/// Who could read the old one can read the new one, and nobody else.
void keepMode(const fs::path& made, const fs::path& old) {
  struct stat was {};
  if (::lstat(old.c_str(), &was) == 0 && S_ISREG(was.st_mode) && fs::is_regular_file(made)) ::chmod(made.c_str(), was.st_mode & 0777);
}

}  // namespace

fs::path folderOf(const fs::path& path) {
  const fs::path folder = path.parent_path();
  return folder.empty() ? fs::path(".") : folder;
}

void sync(const fs::path& path) {
  const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
  if (fd < 0) refuseFile(path, FileAct::Write, errno);
  const int error = ::fsync(fd) == 0 ? 0 : errno;
  ::close(fd);
  if (error != 0 && error != EINVAL && error != ENOTSUP)
    refuseFile(path, FileAct::Write, error);  // some file systems have no sync
}

void syncEntry(const fs::path& path) {
  try {
    sync(folderOf(path));
  } catch (const InputError&) {
    try {
      sync(folderOf(path));
    } catch (const InputError&) {
      throw Unconfirmed(inFile(path, finding("disk-does-not-confirm")));
    }
  }
}

Aside::Aside(const fs::path& target) : m_target(meant(target)) {
  const fs::path folder = folderOf(m_target);
  sweep(folder);
  std::string name = (folder / fmt::format("{}{}-XXXXXX", kPrefix, ::getpid())).string();
  if (!::mkdtemp(name.data())) refuseFile(target, FileAct::Write, errno);
  m_folder = name;
  m_lock = ::open(m_folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
  if (m_lock >= 0) ::flock(m_lock, LOCK_EX | LOCK_NB);
}

Aside::~Aside() {
  std::error_code ignored;
  fs::remove_all(m_folder, ignored);
  if (m_lock >= 0) ::close(m_lock);
}

void Aside::publishAs(const fs::path& target, Existing existing) {
  if (existing == Existing::Replace) keepMode(place(), target);
  syncAll(place());
  std::error_code ignored;
  if (fs::is_directory(place(), ignored) && fs::is_empty(target, ignored) && !fs::is_symlink(target, ignored))
    ::rmdir(target.c_str());  // an empty folder stands for a new one
  if (const int error = renameTo(place(), target, existing == Existing::Replace);
      error == EEXIST || error == ENOTEMPTY)
    throw InputError(inFile(target, finding("exists-already")));
  else if (error != 0)
    refuseFile(target, FileAct::Write, error);
  syncEntry(target);
}

void Aside::sweep(const fs::path& folder) {
  std::error_code error;
  DIR* entries = ::opendir(folder.c_str());
  if (!entries) return;
  while (const dirent* entry = ::readdir(entries))
    if (makerOf(entry->d_name) > 0 && abandoned(folder / entry->d_name))
      fs::remove_all(folder / entry->d_name, error);
  ::closedir(entries);
}

}  // namespace distanz::formats
