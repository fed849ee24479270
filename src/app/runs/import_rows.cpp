#include "app/runs/import_rows.h"

#include <QFileInfo>
#include <QHeaderView>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::app {

void setUpImportTable(QTableWidget& t) {
  t.setObjectName("importLogs");
  t.setAccessibleName(QObject::tr("Logs to import"));
  t.setHorizontalHeaderLabels({QObject::tr("log"), QObject::tr("becomes"), QObject::tr("setup"), QObject::tr("flown as"),
                               QObject::tr("ended by"), QObject::tr("notes"), QObject::tr("what it holds")});
  t.verticalHeader()->hide();
  t.setEditTriggers(QAbstractItemView::NoEditTriggers);
  t.setSelectionBehavior(QAbstractItemView::SelectRows);
  t.setSelectionMode(QAbstractItemView::SingleSelection);
  t.setTabKeyNavigation(false);
  t.setWordWrap(false);
  t.horizontalHeader()->setStretchLastSection(true);
  const int widths[] = {150, 168, 146, 134, 222, 100};
  for (int i = 0; i < int(std::size(widths)); ++i) t.setColumnWidth(i, widths[i]);
}

QComboBox* importWithBox(const ImportList& list, int row) {
  auto* box = new QComboBox;
  const PendingLog& own = list.logs()[std::size_t(row)].pending;
  box->setObjectName("with_" + QString::number(row));
  box->setAccessibleName(QObject::tr("What becomes of %1").arg(nameOf(own)));
  const auto antennas = list.antennasAt(row).size();
  box->addItem(antennas > 1 ? QObject::tr("a run, best of %1 antennas").arg(antennas) : QObject::tr("a run"), -1);
  if (antennas > 1) box->addItem(QObject::tr("a run per antenna"), kEachAntenna);
  for (int i = 0; i < list.size() && own.antenna == 0; ++i) {
    const ListedLog& other = list.logs()[std::size_t(i)];
    if (i != row && other.fault.isEmpty() && other.pending.antenna == 0)
      box->addItem(QObject::tr("part of %1").arg(QFileInfo(other.pending.file).fileName()), i);
  }
  box->setCurrentIndex(std::max(box->findData(own.antenna > 0 ? kEachAntenna : own.with), 0));
  return box;
}

void showEnded(QComboBox& box, const ListedLog& log) {
  for (int i = 0; i < box.count(); ++i) {
    const auto reason = campaign::Ended(box.itemData(i).toInt());
    const QString text = endedText(reason);
    const bool guess = log.ended_guessed && reason == log.pending.ended;
    box.setItemText(i, guess ? QObject::tr("%1 (guess)").arg(text) : text);
  }
  box.setCurrentIndex(std::max(box.findData(int(log.pending.ended)), 0));
}

QString importTitle(const ListedLog& l) {
  const QString name = QFileInfo(l.pending.file).fileName();
  if (l.pending.antenna > 0) return QObject::tr("Columns of %1, antenna %2 alone").arg(name).arg(l.pending.antenna);
  return l.matched_as.empty() ? QObject::tr("Columns of %1").arg(name)
                              : QObject::tr("Columns of %1, corrected as for run %2: check them").arg(name, QString::fromStdString(l.matched_as));
}

ImportStateText importState(const ListedLog& l) {
  if (!l.fault.isEmpty()) return {l.fault, true};
  if (!l.refused.isEmpty()) return {l.refused, true};
  if (!l.told) return {QObject::tr("reading ..."), false};
  const QString lasts = l.told->lasts_s > 0 ? words::duration(std::round(l.told->lasts_s)) : QString();
  if (l.pending.with >= 0) return {lasts, false};
  if (l.told->refused) return {words::sentence(withoutFile(*l.told->refused, l.pending.file.toStdString())), true};
  return {l.told->farthest_m > 0 ? QObject::tr("%1, out to %2").arg(lasts, words::distance(l.told->farthest_m)) : lasts, false};
}

}  // namespace distanz::app
