#include "app/plan/flights_page.h"

#include <QLabel>
#include <QVBoxLayout>

#include "app/plan/flights_form.h"
#include "app/plan/order_view.h"
#include "app/plan/preflight_list.h"
#include "app/shared/plot_canvas.h"
#include "app/shared/text.h"
#include "core/analysis/findings/advice.h"
#include "core/plan/flight_tables.h"
#include "words/phrases.h"

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
  column->addLayout(head);
  column->addWidget(m_order);
  auto* below = new QHBoxLayout;
  below->setSpacing(16);
  m_chance->setObjectName("chancePlot");
  m_chance->setAccessibleName(tr("Chance to tell the setups apart"));
  m_chance->setMinimumHeight(150);
  below->addWidget(m_chance, 1);
  below->addWidget(m_list, 1);
  column->addLayout(below, 1);
}

void FlightsPage::refresh() {
  const campaign::Campaign& c = m_document.campaign();
  const plan::Planned& planned = m_document.planned();
  m_plan = plan::flightPlan(c, planned, analysis::flownSoFar(m_document.analysis(), planned.link));
  auto blocks = lanes::flownBlocks(c);
  const auto to_come = lanes::orderBlocks(c, m_plan);
  m_days->setText(c.setups.empty()
                      ? tr("Describe setups in Kit, and their flights are put in order here.")
                      : tr("%1 flown, %2 to come").arg(words::counted("flights", int(blocks.size()))).arg(to_come.size()));
  blocks.insert(blocks.end(), to_come.begin(), to_come.end());
  m_order->show(std::move(blocks));
  m_chance->show(c.setups.size() >= 2 ? plan::chancePlot(m_plan, c.planned_pairs) : records::Plot());
  m_list->refresh();
}

}  // namespace distanz::app
