#include "store/exchange.h"

#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
#include "store/file_builder.h"

namespace distanz::store {

namespace fs = std::filesystem;

std::vector<Problem> fromInterchange(const fs::path& folder, const fs::path& file, const std::function<bool(double)>& progress) {
  formats::InterchangeFolder source = formats::openInterchange(folder);
  campaign::Campaign& c = source.campaign;
  if (c.title.empty()) c.title = "Campaign";
  std::error_code error;
  if (fs::exists(file, error)) throw InputError(file.string() + ": is there already; open it, or choose another name");
  FileBuilder builder(file);
  std::size_t done = 0;
  for (campaign::Run& run : c.runs) {
    const std::string bytes = formats::readRunLog(source, run);
    run.log_sha256 = formats::sha256(bytes);
    builder.add({run, packLog(bytes), packRecording(formats::readRecording(bytes, run.log, c, run.columns))}, c.links);
    if (progress && !progress(static_cast<double>(++done) / static_cast<double>(c.runs.size()))) throw formats::ReadCancelled();
  }
  builder.finish(c);
  return source.problems;
}

void toInterchange(const fs::path& file, const fs::path& folder) {
  const CampaignFile source = CampaignFile::open(file, Access::ReadOnly);
  const SampleFile samples(file, Access::ReadOnly);
  formats::writeInterchange(folder, source.campaign(), [&](const campaign::Run& run) { return samples.logBytes(run); });
}

std::vector<std::string> saveCopy(const campaign::Campaign& campaign, const SampleFile& samples, const fs::path& file) {
  FileBuilder builder(file);
  std::vector<std::string> lost;
  for (const campaign::Run& run : campaign.runs) {
    try {
      const std::string bytes = samples.logBytes(run);
      builder.add({run, packLog(bytes), packRecording(*samples.recording(run, campaign))}, campaign.links);
    } catch (const InputError&) {
      lost.push_back(run.id);
    }
  }
  builder.finish(campaign, formats::Aside::Existing::Replace);
  return lost;
}

}  // namespace distanz::store
