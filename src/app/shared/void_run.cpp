#include "app/shared/void_run.h"

#include <QInputDialog>
#include <QPointer>

namespace distanz::app {

namespace {

void keep(Document& document, const std::string& id, const char* step, const std::string& reason) {
  campaign::Campaign next = document.campaign();
  if (campaign::Run* run = campaign::findRun(next, id)) {
    run->void_reason = reason;
    document.edit(finding(step, {}, {"run", id}), next);
  }
}

}  // namespace

void voidOrCount(QWidget* parent, Document& document, const std::string& id) {
  const campaign::Run* run = campaign::findRun(document.campaign(), id);
  if (!run) return;
  if (!run->void_reason.empty()) return keep(document, id, "count-run", {});
  auto* ask = new QInputDialog(parent);
  ask->setObjectName("voidReason");
  ask->setAttribute(Qt::WA_DeleteOnClose);
  ask->setWindowTitle(QObject::tr("Void run %1").arg(QString::fromStdString(id)));
  ask->setLabelText(QObject::tr("Why does it not count? The run is kept and can be counted again."));
  QObject::connect(ask, &QInputDialog::textValueSelected, ask,
                   [document = QPointer(&document), id](const QString& text) {
                     if (!document) return;
                     if (const QString reason = text.trimmed(); reason.isEmpty())
                       emit document->refused(
                           QObject::tr("A run is voided only with a reason, so that nobody wonders later."));
                     else
                       keep(*document, id, "void-run-step", reason.toStdString());
                   });
  ask->open();
}

}  // namespace distanz::app
