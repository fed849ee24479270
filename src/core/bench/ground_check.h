#pragma once
#include <optional>
#include <string>
#include <vector>

namespace distanz::bench {

/// Counters of a receiver, as read off or as a difference.
struct Counters {
  std::vector<double> fades = {};  ///< per antenna, in the order they are named: frames it alone did not hear
  std::optional<double> lost_frames = {};   ///< heard by no antenna
  std::optional<double> holds = {};         ///< so many in a row that the outputs were held, or failsafe came
  std::optional<double> received_pct = {};  ///< share of packets received
};

/// What the pilot lets pass in one minute through all attitudes.
struct PassRule {
  double lost_frames_per_min = 20;
  double holds = 0;
  double received_pct = 95;
  double fades_per_min = 500;  ///< of one antenna: more is looked into
};

enum class GroundVerdict { Fly, LookInto, DoNotFly };

/// Of one check: what happened between the readings before and after.
struct GroundResult {
  GroundVerdict verdict = GroundVerdict::Fly;
  Counters happened;  ///< after less before
  double minutes = 0;
  std::vector<std::size_t> weak;        ///< antennas that fade far more often than the best one beside them
  bool counters_ran_backwards = false;  ///< reset in between: nothing can be told
  bool held = false, lost = false, few_received = false, fading = false;  ///< parts of the rule that failed
  bool nothing_counted = false;
  bool only_fades = false;  ///< neither lost frames nor holds nor a share: whether it may fly is not known
};

/// Share received is read after, not as a difference. @param duration_s > 0 @throws DomainError
GroundResult groundResult(const Counters& before, const Counters& after, double duration_s,
                          const PassRule& rule);

constexpr double kWeakRatio = 5;   ///< fades over those of the best antenna that make one weak
constexpr double kWeakLeast = 50;  ///< fades in a minute below which none is

}  // namespace distanz::bench
