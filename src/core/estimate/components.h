#pragma once
#include <vector>

#include "core/estimate/signal_model.h"

namespace distanz::estimate {

/// Groups flights so that within a group every flight is linked to the rest through flights sharing at least
/// 3 uncensored cells. @param candidates positions in flights. Groups and their members keep the order of
/// candidates.
std::vector<std::vector<int>> connectedFlights(const std::vector<ModelFlight>& flights,
                                               const std::vector<int>& candidates);

}  // namespace distanz::estimate
