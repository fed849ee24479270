#include "formats/scenario_json.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/finding/error.h"
#include "formats/campaign_json.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

using nlohmann::json;

int packetsFrom(JsonFields& f, const char* key, int otherwise) {
  const double packets = f.number(key, otherwise);
  if (!(packets >= 1 && packets <= simulate::kMostPackets))
    f.refuse(finding("json-out-of-bounds",
                     {{"key", key},
                      {"low", 1},
                      {"high", static_cast<double>(simulate::kMostPackets), quantity::Unit::None}}));
  return static_cast<int>(packets);
}

simulate::LinkPhysics physicsFrom(const json& value, const std::string& where) {
  JsonFields f(value, where);
  simulate::LinkPhysics p;
  p.exponent = f.number("exponent", p.exponent);
  p.place_sd_db = f.number("place_sd_db", p.place_sd_db);
  p.place_correlation_m = f.number("place_correlation_m", p.place_correlation_m);
  p.within_sd_db = f.number("within_sd_db", p.within_sd_db);
  p.within_correlation_m = f.number("within_correlation_m", p.within_correlation_m);
  p.flight_sd_db = f.number("flight_sd_db", p.flight_sd_db);
  p.fading_sd_db = f.number("fading_sd_db", p.fading_sd_db);
  p.rician_k_db = f.optionalNumber("rician_k_db");
  p.turn_drop_db = f.number("turn_drop_db", p.turn_drop_db);
  p.floor_dbm = f.number("floor_dbm", p.floor_dbm);
  p.step_db = f.number("step_db", p.step_db);
  p.quality_midpoint_dbm = f.number("quality_midpoint_dbm", p.quality_midpoint_dbm);
  p.quality_slope_db = f.number("quality_slope_db", p.quality_slope_db);
  p.packets_per_sample = packetsFrom(f, "packets_per_sample", p.packets_per_sample);
  p.packets_in_reading = packetsFrom(f, "packets_in_reading", p.packets_in_reading);
  p.reading_lag_s = f.number("reading_lag_s", p.reading_lag_s);
  p.full_bitrate_mbps = f.number("full_bitrate_mbps", p.full_bitrate_mbps);
  p.stands_below_pct = f.number("stands_below_pct", p.stands_below_pct);
  p.wild_share = f.number("wild_share", p.wild_share);
  p.pair_sd_db = f.number("pair_sd_db", p.pair_sd_db);
  p.pair_within_sd_db = f.number("pair_within_sd_db", p.pair_within_sd_db);
  p.leg_sd_db = f.number("leg_sd_db", p.leg_sd_db);
  return p;
}

/// An object of numbers, e.g. by link; empty where it is absent.
std::map<std::string, double> numbersByKey(const json& value, const std::string& where) {
  std::map<std::string, double> out;
  if (value.is_null()) return out;
  JsonFields f(value, where);
  for (const auto& [key, number] : value.items()) out[key] = f.requiredNumber(key.c_str());
  return out;
}

simulate::RunPlan flightFrom(const json& value, const std::string& where) {
  JsonFields f(value, where);
  simulate::RunPlan r;
  r.setup = f.requiredText("setup");
  r.farthest_m = f.requiredNumber("farthest_m");
  r.start_m = f.number("start_m", r.start_m);
  const auto ended = campaign::endedFromWord(f.text("ended", "turned-back"));
  if (!ended) f.refuse(finding("json-unknown-reason", {{"key", "ended"}}));
  r.ended = *ended;
  r.speed_mps = f.number("speed_mps", r.speed_mps);
  r.use_mah_km = f.optionalNumber("use_mah_km");
  r.side_m = f.number("side_m", r.side_m);
  r.level_offset_db = f.number("level_offset_db", r.level_offset_db);
  r.notes = f.text("notes");
  r.flight = f.text("flight");
  r.reduced_db = numbersByKey(f.member("reduced_db"), where + ": reduced_db");
  if (const json& power = f.member("power"); power.is_object())
    for (const auto& [link, steps] : power.items())
      for (const json& step : steps) {
        JsonFields s(step, where + ": power." + link);
        r.power[link].push_back({s.requiredNumber("from_m"), s.requiredNumber("power_mw")});
      }
  return r;
}

}  // namespace

simulate::Scenario readScenario(std::string_view text, const std::string& where) {
  const json value = parseJson(text, where);
  JsonFields f(value, where);
  simulate::Scenario s;
  s.campaign = campaignFromJson(f.member("campaign"), where + ": campaign").campaign;
  s.sample_s = f.number("sample_s", s.sample_s);
  s.with_gnss = f.flag("with_gnss", s.with_gnss);
  s.use_mah_km = f.number("use_mah_km", s.use_mah_km);
  if (!(s.sample_s >= 0.001))
    f.refuse(finding("json-at-least", {{"key", "sample_s"}, {"least", 0.001, quantity::Unit::None}}));
  const json &physics = f.member("physics"), &levels = f.member("level_dbm");
  if (!physics.is_object() || !levels.is_object())
    f.refuse(finding("json-not-objects", {{"keys", "physics, level_dbm"}}));
  for (const auto& [link, v] : physics.items()) s.physics[link] = physicsFrom(v, where + ": physics." + link);
  for (const auto& [setup, links] : levels.items()) {
    JsonFields by_link(links, where + ": level_dbm." + setup);
    for (const auto& [link, p] : s.physics) s.level_dbm[setup][link] = by_link.requiredNumber(link.c_str());
  }
  if (const json& back = f.member("back_db"); back.is_object())
    for (const auto& [setup, links] : back.items())
      s.back_db[setup] = numbersByKey(links, where + ": back_db." + setup);
  const json& flights = f.list("flights");
  if (flights.size() > simulate::kMostFlights)
    f.refuse(finding("json-too-many", {{"key", "flights"}, {"most", simulate::kMostFlights}}));
  for (std::size_t i = 0; i < flights.size(); ++i)
    s.runs.push_back(flightFrom(flights[i], fmt::format("{}: flights[{}]", where, i)));
  try {
    simulate::check(s);
  } catch (const DomainError& e) {
    f.refuse(e.found);
  }
  return s;
}

}  // namespace distanz::formats
