#pragma once
#include <string>
#include <string_view>
#include <vector>

#include "reader/read.h"

/// The library that reads rasters and maps, inside the child. It reads from memory only.
namespace distanz::reader {

/// Makes the library ready: the drivers of that kind, and no other; its own data is opened while files can
/// still be opened.
void makeReady(Request::Kind kind);

/// A file in the memory of this process, where the library finds it under its name.
class InMemory {
 public:
  /// @param bytes must outlive it
  InMemory(std::string_view bytes, const Request& request);
  ~InMemory();
  InMemory(const InMemory&) = delete;
  InMemory& operator=(const InMemory&) = delete;
  const std::string& place() const { return m_place; }
  /// What the library says of the place, said of the file by its name.
  std::string named(std::string text) const;

 private:
  std::string m_name, m_place;
  std::vector<Beside> m_beside;
};

/// What the library said of faults since it was last asked.
std::string said();

RasterRead readRaster(std::string_view bytes, const Request& request);
VectorRead readVector(std::string_view bytes, const Request& request);
/// A compressed GeoTIFF; empty where that fails.
std::string asGeoTiff(const RasterRead& raster);

}  // namespace distanz::reader
