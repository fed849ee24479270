#include "core/analysis/warnings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/quantity/decibel.h"
#include "core/radio/clearance.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

struct Writer {
  CampaignAnalysis& result;
  void operator()(const char* code, std::string text, const std::string& run = {}) const {
    result.warnings.push_back({code, run, std::move(text)});
  }
};

/// Two setups flown one after the other, not in turns: a drift of the day then looks like a difference.
bool notInterleaved(const std::vector<int>& a, const std::vector<int>& b) {
  if (a.size() < 2 || b.size() < 2) return false;
  const auto [a_low, a_high] = std::minmax_element(a.begin(), a.end());
  const auto [b_low, b_high] = std::minmax_element(b.begin(), b.end());
  return *a_low > 0 && *b_low > 0 && (*a_high < *b_low || *b_high < *a_low);
}

/// Flights that all stopped together with signal in hand: a limit built into the equipment, not the radio.
bool endedTogether(const std::vector<double>& turns, std::size_t setups, double last_level_dbm,
                   double critical_dbm) {
  if (turns.size() < static_cast<std::size_t>(defaults::kCapMinFlights) || setups < 2) return false;
  const auto [low, high] = std::minmax_element(turns.begin(), turns.end());
  return *high - *low <= defaults::kCapTurnSpread * *high &&
         last_level_dbm > critical_dbm + defaults::kCapHeadroom_db;
}

std::string powerText(double dbm) {
  return fmt::format("{:.3g} mW", quantity::milliwattFromDbm(dbm));
}

void warnAboutPower(const Writer& warn, const std::string& run, const std::string& link, const PowerUse& p) {
  if (p.changed)
    warn("power-changed",
         fmt::format("Run {}: the {} transmit power changed in flight ({} to {}). Its signal is referred to "
                     "{}{}. Better switch automatic power "
                     "off and fly it again.",
                     run, link, powerText(p.low_dbm), powerText(p.high_dbm), powerText(p.reference_dbm),
                     p.unknown_share > 0
                         ? fmt::format("; {:.0f} % of its rows, whose power is not known, are left out",
                                       100 * p.unknown_share)
                         : std::string()),
         run);
  else if (p.referred_share > 0)
    warn(
        "power-differs",
        fmt::format("Run {} was flown with {} on the {} link, but the kit says {}: its signal is referred to "
                    "that ({:+.1f} dB). If the kit is "
                    "wrong, correct it.",
                    run, powerText(p.low_dbm), link, powerText(p.reference_dbm), p.reference_dbm - p.low_dbm),
        run);
}

/// "50, 150"
std::string modesText(const std::vector<double>& modes) {
  std::string out;
  for (double m : modes) out += fmt::format("{}{:g}", out.empty() ? "" : ", ", m);
  return out;
}

double lowestLastLevel(const SignalModel& model) {
  const auto& places = model.places;
  double sum = 0;
  const auto n = std::min<std::size_t>(places.size(), static_cast<std::size_t>(defaults::kCapLastCells));
  for (std::size_t k = places.size() - n; k < places.size(); ++k) sum += places[k].level_dbm;
  double lowest = INFINITY;
  for (const auto& [id, setup] : model.setups) lowest = std::min(lowest, setup.level_db);
  return sum / static_cast<double>(n) + lowest;
}

}  // namespace

void warnAboutRuns(const campaign::Campaign& campaign, const std::vector<bool>& used,
                   CampaignAnalysis& result) {
  const Writer warn{result};
  std::map<std::string, std::vector<int>> order;
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    const campaign::Run& run = campaign.runs[i];
    const RunReduction& reduced = result.reductions[i];
    if (!reduced.refused.empty())
      warn("run-refused", fmt::format("Run {}: {}.", run.id, reduced.refused), run.id);
    if (!used[i]) continue;
    order[run.setup].push_back(run.order);
    if (run.ended == campaign::Ended::EquipmentCap)
      warn(
          "equipment-cap",
          fmt::format(
              "Run {} was stopped by a limit built into the equipment: its end says nothing about the radio.",
              run.id),
          run.id);
  }
  for (const auto& [setup, runs] : order)
    if (runs.size() == 1)
      warn("one-flight", fmt::format("Setup {} was flown once: nothing can be said about how repeatable it "
                                     "is. Fly it at least twice more.",
                                     setup));
  for (auto a = order.begin(); a != order.end(); ++a)
    for (auto b = std::next(a); b != order.end(); ++b)
      if (notInterleaved(a->second, b->second))
        warn("not-interleaved", fmt::format("All flights of {} came before or after all of {}: a drift of "
                                            "the day would look like a difference. Fly them in "
                                            "turns.",
                                            a->first, b->first));
}

void warnAboutReference(const campaign::Campaign& campaign, const campaign::Link& link,
                        const std::vector<std::size_t>& runs, CampaignAnalysis& result) {
  const Writer warn{result};
  std::set<std::vector<double>> held;
  std::map<std::string, std::pair<double, double>> reference;  // per setup, lowest and highest
  for (std::size_t run : runs) {
    const LinkReduction& r = result.reductions[run].links.at(link.id);
    const std::string& id = campaign.runs[run].id;
    warnAboutPower(warn, id, link.id, r.power);
    if (r.mode.recorded) held.insert(r.mode.held);
    if (r.power.recorded) {
      const double p = r.power.reference_dbm;
      auto& [low, high] = reference.emplace(campaign.runs[run].setup, std::pair(p, p)).first->second;
      low = std::min(low, p);
      high = std::max(high, p);
    }
    if (r.mode.held.size() > 1)
      warn("mode-changed",
           fmt::format("Run {} changed packet rate or mode in flight on the {} link ({}). {}", id, link.id,
                       modesText(r.mode.held),
                       link.modes.empty() || r.mode.without_sensitivity
                           ? "Enter the sensitivity of each mode in Kit, or fly in one mode: until then its "
                             "critical level is uncertain."
                           : "Its range is told for the most sensitive of them."),
           id);
  }
  for (const auto& [setup, powers] : reference)
    if (powers.second - powers.first > kPowerTolerance_db)
      warn("powers-differ", fmt::format("Flights of {} had different {} transmit powers ({} and {}), and the "
                                        "kit does not say which is meant: their levels are not "
                                        "referred to one. Enter the power in Kit.",
                                        setup, link.id, powerText(powers.first), powerText(powers.second)));
  if (held.size() > 1)
    warn("modes-differ",
         fmt::format("Not all flights used the same packet rate or mode on the {} link. {}", link.id,
                     link.modes.empty() ? "Enter the sensitivity of each in Kit, or fly all in one: a mode "
                                          "changes the range like an antenna does."
                                        : "Levels are compared as margin above each mode's sensitivity, so a "
                                          "difference may be the mode's."));
}

void warnAboutModel(const campaign::Campaign& campaign, const campaign::Link& link, const SignalModel& model,
                    const std::vector<std::size_t>& runs, const std::optional<CriticalLevel>& critical,
                    CampaignAnalysis& result) {
  const Writer warn{result};
  const double flight_sd = std::sqrt(model.flight_var_db2);
  if (model.unusual_spread) {
    const auto farthest = std::max_element(
        model.flights.begin(), model.flights.end(),
        [](const auto& a, const auto& b) { return std::abs(a.off_setup_db) < std::abs(b.off_setup_db); });
    const std::string& id = campaign.runs[runs[static_cast<std::size_t>(farthest->flight)]].id;
    warn("flights-differ",
         fmt::format("On the {} link, flights of one setup differ by {:.1f} dB (sd): more than a day usually "
                     "gives. Farthest off is run {} "
                     "({:+.1f} dB). Look for a loose connector, another antenna direction or automatic "
                     "power; if you find it, void the run.",
                     link.id, flight_sd, id, farthest->off_setup_db),
         id);
  }
  for (const FlightEffect& f : model.flights)
    if (std::abs(f.off_setup_db) > defaults::kFlightOutlier * flight_sd) {
      const std::string& id = campaign.runs[runs[static_cast<std::size_t>(f.flight)]].id;
      warn("flight-stands-out",
           fmt::format("Run {} lies {:.1f} dB from the other flights of its setup on the {} link. If you "
                       "know why, void it with the "
                       "reason; it counts until then.",
                       id, f.off_setup_db, link.id),
           id);
    }
  const PlaceLine& line = model.line;
  if (signalDoesNotFall(line))
    warn("signal-does-not-fall", fmt::format("On the {} link the signal does not fall with distance, so no "
                                             "range can be told from it. Fly farther, or check "
                                             "the signal column.",
                                             link.id));
  else if (std::abs(line.exponentData() - defaults::kExponentPrior) >
           defaults::kSteepestWarn * std::hypot(line.exponentDataSd(), defaults::kExponentPriorSd))
    warn("unusual-exponent", fmt::format("On the {} link the signal falls with an unusual exponent ({:.1f}). "
                                         "Check the distances and the signal column.",
                                         link.id, line.exponentData()));
  std::vector<double> turns;
  for (const FlightEffect& f : model.flights)
    turns.push_back(result.reductions[runs[static_cast<std::size_t>(f.flight)]].farthest_m);
  if (critical && endedTogether(turns, model.setups.size(), lowestLastLevel(model), critical->level_dbm))
    warn("ended-together", fmt::format("All flights ended at about {:.0f} m with signal in hand on the {} "
                                       "link: a limit, not the radio. How they compare in "
                                       "dB still holds.",
                                       *std::max_element(turns.begin(), turns.end()), link.id));
  if (campaign::firstPath(campaign).empty() || turns.empty()) return;
  const double bend = radio::twoRayBreakpoint_m(
      campaign.station.antenna_height_m, campaign::firstPath(campaign).back().height_m, link.frequency_mhz);
  const double flown = *std::max_element(turns.begin(), turns.end());
  double farthest_estimate = 0;
  for (const SetupOnLink& s : result.setups)
    if (s.link == link.id) farthest_estimate = std::max(farthest_estimate, s.typical.estimate_m.value_or(0));
  if (bend > flown && bend < farthest_estimate)
    warn("two-ray-breakpoint", fmt::format("Beyond about {:.0f} m the ground reflection makes the {} signal "
                                           "fall faster, and no flight went there: the typical "
                                           "range is likely shorter than the line says.",
                                           bend, link.id));
}

}  // namespace distanz::analysis
