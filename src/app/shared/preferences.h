#pragma once
#include <QString>

#include "words/style.h"

namespace distanz::app {

/// How the pilot wants to be spoken to; kept between sessions.
struct Preferences {
  QString language;  ///< code; empty: the system's
  words::Units units = words::Units::Metric;
  words::Power power = words::Power::Milliwatt;
  enum class Theme { Light, Dark, System } theme = Theme::Light;
};

Preferences preferences();
/// "light", "dark", "system"; of another word it is light.
QString wordOf(Preferences::Theme theme);
Preferences::Theme themeNamed(const QString& word);
void keepPreferences(const Preferences& preferences);
/// Speaks as the preferences have it.
void speakAsPreferred();
/// The colours that the preferences ask for, from the next theme::apply() on.
void colourAsPreferred();

}  // namespace distanz::app
