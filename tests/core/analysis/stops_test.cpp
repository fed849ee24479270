// Where the equipment stops, not the radio: named, and nothing told from behind it, whatever figure shows it.
#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/findings/findings.h"
#include "support/flown_log.h"

using namespace distanz;
using namespace distanz::analysis;
using namespace distanz::test;
using Catch::Matchers::WithinAbs;

namespace {

constexpr double kStop_m = 1750, kTurn_m = 1850;

/// What a log shows of it.
struct Shows {
  const char* figure;
  bool signal_goes_on = true, signal = true, sensitivity = false;
};

struct StopWorld {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random{11};
  Shows shows;

  explicit StopWorld(const Shows& s) : shows(s) {
    c.links.erase(c.links.begin());  // the video link alone
    c.links[0].rule = {};
    if (std::string_view(s.figure) == "bitrate") c.links[0].rule.bitrate_min_mbps = 5;
    if (std::string_view(s.figure) == "quality") c.links[0].rule.lq_min_pct = 70;
    if (s.sensitivity) c.links[0].sensitivity_dbm = -100;
  }
  void fly(const char* setup, double stop_m = kStop_m, double turn_m = kTurn_m) {
    addRun(c, setup).ended = campaign::Ended::TurnedBack;
    FlownLog flown{turn_m};
    log::Recording r = flown.begin();
    const double level = -60 + (*setup == 'A' ? 0 : 4) + random.normal(), stop = stop_m + 3 * random.normal();
    if (shows.signal)
      flown.add(r, "video.rssi_dbm", [&](double m, bool, double) {
        return m < stop || shows.signal_goes_on ? level - 27 * std::log10(std::max(m, 30.0) / 1000) + random.normal() : NAN;
      });
    const std::string figure = shows.figure;
    if (figure.starts_with("bitrate")) flown.add(r, "video.bitrate_mbps", [&](double m, bool, double) { return m < stop ? 40 : 0; });
    if (figure == "quality") flown.add(r, "video.lq_pct", [&](double m, bool, double) { return m < stop ? 99 : 0; });
    if (figure == "frames") {
      double counted = 0;
      flown.add(r, "video.frames", [&](double m, bool, double) { return counted += m < stop ? 6 : 0; });
    }
    logs.push_back(std::move(r));
  }
  CampaignAnalysis analysed() const { return analyseLogs(c, logs); }
};

double farthestTold_m(const CampaignAnalysis& a, const std::string& only = {}) {
  double out = 0;
  const auto look = [&](const RangeAnswer& r) {
    if (r.status == Status::Withheld) return;
    for (const auto& v : {r.tellsEstimate() ? r.estimate_m : std::nullopt, r.at_least_m, r.low_m, r.high_m}) out = std::max(out, v.value_or(0));
  };
  for (const SetupOnLink& s : a.setups)
    if (only.empty() || s.setup == only)
      for (const RangeAnswer* r : {&s.typical, &s.dependable, &s.elsewhere_typical, &s.elsewhere_dependable}) look(*r);
  for (const SetupAnswer& s : a.answers) {
    if (!only.empty() && s.setup != only) continue;
    look(s.typical);
    look(s.dependable);
    out = std::max(out, s.plan_m.value_or(0));
    for (std::size_t i = 0; i < s.survival.distance_m.size(); ++i)
      if (s.survival.share[i] > 0) out = std::max(out, s.survival.distance_m[i]);
  }
  return out;
}

}  // namespace

TEST_CASE("stops: named from whatever figure shows it, and nothing is told from behind it", "[regression]") {
  const Shows shows = GENERATE(Shows{"bitrate"}, Shows{"bitrate", false}, Shows{"bitrate", true, false}, Shows{"bitrate", true, true, true}, Shows{"bitrate-no-rule"},
                               Shows{"quality"}, Shows{"quality", false}, Shows{"quality", true, false}, Shows{"frames"},
                               Shows{"nothing", false, true, true});
  StopWorld w(shows);
  for (int i = 0; i < 2; ++i) w.fly("A"), w.fly("B");
  const CampaignAnalysis a = w.analysed();
  CAPTURE(shows.figure, shows.signal, shows.signal_goes_on, shows.sensitivity);
  REQUIRE(a.caps.size() == 1);
  CHECK_THAT(a.caps[0].at_m, WithinAbs(kStop_m, 15));
  CHECK(a.caps[0].runs.size() == 4);
  CHECK(warned(a, shows.signal ? "equipment-limit" : "equipment-limit-unheard"));
  CHECK(farthestTold_m(a) <= kStop_m * 1.02);
  CHECK(a.interference.empty());
  CHECK(a.holes.empty());
  for (const SetupPair& p : a.setup_comparisons) {
    CHECK(p.verdict == estimate::Verdict::Undecided);
    CHECK_FALSE(p.ratio);
    CHECK(p.stopped_m);
    CHECK(verdictOf(w.c, a, p).code == "pair-stopped");
  }
  CHECK(nextStep(w.c, a).code == "lift-equipment-limit");
}

TEST_CASE("stops: named in 98 of 100 campaigns as people fly and log them, and nothing told from behind in any", "[simulation]") {
  constexpr int kCampaigns = 300;
  dice::Random random(77);
  int named = 0, beyond = 0;
  for (int i = 0; i < kCampaigns; ++i) {
    const bool bitrate = random.uniform(0, 1) < 0.5;
    StopWorld w({bitrate ? "bitrate" : "quality", random.uniform(0, 1) < 0.5, random.uniform(0, 1) < 0.7, random.uniform(0, 1) < 0.3});
    w.random = dice::Random(1000 + std::uint64_t(i));
    const double stop = random.uniform(500, 1500), turn = stop * random.uniform(1.06, 1.15), fading_db = random.uniform(1, 4),
                 lost_pct = random.uniform(0, 3);
    const int flights = 2 + i % 2;
    for (int f = 0; f < flights; ++f)
      for (const char* setup : {"A", "B"}) {
        w.fly(setup, stop, turn);
        for (log::Column& c : w.logs.back().columns)
          for (double& v : c.values) {
            if (c.channel == "video.rssi_dbm") v += fading_db * w.random.normal();
            if (c.channel == "video.lq_pct" && v > 0) v = std::clamp(100 - lost_pct + 2 * w.random.normal(), 0.0, 100.0);
            if (c.channel == "video.bitrate_mbps" && v > 0) v = w.random.uniform(0, 1) < 0.2 ? 30 : 40;  // adapts
          }
      }
    const CampaignAnalysis a = w.analysed();
    named += a.caps.size() == 1;
    beyond += farthestTold_m(a) > stop * 1.03;
  }
  CHECK(named >= 0.98 * kCampaigns);
  CHECK(beyond == 0);
}

TEST_CASE("stops: of one setup alone it is a question; a flight that was good behind it denies it") {
  StopWorld w({"bitrate"});
  w.fly("A"), w.fly("A");
  CHECK(warned(w.analysed(), "equipment-limit-possible"));
  w.fly("B", 5000);  // another setup, good beyond: it is not the link's equipment, but may be A's
  CHECK(warned(w.analysed(), "equipment-limit-possible"));
  w.fly("A", 5000);
  const CampaignAnalysis a = w.analysed();
  CHECK(a.caps.empty());
  CHECK_FALSE(warned(a, "equipment-limit-possible"));
}

TEST_CASE("stops: a setup that stops by itself reaches that far and no farther; one that goes on is better", "[regression]") {
  StopWorld w(GENERATE(Shows{"bitrate"}, Shows{"bitrate", true, false}, Shows{"quality", false}, Shows{"quality", true, true, true}));
  for (int i = 0; i < 3; ++i) w.fly("A", 1000 + 2 * i), w.fly("B", 5000);
  w.c.planned_pairs = 3;
  const CampaignAnalysis a = w.analysed();
  REQUIRE(warned(a, "equipment-limit-possible"));
  CHECK(farthestTold_m(a, "A") <= 1030);
  const SetupAnswer* of_a = a.answer("A");
  REQUIRE(of_a);
  CHECK(of_a->typical.told_m() <= 1020);
  CHECK(of_a->dependable.told_m() <= 1020);
  CHECK(of_a->plan_m.value_or(0) <= 1020);
  REQUIRE(a.setup_comparisons.size() == 1);
  CHECK(a.setup_comparisons[0].verdict != estimate::Verdict::ABetter);
  CHECK_FALSE(a.setup_comparisons[0].stopped_m);
}

TEST_CASE("stops: far apart, or slowly, they are the radio's") {
  StopWorld w({"bitrate", false});
  w.fly("A", 1000), w.fly("B", 1400), w.fly("A", 1100), w.fly("B", 1500);
  CHECK(w.analysed().caps.empty());
  StopWorld slow({"quality", false});
  for (const char* setup : {"A", "B", "A", "B"}) {
    slow.fly(setup);
    auto& lq = slow.logs.back().columns.back().values;
    const auto& m = slow.logs.back().columns.front().values;
    for (std::size_t i = 0; i < lq.size(); ++i) lq[i] = std::clamp((kStop_m - m[i]) / 4, 0.0, 100.0);  // over 400 m
  }
  CHECK(slow.analysed().caps.empty());
}

TEST_CASE("stops: a setup whose radio ends before it is told shorter") {
  StopWorld w({"quality"});
  for (int i = 0; i < 3; ++i) {
    w.fly("B");
    w.fly("A", 5000);
    auto& r = w.logs.back();
    const double end = 900 + 30 * w.random.normal();
    for (auto& c : r.columns)
      for (std::size_t k = 0; k < c.values.size(); ++k) {
        if (c.channel == "video.rssi_dbm") c.values[k] -= 20;
        if (c.channel == "video.lq_pct") c.values[k] = std::clamp(50 + (end - r.columns.front().values[k]) / 3, 0.0, 100.0);
      }
  }
  const CampaignAnalysis a = w.analysed();
  REQUIRE(a.caps.size() == 1);
  CHECK(a.caps[0].setups == std::vector<std::string>{"B"});
  REQUIRE(a.setup_comparisons.size() == 1);
  CHECK(a.setup_comparisons[0].verdict == estimate::Verdict::BBetter);
  CHECK_FALSE(a.setup_comparisons[0].stopped_m);
  CHECK(farthestTold_m(a, "B") <= kStop_m * 1.02);
}

TEST_CASE("stops: at reduced power what full power would have is not in hand", "[regression]") {
  StopWorld w({"quality", false, true, true});
  w.fly("A");
  const double level = -60 - 27 * std::log10(kStop_m / 1000);
  w.c.links[0].sensitivity_dbm = level - 10;  // 10 dB in hand
  CHECK(warned(w.analysed(), "stopped-sharply"));
  w.c.runs[0].reduced_db["video"] = 20;  // of which the log knows nothing: it is referred to full power
  for (double& v : w.logs[0].columns[1].values) v -= 20;
  CHECK_FALSE(warned(w.analysed(), "stopped-sharply"));
}

TEST_CASE("stops: what the pilot says of one flight ends its setup's ranges") {
  StopWorld w({"bitrate"});
  w.fly("A"), w.fly("B", 5000);
  w.c.runs[0].ended = campaign::Ended::EquipmentCap;
  const CampaignAnalysis a = w.analysed();
  REQUIRE(a.caps.size() == 1);
  CHECK(a.caps[0].setups == std::vector<std::string>{"A"});
  const SetupOnLink* of_a = a.find("A", "video");
  REQUIRE(of_a);
  CHECK_THAT(of_a->stops_m.value_or(0), WithinAbs(kStop_m, 15));
  // Both, at two places: neither is said to stop where the other does.
  StopWorld two({"bitrate"});
  two.fly("A", 1200), two.fly("B");
  for (campaign::Run& r : two.c.runs) r.ended = campaign::Ended::EquipmentCap;
  const CampaignAnalysis both = two.analysed();
  REQUIRE(both.setup_comparisons.size() == 1);
  CHECK(verdictOf(two.c, both, both.setup_comparisons[0]).code == "pair-stopped-apart");
}
