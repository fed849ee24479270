#pragma once
#include <fmt/format.h>
#include <sys/wait.h>
#include <unistd.h>

#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

#include "formats/files.h"
#include "store/campaign_file.h"
#include "store/sample_file.h"
#include "support/temp_dir.h"
#include "support/told.h"

namespace distanz::test {

inline campaign::Campaign small() {
  campaign::Campaign c;
  c.title = "Small";
  c.station.place({46.91, 20.96});
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", "", {}, ""});
  return c;
}

inline campaign::Campaign renamed(campaign::Campaign c, const std::string& name) {
  c.setups[0].name = name;
  return c;
}

/// The same but for the random UUIDs that a campaign file gives.
inline bool same(campaign::Campaign a, campaign::Campaign b) {
  for (campaign::Campaign* c : {&a, &b}) {
    c->uuid.clear();
    for (auto& part : c->parts) part.uuid.clear();
    for (auto& setup : c->setups) setup.uuid.clear();
    for (auto& run : c->runs) run.uuid.clear();
  }
  return a == b;
}

struct Log {
  campaign::Run run;
  std::string bytes;
  log::Recording recording;

  store::PackedRun packed() const { return store::packRun(run, bytes, recording); }
};

inline Log sampleLog(const std::string& name, double first) {
  Log l;
  l.bytes = "time_s,distance_m,rssi_dbm\n0,5," + fmt::to_string(first) + "\n1,50,-61\n";
  l.recording.time_s = {0, 1};
  l.recording.columns = {{"distance_m", {5, 50}}, {"control.rssi_dbm", {first, -61}}};
  l.run.setup = "A";
  l.run.editSource().file = name + ".csv";
  l.run.editSource().sha256 = formats::sha256(l.bytes);
  return l;
}

inline store::CampaignFile openToEdit(const std::filesystem::path& path) {
  return store::CampaignFile::open(path, store::Access::ReadWrite);
}
inline campaign::Campaign read(const std::filesystem::path& path) {
  return store::CampaignFile::open(path, store::Access::ReadOnly).campaign();
}

inline store::Added add(store::CampaignFile& file, const Log& log) {
  std::vector<store::PackedRun> runs;
  runs.push_back(log.packed());
  return file.addRuns(test::step("Import"), std::move(runs), file.campaign().links);
}
inline campaign::Run import(store::CampaignFile& file, const Log& log) {
  return add(file, log).runs.at(0);
}

/// Starts work in a child that may be killed; see ended().
inline pid_t startChild(const std::function<void()>& work) {
  const pid_t pid = ::fork();
  if (pid != 0) return pid;
  try {
    work();
  } catch (const std::exception& e) {
    std::fprintf(stderr, "child: %s\n", e.what());
    ::_exit(99);
  }
  ::_exit(0);
}
inline int ended(pid_t pid) {
  int status = 0;
  ::waitpid(pid, &status, 0);
  return status;
}
inline int inChild(const std::function<void()>& work) {
  return ended(startChild(work));
}

/// Names in a folder, hidden ones too.
inline std::vector<std::string> namesIn(const std::filesystem::path& folder) {
  std::vector<std::string> names;
  for (const auto& entry : std::filesystem::directory_iterator(folder))
    names.push_back(entry.path().filename().string());
  std::sort(names.begin(), names.end());
  return names;
}

}  // namespace distanz::test
