#include "app/plan/plan_stage.h"

#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/plan/flights_page.h"
#include "app/plan/ground_page.h"
#include "app/plan/points_page.h"
#include "app/plan/preflight_list.h"
#include "app/shared/head_buttons.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/has.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/limits.h"
#include "core/plan/flight_tables.h"
#include "core/plan/preflight.h"
#include "geodata/ground_files.h"
#include "lanes/paper/plan_card.h"
#include "lanes/paper/sheet.h"
#include "lanes/plan_lanes.h"

namespace distanz::app {

PlanStage::PlanStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_form(new PathForm(document)),
      m_map(new MapView(document)),
      m_lanes(new LanePlot),
      m_points(new PointsPage(document)),
      m_ground(new GroundPage(document)),
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
  column->addWidget(m_map, 4);
  column->addWidget(m_lanes, 5);
  for (QWidget* page : {path, static_cast<QWidget*>(m_points), static_cast<QWidget*>(m_ground), static_cast<QWidget*>(m_flights)}) {  // higher than a small window
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setWidget(page);
    m_pages->addWidget(scroll);
  }
  m_lanes->follow(document.axis());
  layout->addLayout(tabs());
  layout->addWidget(m_pages, 1);
  connect(m_lanes, &LanePlot::picked, &document, [&document](double d) { document.pick(d); });
  connect(&document, &Document::pickedChanged, this,
          [this] { m_lanes->setPicked(this->document().picked()); });
  connect(&document, &Document::changed, this, &PlanStage::refresh);
  connect(&document, &Document::analysisChanged, this, &PlanStage::refresh);
  connect(&document, &Document::groundChanged, this, &PlanStage::refresh);
  connect(&document, &Document::previewed, this, [this] {
    if (isVisible() && m_pages->currentIndex() == 0) drawLanes();
  });
  connect(m_ground, &GroundPage::addRequested, this, [this] { emit filesRequested(tr("Add terrain or map"), layerFilter()); });
  connect(m_points, &PointsPage::fileRequested, this, [this] {
    m_path_wanted = true;
    emit filesRequested(tr("Path from a file"), tr("Paths (*.gpx *.kml *.kmz *.geojson *.json *.gpkg *.csv);;All files (*)"));
    m_path_wanted = false;
  });
  connect(m_points, &PointsPage::saveRequested, this, &Stage::saveRequested);
  connect(m_flights, &FlightsPage::saveRequested, this, &Stage::saveRequested);
  connect(&m_taking, &QFutureWatcher<TakenLayers>::finished, this, &PlanStage::settleLayers);
  refresh();
}

QLayout* PlanStage::tabs() {
  QHBoxLayout* row = tabRow(this, {{"page_path", tr("Path")}, {"page_points", tr("Points")}, {"page_ground", tr("Ground and air")}, {"page_flights", tr("Flights")}}, [this](int page) {
    m_pages->setCurrentIndex(page);
    refresh();
  });
  row->setContentsMargins(16, 12, 16, 4);
  return row;
}

bool PlanStage::onFlights() const {
  return m_pages->currentWidget() && m_pages->currentWidget()->isAncestorOf(m_flights);
}

void PlanStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void PlanStage::refresh() {
  m_stale = !isVisible();
  if (!m_stale && onFlights()) m_flights->refresh();
  emit findingsChanged();
  if (!m_stale && !onFlights()) drawLanes();
}

void PlanStage::drawLanes() {
  m_lanes->draw(lanes::planLanes(document().shown(), document().planned(), document().axisEnd_m(), document().analysis()),
                document().previewing());
  m_lanes->setPicked(document().picked());
}

bool PlanStage::takesFiles() const {
  return m_pages->currentIndex() == 1 || m_pages->currentIndex() == 2;  // on other pages what is dropped are logs
}

void PlanStage::takeFiles(const QStringList& files) {
  if (files.isEmpty() || m_taking.isRunning()) return;
  if (m_path_wanted || m_pages->currentIndex() == 1) return m_points->takeFile(files.front());
  m_taking.setFuture(QtConcurrent::run([files, c = document().campaign(), stop = document().closing()] { return takeLayers(files, c, *stop); }));
}

void PlanStage::settleLayers() {
  TakenLayers taken = m_taking.result();
  m_notes = std::move(taken.notes);
  if (!taken.refused.isEmpty()) emit document().refused(taken.refused);
  if (taken.layers.empty()) return;
  const std::string name = taken.layers.front().name;
  document().edit(finding("add-layer", {{"layer", name}}), geodata::withLayers(document().campaign(), taken.layers),
                  std::move(taken.attachments));
}

std::vector<Finding> PlanStage::findings() const {
  if (onFlights()) {
    std::vector<Finding> out = analysis::turnsTold(document().campaign(), turns());
    for (const Finding& f : m_flights->plan().findings) out.push_back(f);
    for (const Finding& f : plan::toldLabels(document().campaign(), m_flights->labels())) out.push_back(f);
    out.push_back(plan::preflightState(plan::preflightOf(document().campaign()), PreflightList::today()));
    if (auto stop = analysis::groundStop(document().campaign())) out.insert(out.begin(), std::move(*stop));
    return out;
  }
  std::vector<Finding> out = document().ground().problems();
  for (const auto& more : {m_notes, analysis::planAdvice(document().shown(), document().planned(), document().analysis())})
    out.insert(out.end(), more.begin(), more.end());
  return out;
}

Finding PlanStage::has() const {
  return analysis::planHas(document().campaign());
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

QString PlanStage::pageName() const {
  const QString names[] = {tr("Path"), tr("Points"), tr("Ground and air"), tr("Flights")};
  return names[m_pages->currentIndex()];
}

QWidget* PlanStage::plainPage() const {
  return m_pages->currentIndex() == 0 ? nullptr : m_pages->currentWidget();
}

std::optional<Finding> PlanStage::answer() const {
  const std::vector<Finding> all = shownFindings();
  return all.empty() ? std::nullopt : std::optional(all.front());
}

std::vector<analysis::TurnBy> PlanStage::turns() const {
  return analysis::turnsBy(document().campaign(), document().analysis(), document().planned());
}

QSize PlanStage::paperSize() const {
  return onFlights() ? lanes::kPlanCard : m_lanes->size();
}

void PlanStage::paintPaper(QPainter& p) const {
  if (onFlights())
    lanes::paintPlanCard(p, document().campaign(), document().planned(), m_flights->plan(),
                         turns(), lanesLook(),
                         PreflightList::today());
  else
    m_lanes->paintPaper(p);
}

QByteArray PlanStage::csv() const {
  return QByteArray::fromStdString(onFlights() ? plan::orderCsv(m_flights->plan())
                                               : plan::predictionsCsv(document().planned().predictions));
}

}  // namespace distanz::app
