#pragma once
#include <span>
#include <string_view>

/// The table of findings: every code there is. What is said for a code stands in words/; docs/findings.md
/// lists both.
namespace distanz {

enum class Severity {
  Result,   ///< what was measured
  Advice,   ///< what to do next
  Caution,  ///< where the risk is
  Refusal,  ///< why input was not taken
  Detail,   ///< said within or after another one
  Step      ///< what an edit did, for undo
};

struct FindingInfo {
  std::string_view code;
  Severity severity;
  std::string_view stage;      ///< id of the stage of the work it belongs to; empty: any
  std::string_view arguments;  ///< names parted by spaces; ":" and the unit behind those that are measures
  std::string_view remedy;     ///< code of what helps: "void-run"; empty where nothing single does
};

/// Fixed word of a severity, for files and machines.
std::string_view wordOf(Severity severity);

std::span<const FindingInfo> allFindings();
/// The row of a code; null where there is none.
const FindingInfo* infoOf(std::string_view code);

}  // namespace distanz
