#include "app/window/prompts.h"

#include <QFileDialog>
#include <QFileInfo>

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
std::optional<QString> SystemPrompts::saveFile(QWidget* parent, const QString& title, const QString& suggested, const QString& filter) {
  QFileDialog dialog(parent, title, {}, filter);
  dialog.setAcceptMode(QFileDialog::AcceptSave);
  dialog.setDefaultSuffix(QFileInfo(suggested).suffix());  // before the dialog asks whether the file may be replaced
  dialog.selectFile(suggested);
  return dialog.exec() == QDialog::Accepted && !dialog.selectedFiles().isEmpty() ? unlessEmpty(dialog.selectedFiles().first())
                                                                                  : std::nullopt;
}
std::optional<QString> SystemPrompts::openFolder(QWidget* parent, const QString& title) {
  return unlessEmpty(QFileDialog::getExistingDirectory(parent, title));
}

}  // namespace distanz::app
