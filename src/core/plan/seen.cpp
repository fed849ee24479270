#include "core/plan/seen.h"

#include <algorithm>
#include <numbers>

#include "core/course/ahead.h"

namespace distanz::plan {
namespace {

constexpr std::size_t kLooks = 2000;  ///< along the path, however many points it has

}  // namespace

std::vector<SeenAt> seenFrom(const campaign::Campaign& c, double mast_m) {
  const auto course = campaign::courseOf(c);
  if (!course) return {};
  const auto& points = campaign::firstPath(c);
  const auto& flats = course->points();
  const double bearing_deg = std::atan2(flats.back().east_m, flats.back().north_m) * 180 / std::numbers::pi;
  const std::size_t stretches = flats.size() - 1, steps = std::max(kLooks / stretches, std::size_t{1}),
                    stride = std::max(stretches / kLooks, std::size_t{1});
  std::vector<SeenAt> out;
  double along = 0;
  for (std::size_t i = 0; i < stretches; ++i) {
    const double length = course::apart_m(flats[i], flats[i + 1]);
    for (std::size_t k = 0; i % stride == 0 && k <= steps; ++k) {
      const double t = double(k) / double(steps);
      const course::Ahead at = course::aheadOf({std::lerp(flats[i].east_m, flats[i + 1].east_m, t),
                                                std::lerp(flats[i].north_m, flats[i + 1].north_m, t)},
                                               bearing_deg);
      out.push_back({along + t * length, at.along_m, at.right_m,
                     std::lerp(points[i].height_m, points[i + 1].height_m, t) - mast_m});
    }
    along += length;
  }
  return out;
}

}  // namespace distanz::plan
