#include "app/plan/preflight_list.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/shared/text.h"
#include "core/plan/preflight.h"
#include "words/say.h"

namespace distanz::app {

PreflightList::PreflightList(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_list(new QListWidget), m_who(new QLineEdit) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  auto* title = plainLabel(tr("Before the flight"));
  title->setProperty("section", true);
  column->addWidget(title);
  m_list->setObjectName("preflight");
  m_list->setAccessibleName(tr("Pre-flight list"));
  m_list->setWordWrap(true);
  m_list->setSpacing(4);
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  column->addWidget(m_list, 1);
  auto* foot = new QHBoxLayout;
  m_who->setObjectName("preflightWho");
  m_who->setPlaceholderText(tr("your name"));
  m_who->setAccessibleName(tr("Name of the person who ticks the list"));
  foot->addWidget(m_who, 1);
  auto* clear = new QPushButton(tr("Clear all ticks"));
  clear->setObjectName("clearTicks");
  clear->setProperty("flat", true);
  foot->addWidget(clear);
  column->addLayout(foot);
  connect(clear, &QPushButton::clicked, this, &PreflightList::clear);
  // Once the click is over: what is kept makes the list anew, this item with it.
  connect(m_list, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
    QMetaObject::invokeMethod(
        this, [this, id = item->data(Qt::UserRole).toString().toStdString()] { tick(id); }, Qt::QueuedConnection);
  });
}

void PreflightList::refresh() {
  const auto items = plan::preflightOf(m_document.campaign());
  const QSignalBlocker quiet(m_list);
  while (m_list->count() > int(items.size())) delete m_list->takeItem(m_list->count() - 1);
  while (m_list->count() < int(items.size())) new QListWidgetItem(m_list);
  for (std::size_t i = 0; i < items.size(); ++i) {
    QListWidgetItem* item = m_list->item(int(i));
    const campaign::Tick* tick = items[i].tick;
    QString text = words::sentence(items[i].what);
    if (tick) {
      QStringList by;
      if (!tick->at.empty()) by << withoutKeys(QString::fromStdString(tick->at).replace('T', ' '));
      if (!tick->who.empty()) by << QString::fromStdString(tick->who);
      if (!by.isEmpty()) text += "  (" + by.join(", ") + ")";
    }
    item->setText(text);
    item->setData(Qt::UserRole, QString::fromStdString(items[i].id));
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
    item->setCheckState(tick ? Qt::Checked : Qt::Unchecked);
  }
}

std::string PreflightList::today() {
  return QDate::currentDate().toString(Qt::ISODate).toStdString();
}

void PreflightList::tick(const std::string& item) {
  m_document.edit(finding("tick-item"),
                  plan::withTick(m_document.campaign(), item,
                                 QDateTime::currentDateTime().toString("yyyy-MM-ddTHH:mm").toStdString(),
                                 m_who->text().trimmed().toStdString()));
  refresh();  // where it was refused, what is shown is what is kept
}

void PreflightList::clear() {
  campaign::Campaign next = m_document.campaign();
  if (next.plan.ticks.empty()) return;
  next.plan.ticks.clear();
  m_document.edit(finding("untick-all"), next);
}

}  // namespace distanz::app
