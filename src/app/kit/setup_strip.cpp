#include "app/kit/setup_strip.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>

#include "app/shared/bound_fields.h"
#include "app/shared/badge.h"
#include "app/shared/text.h"

namespace distanz::app {
namespace {

constexpr std::size_t kMostShown = 40;  // more would take long to lay out and nobody reads them

}  // namespace

SetupStrip::SetupStrip(Document& document, QWidget* parent) : QScrollArea(parent), m_document(document) {
  setObjectName("setupStrip");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setFixedHeight(58);
}

void SetupStrip::show(const std::string& chosen) {
  std::string shape;
  for (const auto& s : m_document.campaign().setups) shape += s.id + "/";
  m_chosen = chosen;
  if (shape != m_shape) {
    m_shape = shape;
    build();
  }
  for (auto* card : findChildren<QFrame*>("setupCard")) {
    card->setProperty("chosen", card->property("setup").toString().toStdString() == m_chosen);
    card->setStyleSheet(card->styleSheet());  // looks at the property anew
  }
}

void SetupStrip::build() {
  auto* content = new QWidget;
  auto* row = new QHBoxLayout(content);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(8);
  const auto& setups = m_document.campaign().setups;
  for (std::size_t i = 0; i < std::min(setups.size(), kMostShown); ++i) {
    const std::string id = setups[i].id;
    const QString name = QString::fromStdString(id);
    auto* card = new QFrame;
    card->setObjectName("setupCard");
    card->setProperty("setup", name);
    card->installEventFilter(this);
    auto* inside = new QHBoxLayout(card);
    inside->setContentsMargins(6, 4, 6, 4);
    inside->addWidget(new Badge(campaign::letterOf(m_document.campaign(), i), int(i)));
    auto* field = fields::textField(m_document,
                                 {"name", tr("Name of this setup"), finding("rename-setup", {{"setup", id}}),
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
    field->installEventFilter(this);
    inside->addWidget(field);
    row->addWidget(card);
  }
  if (setups.size() > kMostShown) {
    auto* more = plainLabel(
        tr("%1 more setups are not shown here; compare fewer at a time").arg(setups.size() - kMostShown));
    more->setProperty("muted", true);
    row->addWidget(more);
  }
  if (setups.empty()) {
    auto* hint = plainLabel(
        tr("Nothing to compare yet. Add a setup for each antenna, mounting or power you want to try."));
    hint->setProperty("muted", true);
    row->addWidget(hint);
  }
  row->addStretch();
  if (QWidget* old = takeWidget()) old->deleteLater();
  setWidget(content);
}

bool SetupStrip::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::FocusIn || event->type() == QEvent::MouseButtonPress) {
    const QString setup = watched->property("setup").toString();
    if (!setup.isEmpty() && setup.toStdString() != m_chosen) emit chosen(setup);
  }
  return QScrollArea::eventFilter(watched, event);
}

}  // namespace distanz::app
