#include "store/exchange.h"

#include <optional>

#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
#include "store/sample_file.h"

namespace distanz::store {

namespace fs = std::filesystem;

std::vector<Problem> fromInterchange(const fs::path& folder, const fs::path& file, const std::function<bool(double)>& progress) {
  formats::InterchangeFolder source = formats::openInterchange(folder);
  campaign::Campaign runless = source.campaign;
  runless.runs.clear();
  runless.title += source.campaign.title.empty() ? "Campaign" : "";
  std::optional<CampaignFile> target = CampaignFile::create(file, runless);
  try {
    SampleFile samples(file);
    std::size_t done = 0;
    for (campaign::Run& run : source.campaign.runs) {
      const std::string bytes = formats::readRunLog(source, run);
      run.log_sha256 = formats::sha256(bytes);
      samples.add(run, bytes, formats::readRecording(bytes, run.log, source.campaign, run.columns));
      if (progress && !progress(static_cast<double>(++done) / static_cast<double>(source.campaign.runs.size())))
        throw formats::ReadCancelled();
    }
    target->edit("Import " + folder.filename().string(), source.campaign);
  } catch (...) {
    target.reset();
    std::error_code ignored;
    for (const char* suffix : {"", "-wal", "-shm"}) fs::remove(file.string() + suffix, ignored);
    throw;
  }
  return source.problems;
}

void toInterchange(const fs::path& file, const fs::path& folder) {
  const CampaignFile source = CampaignFile::open(file);
  const SampleFile samples(file);
  formats::writeInterchange(folder, source.campaign(), [&](const campaign::Run& run) { return samples.logBytes(run); });
}

}  // namespace distanz::store
