#pragma once
#include <string>
#include <vector>

#include "core/analysis/reduce/reduction.h"

/// What the lanes draw of an analysis.
namespace distanz::analysis {

/// The model drawn over the signal lane for one setup.
struct ModelCurve {
  std::vector<double> distance_m, level_dbm, low_dbm,
      high_dbm;  ///< level with its 95 % band; no farther than was flown
};

/// What each stretch of path gives or takes, whatever flies over it.
struct PlaceProfile {
  std::string link;
  std::vector<double> distance_m,
      off_line_db;           ///< per 40 m stretch, in order of distance; below 0 where the place costs signal
  std::vector<int> flights;  ///< that were there
};

/// What is left of one flight on one link when flight and place are taken out.
struct RunResiduals {
  std::string run, link;
  std::vector<double> distance_m, residual_db;
};

struct Drawn {
  std::vector<PlaceProfile> places;
  std::vector<RunResiduals> residuals;
  std::vector<RunReduction> reductions;  ///< in campaign order

  const PlaceProfile* profile(const std::string& link) const;
};

}  // namespace distanz::analysis
