#pragma once
#include <optional>
#include <string>

#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

/// When and where a run passed something, as a pilot types it.
namespace distanz::campaign {

struct TypedNumber {
  double value = 0;
  std::optional<Finding> problem;  ///< why it was refused and what to type instead; none where it was read
};

/// Seconds from "207", "207 s", "3:27", "1:03:27.5".
TypedNumber parseMarkTime(const std::string& text);
/// Metres along the path that the run flew: a post by its number or name, or a length with its unit ("450 m").
TypedNumber parseMarkPlace(const std::string& text, const Campaign& campaign, const Run& run);
/// "3:27.5" for 207.5; hours only where there are any.
std::string markTimeText(double seconds);

/// The post beyond a place, in the way of the path: what is passed next. Metres along the path.
double nextPost_m(const Campaign& campaign, const Run& run, double along_m);

}  // namespace distanz::campaign
