#pragma once
#include <QString>
#include <span>
#include <vector>

/// The languages that the program speaks.
namespace distanz::words {

struct Language {
  const char* code;  ///< "de"
  const char* name;  ///< in itself: "Deutsch"
};
std::span<const Language> languages();

/// Speaks a language from here on: what is said, how numbers are written, and Qt's own dialogs where their
/// translation is installed. Needs a QCoreApplication; from its thread. @param code of languages(), or empty
/// for the system's; one that there is not is English
void speak(const QString& code);
/// Code of the language that is spoken.
QString spoken();

}  // namespace distanz::words
