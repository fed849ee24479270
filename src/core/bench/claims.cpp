#include "core/bench/claims.h"

#include <algorithm>
#include <cmath>

#include "core/bench/sweep.h"
#include "core/finding/error.h"
#include "core/radio/gain_width.h"
#include "core/radio/helix.h"

namespace distanz::bench {
namespace {

constexpr double kVswrSlack = 0.2;

using Checks = std::vector<ClaimCheck>;

void gainOfWidth(const AntennaFigures& c, Checks& out) {
  if (!c.gain_dbi || !c.width_deg) return;
  ClaimCheck check{ClaimKind::GainOfWidth, *c.gain_dbi};
  double a, b;
  if (c.around) {
    a = radio::omniGainMcDonald_dbi(*c.width_deg);
    b = radio::omniGainPozar_dbi(*c.width_deg);
  } else {
    const double across = c.width2_deg.value_or(*c.width_deg);
    a = radio::beamGainKraus_dbi(*c.width_deg, across);
    b = std::min(radio::beamGainPractical_dbi(*c.width_deg, across),
                 radio::beamGainTaiPereira_dbi(*c.width_deg, across));
  }
  if (!std::isfinite(a) || !std::isfinite(b)) return;
  check.implied_low = std::min(a, b);
  check.implied_high = std::max(a, b);
  check.holds = check.claimed <= check.implied_high + kClaimSlack_db &&
                check.claimed >= check.implied_low - kClaimLosses_db;
  const double back = c.around ? radio::omniWidthOf_deg(*c.gain_dbi) : radio::beamWidthOf_deg(*c.gain_dbi);
  if (back < 360) check.back = back;
  out.push_back(check);
}

void helix(const AntennaFigures& c, Checks& out) {
  if (!c.turns) return;
  const radio::Helix h{*c.turns};
  if (c.gain_dbi) {
    const double kraus = radio::helixGainKraus_dbi(h), measured = radio::helixGainKingWong_dbi(h);
    ClaimCheck check{ClaimKind::HelixGain, *c.gain_dbi, std::min(kraus, measured), std::max(kraus, measured)};
    check.holds = check.claimed <= std::max(check.implied_high, measured + kClaimSlack_db) &&
                  check.claimed >= check.implied_low - kClaimLosses_db;
    if (const double turns = radio::helixTurnsForGain(h, *c.gain_dbi); std::isfinite(turns)) check.back = turns;
    out.push_back(check);
  }
  if (c.width_deg) {
    const double kraus = radio::helixWidthKraus_deg(h), measured = radio::helixWidthKingWong_deg(h);
    ClaimCheck check{ClaimKind::HelixWidth, *c.width_deg, std::min(kraus, measured),
                     std::max(kraus, measured)};
    check.holds = check.claimed >= check.implied_low * (1 - kClaimWidth) &&
                  check.claimed <= check.implied_high * (1 + kClaimWidth);
    out.push_back(check);
  }
  if (c.axial_ratio_db) {
    const double least = radio::helixAxialRatio_db(h);
    out.push_back(
        {ClaimKind::HelixAxialRatio, *c.axial_ratio_db, least, least, {}, *c.axial_ratio_db >= least - 0.1});
  }
}

void bandOfSize(const AntennaFigures& c, double frequency_mhz, Checks& out) {
  if (!c.size_mm || !c.low_mhz || !c.high_mhz) return;
  const double quality = radio::leastQuality(*c.size_mm / 1000, frequency_mhz, c.circular);
  const double most = radio::bandShare(quality, c.vswr.value_or(kUsualVswr)) * frequency_mhz;
  const double width = *c.high_mhz - *c.low_mhz;
  out.push_back({ClaimKind::BandOfSize, width, most, most, {}, width <= most});
}

template <class Holds>
void against(ClaimKind kind, const std::optional<double>& claimed, const std::optional<double>& measured,
             Checks& out, Holds holds) {
  if (claimed && measured)
    out.push_back({kind, *claimed, *measured, *measured, {}, holds(*claimed, *measured)});
}

void measuredAgainst(const AntennaFigures& c, const AntennaFigures& m, Checks& out) {
  const auto at_most_above = [](double slack) {
    return [slack](double claimed, double measured) { return measured <= claimed + slack; };
  };
  const auto no_better = [](double slack) {
    return [slack](double claimed, double measured) { return claimed <= measured + slack; };
  };
  against(ClaimKind::Gain, c.gain_dbi, m.gain_dbi, out, no_better(kClaimSlack_db));
  against(ClaimKind::Width, c.width_deg, m.width_deg, out, [](double claimed, double measured) {
    return std::abs(measured - claimed) <= kClaimWidth * claimed;
  });
  against(ClaimKind::Vswr, c.vswr, m.vswr, out, at_most_above(kVswrSlack));
  against(ClaimKind::AxialRatio, c.axial_ratio_db, m.axial_ratio_db, out, at_most_above(kClaimSlack_db));
  if (c.low_mhz && c.high_mhz && m.low_mhz && m.high_mhz && *c.high_mhz > *c.low_mhz) {
    const double claimed = *c.high_mhz - *c.low_mhz;
    const double held = std::max(std::min(*c.high_mhz, *m.high_mhz) - std::max(*c.low_mhz, *m.low_mhz), 0.0);
    out.push_back({ClaimKind::Band, claimed, held, held, {}, held >= claimed * (1 - kBandSlack)});
  }
  against(ClaimKind::FrontToBack, c.front_to_back_db, m.front_to_back_db, out, no_better(3 * kClaimSlack_db));
}

}  // namespace

std::vector<ClaimCheck> checkClaims(const AntennaFigures& claimed, const AntennaFigures& measured,
                                    double frequency_mhz) {
  requirePositive(frequency_mhz, "frequency_mhz");
  Checks out;
  gainOfWidth(claimed, out);
  helix(claimed, out);
  bandOfSize(claimed, frequency_mhz, out);
  measuredAgainst(claimed, measured, out);
  return out;
}

}  // namespace distanz::bench
