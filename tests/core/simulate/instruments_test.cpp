// The faults that simulated instruments have are those that their records are found to have.
#include "core/simulate/instruments.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"
#include "core/records/record_result.h"
#include "support/judged.h"

using namespace distanz;
using namespace distanz::simulate;
using campaign::RecordKind;
using Catch::Matchers::WithinAbs;
using test::figure;
using test::has;

namespace {

records::RecordResult judged(RecordKind kind, std::vector<campaign::Reading> readings,
                             std::map<std::string, double> settings = {},
                             std::vector<records::FileData> files = {}) {
  static const campaign::Campaign c = test::oneChannel();
  campaign::Record r;
  r.kind = kind;
  r.readings = std::move(readings);
  r.settings = std::move(settings);
  return records::judge({c, r, files, {}, {}});
}

records::FileData swept(const AntennaSample& a, const char* role, bool held = false) {
  return {role, role, sweepOf(a, 5400, 6200, 801, held, 4), {}};
}

}  // namespace

TEST_CASE("instruments: a mistuned antenna and a radiating cable are found, sound ones are not blamed") {
  const auto good = judged(RecordKind::Sweep, {}, {}, {swept({}, "")});
  CHECK(has(good, "fits-channel"));
  CHECK_THAT(figure(good, "vswr").value.value, WithinAbs(1.1, 0.02));  // the resistance that was asked for
  const auto mistuned = judged(RecordKind::Sweep, {}, {}, {swept({.resonance_mhz = 5650}, "")});
  CHECK(has(mistuned, "misses-channel"));
  const AntennaSample radiating{.hand_shift_mhz = -80};
  CHECK(has(judged(RecordKind::Sweep, {}, {}, {swept(radiating, "free"), swept(radiating, "held", true)}),
            "cable-radiates"));
  CHECK(has(judged(RecordKind::Sweep, {}, {}, {swept({}, "free"), swept({}, "held", true)}), "cable-still"));
  CHECK_THROWS_AS(sweepOf({}, 5400, 6200, 1, false, 1), DomainError);
}

TEST_CASE("instruments: a transmitter that throttles, one that does not") {
  const TransmitterSample cool{}, hot{.throttles_at_c = 60};
  CHECK_FALSE(has(judged(RecordKind::Power, powerReadings(cool, "full", 240, 10, 3)), "power-throttles"));
  const auto throttling = judged(RecordKind::Power, powerReadings(hot, "full", 240, 10, 3));
  CHECK(has(throttling, "power-throttles"));
  CHECK_THAT(10 * std::log10(figure(throttling, "power-settled").value.value),  // of mW
             WithinAbs(hot.settled_dbm - hot.throttle_db, 0.1));
}

TEST_CASE(
    "instruments: a scale's ends, a beam's width, a reflection, a blind side, a part that does something") {
  const auto scale = judged(RecordKind::Signal, scaleReadings(-30, -110, -45, 2), {{"source_dbm", -30}});
  CHECK_THAT(figure(scale, "scale-floor").value.value, WithinAbs(-110, 2.5));
  CHECK_THAT(figure(scale, "scale-ceiling").value.value, WithinAbs(-45, 2.5));
  const auto turn = judged(RecordKind::Turntable, turnReadings(60, 22, 0, 2));
  CHECK_THAT(figure(turn, "beam-width").value.value, WithinAbs(60, 6));
  CHECK_FALSE(has(turn, "turn-uneven"));
  CHECK(has(judged(RecordKind::Turntable, turnReadings(110, 22, 4, 2)), "turn-uneven"));
  CHECK(has(judged(RecordKind::Ground, groundReadings(false, 2)), "ground-fly"));
  CHECK(has(judged(RecordKind::Ground, groundReadings(true, 2)), "ground-do-not-fly"));
  CHECK(has(judged(RecordKind::Swap, swapReadings(4, 6, 2)), "swap-better"));
  CHECK_FALSE(has(judged(RecordKind::Swap, swapReadings(0, 6, 2)), "swap-better"));
}

TEST_CASE(
    "instruments: a spectrum as wide as asked for, with a shoulder once armed; the same seed, the same "
    "readings") {
  const bench::Trace idle = spectrumTrace(5790, 20, false, 1), armed = spectrumTrace(5790, 20, true, 1);
  const auto result =
      judged(RecordKind::Spectrum, {}, {}, {{"idle", "i", {}, {idle}}, {"armed", "a", {}, {armed}}});
  // 99 % of 20 MHz with slopes of 3 dB a MHz on both sides: 0.5 % of 22.9 lie beyond 3.68 MHz of each.
  CHECK_THAT(figure(result, "occupied").value.value, WithinAbs(27.4, 0.6));
  CHECK(figure(result, "armed-over-idle").value.value > 5);
  CHECK(has(result, "traces-differ"));
  const bench::Trace again = spectrumTrace(5790, 20, false, 3);
  CHECK(has(judged(RecordKind::Spectrum, {}, {}, {{"idle", "i", {}, {idle}}, {"armed", "a", {}, {again}}}), "traces-alike"));
  CHECK(spectrumTrace(5790, 20, true, 1).level_dbm == armed.level_dbm);
  CHECK(spectrumTrace(5790, 20, true, 2).level_dbm != armed.level_dbm);
  CHECK(swapReadings(3, 4, 9) == swapReadings(3, 4, 9));
}
