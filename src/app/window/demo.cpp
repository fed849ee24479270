#include "app/window/demo.h"

#include <QFile>
#include <QTemporaryDir>

#include "app/window/demo_bench.h"
#include "app/window/demo_ground.h"
#include "app/window/demo_kit.h"
#include "core/finding/error.h"
#include "core/simulate/scenario.h"
#include "formats/interchange.h"
#include "formats/log_writer.h"
#include "formats/scenario_json.h"
#include "store/exchange.h"

namespace distanz::app {

namespace {
constexpr std::uint64_t kSeed = 7;
}

void makeDemo(const std::filesystem::path& file) {
  if (std::filesystem::exists(file)) return;
  QFile scenario(":/distanz/demo/scenario.json");
  if (!scenario.open(QIODevice::ReadOnly))
    throw Error(finding("unexpected", {{"what", ":/distanz/demo/scenario.json"}}));
  simulate::Simulated flown =
      simulate::simulate(formats::readScenario(scenario.readAll().toStdString(), "demo scenario"), kSeed);
  nameDemoKit(flown.campaign);
  auto files = addDemoBench(flown.campaign);
  addDemoGround(flown.campaign, files);
  const QTemporaryDir folder;
  if (!folder.isValid()) throw InputError(finding("no-room-for-demo"));
  const std::filesystem::path logs = std::filesystem::path(folder.path().toStdString()) / "demo";
  formats::writeInterchange(
      logs, flown.campaign,
      [&](const campaign::Run& run, const campaign::Source&) {
        return formats::writeLogCsv(flown.recordings[std::size_t(campaign::findRun(flown.campaign, run.id) -
                                                                 flown.campaign.runs.data())]);
      },
      [&](const std::string&, const campaign::KeptFile& f) { return files.at(f.file); });
  std::filesystem::create_directories(file.parent_path());
  store::fromInterchange(logs, file);
}

}  // namespace distanz::app
