#include "core/analysis/findings/advice.h"

#include "core/analysis/findings/against_flown.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/named.h"
#include "core/campaign/kit.h"
#include "core/quantity/unit.h"
#include "core/plan/told_ground.h"
#include "core/plan/told_legs.h"
#include "core/plan/told_tracking.h"
#include "core/plan/what_helps.h"
#include "core/radio/clearance.h"
#include "core/records/record_result.h"

namespace distanz::analysis {

using quantity::Unit;

namespace {

constexpr double kSameLevel_db = 0.05;

bool unnamed(const campaign::Campaign& c) {
  return std::any_of(c.setups.begin(), c.setups.end(), [](const auto& s) { return s.name.empty(); });
}

Finding clearanceOf(const plan::PathClearance& c, double frequency_mhz) {
  std::vector<Argument> at{metres("distance", c.worst.distance_m),
                           metres("ray", c.worst.ray_m),
                           metres("needed", c.worst.needed_m),
                           {"share", 100 * radio::kClearShare, Unit::Percent}};
  if (c.clear) {
    at.emplace_back("frequency", frequency_mhz, Unit::Megahertz);
    return finding("path-clear", std::move(at));
  }
  if (c.shaded_at_m) {
    at.push_back(metres("place", *c.shaded_at_m));
    return finding("path-shaded", std::move(at));
  }
  if (!c.clear_to_m) return finding("path-never-clear", std::move(at));
  at.push_back(metres("clear_to", *c.clear_to_m));
  return finding("path-too-low", std::move(at));
}

/// What the newest look at each part that is used found wrong.
void addFaultsSeen(const campaign::Campaign& c, std::vector<Finding>& out) {
  std::map<std::string, const campaign::Record*> newest;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Inspection && !r.part.empty())
      if (const campaign::Record*& kept = newest[r.part]; !kept || r.made_at >= kept->made_at) kept = &r;
  for (const auto& [id, record] : newest) {
    const campaign::Part* part = campaign::findPart(c, id);
    if (!part || campaign::setupsWith(c, id).empty()) continue;
    std::vector<Finding> faults;
    for (const campaign::RecordAnswer& asked : campaign::recordAnswers(record->kind))
      if (record->answer(asked.key) == "no")
        faults.push_back(finding("one-word", {{"what", Term{std::string("look-") + asked.key}}}));
    if (!faults.empty())
      out.push_back(
          finding("part-has-faults", {{"part", part->name.empty() ? id : part->name}, {"faults", faults}}));
  }
}

/// A receiver that states another sensitivity than its link: one of both is wrong, and the link's counts.
void addReceivers(const campaign::Campaign& c, std::vector<Finding>& out) {
  std::set<std::pair<std::string, std::string>> told;
  for (const campaign::Setup& s : c.setups)
    for (const campaign::Link& l : c.links) {
      const campaign::SetupLink* ends = campaign::findEnds(c, s.id, l.id);
      const campaign::PartValue* own = ends ? campaign::partValueAt(c, *ends, campaign::kReceiver) : nullptr;
      const auto stated = campaign::sensitivityOf(l);
      if (!own || !stated || std::abs(own->value - *stated) < kSameLevel_db) continue;
      if (!told.emplace(l.id, ends->receiver).second) continue;
      out.push_back(
          finding("receiver-sensitivity-differs",
                  {{"link", l.id}, {"receiver", own->value, Unit::Dbm}, {"stated", *stated, Unit::Dbm}},
                  {"link", l.id}));
    }
}

/// Warnings that are mended in the list of runs.
bool concernsRuns(const Finding& f) {
  return !f.run().empty() || f.code == "one-flight" || f.code == "not-interleaved";
}

}  // namespace

std::vector<Finding> kitAdvice(const campaign::Campaign& c) {
  std::vector<Finding> out;
  if (c.setups.size() < 2) out.push_back(finding("describe-two-setups"));
  if (unnamed(c)) out.push_back(finding("name-setups"));
  for (const campaign::Link& l : c.links)
    if (!campaign::sensitivityOf(l))
      out.push_back(finding("enter-link-sensitivity", {{"link", l.id}}, {"link", l.id}));
  for (const campaign::Setup& s : c.setups)
    for (const campaign::Link& l : c.links)
      if (!s.links.contains(l.id) || !campaign::valueAt(c, s.links.at(l.id), campaign::kTransmitPower))
        out.push_back(finding("no-transmit-power", {{"setup", s.id}, {"link", l.id}}, {"setup", s.id}));
  addFaultsSeen(c, out);
  addReceivers(c, out);
  if (out.empty()) out.push_back(finding(campaign::courseOf(c) ? "kit-and-path-described" : "kit-described"));
  out.push_back(finding("never-without-antenna"));
  return out;
}

plan::FlownSoFar flownSoFar(const Answers& answers, const std::string& link) {
  plan::FlownSoFar out;
  for (const SetupOnLink& s : answers.setups)
    if (s.link == link && s.runs_used >= 2 && s.flight_sd_db > 0)
      out.flight_sd_db = std::max(out.flight_sd_db.value_or(0), s.flight_sd_db);
  for (const PairOnLink& p : answers.comparisons)
    if (p.link == link && p.paired_flights >= 2 && p.se_db > 0)
      out.paired_sd_db = std::max(out.paired_sd_db.value_or(0), p.se_db * std::sqrt(p.paired_flights));
  return out;
}

/// Before it flew with what of it nobody measured, and that behind "why?", the most first.
Finding predictedRange(const campaign::Campaign& c, const Answers& answers, const plan::Prediction& p) {
  std::vector<Argument> told{{"setup", p.setup},
                             {"link", p.link},
                             metres("range", *p.range_m),
                             {"exponent", c.plan_exponent, Unit::None}};
  if (answers.showSignal(p.setup, p.link)) return finding("predicted-range", told, {"setup", p.setup});
  told.insert(told.end(), {metres("low", p.sure->low_m), metres("high", p.sure->high_m),
                           metres("dependable", p.sure->dependable_m)});
  Finding f = finding("predicted-before-flown", told, {"setup", p.setup});
  f.why.push_back(finding("why-path-not-known", {{"sd", plan::NotKnown::path_sd_db(*p.range_m), Unit::Decibel},
                                                 metres("at", *p.range_m),
                                                 {"of_exponent", plan::kExponentSd, Unit::None}}));
  std::vector<plan::Unsure> parts = p.not_known;
  std::stable_sort(parts.begin(), parts.end(), [](const auto& a, const auto& b) { return a.sd_db > b.sd_db; });
  for (const plan::Unsure& u : parts)
    f.why.push_back(finding("why-not-known", {{"what", Term{std::string("unsure-") + u.what}}, {"sd", u.sd_db, Unit::Decibel}}));
  return f;
}

std::optional<Finding> groundStop(const campaign::Campaign& c) {
  const campaign::Record* ground = nullptr;
  for (const campaign::Record& r : c.records)
    if (r.kind == campaign::RecordKind::Ground && (!ground || r.made_at >= ground->made_at)) ground = &r;
  if (!ground) return std::nullopt;
  const auto judged = records::judge({.campaign = c, .record = *ground});
  if (judged.findings.empty() || judged.findings.front().code != "ground-do-not-fly") return std::nullopt;
  return finding("ground-held-in-plan", {{"record", ground->name.empty() ? ground->id : ground->name}});
}

std::vector<Finding> planAdvice(const campaign::Campaign& c, const plan::Planned& p, const Answers& answers) {
  if (!c.station.position()) return {finding("set-station")};
  if (!p.clearance) return {finding("set-far-post")};
  std::vector<Finding> out{clearanceOf(*p.clearance, campaign::findLink(c, p.link)->frequency_mhz)};
  for (const plan::Prediction& x : p.predictions)
    if (x.link == p.link && x.range_m)
      out.push_back(predictedRange(c, answers, x));
  for (const auto& more : {toldAgainstFlown(p, answers), plan::toldGround(c, p), plan::toldLegs(c, p), plan::toldHelp(c, p), plan::toldTracking(c)})
    out.insert(out.end(), more.begin(), more.end());
  const SetupOnLink* first = c.setups.empty() ? nullptr : answers.limiting(c.setups.front().id);
  if (first && first->exponent)
    out.push_back(finding("use-flown-exponent", {{"exponent", measureOf(*first->exponent, Unit::None)}}));
  Finding horizon = p.clearance->breakpoint_m ? finding("horizon", {metres("horizon", p.clearance->horizon_m), metres("breakpoint", *p.clearance->breakpoint_m)})
                                              : finding("horizon-only", {metres("horizon", p.clearance->horizon_m)});
  const double half = p.clearance->points.back().distance_m / 2;
  horizon.why.push_back(finding("why-horizon", {metres("mast", c.station.antenna_height_m),
                                                metres("height", campaign::firstPath(c).back().height_m),
                                                {"factor", c.plan.earth_factor, Unit::None},
                                                metres("bulge", radio::earthBulge_m(half, half, c.plan.earth_factor))}));
  out.push_back(std::move(horizon));
  if (auto stop = groundStop(c)) out.insert(out.begin(), std::move(*stop));
  out.push_back(finding("keep-sight"));
  return out;
}

std::vector<Finding> runsAdvice(const campaign::Campaign& c, const Answers& answers) {
  if (c.runs.empty()) return {finding("bring-in-logs")};
  const auto used =
      std::count_if(answers.runs.begin(), answers.runs.end(), [](const RunResult& r) { return r.used; });
  std::vector<Finding> out{
      finding("runs-count", {{"used", static_cast<int>(used)}, {"runs", c.runs.size()}})};
  if (answers.runs.size() == c.runs.size()) out.push_back(nextStep(c, answers));
  const std::vector<Finding> warnings = gathered(answers.warnings);
  std::copy_if(warnings.begin(), warnings.end(), std::back_inserter(out), concernsRuns);
  return out;
}

std::optional<Finding> kitLacks(const campaign::Campaign& c) {
  if (c.setups.size() < 2) return finding("lacks-setups");
  return unnamed(c) ? std::optional(finding("lacks-names")) : std::nullopt;
}

std::optional<Finding> planLacks(const campaign::Campaign& c) {
  if (!c.station.position()) return finding("lacks-station");
  return campaign::courseOf(c) ? std::nullopt : std::optional(finding("lacks-path"));
}

std::optional<Finding> runsLacks(const campaign::Campaign& c) {
  for (const campaign::Setup& s : c.setups)
    if (std::none_of(c.runs.begin(), c.runs.end(), [&](const auto& r) { return r.setup == s.id; }))
      return finding("lacks-runs-of", {{"setup", s.id}}, {"setup", s.id});
  return c.runs.empty() ? std::optional(finding("lacks-runs")) : std::nullopt;
}

std::optional<Finding> compareLacks(const Answers& answers) {
  return answers.answers.size() >= 2 ? std::nullopt : std::optional(finding("lacks-flown"));
}

}  // namespace distanz::analysis
