#include "app/shared/text.h"

#include <QCoreApplication>
#include <QTextDocument>

#include "words/quantity.h"

namespace distanz::app {

QLabel* plainLabel(const QString& text) {
  auto* label = new QLabel;
  label->setTextFormat(Qt::PlainText);
  label->setText(text);
  return label;
}

QString plainTip(const QString& text) {
  return Qt::mightBeRichText(text) ? text.toHtmlEscaped() : text;
}

QString withoutKeys(QString text) {
  return text.replace('&', "&&");
}

QString distanceLabel(double distance_m) {
  return words::distance(distance_m);
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
