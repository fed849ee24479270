#include "app/plan/path_form.h"

#include <QLabel>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/validate.h"

namespace distanz::app {
namespace {

using quantity::Kind;
namespace lim = campaign::limits;

constexpr double kFirstLength_m = 1000;

/// The far post; made on first use, a kilometre out.
campaign::PathPoint& farPost(campaign::Campaign& c) {
  if (c.path.empty()) {
    c.path.push_back({c.station.position, 60});
    c.path.push_back({course::destination(c.station.position, {kFirstLength_m, 0}), 60});
  }
  return c.path.back();
}

std::optional<course::DistanceBearing> wayOf(const campaign::Campaign& c) {
  if (c.path.empty()) return std::nullopt;
  return course::between(c.station.position, c.path.back().position);
}

void setWay(campaign::Campaign& c, course::DistanceBearing way) {
  farPost(c).position = course::destination(c.station.position, way);
  if (c.path.size() == 2) c.path.front().position = c.station.position;
}

void moveStation(campaign::Campaign& c, course::Position to) {
  const bool starts_there = !c.path.empty() && c.path.front().position == c.station.position;
  c.station.position = to;
  if (starts_there) c.path.front().position = to;
}

}  // namespace

PathForm::PathForm(Document& document, QWidget* parent) : QWidget(parent), m_document(document), m_grid(new QGridLayout(this)) {
  m_grid->setContentsMargins(theme::kAxisLeft, 12, theme::kAxisRight, 8);
  m_grid->setHorizontalSpacing(10);
  m_grid->setVerticalSpacing(2);
  const auto hasPath = [](const campaign::Campaign& c) { return !c.path.empty(); };
  add(
      0, 0, "stationLat", tr("Station latitude"), Kind::Angle, {-90, 90},
      [](const auto& c) { return std::optional(c.station.position.lat_deg); },
      [](auto& c, double v) {
        moveStation(c, {v, c.station.position.lon_deg});
      });
  add(
      0, 1, "stationLon", tr("Station longitude"), Kind::Angle, {-180, 180},
      [](const auto& c) { return std::optional(c.station.position.lon_deg); },
      [](auto& c, double v) {
        moveStation(c, {c.station.position.lat_deg, v});
      });
  add(
      0, 2, "antennaHeight", tr("Antenna above ground"), Kind::Length, {0, 1000},
      [](const auto& c) { return std::optional(c.station.antenna_height_m); }, [](auto& c, double v) { c.station.antenna_height_m = v; });
  add(
      0, 3, "flightHeight", tr("Flight height"), Kind::Length, {0, lim::kHeightHigh_m},
      [hasPath](const auto& c) { return hasPath(c) ? std::optional(c.path.back().height_m) : std::nullopt; },
      [](auto& c, double v) {
        farPost(c);
        for (auto& p : c.path) p.height_m = v;
      });
  add(
      0, 4, "posts", tr("A post every"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) { return std::optional(c.post_spacing_m); }, [](auto& c, double v) { c.post_spacing_m = v; });
  add(
      1, 0, "farLat", tr("Far post latitude"), Kind::Angle, {-90, 90},
      [hasPath](const auto& c) { return hasPath(c) ? std::optional(c.path.back().position.lat_deg) : std::nullopt; },
      [](auto& c, double v) { farPost(c).position.lat_deg = v; });
  add(
      1, 1, "farLon", tr("Far post longitude"), Kind::Angle, {-180, 180},
      [hasPath](const auto& c) { return hasPath(c) ? std::optional(c.path.back().position.lon_deg) : std::nullopt; },
      [](auto& c, double v) { farPost(c).position.lon_deg = v; });
  add(
      1, 2, "pathDistance", tr("or: distance to it"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) {
        const auto w = wayOf(c);
        return w ? std::optional(std::round(w->distance_m * 10) / 10) : std::nullopt;
      },
      [](auto& c, double v) {
        setWay(c, {v, wayOf(c).value_or(course::DistanceBearing{}).bearing_deg});
      });
  add(
      1, 3, "pathBearing", tr("and bearing"), Kind::Angle, {0, 360},
      [](const auto& c) {
        const auto w = wayOf(c);
        return w ? std::optional(std::round(w->bearing_deg * 100) / 100) : std::nullopt;
      },
      [](auto& c, double v) {
        setWay(c, {wayOf(c).value_or(course::DistanceBearing{kFirstLength_m, 0}).distance_m, v});
      });
  add(
      1, 4, "exponent", tr("Path-loss exponent"), Kind::Number, {lim::kExponentLow, lim::kExponentHigh},
      [](const auto& c) { return std::optional(c.plan_exponent); }, [](auto& c, double v) { c.plan_exponent = v; });
}

void PathForm::add(int row, int column, const char* name, const QString& label, Kind kind, QuantityEdit::Limits limits, Get get, Set set) {
  auto* caption = plainLabel(label);
  caption->setProperty("small", true);
  auto* edit = new QuantityEdit(kind, limits, false);
  edit->field()->setObjectName(name);
  edit->field()->setAccessibleName(label);
  caption->setBuddy(edit->field());
  m_grid->addWidget(caption, 2 * row, column);
  m_grid->addWidget(edit, 2 * row + 1, column, Qt::AlignTop);
  edit->show(get(m_document.campaign()));
  connect(edit, &QuantityEdit::committed, this, [this, set, label](std::optional<double> value) {
    campaign::Campaign next = m_document.campaign();
    set(next, *value);
    m_document.edit(tr("Change %1").arg(label.toLower()), next);
  });
  connect(&m_document, &Document::changed, edit, [this, edit, get] { edit->show(get(m_document.campaign())); });
}

}  // namespace distanz::app
