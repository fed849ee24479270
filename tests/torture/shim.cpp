// Preloaded into a program under test: kills it, or lets it fail, at its n-th call that changes something on
// the disk below a folder.
//   SHIM_DIR    the folder        SHIM_LOG   file that gets the number of such calls when the program ends
//   SHIM_KILL=n    die in the n-th call, half of a write done
//   shim_room(n), by the program itself: so many bytes more fit below the folder, and a write beyond fails as on a full disk
//   SHIM_FAIL=n    the n-th call fails with SHIM_ERRNO       SHIM_FAIL_FROM=n    so do all after it
#include <dlfcn.h>
#include <fcntl.h>
#include <signal.h>
#include <stdarg.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <cerrno>

namespace {

std::atomic<long> g_calls{0};
std::atomic<long> g_room{-1};  // bytes; -1: as the disk has it

long number(const char* name) {
  const char* text = getenv(name);
  return text ? atol(text) : -1;
}

const char* folder() {
  static const char* const name = getenv("SHIM_DIR");
  return name;
}

bool watched(const char* path) {
  if (!folder() || !path) return false;
  char real[4096];
  if (path[0] != '/') {
    if (!getcwd(real, sizeof real)) return false;
    return strncmp(real, folder(), strlen(folder())) == 0;
  }
  return strncmp(path, folder(), strlen(folder())) == 0;
}

bool watched(int fd) {
  char link[64], path[4096];
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  const ssize_t n = readlink(link, path, sizeof path - 1);
  if (n <= 0) return false;
  path[n] = 0;
  return watched(path);
}

/// @return true where the call must fail (errno is set); does not return where the program is to die
template <class Partly>
bool hit(Partly partly) {
  static const long kill_at = number("SHIM_KILL"), fail_at = number("SHIM_FAIL"),
                    fail_from = number("SHIM_FAIL_FROM");
  static const int error = static_cast<int>(number("SHIM_ERRNO"));
  const long n = ++g_calls;
  if (n == kill_at) {
    partly();
    kill(getpid(), SIGKILL);
  }
  if (n != fail_at && (fail_from < 0 || n < fail_from)) return false;
  errno = error;
  return true;
}
bool hit() {
  return hit([] {});
}

/// How much of a write fits; ENOSPC is set where nothing does.
size_t fitting(size_t size) {
  if (g_room < 0) return size;
  const size_t fits = std::min(size, static_cast<size_t>(g_room.load()));
  g_room -= static_cast<long>(fits);
  if (fits == 0 && size > 0) errno = ENOSPC;
  return fits;
}

template <class Function>
Function* real(const char* name) {
  return reinterpret_cast<Function*>(dlsym(RTLD_NEXT, name));
}

struct AtExit {
  ~AtExit() {
    const char* log = getenv("SHIM_LOG");
    if (!log) return;
    if (FILE* out = fopen(log, "w")) {
      fprintf(out, "%ld\n", g_calls.load());
      fclose(out);
    }
  }
} g_at_exit;

}  // namespace

#define FORWARD(name, ...) real<decltype(name)>(#name)(__VA_ARGS__)

extern "C" {

void shim_room(long bytes) { g_room = bytes; }

ssize_t write(int fd, const void* bytes, size_t size) {
  if (fd > 2 && watched(fd) && hit([&] { FORWARD(write, fd, bytes, size / 2); })) return -1;
  if (fd > 2 && watched(fd)) {
    const size_t fits = fitting(size);
    return fits == 0 && size > 0 ? -1 : FORWARD(write, fd, bytes, fits);
  }
  return FORWARD(write, fd, bytes, size);
}
ssize_t pwrite(int fd, const void* bytes, size_t size, off_t at) {
  if (watched(fd) && hit([&] { FORWARD(pwrite, fd, bytes, size / 2, at); })) return -1;
  if (watched(fd)) {
    const size_t fits = fitting(size);
    return fits == 0 && size > 0 ? -1 : FORWARD(pwrite, fd, bytes, fits, at);
  }
  return FORWARD(pwrite, fd, bytes, size, at);
}
ssize_t pwrite64(int fd, const void* bytes, size_t size, off64_t at) {
  if (watched(fd) && hit([&] { FORWARD(pwrite64, fd, bytes, size / 2, at); })) return -1;
  if (watched(fd)) {
    const size_t fits = fitting(size);
    return fits == 0 && size > 0 ? -1 : FORWARD(pwrite64, fd, bytes, fits, at);
  }
  return FORWARD(pwrite64, fd, bytes, size, at);
}
int ftruncate(int fd, off_t size) noexcept {
  return watched(fd) && hit() ? -1 : FORWARD(ftruncate, fd, size);
}
int ftruncate64(int fd, off64_t size) noexcept {
  return watched(fd) && hit() ? -1 : FORWARD(ftruncate64, fd, size);
}
int fsync(int fd) {
  return watched(fd) && hit() ? -1 : FORWARD(fsync, fd);
}
int fdatasync(int fd) {
  return watched(fd) && hit() ? -1 : FORWARD(fdatasync, fd);
}
int unlink(const char* path) noexcept {
  return watched(path) && hit() ? -1 : FORWARD(unlink, path);
}
int rmdir(const char* path) noexcept {
  return watched(path) && hit() ? -1 : FORWARD(rmdir, path);
}
int mkdir(const char* path, mode_t mode) noexcept {
  return watched(path) && hit() ? -1 : FORWARD(mkdir, path, mode);
}
char* mkdtemp(char* path) noexcept {
  return watched(path) && hit() ? nullptr : FORWARD(mkdtemp, path);
}
int rename(const char* from, const char* to) noexcept {
  return watched(to) && hit() ? -1 : FORWARD(rename, from, to);
}
int renameat2(int from_dir, const char* from, int to_dir, const char* to, unsigned flags) noexcept {
  return watched(to) && hit() ? -1 : FORWARD(renameat2, from_dir, from, to_dir, to, flags);
}
int open(const char* path, int flags, ...) {
  va_list more;
  va_start(more, flags);
  const mode_t mode = static_cast<mode_t>(va_arg(more, int));
  va_end(more);
  return (flags & O_CREAT) && watched(path) && access(path, F_OK) != 0 && hit()
             ? -1
             : FORWARD(open, path, flags, mode);
}
int open64(const char* path, int flags, ...) {
  va_list more;
  va_start(more, flags);
  const mode_t mode = static_cast<mode_t>(va_arg(more, int));
  va_end(more);
  return (flags & O_CREAT) && watched(path) && access(path, F_OK) != 0 && hit()
             ? -1
             : FORWARD(open64, path, flags, mode);
}
}
