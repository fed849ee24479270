#include "app/runs/pending_log.h"

#include <QFileInfo>
#include <QObject>

#include "app/shared/path_of.h"

namespace distanz::app {

QString nameOf(const PendingLog& log) {
  const QString name = QFileInfo(log.file).fileName();
  return log.antenna > 0 ? QObject::tr("%1, antenna %2").arg(name).arg(log.antenna) : name;
}

formats::GivenLog givenLog(const PendingLog& log) {
  formats::GivenLog out = formats::givenLog(pathOf(log.file), QFileInfo(log.file).fileName().toStdString(), log.corrections);
  out.offset_s = log.offset_s;
  out.unplaced = log.method == campaign::Method::Course;
  return out;
}

}  // namespace distanz::app
