#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "core/course/course.h"
#include "core/estimate/live.h"

namespace distanz::analysis {

/// What a flight still in the air may be told on one link.
struct LinkAdvice {
  std::string link;
  estimate::LiveAdvice advice;
  /// What is left is told of the very path, with its holes; else as on other ground like this.
  bool on_path = false;
  bool first_flight = false;  ///< no earlier flight of this setup counts: told from this flight alone
  std::string
      below_rule;  ///< part of the pilot's rule that fails now ("quality", "bitrate"); empty where it holds
};

struct FlightAdvice {
  double heading_off_deg =
      0;  ///< between the heading and straight away from the station: 0 outbound, 180 home
  std::vector<LinkAdvice> links;  ///< the one with the least dependable distance left first
};

/// "Margin now, and distance left at this heading" from the part of a flight that is there.
/// @param models of the campaign's earlier flights @param run its setup and what is known of it (reduced
/// power)
/// @param so_far rows from take-off on @param heading_off_deg none: from the last seconds of the track
/// @return no links where no link has a critical level, a signal that falls, and a placed row
/// @throws InputError where the rows hold no position
FlightAdvice adviseFlight(const campaign::Campaign& campaign, const Models& models, const campaign::Run& run,
                          const log::Recording& so_far, const course::Course* course,
                          std::optional<double> heading_off_deg = {});

/// Margin here, and for how long more it is dependable and typical; or why to turn back.
Finding findingOf(const LinkAdvice& advice);

}  // namespace distanz::analysis
