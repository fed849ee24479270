#include "core/log/moved.h"

#include <algorithm>
#include <cmath>

#include "core/log/track.h"

namespace distanz::log {
namespace {

std::vector<double>* columnOf(Recording& r, std::string_view channel) {
  const auto found = std::find_if(r.columns.begin(), r.columns.end(), [&](const Column& c) { return c.channel == channel; });
  return found == r.columns.end() ? nullptr : &found->values;
}

}  // namespace

Recording movedElsewhere(const Recording& recording, const std::optional<course::Elsewhere>& from, double ground_m) {
  Recording out = recording;
  auto *lat = columnOf(out, channel::kLatitude), *lon = columnOf(out, channel::kLongitude);
  std::optional<course::Elsewhere> there = from;
  for (std::size_t i = 0; lat && lon && i < out.rows(); ++i) {
    double &row_lat = (*lat)[i], &row_lon = (*lon)[i];
    if (!onGlobe(row_lat, row_lon)) {  // nor where it is not known
      row_lat = row_lon = NAN;
      continue;
    }
    if (!there) there.emplace(course::Position{row_lat, row_lon});
    const course::Position moved = there->moved({row_lat, row_lon});
    row_lat = moved.lat_deg;
    row_lon = moved.lon_deg;
  }
  if (auto* altitude = columnOf(out, channel::kAltitude))
    for (double& metres : *altitude) metres -= ground_m;
  return out;
}

}  // namespace distanz::log
