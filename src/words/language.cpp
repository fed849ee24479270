#include "words/language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QTranslator>

#include "words/style.h"

/// Outside of any namespace, as Qt wants it.
static void initResources() {
  Q_INIT_RESOURCE(translations);
}

namespace distanz::words {
namespace {

constexpr Language kLanguages[] = {{"en", "English"}, {"de", "Deutsch"}};

bool known(const QString& code) {
  for (const Language& l : kLanguages)
    if (code == QLatin1String(l.code)) return true;
  return false;
}

/// The first of the system's languages that there is.
QString ofSystem() {
  for (const QString& tag : QLocale::system().uiLanguages())
    if (const QString code = tag.section('-', 0, 0); known(code)) return code;
  return QStringLiteral("en");
}

/// One translator each for our texts and for Qt's, put in once and filled anew.
struct Translators {
  QTranslator ours, qt;
};

Translators& translators() {
  static Translators all;
  return all;
}

void change(QTranslator& translator, const QString& name, const QString& folder, bool wanted) {
  if (!QCoreApplication::instance()) return;
  QCoreApplication::removeTranslator(&translator);
  if (wanted && translator.load(name, folder)) QCoreApplication::installTranslator(&translator);
}

QString& now() {
  static QString code = QStringLiteral("en");
  return code;
}

}  // namespace

std::span<const Language> languages() {
  return kLanguages;
}

void speak(const QString& code) {
  initResources();
  now() = code.isEmpty() ? ofSystem() : known(code) ? code : QStringLiteral("en");
  const bool foreign = now() != QStringLiteral("en");
  change(translators().ours, QStringLiteral("distanz_") + now(), QStringLiteral(":/translations"), foreign);
  change(translators().qt, QStringLiteral("qtbase_") + now(),
         QLibraryInfo::path(QLibraryInfo::TranslationsPath), foreign);
  Style style = words::style();
  style.locale = QLocale(now());
  setStyle(style);
}

QString spoken() {
  return now();
}

}  // namespace distanz::words
