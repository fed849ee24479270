#include "app/plan/flights_form.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QLineEdit>

#include "app/shared/bound_fields.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/limits.h"
#include "core/quantity/clock.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

using campaign::Campaign;
using campaign::PlanSettings;
using quantity::Unit;
namespace lim = campaign::limits;

constexpr int kColumns = 6;

/// A number of the plan, bound to its member.
struct Numbered {
  const char* name;
  QString caption;
  std::optional<double> PlanSettings::*member;
  const char* key;
  Unit unit;
  double low, high;
  QString hint = {};
};

QWidget* numbered(Document& document, const Numbered& n) {
  return fields::numberField(document,
                             {n.name, n.caption, finding("change-flights"),
                              [m = n.member](const Campaign& c) { return c.plan.*m; },
                              [m = n.member](Campaign& c, const std::optional<double>& v) { c.plan.*m = v; }},
                             n.key, n.unit, n.low, n.high, n.hint);
}

/// A number that always has a value: what is cleared goes back to what it is without a word.
template <class T>
QWidget* counted(Document& document, const char* name, const QString& caption, const char* key, Unit unit, double low,
                 double high, T PlanSettings::*member) {
  return fields::numberField(
      document,
      {name, caption, finding("change-flights"),
       [member](const Campaign& c) { return std::optional<double>(double(c.plan.*member)); },
       [member](Campaign& c, const std::optional<double>& v) {
         c.plan.*member = v ? static_cast<T>(*v) : PlanSettings().*member;
       }},
      key, unit, low, high);
}

}  // namespace

FlightsForm::FlightsForm(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_grid(new QGridLayout(this)) {
  setObjectName("flightsForm");
  m_grid->setContentsMargins(0, 0, 0, 0);
  m_grid->setHorizontalSpacing(10);
  m_grid->setVerticalSpacing(4);
  addFlight();
  addDay();
  addLimits();
  for (int c = 0; c < kColumns; ++c) m_grid->setColumnStretch(c, 1);
}

void FlightsForm::put(const QString& caption, QWidget* field) {
  m_grid->addWidget(fields::captioned(caption, field), m_count / kColumns, m_count % kColumns);
  ++m_count;
}

void FlightsForm::addFlight() {
  const Numbered rows[] = {
      {"planAirspeed", tr("Airspeed"), &PlanSettings::airspeed_mps, "airspeed_mps", Unit::MetrePerSecond,
       lim::kSpeedLow_mps, lim::kSpeedHigh_mps},
      {"planWind", tr("Wind"), &PlanSettings::wind_mps, "wind_mps", Unit::MetrePerSecond, 0, lim::kSpeedHigh_mps,
       tr("none")},
      {"planWindFrom", tr("Wind from"), &PlanSettings::wind_from_deg, "wind_from_deg", Unit::Degree, 0, 360},
      {"planUse", tr("mAh per km"), &PlanSettings::use_mah_km, "use_mah_km", Unit::None, lim::kUseLow_mah_km,
       lim::kUseHigh_mah_km},
      {"planBattery", tr("Battery"), &PlanSettings::battery_mah, "battery_mah", Unit::MilliampereHour, 1,
       lim::kCapacityHigh_mah, tr("the setup's")}};
  for (const Numbered& n : rows) put(n.caption, numbered(m_document, n));
  put(tr("Reserve"), counted(m_document, "planReserve", tr("Reserve"), "reserve_pct", Unit::Percent, 0, 100,
                             &PlanSettings::reserve_pct));
}

void FlightsForm::addDay() {
  clock("planBegin", tr("First take-off"), &PlanSettings::begin_s);
  clock("planEnd", tr("Last landing"), &PlanSettings::end_s);
  put(tr("Turnaround"), numbered(m_document, {"planSwap", tr("Turnaround"), &PlanSettings::swap_min, "swap_min",
                                              Unit::Minute, 0, lim::kSwapHigh_min, words::exactly(5, Unit::Minute)}));
  put(tr("Batteries"), counted(m_document, "planBatteries", tr("Batteries"), "batteries", Unit::None, 0,
                               lim::kBatteriesHigh, &PlanSettings::batteries));
  put(tr("Flights of each"),
      fields::numberField(m_document,
                          {"planPairs", tr("Flights of each setup"), finding("change-flights"),
                           [](const Campaign& c) { return std::optional<double>(c.planned_pairs); },
                           [](Campaign& c, const std::optional<double>& v) {
                             c.planned_pairs = v ? int(*v) : campaign::Facts().planned_pairs;
                           }},
                          "planned_pairs", Unit::None, 2, lim::kPairsHigh));
  put(tr("Difference that matters"),
      numbered(m_document, {"planDifference", tr("Difference that matters"), &PlanSettings::difference_pct,
                            "difference_pct", Unit::Percent, lim::kDifferenceLow_pct, lim::kDifferenceHigh_pct, "10 %"}));
}

void FlightsForm::addLimits() {
  const Numbered rows[] = {
      {"planFarthest", tr("Allowed distance"), &PlanSettings::farthest_m, "farthest_m", Unit::Metre, 1,
       lim::kPathHigh_m, tr("not set")},
      {"planHighest", tr("Allowed height"), &PlanSettings::highest_m, "highest_m", Unit::Metre, 1, lim::kHeightHigh_m,
       tr("not set")},
      {"planSight", tr("Visual line of sight"), &PlanSettings::sight_m, "sight_m", Unit::Metre, 1, lim::kPathHigh_m,
       tr("not set")},
      {"planScatter", tr("Flight-to-flight spread"), &PlanSettings::flight_sd_db, "flight_sd_db", Unit::Decibel,
       lim::kFlightSdLow_db, lim::kFlightSdHigh_db, tr("as flown")}};
  for (const Numbered& n : rows) put(n.caption, numbered(m_document, n));
  put(tr("Random seed"), counted(m_document, "planSeed", tr("Random seed of the order"), "seed", Unit::None, 0,
                                    lim::kSeedHigh, &PlanSettings::seed));
  put(tr("Receivers"), fields::flagField(m_document, {"planTogether", tr("both in one flight"), finding("change-flights"),
                                                      [](const Campaign& c) { return c.plan.together; },
                                                      [](Campaign& c, const bool& v) { c.plan.together = v; }}));
}

void FlightsForm::clock(const char* name, const QString& caption,
                        std::optional<double> PlanSettings::*member) {
  auto* field = new QLineEdit;
  field->setObjectName(name);
  field->setAccessibleName(caption);
  field->setPlaceholderText(tr("e.g. 06:30"));
  field->setFont(theme::figureFont(theme::kBody));
  const auto shown = [this, member] {
    const auto& v = m_document.campaign().plan.*member;
    return v ? words::clock(*v) : QString();
  };
  field->setText(shown());
  connect(field, &QLineEdit::editingFinished, this, [this, field, member, shown] {
    const QString typed = field->text().trimmed();
    if (typed == shown()) return;
    const auto value = quantity::clockFrom(typed.toStdString());
    if (!value && !typed.isEmpty()) {
      field->setText(shown());
      emit m_document.refused(tr("\"%1\" is not a time of day. Type it as 06:30.").arg(typed));
      return;
    }
    Campaign next = m_document.campaign();
    next.plan.*member = value;
    m_document.edit(finding("change-flights"), next);
    field->setText(shown());
  });
  connect(&m_document, &Document::changed, field, [field, shown] {
    if (!(field->hasFocus() && field->isModified())) field->setText(shown());
  });
  put(caption, field);
}

}  // namespace distanz::app
