#include "app/plan/plan_stage.h"

#include <QButtonGroup>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "app/plan/flights_page.h"
#include "app/plan/preflight_list.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/advice.h"
#include "core/campaign/limits.h"
#include "core/plan/flight_tables.h"
#include "core/plan/preflight.h"
#include "lanes/paper/plan_card.h"
#include "lanes/paper/sheet.h"
#include "lanes/plan_lanes.h"

namespace distanz::app {

PlanStage::PlanStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_form(new PathForm(document)),
      m_path(new PathView(document)),
      m_lanes(new LanePlot),
      m_flights(new FlightsPage(document)),
      m_pages(new QStackedWidget) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(4);
  auto* path = new QWidget;
  auto* column = new QVBoxLayout(path);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addWidget(m_form);
  column->addWidget(m_path);
  column->addWidget(m_lanes, 1);
  for (QWidget* page : {path, static_cast<QWidget*>(m_flights)}) {  // higher than a small window
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setWidget(page);
    m_pages->addWidget(scroll);
  }
  layout->addLayout(tabs());
  layout->addWidget(m_pages, 1);
  connect(m_lanes, &LanePlot::picked, &document, [&document](double d) { document.pick(d); });
  connect(&document, &Document::pickedChanged, this,
          [this] { m_lanes->setPicked(this->document().picked()); });
  connect(&document, &Document::changed, this, &PlanStage::refresh);
  connect(&document, &Document::analysisChanged, this, &PlanStage::refresh);
  refresh();
}

QLayout* PlanStage::tabs() {
  auto* row = new QHBoxLayout;
  row->setContentsMargins(16, 12, 16, 4);
  auto* group = new QButtonGroup(this);
  const std::pair<const char*, QString> pages[] = {{"page_path", tr("Path")}, {"page_flights", tr("Flights")}};
  for (const auto& [name, text] : pages) {
    auto* tab = new QPushButton(text);
    tab->setObjectName(name);
    tab->setCheckable(true);
    tab->setChecked(group->buttons().isEmpty());
    group->addButton(tab, int(group->buttons().size()));
    row->addWidget(tab);
  }
  row->addStretch();
  connect(group, &QButtonGroup::idClicked, this, [this](int page) {
    m_pages->setCurrentIndex(page);
    refresh();
  });
  return row;
}

bool PlanStage::onFlights() const {
  return m_pages->currentIndex() == 1;
}

void PlanStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void PlanStage::refresh() {
  m_stale = !isVisible();
  if (!m_stale && onFlights()) m_flights->refresh();
  emit findingsChanged();
  if (m_stale || onFlights()) return;
  m_lanes->draw(lanes::planLanes(document().campaign(), document().planned(), document().axisEnd_m()));
  m_lanes->setPicked(document().picked());
}

std::vector<Finding> PlanStage::findings() const {
  if (onFlights()) {
    std::vector<Finding> out = m_flights->plan().findings;
    out.push_back(plan::preflightState(plan::preflightOf(document().campaign()), PreflightList::today()));
    if (auto stop = analysis::groundStop(document().campaign())) out.insert(out.begin(), std::move(*stop));
    return out;
  }
  return analysis::planAdvice(document().campaign(), document().planned(), document().analysis());
}

std::optional<Finding> PlanStage::lacks() const {
  return analysis::planLacks(document().campaign());
}

void PlanStage::carryOut(const Finding& f) {
  campaign::Campaign next = document().campaign();
  const auto worth = [&](const char* key) { return std::get<Measure>(f.find(key)->value).value; };
  if (f.code == "use-flown-exponent")
    next.plan_exponent = std::clamp(worth("exponent"), campaign::limits::kExponentLow, campaign::limits::kExponentHigh);
  if (f.code == "pairs-too-few") next.planned_pairs = int(std::min(worth("needed"), campaign::limits::kPairsHigh));
  document().edit(finding("change-flights"), next);
}

bool PlanStage::savePng(const QString& file) {
  if (!onFlights()) return m_lanes->savePng(file);
  QPixmap page(paperSize());
  QPainter p(&page);
  p.setRenderHint(QPainter::Antialiasing);
  paintPaper(p);
  p.end();
  return page.save(file);
}

bool PlanStage::saveSvg(const QString& file) {
  if (!onFlights()) return m_lanes->saveSvg(file);
  return lanes::saveSvg(file, paperSize(), tr("Distanz"), [this](QPainter& p) { paintPaper(p); });
}

bool PlanStage::savePdf(const QString& file) {
  if (!onFlights()) return m_lanes->savePdf(file);
  return lanes::savePdf(file, paperSize(), tr("Distanz"), [this](QPainter& p) { paintPaper(p); });
}

QSize PlanStage::paperSize() const {
  return onFlights() ? lanes::kPlanCard : m_lanes->size();
}

void PlanStage::paintPaper(QPainter& p) const {
  if (onFlights())
    lanes::paintPlanCard(p, document().campaign(), document().planned(), m_flights->plan(), lanesLook(),
                         PreflightList::today());
  else
    m_lanes->paintPaper(p);
}

QByteArray PlanStage::csv() const {
  return QByteArray::fromStdString(onFlights() ? plan::orderCsv(m_flights->plan())
                                               : plan::predictionsCsv(document().planned().predictions));
}

}  // namespace distanz::app
