#include "app/compare/compare_stage.h"

#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/compare/readout_strip.h"
#include "app/shared/elided_label.h"
#include "app/shared/head_buttons.h"
#include "app/shared/lane_plot.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "app/shared/void_run.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/findings/answer.h"
#include "core/analysis/findings/has.h"
#include "core/quantity/unit.h"
#include "lanes/compare_lanes.h"
#include "lanes/paper/sheet.h"
#include "words/say.h"

namespace distanz::app {

namespace {

constexpr int kMostPlanned = 10;

}  // namespace

CompareStage::CompareStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_plot(new LanePlot),
      m_sheet(new SheetPage),
      m_pages(new QStackedWidget),
      m_readout(new ReadoutStrip(document)),
      m_links_row(new QHBoxLayout),
      m_links(new QButtonGroup(this)) {
  for (const lanes::Offered& lane : lanes::offeredLanes())
    if (lane.at_first) m_wanted.push_back(lane.id);
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(0, 8, 0, 0);
  layout->setSpacing(0);
  layout->addLayout(tabs());
  layout->addLayout(headRow());
  auto* path = new QWidget;
  auto* column = new QVBoxLayout(path);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  column->addWidget(m_readout);
  column->addWidget(m_plot, 1);
  m_pages->addWidget(path);
  m_pages->addWidget(m_sheet);
  m_sheet->setObjectName("compareSheet");
  layout->addWidget(m_pages, 1);
  m_plot->setObjectName("lanes");
  m_plot->follow(document.axis());
  m_refresh.setSingleShot(true);
  m_refresh.setInterval(0);  // after the column beside it was written: the window answers in between
  connectAll();
  refreshHead();
}

QHBoxLayout* CompareStage::tabs() {
  QHBoxLayout* row = tabRow(this,
                            {{"page_along", tr("Along the path")},
                             {"page_stretches", tr("Sections")},
                             {"page_sides", tr("Direction")},
                             {"page_steps", tr("Modes and battery")}},
                            [this](int page) { turnTo(ComparePage(page)); });
  row->setContentsMargins(theme::kAxisLeft, 4, theme::kAxisRight, 4);
  return row;
}

void CompareStage::turnTo(ComparePage page) {
  m_page = page;
  m_pages->setCurrentIndex(page == ComparePage::Path ? 0 : 1);
  for (QWidget* w : m_of_path) w->setVisible(page == ComparePage::Path);
  for (std::size_t k = 0; k < m_keys.size(); ++k) m_keys[k]->setVisible(k == std::size_t(page));
  refresh();
  emit findingsChanged();
}

QHBoxLayout* CompareStage::headRow() {
  auto* head = new QHBoxLayout;
  head->setContentsMargins(theme::kAxisLeft, 0, theme::kAxisRight, 4);
  head->setSpacing(4);
  m_links_row->setSpacing(4);
  head->addLayout(m_links_row);
  head->addSpacing(8);
  for (QPushButton* button : {legsButton(), lanesButton(), pairsButton()}) {
    head->addWidget(button);
    m_of_path.push_back(button);
  }
  head->addStretch();
  const std::pair<ComparePage, QString> keys[] = {
      {ComparePage::Path, tr("line: estimate or middle flight   band: 95 % or most flights   dot: turn")},
      {ComparePage::Stretches,
       tr("outbound solid, inbound dashed   thick: mean of new flights, band: 95 %")},
      {ComparePage::Sides, tr("dB above the mean of all directions seen")},
      {ComparePage::Steps, {}}};
  for (const auto& [page, text] : keys) {
    auto* key = new ElidedLabel(text);
    key->setProperty("small", true);
    if (page != ComparePage::Path) key->hide();  // shown before it has a parent it would be a window
    head->addWidget(key, 1);
    m_keys.push_back(key);
  }
  return head;
}

void CompareStage::connectAll() {
  connect(m_plot, &LanePlot::picked, &document(), [this](double d) { document().pick(d); });
  connect(m_plot, &LanePlot::dotClicked, this, &CompareStage::askAboutRun);
  connect(&document(), &Document::pickedChanged, this, [this] { m_plot->setPicked(document().picked()); });
  connect(&m_refresh, &QTimer::timeout, this, &CompareStage::refresh);
  connect(&document(), &Document::analysisChanged, this, [this] {
    emit findingsChanged();
    m_stale = true;
    m_refresh.start();
  });
  connect(&document(), &Document::changed, this, &CompareStage::refreshHead);
}

QPushButton* CompareStage::lanesButton() {
  auto* button = menuButton(tr("Lanes"), "lanesMenu", tr("Choose which lanes are drawn"));
  QMenu* menu = button->menu();
  for (const lanes::Offered& lane : lanes::offeredLanes()) {
    QAction* a = menu->addAction(withoutKeys(QString::fromStdString(lane.name)));
    a->setObjectName("lane_" + QString::fromStdString(lane.id));
    a->setCheckable(true);
    a->setChecked(lane.at_first);
    connect(a, &QAction::toggled, this, [this, id = lane.id](bool on) {
      std::erase(m_wanted, id);
      if (on) m_wanted.push_back(id);
      refresh();
    });
  }
  return button;
}

QPushButton* CompareStage::pairsButton() {
  m_pairs = menuButton({}, "pairsMenu",
                       tr("Number of flights of each setup before you judge. Fix it before you fly. If you "
                          "stop when it looks good, you find differences that are not there."));
  QMenu* menu = m_pairs->menu();
  for (int pairs = 2; pairs <= kMostPlanned; ++pairs) {
    QAction* a = menu->addAction(tr("Judge after %1 pairs").arg(pairs));
    a->setObjectName("pairs_" + QString::number(pairs));
    a->setCheckable(true);
    connect(a, &QAction::triggered, this, [this, pairs] {
      campaign::Campaign next = document().campaign();
      next.planned_pairs = pairs;
      document().edit(finding("plan-pairs", {{"pairs", pairs}}), next);
    });
  }
  connect(menu, &QMenu::aboutToShow, this, [this, menu] {
    for (QAction* a : menu->actions())
      a->setChecked(a->objectName() == "pairs_" + QString::number(document().campaign().planned_pairs));
  });
  return m_pairs;
}

QPushButton* CompareStage::legsButton() {
  auto* button = menuButton(tr("Legs"), "legsMenu",
                            tr("Choose which leg of each flight counts, or compare the legs as setups"));
  QMenu* menu = button->menu();
  connect(menu, &QMenu::aboutToShow, this, [this, menu] { fillLegs(menu); });
  return button;
}

void CompareStage::fillLegs(QMenu* menu) {
  menu->clear();
  const auto& c = document().campaign();
  const std::pair<campaign::Legs, QString> choices[] = {
      {campaign::Legs::Both, tr("Count both legs of every flight")},
      {campaign::Legs::Out, tr("Count outbound only")},
      {campaign::Legs::Back, tr("Count inbound only")}};
  for (const auto& [legs, text] : choices) {
    QAction* a = menu->addAction(text);
    a->setObjectName("legs_" + QString::fromStdString(campaign::legsWord(legs)));
    a->setCheckable(true);
    a->setChecked(!c.runs.empty() && std::all_of(c.runs.begin(), c.runs.end(),
                                                 [legs = legs](const auto& r) { return r.legs == legs; }));
    connect(a, &QAction::triggered, this, [this, legs = legs] { countLegs(legs); });
  }
  menu->addSeparator();
  for (const campaign::Setup& s : c.setups) {
    if (std::none_of(c.runs.begin(), c.runs.end(),
                     [&](const auto& r) { return r.setup == s.id && r.legs == campaign::Legs::Both; }))
      continue;
    QAction* a =
        menu->addAction(tr("Compare outbound and inbound of %1 as setups").arg(QString::fromStdString(s.id)));
    a->setObjectName("split_" + QString::fromStdString(s.id));
    connect(a, &QAction::triggered, this, [this, id = s.id] { splitByLeg(id); });
  }
}

void CompareStage::splitByLeg(const std::string& id) {
  const campaign::Setup* setup = campaign::findSetup(document().campaign(), id);
  if (!setup) return;
  const QString name = QString::fromStdString(setup->name.empty() ? id : setup->name);
  document().edit(finding("split-by-leg", {{"setup", id}}),
                  campaign::splitByLeg(document().campaign(), id,
                                       {tr("%1, outbound").arg(name).toStdString(),
                                        tr("%1, inbound").arg(name).toStdString()}));
}

void CompareStage::countLegs(campaign::Legs legs) {
  campaign::Campaign next = document().campaign();
  for (campaign::Run& r : next.runs) r.legs = legs;
  document().edit(finding(legs == campaign::Legs::Both  ? "count-both-ways"
                          : legs == campaign::Legs::Out ? "count-ways-out"
                                                        : "count-ways-back"),
                  next);
}

void CompareStage::askAboutRun(const QString& run, const QPoint& at) {
  const std::string id = run.toStdString();
  for (const auto& s : document().analysis().setups)
    for (const auto& f : s.flights) {
      if (f.run != id || s.link != link()) continue;
      auto* menu = new QMenu(this);
      menu->setObjectName("runMenu");
      menu->setAttribute(Qt::WA_DeleteOnClose);
      if (!s.onScale()) {  // else no dB is known
        const QString off = words::sentence(
            finding("why-flight", {{"off", f.off_setup_db, quantity::Unit::Decibel}}, {"run", id}));
        menu->addAction(withoutKeys(off))->setEnabled(false);
        menu->addSeparator();
      }
      connect(menu->addAction(tr("Show in Runs")), &QAction::triggered, this,
              [this, run] { emit runRequested(run); });
      connect(menu->addAction(tr("Exclude ...")), &QAction::triggered, this,
              [this, id] { voidOrCount(this, document(), {id}); });
      menu->popup(at);
      return;
    }
}

std::string CompareStage::limitingLink() const {
  const std::string link = document().analysis().limitingLink();
  if (!link.empty()) return link;
  return document().campaign().links.empty() ? std::string() : document().campaign().links.front().id;
}

std::string CompareStage::link() const {
  return campaign::findLink(document().campaign(), m_chosen) ? m_chosen : limitingLink();
}

void CompareStage::showLink(const std::string& link) {
  m_chosen = link;
  refresh();
  if (m_page != ComparePage::Path) emit findingsChanged();
}

void CompareStage::refreshHead() {
  m_pairs->setText(tr("Planned: %1 pairs").arg(document().campaign().planned_pairs));
  std::string shape;
  for (const campaign::Link& l : document().campaign().links) shape += l.id + ";";
  if (shape == m_shape) return;
  m_shape = shape;
  while (QLayoutItem* item = m_links_row->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  for (const campaign::Link& l : document().campaign().links) {
    auto* button = new QPushButton(tr("%1 link").arg(withoutKeys(QString::fromStdString(l.id))));
    button->setCheckable(true);
    button->setObjectName("link_" + QString::fromStdString(l.id));
    m_links->addButton(button);
    m_links_row->addWidget(button);
    connect(button, &QPushButton::clicked, this, [this, id = l.id] { showLink(id); });
  }
}

void CompareStage::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

void CompareStage::refresh() {
  m_stale = !isVisible();
  if (m_stale) return;
  for (QAbstractButton* b : m_links->buttons())
    b->setChecked(b->objectName() == "link_" + QString::fromStdString(link()));
  if (m_page != ComparePage::Path) return m_sheet->show(compareSheet(m_page, document(), link()));
  m_readout->setLink(link());
  lanes::Lanes lanes =
      lanes::compareLanes(document().analysedCampaign(), document().analysis(), link(), m_wanted);
  if (document().analysis().runs.empty() && !lanes.lanes.empty())
    lanes.lanes.front().note =
        (document().analysing() ? tr("Analysing ...") : tr("No run yet. Import logs under Runs."))
            .toStdString();
  lanes.end_m = document().axisEnd_m();  // of the campaign as it is now: in line with the range rule
  m_plot->draw(std::move(lanes));
  m_plot->setPicked(document().picked());
}

std::vector<Finding> CompareStage::findings() const {
  if (!document().analysed()) return {finding("analysing")};
  return compareFindings(m_page, document(), link());
}

Finding CompareStage::has() const {
  return analysis::compareHas(document().analysis());
}

Stage::Headline CompareStage::headline() const {
  if (!document().analysed()) return {{finding("analysing")}, {}};
  const analysis::Answer answer = analysis::answerOf(document().analysedCampaign(), document().analysis());
  Headline out{answer.verdicts, answer.limits};
  if (answer.next) out.small.push_back(*answer.next);
  return out;
}

std::optional<Finding> CompareStage::lacks() const {
  return analysis::compareLacks(document().analysis());
}

QString CompareStage::pageName() const {
  const QString names[] = {tr("Along the path"), tr("Sections"), tr("Direction"), tr("Modes and battery")};
  return names[std::size_t(m_page)];
}

std::optional<Finding> CompareStage::answer() const {
  const std::vector<Finding> all = shownFindings();
  return all.empty() || !document().analysed() ? std::nullopt : std::optional(all.front());
}

QSize CompareStage::paperSize() const {
  return m_page == ComparePage::Path ? m_plot->size() : m_sheet->paperSize();
}

void CompareStage::paintPaper(QPainter& painter) const {
  if (m_page == ComparePage::Path) return m_plot->paintPaper(painter);
  m_sheet->paintPaper(painter);
}

QByteArray CompareStage::csv() const {
  return compareCsv(m_page, document(), link());
}

}  // namespace distanz::app
