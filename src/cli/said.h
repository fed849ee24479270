#pragma once
#include <QCoreApplication>
#include <QString>

#include "core/finding/finding.h"

/// What the commands say beside findings, in the language of the terminal.
namespace distanz::cli {

inline QString tr(const char* text) {
  return QCoreApplication::translate("cli", text);
}

/// "  line 3: text", or only the text where it concerns no line.
std::string faultText(const Finding& fault);

}  // namespace distanz::cli
