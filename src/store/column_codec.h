#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace distanz::store {

/// Name of the coding below, as the campaign file states it.
constexpr const char* kColumnCodec = "f64le-shuffle-zstd";

/// Doubles as little-endian bytes, byte k of every value together, compressed with zstd. NaN keeps its place.
std::string encodeColumn(const std::vector<double>& values);

/// @param rows how many values there must be @throws InputError where the bytes do not hold exactly that
std::vector<double> decodeColumn(std::string_view bytes, std::size_t rows);

/// @throws InputError where the bytes do not say of themselves that they hold `rows` values; reads only their
/// head
void requireRows(std::string_view bytes, std::size_t rows);

/// Any bytes, compressed with zstd, and back. @param size that the bytes must have @throws InputError where
/// they do not
std::string compress(std::string_view bytes);
std::string decompress(std::string_view bytes, std::size_t size);

}  // namespace distanz::store
