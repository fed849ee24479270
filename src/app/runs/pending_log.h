#pragma once
#include <QString>
#include <map>
#include <optional>
#include <string>

#include "core/campaign/campaign.h"
#include "formats/log_import.h"

namespace distanz::app {

/// One log on its way in: the file, and what the pilot says about it.
struct PendingLog {
  QString file;
  std::string setup;
  campaign::Ended ended = campaign::Ended::Unknown;
  campaign::Method method = campaign::Method::PathFlight;
  std::string flight, notes;
  std::map<std::string, std::string> corrections;
  int with = -1;                          ///< goes with that one of the logs; -1: it is a run of its own
  std::optional<double> offset_s;         ///< of one that goes with another: when it begins, where the pilot laid it
  std::optional<double> from_s, to_s;     ///< what of it is the run
  std::optional<log::Turn> turn;          ///< as moved by hand
  bool split = false;                     ///< each of its flights becomes a run
  int antenna = 0;                        ///< that counts alone, by its corrections; 0: the best of all
  bool wanted = true;                     ///< else it is left out
};

/// The log as it is called: the file, and which antenna of it.
QString nameOf(const PendingLog& log);
/// What is read of it; its file is opened only where it is too large to be held.
formats::GivenLog givenLog(const PendingLog& log);

}  // namespace distanz::app
