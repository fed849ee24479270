#include "app/kit/kit_stage.h"

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>

#include "app/kit/cards.h"
#include "app/shared/text.h"
#include "core/analysis/findings/advice.h"

namespace distanz::app {
namespace {

constexpr std::size_t kMostCards = 40;  // more would take long to lay out and nobody reads them

void empty(QLayout* layout) {
  while (QLayoutItem* item = layout->takeAt(0)) {
    if (item->widget()) item->widget()->deleteLater();
    delete item;
  }
}

QPushButton* adder(const QString& text, const char* name) {
  auto* button = new QPushButton(text);
  button->setObjectName(name);
  button->setProperty("flat", true);
  return button;
}

}  // namespace

KitStage::KitStage(Document& document, QWidget* parent)
    : Stage(document, parent), m_links(new QGridLayout), m_setups(new QGridLayout) {
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  outer->addWidget(scroll);
  auto* content = new QWidget;
  auto* layout = new QVBoxLayout(content);
  layout->setContentsMargins(16, 16, 16, 16);
  layout->setSpacing(12);
  auto* links_head = new QHBoxLayout;
  auto* links_title = plainLabel(tr("Links, and when each still counts as usable"));
  links_title->setProperty("section", true);
  links_head->addWidget(links_title);
  links_head->addStretch();
  auto* control = adder(tr("Add control link"), "addControl");
  auto* video = adder(tr("Add video link"), "addVideo");
  links_head->addWidget(control);
  links_head->addWidget(video);
  layout->addLayout(links_head);
  layout->addLayout(m_links);
  auto* setups_head = new QHBoxLayout;
  auto* setups_title = plainLabel(tr("Setups to compare: change one thing, hold the rest"));
  setups_title->setProperty("section", true);
  setups_head->addWidget(setups_title);
  setups_head->addStretch();
  auto* add = new QPushButton(tr("Add setup"));
  add->setObjectName("addSetup");
  setups_head->addWidget(add);
  layout->addLayout(setups_head);
  layout->addLayout(m_setups);
  layout->addStretch();
  scroll->setWidget(content);
  connect(add, &QPushButton::clicked, this, &KitStage::addSetup);
  connect(control, &QPushButton::clicked, this, [this] { addLink(campaign::LinkKind::Control); });
  connect(video, &QPushButton::clicked, this, [this] { addLink(campaign::LinkKind::Video); });
  connect(&document, &Document::changed, this, &KitStage::refresh);
  refresh();
}

void KitStage::showEvent(QShowEvent*) {
  refresh();
}

void KitStage::refresh() {
  emit findingsChanged();
  if (!isVisible()) return;  // cards are laid out once they are looked at
  std::string shape;
  for (const auto& l : document().campaign().links)
    shape += l.id + (l.kind == campaign::LinkKind::Video ? "/v;" : "/c;");
  for (const auto& s : document().campaign().setups) shape += "|" + s.id;
  if (shape != m_shape) {
    m_shape = shape;
    rebuild();
  }
}

void KitStage::rebuild() {
  empty(m_links);
  empty(m_setups);
  const auto& c = document().campaign();
  for (std::size_t i = 0; i < c.links.size(); ++i)
    m_links->addWidget(new LinkCard(document(), c.links[i].id), int(i), 0);
  const std::size_t shown = std::min(c.setups.size(), kMostCards);
  for (std::size_t i = 0; i < shown; ++i)
    m_setups->addWidget(new SetupCard(document(), c.setups[i].id), int(i), 0);
  if (shown < c.setups.size()) {
    auto* more = plainLabel(
        tr("%1 more setups are not shown here; compare fewer at a time").arg(c.setups.size() - shown));
    more->setProperty("muted", true);
    m_setups->addWidget(more, int(shown), 0);
  }
  if (c.setups.empty()) {
    auto* hint = plainLabel(
        tr("Nothing to compare yet. Add a setup for each antenna, mounting or power you want to try."));
    hint->setProperty("muted", true);
    m_setups->addWidget(hint, 0, 0);
  }
}

void KitStage::addSetup() {
  campaign::Campaign next = document().campaign();
  campaign::Setup setup;
  setup.id = campaign::freeSetupId(next);
  if (!next.setups.empty())
    setup.links = next.setups.back().links;  // hold the rest: only what differs is typed anew
  next.setups.push_back(setup);
  document().edit(finding("add-setup", {{"setup", setup.id}}), next);
}

void KitStage::addLink(campaign::LinkKind kind) {
  campaign::Campaign next = document().campaign();
  campaign::Link link;
  const std::string base = kind == campaign::LinkKind::Video ? "video" : "control";
  link.id = base;
  for (int n = 2; campaign::findLink(next, link.id); ++n) link.id = base + std::to_string(n);
  link.kind = kind;
  if (kind == campaign::LinkKind::Video) link.frequency_mhz = 5800;
  link.rule.lq_min_pct = 70;
  next.links.push_back(link);
  document().edit(finding("add-link", {{"link", link.id}}), next);
}

std::vector<Finding> KitStage::findings() const {
  return analysis::kitAdvice(document().campaign());
}

std::optional<Finding> KitStage::lacks() const {
  return analysis::kitLacks(document().campaign());
}

}  // namespace distanz::app
