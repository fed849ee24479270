#include "app/window/prompts.h"

#include <QDate>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QPrintDialog>
#include <QStandardPaths>
#include <QPrinter>

namespace distanz::app {
namespace {
std::optional<QString> unlessEmpty(const QString& text) {
  return text.isEmpty() ? std::nullopt : std::optional(text);
}
}  // namespace

std::optional<QString> SystemPrompts::openFile(QWidget* parent, const QString& title, const QString& filter) {
  return unlessEmpty(QFileDialog::getOpenFileName(parent, title, {}, filter));
}
QStringList SystemPrompts::openFiles(QWidget* parent, const QString& title, const QString& filter) {
  return QFileDialog::getOpenFileNames(parent, title, {}, filter);
}
std::optional<QString> SystemPrompts::saveFile(QWidget* parent, const QString& title,
                                               const QString& suggested, const QString& filter) {
  QFileDialog dialog(parent, title, {}, filter);
  dialog.setAcceptMode(QFileDialog::AcceptSave);
  const QString ending = QFileInfo(suggested).suffix();
  dialog.setDefaultSuffix(ending);  // added before the dialog asks whether the file may be replaced
  dialog.selectFile(suggested);
  while (dialog.exec() == QDialog::Accepted && !dialog.selectedFiles().isEmpty()) {
    const QString file = dialog.selectedFiles().first();
    if (ending.isEmpty() || file.endsWith("." + ending)) return file;
    if (!QFileInfo::exists(file + "." + ending)) return file + "." + ending;
    dialog.selectFile(file + "." +
                      ending);  // a name that ends otherwise: let the dialog ask about the real one
  }
  return std::nullopt;
}
QString SystemPrompts::freeCampaignFile() {
  const QDir folder(QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + "/Distanz");
  const QString base = QObject::tr("Campaign %1").arg(QDate::currentDate().toString(Qt::ISODate));
  QString file = folder.filePath(base + ".distanz");
  for (int n = 2; QFileInfo::exists(file); ++n) file = folder.filePath(QString("%1 (%2).distanz").arg(base).arg(n));
  return file;
}
std::optional<QString> SystemPrompts::openFolder(QWidget* parent, const QString& title) {
  return unlessEmpty(QFileDialog::getExistingDirectory(parent, title));
}
bool SystemPrompts::printer(QWidget* parent, QPrinter& printer) {
  return QPrintDialog(&printer, parent).exec() == QDialog::Accepted;
}

}  // namespace distanz::app
