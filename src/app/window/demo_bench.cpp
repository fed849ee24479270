#include "app/window/demo_bench.h"

#include "core/simulate/instruments.h"
#include "formats/bench/spectrum_table.h"
#include "formats/bench/sweep_file.h"

namespace distanz::app {
namespace {

using campaign::Record;
using campaign::RecordKind;

class DemoBench {
 public:
  explicit DemoBench(campaign::Campaign& c) : m_campaign(c) {}

  /// Id of the part in a setup's slot.
  std::string partOf(const char* setup, const char* link, std::string campaign::SetupLink::*slot) const {
    const campaign::Setup* s = campaign::findSetup(m_campaign, setup);
    return s && s->links.contains(link) ? s->links.at(link).*slot : std::string();
  }

  Record& add(RecordKind kind, const char* name, const std::string& part, const char* link,
              const char* made_at, const char* instrument) {
    Record r;
    r.id = campaign::freeRecordId(m_campaign);
    r.kind = kind;
    r.name = name;
    r.part = part;
    r.link = link;
    r.made_at = made_at;
    r.instrument = instrument;
    r.place = "pump house, Mirren canal";
    r.notes = "simulated";
    m_campaign.records.push_back(std::move(r));
    return m_campaign.records.back();
  }

  void file(Record& r, const std::string& name, const char* role, std::string bytes) {
    r.files.push_back({name, {}, role, {}});
    m_files[name] = std::move(bytes);
  }

  std::map<std::string, std::string> files() { return std::move(m_files); }

 private:
  campaign::Campaign& m_campaign;
  std::map<std::string, std::string> m_files;
};

constexpr const char* kAnalyser = "stand-in analyser";

void sweeps(DemoBench& bench, const std::string& patch, const std::string& stub) {
  const auto sweep = [](const simulate::AntennaSample& a, bool held, std::uint64_t seed) {
    return formats::writeTouchstone(simulate::sweepOf(a, 5400, 6200, 401, held, seed));
  };
  Record& covered =
      bench.add(RecordKind::Sweep, "Under its cover", patch, "video", "2026-10-02 17:10", kAnalyser);
  bench.file(covered, "patch-bare.s1p", "bare", sweep({.resonance_mhz = 5800}, false, 11));
  bench.file(covered, "patch-covered.s1p", "covered", sweep({.resonance_mhz = 5655}, false, 12));
  Record& grip =
      bench.add(RecordKind::Sweep, "Cable check", stub, "video", "2026-10-02 17:25", kAnalyser);
  const simulate::AntennaSample radiating{
      .resonance_mhz = 5795, .quality = 14, .resistance = 1.2, .hand_shift_mhz = -70};
  bench.file(grip, "stub-free.s1p", "free", sweep(radiating, false, 13));
  bench.file(grip, "stub-held.s1p", "held", sweep(radiating, true, 14));
}

}  // namespace

std::map<std::string, std::string> addDemoBench(campaign::Campaign& c) {
  using campaign::SetupLink;
  DemoBench bench(c);
  const std::string patch = bench.partOf("A", "video", &SetupLink::rx_antenna),
                    helix = bench.partOf("B", "video", &SetupLink::rx_antenna),
                    stub = bench.partOf("C", "video", &SetupLink::rx_antenna),
                    sender = bench.partOf("A", "video", &SetupLink::transmitter);
  sweeps(bench, patch, stub);
  Record& power = bench.add(RecordKind::Power, "Four minutes at 250 mW", sender, "video", "2026-10-03 08:40",
                            "stand-in power meter");
  power.settings = {{"nominal_dbm", 24}, {"attenuator_db", 30}};
  power.readings = simulate::powerReadings(
      {.settled_dbm = 23.4 - 30, .throttles_at_c = 66, .throttle_db = 2.6}, "250 mW", 240, 15, 15);
  Record& turn = bench.add(RecordKind::Turntable, "Antenna pattern", helix, "video", "2026-10-03 10:15",
                           "stand-in receiver");
  turn.settings = {{"reference_gain_dbi", 2.15}, {"reference_level_db", -46.5}, {"spare_db", 6}};
  turn.readings = simulate::turnReadings(52, 19, 0, 16);
  Record& signal = bench.add(RecordKind::Signal, "Percent to dBm", {}, "control", "2026-10-03 11:05",
                             "stepped attenuator");
  signal.answers["scale"] = "percent";
  signal.settings["source_dbm"] = -30;
  signal.readings = simulate::scaleReadings(-30, -110, -45, 17);
  Record& ground = bench.add(RecordKind::Ground, "Before the first flight", {}, "control", "2026-10-04 06:10",
                             "receiver counters");
  ground.settings = {{"distance_m", 30}, {"reduced_db", 20}, {"duration_s", 60}};
  ground.readings = simulate::groundReadings(false, 18);
  Record& swap = bench.add(RecordKind::Swap, "Choke on, off, on, off", {}, "video", "2026-10-04 06:30",
                           "ground receiver");
  swap.answers["scale"] = "dB";
  swap.readings = simulate::swapReadings(3, 5, 19);
  Record& spectrum = bench.add(RecordKind::Spectrum, "Idle against armed", sender, "video",
                               "2026-10-04 06:45", "stand-in spectrum analyser");
  bench.file(spectrum, "video-idle.csv", "idle",
             formats::writeSpectrum(simulate::spectrumTrace(5790, 20, false, 20)));
  bench.file(spectrum, "video-armed.csv", "armed",
             formats::writeSpectrum(simulate::spectrumTrace(5790, 20, true, 21)));
  return bench.files();
}

}  // namespace distanz::app
