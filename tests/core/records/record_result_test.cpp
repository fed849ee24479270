#include "core/records/record_result.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/campaign/validate.h"
#include "support/judged.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::records;
using campaign::Record;
using campaign::RecordKind;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using test::figure;
using test::has;
using test::oneChannel;

namespace {

Record record(RecordKind kind) {
  Record r;
  r.id = "r1";
  r.kind = kind;
  r.part = "p1";
  return r;
}

FileData resonator(double centre_mhz, const std::string& role) {
  FileData out{role, role + ".s1p", bench::Sweep(), {}};
  for (double f = 5500; f <= 6100; f += 2) {
    const std::complex<double> z(1.2, 20 * (f / centre_mhz - centre_mhz / f));
    out.sweep->frequency_mhz.push_back(f);
    out.sweep->s11.push_back((z - 1.0) / (z + 1.0));
  }
  return out;
}

Record readings(RecordKind kind,
                const std::vector<std::pair<std::string, std::map<std::string, double>>>& rows) {
  Record r = record(kind);
  for (const auto& [label, values] : rows) r.readings.push_back({label, values, {}});
  return r;
}

}  // namespace

TEST_CASE("records: a sweep is told at the channel that is used, and what a cover and a hand do") {
  const campaign::Campaign c = oneChannel();
  const Record r = record(RecordKind::Sweep);
  const std::vector<FileData> good{resonator(5800, "")};
  const RecordResult fits = judge({c, r, good, {}});
  CHECK(has(fits, "fits-channel"));
  CHECK(has(fits, "band-below"));
  CHECK_THAT(figure(fits, "vswr").value.value, WithinAbs(1.2, 0.01));
  CHECK(figure(fits, "vswr").at->value == 5800);
  REQUIRE(fits.offers.size() == 3);
  CHECK(fits.offers[0].key == "vswr");
  CHECK(fits.offers[1].key == "low_mhz");
  CHECK(fits.offers[2].value > 5800);
  const campaign::Campaign taken = withOffers(c, "r1", fits.offers);
  CHECK(taken.parts[0].values.at("vswr").origin == campaign::Origin::Measured);
  CHECK(taken.parts[0].values.at("vswr").record == "r1");
  campaign::Campaign sender = c;  // that has no VSWR to take over
  sender.parts[0].kind = campaign::PartKind::Transmitter;
  CHECK(judge({sender, r, good, {}}).offers.empty());
  Record referred = r;
  referred.settings["reference_ohm"] = 60;  // 1.2 times 50 ohm
  CHECK_THAT(figure(judge({c, referred, good, {}}), "vswr").value.value, WithinAbs(1, 0.01));
  CHECK(fits.plot.curves.size() == 1);
  CHECK(fits.more.size() == 1);

  const std::vector<FileData> both{resonator(5800, "bare"), resonator(5600, "covered")};
  const RecordResult covered = judge({c, r, both, {}});
  CHECK(has(covered, "misses-channel"));
  CHECK(has(covered, "resonance-moved"));
  CHECK(has(covered, "change-costs"));
  CHECK_THAT(figure(covered, "shift").value.value, WithinAbs(-200, 3));
  // So many dB of range at the exponent of the plan.
  const double loss = figure(covered, "change-loss").value.value;
  CHECK_THAT(rangeLost_pct({c, r, {}, {}}, loss), WithinAbs(100 * (1 - std::pow(10, -loss / 25)), 1e-9));

  const std::vector<FileData> grip{resonator(5800, "free"), resonator(5700, "held")};
  CHECK(judge({c, r, grip, {}}).findings.front().code == "cable-radiates");
  CHECK(has(judge({c, r, {}, {}}), "sweep-none"));
  campaign::Campaign other = c;
  other.links[0].frequency_mhz = 2440;
  CHECK(has(judge({other, r, good, {}}), "no-channel-swept"));
  Record of_link = r;
  of_link.link = "video";
  CHECK(has(judge({other, of_link, good, {}}), "channel-not-swept"));
}

TEST_CASE(
    "records: power is referred to the connector, throttling comes first, idle is no power to plan with") {
  Record r = readings(RecordKind::Power, {});
  r.settings = {{"nominal_dbm", 23}, {"attenuator_db", 20}, {"cable_db", 0.5}};
  for (int t = 0; t <= 120; t += 10)
    r.readings.push_back({"full", {{"time_s", t}, {"power_dbm", t < 80 ? 2.5 : -1.0}}, {}});
  r.readings.push_back({"full", {{"time_s", 0}, {"power_dbm", -20}, {"idle", 1}}, {}});
  campaign::Campaign c = oneChannel();
  c.parts[0].kind = campaign::PartKind::Transmitter;
  const RecordResult result = judge({c, r, {}, {}});
  CHECK(result.findings.front().code == "power-throttles");
  CHECK(has(result, "power-read-idle"));
  CHECK_THAT(figure(result, "power-settled").value.value, WithinAbs(std::pow(10, 1.95), 0.2));  // mW
  CHECK_THAT(figure(result, "nominal-share").value.value, WithinAbs(100 * std::pow(10, -0.35), 0.1));
  REQUIRE(result.offers.size() == 1);
  CHECK_THAT(result.offers[0].value, WithinAbs(19.5, 0.01));
  CHECK(has(judge({c, record(RecordKind::Power), {}, {}}), "readings-few"));
}

TEST_CASE("records: distances are told with the exponent that flights have fitted, its interval too") {
  Record r = record(RecordKind::Attenuator);
  r.settings = {{"attenuation_db", 30}, {"distance_m", 100}};
  const campaign::Campaign c = oneChannel();
  const Figure plan = figure(judge({c, r, {}, {}}), "stands-for");
  CHECK_THAT(plan.value.value, WithinAbs(100 * std::pow(10, 30 / 25.0), 1e-9));
  CHECK_FALSE(plan.value.low);
  const Figure fitted = figure(judge({c, r, {}, bench::Spread{3, 2.8, 3.2}}), "stands-for");
  CHECK_THAT(fitted.value.value, WithinAbs(1000, 1e-9));
  CHECK(*fitted.value.low < 1000);
  r.settings["exponent"] = 2;
  CHECK_THAT(figure(judge({c, r, {}, bench::Spread{3, 2.8, 3.2}}), "stands-for").value.value,
             WithinAbs(100 * std::pow(10, 1.5), 1e-9));
  CHECK(has(judge({c, record(RecordKind::Attenuator), {}, {}}), "attenuator-open"));
}

TEST_CASE("records: counters that nobody labelled count in their order, the last as read after") {
  const campaign::Campaign c = oneChannel();
  const RecordResult one = judge({c, readings(RecordKind::Ground, {{"", {{"holds", 1}, {"lost_frames", 43}}}}), {}, {}});
  CHECK(one.findings.front().code == "ground-do-not-fly");
  CHECK(has(one, "ground-held"));
  CHECK(has(one, "ground-from-zero"));
  const RecordResult two = judge({c, readings(RecordKind::Ground, {{"", {{"holds", 1}}}, {"", {{"holds", 1}}}}), {}, {}});
  CHECK_FALSE(has(two, "ground-held"));
  CHECK_FALSE(has(two, "ground-from-zero"));
}

TEST_CASE("records: where nobody flew, a walk's full power carries the band of a usual exponent") {
  campaign::Campaign c = oneChannel();
  c.plan_exponent = campaign::Campaign().plan_exponent;
  Record r = readings(RecordKind::Walk, {{"", {{"distance_m", 100}}}});
  r.settings["reduced_db"] = 27;
  const auto full = figure(judge({c, r, {}, {}}), "full-power").value;
  CHECK_THAT(full.value, Catch::Matchers::WithinRel(1000, 1e-9));  // 10^(27 / 27)
  REQUIRE(full.low);
  CHECK_THAT(*full.low, Catch::Matchers::WithinRel(100 * std::pow(10, 2.7 / (2.7 + 0.5 * 1.959964)), 1e-6));
  CHECK_THAT(*full.high, Catch::Matchers::WithinRel(100 * std::pow(10, 2.7 / (2.7 - 0.5 * 1.959964)), 1e-6));
  r.settings["exponent"] = 3;
  CHECK_FALSE(figure(judge({c, r, {}, {}}), "full-power").value.low);
}

TEST_CASE("records: changes walked on several days are chained, each against the one before") {
  // Three changes of +10, +20 and -5 %, on days that differ by far more: the product is 25.4 %.
  Record r = record(RecordKind::Walk);
  const double ratio[] = {1.1, 1.2, 0.95}, day[] = {80, 140, 60};
  for (int k = 0; k < 3; ++k)
    for (int walk = 0; walk < 3; ++walk) {
      const double off = 1 + 0.01 * (walk - 1);
      r.readings.push_back({"before", {{"distance_m", day[k] * off}, {"change", k + 1.0}}, {}});
      r.readings.push_back({"after", {{"distance_m", day[k] * ratio[k] * off}, {"change", k + 1.0}}, {}});
    }
  const campaign::Campaign c = oneChannel();
  const RecordResult chain = judge({c, r, {}, {}});
  CHECK(has(chain, "walk-chain"));
  const Measure all = figure(chain, "walk-chain").value;
  CHECK_THAT(all.value, WithinAbs(25.4, 1e-6));
  // Each mean log has variance 0.02^2 / 3 (the least that pacing knows); six of them, t with 12 degrees.
  const double half = 2.17881 * std::sqrt(6 * 0.02 * 0.02 / 3);
  CHECK_THAT(*all.low, WithinAbs(100 * (1.254 * std::exp(-half) - 1), 0.01));
  CHECK_THAT(*all.high, WithinAbs(100 * (1.254 * std::exp(half) - 1), 0.01));
  r.readings.resize(8);  // the second change is walked once
  CHECK(has(judge({c, r, {}, {}}), "walk-chain-once"));
}

TEST_CASE("records: a turntable read in volts is told by a slope or a calibration, and asks for one") {
  const auto inDecibels = [](double a) { return -12.0 * a * a / 3600; };
  Record r = record(RecordKind::Turntable);
  for (int a = -180; a < 180; a += 10) {
    const double seen = std::max(inDecibels(a), -20.0);
    r.readings.push_back({"", {{"angle_deg", double(a)}, {"value", 1 + 0.025 * seen}}, {}});
  }
  campaign::Campaign c = oneChannel();
  CHECK(judge({c, r, {}, {}}).findings.front().code == "turn-unscaled");
  Record typed = r;
  typed.settings["per_db"] = 0.025;
  const double width = figure(judge({c, typed, {}, {}}), "beam-width").value.value;
  CHECK_THAT(width, WithinAbs(60, 1));  // 3 dB down at 30 degrees to both sides
  Record scale = readings(RecordKind::Signal, {});
  scale.id = "scale";
  for (int level = -30; level <= 0; level += 2)
    scale.readings.push_back({"", {{"attenuation_db", double(-level)}, {"value", 1 + 0.025 * level}}, {}});
  c.records.push_back(scale);
  const RecordResult by = judge({c, r, {}, {}});
  CHECK(has(by, "turn-scaled"));
  CHECK_THAT(figure(by, "beam-width").value.value, WithinAbs(width, 0.5));
}

TEST_CASE("records: ground check, walk and swap say what they mean and what to do next") {
  const campaign::Campaign c = oneChannel();
  const auto ground = [&](std::map<std::string, double> after) {
    return judge({c,
                  readings(RecordKind::Ground,
                           {{"before", {{"fades_1", 1}, {"holds", 0}}}, {"after", std::move(after)}}),
                  {},
                  {}});
  };
  CHECK(has(ground({{"fades_1", 20}, {"holds", 0}}), "ground-fly"));
  const RecordResult held = ground({{"fades_1", 20}, {"holds", 1}});
  CHECK(held.findings.front().code == "ground-do-not-fly");
  CHECK(has(held, "ground-held"));
  CHECK(has(ground({{"fades_1", 0}}), "ground-reset"));
  CHECK(has(ground({{"fades_1", 9}}), "ground-only-fades"));
  CHECK_FALSE(has(ground({{"fades_1", 9}}), "ground-fly"));
  CHECK(
      has(judge({c, readings(RecordKind::Ground, {{"after", {{"holds", 0}}}}), {}, {}}), "ground-from-zero"));
  CHECK(has(judge({c, record(RecordKind::Ground), {}, {}}), "ground-open"));

  Record walk = readings(RecordKind::Walk, {{"before", {{"distance_m", 100}}},
                                            {"before", {{"distance_m", 104}}},
                                            {"after", {{"distance_m", 150}}},
                                            {"after", {{"distance_m", 155}}}});
  walk.settings["reduced_db"] = 25;
  const RecordResult walked = judge({c, walk, {}, {}});
  CHECK(has(walked, "walk-farther"));
  CHECK(has(walked, "wrong-multiplication"));
  CHECK_FALSE(has(walked, "walk-against-flown"));
  CHECK(has(judge({c, walk, {}, {}, 4000}), "walk-against-flown"));
  CHECK_THAT(figure(walked, "full-power").value.value, WithinAbs(10 * std::sqrt(150.0 * 155), 1e-6));

  Record swap = record(RecordKind::Swap);
  for (int i = 0; i < 3; ++i)
    for (const char* state : {"on", "off"})
      swap.readings.push_back({state, {{"value", state[1] == 'n' ? -70.0 - i : -80.0 - i}}, {}});
  CHECK(has(judge({c, swap, {}, {}}), "swap-too-few"));
  const auto once = swap.readings;
  swap.readings.insert(swap.readings.end(), once.begin(), once.end());
  const RecordResult clear = judge({c, swap, {}, {}});
  CHECK(has(clear, "swap-better"));
  CHECK(has(clear, "swap-proves"));
  swap.readings.resize(27, {"on", {{"value", 0}}, {}});
  CHECK(has(judge({c, swap, {}, {}}), "swap-too-many"));
}

TEST_CASE("records: claims are held against each other and against what the part measured") {
  campaign::Campaign c = oneChannel();
  c.parts[0].values["gain_dbi"] = {.value = 6, .origin = campaign::Origin::Measured};
  Record r = record(RecordKind::Claims);
  CHECK(has(judge({c, r, {}, {}}), "claims-open"));
  r.settings["gain_dbi"] = 9;
  const RecordResult result = judge({c, r, {}, {}});
  REQUIRE(has(result, "claim-clashes"));
  CHECK_THAT(test::said(result.findings.front()).text, Contains("Claimed 9.0 dBi") && Contains("6.0 dBi"));
  c.parts[0].values["gain_dbi"].origin = campaign::Origin::Claimed;
  CHECK(has(judge({c, r, {}, {}}), "claims-open"));
}

TEST_CASE("records: every kind answers to an empty record with what to do, and to every field at its ends") {
  const campaign::Campaign c = oneChannel();
  for (std::size_t k = 0; k < campaign::recordKindWords().size(); ++k) {
    Record r = record(static_cast<RecordKind>(k));
    CAPTURE(campaign::recordKindWord(r.kind));
    CHECK_FALSE(judge({c, r, {}, {}}).findings.empty());
    for (const auto& f : campaign::recordFields(r.kind, false)) r.settings[f.key] = f.high;
    for (int i = 0; i < 6; ++i) {
      campaign::Reading reading{i % 2 ? "on" : "off", {}, {}};
      if (!campaign::readingLabels(r.kind).empty())
        reading.label = campaign::readingLabels(r.kind)[static_cast<std::size_t>(i % 2)];
      for (const auto& f : campaign::recordFields(r.kind, true))
        reading.values[f.key] = i % 3 ? f.low : f.high;
      r.readings.push_back(reading);
    }
    for (const auto& a : campaign::recordAnswers(r.kind)) r.answers[a.key] = a.words.front();
    const RecordResult result = judge({c, r, {}, {}});
    CHECK_FALSE(result.findings.empty());
    for (const Finding& f : result.findings) {
      INFO(test::said(f).text);
      CHECK(test::said(f).text.find("outside-domain") == std::string::npos);
    }
    auto with = c;
    with.records.push_back(r);
    CHECK(campaign::validate(with).empty());
    CHECK(campaign::recordKindFromWord(campaign::recordKindWord(r.kind)) == r.kind);
  }
}

TEST_CASE("records: numbers outside their domain are faults of the campaign") {
  campaign::Campaign c = oneChannel();
  c.records.push_back(readings(RecordKind::Turntable, {{"", {{"angle_deg", 1e9}, {"level_db", -50}}}}));
  CHECK_FALSE(campaign::validate(c).empty());
  c.records[0].readings[0].values["angle_deg"] = 10;
  CHECK(campaign::validate(c).empty());
  c.records[0].part = "nobody";
  CHECK_FALSE(campaign::validate(c).empty());
}

TEST_CASE("records: what the kit and the typed emitters send is held against receivers and satellite bands") {
  campaign::Campaign c = oneChannel();
  CHECK(judge({c, record(RecordKind::Interference), {}, {}}).findings.front().code == "interference-open");
  // The second harmonic of 790 MHz falls on satellite navigation.
  Record r = readings(RecordKind::Interference,
                      {{"tracker", {{"frequency_mhz", 790}, {"power_dbm", 20}}},
                       {"relay", {{"frequency_mhz", 2370}, {"tolerates_dbm", -60}, {"at_station", 1}}},
                       {"ch 1", {{"frequency_mhz", 1580}}},
                       {"ch 2", {{"frequency_mhz", 1000}}}});
  const RecordResult asked = judge({c, r, {}, {}});
  CHECK(has(asked, "interference-ask-aboard"));
  CHECK_FALSE(has(asked, "interference-none"));
  CHECK_FALSE(has(asked, "interference-ask-station"));  // nothing is sent there
  r.settings["apart_m"] = 0.15;
  const RecordResult near = judge({c, r, {}, {}});
  CHECK(near.findings.front().code == "interference-short");
  CHECK(near.findings[1].code == "interference-harmonic");
  CHECK(has(near, "interference-assumes"));
  CHECK(has(near, "channel-hit"));
  CHECK(has(near, "channel-free"));
  r.settings["apart_m"] = 100;
  r.settings["filter_db"] = 80;  // before the receiver no filter helps against what is in its band
  CHECK_FALSE(has(judge({c, r, {}, {}}), "interference-none"));
  r.settings["tx_filter_db"] = 80;
  const RecordResult apart = judge({c, r, {}, {}});
  CHECK(has(apart, "interference-none"));
  CHECK(figure(apart, "products-heard").value.value == 0);
}

TEST_CASE("records: 30 dBm beside receivers of other bands is no all-clear") {
  const campaign::Campaign c = oneChannel();
  Record r = readings(RecordKind::Interference,
                      {{"video", {{"frequency_mhz", 1300}, {"bandwidth_mhz", 20}, {"power_dbm", 30}}},
                       {"control", {{"frequency_mhz", 868}, {"bandwidth_mhz", 0.5}, {"tolerates_dbm", -110}}},
                       {"unknown", {{"frequency_mhz", 2450}, {"blocks_dbm", -30}}}});
  r.settings["apart_m"] = 0.1;
  const RecordResult near = judge({c, r, {}, {}});
  CHECK(has(near, "interference-blocks"));
  CHECK(has(near, "interference-noise"));
  CHECK_FALSE(has(near, "interference-none"));
  CHECK(has(near, "interference-no-sensitivity"));
  CHECK(figure(near, "isolation-short").value.value > 40);
}

TEST_CASE("records: a claimed band is held against the measured one, a claimed hand against the part's") {
  campaign::Campaign c = oneChannel();
  c.parts[0].values["low_mhz"] = {.value = 5700, .origin = campaign::Origin::Measured};
  c.parts[0].values["high_mhz"] = {.value = 5900, .origin = campaign::Origin::Measured};
  c.parts[0].traits["hand"] = "left";
  Record r = record(RecordKind::Claims);
  r.settings = {{"low_mhz", 5500}, {"high_mhz", 6000}};
  r.answers["hand"] = "right";
  const RecordResult wide = judge({c, r, {}, {}});
  CHECK(figure(wide, "claim-band").value.value == 200);
  CHECK(has(wide, "claim-clashes"));
  CHECK(has(wide, "claim-hand"));
  r.settings = {{"low_mhz", 5720}, {"high_mhz", 5880}};
  r.answers["hand"] = "left";
  CHECK(has(judge({c, r, {}, {}}), "claims-agree"));
}

TEST_CASE("records: every result that has a figure says how it was made and of what") {
  const campaign::Campaign c = oneChannel();
  Record r = record(RecordKind::Attenuator);
  r.settings = {{"attenuation_db", 30}, {"distance_m", 100}};
  const RecordResult result = judge({c, r, {}, {}});
  REQUIRE(result.findings.front().why.size() == 4);  // how, both entries, the exponent
  CHECK(result.findings.front().why[0].code == "why-method");
  CHECK(std::get<Measure>(result.findings.front().why[1].find("value")->value).value == 30);
}

TEST_CASE("records: an antenna may be turned off as far as the range that is enough allows") {
  Record r = record(RecordKind::Turntable);
  for (int a = -90; a <= 90; a += 10)
    r.readings.push_back({"", {{"angle_deg", double(a)}, {"level_db", -40 - 12.0 * a * a / 3600}}, {}});
  const campaign::Campaign c = oneChannel();
  const auto usable = [&](std::optional<double> reached_m) {
    const RecordResult result = judge({c, r, {}, {}, reached_m});
    return std::any_of(result.figures.begin(), result.figures.end(),
                       [](const Figure& f) { return f.what == "usable-angle"; })
               ? figure(result, "usable-angle").value.value
               : 0.0;
  };
  r.settings = {{"spare_db", 6}};
  const double typed = usable({});
  CHECK(typed > 60);
  r.settings = {{"wanted_m", 1000}};
  CHECK(usable({}) == 0);
  CHECK(usable(900) == 0);
  CHECK_THAT(usable(1000 * std::pow(10, 6 / 25.0)),
             WithinAbs(typed, 1e-6));  // the campaign's exponent is 2.5
}

TEST_CASE("records: a circular antenna read against a linear one has 3 dB more in its own hand, and near the table it is told") {
  Record r = record(RecordKind::Turntable);
  for (int a = -90; a <= 90; a += 10)
    r.readings.push_back({"", {{"angle_deg", double(a)}, {"level_db", -40 - 12.0 * a * a / 3600}}, {}});
  r.settings = {{"reference_level_db", -44}, {"reference_gain_dbi", 2.15}, {"distance_m", 1.5}};
  campaign::Campaign c = oneChannel();
  campaign::Part* part = const_cast<campaign::Part*>(campaign::findPart(c, "p1"));
  REQUIRE(part);
  part->traits["hand"] = "right";
  part->values["size_mm"] = {.value = 300};
  CHECK_FALSE(has(judge({c, r, {}, {}}), "turn-linear-reference"));
  r.answers["reference_linear"] = "yes";
  const RecordResult result = judge({c, r, {}, {}});
  CHECK_THAT(figure(result, "gain-own-hand").value.value - figure(result, "gain").value.value, WithinAbs(3.0103, 1e-4));
  const auto offered = std::find_if(result.offers.begin(), result.offers.end(), [](const Offer& o) { return o.key == "gain_dbi"; });
  REQUIRE(offered != result.offers.end());
  CHECK_THAT(offered->value, WithinAbs(figure(result, "gain-own-hand").value.value, 1e-9));
  CHECK(has(result, "turn-too-near"));  // 2 D^2 / wavelength is 3.5 m
  r.settings["distance_m"] = 4;
  CHECK_FALSE(has(judge({c, r, {}, {}}), "turn-too-near"));
}

TEST_CASE("records: a helix is advised by the school that judged it, and a circular antenna held to its own bound") {
  Record r = record(RecordKind::Claims);
  r.settings = {{"turns", 5}, {"gain_dbi", 14}};
  const RecordResult helix = judge({oneChannel(), r, {}, {}});
  REQUIRE(has(helix, "claim-clashes"));
  double turns = 0;
  for (const Finding& f : helix.findings)
    for (const Finding& more : f.more)
      if (more.code == "claim-asks-turns") turns = std::get<Measure>(more.find("turns")->value).value;
  r.settings["turns"] = turns;
  CHECK_FALSE(has(judge({oneChannel(), r, {}, {}}), "claim-clashes"));
  // 10 mm at 5,500 MHz: a linear antenna has less than 800 MHz, a circular one has not.
  r.settings = {{"size_mm", 10}, {"low_mhz", 5100}, {"high_mhz", 5900}, {"vswr", 2}};
  r.answers["hand"] = "linear";
  const bool linear = has(judge({oneChannel(), r, {}, {}}), "claim-clashes");
  r.answers["hand"] = "right";
  const bool circular = has(judge({oneChannel(), r, {}, {}}), "claim-clashes");
  CHECK(linear);
  CHECK_FALSE(circular);
}

TEST_CASE("records: a turn in which no beam ends is told so", "[regression]") {
  Record r = record(RecordKind::Turntable);
  for (int a = -180; a < 180; a += 30)
    r.readings.push_back({"", {{"angle_deg", double(a)}, {"level_db", a % 60 == 0 ? -40.0 : -41.0}}, {}});
  CHECK(has(judge({oneChannel(), r, {}, {}}), "turn-no-width"));
}

TEST_CASE("records: more emitters than can be combined are told so, at once", "[regression]") {
  std::vector<std::pair<std::string, std::map<std::string, double>>> rows;
  for (int i = 0; i < 9'000; ++i) rows.push_back({"e", {{"frequency_mhz", 100.0 + i}, {"power_dbm", 10}}});
  CHECK(has(judge({oneChannel(), readings(RecordKind::Interference, rows), {}, {}}), "interference-many"));
}
