#include "formats/interchange.h"

#include <fmt/format.h>

#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>

#include "formats/aside.h"
#include "formats/files.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

namespace fs = std::filesystem;
constexpr const char* kCampaignFile = "campaign.json";

/// A file's place below the folder; none for a name that leads out of it.
std::optional<fs::path> placeIn(const fs::path& folder, const std::string& file) {
  const fs::path name(file);
  bool outside = name.empty() || name.is_absolute();
  for (const fs::path& part : name) outside = outside || part == "..";
  std::error_code ignored;
  const fs::path full = folder / name;
  if (!outside && fs::exists(full, ignored)) {
    const fs::path real = fs::canonical(full, ignored), root = fs::canonical(folder, ignored);
    const fs::path below = real.lexically_relative(root);
    outside = below.empty() || *below.begin() == "..";
  }
  return outside ? std::nullopt : std::optional(full);
}

fs::path logPath(const fs::path& folder, const campaign::Run& run, const campaign::Source& source) {
  const auto place = placeIn(folder, source.file);
  if (!place) throw InputError(inRun(run.id, finding("log-outside-folder", {{"log", source.file}})));
  return *place;
}

std::string uniqueName(std::set<std::string>& taken, const std::string& wanted) {
  std::string name = wanted;
  const auto dot = wanted.find_last_of('.');
  for (int n = 2; name == kCampaignFile || !taken.insert(name).second; ++n)
    name = dot == std::string::npos || dot == 0
               ? fmt::format("{}-{}", wanted, n)
               : fmt::format("{}-{}{}", wanted.substr(0, dot), n, wanted.substr(dot));
  return name;
}

}  // namespace

bool isInterchange(const fs::path& path) {
  std::error_code ignored;
  return fs::is_directory(path, ignored) && fs::exists(path / kCampaignFile, ignored);
}

InterchangeFolder openInterchange(const fs::path& folder) {
  std::error_code ignored;
  if (!fs::is_directory(folder, ignored)) throw InputError(inFile(folder, finding("not-a-folder")));
  const fs::path file = folder / kCampaignFile;
  CampaignRead read = readCampaign(readFile(file), file.string());
  for (const campaign::Run& run : read.campaign.runs) {
    if (run.sources.empty()) logPath(folder, run, run.source());  // refuses
    for (const campaign::Source& source : run.sources) logPath(folder, run, source);
  }
  campaign::eachKeptFile(read.campaign, [&](const campaign::KeptFile& f, const std::string&) {
    if (!placeIn(folder, f.file))
      throw InputError(inFile(file, finding("log-outside-folder", {{"log", f.file}})));
  });
  return {std::move(read.campaign), std::move(read.problems), folder};
}

std::string readRunLog(const InterchangeFolder& folder, const campaign::Run& run,
                       const campaign::Source& source) {
  try {
    return readFile(logPath(folder.folder, run, source));
  } catch (const InputError& e) {
    throw InputError(inRun(run.id, e.found));
  }
}

std::string readKeptBytes(const InterchangeFolder& folder, const campaign::KeptFile& file) {
  const auto place = placeIn(folder.folder, file.file);
  if (!place) throw InputError(finding("log-outside-folder", {{"log", file.file}}));
  return readFile(*place);
}

void addSha256(InterchangeFolder& folder) {
  for (campaign::Run& run : folder.campaign.runs)
    for (campaign::Source& source : run.sources) try {
        source.sha256 = sha256(readRunLog(folder, run, source));
      } catch (const InputError&) {  // told where the run is asked for
        source.sha256.clear();
      }
}

namespace {

void writeLog(const std::filesystem::path& file, const KeptLog& log, const std::filesystem::path& meant) {
  if (log.open)
    writeNewFile(file, *log.open(), meant);
  else
    writeNewFile(file, log.bytes, meant);
}

}  // namespace

void writeInterchange(const fs::path& folder, campaign::Campaign campaign, const BytesOf& bytes_of,
                      const KeptBytesOf& kept_bytes_of) {
  std::error_code error;
  const fs::file_status there = fs::symlink_status(folder, error);
  if (fs::exists(there) && (!fs::is_directory(there) || !fs::is_empty(folder, error)))
    throw InputError(inFile(folder, finding("folder-not-empty")));
  const fs::path parent = folderOf(folder);
  if (!fs::exists(parent, error) && !fs::create_directories(parent, error))
    throw InputError(inFile(parent, finding("cannot-be-made", {{"reason", error.message()}})));
  Aside aside(folder);
  if (!fs::create_directory(aside.place(), error)) refuseFile(folder, FileAct::Write, error.value());
  std::set<std::string> taken;
  std::map<std::string, std::string> by_sha;
  for (campaign::Run& run : campaign.runs)
    for (campaign::Source& source : run.sources) {
      const std::string nameless = fmt::format("run {} {}", run.id, &source - run.sources.data());
      auto [known, fresh] = by_sha.emplace(source.sha256.empty() ? nameless : source.sha256, std::string());
      if (fresh) {
        known->second = uniqueName(taken, safeFileName(source.file));
        writeLog(aside.place() / known->second, bytes_of(run, source), folder / known->second);
      }
      source.file = known->second;
    }
  campaign::eachKeptFile(campaign, [&](campaign::KeptFile& file, const std::string& owner) {
    const std::string nameless = fmt::format("kept {} {}", owner, taken.size());
    auto [known, fresh] = by_sha.emplace(file.sha256.empty() ? nameless : file.sha256, std::string());
    if (fresh) {
      if (!kept_bytes_of)
        throw InputError(inFile(file.file, finding("record-file-missing", {{"record", owner}})));
      known->second = uniqueName(taken, safeFileName(file.file));
      writeNewFile(aside.place() / known->second, kept_bytes_of(owner, file), folder / known->second);
    }
    file.file = known->second;
  });
  writeNewFile(aside.place() / kCampaignFile, jsonText(campaignJson(campaign), 1) + "\n", folder / kCampaignFile);
  aside.publish(Aside::Existing::Keep);
}

}  // namespace distanz::formats
