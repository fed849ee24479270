#include "formats/files.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <openssl/evp.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <memory>
#include <utility>

#include "core/finding/error.h"
#include "core/text/text.h"
#include "formats/aside.h"

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

struct OpenFile {
  Descriptor file;
  std::uintmax_t size;
};

OpenFile openFile(const std::filesystem::path& path) {
  OpenFile out{Descriptor(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK)), 0};
  if (out.file.fd < 0) refuseFile(path, FileAct::Read, errno);
  struct stat about {};
  if (::fstat(out.file.fd, &about) != 0) refuseFile(path, FileAct::Read, errno);
  if (!S_ISREG(about.st_mode)) throw InputError(inFile(path, finding("not-a-file")));
  out.size = static_cast<std::uintmax_t>(about.st_size);
  return out;
}

std::string readBytes(const std::filesystem::path& path, const Descriptor& file, std::size_t size) {
  std::string bytes(size, '\0');
  std::size_t done = 0;
  while (done < bytes.size()) {
    const ssize_t n = ::read(file.fd, bytes.data() + done, bytes.size() - done);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) refuseFile(path, FileAct::Read, errno);
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
    throw InputError(inFile(path, finding("file-too-large", {{"most", kLargestFile / 1'000'000}})));
  return readBytes(path, open.file, static_cast<std::size_t>(open.size));
}

int openToRead(const std::filesystem::path& path) {
  OpenFile open = openFile(path);
  return std::exchange(open.file.fd, -1);
}

std::string readFileHead(const std::filesystem::path& path, std::size_t most) {
  const OpenFile open = openFile(path);
  std::string bytes =
      readBytes(path, open.file, static_cast<std::size_t>(std::min<std::uintmax_t>(open.size, most)));
  if (open.size > most)
    if (const auto line_end = bytes.rfind('\n'); line_end != std::string::npos) bytes.resize(line_end + 1);
  return bytes;
}

void refuseFile(const std::filesystem::path& path, FileAct doing, int error) {
  const char* advice = error == ENOENT                                       ? "advice-still-there"
                       : error == ENOSPC || error == EDQUOT                  ? "advice-free-space"
                       : error == EACCES || error == EROFS || error == EPERM ? "advice-permissions"
                       : error == ENAMETOOLONG                               ? "advice-shorter-name"
                                                                             : "advice-disk";
  throw InputError(inFile(path, finding(doing == FileAct::Read ? "cannot-be-read" : "cannot-be-written",
                                        {{"reason", std::strerror(error)}, {"advice", Term{advice}}})));
}

namespace {

Descriptor newFile(const std::filesystem::path& path, const std::filesystem::path& meant) {
  Descriptor file{::open(path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0644)};
  if (file.fd < 0) refuseFile(meant, FileAct::Write, errno);
  return file;
}

void writeAll(const Descriptor& file, const std::filesystem::path& path, std::string_view bytes) {
  while (!bytes.empty()) {
    const ssize_t n = ::write(file.fd, bytes.data(), bytes.size());
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) refuseFile(path, FileAct::Write, errno);
    bytes.remove_prefix(static_cast<std::size_t>(n));
  }
}

class FileSource : public ByteSource {
 public:
  explicit FileSource(const std::filesystem::path& path) : m_path(path), m_open(openFile(path)) {}
  std::size_t size() const override { return static_cast<std::size_t>(m_open.size); }
  std::string next(std::size_t most) override {
    const std::size_t wanted = std::min(most, size() - m_read);
    std::string out = readBytes(m_path, m_open.file, wanted);
    if (out.size() != wanted) throw InputError(inFile(m_path, finding("changed-while-read")));
    m_read += wanted;
    return out;
  }

 private:
  std::filesystem::path m_path;
  OpenFile m_open;
  std::size_t m_read = 0;
};

}  // namespace

OpenBytes largeFile(const std::filesystem::path& path) {
  const std::uintmax_t size = openFile(path).size;
  if (size <= kLargestFile) return {};
  if (size > kLargestLog) throw InputError(inFile(path, finding("file-too-large", {{"most", kLargestLog / 1'000'000}})));
  return [path, size] {
    auto source = std::make_unique<FileSource>(path);
    if (source->size() != size) throw InputError(inFile(path, finding("changed-while-read")));  // it is opened more than once
    return source;
  };
}

void writeNewFile(const std::filesystem::path& path, std::string_view bytes, const std::filesystem::path& meant) {
  writeAll(newFile(path, meant), meant, bytes);
}

void writeNewFile(const std::filesystem::path& path, ByteSource& source, const std::filesystem::path& meant) {
  constexpr std::size_t kBlock = 16 << 20;
  const Descriptor file = newFile(path, meant);
  for (std::string block; !(block = source.next(kBlock)).empty();) writeAll(file, meant, block);
}

void writeFile(const std::filesystem::path& path, std::string_view bytes) {
  Aside aside(path);
  writeNewFile(aside.place(), bytes, path);
  aside.publish(Aside::Existing::Replace);
}

std::string safeFileName(std::string_view name) {
  constexpr std::size_t kLongest = 200, kLongestEnding = 20;
  if (const auto slash = name.find_last_of("/\\"); slash != std::string_view::npos)
    name.remove_prefix(slash + 1);
  std::string out;
  for (const char c : text::validUtf8(name)) {
    const auto u = static_cast<unsigned char>(c);
    out += u < 32 || u == 127 || std::strchr("<>:\"|?*", c) ? '_' : c;
  }
  if (out.empty() || out.find_first_not_of('.') == std::string::npos) return "log.csv";
  if (out.front() == '.') out.insert(0, 1, '_');  // not hidden, and no two names made one
  if (out.size() <= kLongest) return out;
  const auto dot = out.find_last_of('.');
  const std::string ending =
      dot != std::string::npos && out.size() - dot <= kLongestEnding ? out.substr(dot) : std::string();
  return std::string(text::utf8Prefix(out, kLongest - ending.size())) + ending;
}

struct Digest::Context {
  std::unique_ptr<EVP_MD_CTX, decltype(&EVP_MD_CTX_free)> context{EVP_MD_CTX_new(), EVP_MD_CTX_free};
};

namespace {

void requireDigest(int done) {
  if (done != 1) throw Error(finding("sha256-failed"));
}

}  // namespace

Digest::Digest() : m_context(std::make_unique<Context>()) {
  requireDigest(m_context->context && EVP_DigestInit_ex(m_context->context.get(), EVP_sha256(), nullptr));
}

Digest::~Digest() = default;

void Digest::add(std::string_view bytes) {
  requireDigest(EVP_DigestUpdate(m_context->context.get(), bytes.data(), bytes.size()));
}

std::string Digest::hex() {
  std::array<unsigned char, EVP_MAX_MD_SIZE> digest{};
  unsigned int size = 0;
  requireDigest(EVP_DigestFinal_ex(m_context->context.get(), digest.data(), &size));
  std::string out;
  for (unsigned int i = 0; i < size; ++i) out += fmt::format("{:02x}", digest[i]);
  return out;
}

std::string sha256(std::string_view bytes) {
  Digest digest;
  digest.add(bytes);
  return digest.hex();
}

std::string sha256OfFile(const std::filesystem::path& path) {
  const OpenFile open = openFile(path);
  Digest digest;
  for (std::string block; !(block = readBytes(path, open.file, 1 << 20)).empty();) digest.add(block);
  return digest.hex();
}

}  // namespace distanz::formats

namespace distanz {

Finding inFile(const std::filesystem::path& file, Finding fault) {
  return inFile(file.string(), std::move(fault));
}

}  // namespace distanz
