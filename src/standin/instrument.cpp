#include "standin/instrument.h"

#include <algorithm>

#include "core/finding/error.h"
#include "core/simulate/instruments.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/spectrum_table.h"
#include "formats/bench/sweep_file.h"

namespace distanz::standin {
namespace {

using campaign::RecordKind;

std::string table(RecordKind kind, std::vector<campaign::Reading> readings) {
  campaign::Record record;
  record.kind = kind;
  record.readings = std::move(readings);
  return formats::writeReadings(record);
}

std::string sweep(const std::string& fault, std::uint64_t seed) {
  simulate::AntennaSample antenna{.resonance_mhz = 5795};
  if (fault == "mistuned") antenna.resonance_mhz = 5480;
  if (fault.starts_with("radiating")) antenna.hand_shift_mhz = -70;
  return formats::writeTouchstone(
      simulate::sweepOf(antenna, 5300, 6300, 401, fault == "radiating-held", seed));
}

}  // namespace

const std::vector<Instrument>& instruments() {
  static const std::vector<Instrument> kAll = {
      {"sweep", "", "an antenna that fits its channel"},
      {"sweep", "mistuned", "an antenna tuned beside its channel"},
      {"sweep", "radiating", "an antenna whose cable radiates, the cable left free"},
      {"sweep", "radiating-held", "the same, the cable held in the hand"},
      {"power", "", "a transmitter that warms up and holds"},
      {"power", "throttling", "a transmitter that throttles when it is hot"},
      {"signal", "", "a receiver's own scale against a stepped attenuator"},
      {"turntable", "", "a beam antenna on a turntable"},
      {"turntable", "left-hand", "a left-hand antenna in a right-hand set"},
      {"ground", "", "a receiver's counters over a minute of attitudes"},
      {"ground", "blind-side", "a receiver with a blind side"},
      {"swap", "", "a part that is worth 3 dB, on and off"},
      {"spectrum", "", "a transmitter, idle"},
      {"spectrum", "armed", "the same, armed, with a shoulder"}};
  return kAll;
}

std::string tell(const std::string& kind, const std::string& fault, std::uint64_t seed) {
  const auto& all = instruments();
  if (std::none_of(all.begin(), all.end(),
                   [&](const Instrument& i) { return kind == i.kind && fault == i.fault; }))
    throw InputError(finding("standin-unknown", {{"kind", kind}, {"fault", fault}}));
  if (kind == "sweep") return sweep(fault, seed);
  if (kind == "power")
    return table(RecordKind::Power, simulate::powerReadings({.throttles_at_c = fault.empty() ? 1000.0 : 66.0},
                                                            "250 mW", 240, 15, seed));
  if (kind == "signal") return table(RecordKind::Signal, simulate::scaleReadings(-30, -110, -45, seed));
  if (kind == "turntable") {
    auto readings = simulate::turnReadings(52, 19, 0, seed);
    constexpr double kWrongHand_db = 22;  // between circles of an axial ratio of 1.4 dB
    if (!fault.empty())
      for (campaign::Reading& r : readings) r.values["level_db"] -= kWrongHand_db;
    return table(RecordKind::Turntable, std::move(readings));
  }
  if (kind == "ground") return table(RecordKind::Ground, simulate::groundReadings(!fault.empty(), seed));
  if (kind == "swap") return table(RecordKind::Swap, simulate::swapReadings(3, 5, seed));
  return formats::writeSpectrum(simulate::spectrumTrace(5790, 20, !fault.empty(), seed));
}

}  // namespace distanz::standin
