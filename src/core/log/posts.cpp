#include "core/log/posts.h"

namespace distanz::log {

bool isByPosts(const Recording& r) {
  return r.find(channel::kPost) && !r.find(channel::kDistance) && !r.find(channel::kLatitude);
}

void placeByPosts(Recording& r, const std::function<double(double)>& distance_m) {
  if (!isByPosts(r)) return;
  Column distance{std::string(channel::kDistance), {}};
  for (const double number : *r.find(channel::kPost)) distance.values.push_back(distance_m(number));
  r.columns.push_back(std::move(distance));
}

}  // namespace distanz::log
