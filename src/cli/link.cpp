#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <ostream>
#include <string_view>

#include "cli/command.h"
#include "cli/said.h"
#include "core/campaign/limits.h"
#include "core/finding/error.h"
#include "core/plan/limits.h"
#include "core/quantity/parse.h"
#include "core/radio/budget.h"
#include "core/radio/clearance.h"
#include "core/radio/exposure.h"
#include "core/radio/far_field.h"
#include "core/radio/mismatch.h"
#include "core/radio/noise.h"
#include "core/radio/path_loss.h"
#include "words/phrases.h"
#include "words/quantity.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

using quantity::Kind;

double typed(const char* option, Kind kind, const std::optional<std::string>& text, double fallback,
             double low, double high) {
  if (!text) return fallback;
  const quantity::Parsed parsed = quantity::parseWithin(kind, *text, low, high);
  if (!parsed)
    throw InputError(
        finding("option-refused", {{"option", std::string(option) + " " + *text}, {"why", *parsed.problem}}));
  return parsed.value;
}

double mismatch(const char* option, const std::optional<std::string>& vswr) {
  return radio::mismatchLoss_db(radio::reflection(typed(option, Kind::Number, vswr, 1, 1, 1000)));
}

std::optional<double> sizeOf(const char* option, const std::optional<std::string>& text) {
  return text ? std::optional(typed(option, Kind::Length, text, 0, 0.001, 100)) : std::nullopt;
}

/// None below the frequencies for which power density counts.
std::optional<radio::Radiator> radiator(const LinkOptions& o, double eirp_dbm, double frequency_mhz,
                                        const std::optional<double>& size_m) {
  radio::Radiator out{eirp_dbm, frequency_mhz};
  out.size_m = size_m;
  out.duty = typed("--duty", Kind::Percent, o.duty, 100, 0.01, 100) / 100;
  out.reflection = typed("--reflection", Kind::Number, o.reflection, 1, 1, 4);
  if (frequency_mhz < radio::kLeastDensity_mhz) return std::nullopt;
  return out;
}

/// From where both antennas see each other as their gains say.
double farFieldFrom_m(double frequency_mhz, const std::optional<double>& size_m, double gain_dbi) {
  return size_m ? radio::farFieldOfSize_m(frequency_mhz, *size_m)
                : radio::farFieldOfGain_m(frequency_mhz, gain_dbi);
}

void printExposure(const std::optional<radio::Radiator>& r, Io io) {
  std::vector<Finding> told;
  if (r)
    plan::addKeepAway(*r, told);
  else
    io.out << fmt::format("{:<20}{}\n", Cli::tr("exposure").toStdString(),
                          Cli::tr("unknown below 30 MHz").toStdString());
  for (const Finding& f : told) {
    io.out << fmt::format("{:<20}{}\n", Cli::tr("exposure").toStdString(), words::sentence(f).toStdString());
    for (const Finding& why : f.why)
      io.out << fmt::format("{:<20}{}\n", "", words::sentence(why).toStdString());
  }
}

void addExposure(const std::optional<radio::Radiator>& r, nlohmann::ordered_json& out) {
  if (!r) {
    out["keep_away_m"] = nullptr;
    return;
  }
  constexpr const char* kBy[] = {"level", "far-field", "least-told"};
  const radio::KeepAway anybody = radio::keepAway(*r, radio::Exposed::Public),
                        at_work = radio::keepAway(*r, radio::Exposed::Occupational);
  out["keep_away_m"] = anybody.distance_m;
  out["keep_away_by"] = kBy[int(anybody.by)];
  out["keep_away_at_work_m"] = at_work.distance_m;
  out["reference_level_w_m2"] = radio::referenceLevel_w_m2(r->frequency_mhz, radio::Exposed::Public);
}

/// As typed, or from bandwidth, noise figure and the signal over noise that is needed.
std::optional<double> sensitivityOf(const LinkOptions& o) {
  using namespace campaign::limits;
  if (o.sensitivity)
    return typed("--sensitivity", Kind::Level, o.sensitivity, 0, kLevelLow_dbm, kLevelHigh_dbm);
  if (!o.bandwidth && !o.snr) return std::nullopt;
  if (!o.bandwidth || !o.snr)
    throw InputError(finding("option-missing", {{"option", o.snr ? "--bandwidth" : "--snr"}}));
  return radio::sensitivity_dbm(1e6 * typed("--bandwidth", Kind::Frequency, o.bandwidth, 0, 1e-6, 10000),
                                typed("--noise-figure", Kind::Loss, o.noise_figure,
                                      radio::kUsualNoiseFigure_db, 0, kNoiseFigureHigh_db),
                                typed("--snr", Kind::Loss, o.snr, 0, kSnrLow_db, kSnrHigh_db));
}

void print(const nlohmann::ordered_json& out, const radio::Budget& budget,
           const std::vector<radio::BudgetTerm>& terms, const std::optional<radio::Radiator>& exposure,
           Io io) {
  const auto line = [&](const QString& what, const QString& value) {
    io.out << fmt::format("{:<20}{}\n", what.toStdString(), value.toStdString());
  };
  using quantity::Unit;
  for (const radio::BudgetTerm& t : terms)
    if (t.change_db != 0)
      io.out << fmt::format("{:<32}{:>+9.2f} dB  {:>9.2f} dBm\n",
                            words::term(std::string("term-") + t.what).toStdString(), t.change_db,
                            t.level_dbm);
  line(Cli::tr("EIRP"), words::quantity(budget.eirp_dbm, Unit::Dbm, 2));
  const bool near = out["received_dbm"].is_null();
  if (!near)
    line(Cli::tr("free-space loss"), words::quantity(out["free_space_db"].get<double>(), Unit::Decibel, 2));
  if (!near) line(Cli::tr("path loss"), words::quantity(budget.path_loss_db, Unit::Decibel, 2));
  if (near)
    line(Cli::tr("received"),
         Cli::tr("unknown: the far field begins at %1")
             .arg(words::quantity(out["far_field_from_m"].get<double>(), Unit::Metre, 2)));
  else
    line(Cli::tr("received"), words::quantity(budget.received_dbm, Unit::Dbm, 2));
  if (out.contains("sensitivity_dbm"))
    line(Cli::tr("sensitivity"), words::quantity(out["sensitivity_dbm"].get<double>(), Unit::Dbm, 2));
  if (out.contains("margin_db"))
    line(Cli::tr("margin"), words::quantity(out["margin_db"].get<double>(), Unit::Decibel, 2));
  printExposure(exposure, io);
  if (out.value("over_limit_db", 0.0) > 0)
    line(Cli::tr("limit"), Cli::tr("%1 above your EIRP limit; reduce power or gain")
                               .arg(words::quantity(out["over_limit_db"].get<double>(), Unit::Decibel, 1)));
  line(Cli::tr("first Fresnel zone"),
       Cli::tr("%1 at mid-path").arg(words::quantity(out["fresnel_radius_m"].get<double>(), Unit::Metre, 2)));
  if (out.contains("horizon_km"))
    line(Cli::tr("radio horizon"), words::distance(1000 * out["horizon_km"].get<double>()));
}

}  // namespace

void linkCommand(const LinkOptions& o, Io io) {
  using namespace campaign::limits;
  const double frequency =
      typed("--frequency", Kind::Frequency, o.frequency, 0, kFrequencyLow_mhz, kFrequencyHigh_mhz);
  const double distance = typed("--distance", Kind::Length, o.distance, 0, 0.1, kPathHigh_m);
  const double exponent = typed("--exponent", Kind::Number, o.exponent, 2, kExponentLow, kExponentHigh);
  const double reference = typed("--reference", Kind::Length, o.reference, 1, 0.1, kPathHigh_m);
  const double h1 = typed("--tx-height", Kind::Length, o.tx_height, 0, 0, kHeightHigh_m),
               h2 = typed("--rx-height", Kind::Length, o.rx_height, 0, 0, kHeightHigh_m);
  const radio::LinkEnds ends{typed("--power", Kind::Power, o.power, 0, kPowerLow_dbm, kPowerHigh_dbm),
                             typed("--tx-gain", Kind::Gain, o.tx_gain, 0, kGainLow_dbi, kGainHigh_dbi),
                             typed("--rx-gain", Kind::Gain, o.rx_gain, 0, kGainLow_dbi, kGainHigh_dbi),
                             typed("--tx-loss", Kind::Loss, o.tx_loss, 0, 0, kLossHigh_db),
                             typed("--rx-loss", Kind::Loss, o.rx_loss, 0, 0, kLossHigh_db),
                             typed("--tx-filter", Kind::Loss, o.tx_filter, 0, 0, kLossHigh_db),
                             typed("--rx-filter", Kind::Loss, o.rx_filter, 0, 0, kLossHigh_db),
                             typed("--polarisation", Kind::Loss, o.polarisation, 0, 0, kLossHigh_db),
                             typed("--pointing", Kind::Loss, o.pointing, 0, 0, kLossHigh_db),
                             mismatch("--tx-vswr", o.tx_vswr),
                             mismatch("--rx-vswr", o.rx_vswr)};
  const double path_loss_db = radio::logDistanceLoss_db(distance, frequency, exponent, reference);
  const radio::Budget budget = radio::linkBudget(ends, path_loss_db);
  auto terms = radio::budgetTerms(ends, path_loss_db);
  nlohmann::ordered_json out = {
      {"eirp_dbm", budget.eirp_dbm},
      {"free_space_db", radio::freeSpaceLoss_db(distance, frequency)},
      {"path_loss_db", budget.path_loss_db},
      {"received_dbm", budget.received_dbm},
      {"fresnel_radius_m", radio::fresnelRadius_m(distance / 2, distance / 2, frequency)}};
  if (o.tx_height && o.rx_height) out["horizon_km"] = radio::radioHorizon_m(h1, h2) / 1000;
  const std::optional<double> tx_size = sizeOf("--tx-size", o.tx_size),
                              rx_size = sizeOf("--rx-size", o.rx_size);
  const std::optional<radio::Radiator> exposure = radiator(o, budget.eirp_dbm, frequency, tx_size);
  const double far_m = std::max(farFieldFrom_m(frequency, tx_size, ends.tx_gain_dbi),
                                farFieldFrom_m(frequency, rx_size, ends.rx_gain_dbi));
  if (distance < far_m) {
    for (const char* untold : {"free_space_db", "path_loss_db", "received_dbm"}) out[untold] = nullptr;
    out["far_field_from_m"] = far_m;
    terms.erase(std::find_if(terms.begin(), terms.end(),
                             [](const auto& t) { return std::string_view(t.what) == "path"; }),
                terms.end());
  }
  if (const auto sensitivity = sensitivityOf(o)) {
    if (!o.sensitivity) out["sensitivity_dbm"] = *sensitivity;
    if (distance >= far_m) out["margin_db"] = budget.received_dbm - *sensitivity;
  }
  addExposure(exposure, out);
  if (o.eirp_limit)
    out["over_limit_db"] =
        budget.eirp_dbm - typed("--eirp-limit", Kind::Power, o.eirp_limit, 0, kPowerLow_dbm, kPowerHigh_dbm);
  out["terms"] = nlohmann::ordered_json::array();
  for (const radio::BudgetTerm& t : terms)
    out["terms"].push_back({{"term", t.what}, {"change_db", t.change_db}, {"level_dbm", t.level_dbm}});
  if (o.json) {
    io.out << printed(out) << "\n";
    return;
  }
  print(out, budget, terms, exposure, io);
}

}  // namespace distanz::cli
