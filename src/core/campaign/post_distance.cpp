#include "core/campaign/post_distance.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace distanz::campaign {

double postDistance_m(const Campaign& campaign, const Run& run, double number) {
  if (!std::isfinite(number) || campaign.paths.empty()) return NAN;
  const auto& paths = campaign.paths;
  const auto flown = std::find_if(paths.begin(), paths.end(), [&](const Path& p) { return p.id == run.path; });
  const Path& path = flown == paths.end() ? paths.front() : *flown;
  const std::string name = fmt::format("{:.6g}", number);
  const auto named = std::find_if(path.posts.begin(), path.posts.end(), [&](const Post& p) { return p.name == name; });
  return named != path.posts.end() ? named->along_m : number * path.post_spacing_m;
}

int lastPost(const Campaign& campaign) {
  const auto course = courseOf(campaign);
  if (!course || !(campaign.paths.front().post_spacing_m > 0)) return 0;
  return static_cast<int>(std::min(course->farPost_m() / campaign.paths.front().post_spacing_m + 1e-6, 1e6));
}

}  // namespace distanz::campaign
