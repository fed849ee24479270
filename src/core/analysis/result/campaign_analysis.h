#pragma once
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/analysis/result/answer.h"
#include "core/analysis/result/beyond.h"
#include "core/estimate/critical_level.h"
#include "core/estimate/signal_model.h"

/// One analysis for everyone: the window, the command line and (later) the report show this struct and
/// compute nothing.
namespace distanz::analysis {

/// The fitted signal of one link, for asking it more than the answers above (live advice).
struct LinkModel {
  std::string link;
  estimate::SignalModels models;
  std::optional<estimate::CriticalLevel> critical;
  std::set<int> power_unknown = {};  ///< setups whose signal is that of antenna and an unknown power together
};

struct Models {
  std::vector<LinkModel> models;

  const LinkModel* modelOn(const std::string& link) const;
};

/// Whoever reads it takes the part that it reads: what is told, what is drawn, or what is asked in flight.
struct CampaignAnalysis : Answers, Beyond, Drawn, Models {};

}  // namespace distanz::analysis
