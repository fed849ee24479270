#include "app/shared/text.h"

#include <QCoreApplication>

#include "core/analysis/sentences.h"

namespace distanz::app {

QString distanceLabel(double distance_m) {
  return QString::fromStdString(analysis::distanceText(distance_m));
}

QString endedText(campaign::Ended ended) {
  using campaign::Ended;
  const auto tr = [](const char* text) { return QCoreApplication::translate("distanz", text); };
  switch (ended) {
    case Ended::Unknown:
      return tr("not said");
    case Ended::LinkLost:
      return tr("link lost");
    case Ended::QualityLimit:
      return tr("quality limit reached");
    case Ended::TurnedBack:
      return tr("turned back by choice");
    case Ended::Battery:
      return tr("battery");
    case Ended::Limit:
      return tr("legal or site limit");
    case Ended::Obstacle:
      return tr("obstacle");
    case Ended::Aircraft:
      return tr("aircraft trouble");
    case Ended::EquipmentCap:
      return tr("limit built into the equipment");
  }
  return {};
}

}  // namespace distanz::app
