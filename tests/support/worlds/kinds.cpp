#include <fmt/format.h>

#include "support/worlds/world_study.h"

namespace distanz::test {
namespace {

using dice::Random;

void byQuality(World& w) {
  for (WorldLink& l : w.links) l.rule = Rule::Quality;
}

/// From 25 mW to 400 mW, as far out as the others at the highest.
void automatic(World& w) {
  w.automatic_power_db = 12;
  for (double& level : w.links[0].level_dbm) level -= 12;
}

WorldKind rated(double hz) {
  return {"quality at " + fmt::to_string(static_cast<int>(hz)) + " Hz", [hz](World& w, Random&) {
            byQuality(w);
            w.rate_hz = hz;
          }};
}

WorldKind lost(double hz, double k_db) {
  return {"turned when lost, " + fmt::to_string(static_cast<int>(hz)) + " Hz, K " +
              fmt::to_string(static_cast<int>(k_db)) + " dB",
          [hz, k_db](World& w, Random&) {
            byQuality(w);
            w.rate_hz = hz;
            w.rice_k_db = k_db;
            w.turns_when_lost = true;
          }};
}

void twoLinks(World& w, Random&) {
  WorldLink video;
  video.id = "video";
  video.kind = campaign::LinkKind::Video;
  video.frequency_mhz = 5800;
  const double b_over_a = w.links[0].level_dbm[1] - w.links[0].level_dbm[0];
  w.links[0].level_dbm[0] += 4;
  w.links.push_back(video);
  w.links[0].level_dbm[1] = w.links[0].level_dbm[0] - 4 + b_over_a;
  w.links[1].level_dbm[1] = w.links[0].level_dbm[1] + 4;
}

std::vector<WorldKind> ofTheGround() {
  return {
      {"plain", {}},
      {"two-ray",
       [](World& w, Random& r) {
         w.two_ray = TwoRay{r.uniform(2, 5), r.uniform(15, 30), r.uniform(0.5, 0.85)};
         w.place_sd_db = r.uniform(0.8, 1.6);
       },
       true},
      {"ridge",
       [](World& w, Random& r) {
         const double from = r.uniform(700, 1100);
         w.dip = Dip{from, from + r.uniform(150, 350), r.uniform(6, 14)};
       },
       true},
      {"narrow pattern",
       [](World& w, Random& r) {
         // As strong as the other where their ranges end, apart nearer by.
         const double ends_m =
             1000 * std::pow(10, (w.links[0].level_dbm[0] - kRuleLevel_dbm) / (10 * w.exponent)) * 0.8;
         w.links[0].falls_more_db[1] = r.uniform(-6, 6);
         w.links[0].level_dbm[1] += w.links[0].falls_more_db[1] * std::log10(ends_m / 1000);
       }},
  };
}

std::vector<WorldKind> ofTheDay() {
  return {
      {"wild days",
       [](World& w, Random& r) {
         w.wild_days = true;
         w.drift_db = r.uniform(-1.5, 1.5);
       }},
      {"drift in turns", [](World& w, Random& r) { w.drift_db = r.uniform(-2, 2); }},
      {"drift in blocks",
       [](World& w, Random& r) {
         w.drift_db = r.uniform(-2, 2);
         w.in_blocks = true;
       }},
      {"interference",
       [](World& w, Random& r) {
         byQuality(w);
         const double from = r.uniform(300, 700);
         w.links[0].patch = Patch{from, from + r.uniform(80, 160), r.uniform(0.3, 1), 0.2};
       }},
      {"paired", [](World& w, Random&) { w.paired = true; }},
  };
}

/// At 5 Hz, by a quality, as the same world would be logged in dBm.
WorldKind onScale(const std::string& name, Scale scale, int bars = 6) {
  return {"scale: " + name, [scale, bars](World& w, Random& r) {
            byQuality(w);
            w.rate_hz = 5;
            w.scale = scale;
            w.bars = bars;
            w.scale_zero_dbm = r.uniform(-122, -112);
            w.scale_units = r.uniform(1.1, 2.4);
            w.scale_bend_db = scale == Scale::Logistic ? r.uniform(7, 12) : r.uniform(18, 35);
          }};
}

std::vector<WorldKind> ofOwnScales() {
  return {onScale("linear", Scale::Linear), onScale("saturating", Scale::Saturating), onScale("logistic", Scale::Logistic),
          onScale("4 bars", Scale::Bars, 4), onScale("6 bars", Scale::Bars, 6), onScale("8 bars", Scale::Bars, 8)};
}

void bitrate(World& w) {
  w.links[0].id = "video";
  w.links[0].kind = campaign::LinkKind::Video;
  w.links[0].rule = Rule::Bitrate;
  w.links[0].steps = Steps{-98, 4, 2};
}

/// Called out at posts, by whatever stands on the display.
std::vector<WorldKind> ofCalling() {
  std::vector<WorldKind> out;
  for (const double every_m : {50.0, 100.0, 250.0}) {
    const std::string every = fmt::format(", one per {:.0f} m", every_m);
    const auto called = [every_m](World& w, Random& r) {
      w.called_every_m = every_m;
      w.log_signal = w.log_quality = false;
      w.scale_zero_dbm = r.uniform(-122, -112);
      w.scale_units = r.uniform(1.1, 2.4);
    };
    out.push_back({"called: bitrate" + every, [called](World& w, Random& r) { called(w, r), bitrate(w); }});
    out.push_back({"called: bitrate and percent" + every, [called](World& w, Random& r) {
                     called(w, r), bitrate(w);
                     w.log_signal = true;
                     w.scale = Scale::Linear;
                   }});
    out.push_back({"called: grades" + every, [called](World& w, Random& r) {
                     called(w, r), byQuality(w);
                     w.links[0].id = "video";
                     w.links[0].kind = campaign::LinkKind::Video;
                     w.called_grades = true;
                   }});
  }
  return out;
}

std::vector<WorldKind> ofTheLog() {
  return {
      rated(1),
      rated(2),
      rated(5),
      rated(10),
      {"steps of 3 dB", [](World& w, Random&) { w.step_db = 3; }},
      {"GNSS, wind, hover",
       [](World& w, Random&) {
         w.gnss = true;
         byQuality(w);
       }},
      {"quality only",
       [](World& w, Random&) {
         byQuality(w);
         w.log_signal = false;
       }},
      {"bitrate in steps",
       [](World& w, Random&) { bitrate(w); }},
      lost(10, 6),
      lost(1, 6),
      lost(10, 3),
      lost(1, 3),
      lost(2, 30),
      lost(10, 30),
      lost(5, 12),
      {"two links", twoLinks},
      {"automatic power in the log",
       [](World& w, Random&) {
         automatic(w);
         w.log_power = true;
       }},
      {"automatic power, silent", [](World& w, Random&) { automatic(w); }},
  };
}

}  // namespace

const std::vector<WorldKind>& worldKinds() {
  static const std::vector<WorldKind> all = [] {
    std::vector<WorldKind> out = ofTheGround();
    for (const auto& more : {ofTheDay(), ofTheLog(), ofOwnScales(), ofCalling()}) out.insert(out.end(), more.begin(), more.end());
    return out;
  }();
  return all;
}

World drawnWorld(const WorldKind& kind, int flights_each, double b_over_a_db, Random& random) {
  World w;
  w.name = kind.name;
  w.flights_each = flights_each;
  w.exponent = random.uniform(2.3, 3.1);
  w.place_sd_db = random.uniform(1.5, 3.5);
  w.place_length_m = random.uniform(25, 80);
  w.within_sd_db = random.uniform(1, 2.2);
  w.within_length_m = random.uniform(25, 80);
  w.flight_sd_db = random.uniform(0.8, 1.8);
  w.rice_k_db = random.uniform(4, 14);
  w.links[0].level_dbm[1] = w.links[0].level_dbm[0] + b_over_a_db;
  if (kind.change) kind.change(w, random);
  return w;
}

}  // namespace distanz::test
