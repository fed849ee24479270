// Plans as tables, and places as pilots type them: what is taken can be planned with, written and read back
// the same; what is refused says why.
#include "geodata/plan_files.h"

#include "core/campaign/validate.h"
#include "core/course/coordinates.h"
#include "core/finding/error.h"
#include "core/plan/planned.h"
#include "geodata/plan_entries.h"
#include "harness.h"
#include "words/say.h"

using namespace distanz;

DISTANZ_FUZZ(data) {
  const std::string text(data);
  if (const auto at = course::coordinatesFrom(text)) {
    fuzz::require(std::abs(at->lat_deg) <= 90 && std::abs(at->lon_deg) <= 360, "a place is on earth");
    fuzz::require(course::coordinatesFrom(course::coordinatesText(*at)).has_value(),
                  "what is shown can be typed");
  }
  try {
    campaign::Campaign c;
    const auto entries = geodata::entriesOfCsv(text, "plan.csv");
    if (entries.empty()) return;
    geodata::applyEntries(entries, c);
    campaign::requireValid(c);
    const auto course = campaign::courseOf(c);
    if (!course) return;
    plan::planned(c, std::max(course->farPost_m(), 1.0));
    campaign::Campaign back;
    geodata::applyEntries(geodata::entriesOfCsv(geodata::writePlan(c, geodata::PlanFormat::Csv), "plan.csv"),
                          back);
    fuzz::require(back.paths.at(0).points == c.paths.at(0).points, "points come back as they were");
    fuzz::require(back.station == c.station, "the station comes back as it was");
  } catch (const InputError& e) {
    fuzz::require(words::sentence(e).size() > 5, "a refusal says why");
  }
}
