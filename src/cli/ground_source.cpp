#include "cli/ground_source.h"

#include "formats/interchange.h"
#include "store/sample_file.h"

namespace distanz::cli {

geodata::GroundRead groundOf(const std::filesystem::path& place, const campaign::Campaign& campaign) {
  if (campaign.layers.empty()) return {};
  geodata::GroundFiles files;
  if (std::filesystem::is_directory(place)) {
    const formats::InterchangeFolder folder{campaign, {}, place};
    return files.groundOf(campaign.layers,
                          [&](const campaign::Layer& l) { return formats::readKeptBytes(folder, l.file); });
  }
  const store::SampleFile samples(place, store::Access::ReadOnly);
  return files.groundOf(campaign.layers,
                        [&](const campaign::Layer& l) { return samples.keptBytes(l.id, l.file); });
}

}  // namespace distanz::cli
