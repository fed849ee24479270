// What an hour of readings at 1 Hz, kept every three seconds, adds to a campaign file, and how long it takes to
// take 500 such steps back.
#include <fmt/format.h>

#include <chrono>
#include <filesystem>

#include "store/campaign_file.h"
#include "support/temp_dir.h"

using namespace distanz;

namespace {

constexpr int kSteps = 1200, kEach = 3, kTakenBack = 500;
constexpr int kAMinute = 60 / kEach;  // so many times it is kept

campaign::Campaign longer(campaign::Campaign c) {
  auto& readings = c.records[0].readings;
  for (int i = 0; i < kEach; ++i) readings.push_back({"on", {{"time_s", double(readings.size())}, {"count", 7}}, {}});
  return c;
}

double secondsOf(const std::function<void()>& work) {
  const auto begun = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count();
}

/// @param together so many times that it is kept are one step of the history
void hour(const char* what, int together) {
  const test::TempDir dir;
  campaign::Campaign c;
  c.records.resize(1);
  c.records[0].id = "r1";
  c.records[0].kind = campaign::RecordKind::Ground;
  store::CampaignFile file = store::CampaignFile::create(dir / "c.distanz", c);
  const auto before = std::filesystem::file_size(dir / "c.distanz");
  const double filled_s = secondsOf([&] { for (int i = 0; i < kSteps; ++i) file.edit(finding("fill-live", {{"record", std::to_string(i / together)}, {"count", kEach}}), longer(file.campaign())); });
  fmt::print("  {}: {:.2f} MB more, {:.1f} ms a step", what, double(std::filesystem::file_size(dir / "c.distanz") - before) / 1e6, 1000 * filled_s / kSteps);
  const int steps = kTakenBack / together;
  const double undone_s = secondsOf([&] { for (int i = 0; i < steps; ++i) file.undo(); });
  fmt::print(", {} times that it was kept taken back in {:.2f} s ({} steps)\n", kTakenBack, undone_s, steps);
}

}  // namespace

int main() {
  hour("as the window keeps it, a step a minute", kAMinute);
  hour("each time a step of its own", 1);
}
