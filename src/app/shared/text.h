#pragma once
#include <QString>

#include "core/campaign/campaign.h"

namespace distanz::app {

/// "1.25 km" or "850 m".
QString distanceLabel(double distance_m);

/// Every reason a run can end, in the order they are offered.
constexpr campaign::Ended kReasons[] = {campaign::Ended::Unknown,    campaign::Ended::LinkLost, campaign::Ended::QualityLimit,
                                        campaign::Ended::TurnedBack, campaign::Ended::Battery,  campaign::Ended::Limit,
                                        campaign::Ended::Obstacle,   campaign::Ended::Aircraft, campaign::Ended::EquipmentCap};

/// Why a run ended, in words.
QString endedText(campaign::Ended ended);

}  // namespace distanz::app
