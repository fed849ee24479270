#pragma once
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::plan {

/// One thing about a setup's link that nobody measured, and how far the truth may lie from what is counted.
struct Unsure {
  const char* what;  ///< "power", "gain", "loss", "mismatch", "polarisation", "pointing", "receiver", "path"
  double sd_db = 0;
};

/// What is not known of a setup's link before it flew. The figures are chosen, not measured (docs/methods/plan.md);
/// what was measured on the bench counts for less than what a label claims.
class NotKnown {
 public:
  NotKnown(const campaign::Campaign& campaign, const campaign::Link& link, const campaign::SetupLink& ends);
  /// All but the path and the receiver, then the receiver.
  const std::vector<Unsure>& parts() const { return m_parts; }
  /// Of the path's exponent, which the pilot chose: grows with the distance. @param distance_m > 0
  static double path_sd_db(double distance_m);
  /// Of the level received. @param distance_m > 0
  double level_sd_db(double distance_m) const;
  /// Of the level above the critical one: the receiver's as well.
  double margin_sd_db(double distance_m) const;

 private:
  std::vector<Unsure> m_parts;
  double m_level_variance = 0, m_receiver_variance = 0;
};
constexpr double kExponentSd = 0.15;

}  // namespace distanz::plan
