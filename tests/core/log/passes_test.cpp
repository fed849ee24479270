#include "core/log/passes.h"

#include <catch2/catch.hpp>

using namespace distanz::log;
using Catch::Matchers::WithinAbs;

namespace {

struct Walked {
  std::vector<double> time_s, along_m, signal;
  void to(double m, double speed = 5) {
    double at = along_m.empty() ? 0 : along_m.back();
    const double way = m > at ? 1 : -1;
    for (; way * (m - at) > 0; at += way * speed / 5) {
      time_s.push_back(time_s.empty() ? 0 : time_s.back() + 0.2);
      along_m.push_back(at);
      signal.push_back(-60 - at / 10);
    }
  }
};

}  // namespace

TEST_CASE("passes: out and back through a stretch are two, laps are counted, a look inside is none") {
  Walked w;
  w.to(400), w.to(0), w.to(110), w.to(0), w.to(400);
  const Stretch shed{100, 200}, far{300, 390};
  const std::vector<Stretch> stretches{shed, far};
  const std::vector<Pass> passes = passesOf(w.time_s, w.along_m, stretches);
  int of_shed = 0, of_far = 0;
  for (const Pass& p : passes) ++(p.stretch == 0 ? of_shed : of_far);
  CHECK(of_shed == 3);
  CHECK(of_far == 3);
  CHECK(passes[0].out);
  CHECK_FALSE(passes[2].out);  // through the far stretch on the way back: its turn lies behind it
  CHECK_THAT(passes[0].end_s - passes[0].begin_s, WithinAbs(20, 0.5));
}

TEST_CASE("passes: a turn inside a stretch parts the way out from the way back") {
  Walked w;
  w.to(180), w.to(0);
  const std::vector<Stretch> stretches{{100, 200}};
  const std::vector<Pass> passes = passesOf(w.time_s, w.along_m, stretches);
  REQUIRE(passes.size() == 2);
  CHECK(passes[0].out);
  CHECK_FALSE(passes[1].out);
  CHECK(passes[1].lap == 2);
}

TEST_CASE("passes: mean, worst second, share of time and dropouts of one pass") {
  Walked w;
  w.to(300);
  const std::vector<Stretch> stretches{{100, 200}};
  const Pass pass = passesOf(w.time_s, w.along_m, stretches).at(0);
  const std::vector<Dropout> lost{{pass.begin_s - 3, pass.begin_s + 2}, {pass.end_s - 3, pass.end_s + 10}};
  const PassSeen seen = seenIn(pass, stretches[0], w.time_s, w.along_m, w.signal, std::span<const Dropout>(lost));
  CHECK_THAT(seen.mean, WithinAbs(-75, 0.2));
  CHECK_THAT(seen.worst_second, WithinAbs(-79.9, 0.3));
  CHECK_THAT(seen.usable_share, WithinAbs(1 - 5.0 / (pass.end_s - pass.begin_s), 0.01));
  CHECK(seen.dropouts == 1);
  REQUIRE(seen.profile.size() == kProfile);
  CHECK(seen.profile.front() > seen.profile.back());
  const PassSeen deaf = seenIn(pass, stretches[0], w.time_s, w.along_m, {}, std::nullopt);
  CHECK(std::isnan(deaf.mean));
  CHECK(std::isnan(deaf.usable_share));
  CHECK(deaf.profile.empty());
}

TEST_CASE("passes: a place that is not known belongs to none, and a gap parts two laps") {
  Walked w;
  w.to(300);
  for (std::size_t i = 0; i < w.along_m.size(); ++i)
    if (w.along_m[i] > 140 && w.along_m[i] < 160) w.along_m[i] = NAN;
  const std::vector<Stretch> stretches{{100, 200}};
  CHECK(passesOf(w.time_s, w.along_m, stretches).empty());  // neither side of a 4 s gap is half of the stretch
  const std::vector<double> nowhere(w.time_s.size(), NAN);
  CHECK(passesOf(w.time_s, nowhere, stretches).empty());
  CHECK(passesOf({}, {}, stretches).empty());
}

TEST_CASE("passes: readings written by hand, one in many seconds, make a pass too", "[regression]") {
  const std::vector<double> time_s{0, 20, 40, 60, 80, 100}, along{0, 125, 250, 250, 125, 0}, signal{-50, -60, -70, -71, -61, -51};
  const std::vector<Stretch> stretches{{100, 260}};
  const std::vector<Pass> passes = passesOf(time_s, along, stretches);
  REQUIRE(passes.size() == 2);
  CHECK(passes[0].out);
  CHECK_FALSE(passes[1].out);
  const std::vector<double> long_after{0, 20, 40, 900, 920, 940};
  CHECK(passesOf(long_after, along, stretches).size() == 2);
  CHECK(std::isfinite(seenIn(passes[0], stretches[0], time_s, along, signal, std::nullopt).mean));
}
