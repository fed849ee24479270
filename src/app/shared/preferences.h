#pragma once
#include <QString>

#include "words/style.h"

namespace distanz::app {

/// How the pilot wants to be spoken to; kept between sessions.
struct Preferences {
  QString language;  ///< code; empty: the system's
  words::Units units = words::Units::Metric;
  words::Power power = words::Power::Milliwatt;
};

Preferences preferences();
void keepPreferences(const Preferences& preferences);
/// Speaks as the preferences have it.
void speakAsPreferred();

}  // namespace distanz::app
