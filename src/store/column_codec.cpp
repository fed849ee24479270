#include "store/column_codec.h"

#include <zstd.h>

#include <bit>
#include <cstring>

#include "core/finding/error.h"

static_assert(std::endian::native == std::endian::little, "columns are stored little-endian");

namespace distanz::store {

namespace {
constexpr int kLevel = 1;  // higher levels shrink flight logs by a few per cent and take twice as long
constexpr std::size_t kWidth = sizeof(double);
}  // namespace

std::string compress(std::string_view bytes) {
  std::string out(ZSTD_compressBound(bytes.size()), '\0');
  const std::size_t n = ZSTD_compress(out.data(), out.size(), bytes.data(), bytes.size(), kLevel);
  if (ZSTD_isError(n)) throw Error(finding("samples-not-compressed"));
  out.resize(n);
  return out;
}

namespace {

[[noreturn]] void refuse() {
  throw InputError(finding("samples-damaged"));
}

/// Looks at the heads of frame and blocks only: nothing is allocated for what merely claims to be large.
void requireSize(std::string_view bytes, std::size_t size) {
  if (ZSTD_getFrameContentSize(bytes.data(), bytes.size()) != size) refuse();
  if (ZSTD_isError(ZSTD_findFrameCompressedSize(bytes.data(), bytes.size()))) refuse();  // cut short
}

}  // namespace

void requireRows(std::string_view bytes, std::size_t rows) {
  if (rows > SIZE_MAX / kWidth) refuse();
  requireSize(bytes, rows * kWidth);
}

std::string decompress(std::string_view bytes, std::size_t size) {
  requireSize(bytes, size);
  std::string out(size, '\0');
  const std::size_t n = ZSTD_decompress(out.data(), size, bytes.data(), bytes.size());
  if (ZSTD_isError(n) || n != size) refuse();
  return out;
}

std::string encodeColumn(const std::vector<double>& values) {
  std::string shuffled(values.size() * kWidth, '\0');
  const auto* raw = reinterpret_cast<const char*>(values.data());
  for (std::size_t k = 0; k < kWidth; ++k)
    for (std::size_t i = 0; i < values.size(); ++i) shuffled[k * values.size() + i] = raw[i * kWidth + k];
  return compress(shuffled);
}

std::vector<double> decodeColumn(std::string_view bytes, std::size_t rows) {
  requireRows(bytes, rows);
  const std::string shuffled = decompress(bytes, rows * kWidth);
  std::vector<double> values(rows);
  auto* raw = reinterpret_cast<char*>(values.data());
  for (std::size_t i = 0; i < rows; ++i)
    for (std::size_t k = 0; k < kWidth; ++k) raw[i * kWidth + k] = shuffled[k * rows + i];
  return values;
}

}  // namespace distanz::store
