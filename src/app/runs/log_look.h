#pragma once
#include <QString>
#include <optional>
#include <vector>

#include "app/runs/pending_log.h"
#include "app/runs/run_strip.h"

namespace distanz::app {

/// What a log and those that go with it would become, before anything is kept.
struct LogLook {
  std::optional<RunStrip::Shown> shown;     ///< none where it cannot be read, or is too large to be read twice
  std::vector<log::FlightPart> flights;
  QString told;                             ///< how the clocks were laid together, or why not
  bool refused = false;
};

/// @param logs a log, and those that go with it. Never throws. Lengthy: to be called beside the window.
LogLook lookAt(const std::vector<PendingLog>& logs, const campaign::Campaign& campaign, const formats::Progress& progress = {});

}  // namespace distanz::app
