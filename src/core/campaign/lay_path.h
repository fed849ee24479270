#pragma once
#include <optional>

#include "core/campaign/campaign.h"

/// Laying out the first path of a campaign, a field at a time.
namespace distanz::campaign {

/// Its far post; made where there is none, a kilometre north of the station at 60 m. @throws DomainError
/// where it would have to be made and there is no station
PathPoint& farPost(Campaign& campaign);

/// From the station to the far post; none where either is missing.
std::optional<course::DistanceBearing> wayOut(const Campaign& campaign);

/// Puts the far post there; what is not given stays as it is. @throws DomainError without a station
void setWayOut(Campaign& campaign, std::optional<double> distance_m, std::optional<double> bearing_deg);

/// A path that begins at the station goes with it.
void moveStation(Campaign& campaign, std::optional<double> lat_deg, std::optional<double> lon_deg);

}  // namespace distanz::campaign
