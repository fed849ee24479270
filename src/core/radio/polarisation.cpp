#include "core/radio/polarisation.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

struct Stokes {
  double linear, circular;  // share of each in the fully polarised state; the squares sum to 1
};

Stokes stokesOf(const Polarisation& p) {
  if (p.hand == Hand::None) return {1, 0};
  if (!(p.axial_ratio_db >= 0)) throw DomainError("axial_ratio_db >= 0");
  const double e = std::pow(10, -p.axial_ratio_db / 20), square = e * e;  // short axis over long axis
  const double circular = 2 * e / (1 + square);
  return {(1 - square) / (1 + square), p.hand == Hand::Right ? circular : -circular};
}

double efficiency(const Stokes& a, const Stokes& b, double cos_twice_tilt) {
  return std::max((1 + a.circular * b.circular + a.linear * b.linear * cos_twice_tilt) / 2, 0.0);
}

double loss_db(double share) {
  return share > 0 ? -10 * std::log10(share) : INFINITY;
}

Polarisation bounced(Polarisation p) {
  if (p.hand != Hand::None) p.hand = p.hand == Hand::Right ? Hand::Left : Hand::Right;
  p.tilt_deg = -p.tilt_deg;
  return p;
}

}  // namespace

double polarisationEfficiency(const Polarisation& a, const Polarisation& b) {
  requireFinite(a.tilt_deg, "tilt_deg");
  requireFinite(b.tilt_deg, "tilt_deg");
  // A right angle between linear antennas is no power at all, not what rounding leaves of it.
  const double apart_deg = std::remainder(a.tilt_deg - b.tilt_deg, 180);
  const double cosine = std::abs(apart_deg) == 90 ? -1 : std::cos(2 * apart_deg * std::numbers::pi / 180);
  return efficiency(stokesOf(a), stokesOf(b), cosine);
}

double polarisationLoss_db(const Polarisation& a, const Polarisation& b) {
  return loss_db(polarisationEfficiency(a, b));
}

PolarisationSpan polarisationSpan(Polarisation a, Polarisation b) {
  const Stokes sa = stokesOf(a), sb = stokesOf(b);
  return {loss_db(efficiency(sa, sb, 1)), loss_db(efficiency(sa, sb, -1))};
}

double polarisationLossWithBounce_db(const Polarisation& a, const Polarisation& b, double share) {
  if (!(share >= 0 && share <= 1)) throw DomainError("0 <= bounced <= 1");
  return loss_db((1 - share) * polarisationEfficiency(a, b) + share * polarisationEfficiency(bounced(a), b));
}

}  // namespace distanz::radio
