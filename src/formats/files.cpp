#include "formats/files.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <openssl/evp.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <utility>

#include "core/quantity/error.h"

namespace distanz::formats {
namespace {

struct Descriptor {
  int fd;
  explicit Descriptor(int descriptor) : fd(descriptor) {}
  Descriptor(Descriptor&& other) noexcept : fd(std::exchange(other.fd, -1)) {}
  ~Descriptor() {
    if (fd >= 0) ::close(fd);
  }
};

[[noreturn]] void refuse(const std::filesystem::path& path, const char* doing, int error) {
  const char* advice = error == ENOENT                                       ? "check that it is still there"
                       : error == ENOSPC                                     ? "free some space and try again"
                       : error == EACCES || error == EROFS || error == EPERM ? "check the permissions, or choose another folder"
                                                                             : "check the disk, or choose another folder";
  throw InputError(fmt::format("{}: cannot be {}: {}; {}", path.string(), doing, std::strerror(error), advice));
}

}  // namespace

namespace {

struct OpenFile {
  Descriptor file;
  std::uintmax_t size;
};

OpenFile openFile(const std::filesystem::path& path) {
  OpenFile out{Descriptor(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK)), 0};
  if (out.file.fd < 0) refuse(path, "read", errno);
  struct stat about {};
  if (::fstat(out.file.fd, &about) != 0) refuse(path, "read", errno);
  if (!S_ISREG(about.st_mode)) throw InputError(path.string() + ": is not a file; choose a file");
  out.size = static_cast<std::uintmax_t>(about.st_size);
  return out;
}

std::string readBytes(const std::filesystem::path& path, const Descriptor& file, std::size_t size) {
  std::string bytes(size, '\0');
  std::size_t done = 0;
  while (done < bytes.size()) {
    const ssize_t n = ::read(file.fd, bytes.data() + done, bytes.size() - done);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) refuse(path, "read", errno);
    if (n == 0) break;
    done += static_cast<std::size_t>(n);
  }
  bytes.resize(done);
  return bytes;
}

}  // namespace

std::string readFile(const std::filesystem::path& path) {
  const OpenFile open = openFile(path);
  if (open.size > kLargestFile)
    throw InputError(fmt::format("{}: is larger than {} MB; cut it into single flights", path.string(), kLargestFile / 1'000'000));
  return readBytes(path, open.file, static_cast<std::size_t>(open.size));
}

std::string readFileHead(const std::filesystem::path& path, std::size_t most) {
  const OpenFile open = openFile(path);
  std::string bytes = readBytes(path, open.file, static_cast<std::size_t>(std::min<std::uintmax_t>(open.size, most)));
  if (open.size > most)
    if (const auto line_end = bytes.rfind('\n'); line_end != std::string::npos) bytes.resize(line_end + 1);
  return bytes;
}

void writeFile(const std::filesystem::path& path, std::string_view bytes) {
  std::filesystem::path part = path;
  part += ".part";
  {
    const Descriptor file{::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644)};
    if (file.fd < 0) refuse(path, "written", errno);
    std::size_t done = 0;
    while (done < bytes.size()) {
      const ssize_t n = ::write(file.fd, bytes.data() + done, bytes.size() - done);
      if (n < 0 && errno == EINTR) continue;
      if (n < 0) {
        const int error = errno;
        ::unlink(part.c_str());
        refuse(path, "written", error);
      }
      done += static_cast<std::size_t>(n);
    }
    if (::fsync(file.fd) != 0 && errno != EINVAL) {
      const int error = errno;
      ::unlink(part.c_str());
      refuse(path, "written", error);
    }
  }
  if (::rename(part.c_str(), path.c_str()) != 0) {
    const int error = errno;
    ::unlink(part.c_str());
    refuse(path, "written", error);
  }
}

std::string safeFileName(std::string_view name) {
  if (const auto slash = name.find_last_of("/\\"); slash != std::string_view::npos) name.remove_prefix(slash + 1);
  std::string out;
  for (const char c : name.substr(0, 120)) {
    const auto u = static_cast<unsigned char>(c);
    out += u < 32 || u == 127 || std::strchr("<>:\"|?*", c) ? '_' : c;
  }
  while (!out.empty() && out.front() == '.') out.erase(0, 1);
  return out.empty() ? "log.csv" : out;
}

std::string sha256(std::string_view bytes) {
  std::array<unsigned char, EVP_MAX_MD_SIZE> digest{};
  unsigned int size = 0;
  if (EVP_Digest(bytes.data(), bytes.size(), digest.data(), &size, EVP_sha256(), nullptr) != 1)
    throw Error("SHA-256 could not be computed");
  std::string out;
  for (unsigned int i = 0; i < size; ++i) out += fmt::format("{:02x}", digest[i]);
  return out;
}

}  // namespace distanz::formats
