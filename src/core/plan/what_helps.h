#pragma once
#include <string>
#include <vector>

#include "core/plan/planned.h"

namespace distanz::plan {

/// One change to a setup, and how much farther it should then reach.
struct Help {
  std::string what;      ///< "power", "gain", "cable", "pointing", "polarisation", "mismatch", "mount", "height", "mast", "band"
  double gained_db = 0;  ///< 0 where it works by the way of the signal
  double more_m = 0;     ///< of predicted range, > 0
  double share = 0;      ///< of the range as it is
};

/// What would help a setup most on the link that is predicted to fail first: 3 dB of power, 3 dB of ground
/// antenna, what cables, mismatch, polarisation, pointing and mounting lose now, 10 m more height and 1 m more mast
/// (where ground or obstruction count), half the frequency. The most first; nothing below kLeastHelp_m.
std::vector<Help> whatHelps(const campaign::Campaign& campaign, const campaign::Setup& setup,
                            const campaign::Link& link, const Sights& sights = {});
constexpr double kLeastHelp_m = 5;

/// For each setup, the first few of many, on its link that fails first, with the caution of each change behind "why?".
std::vector<Finding> toldHelp(const campaign::Campaign& campaign, const Planned& planned);

}  // namespace distanz::plan
