#include <gdal.h>
#include <gdal_alg.h>
#include <gdalwarper.h>
#include <ogr_spatialref.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

#include "reader/child/library.h"
#include "reader/protocol.h"

namespace distanz::reader {
namespace {

constexpr std::size_t kMostThinned = 20;  // times kMostCells: read whole and thinned
constexpr const char* kDrivers[] = {"GTiff", "SRTMHGT", "AAIGrid", "GRASSASCIIGrid", "DTED",    "EHdr",
                                    "ENVI",  "GSAG",    "GSBG",    "GS7BG",          "USGSDEM", nullptr};
constexpr double kFoot_m = 0.3048, kSurveyFoot_m = 1200.0 / 3937.0;
constexpr double kLowest_m = -500, kHighest_m = 9000;  ///< anything else is a hole

struct Close {
  void operator()(void* dataset) const { GDALClose(dataset); }
};
using Dataset = std::unique_ptr<void, Close>;

/// How its north-up geometry runs: the corner of the first cell, and steps.
struct Geometry {
  double west, step_lon, north, step_lat;
  int columns, rows;
};

Box boxOf(const Geometry& g) {
  return {g.north - g.step_lat * g.rows, g.west, g.north, g.west + g.step_lon * g.columns};
}

std::optional<Geometry> northUp(GDALDatasetH dataset) {
  std::array<double, 6> t{};
  if (GDALGetGeoTransform(dataset, t.data()) != CE_None) return std::nullopt;
  return Geometry{t[0], t[1], t[3], -t[5], GDALGetRasterXSize(dataset), GDALGetRasterYSize(dataset)};
}

bool turnedOrMirrored(GDALDatasetH dataset) {
  std::array<double, 6> t{};
  GDALGetGeoTransform(dataset, t.data());
  return t[2] != 0 || t[4] != 0 || t[1] <= 0 || t[5] >= 0;
}

bool isWgs84(OGRSpatialReferenceH srs) {
  const OGRSpatialReference* s = OGRSpatialReference::FromHandle(srs);
  OGRSpatialReference wgs;
  wgs.SetFromUserInput("EPSG:4326");
  wgs.SetAxisMappingStrategy(OAMS_TRADITIONAL_GIS_ORDER);
  if (!s->IsGeographic()) return false;
  const char* const options[] = {"IGNORE_DATA_AXIS_TO_SRS_AXIS_MAPPING=YES",
                                 "CRITERION=EQUIVALENT_EXCEPT_AXIS_ORDER_GEOGCRS", nullptr};
  return s->IsSame(&wgs, options) != 0;
}

double unitOf(GDALDatasetH dataset, GDALRasterBandH band) {
  std::string unit = GDALGetRasterUnitType(band);
  std::transform(unit.begin(), unit.end(), unit.begin(), [](char c) { return c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c; });
  if (unit.find("us") != std::string::npos &&
      (unit.find("ft") != std::string::npos || unit.find("foot") != std::string::npos))
    return kSurveyFoot_m;
  if (unit == "ft" || unit.find("foot") != std::string::npos || unit.find("feet") != std::string::npos)
    return kFoot_m;
  if (unit == "cm" || unit == "centimetre" || unit == "centimeter") return 0.01;
  if (unit == "dm") return 0.1;
  const OGRSpatialReferenceH srs = GDALGetSpatialRef(dataset);
  if (unit.empty() && srs && OGRSpatialReference::FromHandle(srs)->IsVertical())
    return OGRSpatialReference::FromHandle(srs)->GetTargetLinearUnits("VERT_CS");
  return 1;
}

/// Cells of a window that go with the interest: all of it where they are few enough.
struct Window {
  int column = 0, row = 0, columns = 0, rows = 0;
};

/// None where nothing of it is of interest, or it is so large that only what is of interest could be read in time.
std::optional<Window> windowFor(const Geometry& g, const std::optional<Box>& interest) {
  const std::size_t cells = std::size_t(g.columns) * std::size_t(g.rows);
  if (!interest && cells > kMostCells * kMostThinned) return std::nullopt;
  if (cells <= kMostCells || !interest) return Window{0, 0, g.columns, g.rows};
  const double middle_lat = (interest->north_deg + interest->south_deg) / 2,
               middle_lon = (interest->east_deg + interest->west_deg) / 2;
  const Box all = boxOf(g);
  if (interest->north_deg < all.south_deg || interest->south_deg > all.north_deg ||
      interest->east_deg < all.west_deg || interest->west_deg > all.east_deg)
    return std::nullopt;
  const double side = std::sqrt(double(kMostCells));
  const double need_columns = (interest->east_deg - interest->west_deg) / g.step_lon,
               need_rows = (interest->north_deg - interest->south_deg) / g.step_lat;
  const int columns = int(std::min<double>(g.columns, std::max(side - 2, need_columns * 1.5))),
            rows = int(std::min<double>(g.rows, std::max(side - 2, need_rows * 1.5)));
  const auto placed = [](double middle, int size, int whole) {
    return std::clamp(int(middle) - size / 2, 0, whole - size);
  };
  return Window{placed((middle_lon - g.west) / g.step_lon, columns, g.columns),
                placed((g.north - middle_lat) / g.step_lat, rows, g.rows), columns, rows};
}

/// The dataset as WGS 84, itself where it already is. Null where that cannot be.
Dataset asWgs84(GDALDatasetH source, RasterRead& out) {
  const OGRSpatialReferenceH srs = GDALGetSpatialRef(source);
  std::string from;
  if (srs) {
    if (isWgs84(srs) && !turnedOrMirrored(source)) return nullptr;
    char* text = nullptr;
    OSRExportToWkt(srs, &text);
    from = text ? text : "";
    CPLFree(text);
  } else {
    const auto g = northUp(source);
    const Box box = g ? boxOf(*g) : Box{0, 0, 1000, 0};
    if (box.north_deg > 90.1 || box.south_deg < -90.1 || box.west_deg < -181 || box.east_deg > 361) {
      out.fault = Fault::NoReference;
      return nullptr;
    }
    out.assumed_reference = true;
    if (!turnedOrMirrored(source)) return nullptr;
    from = SRS_WKT_WGS84_LAT_LONG;
  }
  out.turned = true;
  GDALWarpOptions* options = GDALCreateWarpOptions();
  options->nBandCount = 1;
  options->panSrcBands = static_cast<int*>(CPLMalloc(sizeof(int)));
  options->panDstBands = static_cast<int*>(CPLMalloc(sizeof(int)));
  options->panSrcBands[0] = options->panDstBands[0] = 1;
  options->eWorkingDataType = GDT_Float32;
  int has = 0;
  const double none = GDALGetRasterNoDataValue(GDALGetRasterBand(source, 1), &has);
  if (has) GDALWarpInitSrcNoDataReal(options, none);
  GDALWarpInitDstNoDataReal(options, -32768);
  options->papszWarpOptions = CSLSetNameValue(options->papszWarpOptions, "INIT_DEST", "NO_DATA");
  Dataset turned(
      GDALAutoCreateWarpedVRT(source, from.c_str(), SRS_WKT_WGS84_LAT_LONG, GRA_Bilinear, 0.125, options));
  GDALDestroyWarpOptions(options);
  if (!turned) out.fault = Fault::Unreadable;
  return turned;
}

void readHeights(GDALDatasetH dataset, const Window& w, double unit_m, RasterRead& out) {
  const GDALRasterBandH band = GDALGetRasterBand(dataset, 1);
  out.thinned = std::max(1, int(std::ceil(std::sqrt(double(w.columns) * w.rows / double(kMostCells)))));
  out.columns = std::max(w.columns / out.thinned, 1);
  out.rows = std::max(w.rows / out.thinned, 1);
  out.height_m.resize(std::size_t(out.columns) * std::size_t(out.rows));
  const CPLErr error = GDALRasterIO(band, GF_Read, w.column, w.row, w.columns, w.rows, out.height_m.data(),
                                    out.columns, out.rows, GDT_Float32, 0, 0);
  if (error != CE_None) {
    out.fault = Fault::Unreadable;
    return;
  }
  int has = 0;
  const double none = GDALGetRasterNoDataValue(band, &has), scale = GDALGetRasterScale(band, nullptr),
               offset = GDALGetRasterOffset(band, nullptr);
  bool any = false;
  for (float& h : out.height_m) {
    const bool hole = (has && (h == float(none) || std::isnan(h)));
    const double metres = (h * scale + offset) * unit_m;
    h = !hole && metres >= kLowest_m && metres <= kHighest_m ? float(metres) : std::nanf("");
    any = any || !std::isnan(h);
  }
  if (!any) out.fault = Fault::NoHeights;
}

}  // namespace

RasterRead readRaster(std::string_view bytes, const Request& request) {
  const InMemory place(bytes, request);
  RasterRead out;
  const auto failed = [&](Fault fault) {
    out.fault = fault;
    out.text = place.named(said());
    out.height_m.clear();
    return out;
  };
  const Dataset file(GDALOpenEx(place.place().c_str(), GDAL_OF_RASTER | GDAL_OF_READONLY | GDAL_OF_VERBOSE_ERROR,
                                kDrivers, nullptr, nullptr));
  if (!file || GDALGetRasterCount(file.get()) < 1) return failed(Fault::Unreadable);
  std::array<double, 6> t{};
  if (GDALGetGeoTransform(file.get(), t.data()) != CE_None) return failed(Fault::NoReference);
  for (const double v : t)
    if (!std::isfinite(v)) return failed(Fault::NoReference);
  if (t[1] * t[5] - t[2] * t[4] == 0) return failed(Fault::NoReference);
  const int bands = GDALGetRasterCount(file.get());
  if (bands >= 3 && GDALGetRasterDataType(GDALGetRasterBand(file.get(), 1)) == GDT_Byte)
    return failed(Fault::NoHeights);  // a picture
  const Dataset turned = asWgs84(file.get(), out);
  if (out.fault != Fault::None) return failed(out.fault);
  const GDALDatasetH dataset = turned ? turned.get() : file.get();
  const auto g = northUp(dataset);
  if (!g || g->columns < 2 || g->rows < 2 || !(g->step_lon > 0) || !(g->step_lat > 0))
    return failed(Fault::NoReference);
  const auto window = windowFor(*g, request.place);
  if (!window) return failed(Fault::Elsewhere);
  out.cut = window->columns < g->columns || window->rows < g->rows;
  const double unit_m = unitOf(file.get(), GDALGetRasterBand(file.get(), 1));
  out.feet = unit_m == kFoot_m || unit_m == kSurveyFoot_m;
  readHeights(dataset, *window, unit_m, out);
  if (out.fault != Fault::None) return failed(out.fault);
  out.step_lon_deg = g->step_lon * window->columns / out.columns;
  out.step_lat_deg = g->step_lat * window->rows / out.rows;
  out.west_deg = g->west + g->step_lon * window->column + out.step_lon_deg / 2;
  out.north_deg = g->north - g->step_lat * window->row - out.step_lat_deg / 2;
  return onEarth(out) ? out : failed(Fault::NoReference);
}

std::string asGeoTiff(const RasterRead& r) {
  const GDALDriverH driver = GDALGetDriverByName("GTiff");
  if (!driver || r.rows < 1 || r.columns < 1) return {};
  constexpr float kHole = -32768;
  bool whole = true;
  for (const float h : r.height_m) whole = whole && (std::isnan(h) || h == std::round(h));
  const std::string place = "/vsimem/written.tif";
  char** options = nullptr;
  for (const auto& [key, value] : {std::pair{"COMPRESS", "DEFLATE"},
                                   {"ZLEVEL", "4"},
                                   {"PREDICTOR", whole ? "2" : "3"},
                                   {"TILED", "YES"},
                                   {"BIGTIFF", "IF_SAFER"}})
    options = CSLSetNameValue(options, key, value);
  Dataset file(
      GDALCreate(driver, place.c_str(), r.columns, r.rows, 1, whole ? GDT_Int16 : GDT_Float32, options));
  CSLDestroy(options);
  if (!file) return {};
  std::array<double, 6> t{r.west_deg - r.step_lon_deg / 2,
                          r.step_lon_deg,
                          0,
                          r.north_deg + r.step_lat_deg / 2,
                          0,
                          -r.step_lat_deg};
  GDALSetGeoTransform(file.get(), t.data());
  GDALSetProjection(file.get(), SRS_WKT_WGS84_LAT_LONG);
  const GDALRasterBandH band = GDALGetRasterBand(file.get(), 1);
  GDALSetRasterNoDataValue(band, kHole);
  GDALSetRasterUnitType(band, "m");
  constexpr int kRows = 256;  // at a time: a second copy of all would be large
  CPLErr error = CE_None;
  for (int row = 0; row < r.rows && error == CE_None; row += kRows) {
    const int rows = std::min(kRows, r.rows - row);
    const auto first = r.height_m.begin() + std::ptrdiff_t(row) * r.columns;
    std::vector<float> heights(first, first + std::ptrdiff_t(rows) * r.columns);
    for (float& h : heights)
      if (std::isnan(h)) h = kHole;
    error = GDALRasterIO(band, GF_Write, 0, row, r.columns, rows, heights.data(), r.columns, rows,
                         GDT_Float32, 0, 0);
  }
  file.reset();
  vsi_l_offset size = 0;
  GByte* bytes = VSIGetMemFileBuffer(place.c_str(), &size, FALSE);
  std::string out =
      error == CE_None && bytes ? std::string(reinterpret_cast<const char*>(bytes), size) : std::string();
  VSIUnlink(place.c_str());
  return out;
}

}  // namespace distanz::reader
