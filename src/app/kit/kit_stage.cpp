#include "app/kit/kit_stage.h"

#include <QButtonGroup>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/kit/cards.h"
#include "app/kit/chain_page.h"
#include "app/kit/differences_view.h"
#include "app/kit/parts_view.h"
#include "app/kit/setup_strip.h"
#include "app/shared/lane_plot.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/has.h"
#include "core/analysis/findings/advice.h"
#include "core/campaign/new_campaign.h"
#include "core/plan/differences.h"
#include "lanes/paper/sheet.h"

namespace distanz::app {
namespace {

QPushButton* adder(const QString& text, const char* name) {
  auto* button = new QPushButton(text);
  button->setObjectName(name);
  button->setProperty("flat", true);
  return button;
}

/// A page that is higher than a small window.
QScrollArea* scrolled(QWidget* page) {
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setWidget(page);
  return scroll;
}

}  // namespace

KitStage::KitStage(Document& document, QWidget* parent)
    : Stage(document, parent),
      m_strip(new SetupStrip(document)),
      m_chain(new ChainPage(document)),
      m_differs(new DifferencesView(document)),
      m_parts(new PartsView(document)),
      m_links(new QGridLayout),
      m_tabs(new QButtonGroup(this)),
      m_pages(new QStackedWidget) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 12, 16, 8);
  column->setSpacing(8);
  addPages();
  column->addWidget(m_strip);
  column->addWidget(m_pages, 1);
  connect(m_strip, &SetupStrip::chosen, this, [this](const QString& setup) {
    m_chosen = setup.toStdString();
    refresh();
  });
  connect(m_chain, &ChainPage::changed, this, &Stage::findingsChanged);
  connect(m_chain, &ChainPage::photosWanted, this, &KitStage::askForPhotos);
  connect(m_parts, &PartsView::photosWanted, this, &KitStage::askForPhotos);
  connect(m_chain, &ChainPage::photoChosen, this, &KitStage::openPhoto);
  connect(m_parts, &PartsView::photoChosen, this, &KitStage::openPhoto);
  connect(m_chain, &ChainPage::recordRequested, this, &Stage::recordRequested);
  connect(m_parts, &PartsView::recordRequested, this, &Stage::recordRequested);
  connect(m_parts, &PartsView::fileWanted, this, [this] {
    m_wants_campaign = true;
    emit filesRequested(tr("Parts from another campaign"), tr("Distanz campaigns (*.distanz)"));
    m_wants_campaign = false;
  });
  connect(&m_photos, &QFutureWatcher<TakenPhotos>::finished, this, &KitStage::settlePhotos);
  connect(&document, &Document::changed, this, &KitStage::refresh);
  connect(&document, &Document::groundChanged, this, &KitStage::refresh);
  refresh();
}

void KitStage::addPages() {
  auto* row = new QHBoxLayout;
  const struct {
    const char* name;
    QString text;
    QWidget* page;
  } pages[] = {{"page_chain", tr("Chain"), scrolled(m_chain)},
               {"page_differs", tr("Differences"), m_differs},
               {"page_parts", tr("Parts"), m_parts},
               {"page_links", tr("Links"), linksPage()}};
  for (const auto& p : pages) {
    auto* tab = new QPushButton(p.text);
    tab->setObjectName(p.name);
    tab->setCheckable(true);
    m_tabs->addButton(tab, m_pages->addWidget(p.page));
    row->addWidget(tab);
  }
  m_tabs->button(Chain)->setChecked(true);
  connect(m_tabs, &QButtonGroup::idClicked, this, [this](int page) { turnTo(Page(page)); });
  row->addStretch();
  auto* add = new QPushButton(tr("Add setup"));
  add->setObjectName("addSetup");
  connect(add, &QPushButton::clicked, this, &KitStage::addSetup);
  row->addWidget(add);
  qobject_cast<QVBoxLayout*>(layout())->addLayout(row);
}

QWidget* KitStage::linksPage() {
  auto* content = new QWidget;
  auto* column = new QVBoxLayout(content);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(12);
  auto* head = new QHBoxLayout;
  auto* title = plainLabel(tr("Links and their usable limits"));
  title->setProperty("section", true);
  head->addWidget(title);
  head->addStretch();
  auto* control = adder(tr("Add control link"), "addControl");
  auto* video = adder(tr("Add video link"), "addVideo");
  head->addWidget(control);
  head->addWidget(video);
  column->addLayout(head);
  column->addLayout(m_links);
  column->addStretch();
  connect(control, &QPushButton::clicked, this, [this] { addLink(campaign::LinkKind::Control); });
  connect(video, &QPushButton::clicked, this, [this] { addLink(campaign::LinkKind::Video); });
  return scrolled(content);
}

void KitStage::showEvent(QShowEvent*) {
  refresh();
}

void KitStage::turnTo(Page page) {
  m_tabs->button(page)->setChecked(true);
  m_pages->setCurrentIndex(page);
  refresh();
}

void KitStage::refresh() {
  if (isVisible()) {  // laid out once it is looked at
    const campaign::Campaign& c = document().campaign();
    if (!campaign::findSetup(c, m_chosen)) m_chosen = c.setups.empty() ? std::string() : c.setups.front().id;
    const int page = m_pages->currentIndex();
    m_strip->setVisible(page == Chain);
    if (page == Chain) {
      m_strip->show(m_chosen);
      m_chain->show(m_chosen);
    }
    if (page == Differs) m_differs->refresh();
    if (page == Parts) m_parts->refresh();
    if (page == Links) showLinks();
  }
  emit findingsChanged();
}

void KitStage::showLinks() {
  std::vector<std::string> wanted;
  for (const auto& l : document().campaign().links)
    wanted.push_back(l.id + (l.kind == campaign::LinkKind::Video ? "/v" : "/c"));
  for (auto it = m_cards.begin(); it != m_cards.end();)
    if (std::find(wanted.begin(), wanted.end(), it->first) == wanted.end()) {
      it->second->hide();
      it->second->deleteLater();
      it = m_cards.erase(it);
    } else {
      ++it;
    }
  for (std::size_t i = 0; i < wanted.size(); ++i) {
    LinkCard*& card = m_cards[wanted[i]];
    if (!card) card = new LinkCard(document(), document().campaign().links[i].id);
    m_links->addWidget(card, int(i), 0);  // moves one that stands there; what is typed in it stays
  }
}

void KitStage::addSetup() {
  campaign::Campaign next = document().campaign();
  campaign::Setup setup;
  setup.id = campaign::freeSetupId(next);
  if (!next.setups.empty()) {  // hold the rest: only what differs is changed
    const campaign::Setup& last = next.setups.back();
    setup.links = last.links;
    setup.airframe = last.airframe;
    setup.battery = last.battery;
    setup.mast_m = last.mast_m;
  }
  next.setups.push_back(setup);
  m_chosen = setup.id;
  document().edit(finding("add-setup", {{"setup", setup.id}}), next);
}

void KitStage::addLink(campaign::LinkKind kind) {
  campaign::Campaign next = document().campaign();
  const std::string id = campaign::addLink(next, kind);
  document().edit(finding("add-link", {{"link", id}}), next);
}

void KitStage::find() {
  turnTo(Parts);
  m_parts->find();
}

void KitStage::askForPhotos(const QString& part) {
  m_photos_of = part.toStdString();
  m_asked = true;
  emit filesRequested(tr("Add photos"), tr("Pictures (*.png *.jpg *.jpeg);;All files (*)"));
  m_asked = false;
}

bool KitStage::takesFiles() const {
  return m_pages->currentIndex() == Parts &&
         !m_parts->chosen().empty();  // elsewhere what is dropped are logs
}

void KitStage::takeFiles(const QStringList& files) {
  if (files.isEmpty() || m_photos.isRunning()) return;
  if (!m_asked) m_photos_of = m_parts->chosen();  // dropped
  if (m_wants_campaign || files.front().endsWith(".distanz", Qt::CaseInsensitive))
    return m_parts->takeFrom(files.front());
  m_photos.setFuture(QtConcurrent::run([files, stop = document().closing()] { return takePhotos(files, *stop); }));
}

void KitStage::settlePhotos() {
  TakenPhotos taken = m_photos.result();
  if (!taken.refused.isEmpty()) return emit document().refused(taken.refused);
  campaign::Campaign next = document().campaign();
  for (campaign::Part& p : next.parts)
    if (p.id == m_photos_of) {
      p.photos.insert(p.photos.end(), taken.files.begin(), taken.files.end());
      document().edit(finding("add-photos", {{"part", partName(p).toStdString()}}), next,
                      std::move(taken.attachments));
      return;
    }
}

void KitStage::openPhoto(const QString& part, int photo) {
  const campaign::Part* found = campaign::findPart(document().campaign(), part.toStdString());
  if (!found || photo >= int(found->photos.size())) return;
  if (!showPhoto(this, document(), found->id, found->photos[std::size_t(photo)])) return;
  campaign::Campaign next = document().campaign();
  for (campaign::Part& p : next.parts)
    if (p.id == part.toStdString() && photo < int(p.photos.size())) {
      p.photos.erase(p.photos.begin() + photo);
      document().edit(finding("remove-photo", {{"part", partName(p).toStdString()}}), next);
      return;
    }
}

std::vector<Finding> KitStage::findings() const {
  std::vector<Finding> out = analysis::kitAdvice(document().campaign());
  if (const auto differs = plan::whatDiffers(plan::differencesOf(document().campaign()))) out.insert(out.begin(), *differs);
  const int page = m_pages->currentIndex();
  const std::vector<Finding> more = page == Chain     ? m_chain->findings()
                                    : page == Differs ? m_differs->differences().findings
                                                      : std::vector<Finding>();
  out.insert(out.end(), more.begin(), more.end());
  return out;
}

Finding KitStage::has() const {
  return analysis::kitHas(document().campaign());
}

std::optional<Finding> KitStage::lacks() const {
  return analysis::kitLacks(document().campaign());
}

QString KitStage::pageName() const {
  const QString page = m_tabs->checkedButton()->text();
  return m_pages->currentIndex() == Chain ? QString("%1 %2").arg(page, QString::fromStdString(m_chosen)) : page;
}

std::string KitStage::pageLink() const {
  return m_pages->currentIndex() == Chain ? m_chain->link() : std::string();
}

QWidget* KitStage::plainPage() const {
  return m_pages->currentIndex() == Chain ? nullptr : m_pages->currentWidget();
}

QSize KitStage::paperSize() const {
  return m_chain->drawingSize();
}

void KitStage::paintPaper(QPainter& p) const {
  const QRectF all({}, QSizeF(paperSize()));
  p.fillRect(all, theme::tokens().surface);
  lanes::paint(p, all, m_chain->drawing(), lanesLook());
}

QByteArray KitStage::csv() const {
  const int page = m_pages->currentIndex();
  if (page == Differs) return m_differs->csv();
  if (page == Parts) return m_parts->csv();
  return QByteArray::fromStdString(lanes::csvOf(m_chain->drawing()));
}

}  // namespace distanz::app
