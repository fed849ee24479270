#pragma once
#include <QCoreApplication>
#include <QString>

#include "core/finding/finding.h"

/// What the commands say beside findings, in the language of the terminal.
namespace distanz::cli {

class Cli {
  Q_DECLARE_TR_FUNCTIONS(cli)
};

/// "  line 3: text", or only the text where it concerns no line.
std::string faultText(const Finding& fault);

}  // namespace distanz::cli
