#include "core/analysis/result/drawn.h"

#include <algorithm>

#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {

// Here, where RunReduction is whole: the header needs its name only.
Reductions::Reductions() = default;
Reductions::Reductions(std::vector<RunReduction>&& all) : m_all(std::move(all)) {}
Reductions::Reductions(const Reductions&) = default;
Reductions::Reductions(Reductions&&) noexcept = default;
Reductions& Reductions::operator=(const Reductions&) = default;
Reductions& Reductions::operator=(Reductions&&) noexcept = default;
Reductions::~Reductions() = default;
std::size_t Reductions::size() const { return m_all.size(); }
const RunReduction& Reductions::operator[](std::size_t run) const { return m_all[run]; }
RunReduction& Reductions::operator[](std::size_t run) { return m_all[run]; }
const RunReduction* Reductions::begin() const { return m_all.data(); }
const RunReduction* Reductions::end() const { return m_all.data() + m_all.size(); }

const PlaceProfile* Drawn::profile(const std::string& link) const {
  const auto found =
      std::find_if(places.begin(), places.end(), [&](const PlaceProfile& p) { return p.link == link; });
  return found == places.end() ? nullptr : &*found;
}

}  // namespace distanz::analysis
