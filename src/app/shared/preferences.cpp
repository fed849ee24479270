#include "app/shared/preferences.h"

#include <QSettings>

#include "app/shared/theme.h"
#include "words/language.h"

namespace distanz::app {

namespace {

using Theme = Preferences::Theme;
constexpr std::pair<Theme, const char*> kThemes[] = {
    {Theme::Light, "light"}, {Theme::Dark, "dark"}, {Theme::System, "system"}};

}  // namespace

QString wordOf(Preferences::Theme theme) {
  for (const auto& [one, name] : kThemes)
    if (one == theme) return name;
  return {};
}

Preferences::Theme themeNamed(const QString& word) {
  for (const auto& [theme, name] : kThemes)
    if (word == name) return theme;
  return Theme::Light;  // for the field
}

Preferences preferences() {
  const QSettings s;
  return {s.value("language").toString(),
          s.value("units").toString() == "imperial" ? words::Units::Imperial : words::Units::Metric,
          s.value("power").toString() == "dBm" ? words::Power::Dbm : words::Power::Milliwatt,
          themeNamed(s.value("theme").toString())};
}

void keepPreferences(const Preferences& p) {
  QSettings s;
  s.setValue("language", p.language);
  s.setValue("units", p.units == words::Units::Imperial ? "imperial" : "metric");
  s.setValue("power", p.power == words::Power::Dbm ? "dBm" : "mW");
  s.setValue("theme", wordOf(p.theme));
}

void colourAsPreferred() {
  const Theme wanted = preferences().theme;
  theme::setScheme(wanted == Theme::System ? theme::systemScheme()
                   : wanted == Theme::Dark ? theme::Scheme::Dark
                                           : theme::Scheme::Light);
}

void speakAsPreferred() {
  const Preferences p = preferences();
  words::speak(p.language);
  words::Style style = words::style();
  style.units = p.units;
  style.power = p.power;
  words::setStyle(style);
}

}  // namespace distanz::app
