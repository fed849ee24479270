#pragma once
#include <atomic>
#include <string>
#include <string_view>

#include "core/finding/error.h"
#include "reader/read.h"

/// Asks the child process `distanz-reader`, which decodes foreign files in a cage: it is given the one file,
/// open, and can reach nothing else. A process a file; it ends with the answer, or is ended.
namespace distanz::reader {

/// Stopped by whoever asked.
struct Stopped : Error {
  Stopped() : Error(finding("cancelled")) {}
};

/// The file that is read: one that is open, or bytes in memory.
class File {
 public:
  /// @param descriptor is closed with this
  explicit File(int descriptor) : m_descriptor(descriptor) {}
  /// @throws InputError where there is no memory for a copy
  explicit File(std::string_view bytes);
  ~File();
  File(const File&) = delete;
  File& operator=(const File&) = delete;
  int descriptor() const { return m_descriptor; }

 private:
  int m_descriptor = -1;
};

/// The answer's bytes: see protocol.h. @param stop looked at while waiting; null: only the time ends it
/// @throws InputError: no reader, no cage here, took too long or too much, ended by itself; Stopped
std::string ask(const Request& request, const File& file, const std::atomic<bool>* stop = nullptr);

/// The same, checked. @throws as ask()
RasterRead readRaster(const Request& request, const File& file, const std::atomic<bool>* stop = nullptr);
VectorRead readVector(const Request& request, const File& file, const std::atomic<bool>* stop = nullptr);
PhotoRead readPhoto(const Request& request, const File& file, const std::atomic<bool>* stop = nullptr);
/// What is seen on a picture as a JPEG of up to kMostPixels, without what the camera wrote beside it; empty for no picture.
/// @throws as ask()
std::string plainPhoto(std::string_view bytes, const std::string& name, const std::atomic<bool>* stop = nullptr);
/// As a compressed GeoTIFF in metres. @throws as ask()
std::string rasterAsGeoTiff(const RasterRead& raster, const std::atomic<bool>* stop = nullptr);

}  // namespace distanz::reader
