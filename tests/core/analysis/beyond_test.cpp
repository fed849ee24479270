#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

#include "core/analysis/findings/beyond.h"
#include "core/analysis/findings/findings.h"
#include "core/log/sides.h"
#include "support/flown_log.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using namespace distanz::test;
using Catch::Matchers::WithinAbs;

namespace {

double falling(double out_m) { return -45 - 27 * std::log10(std::max(out_m, 10.0) / 10); }

/// Flights over a path with a shed on it, behind which A loses `shed_db` more than B, and quality follows the signal.
struct ShedWorld {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random{5};
  double shed_db = 8;
  void fly(const char* setup, campaign::Method method = campaign::Method::Course, int laps = 2) {
    addRun(c, setup).method = method;
    FlownLog flown{600};
    flown.laps = laps;
    log::Recording r = flown.begin();
    const double day = random.normal();
    const auto signal = [&](double m) { return falling(m) + day - (m > 200 && m < 300 ? 6 + (*setup == 'A' ? shed_db : 0) : 0); };
    flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return signal(m) + 2 * random.normal(); });
    flown.add(r, "control.lq_pct", [&](double m, bool, double) { return signal(m) < -92 ? 30 : 100; });
    logs.push_back(std::move(r));
  }
  ShedWorld() {
    c.paths[0].segments = {{"behind the shed", 200, 300}, {"open field", 400, 550}};
  }
};

const SegmentPair* pairOn(const CampaignAnalysis& a, const char* segment) {
  for (const SegmentPair& p : a.segment_pairs)
    if (p.segment == segment) return &p;
  return nullptr;
}

}  // namespace

TEST_CASE("courses: setups are told apart on the stretch where they differ, and enter no range") {
  ShedWorld w;
  for (int i = 0; i < 4; ++i) w.fly("A"), w.fly("B");
  w.c.planned_pairs = 4;
  const CampaignAnalysis a = analyseLogs(w.c, w.logs);
  CHECK(a.setups.empty());
  CHECK(a.comparisons.empty());
  CHECK(a.answers.empty());
  for (const RunResult& r : a.runs) {
    CHECK_FALSE(r.used);
    CHECK(r.in_segments);
    CHECK(r.why_not->code == "is-a-course");
  }
  CHECK(onCoursesOnly(w.c, a, "A"));
  CHECK_FALSE(onCoursesOnly(w.c, a, "C"));
  CHECK(limitOf(w.c, a, "B").code == "flown-on-courses");
  CHECK(std::ranges::count(findings(w.c, a), "flown-on-courses", &Finding::code) == 2);
  const SegmentPair* shed = pairOn(a, "behind the shed");
  REQUIRE(shed);
  CHECK(shed->verdict == estimate::Verdict::BBetter);
  CHECK(shed->holds_for_all);
  CHECK(shed->delta.low <= -w.shed_db);
  CHECK(shed->delta.high >= -w.shed_db);
  CHECK(pairOn(a, "open field")->verdict != estimate::Verdict::ABetter);
  REQUIRE(a.segments.size() == 4);
  for (const SegmentOnLink& s : a.segments) {
    CHECK(s.flights == 4);
    CHECK(s.passes.size() == 16);  // two laps, out and back
    const bool lost = s.setup == "A" && s.segment == "behind the shed";
    CHECK(s.usable_pct->estimate == Approx(lost ? 0 : 100).margin(20));
    CHECK(*s.worst < s.mean->low);
    CHECK((s.dropouts.value() > 0.4) == lost);
  }
}

TEST_CASE("courses: where only a bitrate or a receiver's own scale is logged, sections are told in it, with a verdict") {
  ShedWorld w;
  for (int i = 0; i < 4; ++i) w.fly("A"), w.fly("B");
  w.c.planned_pairs = 4;
  const auto with = [&](const char* channel, const std::function<double(double)>& of) {
    std::vector<log::Recording> logs = w.logs;
    for (log::Recording& r : logs)
      for (log::Column& c : r.columns)
        if (c.channel == "control.rssi_dbm") {
          c.channel = channel;
          for (double& v : c.values) v = of(v);
        }
    return analyseLogs(w.c, logs);
  };
  const auto rate = [](double dbm) { return 40 / (1 + std::exp(-(dbm + 70) / 6)); };
  const CampaignAnalysis told = with("control.bitrate_mbps", rate);
  const SegmentPair* shed = pairOn(told, "behind the shed");
  REQUIRE(shed);
  CHECK(shed->figure == log::PassFigure::Bitrate);
  CHECK(shed->verdict == estimate::Verdict::BBetter);
  CHECK(shed->delta.high < 0);
  CHECK(pairOn(told, "open field")->verdict != estimate::Verdict::ABetter);
  for (const SegmentOnLink& s : told.segments) {
    REQUIRE(s.mean);
    CHECK(s.mean->low < s.mean->high);
    CHECK(s.mean->estimate > 0);
    CHECK(s.mean->estimate < 40);
  }
  const auto said = test::said(segmentsTold(w.c, told, "control").front());
  CAPTURE(said.title, said.text);
  CHECK_THAT(said.title, Catch::Matchers::Contains("Mbit/s"));
  // Percent of a receiver that runs from 0 to 99, and one that counts down.
  for (const double turned : {1.0, -1.0}) {
    const CampaignAnalysis scale = with("control.level", [&](double dbm) { return turned * std::clamp((dbm + 110) * 1.5, 0.0, 99.0); });
    const SegmentPair* p = pairOn(scale, "behind the shed");
    REQUIRE(p);
    CHECK(p->figure == log::PassFigure::Scale);
    if (turned > 0) CHECK(p->verdict == estimate::Verdict::BBetter);
  }
}

TEST_CASE("courses: equal setups are seldom called better by their bitrate", "[simulation]") {
  int better = 0, covered = 0, all = 0;
  for (unsigned seed = 1; seed <= 120; ++seed) {
    ShedWorld w;
    w.shed_db = 0;
    w.random = dice::Random(seed);
    for (int i = 0; i < 3; ++i) w.fly("A"), w.fly("B");
    w.c.planned_pairs = 3;
    for (log::Recording& r : w.logs)
      for (log::Column& c : r.columns)
        if (c.channel == "control.rssi_dbm") {
          c.channel = "control.bitrate_mbps";
          for (double& v : c.values) v = 40 / (1 + std::exp(-(v + 70) / 6));
        }
    const CampaignAnalysis a = analyseLogs(w.c, w.logs);
    for (const SegmentPair& p : a.segment_pairs) {
      ++all;
      better += p.verdict == estimate::Verdict::ABetter || p.verdict == estimate::Verdict::BBetter;
      covered += p.delta.low <= 0 && p.delta.high >= 0;
    }
  }
  CAPTURE(better, covered, all);
  CHECK(better <= 0.08 * all);
  CHECK(covered >= 0.92 * all);
}

TEST_CASE("courses: flights over the path tell their segments too, and only those make a range") {
  ShedWorld w;
  for (int i = 0; i < 3; ++i) w.fly("A", campaign::Method::PathFlight, 1), w.fly("B", campaign::Method::Course);
  const CampaignAnalysis a = analyseLogs(w.c, w.logs);
  REQUIRE(a.setups.size() == 1);
  CHECK(a.setups[0].setup == "A");
  CHECK(a.setups[0].runs_used == 3);
  CHECK(pairOn(a, "behind the shed"));
}

TEST_CASE("courses: one flight each decides nothing, and one way of them counts where it is said") {
  ShedWorld w;
  w.fly("A"), w.fly("B");
  CHECK(pairOn(analyseLogs(w.c, w.logs), "behind the shed")->verdict == estimate::Verdict::Undecided);
  w.c.runs[0].legs = campaign::Legs::Out;
  for (const SegmentOnLink& s : analyseLogs(w.c, w.logs).segments) CHECK(s.passes.size() == (s.setup == "A" ? 2u : 4u));
}

TEST_CASE("caps: setups of different signal that all stop at one distance met a limit of the equipment") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random(3);
  const bool capped = GENERATE(true, false);
  for (int i = 0; i < 3; ++i)
    for (const char* setup : {"A", "B"}) {
      addRun(c, setup);
      FlownLog flown{1200};
      log::Recording r = flown.begin();
      const double gain = *setup == 'A' ? 0 : 8, day = random.normal();
      const double stop = capped ? 1000 + 3 * i : *setup == 'A' ? 700 + 30 * i : 1100 + 40 * i;
      const auto on = [=](double m, bool outward) { return m < stop || (!outward && m < stop - 100); };
      flown.add(r, "control.rssi_dbm", [&](double m, bool outward, double) { return on(m, outward) ? falling(m) + 8 + gain + day + random.normal() : NAN; });
      flown.add(r, "control.lq_pct", [&](double m, bool outward, double) { return on(m, outward) ? 100 : 0; });
      logs.push_back(std::move(r));
    }
  const CampaignAnalysis a = analyseLogs(c, logs);
  CHECK(warned(a, "equipment-limit") == capped);
  REQUIRE(a.caps.size() == (capped ? 1u : 0u));
  if (!capped) {
    CHECK(warned(a, "stopped-sharply", "A1"));
    return;
  }
  CHECK_THAT(a.caps[0].at_m, WithinAbs(1003, 10));
  CHECK(a.caps[0].runs.size() == 6);
  CHECK(a.caps[0].setups.size() == 2);
  CHECK(a.interference.empty());  // what stopped there was no disturbance, and no hole
  CHECK(a.holes.empty());
  for (const SetupOnLink& s : a.setups) CHECK(s.failures == 0);
  CHECK_FALSE(warned(a, "stopped-sharply"));
}

TEST_CASE("steps: the first change of rate on the way out, by power, with flights that never changed as limits") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random(23);
  for (int i = 0; i < 4; ++i)
    for (const char* setup : {"A", "B"}) {
      addRun(c, setup);
      FlownLog flown{1000};
      log::Recording r = flown.begin();
      const double step = *setup == 'A' ? 600 + 20 * i : 5000;
      flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return falling(m) + random.normal(); });
      flown.add(r, "control.power_mw", [&](double, bool, double) { return i < 2 ? 25 : 100; });
      flown.add(r, "control.rate_hz", [&](double m, bool, double) { return m < step ? 150 : 50; });
      logs.push_back(std::move(r));
    }
  const CampaignAnalysis a = analyseLogs(c, logs);
  REQUIRE(a.steps.size() == 4);  // two setups at two powers
  for (const StepsOnLink& s : a.steps) {
    CHECK(s.channel == "rate_hz");
    CHECK(s.flights == 2);
    REQUIRE(s.power_mw);
    if (s.setup == "A") {
      CHECK(s.stepped == 2);
      REQUIRE(s.first_m);
      CHECK(s.first_m->low < (*s.power_mw < 50 ? 610 : 650));
      CHECK(s.first_m->high > (*s.power_mw < 50 ? 610 : 650));
      CHECK_THAT(s.share.at(50), WithinAbs(1 - (*s.power_mw < 50 ? 0.61 : 0.65), 0.02));
    } else {
      CHECK(s.stepped == 0);
      CHECK_FALSE(s.first_m);
      CHECK_THAT(s.at_least_m.value(), WithinAbs(1000, 5));
    }
  }
}

TEST_CASE("freezes: per km with an interval, per 100 m, lost and regained apart; the control link that lived on is told") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random(23);
  for (int i = 0; i < 3; ++i)
    for (const char* setup : {"A", "B"}) {
      addRun(c, setup);
      FlownLog flown{1000};
      log::Recording r = flown.begin();
      const bool weak = *setup == 'A';
      flown.add(r, "video.bitrate_mbps", [&](double m, bool outward, double) { return weak && m > 720 && (outward ? m < 900 : m < 800) ? 0 : 20; });
      flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return falling(m) + random.normal(); });
      flown.add(r, "control.lq_pct", [&](double, bool, double) { return 100; });
      logs.push_back(std::move(r));
    }
  const CampaignAnalysis a = analyseLogs(c, logs);
  REQUIRE(a.freezes.size() == 2);
  const FreezesOnLink& weak = a.freezes[0];
  CHECK(weak.freezes == 6);
  CHECK_THAT(weak.flown_m, WithinAbs(6000, 60));
  CHECK_THAT(weak.per_km->estimate, WithinAbs(1, 0.02));
  CHECK(weak.per_km->low < 1);
  CHECK(weak.per_km->high > 1);
  for (const FreezesPer100m& s : weak.stretches) CHECK(s.freezes == (s.from_m == 700 ? 6 : 0));
  CHECK(a.freezes[1].per_km->estimate == 0);
  CHECK_THAT(a.freezes[1].per_km->high, WithinAbs(-std::log(0.05) / 6, 0.02));  // none in 6 km
  REQUIRE(a.lived_on.size() == 3);
  CHECK(a.lived_on[0].link == "control");
  CHECK_THAT(a.lived_on[0].frozen_at_m, WithinAbs(722, 5));
  CHECK_THAT(a.lived_on[0].alive_to_m, WithinAbs(1000, 5));
}

TEST_CASE("sides: an aircraft deaf on one side is found from a circle and legs, and explains the drop in the turn") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random(11);
  const auto pattern = [](double side_deg) { return side_deg > 45 && side_deg < 135 ? -9.0 : 0.0; };  // the right side
  for (int i = 0; i < 3; ++i) {
    addRun(c, "A").method = campaign::Method::Course;
    log::Recording r;
    std::vector<double> lat, lon, heading, rssi;
    const double day = random.normal();
    for (int k = 0; k < 1800; ++k) {  // yawing slowly at places 300 m to 420 m out
      r.time_s.push_back(0.2 * k);
      const course::Position p = course::destination({46.91, 20.96}, {300 + 0.0667 * k, 0});
      lat.push_back(p.lat_deg), lon.push_back(p.lon_deg);
      heading.push_back(std::fmod(1.7 * k, 360));
      const double side = std::fmod(180 - heading.back() + 720, 360);
      rssi.push_back(-70 + day + pattern(side) + random.normal());
    }
    r.columns = {{"lat_deg", lat}, {"lon_deg", lon}, {"heading_deg", heading}, {"control.rssi_dbm", rssi}};
    logs.push_back(std::move(r));
  }
  const CampaignAnalysis a = analyseLogs(c, logs);
  REQUIRE(a.sides.size() == 1);
  const SidesOnLink& s = a.sides[0];
  CHECK(s.sides_seen == log::kSectors);
  CHECK(s.by_heading);
  const double mean = -9.0 * 6 / 24;
  CHECK_THAT(s.side_db[6]->estimate, WithinAbs(-9 - mean, 1.0));   // 90 degrees
  CHECK_THAT(s.side_db[18]->estimate, WithinAbs(-mean, 1.0));
  CHECK(s.side_db[6]->high < -3);
  CHECK(s.bearings_seen == 0);  // it was always in one direction
}

TEST_CASE("flown alike: one run higher, faster or beside the rest is told, the rest are not") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  for (int i = 0; i < 4; ++i) {
    addRun(c, i % 2 ? "B" : "A");
    FlownLog flown{1000, i == 2 ? 18.0 : 10.0 + 0.3 * i};
    log::Recording r = flown.begin();
    flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return falling(m) - i; });
    flown.add(r, "height_m", [&](double, bool, double) { return i == 2 ? 95 : 60 + i; });
    flown.add(r, "heading_deg", [&](double, bool outward, double) { return outward ? (i == 2 ? 40 : i == 1 ? 355 : 3) : 180; });
    logs.push_back(std::move(r));
  }
  const CampaignAnalysis a = analyseLogs(c, logs);
  for (const char* code : {"other-height", "other-speed", "other-heading"}) {
    CAPTURE(code);
    CHECK(warned(a, code, "A2"));
    for (const char* id : {"A1", "B1", "B2"}) CHECK_FALSE(warned(a, code, id));
  }
}

TEST_CASE("flown alike: one that climbs on the way out is told") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  dice::Random random(2);
  for (int i = 0; i < 3; ++i) {
    addRun(c, "A");
    FlownLog flown{1000};
    log::Recording r = flown.begin();
    flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return falling(m) + random.normal(); });
    flown.add(r, "height_m", [&](double m, bool, double) { return i == 1 ? 30 + 0.05 * m : 60 + 3 * random.normal(); });
    logs.push_back(std::move(r));
  }
  const CampaignAnalysis a = analyseLogs(c, logs);
  CHECK(warned(a, "height-not-held", "A2"));
  CHECK_FALSE(warned(a, "height-not-held", "A1"));
}

TEST_CASE("bars: not calibrated they tell where the link was lost, and no level") {
  campaign::Campaign c = twoOnPath();
  std::vector<log::Recording> logs;
  for (int i = 0; i < 3; ++i) {
    addRun(c, "A");
    FlownLog flown{1000};
    log::Recording r = flown.begin();
    const double lost = 700 + 20 * i;
    flown.add(r, "control.level", [&](double m, bool outward, double) { return m > lost || (!outward && m > lost - 80) ? 0 : m < 300 ? 5 : 2; });
    logs.push_back(std::move(r));
  }
  const CampaignAnalysis a = analyseLogs(c, logs);
  REQUIRE(a.setups.size() == 1);
  CHECK(a.setups[0].basis != Basis::Signal);
  CHECK(a.setups[0].failures == 3);
  CHECK(a.runs[0].lost_at_m.value() == Approx(700).margin(15));
  CHECK_FALSE(a.setups[0].critical_dbm);
}

TEST_CASE("marks: a run whose log says where it was keeps to that, and says so") {
  campaign::Campaign c = twoOnPath();
  addRun(c, "A").marks = {{0, 0}, {10, 2000}};
  FlownLog flown{800};
  log::Recording r = flown.begin();
  flown.add(r, "control.rssi_dbm", [&](double m, bool, double) { return falling(m); });
  const CampaignAnalysis a = analyseLogs(c, {r});
  CHECK(warned(a, "marks-not-needed", "A1"));
  CHECK(a.runs[0].farthest_m == Approx(800).margin(3));
}

TEST_CASE("courses: the same flight under two runs counts once, and a stretch named from its far end is the same stretch", "[regression]") {
  ShedWorld w;
  w.fly("A"), w.fly("B");
  addRun(w.c, "A").method = campaign::Method::Course;
  w.logs.push_back(w.logs.front());
  std::swap(w.c.paths[0].segments[0].from_m, w.c.paths[0].segments[0].to_m);
  const CampaignAnalysis a = analyseLogs(w.c, w.logs);
  CHECK(a.runs[2].why_not->code == "same-flight-as");
  CHECK_FALSE(a.runs[2].in_segments);
  REQUIRE(pairOn(a, "behind the shed"));
  for (const SegmentOnLink& s : a.segments) CHECK(s.flights == 1);
}
