#include "cli/plan_change.h"

#include <cmath>
#include <ostream>

#include "cli/ground_source.h"
#include "cli/said.h"
#include "core/finding/error.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "geodata/plan_files.h"
#include "store/campaign_file.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

namespace fs = std::filesystem;

campaign::Campaign campaignAt(const fs::path& place) {
  if (fs::is_directory(place)) return formats::openInterchange(place).campaign;
  return store::CampaignFile::open(place, store::Access::ReadOnly).campaign();
}

void tell(const std::vector<Finding>& notes, Io io) {
  for (const Finding& f : notes) io.out << words::sentence(f).toStdString() << "\n";
}

/// Above sea level at the station, where terrain knows it.
std::optional<double> groundAtStation(const fs::path& place, const campaign::Campaign& c) {
  const auto ground = groundOf(place, c).ground;
  if (!ground || ground->grids().empty() || !c.station.position()) return std::nullopt;
  const double height = ground->height_m(*c.station.position());
  return std::isnan(height) ? std::nullopt : std::optional(height);
}

}  // namespace

void writePlanFile(const PlanOptions& options, Io io) {
  const auto format = geodata::planFormatOf(options.out.filename().string());
  if (!format)
    throw InputError(
        inFile(options.out, finding("no-such-format", {{"ending", options.out.extension().string()}})));
  std::error_code error;
  if (fs::exists(options.out, error)) throw InputError(inFile(options.out, finding("exists-already")));
  formats::writeFile(options.out, geodata::writePlan(campaignAt(options.campaign), *format));
  io.out << Cli::tr("wrote %1").arg(QString::fromStdString(options.out.string())).toStdString() << "\n";
}

void changePlan(const PlanOptions& options, Io io) {
  store::CampaignFile file = store::CampaignFile::open(options.campaign, store::Access::ReadWrite);
  const store::SharedCampaign before = file.shared();
  campaign::Campaign next = *before;
  std::vector<Finding> notes;
  std::vector<store::Attachment> attachments;
  std::vector<campaign::Layer> layers;
  for (const fs::path& path : options.layers) {
    geodata::TakenLayer one = geodata::takeLayer(path, next);
    store::PackedLog packed = store::packLog(one.bytes);
    one.layer.file.sha256 = packed.sha256;
    attachments.push_back({one.layer.file.file, std::move(packed)});
    layers.push_back(std::move(one.layer));
    notes.insert(notes.end(), one.notes.begin(), one.notes.end());
  }
  next = geodata::withLayers(std::move(next), layers);
  if (!options.take.empty()) {
    geodata::PlanTaken plan =
        geodata::takeAny(next, formats::readFile(options.take), options.take.filename().string(),
                         groundAtStation(options.campaign, *before));
    next = std::move(plan.campaign);
    notes.insert(notes.end(), plan.notes.begin(), plan.notes.end());
  }
  const Finding step =
      layers.empty() ? finding("lay-path") : finding("add-layer", {{"layer", layers.front().name}});
  file.edit(step, before, std::make_shared<const campaign::Campaign>(std::move(next)), attachments);
  tell(notes, io);
  io.out << words::sentence(step).toStdString() << "\n";
}

}  // namespace distanz::cli
