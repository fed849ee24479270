#include "app/shared/preferences.h"

#include <QSettings>

#include "words/language.h"

namespace distanz::app {

Preferences preferences() {
  const QSettings s;
  return {s.value("language").toString(),
          s.value("units").toString() == "imperial" ? words::Units::Imperial : words::Units::Metric,
          s.value("power").toString() == "dBm" ? words::Power::Dbm : words::Power::Milliwatt};
}

void keepPreferences(const Preferences& p) {
  QSettings s;
  s.setValue("language", p.language);
  s.setValue("units", p.units == words::Units::Imperial ? "imperial" : "metric");
  s.setValue("power", p.power == words::Power::Dbm ? "dBm" : "mW");
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
