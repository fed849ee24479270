#pragma once
#include <QFile>
#include <filesystem>

namespace distanz::app {

/// A file's name as the system has it.
inline std::filesystem::path pathOf(const QString& file) {
  return std::filesystem::path(QFile::encodeName(file).toStdString());
}

}  // namespace distanz::app
