#include "app/kit/setup_strip.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QStyle>
#include <algorithm>

#include "app/shared/bound_fields.h"
#include "app/shared/badge.h"
#include "app/shared/text.h"

namespace distanz::app {
namespace {

constexpr std::size_t kMostShown = 40;  // more would take long to lay out and nobody reads them

}  // namespace

SetupStrip::SetupStrip(Document& document, QWidget* parent)
    : QScrollArea(parent), m_document(document), m_row(nullptr), m_hint(plainLabel()) {
  setObjectName("setupStrip");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setFixedHeight(58);
  auto* content = new QWidget;
  m_row = new QHBoxLayout(content);
  m_row->setContentsMargins(0, 0, 0, 0);
  m_row->setSpacing(8);
  m_hint->setProperty("muted", true);
  m_row->addWidget(m_hint);
  m_row->addStretch();
  setWidget(content);
}

void SetupStrip::show(const std::string& chosen) {
  m_chosen = chosen;
  const auto& setups = m_document.campaign().setups;
  const std::size_t count = std::min(setups.size(), kMostShown);
  std::vector<std::string> wanted;
  for (std::size_t i = 0; i < count; ++i)
    wanted.push_back(setups[i].id + "/" + std::to_string(i) + campaign::letterOf(m_document.campaign(), i));
  for (auto it = m_cards.begin(); it != m_cards.end();) {
    if (std::find(wanted.begin(), wanted.end(), it->first) != wanted.end()) {
      ++it;
      continue;
    }
    fields::finishTyping(it->second);
    it->second->hide();
    it->second->deleteLater();
    it = m_cards.erase(it);
  }
  for (std::size_t i = 0; i < count; ++i) {
    QFrame*& there = m_cards[wanted[i]];
    if (!there) there = card(i);
    if (m_row->indexOf(there) != int(i)) m_row->insertWidget(int(i), there);
    const bool is = setups[i].id == m_chosen;
    if (there->property("chosen").toBool() == is) continue;
    there->setProperty("chosen", is);
    for (QWidget* w : {static_cast<QWidget*>(there), static_cast<QWidget*>(there->findChild<QLineEdit*>())}) {
      w->style()->unpolish(w);  // the style sheet looks at the property, but only when told to
      w->style()->polish(w);
    }
  }
  m_hint->setVisible(setups.empty() || setups.size() > kMostShown);
  m_hint->setText(setups.empty()
                      ? tr("Add a setup for each antenna, mounting or power you want to try.")
                      : tr("%1 more setups are not shown here. Compare fewer at a time.").arg(setups.size() - count));
}

QFrame* SetupStrip::card(std::size_t index) {
  const std::string id = m_document.campaign().setups[index].id;
  const QString name = QString::fromStdString(id);
  auto* card = new QFrame;
  card->setObjectName("setupCard");
  card->setProperty("setup", name);
  card->installEventFilter(this);
  auto* inside = new QHBoxLayout(card);
  inside->setContentsMargins(8, 4, 8, 4);
  inside->addWidget(new Badge(campaign::letterOf(m_document.campaign(), index), int(index)));
  auto* field = fields::textField(m_document,
                                  {"name", tr("Name of setup %1").arg(name), finding("rename-setup", {{"setup", id}}),
                                   [id](const campaign::Campaign& c) {
                                     const auto* s = campaign::findSetup(c, id);
                                     return s ? s->name : std::string();
                                   },
                                   [id](campaign::Campaign& c, const std::string& v) {
                                     if (auto* s = campaign::findSetup(c, id)) s->name = v;
                                   }});
  field->setObjectName("name_" + name);
  field->setProperty("setup", name);
  field->setMinimumWidth(136);
  field->setToolTip(tr("Enter: show this setup's chain"));
  field->installEventFilter(this);
  inside->addWidget(field);
  return card;
}

bool SetupStrip::eventFilter(QObject* watched, QEvent* event) {
  // Not by Tab: names are typed one after the other, and the chain below stays that of the chosen setup.
  const bool enter = event->type() == QEvent::KeyPress && (static_cast<QKeyEvent*>(event)->key() == Qt::Key_Return ||
                                                           static_cast<QKeyEvent*>(event)->key() == Qt::Key_Enter);
  if (enter || event->type() == QEvent::MouseButtonPress) {
    const QString setup = watched->property("setup").toString();
    if (!setup.isEmpty() && setup.toStdString() != m_chosen) emit chosen(setup);
  }
  return QScrollArea::eventFilter(watched, event);
}

}  // namespace distanz::app
