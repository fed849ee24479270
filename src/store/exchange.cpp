#include "store/exchange.h"

#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_import.h"
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

void toInterchange(const fs::path& file, const fs::path& folder) {
  const CampaignFile source = CampaignFile::open(file, Access::ReadOnly);
  const SampleFile samples(file, Access::ReadOnly);
  formats::writeInterchange(
      folder, source.campaign(),
      [&](const campaign::Run& run, const campaign::Source& log) { return samples.keptLog(run, log); },
      [&](const std::string& owner, const campaign::KeptFile& f) { return samples.keptBytes(owner, f); });
}

namespace {

PackedLog packedAgain(const formats::KeptLog& log, const std::string& sha256) {
  PackedLog out = log.open ? packSource(*log.open()) : packLog(log.bytes);
  if (out.sha256 != sha256) throw InputError(finding("log-damaged"));
  return out;
}

}  // namespace

std::vector<std::string> saveCopy(const campaign::Campaign& campaign, const SampleFile& samples,
                                  const fs::path& file) {
  FileBuilder builder(file);
  std::vector<std::string> lost;
  for (const campaign::Run& run : campaign.runs) {
    try {
      std::vector<PackedLog> logs;
      for (const campaign::Source& log : run.sources) logs.push_back(packedAgain(samples.keptLog(run, log), log.sha256));
      builder.add({run, std::move(logs), packRecording(*samples.recording(run, campaign))}, campaign.links);
    } catch (const InputError&) {
      lost.push_back(run.id);
    }
  }
  campaign::eachKeptFile(campaign, [&](const campaign::KeptFile& f, const std::string& owner) {
    try {
      builder.add({f.file, packLog(samples.keptBytes(owner, f), f.sha256)});
    } catch (const InputError&) {
      lost.push_back(owner);
    }
  });
  builder.finish(campaign, formats::Aside::Existing::Replace);
  return lost;
}

}  // namespace distanz::store
