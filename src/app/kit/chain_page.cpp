#include "app/kit/chain_page.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <cmath>

#include "app/kit/facts.h"
#include "app/kit/mount_panel.h"
#include "app/shared/plot_canvas.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/campaign/antenna.h"
#include "core/campaign/limits.h"
#include "core/plan/chain_told.h"
#include "core/plan/limits.h"
#include "core/plan/planned.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

using campaign::Slot;
using quantity::Unit;

constexpr int kMostOffered = 30, kPattern_px = 380;

bool isAntenna(const Slot* slot) {
  return slot == &campaign::kTransmitGain || slot == &campaign::kReceiveGain;
}

const Slot* slotOf(const plan::Chain& chain, int element) {
  return element >= 0 && element < int(chain.elements.size()) ? chain.elements[std::size_t(element)].slot
                                                              : nullptr;
}

}  // namespace

ChainPage::ChainPage(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(document),
      m_chain(new ChainView),
      m_part(new PartPanel(document)),
      m_mount(new MountPanel(document)),
      m_plot(new PlotCanvas),
      m_details(new QWidget),
      m_tabs(new QHBoxLayout),
      m_tab_group(new QButtonGroup(this)),
      m_figures(plainLabel()),
      m_change(plainLabel()),
      m_facts(plainLabel()),
      m_pick(new QPushButton(tr("Pick a part ..."))),
      m_plain_side(new QPushButton(tr("Antenna pattern"))),
      m_mount_side(new QPushButton(tr("Mounting"))),
      m_side(new QStackedWidget) {
  layOut();
  connect(m_chain, &ChainView::chosen, this, &ChainPage::choose);
  connect(m_chain, &ChainView::swapWanted, this, &ChainPage::offerParts);
  connect(m_pick, &QPushButton::clicked, this, [this] { offerParts(m_element); });
  connect(m_part, &PartPanel::photosWanted, this, &ChainPage::photosWanted);
  connect(m_part, &PartPanel::photoChosen, this, &ChainPage::photoChosen);
  connect(m_part, &PartPanel::recordRequested, this, &ChainPage::recordRequested);
  connect(m_part, &PartPanel::unfoldedChanged, this, &ChainPage::refresh);
}

void ChainPage::layOut() {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  auto* row = new QHBoxLayout;
  m_tabs->setSpacing(4);
  row->addLayout(m_tabs);
  row->addWidget(m_details, 1);
  column->addLayout(row);
  column->addWidget(m_chain, 5);
  auto* told = new QHBoxLayout;
  m_figures->setObjectName("chainFigures");
  m_figures->setFont(theme::figureFont(theme::kLead, true));
  m_change->setObjectName("chainChange");
  m_change->setProperty("muted", true);
  told->addWidget(m_figures);
  told->addStretch();
  told->addWidget(m_change);
  column->addLayout(told);
  auto* below = new QHBoxLayout;
  below->setSpacing(16);
  m_left = new QWidget;
  auto* left = new QVBoxLayout(m_left);
  left->setContentsMargins(0, 0, 0, 0);
  m_pick->setObjectName("pickPart");
  left->addWidget(m_pick, 0, Qt::AlignLeft);
  left->addWidget(m_part, 1);
  below->addWidget(m_left, 5);
  m_right = new QWidget;
  auto* right = new QVBoxLayout(m_right);
  right->setContentsMargins(0, 0, 0, 0);
  auto* sides = new QHBoxLayout;
  auto* group = new QButtonGroup(this);
  int n = 0;
  for (QPushButton* b : {m_plain_side, m_mount_side}) {
    b->setCheckable(true);
    b->setProperty("flat", false);
    group->addButton(b, n++);
    sides->addWidget(b);
  }
  m_plain_side->setObjectName("sidePattern");
  m_mount_side->setObjectName("sideMount");
  m_plain_side->setChecked(true);
  sides->addStretch();
  connect(group, &QButtonGroup::idClicked, this, [this] {
    showSide();
    emit changed();
  });
  right->addLayout(sides);
  m_plot->setMinimumHeight(132);  // with its facts below it, without a scroll bar at 1280 by 800
  m_side->addWidget(m_plot);
  m_side->addWidget(m_mount);
  right->addWidget(m_side, 1);
  m_facts->setObjectName("patternFacts");
  m_facts->setWordWrap(true);
  m_facts->setProperty("small", true);
  right->addWidget(m_facts);
  below->addWidget(m_right, 4);
  column->addLayout(below, 6);
}

void ChainPage::show(const std::string& setup) {
  m_setup = setup;
  refresh();
}

void ChainPage::showLinks() {
  const auto& links = m_document.campaign().links;
  std::string shape;
  for (const auto& l : links) shape += l.id + "/";
  if (!campaign::findLink(m_document.campaign(), m_link))
    m_link = links.empty() ? std::string() : links.front().id;
  if (shape != std::exchange(m_links_shown, shape)) {
    while (QLayoutItem* item = m_tabs->takeAt(0)) {
      item->widget()->deleteLater();
      delete item;
    }
    for (const auto& l : links) {
      auto* tab = new QPushButton(withoutKeys(QString::fromStdString(l.id)));
      tab->setObjectName("chainLink_" + QString::fromStdString(l.id));
      tab->setCheckable(true);
      m_tab_group->addButton(tab);
      connect(tab, &QPushButton::clicked, this, [this, id = l.id] {
        m_link = id;
        refresh();
      });
      m_tabs->addWidget(tab);
    }
  }
  if (auto* now = findChild<QPushButton*>("chainLink_" + QString::fromStdString(m_link)))
    now->setChecked(true);
}

QWidget* ChainPage::mastField(const std::string& id) {
  return fields::numberField(m_document,
                       {"mast", words::term("differs-mast"), finding("describe-setup", {{"setup", id}}),
                        [id](const campaign::Campaign& c) {
                          const auto* s = campaign::findSetup(c, id);
                          return s ? s->mast_m : std::nullopt;
                        },
                        [id](campaign::Campaign& c, const std::optional<double>& v) {
                          if (auto* s = campaign::findSetup(c, id)) s->mast_m = v;
                        }},
                       "mast_m", Unit::Metre, 0, campaign::limits::kMastHigh_m, tr("mast, as the station's"));
}

/// What belongs to the setup as a whole.
void ChainPage::addDetails(QHBoxLayout* row) {
  const std::string id = m_setup;
  const auto text = [id](std::string campaign::Setup::*member) {
    return [id, member](const campaign::Campaign& c) {
      const auto* s = campaign::findSetup(c, id);
      return s ? s->*member : std::string();
    };
  };
  const auto put = [id](std::string campaign::Setup::*member) {
    return [id, member](campaign::Campaign& c, const std::string& v) {
      if (auto* s = campaign::findSetup(c, id)) s->*member = v;
    };
  };
  const QString name = QString::fromStdString(id);
  auto* differs = fields::textField(
      m_document, {"differs", tr("How it differs from the other setups"), finding("describe-setup", {{"setup", id}}),
                   text(&campaign::Setup::differs), put(&campaign::Setup::differs)});
  differs->setObjectName("differs_" + name);
  row->addWidget(differs, 3);
  const struct {
    const char* name;
    campaign::PartKind kind;
    std::string campaign::Setup::*member;
    QString none;
  } parts[] = {{"airframe", campaign::PartKind::Airframe, &campaign::Setup::airframe, tr("airframe not set")},
               {"battery", campaign::PartKind::Battery, &campaign::Setup::battery, tr("battery not set")}};
  for (const auto& p : parts) {
    const auto choices = [kind = p.kind, none = p.none](const campaign::Campaign& c) {
      std::vector<fields::Choice> out{{"", none}};
      for (const auto& part : c.parts)
        if (part.kind == kind) out.push_back({part.id, partName(part)});
      return out;
    };
    auto* box = fields::choiceField(m_document,
                                    {p.name, words::term(std::string("differs-") + p.name),
                                     finding("describe-setup", {{"setup", id}}), text(p.member), put(p.member)},
                                    choices);
    const auto refresh = [box] { box->setVisible(box->count() > 1); };  // parts are made on their page
    row->addWidget(box, 1);
    refresh();
    connect(&m_document, &Document::changed, box, refresh);
  }
  auto* mast = mastField(id);
  row->addWidget(mast, 1);
  auto* remove = new QPushButton(tr("Remove"));
  remove->setProperty("flat", true);
  remove->setObjectName("removeSetup");
  remove->setAccessibleName(tr("Remove setup %1").arg(name));
  connect(remove, &QPushButton::clicked, this, [this, id] {
    m_document.edit(finding("remove-setup", {{"setup", id}}),
                    campaign::withoutSetup(m_document.campaign(), id));
  });
  row->addWidget(remove);
}

void ChainPage::showDetails() {
  if (m_setup == std::exchange(m_details_shown, m_setup)) return;
  fields::finishTyping(m_details);
  auto* fresh = new QWidget;
  auto* row = new QHBoxLayout(fresh);
  row->setContentsMargins(0, 0, 0, 0);
  addDetails(row);
  delete layout()->itemAt(0)->layout()->replaceWidget(m_details, fresh);
  m_details->deleteLater();
  m_details = fresh;
}

campaign::SetupLink ChainPage::ends() const {
  const campaign::SetupLink* found = campaign::findEnds(m_document.campaign(), m_setup, m_link);
  return found ? *found : campaign::SetupLink();
}

void ChainPage::showChain(const campaign::Link& link) {
  const campaign::Campaign& c = m_document.campaign();
  lanes::ChainDrawing drawing{plan::chainOf(c, link, ends(), campaign::findSetup(c, m_setup)->mast_m, m_document.planned().sights),
                              {},
                              std::max(m_document.markOf(m_setup), 0),
                              m_element,
                              link.eirp_limit_dbm};
  for (const auto& e : drawing.chain.elements) {
    const campaign::Part* part = e.slot ? campaign::findPart(c, e.part) : nullptr;
    drawing.names.push_back(part ? QString::fromStdString(part->name) : QString());
  }
  const std::string of = m_setup + "/" + m_link;
  if (of != std::exchange(m_last_of, of) || !m_last)
    m_changed.reset();
  else if (const auto change = plan::changeBetween(*m_last, drawing.chain))
    m_changed = change;
  m_change->setText(m_changed ? tr("last change: %1").arg(changeText(*m_changed)) : QString());
  m_last = drawing.chain;
  m_chain->show(drawing);
  tellFigures(drawing.chain);
}

void ChainPage::showElement(const campaign::Link& link) {
  const campaign::Campaign& c = m_document.campaign();
  const campaign::SetupLink own = ends();
  const Slot* slot = slotOf(*m_last, m_element);
  const campaign::Part* part = slot ? campaign::findPart(c, own.*slot->part) : nullptr;
  m_pick->setVisible(slot);
  m_pick->setText(part ? tr("%1: take another ...").arg(withoutKeys(partName(*part)))
                       : tr("Pick a part ..."));
  m_part->setVisible(slot);
  m_part->show({m_setup, m_link, slot, {}});
  m_pattern = slot ? plan::patternAt(c, *campaign::findSetup(c, m_setup), link, *slot) : std::nullopt;
  m_plot->show(m_pattern ? m_pattern->plot : records::Plot());
  m_facts->setText(m_pattern ? factsText(*m_pattern)
                             : tr("Set the kind of antenna to see its pattern."));
  m_mount_side->setVisible(part && isAntenna(slot) && part == campaign::aircraftAntenna(c, link, own));
  m_right->setVisible(isAntenna(slot) && (!m_part->unfolded() || mountShown()));
  showSide();
}

void ChainPage::refresh() {
  if (!isVisible()) return;
  showLinks();
  const campaign::Link* link = campaign::findLink(m_document.campaign(), m_link);
  const bool there = link && campaign::findSetup(m_document.campaign(), m_setup);
  for (QWidget* w : {static_cast<QWidget*>(m_chain), m_left, m_right, static_cast<QWidget*>(m_figures),
                     static_cast<QWidget*>(m_change), m_details})
    w->setVisible(there);
  if (there) {
    showDetails();
    showChain(*link);
    showElement(*link);
  }
  emit changed();
}

bool ChainPage::mountShown() const {
  return m_mount_side->isVisibleTo(m_right) && m_mount_side->isChecked();
}

void ChainPage::showSide() {
  const bool mount = m_right->isVisibleTo(this) && mountShown();
  if (!m_mount_side->isVisibleTo(m_right)) m_plain_side->setChecked(true);
  m_left->setVisible(!mount);
  m_right->setMaximumWidth(mount ? QWIDGETSIZE_MAX : kPattern_px);  // the fields need the rest
  m_facts->setVisible(!mount);
  m_side->setCurrentWidget(mount ? static_cast<QWidget*>(m_mount) : m_plot);
  m_mount->show(m_setup, m_link);
}

void ChainPage::choose(int element) {
  m_element = element;
  refresh();
}

QString ChainPage::changeText(const plan::ChainChange& change) const {
  QString text = (change.level_db >= 0 ? "+" : "") + words::number(change.level_db, 1) + " dB";
  if (change.range_m)
    text += QString(*change.range_m >= 0 ? ", +" : ", \u2212") + words::distance(std::abs(*change.range_m));
  return text;
}

void ChainPage::tellFigures(const plan::Chain& chain) {
  QStringList told;
  const auto dbm = [](double v) { return words::number(v, 1) + " dBm"; };
  if (chain.eirp_dbm) told << tr("EIRP %1").arg(dbm(*chain.eirp_dbm));
  if (chain.received_dbm) told << tr("at the far post %1").arg(dbm(*chain.received_dbm));
  if (chain.margin_db) told << tr("margin %1 dB").arg(words::number(*chain.margin_db, 1));
  if (chain.range_m)
    told << tr("predicted %1").arg(words::distance(*chain.range_m));
  else if (chain.eirp_dbm && !campaign::antennasKnown(m_document.campaign(), ends()))
    told << tr("no range: antenna gains not set");
  if (told.isEmpty()) told << tr("Enter the transmit power to see the levels.");
  m_figures->setText(told.join("   \u00b7   "));
}

void ChainPage::offerParts(int element) {
  choose(element);
  const campaign::Campaign& c = m_document.campaign();
  const campaign::Setup* setup = campaign::findSetup(c, m_setup);
  const campaign::Link* link = campaign::findLink(c, m_link);
  const Slot* slot = m_last ? slotOf(*m_last, element) : nullptr;
  if (!setup || !link || !slot) return;
  auto* menu = new QMenu(this);
  menu->setObjectName("partMenu");
  menu->setAttribute(Qt::WA_DeleteOnClose);
  const bool other = m_last->eirp_dbm.has_value();
  int n = 0;
  for (const plan::Swap& swap : plan::swapsFor(c, *link, ends(), *slot, setup->mast_m, m_document.planned().sights)) {
    if (n++ >= kMostOffered) break;
    const campaign::Part* part = campaign::findPart(c, swap.part);
    const QString text = withoutKeys(partName(*part)) + (other ? "\t" + changeText(swap.change) : QString());
    menu->addAction(text, this, [this, slot, id = swap.part] { put(*slot, id); })
        ->setObjectName("part_" + QString::fromStdString(swap.part));
  }
  if (n > 0) menu->addSeparator();
  menu->addAction(tr("A new one"), this, [this, slot] { put(*slot, "+"); })->setObjectName("newPart");
  if (!(ends().*slot->part).empty())
    menu->addAction(tr("None"), this, [this, slot] { put(*slot, {}); })->setObjectName("noPart");
  menu->popup(m_chain->mapToGlobal(m_chain->placeOf(element)));
}

void ChainPage::put(const Slot& slot, const std::string& part) {
  campaign::Campaign next = m_document.campaign();
  campaign::Setup* setup = campaign::findSetup(next, m_setup);
  if (!setup) return;
  std::string& ref = setup->links[m_link].*slot.part;
  ref = part;
  if (part == "+") {
    campaign::Part fresh;
    fresh.id = ref = campaign::freePartId(next);
    fresh.kind = slot.kind;
    next.parts.push_back(fresh);
  }
  campaign::dropOrphans(next, m_document.campaign());
  m_document.edit(finding("pick-part", {{"setup", m_setup}}), next);
}

std::vector<Finding> ChainPage::findings() const {
  std::vector<Finding> out;
  const campaign::Link* link = campaign::findLink(m_document.campaign(), m_link);
  if (!link || !m_last) return out;
  if (auto told = plan::toldAtFarPost(m_document.campaign(), *link, *m_last)) out.push_back(std::move(*told));
  const std::vector<Finding> cautions = plan::cautionsOf(*m_last, *link, m_changed);
  out.insert(out.end(), cautions.begin(), cautions.end());
  if (m_pattern && m_right->isVisibleTo(this))
    out.insert(out.end(), m_pattern->findings.begin(), m_pattern->findings.end());
  if (m_mount_side->isVisibleTo(this))
    out.insert(out.end(), m_mount->mounting().findings.begin(), m_mount->mounting().findings.end());
  return out;
}

}  // namespace distanz::app
