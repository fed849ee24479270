#pragma once
#include <QLocale>

/// How the pilot wants things said. One switch each, for views, command line, report and exports alike.
namespace distanz::words {

enum class Units { Metric, Imperial };
enum class Power { Milliwatt, Dbm };

struct Style {
  QLocale locale = QLocale(QLocale::English);
  Units units = Units::Metric;
  Power power = Power::Milliwatt;
};

/// The style in force. From any thread.
Style style();
void setStyle(const Style& style);

}  // namespace distanz::words
