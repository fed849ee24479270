#include "store/column_codec.h"

#include <zstd.h>

#include <bit>
#include <cstring>

#include "core/quantity/error.h"

static_assert(std::endian::native == std::endian::little, "columns are stored little-endian");

namespace distanz::store {

namespace {
constexpr int kLevel = 1;  // higher levels shrink flight logs by a few per cent and take twice as long
constexpr std::size_t kWidth = sizeof(double);
}  // namespace

std::string compress(std::string_view bytes) {
  std::string out(ZSTD_compressBound(bytes.size()), '\0');
  const std::size_t n = ZSTD_compress(out.data(), out.size(), bytes.data(), bytes.size(), kLevel);
  if (ZSTD_isError(n)) throw Error("samples could not be compressed");
  out.resize(n);
  return out;
}

std::string decompress(std::string_view bytes, std::size_t size) {
  if (ZSTD_getFrameContentSize(bytes.data(), bytes.size()) != size)
    throw InputError("the stored samples are damaged; import the log again");
  std::string out(size, '\0');
  const std::size_t n = ZSTD_decompress(out.data(), out.size(), bytes.data(), bytes.size());
  if (ZSTD_isError(n) || n != size) throw InputError("the stored samples are damaged; import the log again");
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
  const std::string shuffled = decompress(bytes, rows * kWidth);
  std::vector<double> values(rows);
  auto* raw = reinterpret_cast<char*>(values.data());
  for (std::size_t i = 0; i < rows; ++i)
    for (std::size_t k = 0; k < kWidth; ++k) raw[i * kWidth + k] = shuffled[k * rows + i];
  return values;
}

}  // namespace distanz::store
