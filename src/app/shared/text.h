#pragma once
#include <QLabel>
#include <QString>

#include "core/campaign/campaign.h"

namespace distanz::app {

/// A label that shows its text as it is. Names, notes and columns come from anywhere: none of it is ever
/// taken for markup, so no other label is made in this program.
QLabel* plainLabel(const QString& text = {});

/// Text for a tool tip, which Qt would take for markup where it looks like it.
QString plainTip(const QString& text);

/// Text for a menu or button, where "&" would mark a key.
QString withoutKeys(QString text);

/// For text that wraps: no line ends between a number and its unit.
QString unparted(QString text);

/// "1.25 km" or "850 m".
QString distanceLabel(double distance_m);

/// Every reason a run can end, in the order they are offered.
constexpr campaign::Ended kReasons[] = {
    campaign::Ended::Unknown,    campaign::Ended::LinkLost, campaign::Ended::QualityLimit,
    campaign::Ended::TurnedBack, campaign::Ended::Battery,  campaign::Ended::Limit,
    campaign::Ended::Obstacle,   campaign::Ended::Aircraft, campaign::Ended::EquipmentCap};

/// Name of a part, or its id where it has none.
QString partName(const campaign::Part& part);

/// Why a run ended, in words.
QString endedText(campaign::Ended ended);

}  // namespace distanz::app
