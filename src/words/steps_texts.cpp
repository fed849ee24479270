#include "words/texts.h"

namespace distanz::words {
namespace {

constexpr Text kStepsTexts[] = {
    {"step-said", "", QT_TRANSLATE_NOOP("finding", "{what}")},
    {"add-setup", "", QT_TRANSLATE_NOOP("finding", "Add setup {setup}")},
    {"add-link", "", QT_TRANSLATE_NOOP("finding", "Add {link} link")},
    {"change-field", "", QT_TRANSLATE_NOOP("finding", "Change {field}")},
    {"rename-setup", "", QT_TRANSLATE_NOOP("finding", "Rename setup {setup}")},
    {"describe-setup", "", QT_TRANSLATE_NOOP("finding", "Describe setup {setup}")},
    {"remove-link", "", QT_TRANSLATE_NOOP("finding", "Remove the {link} link")},
    {"remove-setup", "", QT_TRANSLATE_NOOP("finding", "Remove setup {setup} and its runs")},
    {"change-modes", "", QT_TRANSLATE_NOOP("finding", "Change sensitivity per mode")},
    {"change-power-control", "", QT_TRANSLATE_NOOP("finding", "Change power control")},
    {"split-by-leg", "", QT_TRANSLATE_NOOP("finding", "Split {setup} by direction")},
    {"plan-pairs", "", QT_TRANSLATE_NOOP("finding", "Judge after {pairs:pairs}")},
    {"count-both-ways", "", QT_TRANSLATE_NOOP("finding", "Count both directions")},
    {"count-ways-out", "", QT_TRANSLATE_NOOP("finding", "Count outbound only")},
    {"count-ways-back", "", QT_TRANSLATE_NOOP("finding", "Count inbound only")},
    {"count-runs", "", QT_TRANSLATE_NOOP("finding", "Include {runs:runs} again")},
    {"void-runs-step", "", QT_TRANSLATE_NOOP("finding", "Exclude {runs:runs}")},
    {"remove-runs", "", QT_TRANSLATE_NOOP("finding", "Remove {runs:runs}")},
    {"cut-run", "", QT_TRANSLATE_NOOP("finding", "Cut run {run}")},
    {"move-clock", "", QT_TRANSLATE_NOOP("finding", "Change the clock of a log of run {run}")},
    {"move-turn", "", QT_TRANSLATE_NOOP("finding", "Move the turn of run {run}")},
    {"remove-run", "", QT_TRANSLATE_NOOP("finding", "Remove run {run}")},
    {"change-run", "", QT_TRANSLATE_NOOP("finding", "Change {field} of run {run}")},
    {"void-run-step", "", QT_TRANSLATE_NOOP("finding", "Exclude run {run}")},
    {"count-run", "", QT_TRANSLATE_NOOP("finding", "Include run {run} again")},
    {"import-log", "", QT_TRANSLATE_NOOP("finding", "Import {log}")},
    {"import-logs", "", QT_TRANSLATE_NOOP("finding", "Import {logs:logs}")},
};

}  // namespace

std::span<const Text> stepsTexts() {
  return kStepsTexts;
}

}  // namespace distanz::words
