#pragma once
#include <vector>

namespace distanz::estimate {

/// One cell of one flight in a connected component. Indices count from 0 without gaps.
struct Entry {
  int flight = 0;
  int place = 0;
  double level_dbm = 0;
  double extra_db2 = 0;  ///< variance that it has above one of many samples: what its few readings faded by
};

/// Of an entry beside one of a cell of many samples, 0..1.
double weightOf(const Entry& e);

/// y_rk = u_r + c_k + e_rk: what the flight adds, what the place takes, and the rest.
struct Decomposition {
  std::vector<double> flight_db;    ///< u_r, sums to 0
  std::vector<double> place_dbm;    ///< c_k
  std::vector<double> residual_db;  ///< e per entry, in the order given
  std::vector<int> flights_at;      ///< n_k per place
  double within_var_db2 = 0;        ///< s_x^2, shadowing that one flight has and another has not
  double within_extra_db2 = 0;      ///< what was taken off it for the fading of few readings
  int within_df = 0;                ///< N2 = sum (n_k - 1) over shared places
  double mean_inverse_n = 0;        ///< mean over places of 1/n_k
};

/// Weighted two-way least squares with six Huber passes; solved on the smaller side, so 10,000 flights over
/// 100 places cost a 100 x 100 system. @throws DomainError for an index out of range, or flights that no
/// shared place connects. Source: P. J. Huber, Robust Statistics (1981).
Decomposition decompose(const std::vector<Entry>& entries, int flights, int places);

}  // namespace distanz::estimate
