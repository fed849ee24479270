#pragma once
#include <cstddef>
#include <cstdint>
#include <span>

/// What may be read how large and how long: every limit on foreign files stands here, and in docs/limits.md.
namespace distanz::limits {

// Files and logs
constexpr std::uintmax_t kLargestFile = 900'000'000;              ///< bytes; what one value of the campaign file can hold
constexpr std::uintmax_t kLargestLog = 8'000'000'000;             ///< bytes of a delimited log; others: kLargestFile
constexpr std::size_t kMostUnpacked_bytes = std::size_t{1} << 30; ///< of a compressed log
constexpr std::size_t kMostGrowth = 200;                          ///< times its size, once larger than kSmall_bytes
constexpr std::size_t kSmall_bytes = std::size_t{1} << 24;
constexpr std::size_t kMostEntries = 10'000;                      ///< of an archive
constexpr std::size_t kMostValues = std::size_t{1} << 26;         ///< of a log's table
constexpr std::size_t kMostColumns = 4096;
constexpr std::size_t kLongestLine = std::size_t{1} << 20;        ///< bytes; a table of flight samples has none as long
constexpr std::size_t kMostTrack_bytes = std::size_t{1} << 28;    ///< of XML
constexpr std::size_t kMostGeoJson_bytes = std::size_t{1} << 25;
constexpr double kMostSpan_s = 4e9;                               ///< a clock that stood at 1970 and was then set is no more than that

// Campaigns
constexpr std::size_t kLargestJson = 64'000'000;   ///< bytes of a JSON text
constexpr std::size_t kLongestText = 100'000;      ///< bytes of one text in it, e.g. notes
constexpr std::size_t kMostBodies_bytes = 256'000'000;  ///< of all that a campaign file says, logs apart
constexpr int kLongestWork_s = 300;                ///< for one question to a campaign file
constexpr std::size_t kMostReadings = 10'000;      ///< of a record, which is kept as a whole with every change
constexpr std::size_t kMostFiles = 1000;           ///< of a record
constexpr std::size_t kMostItems = 100'000;        ///< of links, setups, runs or path points

// Bench files and live lines
constexpr std::uintmax_t kLargestRecordFile = 64'000'000;  ///< bytes
constexpr std::size_t kMostSweepPoints = 4'000'000;
constexpr std::size_t kMostTraces = 1000;
constexpr std::size_t kLongestLiveLine = 65'536;   ///< bytes; what is longer is cut

// What the caged reader decodes: rasters, maps, photos
constexpr std::size_t kReaderMemory_bytes = 400'000'000;
constexpr int kReaderPatience_s = 9;               ///< for one file, of the processor as by the clock
constexpr std::uintmax_t kLargestMap = 32'000'000; ///< bytes of a map or raster that is kept
constexpr std::uintmax_t kLargestBeside = 64'000;  ///< bytes of a small file beside it
constexpr std::size_t kMostCells = 20'000'000;
constexpr std::size_t kMostFeatures = 200'000, kMostVertices = 2'000'000;
constexpr std::size_t kMostFields = 64, kLongestField = 4096;  ///< of a feature; what is longer is cut
constexpr int kMostPhotoSide_px = 30'000;          ///< of the file
constexpr int kMostPixels = 2048;                  ///< of a side of what is answered

/// A row of docs/limits.md.
struct Limit {
  const char* of;
  const char* what;
  double most;
  const char* unit;
};
std::span<const Limit> readingLimits();

}  // namespace distanz::limits
