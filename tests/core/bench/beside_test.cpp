#include "core/bench/beside.h"

#include <cmath>

#include <catch2/catch.hpp>

#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::bench;
using Catch::Matchers::WithinAbs;

namespace {

const Victim kGnss{"L1", 1559, 1592, -110.5, false, 1};

const Beside* of(const std::vector<Beside>& all, BesideKind kind) {
  for (const Beside& b : all)
    if (b.kind == kind) return &b;
  return nullptr;
}

}  // namespace

TEST_CASE("beside: a strong transmitter overloads a satellite receiver and its noise covers it") {
  // By hand: 20 log10(4 pi 0.1 m f / c) is 14.721 dB at 1300 MHz and 16.390 dB at 1575.5 MHz. Noise: 30 dBm - 150 dB/Hz
  // + 60 dB for 1 MHz is -60 dBm.
  const auto all = besides({"video", 1300, 20, 30}, kGnss, 0.1, {});
  REQUIRE(all.size() == 2);
  const Beside* blocks = of(all, BesideKind::Blocking);
  REQUIRE(blocks);
  CHECK_THAT(blocks->isolation.short_db(), WithinAbs(30 - 14.721 + 34, 0.01));
  const Beside* noise = of(all, BesideKind::Noise);
  REQUIRE(noise);
  CHECK_THAT(noise->isolation.short_db(), WithinAbs(-60 - 16.390 + 110.5, 0.01));
}

TEST_CASE("beside: each filter helps against what it stops, and the distance told is enough") {
  const Emitter video{"video", 1300, 20, 30};
  const auto bare = besides(video, kGnss, 0.1, {}), filtered = besides(video, kGnss, 0.1, {25, 40});
  CHECK_THAT(of(bare, BesideKind::Blocking)->isolation.short_db() - of(filtered, BesideKind::Blocking)->isolation.short_db(),
             WithinAbs(40, 1e-9));
  CHECK_THAT(of(bare, BesideKind::Noise)->isolation.short_db() - of(filtered, BesideKind::Noise)->isolation.short_db(),
             WithinAbs(25, 1e-9));
  for (const Beside& b : bare) {
    const auto away = besides(video, kGnss, b.isolation.apart_m * 1.001, {});
    CHECK(of(away, b.kind)->isolation.enough());
  }
}

TEST_CASE("beside: in the band the carrier itself counts, near it a receiver bears less, and its own figures rule") {
  const auto in = besides({"a", 2440, 10, 20}, {"b", 2400, 2480, -100, false, 20}, 1, {60, 60});
  REQUIRE(in.size() == 1);
  CHECK(in[0].kind == BesideKind::InBand);
  CHECK_THAT(in[0].isolation.needed_db, WithinAbs(120, 1e-9));
  CHECK(blocksFrom_dbm({"a", 2495, 10, 20}, {"b", 2400, 2480, -100}) == kBlocksNear_dbm);
  CHECK(blocksFrom_dbm({"a", 5800, 10, 20}, {"b", 2400, 2480, -100}) == kBlocks_dbm);
  Victim own{"b", 2400, 2480, -100, false, 20};
  own.blocks_dbm = -10;
  CHECK(blocksFrom_dbm({"a", 2495, 10, 20}, own) == -10);
  Emitter quiet{"a", 5800, 10, 20};
  const double usual = of(besides(quiet, own, 1, {}), BesideKind::Noise)->isolation.level_dbm;
  quiet.noise_dbc_hz = -170;
  CHECK_THAT(usual - of(besides(quiet, own, 1, {}), BesideKind::Noise)->isolation.level_dbm, WithinAbs(20, 1e-9));
}

TEST_CASE("beside: what the receiver does not say is not judged") {
  CHECK(besides({"a", 2440, 10, 20}, {"b", 2400, 2480, NAN}, 1, {}).empty());
  const auto blind = besides({"a", 5800, 10, 20}, {"b", 2400, 2480, NAN, false, 20}, 1, {});
  REQUIRE(blind.size() == 1);
  CHECK(blind[0].kind == BesideKind::Blocking);
  CHECK(besides({"a", 5800, 10, 20}, {"b", 2440, 2440, -100, false, 0}, 1, {}).size() == 1);
  CHECK_THROWS_AS(besides({"a", 5800, 10, 20}, kGnss, 0, {}), DomainError);
}
