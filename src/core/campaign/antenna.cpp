#include "core/campaign/antenna.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/campaign/part.h"
#include "core/radio/mismatch.h"

namespace distanz::campaign {

using radio::AntennaKind;

namespace {

constexpr double kLeastBeam_dbi = 3.02, kMostBeam_dbi = 59.9;  // from half the sphere to a tenth of a degree

bool isBeamGain(double gain_dbi) {
  return gain_dbi >= kLeastBeam_dbi && gain_dbi <= kMostBeam_dbi;
}

constexpr double kWidestBeam_deg = 170;

/// Of a beam that was typed or measured as so wide; 0: nothing of use was.
double beamWidth_deg(const Part& antenna) {
  const double width = antenna.value("width_deg").value_or(0);
  return width < kWidestBeam_deg ? width : 0;
}

std::optional<AntennaKind> kindOf(const std::string& shape) {
  const std::pair<const char*, AntennaKind> kinds[] = {{"dipole", AntennaKind::Dipole},
                                                       {"bent-dipole", AntennaKind::BentDipole},
                                                       {"monopole", AntennaKind::Monopole},
                                                       {"patch", AntennaKind::Patch},
                                                       {"helix", AntennaKind::Helix},
                                                       {"yagi", AntennaKind::Yagi},
                                                       {"circular-omni", AntennaKind::CircularOmni}};
  for (const auto& [word, kind] : kinds)
    if (shape == word) return kind;
  return std::nullopt;
}

}  // namespace

std::optional<radio::AntennaShape> shapeOf(const Part& antenna) {
  const auto kind = kindOf(antenna.trait("shape"));
  if (!kind) return std::nullopt;
  radio::AntennaShape out{.kind = *kind};
  out.bend_deg = antenna.value("bend_deg").value_or(out.bend_deg);
  out.permittivity = antenna.value("permittivity").value_or(out.permittivity);
  out.turns = antenna.value("turns").value_or(out.turns);
  if (const auto pitch = antenna.value("pitch_deg"))
    out.spacing = out.circumference * std::tan(*pitch * std::numbers::pi / 180);
  if (*kind == AntennaKind::Yagi) {
    out.gain_dbi = antenna.value("gain_dbi").value_or(out.gain_dbi);
    out.width_deg = beamWidth_deg(antenna);
    if (out.width_deg > 0 && !isBeamGain(out.gain_dbi)) out.gain_dbi = radio::AntennaShape().gain_dbi;
  }
  if (const auto back = antenna.value("front_to_back_db"); back && *back > 0) out.front_to_back_db = *back;
  if (*kind == AntennaKind::Yagi && out.width_deg == 0 && !isBeamGain(out.gain_dbi)) return std::nullopt;
  return out;
}

std::vector<const char*> shapedBy(const Part& antenna) {
  const auto kind = kindOf(antenna.trait("shape"));
  switch (kind.value_or(AntennaKind::Yagi)) {
    case AntennaKind::BentDipole:
      return {"bend_deg"};
    case AntennaKind::Patch:
      return {"permittivity", "front_to_back_db"};
    case AntennaKind::Monopole:
      return {"front_to_back_db"};
    case AntennaKind::Helix:
      return {"turns", "pitch_deg"};
    case AntennaKind::Yagi:
      return {beamWidth_deg(antenna) > 0 ? "width_deg" : "gain_dbi", "front_to_back_db"};
    case AntennaKind::Dipole:
    case AntennaKind::CircularOmni:
    case AntennaKind::Isotropic:
      break;
  }
  return {};
}

std::shared_ptr<const radio::Pattern> patternOf(const Part& antenna, bool bent) {
  auto shape = shapeOf(antenna);
  if (shape && bent && shape->kind == AntennaKind::Dipole) shape->kind = AntennaKind::BentDipole;
  if (shape) return radio::patternOf(*shape);
  const auto gain = antenna.value("gain_dbi");
  if (!antenna.trait("shape").empty() || !gain || !isBeamGain(*gain)) return nullptr;
  return radio::patternOf(
      {.kind = AntennaKind::Yagi,
       .gain_dbi = *gain,
       .width_deg = beamWidth_deg(antenna),
       .front_to_back_db = std::max(antenna.value("front_to_back_db").value_or(20), 0.1)});
}

std::optional<radio::Polarisation> polarisationOf(const Part& antenna) {
  const std::string hand = antenna.trait("hand");
  if (hand.empty()) return std::nullopt;
  radio::Polarisation out;
  out.hand = hand == "right" ? radio::Hand::Right : hand == "left" ? radio::Hand::Left : radio::Hand::None;
  out.axial_ratio_db = antenna.value("axial_ratio_db").value_or(kUsualAxialRatio_db);
  out.tilt_deg = antenna.value("tilt_deg").value_or(0);
  return out;
}

std::optional<double> polarisationLoss_db(const Part* transmit, const Part* receive) {
  const auto a = transmit ? polarisationOf(*transmit) : std::nullopt,
             b = receive ? polarisationOf(*receive) : std::nullopt;
  if (!a || !b) return std::nullopt;
  return std::clamp(radio::polarisationLoss_db(*a, *b), 0.0, kMostPolarisationLoss_db);
}

std::optional<double> pointingLoss_db(const Part& antenna, double error_deg) {
  const auto shape = shapeOf(antenna);
  if (shape && !radio::isBeam(shape->kind)) return std::nullopt;
  const auto pattern = patternOf(antenna);
  if (!pattern) return std::nullopt;
  return std::max(pattern->gain_dbi({0, 0}) - pattern->gain_dbi({error_deg, 0}), 0.0);
}

std::optional<double> mismatchLoss_db(const Part& antenna) {
  const auto vswr = antenna.value("vswr");
  if (!vswr) return std::nullopt;
  const auto gain = antenna.values.find("gain_dbi");
  if (gain != antenna.values.end() && gain->second.origin == Origin::Measured) return std::nullopt;
  return radio::mismatchLoss_db(radio::reflection(*vswr));
}

const Part* groundAntenna(const Campaign& campaign, const Link& link, const SetupLink& ends) {
  return findPart(campaign, link.kind == LinkKind::Video ? ends.rx_antenna : ends.tx_antenna);
}

const Part* aircraftAntenna(const Campaign& campaign, const Link& link, const SetupLink& ends) {
  return findPart(campaign, link.kind == LinkKind::Video ? ends.tx_antenna : ends.rx_antenna);
}

}  // namespace distanz::campaign
