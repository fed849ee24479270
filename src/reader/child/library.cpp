#include "reader/child/library.h"

#include <cpl_conv.h>
#include <cpl_error.h>
#include <cpl_vsi.h>
#include <gdal_frmts.h>
#include <ogr_srs_api.h>
#include <ogrsf_frmts.h>

#include <algorithm>
#include <utility>

namespace distanz::reader {
namespace {

constexpr std::size_t kLongestSaid = 200;

std::string& kept() {
  static std::string text;
  return text;
}

void gather(CPLErr level, CPLErrorNum, const char* message) {
  if (level >= CE_Warning && kept().empty()) kept() = std::string(message).substr(0, kLongestSaid);  // what follows, follows from it
}

void putAt(const std::string& where, std::string_view bytes) {
  auto* data = reinterpret_cast<GByte*>(const_cast<char*>(bytes.data()));  // only read
  VSIFCloseL(VSIFileFromMemBuffer(where.c_str(), data, bytes.size(), FALSE));
}

}  // namespace

void makeReady(Request::Kind kind) {
  for (const auto& [key, value] : {std::pair{"GDAL_PAM_ENABLED", "NO"},
                                   {"GDAL_CACHEMAX", "64"},
                                   {"GDAL_NUM_THREADS", "1"},
                                   {"OGR_SQLITE_LOAD_EXTENSIONS", "NO"},
                                   {"OGR_GEOJSON_MAX_OBJ_SIZE", "100"},
                                   {"GPX_ELE_AS_25D", "YES"},
                                   {"PROJ_NETWORK", "OFF"}})
    CPLSetConfigOption(key, value);
  CPLSetErrorHandler(gather);
  if (kind == Request::Kind::Vector) {
    RegisterOGRGeoJSON();
    RegisterOGRGPX();
    RegisterOGRLIBKML();
    RegisterOGRKML();
    RegisterOGRGeoPackage();
    RegisterOGRFlatGeobuf();
  } else {
    GDALRegister_GTiff();
    GDALRegister_SRTMHGT();
    GDALRegister_AAIGrid();
    GDALRegister_GRASSASCIIGrid();
    GDALRegister_DTED();
    GDALRegister_EHdr();
    GDALRegister_ENVI();
    GDALRegister_GSAG();
    GDALRegister_GSBG();
    GDALRegister_GS7BG();
    GDALRegister_USGSDEM();
  }
  // Opens the table of reference systems, which stays open.
  const OGRSpatialReferenceH wgs = OSRNewSpatialReference(nullptr), plane = OSRNewSpatialReference(nullptr);
  OSRImportFromEPSG(wgs, 4326);
  OSRImportFromEPSG(plane, 32634);
  if (const OGRCoordinateTransformationH turn = OCTNewCoordinateTransformation(plane, wgs)) OCTDestroyCoordinateTransformation(turn);
  OSRDestroySpatialReference(plane);
  OSRDestroySpatialReference(wgs);
  kept().clear();
}

std::string said() { return std::exchange(kept(), {}); }

InMemory::InMemory(std::string_view bytes, const Request& request)
    : m_name(request.name), m_place("/vsimem/file/" + request.name), m_beside(request.beside) {
  putAt(m_place, bytes);
  const std::string stem = m_place.substr(0, m_place.find_last_of('.'));
  for (const Beside& b : m_beside) putAt(stem + b.ending, b.bytes);
}

InMemory::~InMemory() { VSIRmdirRecursive("/vsimem/file"); }

std::string InMemory::named(std::string text) const {
  if (const auto at = text.find(m_place); at != std::string::npos) text.replace(at, m_place.size(), m_name);
  return text;
}

}  // namespace distanz::reader
