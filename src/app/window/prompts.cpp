#include "app/window/prompts.h"

#include <QFileDialog>

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
  return unlessEmpty(QFileDialog::getSaveFileName(parent, title, suggested, filter));
}
std::optional<QString> SystemPrompts::openFolder(QWidget* parent, const QString& title) {
  return unlessEmpty(QFileDialog::getExistingDirectory(parent, title));
}

}  // namespace distanz::app
