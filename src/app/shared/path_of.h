#pragma once
#include <QString>
#include <filesystem>

namespace distanz::app {

/// A file's name as the system has it. Names that are not UTF-8 reach the window with U+FFFD in place of each
/// odd byte: the file is then looked for by what its name looks like.
std::filesystem::path pathOf(const QString& file);

}  // namespace distanz::app
