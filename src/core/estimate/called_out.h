#pragma once
#include <cstdint>
#include <vector>

#include "core/estimate/passage.h"

namespace distanz::estimate {

/// Readings taken now and then, at posts: what lies between two of them nobody saw, and "all the way" means at every
/// reading.
/// @param places read by anyone, as placeIndex() @return per stretch whether it is looked at: those that were, and farther out
/// as many as there were before
std::vector<bool> lookedAt(const Stretches& stretches, const std::vector<int>& places);

/// Flights fail at stretches that are looked at only.
void lookOnlyAt(PathDraws& draws, const std::vector<bool>& looked);

/// A flight that failed at one reading may have failed anywhere since the one before. @param looked as given to lookOnlyAt()
Passage sinceLastReading(Passage passage, const std::vector<bool>& looked, std::uint64_t seed);

}  // namespace distanz::estimate
