#include "reader/ask.h"

#include <fcntl.h>
#include <poll.h>
#include <spawn.h>
#include <sys/mman.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cerrno>
#include <chrono>
#include <csignal>
#include <filesystem>

#include "reader/limits.h"
#include "reader/protocol.h"
#include "reader/wire.h"

namespace distanz::reader {
namespace {

namespace fs = std::filesystem;
using Clock = std::chrono::steady_clock;

constexpr int kLook_ms = 20;  ///< how often a stop is looked for
constexpr int kLooksForEnd = 50;

[[noreturn]] void refuseDamaged(const std::string& file) { throw InputError(finding("reader-died", {{"file", file}})); }
[[noreturn]] void refuseSlow(const std::string& file) { throw InputError(finding("reader-too-slow", {{"file", file}, {"seconds", kPatience_s}})); }
[[noreturn]] void refuseLarge(const std::string& file) {
  throw InputError(finding("reader-too-large", {{"file", file}, {"megabytes", kMemory_bytes / 1'000'000}}));
}

/// In lib/distanz beside the program's folder, in a build as where it is installed.
const std::string& program() {
  static const std::string place = [] {
    std::error_code ignored;
    const fs::path own = fs::read_symlink("/proc/self/exe", ignored);
    return (own.parent_path().parent_path() / "lib" / "distanz" / "distanz-reader").string();
  }();
  return place;
}

struct Descriptor {
  int number = -1;
  ~Descriptor() { close(); }
  void close() {
    if (number >= 0) ::close(number);
    number = -1;
  }
};

class Child {
 public:
  Child(int file, int channel) {
    posix_spawn_file_actions_t actions;
    posix_spawn_file_actions_init(&actions);
    posix_spawn_file_actions_adddup2(&actions, channel, STDOUT_FILENO);
    posix_spawn_file_actions_adddup2(&actions, file, STDIN_FILENO);
    posix_spawn_file_actions_addopen(&actions, STDERR_FILENO, "/dev/null", O_WRONLY, 0);
    posix_spawn_file_actions_addclosefrom_np(&actions, STDERR_FILENO + 1);
    posix_spawnattr_t attributes;
    posix_spawnattr_init(&attributes);
    sigset_t none, all;
    sigemptyset(&none);
    sigfillset(&all);
    posix_spawnattr_setsigmask(&attributes, &none);
    posix_spawnattr_setsigdefault(&attributes, &all);
    posix_spawnattr_setflags(&attributes, POSIX_SPAWN_SETSIGMASK | POSIX_SPAWN_SETSIGDEF);
    const char* arguments[] = {"distanz-reader", nullptr};
    const char* environment[] = {"LC_ALL=C", "GDAL_DRIVER_PATH=disable", "PROJ_NETWORK=OFF", nullptr};  // nothing of the pilot's
    if (posix_spawn(&m_process, program().c_str(), &actions, &attributes, const_cast<char**>(arguments), const_cast<char**>(environment)) != 0)
      m_process = -1;
    posix_spawnattr_destroy(&attributes);
    posix_spawn_file_actions_destroy(&actions);
    if (m_process < 0) throw InputError(finding("reader-missing"));
  }
  ~Child() { end(); }
  Child(const Child&) = delete;
  Child& operator=(const Child&) = delete;
  /// Its status, as waitpid() tells it, once it has ended; what has closed its end and lives on is killed.
  int ended() {
    int status = 0;
    for (int look = 0; look < kLooksForEnd; ++look) {
      const pid_t done = waitpid(m_process, &status, WNOHANG);
      if (done == 0) {
        poll(nullptr, 0, kLook_ms);
        continue;
      }
      if (done < 0 && errno == EINTR) continue;
      m_process = -1;
      return status;
    }
    end();
    return 0;
  }

 private:
  void end() {
    if (m_process < 0) return;
    kill(m_process, SIGKILL);
    while (waitpid(m_process, nullptr, 0) < 0 && errno == EINTR) {
    }
    m_process = -1;
  }

  pid_t m_process = -1;
};

/// What comes and goes over the socket, until `deadline` or a stop.
class Channel {
 public:
  Channel(int socket, const std::atomic<bool>* stop) : m_socket(socket), m_stop(stop) {}
  enum class End { Whole, Closed, Late };

  End send(std::string_view bytes) {
    while (!bytes.empty()) {
      if (const End e = ready(POLLOUT); e != End::Whole) return e;
      const ssize_t n = ::send(m_socket, bytes.data(), bytes.size(), MSG_NOSIGNAL | MSG_DONTWAIT);
      if (n > 0) bytes.remove_prefix(std::size_t(n));
      else if (errno != EAGAIN && errno != EINTR) return End::Closed;
    }
    return End::Whole;
  }
  End receive(char* to, std::size_t size) {
    while (size > 0) {
      if (const End e = ready(POLLIN); e != End::Whole) return e;
      const ssize_t n = recv(m_socket, to, size, MSG_DONTWAIT);
      if (n == 0) return End::Closed;
      if (n > 0) {
        to += n;
        size -= std::size_t(n);
      } else if (errno != EAGAIN && errno != EINTR) {
        return End::Closed;
      }
    }
    return End::Whole;
  }

 private:
  End ready(short what) {
    for (;;) {
      if (m_stop && *m_stop) throw Stopped();
      if (Clock::now() > m_deadline) return End::Late;
      pollfd wanted{m_socket, what, 0};
      if (poll(&wanted, 1, kLook_ms) > 0) return End::Whole;  // a closed end shows when read
    }
  }

  int m_socket;
  const std::atomic<bool>* m_stop;
  Clock::time_point m_deadline = Clock::now() + std::chrono::seconds(kPatience_s);
};

/// Why there is no whole answer. @param status of the child, as waitpid() tells it
[[noreturn]] void refuseFor(int status, const std::string& file) {
  if (WIFEXITED(status) && WEXITSTATUS(status) == kExitNoCage) throw InputError(finding("reader-no-cage"));
  if (WIFEXITED(status) && WEXITSTATUS(status) == kExitMemory) refuseLarge(file);
  if (WIFSIGNALED(status) && WTERMSIG(status) == SIGXCPU) refuseSlow(file);
  refuseDamaged(file);
}

template <class Read>
Read checked(const std::string& bytes, const std::string& file, Read (*parse)(std::string_view)) {
  try {
    return parse(bytes);
  } catch (const Garbled&) {
    refuseDamaged(file);
  }
}

}  // namespace

File::File(std::string_view bytes) {
  m_descriptor = memfd_create("distanz", MFD_CLOEXEC | MFD_ALLOW_SEALING);
  const auto refused = [] { throw InputError(finding("no-memory")); };
  if (m_descriptor < 0) refused();
  while (!bytes.empty()) {
    const ssize_t n = write(m_descriptor, bytes.data(), bytes.size());
    if (n < 0 && errno == EINTR) continue;
    if (n <= 0) {
      close(m_descriptor);
      refused();
    }
    bytes.remove_prefix(std::size_t(n));
  }
  fcntl(m_descriptor, F_ADD_SEALS, F_SEAL_WRITE | F_SEAL_GROW | F_SEAL_SHRINK | F_SEAL_SEAL);
}

File::~File() { ::close(m_descriptor); }

std::string ask(const Request& request, const File& file, const std::atomic<bool>* stop) {
  int ends[2];
  if (socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, ends) != 0) throw InputError(finding("no-memory"));
  Descriptor ours{ends[0]}, theirs{ends[1]};
  Child child(file.descriptor(), theirs.number);
  theirs.close();
  Channel channel(ours.number, stop);
  const auto whole = [&](Channel::End end) {
    if (end == Channel::End::Whole) return;
    if (end == Channel::End::Late) refuseSlow(request.name);
    refuseFor(child.ended(), request.name);
  };
  whole(channel.send(framed(kRequestMark, asBytes(request))));
  std::string head(kHeadSize, '\0');
  whole(channel.receive(head.data(), head.size()));
  std::string answer;
  try {
    answer.resize(lengthIn(head, kAnswerMark, kLongestAnswer) + kMarkSize);
  } catch (const Garbled&) {
    refuseDamaged(request.name);
  }
  whole(channel.receive(answer.data(), answer.size()));
  if (!answer.ends_with(kAnswerMark)) refuseDamaged(request.name);
  answer.resize(answer.size() - kMarkSize);
  return answer;
}

RasterRead readRaster(const Request& request, const File& file, const std::atomic<bool>* stop) {
  return checked(ask(request, file, stop), request.name, rasterOf);
}

VectorRead readVector(const Request& request, const File& file, const std::atomic<bool>* stop) {
  return checked(ask(request, file, stop), request.name, vectorOf);
}

PhotoRead readPhoto(const Request& request, const File& file, const std::atomic<bool>* stop) {
  return checked(ask(request, file, stop), request.name, photoOf);
}

std::string plainPhoto(std::string_view bytes, const std::string& name, const std::atomic<bool>* stop) {
  return ask({.kind = Request::Kind::PlainPhoto, .name = name, .most_px = kMostPixels}, File(bytes), stop);
}

std::string rasterAsGeoTiff(const RasterRead& raster, const std::atomic<bool>* stop) {
  return ask({.kind = Request::Kind::WriteRaster, .name = "written.tif"}, File(asBytes(raster)), stop);
}

}  // namespace distanz::reader
