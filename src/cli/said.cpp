#include "cli/said.h"

#include <ostream>

#include "core/finding/catalogue.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

Severity groupOf(const Finding& f) {
  const FindingInfo* info = infoOf(f.code);
  return info && (info->severity == Severity::Advice || info->severity == Severity::Caution)
             ? info->severity
             : Severity::Result;
}

}  // namespace

void printGroups(const std::vector<Finding>& findings, std::ostream& out) {
  const std::pair<Severity, QString> groups[] = {{Severity::Result, Cli::tr("Results")},
                                                 {Severity::Advice, Cli::tr("What to do")},
                                                 {Severity::Caution, Cli::tr("Cautions")}};
  bool first = true;
  for (const auto& [severity, heading] : groups) {
    bool begun = false;
    for (const Finding& f : findings) {
      if (groupOf(f) != severity) continue;
      if (!begun) out << (first ? "" : "\n") << heading.toStdString() << "\n";
      begun = true;
      first = false;
      const words::Said said = words::say(f);
      const bool both = !said.title.isEmpty() && !said.text.isEmpty();
      out << "  " << said.title.toStdString() << (both ? ". " : "") << said.text.toStdString() << "\n";
    }
  }
}

}  // namespace distanz::cli
