#pragma once
#include <optional>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/radio/pattern.h"
#include "core/radio/polarisation.h"

/// What radio makes of an antenna part.
namespace distanz::campaign {

/// Of what physics it is; none where the part does not say, or says it outside of the shape's domain. A
/// patch, monopole or beam takes its front to back, a beam its gain, a bent dipole its bend, a helix its
/// turns and pitch from the part.
std::optional<radio::AntennaShape> shapeOf(const Part& antenna);

/// Keys of the part's values of which its pattern is made.
std::vector<const char*> shapedBy(const Part& antenna);

/// The pattern of that shape; where none is said, a beam of the stated gain. None where neither is.
/// @param bent a dipole that is bent by its mounting
std::shared_ptr<const radio::Pattern> patternOf(const Part& antenna, bool bent = false);

/// How it is polarised; none where the part does not say its hand. A circle nobody measured is taken with
/// kUsualAxialRatio_db.
std::optional<radio::Polarisation> polarisationOf(const Part& antenna);
constexpr double kUsualAxialRatio_db = 1;
/// Crossed antennas lose no more than this: bounces and imperfect fields fill the null.
constexpr double kMostPolarisationLoss_db = 25;

/// Between both antennas of a link, 0..kMostPolarisationLoss_db; none where one does not say its hand.
std::optional<double> polarisationLoss_db(const Part* transmit, const Part* receive);
/// Lost by a beam that points aside; none where it is no beam, or nothing is known of it. @param error_deg
/// 0..180
std::optional<double> pointingLoss_db(const Part& antenna, double error_deg);
/// Sent back at its channel; none where no VSWR is known, or its gain was measured, which holds that loss.
std::optional<double> mismatchLoss_db(const Part& antenna);

/// Antenna of the link that is on the ground, and of the aircraft.
const Part* groundAntenna(const Campaign& campaign, const Link& link, const SetupLink& ends);
const Part* aircraftAntenna(const Campaign& campaign, const Link& link, const SetupLink& ends);

}  // namespace distanz::campaign
