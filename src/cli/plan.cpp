#include "core/plan/flight_plan.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/analyse_source.h"
#include "cli/command.h"
#include "cli/ground_source.h"
#include "cli/plan_change.h"
#include "cli/said.h"
#include "core/analysis/findings/advice.h"
#include "core/analysis/findings/turn_by.h"
#include "core/finding/settle.h"
#include "core/plan/blind.h"
#include "core/plan/preflight.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

json legsJson(const plan::Prediction& p) {
  if (!p.legs) return nullptr;
  const plan::LegLosses& at = *p.legs;
  return {{"out_db", at.out_db}, {"back_db", at.back_db}, {"turn_best_db", at.turn_best_db}, {"turn_worst_db", at.turn_worst_db},
          {"out_shade_db", at.out_shade_db}, {"back_shade_db", at.back_shade_db}, {"turn_shade_db", at.turn_shade_db}};
}

json predictionsJson(const plan::Planned& p) {
  json out = json::array();
  for (const plan::Prediction& x : p.predictions)
    out.push_back({{"setup", x.setup},
                   {"link", x.link},
                   {"predicted_range_m", orNull(x.range_m)},
                   {"predicted_low_m", x.sure ? json(x.sure->low_m) : nullptr},
                   {"predicted_high_m", x.sure ? json(x.sure->high_m) : nullptr},
                   {"predicted_dependable_m", x.sure ? json(x.sure->dependable_m) : nullptr},
                   {"critical_dbm", orNull(x.critical_dbm)},
                   {"distance_m", x.distance_m},
                   {"received_dbm", x.received_dbm},
                   {"low_dbm", x.low_dbm},
                   {"high_dbm", x.high_dbm},
                   {"patterns_at_far_post", legsJson(x)}});
  return out;
}

json clearanceJson(const plan::Planned& p) {
  if (!p.clearance) return nullptr;
  return {{"link", p.link},
          {"clear", p.clearance->clear},
          {"ray_m", p.clearance->worst.ray_m},
          {"needed_m", p.clearance->worst.needed_m},
          {"at_m", p.clearance->worst.distance_m},
          {"clear_to_m", orNull(p.clearance->clear_to_m)},
          {"horizon_m", p.clearance->horizon_m}};
}

json groundJson(const plan::Planned& p) {
  if (!p.sights) return nullptr;
  const bool station = p.sights->knowsStation() && !p.sights->ground().grids().empty();
  return {{"station_m", station ? json(p.sights->stationGround_m()) : json(nullptr)}, {"known_to_m", p.sights->known_m()}};
}

json heightsJson(const plan::Planned& p) {
  if (!p.heights) return nullptr;
  const plan::ClearHeights& h = *p.heights;
  json profile = json::array();
  for (std::size_t i = 0; i < h.distance_m.size(); ++i)
    profile.push_back({{"distance_m", h.distance_m[i]},
                       {"flown_m", h.flown_m[i]},
                       {"needed_m", std::isfinite(h.needed_m[i]) ? json(h.needed_m[i]) : json(nullptr)},
                       {"ground_m", h.ground_m[i]},
                       {"top_m", h.top_m[i]}});
  return {{"lowest_clear_m", std::isfinite(h.lowest_m) ? json(h.lowest_m) : json(nullptr)},
          {"decided_at_m", h.decided_at_m},
          {"by_share_m", h.share_at_far_m},
          {"least_above_m", h.least_above_m},
          {"least_above_at_m", h.least_above_at_m},
          {"profile", std::move(profile)}};
}

json repeatsJson(const plan::FlightPlan& f, int planned_pairs) {
  json enough = f.enough > 0 ? json(f.enough) : json(nullptr);
  return {{"difference_db", f.repeats.difference_db},
          {"flight_sd_db", f.repeats.flight_sd_db},
          {"assumed", f.sd_assumed},
          {"planned_pairs", planned_pairs},
          {"chance", estimate::chanceToTell(f.repeats, planned_pairs)},
          {"pairs_enough", std::move(enough)},
          {"chance_by_pairs", f.chance},
          {"chance_together_by_pairs", f.chance_together}};
}

json orderJson(const plan::FlightPlan& f) {
  json out = json::array();
  for (std::size_t i = 0; i < f.order.size(); ++i) {
    const plan::OrderedRun& r = f.order[i];
    json run = {{"setup", f.setups[std::size_t(r.setup)]}, {"block", r.block + 1}};
    const bool scheduled = i < f.schedule.runs.size();
    run["begin_s"] = f.timed && scheduled ? json(f.schedule.runs[i].begin_s) : json(nullptr);
    run["end_s"] = f.timed && scheduled ? json(f.schedule.runs[i].end_s) : json(nullptr);
    run["battery"] = scheduled && f.schedule.runs[i].battery > 0 ? json(f.schedule.runs[i].battery) : json(nullptr);
    out.push_back(std::move(run));
  }
  return out;
}

json flightsJson(const plan::FlightPlan& f) {
  json out = json::array();
  for (const plan::SetupFlight& s : f.flights) {
    json one = {{"setup", s.setup}, {"battery_turn_m", nullptr}, {"out_mah", nullptr}, {"back_mah", nullptr}};
    if (s.energy) {
      one["battery_turn_m"] = s.energy->whole_path ? json(nullptr) : orNull(s.energy->turn_m);
      one["out_mah"] = s.energy->out_mah;
      one["back_mah"] = s.energy->back_mah;
      one["returns"] = !s.energy->impossible_back.has_value();
    }
    one["turned_by"] = s.turn.empty() ? json(nullptr) : json(s.turn);
    one["turned_at_m"] = s.turn.empty() ? json(nullptr) : json(s.turn_m);
    one["stopped_by"] = s.stop.empty() ? json(nullptr) : json(s.stop);
    if (!s.link.empty()) one["link"] = s.link;
    one["stopped_at_m"] = s.stop.empty() ? json(nullptr) : json(s.stop_m);
    out.push_back(std::move(one));
  }
  return out;
}

/// Which is which only once somebody opened them.
json labelsJson(const campaign::Campaign& c, const plan::FlightPlan& f) {
  const auto labels = plan::blindLabels(c, f);
  if (labels.empty()) return nullptr;
  json out = {{"opened", c.plan.labels_opened.empty() ? json(nullptr) : json(c.plan.labels_opened)}, {"labels", json::array()}};
  for (const plan::BlindLabel& l : labels) {
    if (c.plan.labels_opened.empty())
      out["labels"].push_back({{"label", l.label}});
    else
      out["labels"].push_back({{"label", l.label}, {"run", l.run}, {"setup", l.setup}});
  }
  auto& all = out["labels"];
  std::sort(all.begin(), all.end(), [](const json& a, const json& b) { return a["label"] < b["label"]; });
  return out;
}

json saidJson(const std::vector<Finding>& findings) {
  json out = json::array();
  for (const Finding& f : findings) out.push_back({{"code", f.code}, {"text", words::sentence(f).toStdString()}});
  return out;
}

void printOrder(const plan::FlightPlan& f, std::ostream& out) {
  for (std::size_t i = 0; i < f.order.size(); ++i) {
    const bool scheduled = i < f.schedule.runs.size();
    const QString when = f.timed && scheduled ? words::clock(f.schedule.runs[i].begin_s) + "  " : QString();
    const int battery = scheduled ? f.schedule.runs[i].battery : 0;
    out << "  " << i + 1 << "  " << when.toStdString() << f.setups[std::size_t(f.order[i].setup)]
        << (battery > 0 ? "  " + Cli::tr("battery %1").arg(battery).toStdString() : "") << "\n";
  }
}

}  // namespace

void planCommand(const PlanOptions& options, Io io) {
  if (!options.out.empty()) return writePlanFile(options, io);
  if (!options.take.empty() || !options.layers.empty()) return changePlan(options, io);
  const Analysed a = analyseAny(options.campaign);
  const auto course = campaign::courseOf(a.campaign);
  constexpr double kReachWithoutPath_m = 1000;
  const geodata::GroundRead ground = groundOf(options.campaign, a.campaign);
  const plan::Planned planned =
      plan::planned(a.campaign, course ? course->farPost_m() : kReachWithoutPath_m, ground.ground);
  const plan::FlightPlan flights =
      plan::flightPlan(a.campaign, planned, analysis::flownSoFar(a.analysis, planned.link));
  const auto list = plan::preflightOf(a.campaign);
  std::vector<Finding> said = analysis::planAdvice(a.campaign, planned, a.analysis);
  said.insert(said.begin(), ground.problems.begin(), ground.problems.end());
  for (Finding& f : analysis::turnsTold(a.campaign, analysis::turnsBy(a.campaign, a.analysis, planned))) said.push_back(std::move(f));
  said.insert(said.end(), flights.findings.begin(), flights.findings.end());
  for (Finding& f : plan::toldLabels(a.campaign, plan::blindLabels(a.campaign, flights))) said.push_back(std::move(f));
  said = consistent(said);
  if (!options.json) {
    printGroups(settled(said), io.out);
    if (!flights.order.empty()) io.out << "\n" << Cli::tr("Order").toStdString() << "\n";
    printOrder(flights, io.out);
    io.out << "\n" << Cli::tr("Before the flight").toStdString() << "\n";
    for (const plan::PreflightItem& i : list)
      io.out << (i.tick ? "  [x] " : "  [ ] ") << words::sentence(i.what).toStdString()
             << (i.tick && !i.tick->at.empty() ? "  (" + i.tick->at + ")" : "") << "\n";
    return;
  }
  json items = json::array();
  for (const plan::PreflightItem& i : list)
    items.push_back({{"item", i.id},
                     {"text", words::sentence(i.what).toStdString()},
                     {"ticked", i.tick != nullptr},
                     {"at", i.tick ? json(i.tick->at) : json(nullptr)},
                     {"who", i.tick ? json(i.tick->who) : json(nullptr)}});
  io.out << printed({{"predictions", predictionsJson(planned)},
                     {"clearance", clearanceJson(planned)},
                     {"ground", groundJson(planned)},
                     {"heights", heightsJson(planned)},
                     {"repeats", repeatsJson(flights, a.campaign.planned_pairs)},
                     {"order", orderJson(flights)},
                     {"flights", flightsJson(flights)},
                     {"blind", labelsJson(a.campaign, flights)},
                     {"preflight", std::move(items)},
                     {"findings", saidJson(said)}})
         << "\n";
}

}  // namespace distanz::cli
