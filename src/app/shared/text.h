#pragma once
#include <QString>

#include "core/campaign/campaign.h"

namespace distanz::app {

/// "1.25 km" or "850 m".
QString distanceLabel(double distance_m);

/// Why a run ended, in words.
QString endedText(campaign::Ended ended);

}  // namespace distanz::app
