#include "app/plan/ground_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QVBoxLayout>

#include "app/plan/layer_list.h"
#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/describe.h"
#include "core/campaign/limits.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

using campaign::Campaign;
namespace lim = campaign::limits;
constexpr int kGroundColumns = 4;

std::vector<fields::Choice> choicesOf(const char* term, std::span<const description::Word> words) {
  std::vector<fields::Choice> out;
  for (const auto& w : words) out.push_back({w.word, words::term(std::string(term) + w.word)});
  return out;
}

QLabel* heading(const QString& text) {
  auto* label = plainLabel(text);
  label->setFont(theme::bodyFont(theme::kBody, true));
  return label;
}

}  // namespace

GroundPage::GroundPage(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_grid(new QGridLayout) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(theme::kAxisLeft, 4, theme::kAxisRight, 8);
  column->setSpacing(8);
  column->addWidget(heading(tr("Terrain and maps")));
  auto* layers = new LayerList(document);
  connect(layers, &LayerList::addRequested, this, &GroundPage::addRequested);
  column->addWidget(layers);
  column->addSpacing(8);
  column->addWidget(heading(tr("Used in the prediction")));
  m_grid->setHorizontalSpacing(10);
  m_grid->setVerticalSpacing(8);
  column->addLayout(m_grid);
  column->addStretch();
  addObstruction();
  addReflection();
  addAir();
  for (int i = 0; i < kGroundColumns; ++i) m_grid->setColumnStretch(i, 1);
}

void GroundPage::place(const QString& caption, QWidget* field) {
  m_grid->addWidget(fields::captioned(caption, field), m_count / kGroundColumns, m_count % kGroundColumns);
  ++m_count;
}

void GroundPage::number(const char* name, const char* key, const QString& caption, quantity::Unit unit, double low,
                        double high, double campaign::PlanSettings::*member) {
  const double usual = campaign::PlanSettings().*member;
  place(caption, fields::numberField(m_document,
                                     {name, caption, finding("change-flights"),
                                      [member](const Campaign& c) { return std::optional(c.plan.*member); },
                                      [member, usual](Campaign& c, const std::optional<double>& v) {
                                        c.plan.*member = v.value_or(usual);
                                      }},
                                     key, unit, low, high));
}

void GroundPage::addObstruction() {
  const Finding step = finding("change-flights");
  std::vector<fields::Choice> schools{{"", words::term("school-")}};
  for (const fields::Choice& c : choicesOf("school-", campaign::schoolWords())) schools.push_back(c);
  place(tr("Obstruction model"),
        fields::choiceField(m_document,
                            {"planSchool", tr("Obstruction model"), step,
                             [](const Campaign& c) {
                               return c.plan.obstruction
                                          ? std::string(
                                                campaign::schoolWords()[std::size_t(c.plan.school)].word)
                                          : std::string();
                             },
                             [](Campaign& c, const std::string& word) {
                               c.plan.obstruction = !word.empty();
                               if (word == "deygout") c.plan.school = campaign::DiffractionSchool::Deygout;
                               if (word == "bullington")
                                 c.plan.school = campaign::DiffractionSchool::Bullington;
                             }},
                            schools));
  place(tr("Woods"),
        fields::flagField(m_document, {"planWoodland", tr("also through trees"), step,
                                       [](const Campaign& c) { return c.plan.woodland; },
                                       [](Campaign& c, const bool& on) { c.plan.woodland = on; }}));
  number("planEarth", "earth_factor", tr("Effective earth radius factor"), quantity::Unit::None,
         lim::kEarthFactorLow, lim::kEarthFactorHigh, &campaign::PlanSettings::earth_factor);
  number("planHeightShare", "height_pct", tr("Height rule, % of distance"), quantity::Unit::Percent, 0,
         lim::kHeightHigh_pct, &campaign::PlanSettings::height_pct);
}

void GroundPage::addReflection() {
  const Finding step = finding("change-flights");
  place(tr("Ground reflection"),
        fields::choiceField(m_document,
                            {"planGround", tr("Ground reflection"), step,
                             [](const Campaign& c) {
                               return std::string(campaign::groundWords()[std::size_t(c.plan.ground)].word);
                             },
                             [](Campaign& c, const std::string& word) {
                               const auto words = campaign::groundWords();
                               for (std::size_t i = 0; i < words.size(); ++i)
                                 if (word == words[i].word)
                                   c.plan.ground = static_cast<campaign::GroundKind>(i);
                             }},
                            choicesOf("ground-", campaign::groundWords())));
  number("planRough", "rough_m", tr("Ground roughness (1σ)"), quantity::Unit::Metre, 0, lim::kRoughHigh_m,
         &campaign::PlanSettings::rough_m);
  place(tr("Station elevation"),
        fields::numberField(
            m_document,
            {"stationGround", tr("Station elevation"), step,
             [](const Campaign& c) {
               return c.station.ground_m != 0 ? std::optional(c.station.ground_m) : std::nullopt;
             },
             [](Campaign& c, const std::optional<double>& v) { c.station.ground_m = v.value_or(0); }},
            "ground_m", quantity::Unit::Metre, lim::kHeightLow_m, lim::kHeightHigh_m, tr("from the terrain")));
  addBeside();
}

void GroundPage::addBeside() {
  place(tr("Obstacle near the antenna"),
        fields::choiceField(m_document,
                            {"planBeside", tr("Obstacle near the antenna"), finding("change-flights"),
                             [](const Campaign& c) {
                               return std::string(campaign::besideWords()[std::size_t(c.station.beside)].word);
                             },
                             [](Campaign& c, const std::string& word) {
                               const auto words = campaign::besideWords();
                               for (std::size_t i = 0; i < words.size(); ++i)
                                 if (word == words[i].word) c.station.beside = static_cast<campaign::Beside>(i);
                             }},
                            choicesOf("beside-", campaign::besideWords())));
}

void GroundPage::addAir() {
  const Finding step = finding("change-flights");
  const struct {
    const char *name, *key;
    QString caption;
    std::optional<double> campaign::PlanSettings::*member;
    double high;
  } air[] = {{"planRain", "rain_mm_h", tr("Rain, mm/h"), &campaign::PlanSettings::rain_mm_h,
              lim::kRainHigh_mm_h},
             {"planFog", "cloud_g_m3", tr("Fog, g/m³"), &campaign::PlanSettings::cloud_g_m3,
              lim::kCloudHigh_g_m3}};
  for (const auto& a : air)
    place(a.caption, fields::numberField(
                         m_document,
                         {a.name, a.caption, step, [m = a.member](const Campaign& c) { return c.plan.*m; },
                          [m = a.member](Campaign& c, const std::optional<double>& v) { c.plan.*m = v; }},
                         a.key, quantity::Unit::None, 0, a.high, tr("none")));
  place(tr("Oxygen and water vapour"),
        fields::flagField(m_document,
                          {"planGases", tr("count"), step, [](const Campaign& c) { return c.plan.gases; },
                           [](Campaign& c, const bool& on) { c.plan.gases = on; }}));
  place(tr("Its distance"),
        fields::numberField(m_document,
                            {"planBesideAt", tr("Its bearing from the antenna"), step,
                             [](const Campaign& c) { return c.station.beside_deg; },
                             [](Campaign& c, const std::optional<double>& v) { c.station.beside_deg = v; }},
                            "beside_deg", quantity::Unit::Degree, 0, 360, tr("bearing not set")));
}

}  // namespace distanz::app
