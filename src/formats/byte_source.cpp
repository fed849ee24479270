#include "formats/byte_source.h"

#include <fstream>
#include <system_error>

#include "core/finding/error.h"
#include "formats/files.h"

namespace distanz::formats {
namespace {

class FileSource : public ByteSource {
 public:
  FileSource(std::filesystem::path path, std::size_t size) : m_path(std::move(path)), m_size(size), m_in(m_path, std::ios::binary) {
    if (!m_in) refuseFile(m_path, FileAct::Read, errno);
  }
  std::size_t size() const override { return m_size; }
  std::string next(std::size_t most) override {
    std::string out(std::min(most, m_size - m_read), '\0');
    m_in.read(out.data(), static_cast<std::streamsize>(out.size()));
    if (static_cast<std::size_t>(m_in.gcount()) != out.size()) throw InputError(inFile(m_path, finding("changed-while-read")));
    m_read += out.size();
    return out;
  }

 private:
  std::filesystem::path m_path;
  std::size_t m_size, m_read = 0;
  std::ifstream m_in;
};

}  // namespace

OpenBytes largeFile(const std::filesystem::path& path) {
  std::error_code error;
  if (!std::filesystem::is_regular_file(path, error)) return {};
  const std::uintmax_t size = std::filesystem::file_size(path, error);
  if (error || size <= kLargestFile) return {};
  if (size > kLargestLog) throw InputError(inFile(path, finding("file-too-large", {{"most", static_cast<std::size_t>(kLargestLog / 1'000'000)}})));
  return [path, size] { return std::make_unique<FileSource>(path, static_cast<std::size_t>(size)); };
}

void writeNewFile(const std::filesystem::path& path, ByteSource& source) {
  constexpr std::size_t kBlock = 16 << 20;
  std::ofstream out(path, std::ios::binary);
  for (std::string block; out && !(block = source.next(kBlock)).empty();) out.write(block.data(), static_cast<std::streamsize>(block.size()));
  out.close();
  if (!out) refuseFile(path, FileAct::Write, errno);
}

}  // namespace distanz::formats
