#pragma once
#include <string>
#include <string_view>

#include "reader/read.h"

/// Requests and answers as bytes. Answers come from a process that read a foreign file: what is parsed is
/// checked as a foreign file is.
namespace distanz::reader {

constexpr std::size_t kLongestRequest = 1'000'000, kLongestAnswer = 200'000'000;  ///< bytes

std::string asBytes(const Request& request);
/// @throws Garbled
Request requestOf(std::string_view bytes);

std::string asBytes(const RasterRead& read);
std::string asBytes(const VectorRead& read);
std::string asBytes(const PhotoRead& read);
/// Its cells have a size and lie on earth.
bool onEarth(const RasterRead& read);
/// Rows, columns and heights fit; the place is on earth. @throws Garbled
RasterRead rasterOf(std::string_view bytes);
/// No more than kMostFeatures and kMostVertices, on earth. @throws Garbled
VectorRead vectorOf(std::string_view bytes);
/// No larger than kMostPixels. @throws Garbled
PhotoRead photoOf(std::string_view bytes);

/// What goes over the wire: a mark, the length, the bytes, the mark again, so that what was cut short shows.
constexpr std::string_view kRequestMark = "DzQ1", kAnswerMark = "DzA1", kNoCageMark = "DzN1";
constexpr std::size_t kMarkSize = 4, kHeadSize = kMarkSize + sizeof(std::uint64_t);
std::string framed(std::string_view mark, std::string_view bytes);
/// Length of what follows the head. @throws Garbled where it is no head with that mark, or tells more than `longest`
std::size_t lengthIn(std::string_view head, std::string_view mark, std::size_t longest);

}  // namespace distanz::reader
