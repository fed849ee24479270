#pragma once
#include <optional>

#include "core/campaign/kit.h"
#include "core/plan/beam.h"
#include "core/records/record_result.h"

namespace distanz::plan {

/// How an antenna radiates: from its turntable record where there is one, else computed of what it is.
struct PartPattern {
  std::string record;                    ///< the turntable record; empty where it is computed
  records::Plot plot;                    ///< polar, dB under the peak; 0 is its axis
  std::vector<records::Figure> figures;  ///< gain, widths, front to back, nulls, axial ratio
  std::vector<Finding> findings;         ///< what path and sky subtend in it
};

/// None where the part neither says what it is nor its gain, nor was measured. @param ground mast height of
/// the station's antenna, whose look at the path is then told; none for any other
std::optional<PartPattern> patternOfPart(const campaign::Campaign& campaign, const campaign::Part& antenna,
                                         std::optional<double> ground_mast_m = {});

/// That of the antenna in a slot, with its look at the path where that end is on the ground. None for any
/// other slot, too.
std::optional<PartPattern> patternAt(const campaign::Campaign& campaign, const campaign::Setup& setup,
                                     const campaign::Link& link, const campaign::Slot& slot);

}  // namespace distanz::plan
