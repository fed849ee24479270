#include <gdal.h>
#include <ogr_api.h>
#include <ogr_srs_api.h>
#include <ogrsf_frmts.h>

#include <cmath>
#include <memory>

#include "reader/child/library.h"

namespace distanz::reader {
namespace {

constexpr const char* kMapDrivers[] = {"GeoJSON", "GPX", "LIBKML", "KML", "GPKG", "FlatGeobuf", nullptr};

class Reader {
 public:
  VectorRead out;

  /// @return false where no more is taken
  bool add(const OGRFeature& f, const std::string& layer) {
    const OGRGeometry* shape = f.GetGeometryRef();
    if (!shape) return true;
    VectorFeature made;
    made.layer = layer;
    for (int i = 0; i < f.GetFieldCount(); ++i) {
      if (!f.IsFieldSetAndNotNull(i)) continue;
      const OGRFieldDefn& field = *f.GetFieldDefnRef(i);
      made.fields[field.GetNameRef()] =
          field.GetType() == OFTReal ? CPLSPrintf("%.17g", f.GetFieldAsDouble(i)) : f.GetFieldAsString(i);
    }
    return addShape(*shape, made);
  }

 private:
  bool addShape(const OGRGeometry& shape, const VectorFeature& like) {
    switch (wkbFlatten(shape.getGeometryType())) {
      case wkbPoint: {
        const OGRPoint& p = *shape.toPoint();
        return p.IsEmpty() || take(like, VectorFeature::Kind::Point, {{vertex(p)}});
      }
      case wkbLineString:
        return take(like, VectorFeature::Kind::Line, {ring(*shape.toLineString())});
      case wkbPolygon: {
        std::vector<std::vector<Vertex>> rings;
        for (const OGRLinearRing* r : *shape.toPolygon()) rings.push_back(ring(*r));
        return take(like, VectorFeature::Kind::Area, std::move(rings));
      }
      default:
        break;
    }
    if (!OGR_GT_IsSubClassOf(wkbFlatten(shape.getGeometryType()), wkbGeometryCollection)) return true;
    for (const OGRGeometry* part : *shape.toGeometryCollection())
      if (!addShape(*part, like)) return false;
    return true;
  }

  static Vertex vertex(const OGRPoint& p) {
    return {p.getY(), p.getX(), p.Is3D() ? p.getZ() : std::numeric_limits<double>::quiet_NaN()};
  }
  static std::vector<Vertex> ring(const OGRSimpleCurve& curve) {
    std::vector<Vertex> made;
    OGRPoint p;
    for (int i = 0; i < curve.getNumPoints(); ++i) {
      curve.getPoint(i, &p);
      made.push_back(vertex(p));
    }
    return made;
  }

  bool take(const VectorFeature& like, VectorFeature::Kind kind, std::vector<std::vector<Vertex>> rings) {
    for (const auto& r : rings) m_vertices += r.size();
    if (rings.empty() || rings.front().empty()) return true;
    if (out.features.size() >= kMostFeatures || m_vertices > kMostVertices) {
      out.fault = Fault::TooLarge;
      return false;
    }
    VectorFeature made = like;
    made.kind = kind;
    made.rings = std::move(rings);
    for (const auto& r : made.rings)
      for (const Vertex& v : r)
        if (!(std::abs(v.lat_deg) <= 90) || !(std::abs(v.lon_deg) <= 360)) {
          out.fault = Fault::NoReference;
          return false;
        }
    out.features.push_back(std::move(made));
    return true;
  }

  std::size_t m_vertices = 0;
};

}  // namespace

VectorRead readVector(std::string_view bytes, const Request& request) {
  const InMemory place(bytes, request);
  Reader reader;
  const GDALDatasetUniquePtr file(GDALDataset::Open(place.place().c_str(),
                                                    GDAL_OF_VECTOR | GDAL_OF_READONLY | GDAL_OF_VERBOSE_ERROR,
                                                    kMapDrivers, nullptr, nullptr));
  if (!file) {
    reader.out.fault = Fault::Unreadable;
    reader.out.text = place.named(said());
    return std::move(reader.out);
  }
  OGRSpatialReference wgs;
  wgs.SetFromUserInput("EPSG:4326");
  wgs.SetAxisMappingStrategy(OAMS_TRADITIONAL_GIS_ORDER);
  for (OGRLayer* layer : file->GetLayers()) {
    std::unique_ptr<OGRCoordinateTransformation> turn;
    if (const OGRSpatialReference* srs = layer->GetSpatialRef(); srs && !srs->IsSame(&wgs)) {
      turn.reset(OGRCreateCoordinateTransformation(srs, &wgs));
      if (!turn) {
        reader.out.fault = Fault::NoReference;
        break;
      }
    }
    bool more = true;
    for (auto& feature : *layer) {
      if (turn && feature->GetGeometryRef() &&
          feature->GetGeometryRef()->transform(turn.get()) != OGRERR_NONE)
        continue;
      more = reader.add(*feature, layer->GetName());
      if (!more) break;
    }
    if (!more) break;
  }
  if (reader.out.fault != Fault::None) reader.out.features.clear();
  return std::move(reader.out);
}

}  // namespace distanz::reader
