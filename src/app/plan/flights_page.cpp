#include "app/plan/flights_page.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/plan/blind_menu.h"
#include "app/plan/flights_form.h"
#include "app/plan/order_view.h"
#include "app/plan/preflight_list.h"
#include "app/shared/plot_canvas.h"
#include "app/shared/run_menu.h"
#include "app/shared/text.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/plan/flight_tables.h"
#include "core/finding/error.h"
#include "words/phrases.h"
#include "words/say.h"

namespace distanz::app {

FlightsPage::FlightsPage(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_order(new OrderView),
      m_chance(new PlotCanvas),
      m_list(new PreflightList(document)),
      m_days(plainLabel()) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 0, 16, 8);
  column->setSpacing(8);
  column->addWidget(new FlightsForm(document));
  auto* head = new QHBoxLayout;
  auto* title = plainLabel(tr("Order of the day"));
  title->setProperty("section", true);
  head->addWidget(title);
  m_days->setObjectName("orderState");
  m_days->setProperty("muted", true);
  head->addWidget(m_days, 1, Qt::AlignRight);
  auto* run = new QPushButton(tr("Battery and wind from a run"));
  run->setObjectName("use_from_run");
  run->setToolTip(tr("Consumption, airspeed and wind along the path, as an earlier flight logged them"));
  offerRuns(*run, document, [this](const std::string& id) { takeRun(id); });
  head->addWidget(run);
  auto* blind = new QPushButton(tr("Blind labels"));
  blind->setObjectName("blind_labels");
  blind->setToolTip(tr("A number for every recording, to judge pictures without knowing the setup"));
  offerBlindLabels(*blind, document, [this] { return labels(); },
                   [this](const QString& name, const QByteArray& table) { emit saveRequested(name, table); });
  head->addWidget(blind);
  connect(&m_taking, &QFutureWatcher<Taken>::finished, this, &FlightsPage::settle);
  column->addLayout(head);
  column->addWidget(m_order);
  auto* below = new QHBoxLayout;
  below->setSpacing(16);
  m_chance->setObjectName("chancePlot");
  m_chance->setAccessibleName(tr("Chance of detecting a difference"));
  m_chance->setMinimumHeight(150);
  below->addWidget(m_chance, 1);
  below->addWidget(m_list, 1);
  column->addLayout(below, 1);
}

void FlightsPage::takeRun(const std::string& run) {
  if (m_taking.isRunning()) return;
  m_taking.setFuture(QtConcurrent::run([run, c = m_document.campaign(), samples = m_document.samples()]() -> Taken {
    try {
      const campaign::Run* found = campaign::findRun(c, run);
      const auto course = found ? campaign::courseOf(c, found->path) : std::nullopt;
      if (!course) return {run, std::nullopt, {}};
      return {run, plan::flownUse(*samples->recording(*found, c), *course), {}};
    } catch (const std::exception& e) {
      return {run, std::nullopt, words::sentence(findingOf(e))};
    }
  }));
}

void FlightsPage::settle() {
  const Taken taken = m_taking.result();
  if (!taken.use)
    return emit m_document.refused(
        taken.refused.isEmpty() ? words::sentence(finding("use-not-flown", {{"run", taken.run}})) : taken.refused);
  campaign::Campaign next = m_document.campaign();
  next.plan.airspeed_mps = taken.use->airspeed_mps;
  if (taken.use->use_mah_km) next.plan.use_mah_km = taken.use->use_mah_km;
  if (taken.use->wind_mps) {
    next.plan.wind_mps = taken.use->wind_mps;
    next.plan.wind_from_deg = taken.use->wind_from_deg;
  }
  m_document.edit(finding("use-from-run", {{"run", taken.run}}), next);
}

std::vector<plan::BlindLabel> FlightsPage::labels() const {
  return plan::blindLabels(m_document.campaign(), m_plan);
}

void FlightsPage::refresh() {
  const campaign::Campaign& c = m_document.campaign();
  const plan::Planned& planned = m_document.planned();
  m_plan = plan::flightPlan(c, planned, analysis::flownSoFar(m_document.analysis(), planned.link));
  auto blocks = lanes::flownBlocks(c);
  const auto to_come = lanes::orderBlocks(c, m_plan);
  m_days->setText(c.setups.empty()
                      ? tr("Add setups in Kit to see the order of the flights.")
                      : tr("%1 flown, %2 to come").arg(words::counted("flights", int(blocks.size()))).arg(to_come.size()));
  blocks.insert(blocks.end(), to_come.begin(), to_come.end());
  m_order->show(std::move(blocks));
  m_chance->show(c.setups.size() >= 2 ? plan::chancePlot(m_plan, c.planned_pairs) : records::Plot());
  m_list->refresh();
}

}  // namespace distanz::app
