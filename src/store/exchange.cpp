#include "store/exchange.h"

#include <cerrno>
#include <cstdlib>

#include "core/log/moved.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
#include "formats/log_writer.h"
#include "store/file_builder.h"
#include "store/packed_source.h"

namespace distanz::store {

namespace fs = std::filesystem;

std::vector<Finding> fromInterchange(const fs::path& folder, const fs::path& file,
                                     const std::function<bool(double)>& progress) {
  formats::InterchangeFolder source = formats::openInterchange(folder);
  campaign::Campaign& c = source.campaign;
  if (c.title.empty()) c.title = "Campaign";
  std::error_code error;
  if (fs::exists(file, error)) throw InputError(inFile(file, finding("campaign-exists-already")));
  FileBuilder builder(file);
  std::size_t done = 0;
  for (campaign::Run& run : c.runs) {
    std::vector<PackedLog> logs;
    const auto bytes_of = [&](const campaign::Run& of, const campaign::Source& log) {
      std::string bytes = formats::readRunLog(source, of, log);
      logs.push_back(packLog(bytes));
      return formats::KeptLog{std::move(bytes)};
    };
    const log::Recording samples = formats::readSources(run, c, bytes_of);
    for (std::size_t i = 0; i < logs.size(); ++i) run.sources[i].sha256 = logs[i].sha256;
    builder.add({run, std::move(logs), packRecording(samples)}, c.links);
    if (progress && !progress(static_cast<double>(++done) / static_cast<double>(c.runs.size())))
      throw formats::ReadCancelled();
  }
  campaign::eachKeptFile(c, [&](campaign::KeptFile& f, const std::string&) {
    PackedLog packed = packLog(formats::readKeptBytes(source, f));
    f.sha256 = packed.sha256;
    builder.add({f.file, std::move(packed)});
  });
  builder.finish(c);
  return source.problems;
}

namespace {

PackedLog packedAgain(const formats::KeptLog& log, const std::string& sha256) {
  PackedLog out = log.open ? packSource(*log.open()) : packLog(log.bytes);
  if (out.sha256 != sha256) throw InputError(finding("log-damaged"));
  return out;
}

/// A run as it goes: with its logs as they are, or, where places stay behind, with a table of what was read of them.
/// @param goes gets the names of what goes
PackedRun leavingRun(const campaign::Run& run, campaign::Run& goes, const campaign::Campaign& campaign, const SampleFile& samples,
                     const campaign::Leaving& along) {
  const auto recording = samples.recording(run, campaign);
  if (!along.places) {  // columns that nobody matched may tell them, too
    const log::Recording moved = log::movedElsewhere(*recording, campaign::elsewhere(campaign), campaign.station.ground_m);
    std::vector<PackedLog> one{packLog(formats::writeLogCsv(moved, true))};
    goes.sources.assign(1, {});
    goes.sources[0].file = fs::path(run.source().file).stem().string() + ".csv";
    goes.sources[0].sha256 = one.front().sha256;
    return {goes, std::move(one), packRecording(moved)};
  }
  std::vector<PackedLog> logs;
  for (const campaign::Source& log : run.sources) logs.push_back(packedAgain(samples.keptLog(run, log), log.sha256));
  return {goes, std::move(logs), packRecording(*recording)};
}

/// A kept file as it goes. @param file gets the name and the sum of what goes
PackedLog leavingFile(campaign::KeptFile& file, const std::string& bytes, const Leave& leave) {
  if (leave.along.photos || !campaign::isPhoto(file)) return packLog(bytes, file.sha256);
  const std::string plain = leave.plain(bytes, file.file);
  if (plain.empty()) throw InputError(finding("no-picture"));
  file.file = fs::path(file.file).stem().string() + ".jpg";
  PackedLog packed = packLog(plain);
  file.sha256 = packed.sha256;
  return packed;
}

}  // namespace

std::vector<std::string> saveCopy(const campaign::Campaign& campaign, const SampleFile& samples,
                                  const fs::path& file, const Leave& leave) {
  FileBuilder builder(file);
  std::vector<std::string> lost;
  campaign::Campaign goes = campaign::leavingWith(campaign, leave.along);
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    try {
      builder.add(leavingRun(campaign.runs[i], goes.runs[i], campaign, samples, leave.along), campaign.links);
    } catch (const InputError&) {
      lost.push_back(campaign.runs[i].id);
    }
  }
  campaign::eachKeptFile(goes, [&](campaign::KeptFile& f, const std::string& owner) {
    try {
      const std::string bytes = samples.keptBytes(owner, f);
      builder.add({f.file, leavingFile(f, bytes, leave)});
    } catch (const InputError&) {
      lost.push_back(owner);
    }
  });
  builder.finish(goes, formats::Aside::Existing::Replace);
  return lost;
}

namespace {

/// A folder that goes with this.
struct Workshop {
  fs::path folder;
  Workshop() {
    std::string name = (fs::temp_directory_path() / "distanz-XXXXXX").string();
    if (!mkdtemp(name.data())) formats::refuseFile(name, formats::FileAct::Write, errno);
    folder = name;
  }
  ~Workshop() {
    std::error_code ignored;
    fs::remove_all(folder, ignored);
  }
  Workshop(const Workshop&) = delete;
  Workshop& operator=(const Workshop&) = delete;
};

}  // namespace

void toInterchange(const fs::path& file, const fs::path& folder, const Leave& leave) {
  const CampaignFile source = CampaignFile::open(file, Access::ReadOnly);
  const SampleFile samples(file, Access::ReadOnly);
  if (!leave.along.everything()) {
    const Workshop workshop;
    const fs::path lean = workshop.folder / file.filename();
    saveCopy(source.campaign(), samples, lean, leave);
    return toInterchange(lean, folder);
  }
  formats::writeInterchange(
      folder, source.campaign(),
      [&](const campaign::Run& run, const campaign::Source& log) { return samples.keptLog(run, log); },
      [&](const std::string& owner, const campaign::KeptFile& f) { return samples.keptBytes(owner, f); });
}

}  // namespace distanz::store
