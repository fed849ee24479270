#pragma once
#include <map>
#include <string>
#include <vector>

#include "formats/column_match.h"

namespace distanz::formats {

/// Numbers of the antennas or receivers that tell a link's signal apart in one log, rising. Empty: not several.
std::vector<int> antennasOf(const std::vector<ColumnMatch>& matches);

/// Corrections (as in matchColumns()) by which one antenna alone counts: its own columns of every channel that several
/// tell. What its link tells of all of them together, such as quality, is left out: it is not that antenna's.
/// @param matches as recognised with `corrections` @param antenna one of antennasOf()
/// @throws InputError where there is no such antenna
std::map<std::string, std::string> onlyAntenna(const std::vector<ColumnMatch>& matches, int antenna,
                                               std::map<std::string, std::string> corrections = {});

}  // namespace distanz::formats
