#include "app/runs/run_table.h"

#include <QComboBox>
#include <QPainter>
#include <QRegularExpression>

#include "app/shared/badge.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/typed.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {
namespace {

bool isFigure(int column) {
  return column == RunTable::Order || (column >= RunTable::Farthest && column <= RunTable::Gap);
}

QString countsText(campaign::Legs legs) {
  return legs == campaign::Legs::Out    ? RunTable::tr("outbound")
         : legs == campaign::Legs::Back ? RunTable::tr("inbound")
                                        : RunTable::tr("yes");
}

/// What an edit of a column is called: see words/phrases.
std::string columnCode(int column) {
  return column == RunTable::SetupOf    ? "column-setup"
         : column == RunTable::Order    ? "column-order"
         : column == RunTable::Flight   ? "column-flight"
         : column == RunTable::EndedWhy ? "column-ended"
         : column == RunTable::Reduced  ? "column-reduced"
                                        : "column-notes";
}

}  // namespace

RunTable::RunTable(Document& document, QObject* parent) : QAbstractTableModel(parent), m_document(document) {
  connect(&document, &Document::changed, this, [this] {
    beginResetModel();
    endResetModel();
  });
  connect(&document, &Document::analysisChanged, this, [this] {
    if (rowCount() > 0) emit dataChanged(index(0, 0), index(rowCount() - 1, kColumns - 1));
  });
}

int RunTable::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : int(m_document.campaign().runs.size());
}
int RunTable::columnCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : kColumns;
}

const analysis::RunResult* RunTable::result(const campaign::Run& run) const {
  for (const auto& r : m_document.analysis().runs)
    if (r.run == run.id) return &r;
  return nullptr;
}

QVariant RunTable::text(const campaign::Run& run, int column) const {
  const analysis::RunResult* r = result(run);
  const auto metres = [](const std::optional<double>& d) { return d ? distanceLabel(*d) : QString("–"); };
  switch (column) {
    case Name:
      return QString::fromStdString(run.id);
    case SetupOf:
      return QString::fromStdString(run.setup);
    case Order:
      return run.order > 0 ? QString::number(run.order) : QString();
    case Flight:
      return QString::fromStdString(run.flight);
    case EndedWhy:
      return endedText(run.ended);
    case Reduced:
      return words::reduced(run.reduced_db, m_document.campaign().links);
    case Farthest:
      return r ? distanceLabel(r->farthest_m) : QString();
    case Dropouts:
      return r ? QString::number(r->dropouts) : QString();
    case LostAt:
      return r ? metres(r->lost_at_m) : QString();
    case RegainedAt:
      return r ? metres(r->regained_at_m) : QString();
    case Gap:
      return r ? metres(r->gap_m) : QString();
    case Counts:
      return !r ? QString() : r->used ? countsText(run.legs) : words::sentence(*r->why_not);
    case Notes:
      return QString::fromStdString(run.notes);
    default:
      return {};
  }
}

namespace {

/// "A10" behind "A2".
QString counted(QString text) {
  constexpr int kDigits = 9;
  static const QRegularExpression kNumber("\\d+");
  int from = 0;
  for (auto m = kNumber.match(text); m.hasMatch(); m = kNumber.match(text, from)) {
    const QString padded = m.captured().rightJustified(kDigits, '0');
    text.replace(m.capturedStart(), m.capturedLength(), padded);
    from = int(m.capturedStart()) + int(padded.size());
  }
  return text;
}

}  // namespace

QVariant RunTable::sortedBy(const campaign::Run& run, int column) const {
  const analysis::RunResult* r = result(run);
  const auto metres = [](const std::optional<double>& d) { return d.value_or(-1); };
  switch (column) {
    case Order:
      return run.order;
    case Farthest:
      return r ? r->farthest_m : -1;
    case Dropouts:
      return r ? double(r->dropouts) : -1;
    case LostAt:
      return r ? metres(r->lost_at_m) : -1;
    case RegainedAt:
      return r ? metres(r->regained_at_m) : -1;
    case Gap:
      return r ? metres(r->gap_m) : -1;
    default:
      return counted(text(run, column).toString().toCaseFolded());
  }
}

QVariant RunTable::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const campaign::Run& run = m_document.campaign().runs[size_t(index.row())];
  const analysis::RunResult* r = result(run);
  if (role == Qt::DisplayRole || role == Qt::EditRole || role == Qt::ToolTipRole) {
    if (role == Qt::EditRole && index.column() == EndedWhy) return int(run.ended);
    if (role == Qt::ToolTipRole) return plainTip(text(run, index.column()).toString());
    return text(run, index.column());
  }
  if (role == kSortRole) return sortedBy(run, index.column());
  if (role == Qt::FontRole)
    return isFigure(index.column()) ? theme::figureFont(theme::kBody) : theme::bodyFont(theme::kBody);
  if (role == Qt::TextAlignmentRole && index.column() == Counts) return int(Qt::AlignCenter);
  if (role == Qt::TextAlignmentRole && isFigure(index.column()))
    return int(Qt::AlignRight | Qt::AlignVCenter);
  if (role == Qt::ForegroundRole && r && !r->used) return theme::tokens().muted;
  return {};
}

QVariant RunTable::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  const QString names[] = {tr("run"),       tr("setup"),    tr("order"),    tr("flight"),  tr("end reason"),
                           tr("reduction"), tr("farthest"), tr("dropouts"), tr("lost at"), tr("regained at"),
                           tr("gap"),       tr("counts"),   tr("notes")};
  return names[section];
}

Qt::ItemFlags RunTable::flags(const QModelIndex& index) const {
  Qt::ItemFlags f = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
  const int c = index.column();
  if (c == SetupOf || c == Order || c == Flight || c == EndedWhy || c == Reduced || c == Notes)
    f |= Qt::ItemIsEditable;
  return f;
}

bool RunTable::setData(const QModelIndex& index, const QVariant& value, int role) {
  if (role != Qt::EditRole || !index.isValid()) return false;
  campaign::Campaign next = m_document.campaign();
  if (size_t(index.row()) >= next.runs.size()) return false;
  campaign::Run& run = next.runs[size_t(index.row())];
  switch (index.column()) {
    case SetupOf:
      run.setup = value.toString().toStdString();
      break;
    case Order: {
      bool number = false;
      const int order = value.toString().isEmpty() ? 0 : value.toInt(&number);
      if (!value.toString().isEmpty() && (!number || order < 0)) {
        emit m_document.refused(
            tr("The order is a whole number from 1: the place of this run in the session."));
        return false;
      }
      run.order = order;
      break;
    }
    case Flight:
      run.flight = value.toString().trimmed().toStdString();
      break;
    case EndedWhy:
      run.ended = campaign::Ended(value.toInt());
      break;
    case Reduced: {
      const campaign::TypedReduction typed =
          campaign::parseReduced(value.toString().toStdString(), next.links);
      if (typed.problem) {
        emit m_document.refused(tr("Power reduction: %1").arg(words::sentence(*typed.problem)));
        return false;
      }
      run.reduced_db = typed.reduced_db;
      break;
    }
    case Notes:
      run.notes = value.toString().toStdString();
      break;
    default:
      return false;
  }
  return m_document.edit(
      finding("change-run", {{"field", Term{columnCode(index.column())}}}, {"run", run.id}), next);
}

QWidget* RunDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                                   const QModelIndex& index) const {
  if (index.column() != RunTable::SetupOf && index.column() != RunTable::EndedWhy)
    return QStyledItemDelegate::createEditor(parent, option, index);
  auto* box = new QComboBox(parent);
  if (index.column() == RunTable::SetupOf)
    for (const auto& s : m_document.campaign().setups)
      box->addItem(QString("%1  %2").arg(QString::fromStdString(s.id), QString::fromStdString(s.name)),
                   QString::fromStdString(s.id));
  else
    for (const campaign::Ended reason : kReasons) box->addItem(endedText(reason), int(reason));
  return box;
}

void RunDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
  if (auto* box = qobject_cast<QComboBox*>(editor))
    box->setCurrentIndex(std::max(box->findData(index.data(Qt::EditRole)), 0));
  else
    QStyledItemDelegate::setEditorData(editor, index);
}

void RunDelegate::setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const {
  if (auto* box = qobject_cast<QComboBox*>(editor))
    model->setData(index, box->currentData(), Qt::EditRole);
  else
    QStyledItemDelegate::setModelData(editor, model, index);
}

void RunDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const {
  if (index.column() != RunTable::SetupOf) return QStyledItemDelegate::paint(painter, option, index);
  const int mark = m_document.markOf(index.data().toString().toStdString());
  if (option.state & QStyle::State_Selected) painter->fillRect(option.rect, theme::tokens().floor);
  painter->setRenderHint(QPainter::Antialiasing);
  if (mark >= 0)
    paintBadge(*painter, QRectF(option.rect.left() + 8, option.rect.center().y() - 9, 20, 20),
               campaign::letterOf(m_document.campaign(), size_t(mark)), theme::setupColour(mark));
}

}  // namespace distanz::app
