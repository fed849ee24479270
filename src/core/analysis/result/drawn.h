#pragma once
#include <cstddef>
#include <string>
#include <vector>

/// What the lanes draw of an analysis.
namespace distanz::analysis {

struct RunReduction;

/// The reductions of all runs, in campaign order. Who reads one includes core/analysis/reduce/reduction.h.
class Reductions {
 public:
  Reductions();
  explicit Reductions(std::vector<RunReduction>&& all);
  Reductions(const Reductions&);
  Reductions(Reductions&&) noexcept;
  Reductions& operator=(const Reductions&);
  Reductions& operator=(Reductions&&) noexcept;
  ~Reductions();
  std::size_t size() const;
  const RunReduction& operator[](std::size_t run) const;  ///< run < size()
  RunReduction& operator[](std::size_t run);              ///< run < size()
  const RunReduction* begin() const;
  const RunReduction* end() const;

 private:
  std::vector<RunReduction> m_all;
};

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
  Reductions reductions;

  const PlaceProfile* profile(const std::string& link) const;
};

}  // namespace distanz::analysis
