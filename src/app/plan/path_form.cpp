#include "app/plan/path_form.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <cmath>

#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/describe.h"
#include "core/campaign/lay_path.h"
#include "core/campaign/limits.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

using campaign::Campaign;
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
  addSurroundings();
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

void PathForm::place(int column, const QString& caption, QWidget* field) {
  auto* label = plainLabel(caption);
  label->setProperty("small", true);
  m_grid->addWidget(label, 4, column);
  m_grid->addWidget(field, 5, column, Qt::AlignTop);
}

void PathForm::addSurroundings() {
  const auto choices = [](const char* term, std::span<const description::Word> words) {
    std::vector<fields::Choice> out;
    for (const auto& w : words) out.push_back({w.word, words::term(std::string(term) + w.word)});
    return out;
  };
  const Finding step = finding("change-flights");
  place(0, tr("Reflection by the ground"),
        fields::choiceField(m_document,
                            {"planGround", tr("Reflection by the ground"), step,
                             [](const Campaign& c) {
                               return std::string(campaign::groundWords()[std::size_t(c.plan.ground)].word);
                             },
                             [](Campaign& c, const std::string& word) {
                               const auto words = campaign::groundWords();
                               for (std::size_t i = 0; i < words.size(); ++i)
                                 if (word == words[i].word) c.plan.ground = static_cast<campaign::GroundKind>(i);
                             }},
                            choices("ground-", campaign::groundWords())));
  std::vector<fields::Choice> schools{{"", words::term("school-")}};
  for (const fields::Choice& c : choices("school-", campaign::schoolWords())) schools.push_back(c);
  place(1, tr("The earth in the way"),
        fields::choiceField(m_document,
                            {"planSchool", tr("The earth in the way"), step,
                             [](const Campaign& c) {
                               return c.plan.obstruction
                                          ? std::string(campaign::schoolWords()[std::size_t(c.plan.school)].word)
                                          : std::string();
                             },
                             [](Campaign& c, const std::string& word) {
                               c.plan.obstruction = !word.empty();
                               if (word == "deygout") c.plan.school = campaign::DiffractionSchool::Deygout;
                               if (word == "bullington") c.plan.school = campaign::DiffractionSchool::Bullington;
                             }},
                            schools));
  const struct {
    const char *name, *key;
    QString caption;
    std::optional<double> campaign::PlanSettings::*member;
    double high;
  } air[] = {{"planRain", "rain_mm_h", tr("Rain, mm an hour"), &campaign::PlanSettings::rain_mm_h, lim::kRainHigh_mm_h},
             {"planFog", "cloud_g_m3", tr("Fog, g in a cubic metre"), &campaign::PlanSettings::cloud_g_m3,
              lim::kCloudHigh_g_m3}};
  int column = 2;
  for (const auto& a : air)
    place(column++, a.caption,
          fields::numberField(m_document,
                              {a.name, a.caption, step, [m = a.member](const Campaign& c) { return c.plan.*m; },
                               [m = a.member](Campaign& c, const std::optional<double>& v) { c.plan.*m = v; }},
                              a.key, quantity::Unit::None, 0, a.high, tr("none")));
  place(4, tr("Oxygen and vapour"),
        fields::flagField(m_document, {"planGases", tr("count"), step, [](const Campaign& c) { return c.plan.gases; },
                                       [](Campaign& c, const bool& on) { c.plan.gases = on; }}));
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
