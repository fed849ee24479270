#include "app/runs/match_text.h"

#include <QObject>
#include <algorithm>

namespace distanz::app {

QString dayOrderText(std::string_view unit, const QString& other) {
  return unit == formats::kDayFirst ? QObject::tr("day/month/year") : unit == formats::kMonthFirst ? QObject::tr("month/day/year") : other;
}

namespace {

/// What its fields are written in.
QString writtenIn(const formats::ColumnMatch& match) {
  switch (match.kind) {
    case formats::FieldKind::DateTime:
      return dayOrderText(match.unit, QObject::tr("date and time"));
    case formats::FieldKind::Date:
      return dayOrderText(match.unit, QObject::tr("date"));
    case formats::FieldKind::Clock:
      return QObject::tr("time of day");
    case formats::FieldKind::Elapsed:
      return QObject::tr("minutes and seconds");
    case formats::FieldKind::LatLon:
      return match.unit == formats::kLonFirst ? QObject::tr("longitude, latitude") : QObject::tr("latitude, longitude");
    case formats::FieldKind::Number:
    case formats::FieldKind::LevelAsPower:
      break;
  }
  return QString::fromStdString(match.unit);
}

}  // namespace

QString unitText(const std::vector<formats::ColumnMatch>& matches, const formats::ColumnMatch& match) {
  const auto columns = std::count_if(matches.begin(), matches.end(), [&](const auto& m) { return m.channel == match.channel; });
  const QString unit = writtenIn(match);
  return columns > 1 ? QObject::tr("%1, best of %2").arg(unit).arg(columns) : unit;
}

}  // namespace distanz::app
