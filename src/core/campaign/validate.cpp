#include "core/campaign/validate.h"

#include <fmt/format.h>

#include <cmath>
#include <set>
#include <string_view>
#include <unordered_set>

namespace distanz::campaign {
namespace {

struct Checker {
  std::vector<Problem> problems;

  void fail(const char* code, std::string text) { problems.push_back({code, 0, std::move(text)}); }

  void within(double value, double low, double high, const std::string& what, const char* unit) {
    if (!(value >= low && value <= high))
      fail("out-of-bounds", fmt::format("{} is {} {}; it must lie within {} to {} {}", what, value, unit, low, high, unit));
  }

  void position(const course::Position& p, const std::string& what) {
    within(p.lat_deg, -90, 90, what + " latitude", "degrees");
    within(p.lon_deg, -180, 180, what + " longitude", "degrees");
  }

  template <class Items>
  void ids(const Items& items, const char* kind) {
    std::unordered_set<std::string_view> seen;
    for (const auto& item : items) {
      if (item.id.size() > limits::kLongestId)
        fail("long-id", fmt::format("a {} has an id of over {} bytes; shorten it", kind, limits::kLongestId));
      if (item.id.empty()) fail("no-id", fmt::format("a {} has no id; give it one", kind));
      if (!seen.insert(item.id).second) fail("duplicate-id", fmt::format("{} \"{}\" occurs twice; rename one", kind, item.id));
    }
  }

  void link(const Link& l) {
    using namespace limits;
    const std::string name = fmt::format("link \"{}\":", l.id);
    within(l.frequency_mhz, kFrequencyLow_mhz, kFrequencyHigh_mhz, name + " frequency", "MHz");
    if (l.sensitivity_dbm) within(*l.sensitivity_dbm, kLevelLow_dbm, kLevelHigh_dbm, name + " sensitivity", "dBm");
    if (l.rule.lq_min_pct && !(*l.rule.lq_min_pct > 0 && *l.rule.lq_min_pct < 100))
      fail("out-of-bounds", name + " the least link quality must lie between 0 and 100 %");
    if (l.rule.margin_db) within(*l.rule.margin_db, -kMarginHigh_db, kMarginHigh_db, name + " margin", "dB");
    if (l.rule.bitrate_min_mbps) within(*l.rule.bitrate_min_mbps, 0.001, kBitrateHigh_mbps, name + " least bitrate", "Mbit/s");
    std::set<double> modes;
    for (const ModeSensitivity& m : l.modes) {
      within(m.sensitivity_dbm, kLevelLow_dbm, kLevelHigh_dbm, name + " sensitivity in a mode", "dBm");
      if (!std::isfinite(m.mode) || !modes.insert(m.mode).second)
        fail("duplicate-mode", fmt::format("{} mode {:g} occurs twice or is no number; give each mode one sensitivity", name, m.mode));
    }
    if (l.id.find('.') != std::string::npos) fail("bad-id", name + " a link's id must not hold a dot; rename it");
  }

  void setup(const Campaign& c, const Setup& s) {
    using namespace limits;
    for (const auto& [id, l] : s.links) {
      const std::string name = fmt::format("setup \"{}\", link \"{}\":", s.id, id);
      if (!findLink(c, id)) fail("unknown-link", name + " there is no such link in this campaign");
      if (l.power_dbm) within(*l.power_dbm, kPowerLow_dbm, kPowerHigh_dbm, name + " transmit power", "dBm");
      within(l.tx_gain_dbi, kGainLow_dbi, kGainHigh_dbi, name + " transmit antenna gain", "dBi");
      within(l.rx_gain_dbi, kGainLow_dbi, kGainHigh_dbi, name + " receive antenna gain", "dBi");
      within(l.tx_loss_db, 0, kLossHigh_db, name + " transmit cable loss", "dB");
      within(l.rx_loss_db, 0, kLossHigh_db, name + " receive cable loss", "dB");
    }
  }

  void run(const Campaign& c, const Run& r) {
    if (!findSetup(c, r.setup))
      fail("unknown-setup", fmt::format("run \"{}\" names setup \"{}\", which is not in this campaign", r.id, r.setup));
    if (r.order < 0) fail("out-of-bounds", fmt::format("run \"{}\": order must not be negative", r.id));
    for (const auto& [link, db] : r.reduced_db)
      if (!(db > 0 && db <= limits::kReducedHigh_db))
        fail("out-of-bounds", fmt::format("run \"{}\": the reduced power on \"{}\" must lie above 0 and up to {:.0f} dB below full power",
                                          r.id, link, limits::kReducedHigh_db));
    const double begin = r.turn_begin_s.value_or(0), end = r.turn_end_s.value_or(begin);
    if (!std::isfinite(begin) || !std::isfinite(end) || r.turn_begin_s.has_value() != r.turn_end_s.has_value() || end < begin)
      fail("bad-turn", fmt::format("run \"{}\": the turn must begin before it ends", r.id));
  }
};

}  // namespace

std::vector<Problem> validate(const Campaign& c) {
  using namespace limits;
  Checker check;
  for (const auto& [kind, n] :
       {std::pair("links", c.links.size()), {"setups", c.setups.size()}, {"runs", c.runs.size()}, {"path points", c.path.size()}})
    if (n > kMostItems) check.fail("too-many", fmt::format("{} {} are more than the {} a campaign may have", n, kind, kMostItems));
  if (!check.problems.empty()) return check.problems;
  check.ids(c.links, "link");
  check.ids(c.setups, "setup");
  check.ids(c.runs, "run");
  check.position(c.station.position, "station");
  check.within(c.station.ground_m, kHeightLow_m, kHeightHigh_m, "station ground", "m");
  check.within(c.station.antenna_height_m, 0, 1000, "station antenna height", "m");
  check.within(c.post_spacing_m, kPostLow_m, kPathHigh_m, "post spacing", "m");
  check.within(c.plan_exponent, kExponentLow, kExponentHigh, "path-loss exponent", "");
  for (const PathPoint& p : c.path) {
    check.position(p.position, "path point");
    check.within(p.height_m, 0, kHeightHigh_m, "path height", "m");
  }
  if (check.problems.empty() && !c.path.empty()) {
    const double length = course::between(c.station.position, c.path.back().position).distance_m;
    check.within(length, kPostLow_m, kPathHigh_m, "distance from station to far post", "m");
  }
  for (const Link& l : c.links) check.link(l);
  for (const Setup& s : c.setups) check.setup(c, s);
  for (const Run& r : c.runs) check.run(c, r);
  return check.problems;
}

void requireValid(const Campaign& campaign) {
  const auto faults = validate(campaign);
  if (!faults.empty()) throw InputError(faults.front().text);
}

}  // namespace distanz::campaign
