#pragma once
#include <cstdint>
#include <optional>
#include <vector>

namespace distanz::plan {

/// One flight of the session.
struct OrderedRun {
  int setup = 0;  ///< index into those that were asked for
  int block = 0;  ///< from 0; every block has each setup once
};

/// Randomised complete blocks, the order in each drawn by the seed. Of kOrdersTried draws the one is taken
/// whose setups stand most alike in the session, so that what changes steadily over the day (wind, battery,
/// interference) favours none of them.
/// @param setups >= 1 @param flown flights of each that already count, as many as setups: a block they filled
/// is not flown again, and one they left open is filled first
/// @throws DomainError
std::vector<OrderedRun> orderOf(int setups, int blocks, std::uint64_t seed, const std::vector<int>& flown = {});
constexpr int kOrdersTried = 400;

/// How far apart the setups' mean places in the session are, as a share of its length: 0 where all are alike.
double imbalanceOf(const std::vector<OrderedRun>& order, int setups);

/// What a session's time is spent on, seconds, >= 0.
struct SessionTimes {
  double run_s = 0;      ///< from take-off to landing
  double swap_s = 300;   ///< to change from one setup to another
  double again_s = 120;  ///< to fly the same one again: battery, log
};
struct Session {
  double begin_s = 0;          ///< of the day
  std::optional<double> end_s; ///< daylight or permission: what does not fit is left for another day
  int batteries = 0;           ///< of one type, at hand; 0: not said
  int runs_per_battery = 1;    ///< >= 1
};

struct ScheduledRun {
  OrderedRun run;
  double begin_s = 0, end_s = 0;  ///< of the day
  int battery = 0;                ///< from 1; 0 where nobody said how many there are
};
struct Schedule {
  std::vector<ScheduledRun> runs;
  int left_over = 0;         ///< do not fit into the day
  bool batteries_run_out = false;  ///< they need charging in between
};
/// Run after run with what lies between. @throws DomainError
Schedule scheduleOf(const std::vector<OrderedRun>& order, const SessionTimes& times, const Session& session);

}  // namespace distanz::plan
