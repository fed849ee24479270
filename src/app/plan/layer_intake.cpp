#include "app/plan/layer_intake.h"

#include <QCoreApplication>

#include "core/finding/error.h"
#include "app/shared/path_of.h"
#include "geodata/ground_files.h"
#include "words/say.h"

namespace distanz::app {

TakenLayers takeLayers(const QStringList& files, const campaign::Campaign& campaign, const std::atomic<bool>& stop) {
  TakenLayers out;
  for (const QString& file : files) try {
      geodata::TakenLayer taken = geodata::takeLayer(pathOf(file), campaign, {}, &stop);
      store::PackedLog packed = store::packLog(taken.bytes);
      taken.layer.file.sha256 = packed.sha256;
      out.attachments.push_back({taken.layer.file.file, std::move(packed)});
      out.layers.push_back(std::move(taken.layer));
      out.notes.insert(out.notes.end(), taken.notes.begin(), taken.notes.end());
    } catch (const std::exception& e) {
      out.refused = words::sentence(findingOf(e));
      break;
    }
  return out;
}

QString layerFilter() {
  return QCoreApplication::translate("LayerIntake",
                                     "Terrain and maps (*.tif *.tiff *.hgt *.asc *.dt0 *.dt1 *.dt2 *.bil "
                                     "*.flt *.dem *.geojson *.json *.kml *.kmz *.gpx "
                                     "*.gpkg);;All files (*)");
}

}  // namespace distanz::app
