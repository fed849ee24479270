#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <ostream>

#include "cli/command.h"
#include "cli/said.h"
#include "core/campaign/limits.h"
#include "core/finding/error.h"
#include "core/quantity/parse.h"
#include "core/radio/budget.h"
#include "core/radio/clearance.h"
#include "core/radio/exposure.h"
#include "core/radio/mismatch.h"
#include "core/radio/path_loss.h"
#include "words/phrases.h"
#include "words/quantity.h"

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

void print(const nlohmann::ordered_json& out, const radio::Budget& budget,
           const std::vector<radio::BudgetTerm>& terms, Io io) {
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
  line(Cli::tr("free-space loss"), words::quantity(out["free_space_db"].get<double>(), Unit::Decibel, 2));
  line(Cli::tr("path loss"), words::quantity(budget.path_loss_db, Unit::Decibel, 2));
  line(Cli::tr("received"), words::quantity(budget.received_dbm, Unit::Dbm, 2));
  if (out.contains("margin_db"))
    line(Cli::tr("margin"), words::quantity(out["margin_db"].get<double>(), Unit::Decibel, 2));
  line(Cli::tr("keep away"), Cli::tr("%1 from the powered antenna (far field only)")
                                 .arg(words::quantity(out["keep_away_m"].get<double>(), Unit::Metre, 2)));
  if (out.value("over_limit_db", 0.0) > 0)  // ["over_limit_db"].get<double>() > 0)
    line(Cli::tr("limit"), Cli::tr("%1 over the EIRP that you entered; use less power or gain")
                               .arg(words::quantity(out["over_limit_db"].get<double>(), Unit::Decibel, 1)));
  line(Cli::tr("first Fresnel zone"),
       Cli::tr("%1 at mid-path").arg(words::quantity(out["fresnel_radius_m"].get<double>(), Unit::Metre, 2)));
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
  const double h1 = typed("--tx-height", Kind::Length, o.tx_height, 60, 0, kHeightHigh_m),
               h2 = typed("--rx-height", Kind::Length, o.rx_height, 2, 0, kHeightHigh_m);
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
  const auto terms = radio::budgetTerms(ends, path_loss_db);
  nlohmann::ordered_json out = {
      {"eirp_dbm", budget.eirp_dbm},
      {"free_space_db", radio::freeSpaceLoss_db(distance, frequency)},
      {"path_loss_db", budget.path_loss_db},
      {"received_dbm", budget.received_dbm},
      {"fresnel_radius_m", radio::fresnelRadius_m(distance / 2, distance / 2, frequency)},
      {"horizon_km", radio::radioHorizon_m(h1, h2) / 1000}};
  if (o.sensitivity)
    out["margin_db"] = budget.received_dbm -
                       typed("--sensitivity", Kind::Level, o.sensitivity, 0, kLevelLow_dbm, kLevelHigh_dbm);
  out["keep_away_m"] = radio::exclusionDistance_m(budget.eirp_dbm);
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
  print(out, budget, terms, io);
}

}  // namespace distanz::cli
