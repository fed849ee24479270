#include "core/analysis/reduce/place_like.h"

#include "core/analysis/reduce/reduction.h"
#include "core/finding/error.h"

namespace distanz::analysis {

std::optional<log::Likeness> placedLike(const campaign::Campaign& c, const campaign::Run& run, const log::Recording& samples,
                                        const campaign::Run& other, const log::Recording& other_samples) {
  const auto course = campaign::courseOf(c, other.path);
  try {
    const auto mine = cutOut(run, samples), placed_other = placed(c, other, other_samples);
    const log::Recording& whole = placed_other ? *placed_other : other_samples;
    const auto cut = cutOut(other, whole);
    const log::Recording& its = cut ? *cut : whole;
    const log::Track track = trackOf(other, its, course ? &*course : nullptr);
    const std::vector<double> along = track.chainage_m();
    const auto links = campaign::linkIds(c);
    return log::placeByLikeness(mine ? *mine : samples, its, along, links);
  } catch (const Error&) {
    return std::nullopt;
  }
}

std::vector<campaign::Mark> marksOf(const log::Likeness& likeness) {
  std::vector<campaign::Mark> out;
  for (const log::Mark& m : likeness.marks) out.push_back({m.time_s, m.along_m});
  return out;
}

}  // namespace distanz::analysis
