#include "core/analysis/compare/warnings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/analysis/compare/outlier_causes.h"
#include "core/analysis/reduce/reduction.h"
#include "core/quantity/decibel.h"
#include "core/quantity/unit.h"
#include "core/radio/clearance.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

using quantity::Unit;

struct Writer {
  CampaignAnalysis& result;
  Finding& operator()(const char* code, std::vector<Argument> arguments, Subject subject = {}) const {
    return result.warnings.emplace_back(finding(code, std::move(arguments), std::move(subject)));
  }
};

Subject aboutRun(const std::string& id) {
  return {"run", id};
}

Subject aboutLink(const campaign::Link& link) {
  return {"link", link.id};
}

/// Two setups flown one after the other, not in turns: a drift of the day then looks like a difference.
bool notInterleaved(const std::vector<double>& a, const std::vector<double>& b) {
  if (a.size() < 2 || b.size() < 2) return false;
  const auto [a_low, a_high] = std::minmax_element(a.begin(), a.end());
  const auto [b_low, b_high] = std::minmax_element(b.begin(), b.end());
  return *a_high < *b_low || *b_high < *a_low;  // never where a place is not known
}

/// Flights that all stopped together with signal in hand: a limit built into the equipment, not the radio.
bool endedTogether(const std::vector<double>& turns, std::size_t setups, double last_level_dbm,
                   double critical_dbm) {
  if (turns.size() < static_cast<std::size_t>(defaults::kCapMinFlights) || setups < 2) return false;
  const auto [low, high] = std::minmax_element(turns.begin(), turns.end());
  return *high - *low <= defaults::kCapTurnSpread * *high &&
         last_level_dbm > critical_dbm + defaults::kCapHeadroom_db;
}

Argument power(const char* key, double dbm) {
  return {key, quantity::milliwattFromDbm(dbm), Unit::Milliwatt};
}

void warnAboutPower(const Writer& warn, const std::string& run, const std::string& link, const PowerUse& p) {
  if (p.changed) {
    std::vector<Finding> unknown;
    if (p.unknown_share > 0)
      unknown.push_back(finding("rows-without-power", {{"share", 100 * p.unknown_share, Unit::Percent}}));
    warn("power-changed",
         {{"link", link},
          power("low", p.low_dbm),
          power("high", p.high_dbm),
          power("reference", p.reference_dbm),
          {"unknown", unknown}},
         aboutRun(run));
  } else if (p.referred_share > 0) {
    warn("power-differs",
         {{"link", link},
          power("flown", p.low_dbm),
          power("kit", p.reference_dbm),
          {"shift", p.reference_dbm - p.low_dbm, Unit::Decibel}},
         aboutRun(run));
  }
}

/// "50, 150"
std::string modesText(const std::vector<double>& modes) {
  std::string out;
  for (double m : modes) out += fmt::format("{}{:g}", out.empty() ? "" : ", ", m);
  return out;
}

/// Flights that differ by more than usual, and those far off, with what sets them apart. What its conversion to another
/// power sets apart is no flight to leave out: one of two figures is wrong.
void warnAboutFlights(const campaign::Campaign& campaign, const campaign::Link& link, const SignalModel& model,
                      const std::vector<std::size_t>& runs, bool in_db, CampaignAnalysis& result) {
  const Writer warn{result};
  const double flight_sd = std::sqrt(model.seenFlightVar_db2());
  const auto idOf = [&](const FlightEffect& f) { return campaign.runs[runs[static_cast<std::size_t>(f.flight)]].id; };
  const auto causesOf = [&](const FlightEffect& f) {
    return outlierCauses(campaign, link.id, result.reductions, runs, static_cast<std::size_t>(f.flight), f.off_setup_db);
  };
  const auto converted = [&](const FlightEffect& f, OutlierCauses why) {
    warn("flight-off-by-conversion", {{"link", link.id}, {"off", f.off_setup_db, Unit::Decibel}}, aboutRun(idOf(f))).more =
        std::move(why.causes);
  };
  const FlightEffect* told = nullptr;
  if (model.unusual_spread && in_db && !model.flights.empty()) {
    const auto farthest = std::max_element(
        model.flights.begin(), model.flights.end(),
        [](const auto& a, const auto& b) { return std::abs(a.off_setup_db) < std::abs(b.off_setup_db); });
    OutlierCauses why = causesOf(*farthest);
    const std::vector<Argument> what{
        {"link", link.id}, {"sd", flight_sd, Unit::Decibel}, {"off", farthest->off_setup_db, Unit::Decibel}};
    if (why.by_conversion)
      converted(*farthest, std::move(why)), told = &*farthest;
    else if (why.causes.empty())
      warn("flights-differ", what, aboutRun(idOf(*farthest)));
    else
      warn("flights-differ-known", what, aboutRun(idOf(*farthest))).more = std::move(why.causes);
  }
  for (const FlightEffect& f : model.flights) {
    if (!(std::abs(f.off_setup_db) > defaults::kFlightOutlier * flight_sd) || &f == told) continue;
    if (!in_db) {
      warn("flight-apart", {{"link", link.id}}, aboutRun(idOf(f)));
    } else if (OutlierCauses why = causesOf(f); why.by_conversion) {
      converted(f, std::move(why));
    } else {
      warn("flight-stands-out", {{"link", link.id}, {"off", f.off_setup_db, Unit::Decibel}}, aboutRun(idOf(f))).more =
          std::move(why.causes);
    }
  }
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

void warnAboutRuns(const campaign::Campaign& campaign, const std::vector<bool>& used, const Session& session,
                   CampaignAnalysis& result) {
  const Writer warn{result};
  std::map<std::string, std::vector<double>> order;
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    const campaign::Run& run = campaign.runs[i];
    const RunReduction& reduced = result.reductions[i];
    if (reduced.refused) warn("run-refused", {{"why", *reduced.refused}}, aboutRun(run.id));
    if (!used[i]) continue;
    order[run.setup].push_back(session.place[i]);
    if (run.ended == campaign::Ended::EquipmentCap) warn("equipment-cap", {}, aboutRun(run.id));
  }
  if (session.by_clock) warn("order-by-clock", {});
  for (const auto& [setup, runs] : order)
    if (runs.size() == 1) warn("one-flight", {{"setup", setup}}, {"setup", setup});
  for (auto a = order.begin(); a != order.end(); ++a)
    for (auto b = std::next(a); b != order.end(); ++b)
      if (notInterleaved(a->second, b->second)) warn("not-interleaved", {{"a", a->first}, {"b", b->first}});
}

void warnAboutReference(const campaign::Campaign& campaign, const campaign::Link& link,
                        const std::vector<std::size_t>& runs, CampaignAnalysis& result) {
  const Writer warn{result};
  std::set<std::vector<double>> held;
  std::set<std::string> calibrated;
  std::map<std::string, std::pair<double, double>> reference;  // per setup, lowest and highest
  for (std::size_t run : runs) {
    const LinkReduction& r = result.reductions[run].links.at(link.id);
    const std::string& id = campaign.runs[run].id;
    warnAboutPower(warn, id, link.id, r.power);
    if (!r.calibrated_by.empty()) calibrated.insert(r.calibrated_by);
    if (r.mode.recorded) held.insert(r.mode.held);
    if (r.power.recorded) {
      const double p = r.power.reference_dbm;
      auto& [low, high] = reference.emplace(campaign.runs[run].setup, std::pair(p, p)).first->second;
      low = std::min(low, p);
      high = std::max(high, p);
    }
    if (r.mode.held.size() > 1)
      warn("mode-changed", {{"link", link.id}, {"modes", modesText(r.mode.held)}}, aboutRun(id))
          .more.push_back(finding(link.modes.empty() || r.mode.without_sensitivity ? "mode-changed-unknown"
                                                                                   : "mode-changed-known"));
  }
  for (const std::string& record : calibrated)
    warn("signal-calibrated", {{"link", link.id}, {"record", record}}, aboutLink(link));
  for (const auto& [setup, powers] : reference)
    if (powers.second - powers.first > kPowerTolerance_db)
      warn("powers-differ",
           {{"setup", setup}, {"link", link.id}, power("low", powers.first), power("high", powers.second)},
           {"setup", setup});
  if (held.size() > 1)
    warn("modes-differ", {{"link", link.id}}, aboutLink(link))
        .more.push_back(finding(link.modes.empty() ? "modes-differ-unknown" : "modes-differ-known"));
}

void warnAboutModel(const campaign::Campaign& campaign, const campaign::Link& link, const SignalModel& model,
                    const std::vector<std::size_t>& runs, const std::optional<CriticalLevel>& critical,
                    bool in_db, CampaignAnalysis& result) {
  const Writer warn{result};
  warnAboutFlights(campaign, link, model, runs, in_db, result);
  const PlaceLine& line = model.line;
  if (signalDoesNotFall(line))
    warn("signal-does-not-fall", {{"link", link.id}}, aboutLink(link));
  else if (in_db && std::abs(line.exponentData() - defaults::kExponentPrior) >
           defaults::kSteepestWarn * std::hypot(line.exponentDataSd(), defaults::kExponentPriorSd))
    warn("unusual-exponent", {{"link", link.id}, {"exponent", line.exponentData(), Unit::None}},
         aboutLink(link));
  std::vector<double> turns;
  for (const FlightEffect& f : model.flights)
    turns.push_back(result.reductions[runs[static_cast<std::size_t>(f.flight)]].farthest_m);
  if (critical && endedTogether(turns, model.setups.size(), lowestLastLevel(model), critical->level_dbm))
    warn("ended-together",
         {{"link", link.id}, {"distance", *std::max_element(turns.begin(), turns.end()), Unit::Metre}},
         aboutLink(link));
  if (campaign::firstPath(campaign).empty() || turns.empty()) return;
  const double bend = radio::twoRayBreakpoint_m(
      campaign.station.antenna_height_m, campaign::firstPath(campaign).back().height_m, link.frequency_mhz);
  const double flown = *std::max_element(turns.begin(), turns.end());
  double farthest_estimate = 0;
  for (const SetupOnLink& s : result.setups)
    if (s.link == link.id)
      farthest_estimate = std::max(farthest_estimate, s.elsewhere_typical.estimate_m.value_or(0));
  if (bend > flown && bend < farthest_estimate)
    warn("two-ray-breakpoint", {{"link", link.id}, {"distance", bend, Unit::Metre}}, aboutLink(link));
}

}  // namespace distanz::analysis
