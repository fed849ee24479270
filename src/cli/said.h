#pragma once
#include <QCoreApplication>
#include <QString>

#include <iosfwd>
#include <vector>

#include "core/finding/finding.h"

/// What the commands say beside findings, in the language of the terminal.
namespace distanz::cli {

class Cli {
  Q_DECLARE_TR_FUNCTIONS(cli)
};

/// Findings under the heading of their group: what was found, what to do, cautions. Groups without any are left out.
void printGroups(const std::vector<Finding>& findings, std::ostream& out);

/// "  line 3: text", or only the text where it concerns no line.
std::string faultText(const Finding& fault);

}  // namespace distanz::cli
