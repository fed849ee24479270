#include "app/shared/void_run.h"

#include <QInputDialog>
#include <QPointer>

namespace distanz::app {

namespace {

void keep(Document& document, const std::vector<std::string>& ids, const char* step, const char* step_of_many, const std::string& reason) {
  campaign::Campaign next = document.campaign();
  for (const std::string& id : ids)
    if (campaign::Run* run = campaign::findRun(next, id); run && (reason.empty() || run->void_reason.empty()))
      run->void_reason = reason;
  document.edit(ids.size() == 1 ? finding(step, {}, {"run", ids.front()}) : finding(step_of_many, {{"runs", ids.size()}}), next);
}

}  // namespace

void voidOrCount(QWidget* parent, Document& document, const std::vector<std::string>& ids) {
  const campaign::Run* run = ids.empty() ? nullptr : campaign::findRun(document.campaign(), ids.front());
  if (!run) return;
  if (!run->void_reason.empty()) return keep(document, ids, "count-run", "count-runs", {});
  auto* ask = new QInputDialog(parent);
  ask->setObjectName("voidReason");
  ask->setAttribute(Qt::WA_DeleteOnClose);
  ask->setWindowTitle(ids.size() == 1 ? QObject::tr("Exclude run %1").arg(QString::fromStdString(ids.front()))
                                      : QObject::tr("Exclude %1 runs").arg(ids.size()));
  ask->setLabelText(QObject::tr("Why does it not count? The run is kept and can be included again."));
  QObject::connect(ask, &QInputDialog::textValueSelected, ask,
                   [document = QPointer(&document), ids](const QString& text) {
                     if (!document) return;
                     if (const QString reason = text.trimmed(); reason.isEmpty())
                       emit document->refused(
                           QObject::tr("Enter a reason."));
                     else
                       keep(*document, ids, "void-run-step", "void-runs-step", reason.toStdString());
                   });
  ask->open();
}

}  // namespace distanz::app
