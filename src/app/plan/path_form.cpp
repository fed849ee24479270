#include "app/plan/path_form.h"

#include <QLabel>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/lay_path.h"
#include "core/campaign/limits.h"
#include "core/course/coordinates.h"
#include "words/say.h"

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
  m_grid->setContentsMargins(theme::kAxisLeft, 4, theme::kAxisRight, 8);
  m_grid->setHorizontalSpacing(10);
  m_grid->setVerticalSpacing(2);
  m_grid->setColumnStretch(0, 3);
  for (int column = 1; column < 4; ++column) m_grid->setColumnStretch(column, 2);
  addStation();
  addFarPost();
}

void PathForm::addStation() {
  position(
      0, 0, "station", tr("Station, latitude and longitude"),
      [](const auto& c) { return c.station.position(); },
      [](auto& c, const course::Position& at) { campaign::moveStation(c, at.lat_deg, at.lon_deg); });
  add(
      0, 1, "antennaHeight", tr("Antenna above ground"), Kind::Length, {0, lim::kMastHigh_m},
      [](const auto& c) { return std::optional(c.station.antenna_height_m); },
      [](auto& c, double v) { c.station.antenna_height_m = v; });
  add(
      0, 2, "flightHeight", tr("Flight height"), Kind::Length, {0, lim::kHeightHigh_m},
      [](const auto& c) {
        return hasPath(c) ? std::optional(campaign::firstPath(c).back().height_m) : std::nullopt;
      },
      [](auto& c, double v) {
        campaign::farPost(c);
        for (auto& p : campaign::editFirstPath(c).points) p.height_m = v;
      },
      Needs::Station);
  add(
      0, 3, "posts", tr("A post every"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) {
        return std::optional(c.paths.empty() ? campaign::Path().post_spacing_m
                                             : c.paths.front().post_spacing_m);
      },
      [](auto& c, double v) { campaign::editFirstPath(c).post_spacing_m = v; });
}

void PathForm::addFarPost() {
  position(
      1, 0, "farPost", tr("Far post, latitude and longitude"),
      [](const auto& c) {
        return hasPath(c) ? std::optional(campaign::firstPath(c).back().position) : std::nullopt;
      },
      [](auto& c, const course::Position& at) { campaign::farPost(c).position = at; }, Needs::Station);
  add(
      1, 1, "pathDistance", tr("or: its distance"), Kind::Length, {lim::kPostLow_m, lim::kPathHigh_m},
      [](const auto& c) {
        const auto w = campaign::wayOut(c);
        return w ? std::optional(std::round(w->distance_m * 10) / 10) : std::nullopt;
      },
      [](auto& c, double v) { campaign::setWayOut(c, v, std::nullopt); }, Needs::Station);
  add(
      1, 2, "pathBearing", tr("and bearing"), Kind::Angle, {0, 360},
      [](const auto& c) {
        const auto w = campaign::wayOut(c);
        return w ? std::optional(std::round(w->bearing_deg * 100) / 100) : std::nullopt;
      },
      [](auto& c, double v) { campaign::setWayOut(c, std::nullopt, v); }, Needs::Station);
  add(
      1, 3, "exponent", tr("Path-loss exponent"), Kind::Number, {lim::kExponentLow, lim::kExponentHigh},
      [](const auto& c) { return std::optional(c.plan_exponent); },
      [](auto& c, double v) { c.plan_exponent = v; });
}

void PathForm::place(int row, int column, const QString& caption, QWidget* field) {
  auto* label = plainLabel(caption);
  label->setProperty("small", true);
  m_grid->addWidget(label, 2 * row, column);
  m_grid->addWidget(field, 2 * row + 1, column, Qt::AlignTop);
}

void PathForm::position(int row, int column, const char* name, const QString& label, const GetPosition& get,
                        const SetPosition& set, Needs needs) {
  auto* edit = new TextEdit([this, set, name = std::string(name)](const QString& text) -> QString {
    const auto at = course::coordinatesFrom(text.toStdString());
    if (!at) return words::sentence(finding("coordinates-unreadable", {{"text", text.toStdString()}}));
    campaign::Campaign next = m_document.campaign();
    set(next, *at);
    m_document.edit(finding("change-field", {{"field", Term{"field-" + name}}}), next);
    return {};
  });
  edit->field()->setObjectName(name);
  edit->field()->setAccessibleName(label);
  const auto refresh = [this, edit, get, needs] {
    const auto at = get(m_document.campaign());
    edit->showText(at ? QString::fromStdString(course::coordinatesText(*at)) : QString());
    const bool open = needs == Needs::Nothing || m_document.campaign().station.position();
    edit->field()->setEnabled(open);
    edit->field()->setPlaceholderText(open ? tr("46.91, 20.96 or UTM") : tr("station first"));
  };
  refresh();
  connect(edit, &CheckedEdit::accepted, edit, refresh);
  connect(&m_document, &Document::changed, edit, refresh);
  place(row, column, label, edit);
}

void PathForm::add(int row, int column, const char* name, const QString& label, Kind kind,
                   QuantityEdit::Limits limits, Get get, Set set, Needs needs) {
  auto* edit = new QuantityEdit(kind, limits, false);
  edit->field()->setObjectName(name);
  edit->field()->setAccessibleName(label);
  place(row, column, label, edit);
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
