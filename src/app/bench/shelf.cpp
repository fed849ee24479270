#include "app/bench/shelf.h"

#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/lane_plot.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "lanes/paper/plot_paper.h"
#include "words/phrases.h"

namespace distanz::app {
namespace {

constexpr int kRow_px = 56, kThumb_px = 64;
constexpr int kId = Qt::UserRole, kUnder = Qt::UserRole + 1;

QString termOf(const char* before, campaign::RecordKind kind) {
  return words::term(before + campaign::recordKindWord(kind));
}

/// A record on the shelf: its drawing, its name, what it is.
class ShelfDelegate : public QStyledItemDelegate {
 public:
  ShelfDelegate(const RecordBook& book, QObject* parent) : QStyledItemDelegate(parent), m_book(book) {}
  QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {100, kRow_px}; }
  void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
    const auto& t = theme::tokens();
    const QRect r = option.rect.adjusted(0, 0, 0, -1);
    p->save();
    if (option.state & QStyle::State_Selected) {
      p->fillRect(r, t.surface);
      p->fillRect(QRect(r.left(), r.top(), 3, r.height()), t.accent);
    }
    const QRect thumb(r.left() + 10, r.top() + 6, kThumb_px, r.height() - 12);
    p->setPen(QPen(t.hairline, 1));
    p->drawRect(thumb);
    if (const auto* judged = m_book.find(index.data(kId).toString().toStdString()))
      lanes::paint(*p, thumb.adjusted(2, 2, -2, -2), judged->result.plot, lanesLook(), true);
    const QRect text(thumb.right() + 10, r.top() + 8, r.width() - kThumb_px - 28, 18);
    p->setFont(theme::bodyFont(theme::kBody, true));
    p->setPen(t.ink);
    p->drawText(text, Qt::AlignVCenter,
                p->fontMetrics().elidedText(index.data().toString(), Qt::ElideRight, text.width()));
    p->setFont(theme::bodyFont(theme::kSmall));
    p->setPen(t.muted);
    p->drawText(text.translated(0, 19), Qt::AlignVCenter,
                p->fontMetrics().elidedText(index.data(kUnder).toString(), Qt::ElideRight, text.width()));
    p->setPen(QPen(t.hairline, 1));
    p->drawLine(r.bottomLeft(), r.bottomRight());
    if (option.state & QStyle::State_HasFocus) {
      p->setPen(QPen(t.accent, 1, Qt::DotLine));
      p->drawRect(r.adjusted(0, 0, -1, -1));
    }
    p->restore();
  }

 private:
  const RecordBook& m_book;
};

}  // namespace

Shelf::Shelf(Document& document, const RecordBook& book, QWidget* parent)
    : QWidget(parent), m_document(document), m_list(new QListWidget) {
  auto* layout = new QVBoxLayout(this);
  layout->setContentsMargins(12, 12, 0, 8);
  layout->setSpacing(8);
  layout->addWidget(newButton());
  m_list->setObjectName("shelf");
  m_list->setAccessibleName(tr("Measurements"));
  m_list->setItemDelegate(new ShelfDelegate(book, m_list));
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_list->setFrameShape(QFrame::NoFrame);
  layout->addWidget(m_list);
  connect(m_list, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* now) {
    if (now) emit chosen(now->data(kId).toString());
  });
  connect(&book, &RecordBook::changed, m_list->viewport(), qOverload<>(&QWidget::update));
}

QPushButton* Shelf::newButton() {
  m_new = new QPushButton(tr("New measurement"));
  m_new->setObjectName("newRecord");
  auto* menu = new QMenu(m_new);
  for (std::size_t k = 0; k < campaign::recordKindWords().size(); ++k) {
    const auto kind = static_cast<campaign::RecordKind>(k);
    QAction* action = menu->addAction(termOf("ask-", kind), this, [this, kind] { emit wanted(kind); });
    action->setObjectName("new-" + QString::fromStdString(campaign::recordKindWord(kind)));
  }
  m_new->setMenu(menu);
  return m_new;
}

void Shelf::show(const std::string& id) {
  const QSignalBlocker quiet(m_list);
  const campaign::Campaign& c = m_document.campaign();
  std::vector<const campaign::Record*> records;
  for (const campaign::Record& r : c.records) records.push_back(&r);
  std::stable_sort(records.begin(), records.end(), [](const auto* a, const auto* b) {
    return std::pair(a->part.empty(), a->part) < std::pair(b->part.empty(), b->part);
  });
  theme::markNext(*m_new, c.records.empty());
  std::string shown;
  for (const campaign::Record* r : records) {
    const campaign::Part* part = campaign::findPart(c, r->part);
    for (const std::string& text :
         {r->id, campaign::recordKindWord(r->kind), r->name, part ? part->name : ""})
      shown += text + '\n';
  }
  if (shown != std::exchange(m_shown, shown)) {
    m_list->clear();
    for (const campaign::Record* r : records) add(*r);
  }
  for (int row = 0; row < m_list->count(); ++row)
    if (m_list->item(row)->data(kId).toString().toStdString() == id) m_list->setCurrentRow(row);
}

void Shelf::add(const campaign::Record& r) {
  const campaign::Part* part = campaign::findPart(m_document.campaign(), r.part);
  QString under = termOf("kind-", r.kind);
  if (part && !part->name.empty()) under = QString::fromStdString(part->name) + " \u00b7 " + under;
  auto* item =
      new QListWidgetItem(r.name.empty() ? termOf("kind-", r.kind) : QString::fromStdString(r.name), m_list);
  item->setData(kId, QString::fromStdString(r.id));
  item->setData(kUnder, under);
  item->setData(Qt::AccessibleTextRole, item->text() + ", " + under);
}

}  // namespace distanz::app
