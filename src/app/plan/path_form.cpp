#include "app/plan/path_form.h"

#include <QLabel>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/lay_path.h"
#include "core/campaign/limits.h"

namespace distanz::app {
namespace {

using quantity::Kind;
namespace lim = campaign::limits;

bool hasPath(const campaign::Campaign& c) {
  return !campaign::firstPath(c).empty();
}

}  // namespace

PathForm::PathForm(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_grid(new QGridLayout(this)) {
  m_grid->setContentsMargins(theme::kAxisLeft, 12, theme::kAxisRight, 8);
  m_grid->setHorizontalSpacing(10);
  m_grid->setVerticalSpacing(2);
  addStation();
  addFarPost();
}

void PathForm::addStation() {
  add(
      0, 0, "stationLat", tr("Station latitude"), Kind::Angle, {-90, 90},
      [](const auto& c) { return c.station.lat_deg; },
      [](auto& c, double v) { campaign::moveStation(c, v, c.station.lon_deg); });
  add(
      0, 1, "stationLon", tr("Station longitude"), Kind::Angle, {-180, 180},
      [](const auto& c) { return c.station.lon_deg; },
      [](auto& c, double v) { campaign::moveStation(c, c.station.lat_deg, v); });
  add(
      0, 2, "antennaHeight", tr("Antenna above ground"), Kind::Length, {0, 1000},
      [](const auto& c) { return std::optional(c.station.antenna_height_m); },
      [](auto& c, double v) { c.station.antenna_height_m = v; });
  add(
      0, 3, "flightHeight", tr("Flight height"), Kind::Length, {0, lim::kHeightHigh_m},
      [](const auto& c) {
        return hasPath(c) ? std::optional(campaign::firstPath(c).back().height_m) : std::nullopt;
      },
      [](auto& c, double v) {
        campaign::farPost(c);
        for (auto& p : campaign::editFirstPath(c).points) p.height_m = v;
      },
      Needs::Station);
  add(
      0, 4, "posts", tr("A post every"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) {
        return std::optional(c.paths.empty() ? campaign::Path().post_spacing_m
                                             : c.paths.front().post_spacing_m);
      },
      [](auto& c, double v) { campaign::editFirstPath(c).post_spacing_m = v; });
}

void PathForm::addFarPost() {
  add(
      1, 0, "farLat", tr("Far post latitude"), Kind::Angle, {-90, 90},
      [](const auto& c) {
        return hasPath(c) ? std::optional(campaign::firstPath(c).back().position.lat_deg) : std::nullopt;
      },
      [](auto& c, double v) { campaign::farPost(c).position.lat_deg = v; }, Needs::Station);
  add(
      1, 1, "farLon", tr("Far post longitude"), Kind::Angle, {-180, 180},
      [](const auto& c) {
        return hasPath(c) ? std::optional(campaign::firstPath(c).back().position.lon_deg) : std::nullopt;
      },
      [](auto& c, double v) { campaign::farPost(c).position.lon_deg = v; }, Needs::Station);
  add(
      1, 2, "pathDistance", tr("or: distance to it"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) {
        const auto w = campaign::wayOut(c);
        return w ? std::optional(std::round(w->distance_m * 10) / 10) : std::nullopt;
      },
      [](auto& c, double v) { campaign::setWayOut(c, v, std::nullopt); }, Needs::Station);
  add(
      1, 3, "pathBearing", tr("and bearing"), Kind::Angle, {0, 360},
      [](const auto& c) {
        const auto w = campaign::wayOut(c);
        return w ? std::optional(std::round(w->bearing_deg * 100) / 100) : std::nullopt;
      },
      [](auto& c, double v) { campaign::setWayOut(c, std::nullopt, v); }, Needs::Station);
  add(
      1, 4, "exponent", tr("Path-loss exponent"), Kind::Number, {lim::kExponentLow, lim::kExponentHigh},
      [](const auto& c) { return std::optional(c.plan_exponent); },
      [](auto& c, double v) { c.plan_exponent = v; });
}

void PathForm::add(int row, int column, const char* name, const QString& label, Kind kind,
                   QuantityEdit::Limits limits, Get get, Set set, Needs needs) {
  auto* caption = plainLabel(label);
  caption->setProperty("small", true);
  auto* edit = new QuantityEdit(kind, limits, false);
  edit->field()->setObjectName(name);
  edit->field()->setAccessibleName(label);
  caption->setBuddy(edit->field());
  m_grid->addWidget(caption, 2 * row, column);
  m_grid->addWidget(edit, 2 * row + 1, column, Qt::AlignTop);
  const auto refresh = [this, edit, get, needs] {
    edit->show(get(m_document.campaign()));
    const bool open = needs == Needs::Nothing || m_document.campaign().station.position();
    edit->field()->setEnabled(open);
    edit->field()->setPlaceholderText(open ? QString() : tr("station first"));
  };
  refresh();
  connect(edit, &QuantityEdit::committed, this,
          [this, set, name = std::string(name)](std::optional<double> value) {
            campaign::Campaign next = m_document.campaign();
            set(next, *value);
            m_document.edit(finding("change-field", {{"field", Term{"field-" + name}}}), next);
          });
  connect(&m_document, &Document::changed, edit, refresh);
}

}  // namespace distanz::app
