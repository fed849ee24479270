#include <algorithm>
#include <map>
#include <tuple>

#include "core/analysis/compare/beyond_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"
#include "core/estimate/sectors.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

constexpr int kLeastSamples = 3;     // of one side at one place: fewer is fading
constexpr double kMostWeight = 30;   // samples of one cell that count apart
constexpr int kLeastSides = 6;       // of 24: what an out-and-back shows is its two legs
constexpr int kLeastInTurn = 3;

/// Numbers what decides the level besides the sector: flight, place, and the other angle.
class Groups {
 public:
  int of(std::size_t run, int place, int other) {
    return m_groups.emplace(std::tuple(run, place, other), static_cast<int>(m_groups.size())).first->second;
  }

 private:
  std::map<std::tuple<std::size_t, int, int>, int> m_groups;
};

/// What of the turn's drop the sides that it showed account for: their effect less that of the legs beside it.
std::optional<double> explained(const BeyondWork& w, const std::vector<std::size_t>& runs, const SectorEffects& sides) {
  double sum = 0;
  int flights = 0;
  for (const std::size_t run : runs) {
    const LinkBeyond& b = w.reduced(run).beyond;
    const int farthest = static_cast<int>(w.result.reductions[run].farthest_m / defaults::kCellWidth_m);
    double turn = 0, legs = 0, in_turn = 0, in_legs = 0;
    for (std::size_t s = 0; s < b.turn_sides.size(); ++s)
      if (sides.effect_db[s]) turn += b.turn_sides[s] * sides.effect_db[s]->estimate, in_turn += b.turn_sides[s];
    for (const log::SideCell& c : b.sides)
      if (c.place >= farthest - 4 && sides.effect_db[static_cast<std::size_t>(c.side)])
        legs += c.samples * sides.effect_db[static_cast<std::size_t>(c.side)]->estimate, in_legs += c.samples;
    if (in_turn < kLeastInTurn || in_legs < kLeastInTurn) continue;
    sum += turn / in_turn - legs / in_legs;
    ++flights;
  }
  return flights > 0 ? std::optional(sum / flights) : std::nullopt;
}

std::optional<double> turnOf(const BeyondWork& w, const std::vector<std::size_t>& runs) {
  std::vector<double> turns;
  for (const std::size_t run : runs)
    if (const auto& turn = w.reduced(run).turn_db) turns.push_back(*turn);
  return turns.empty() ? std::nullopt : std::optional(median(std::move(turns)));
}

}  // namespace

void addSides(BeyondWork& w) {
  for (const campaign::Setup& setup : w.campaign.setups) {
    const std::vector<std::size_t>& runs = w.runsOf(setup.id);
    std::vector<SectorValue> sides, bearings;
    Groups side_groups, bearing_groups;
    SidesOnLink out{setup.id, w.link.id, {}, {}};
    out.by_heading = true;
    for (const std::size_t run : runs) {
      const LinkBeyond& b = w.reduced(run).beyond;
      if (b.sides.empty()) continue;
      ++out.flights;
      out.by_heading = out.by_heading && b.sides_by_heading;
      for (const log::SideCell& c : b.sides) {
        if (c.samples < kLeastSamples) continue;
        const double weight = std::min<double>(c.samples, kMostWeight);
        sides.push_back({static_cast<int>(run), side_groups.of(run, c.place, c.bearing), c.side, c.mean_dbm, weight});
        bearings.push_back({static_cast<int>(run), bearing_groups.of(run, c.place, c.side), c.bearing, c.mean_dbm, weight});
      }
    }
    if (out.flights == 0) continue;
    SectorEffects side = fitSectors(sides, log::kSectors), bearing = fitSectors(bearings, log::kSectors);
    if (side.seen >= kLeastSides) {
      out.turn_db = turnOf(w, runs);
      if (out.turn_db) out.explained_db = explained(w, runs, side);
    }
    out.sides_seen = side.seen;
    out.bearings_seen = bearing.seen;
    out.side_db = std::move(side.effect_db);
    out.bearing_db = std::move(bearing.effect_db);
    if (out.sides_seen > 0 || out.bearings_seen > 0) w.result.sides.push_back(std::move(out));
  }
}

}  // namespace distanz::analysis
