#include <ostream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/simulate/scenario.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_writer.h"
#include "formats/scenario_json.h"

namespace distanz::cli {

void simulateCommand(const SimulateOptions& options, Io io) {
  const simulate::Scenario scenario =
      formats::readScenario(formats::readFile(options.scenario), options.scenario.string());
  const simulate::Simulated flown = simulate::simulate(scenario, options.seed);
  formats::writeInterchange(
      options.out, flown.campaign, [&](const campaign::Run& run, const campaign::Source&) {
        const auto index =
            static_cast<std::size_t>(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data());
        return formats::writeLogCsv(flown.recordings[index]);
      });
  io.out << Cli::tr("wrote %1 runs to %2")
                .arg(flown.recordings.size())
                .arg(QString::fromStdString(options.out.string()))
                .toStdString()
         << "\n";
}

}  // namespace distanz::cli
