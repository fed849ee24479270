#include "app/shared/path_of.h"

#include <QFile>

namespace distanz::app {
namespace {

namespace fs = std::filesystem;

/// The one in `folder` that looks like `name`; itself where none does.
fs::path lookedFor(const fs::path& folder, const fs::path& name) {
  const QString wanted = QString::fromStdString(name.string());
  std::error_code ignored;
  if (!wanted.contains(QChar::ReplacementCharacter) || fs::exists(folder / name, ignored)) return name;
  for (const auto& entry : fs::directory_iterator(folder, fs::directory_options::skip_permission_denied, ignored))
    if (QFile::decodeName(QByteArray::fromStdString(entry.path().filename().string())) == wanted) return entry.path().filename();
  return name;
}

}  // namespace

fs::path pathOf(const QString& file) {
  const fs::path told(QFile::encodeName(file).toStdString());
  if (!file.contains(QChar::ReplacementCharacter)) return told;
  fs::path out;
  for (const fs::path& part : told) out /= lookedFor(out.empty() ? fs::path(".") : out, part);
  return out;
}

}  // namespace distanz::app
