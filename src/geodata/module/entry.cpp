#include <cpl_conv.h>
#include <cpl_error.h>
#include <cpl_vsi.h>
#include <gdal.h>

#include <atomic>
#include <mutex>

#include "geodata/module/raster.h"

namespace distanz::geodata {
namespace {

void gather(CPLErr level, CPLErrorNum, const char* message) {
  auto* text = static_cast<std::string*>(CPLGetErrorHandlerUserData());
  if (text && level >= CE_Warning && text->empty())
    *text = std::string(message).substr(0, 200);  // what follows, follows from it
}

thread_local std::string t_said;

/// The bytes of a file where the library finds them.
class InMemory {
 public:
  InMemory(const std::string& bytes, const std::string& name) {
    static std::atomic<int> count = 0;
    m_place = "/vsimem/distanz/" + std::to_string(++count) + "/" + name;
    auto* data = reinterpret_cast<GByte*>(const_cast<char*>(bytes.data()));  // only read
    VSIFCloseL(VSIFileFromMemBuffer(m_place.c_str(), data, bytes.size(), FALSE));
  }
  ~InMemory() { VSIUnlink(m_place.c_str()); }
  InMemory(const InMemory&) = delete;
  InMemory& operator=(const InMemory&) = delete;
  const std::string& place() const { return m_place; }

 private:
  std::string m_place;
};

class Library : public Module {
 public:
  RasterRead readRaster(const std::string& path, const std::optional<Box>& place) const override {
    return guarded<RasterRead>([&] { return readRasterAt(path, place); });
  }
  RasterRead readRasterBytes(const std::string& bytes, const std::string& name) const override {
    return guarded<RasterRead>([&] {
      const Quietly ready;
      const InMemory file(bytes, name);
      return told(readRasterAt(file.place(), std::nullopt), file, name);
    });
  }
  std::string writeRaster(const RasterRead& raster) const override { return rasterAsGeoTiff(raster); }
  VectorRead readVector(const std::string& bytes, const std::string& name) const override {
    return guarded<VectorRead>([&] {
      const Quietly ready;
      const InMemory file(bytes, name);
      return told(readVectorAt(file.place()), file, name);
    });
  }

 private:
  /// What the library says of a file in memory, said of the file by its name.
  template <class Read>
  static Read told(Read read, const InMemory& file, const std::string& name) {
    if (const auto at = read.text.find(file.place()); at != std::string::npos)
      read.text.replace(at, file.place().size(), name);
    return read;
  }
  template <class Read, class Work>
  static Read guarded(Work work) {
    const std::lock_guard lock(s_one);  // drivers of vector files are not made for several threads
    try {
      return work();
    } catch (const std::exception& e) {
      Read out;
      out.fault = Fault::Unreadable;
      out.text = e.what();
      return out;
    }
  }
  static inline std::mutex s_one;
};

}  // namespace

Quietly::Quietly() {
  static std::once_flag once;
  std::call_once(once, [] {
    for (const auto& [key, value] : {std::pair{"GDAL_PAM_ENABLED", "NO"},
                                     {"GDAL_DISABLE_READDIR_ON_OPEN", "FALSE"},
                                     {"GDAL_CACHEMAX", "64"},
                                     {"GDAL_HTTP_MAX_RETRY", "0"},
                                     {"CPL_VSIL_CURL_ALLOWED_EXTENSIONS", ".none"},
                                     {"OGR_GEOJSON_MAX_OBJ_SIZE", "200"},
                                     {"GPX_ELE_AS_25D", "YES"},
                                     {"PROJ_NETWORK", "OFF"}})
      CPLSetConfigOption(key, value);
    GDALAllRegister();
  });
  t_said.clear();
  CPLPushErrorHandlerEx(gather, &t_said);
}

Quietly::~Quietly() {
  CPLPopErrorHandler();
}

std::string Quietly::said() const {
  return t_said;
}

}  // namespace distanz::geodata

extern "C" __attribute__((visibility("default"))) const distanz::geodata::Module* distanz_geodata_module() {
  static const distanz::geodata::Library library;
  return &library;
}
