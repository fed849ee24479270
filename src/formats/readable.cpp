#include "formats/readable.h"

#include <archive.h>
#include <archive_entry.h>
#include <fmt/format.h>
#include <iconv.h>

#include <algorithm>
#include <memory>
#include <vector>

#include "core/finding/error.h"
#include "core/limits/reading.h"
#include "core/text/text.h"

namespace distanz::formats {
namespace {

constexpr std::size_t kPiece = 1 << 16, kLooked = 1 << 18, kMostNamed = 5;
constexpr int kNested = 2;  // a .gz in a .zip

bool isGzip(std::string_view bytes) {
  return bytes.starts_with("\x1f\x8b");
}
bool isZip(std::string_view bytes) {
  return bytes.starts_with(std::string_view("PK\x03\x04", 4)) || bytes.starts_with(std::string_view("PK\x05\x06", 4));
}

struct CloseArchive {
  void operator()(archive* a) const { archive_read_free(a); }
};
using Archive = std::unique_ptr<archive, CloseArchive>;

[[noreturn]] void broken(archive* a) {
  const char* reason = archive_error_string(a);
  throw InputError(finding("archive-broken", {{"reason", reason ? reason : "it ends early"}}));
}

Archive opened(std::string_view bytes) {
  Archive a(archive_read_new());
  if (isZip(bytes)) {
    archive_read_support_format_zip(a.get());
  } else {
    archive_read_support_filter_gzip(a.get());
    archive_read_support_format_raw(a.get());
  }
  if (archive_read_open_memory(a.get(), bytes.data(), bytes.size()) != ARCHIVE_OK) broken(a.get());
  return a;
}

std::string contents(archive* a, std::size_t packed, std::size_t most) {
  std::string out;
  for (;;) {
    const std::size_t before = out.size();
    // Large ones grow where they lie: twice as much for a moment would be too much.
    if (before > kSmall_bytes && out.capacity() < before + kPiece) out.reserve(std::min(kMostUnpacked_bytes, packed * kMostGrowth) + 2 * kPiece);
    out.resize(before + kPiece);
    const auto n = archive_read_data(a, out.data() + before, kPiece);
    if (n < 0) broken(a);
    out.resize(before + std::size_t(n));
    if (n == 0 || out.size() >= most) return out;
    if (out.size() > kMostUnpacked_bytes || (out.size() > kSmall_bytes && out.size() / kMostGrowth > packed))
      throw InputError(finding("archive-too-large", {{"megabytes", out.size() >> 20}}));
  }
}

/// What an archive keeps besides files: folders, links, and what the system that packed it keeps for itself.
bool isAside(archive_entry* entry) {
  const char* path = archive_entry_pathname(entry);
  const std::string_view name = path ? path : "";
  const auto slash = name.find_last_of('/');
  const std::string_view file = slash == std::string_view::npos ? name : name.substr(slash + 1);
  return archive_entry_filetype(entry) != AE_IFREG || archive_entry_hardlink(entry) || file.empty() ||
         file.front() == '.' || name.starts_with("__MACOSX");
}

std::string unpacked(std::string_view bytes, std::size_t most) {
  const Archive a = opened(bytes);
  std::string log;
  std::vector<std::string> names;
  archive_entry* entry = nullptr;
  for (std::size_t i = 0; i < limits::kMostEntries; ++i) {
    const int status = archive_read_next_header(a.get(), &entry);
    if (status == ARCHIVE_EOF) break;
    if (status != ARCHIVE_OK && status != ARCHIVE_WARN) broken(a.get());
    if (isZip(bytes) && isAside(entry)) continue;
    const char* path = archive_entry_pathname(entry);
    names.push_back(text::validUtf8(text::utf8Prefix(path ? path : "", 200)));
    if (names.size() == 1) log = contents(a.get(), bytes.size(), most);
  }
  if (names.empty()) throw InputError(finding("archive-empty"));
  if (names.size() > 1) {
    const std::size_t all = names.size();
    names.resize(std::min(all, kMostNamed));
    throw InputError(finding("archive-several", {{"count", all}, {"files", fmt::format("{}", fmt::join(names, ", "))}}));
  }
  return log;
}

/// What cannot be turned becomes U+FFFD.
std::string converted(std::string_view bytes, const char* from) {
  const iconv_t turn = iconv_open("UTF-8", from);
  if (turn == reinterpret_cast<iconv_t>(-1)) throw InputError(finding("log-binary"));
  const std::shared_ptr<void> closing(turn, [](void* t) { iconv_close(t); });
  std::string out(bytes.size() + bytes.size() / 2 + 16, '\0');
  char *in = const_cast<char*>(bytes.data()), *to = out.data();
  std::size_t in_left = bytes.size(), out_left = out.size();
  while (in_left > 0) {
    const std::size_t done = iconv(turn, &in, &in_left, &to, &out_left);
    if (done != static_cast<std::size_t>(-1)) break;
    if (out_left < 8) {
      const auto used = std::size_t(to - out.data());
      out.resize(out.size() * 2);
      to = out.data() + used;
      out_left = out.size() - used;
      continue;
    }
    const std::size_t skip = std::min<std::size_t>(in_left, std::string_view(from).starts_with("UTF-16") ? 2 : 1);
    in += skip;
    in_left -= skip;
    for (const char c : std::string_view("\xEF\xBF\xBD")) *to++ = c;
    out_left -= 3;
  }
  out.resize(std::size_t(to - out.data()));
  return out;
}

/// Of text: UTF-16 shows a zero beside nearly every letter.
const char* wideForm(std::string_view bytes) {
  if (bytes.starts_with("\xff\xfe")) return "UTF-16LE";
  if (bytes.starts_with("\xfe\xff")) return "UTF-16BE";
  const std::size_t n = std::min<std::size_t>(bytes.size(), 256) / 2 * 2;
  std::size_t zeros[2] = {0, 0};
  for (std::size_t i = 0; i < n; ++i) zeros[i % 2] += bytes[i] == '\0';
  if (n < 16) return nullptr;
  if (zeros[1] * 10 > n * 4 && zeros[0] == 0) return "UTF-16LE";
  return zeros[0] * 10 > n * 4 && zeros[1] == 0 ? "UTF-16BE" : nullptr;
}

bool isUtf8(std::string_view bytes) {
  const std::string_view head = text::utf8Prefix(bytes, kLooked);
  return std::all_of(head.begin(), head.end(), [](unsigned char c) { return c < 0x80; }) || text::validUtf8(head) == head;
}

std::optional<std::string> asUtf8(std::string_view bytes) {
  if (const char* wide = wideForm(bytes)) {
    std::string out = converted(bytes, wide);
    if (out.starts_with("\xEF\xBB\xBF")) out.erase(0, 3);
    return out;
  }
  if (bytes.substr(0, kLooked).find('\0') != std::string_view::npos || isUtf8(bytes)) return std::nullopt;
  return converted(bytes, "CP1252");
}

/// Lines as an old system ended them.
bool endsInReturnsOnly(std::string_view bytes) {
  const std::string_view head = bytes.substr(0, kLooked);
  return head.find('\r') != std::string_view::npos && head.find('\n') == std::string_view::npos;
}

}  // namespace

bool isPacked(std::string_view bytes) {
  return isGzip(bytes) || isZip(bytes);
}

std::optional<std::string> readableForm(std::string_view bytes, std::size_t most) {
  std::optional<std::string> out;
  for (int i = 0; i < kNested && isPacked(bytes); ++i) {
    out = unpacked(bytes, most);
    bytes = *out;
  }
  if (auto text = asUtf8(bytes)) {
    out = std::move(text);
    bytes = *out;
  }
  if (!endsInReturnsOnly(bytes)) return out;
  if (!out) out = std::string(bytes);
  std::replace(out->begin(), out->end(), '\r', '\n');
  return out;
}

}  // namespace distanz::formats
