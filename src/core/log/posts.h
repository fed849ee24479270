#pragma once
#include <functional>

#include "core/log/recording.h"

namespace distanz::log {

/// True where rows are placed by the numbers of posts, not by a distance or by positions.
bool isByPosts(const Recording& recording);

/// Gives such a recording its distances. They are the path's, not the log's: never kept with its samples.
void placeByPosts(Recording& recording, const std::function<double(double number)>& distance_m);

}  // namespace distanz::log
