#include "core/plan/not_known.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/campaign/kit.h"

namespace distanz::plan {
namespace {

using namespace campaign;

/// By how it is known; `unsaid` where nothing is stated of it.
struct Spreads {
  double measured_db, claimed_db, assumed_db, unsaid_db;
};
constexpr Spreads kPower{0.3, 1, 2, 2}, kGain{0.5, 1.5, 2, 2}, kLoss{0.2, 0.5, 0.7, 0.5}, kFilter{0.2, 0.5, 0.7, 0},
    kReceiverSpread{0.5, 2, 2, 2};
constexpr double kMismatchKnown_db = 0.1, kMismatchUnsaid_db = 0.5, kPolarisationKnown_db = 0.7,
                 kPolarisationUnsaid_db = 1.5, kPointingKnown_db = 0.5, kPointingUnsaid_db = 1;

double sdOf(const Spreads& s, const PartValue* value) {
  if (!value) return s.unsaid_db;
  if (value->origin == Origin::Measured) return s.measured_db;
  return value->origin == Origin::Claimed ? s.claimed_db : s.assumed_db;
}

}  // namespace

NotKnown::NotKnown(const Campaign& c, const Link& link, const SetupLink& ends) {
  const auto add = [&](const char* what, double sd_db) {
    m_parts.push_back({what, sd_db});
    m_level_variance += sd_db * sd_db;
  };
  const auto both = [&](const char* what, double first_db, double second_db) {
    add(what, std::hypot(first_db, second_db));
  };
  const auto slot = [&](const Spreads& s, const Slot& at) { return sdOf(s, partValueAt(c, ends, at)); };
  const Part *transmit = findPart(c, ends.tx_antenna), *receive = findPart(c, ends.rx_antenna);
  const auto mismatch = [](const Part* antenna) {
    return antenna && mismatchLoss_db(*antenna) ? kMismatchKnown_db : kMismatchUnsaid_db;
  };
  add("power", slot(kPower, kTransmitPower));
  both("gain", slot(kGain, kTransmitGain), slot(kGain, kReceiveGain));
  both("loss", std::hypot(slot(kLoss, kTransmitLoss), slot(kLoss, kReceiveLoss)),
       std::hypot(slot(kFilter, kTransmitFilter), slot(kFilter, kReceiveFilter)));
  both("mismatch", mismatch(transmit), mismatch(receive));
  add("polarisation", polarisationLoss_db(transmit, receive) ? kPolarisationKnown_db : kPolarisationUnsaid_db);
  const Part* ground = groundAntenna(c, link, ends);
  const bool aimed = ground && ends.pointing_error_deg && pointingLoss_db(*ground, *ends.pointing_error_deg);
  add("pointing", aimed ? kPointingKnown_db : kPointingUnsaid_db);
  const double receiver = link.sensitivity_dbm ? kReceiverSpread.claimed_db : slot(kReceiverSpread, kReceiver);
  m_parts.push_back({"receiver", receiver});
  m_receiver_variance = receiver * receiver;
}

double NotKnown::path_sd_db(double distance_m) {
  return 10 * kExponentSd * std::log10(std::max(distance_m, 1.0));
}

double NotKnown::level_sd_db(double distance_m) const {
  const double path = path_sd_db(distance_m);
  return std::sqrt(m_level_variance + path * path);
}

double NotKnown::margin_sd_db(double distance_m) const {
  return std::hypot(level_sd_db(distance_m), std::sqrt(m_receiver_variance));
}

}  // namespace distanz::plan
