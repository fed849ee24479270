#pragma once
#include <functional>
#include <map>
#include <memory>

#include "core/campaign/campaign.h"
#include "core/limits/reading.h"
#include "core/terrain/ground.h"
#include "geodata/geodata.h"

namespace distanz::geodata {

/// A file that becomes a layer of the campaign.
struct TakenLayer {
  campaign::Layer
      layer;          ///< without id and SHA-256; its role is guessed from the name where none was asked for
  std::string bytes;  ///< as they are kept
  std::vector<Finding> notes;
};

using limits::kLargestMap;

/// Reads a raster or a map. @param role none: guessed @throws InputError: see geodata.h; and where what was
/// asked for is not what it is
TakenLayer takeLayer(const std::filesystem::path& file, const campaign::Campaign& campaign,
                     const std::optional<campaign::LayerRole>& role = {}, const Stop* stop = nullptr);

/// The campaign with more layers, each under an id of its own.
campaign::Campaign withLayers(campaign::Campaign campaign, const std::vector<campaign::Layer>& layers);

/// Station and first path with some kilometres around; none without a station.
std::optional<Box> placeOf(const campaign::Campaign& campaign);

using LayerBytes = std::function<std::string(const campaign::Layer&)>;

struct GroundRead {
  std::shared_ptr<const terrain::Ground> ground;  ///< null where no layer counts
  std::vector<Finding> problems;                  ///< layers that could not be read, left out
};

/// Makes the ground of the campaign's layers; what was read before is kept and read no second time.
class GroundFiles {
 public:
  /// @param bytes_of asked for layers not read before; its InputError becomes a problem
  /// @throws reader::Stopped
  GroundRead groundOf(const std::vector<campaign::Layer>& layers, const LayerBytes& bytes_of, const Stop* stop = nullptr);

 private:
  std::map<std::string, std::shared_ptr<const terrain::Grid>> m_grids;  ///< by SHA-256
  std::map<std::string, std::vector<terrain::Feature>> m_maps;
};

}  // namespace distanz::geodata
